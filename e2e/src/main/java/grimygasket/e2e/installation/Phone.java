package grimygasket.e2e.installation;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.UUID;

/** A device without its page: somebody is signed in on it, and it sends commands. */
public final class Phone {
    private static final Duration PATIENCE = Duration.ofSeconds(20);

    private final UUID device = UUID.randomUUID();
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder()
            .cookieHandler(cookies)
            .connectTimeout(Duration.ofSeconds(5))
            .build();
    private final String address;

    /** Id of the history of the server's log, as it said last; null before it has. */
    private volatile String history;

    public Phone(String address, String login) throws IOException, InterruptedException {
        this(address, login, Installation.PASSWORD);
    }

    public Phone(String address, String login, String password) throws IOException, InterruptedException {
        this.address = address;
        get("/api/session");
        send("/api/session", "login=" + login + "&password=" + password, "application/x-www-form-urlencoded", PATIENCE);
        get("/api/session");
    }

    public UUID device() {
        return device;
    }

    public String history() {
        return history;
    }

    /** Sends a command, and waits for its status; an answer that takes too long is lost. */
    public int send(String call, UUID id, long seq, String change, Duration patience)
            throws IOException, InterruptedException {
        return send(call, id, seq, change, false, patience);
    }

    /** @param returned whether it was acknowledged before, and is given back */
    public int send(String call, UUID id, long seq, String change, boolean returned, Duration patience)
            throws IOException, InterruptedException {
        var body = """
                {"sentAt": %1$d, "returned": %7$s, "command": {"id": "%2$s", "call": "%3$s", "device": "%4$s", "seq": %5$d, "at": %1$d,
                 "change": %6$s}}
                """.formatted(System.currentTimeMillis(), id, call, device, seq, change, returned);
        return send("/api/commands", body, "application/json", patience);
    }

    /** Reads a code on a call's machine. */
    public void enterCode(String call, String code) throws IOException, InterruptedException {
        var change = """
                {"kind": "settle", "finding": {"kind": "code-read", "shown": "%s"}}""".formatted(code);
        int status = send(call, UUID.randomUUID(), 1, change, PATIENCE);
        if (status != 200) {
            throw new IllegalStateException(code + " was answered by " + status);
        }
    }

    public HttpClient http() {
        return http;
    }

    /** A request whose answer does not end. */
    public HttpRequest endless(String path) {
        return HttpRequest.newBuilder(URI.create(address + path))
                .header("X-Device", device.toString())
                .build();
    }

    /** A request as this device makes it. */
    public HttpRequest.Builder request(String path) {
        return request(path, PATIENCE);
    }

    public String get(String path) throws IOException, InterruptedException {
        var answer = http.send(request(path).build(), HttpResponse.BodyHandlers.ofString());
        answer.headers().firstValue("Gasket-History").ifPresent(said -> history = said);
        return answer.body();
    }

    /** Puts something there, and wants it to be taken. */
    public void put(String path, String body) throws IOException, InterruptedException {
        var request = request(path)
                .header("Content-Type", "application/json")
                .PUT(HttpRequest.BodyPublishers.ofString(body))
                .build();
        int status = http.send(request, HttpResponse.BodyHandlers.discarding()).statusCode();
        if (status != 200) {
            throw new IllegalStateException(path + " was answered by " + status);
        }
    }

    /** Changes how many of a part are on a van, and says with which status that was answered. */
    public int move(String part, String body) throws IOException, InterruptedException {
        return send("/api/parts/" + part + "/moves", body, "application/json", PATIENCE);
    }

    private int send(String path, String body, String type, Duration patience)
            throws IOException, InterruptedException {
        var request = request(path, patience)
                .header("Content-Type", type)
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
        var answer = http.send(request, HttpResponse.BodyHandlers.discarding());
        answer.headers().firstValue("Gasket-History").ifPresent(said -> history = said);
        return answer.statusCode();
    }

    private HttpRequest.Builder request(String path, Duration patience) {
        return HttpRequest.newBuilder(URI.create(address + path))
                .timeout(patience)
                .header("X-Device", device.toString())
                .header("X-XSRF-TOKEN", token());
    }

    private String token() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .map(cookie -> cookie.getValue())
                .findFirst()
                .orElse("none");
    }
}
