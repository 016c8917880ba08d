package grimygasket.server;

import grimygasket.server.web.ApiDocument;
import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.UUID;
import java.util.function.Predicate;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.context.annotation.Import;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.context.testng.AbstractTestNGSpringContextTests;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The running server with demo data on the database that the environment names; ./verify starts one. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {
            "GASKET_DEMO=true",
            "GASKET_FIRST_LOGIN=maren",
            "GASKET_FIRST_PASSWORD=" + ServerTest.PASSWORD,
            "GASKET_PASSWORD_ROUNDS=4",
            "springdoc.api-docs.version=openapi_3_1",
            "springdoc.writer-with-order-by-keys=true",
            "springdoc.paths-to-match=/api/**",
            // It only says that the API document exists, and that a sign-in guards it is ours to see to.
            "logging.level.org.springdoc=warn"
        })
@Import(ApiDocument.class)
public abstract class ServerTest extends AbstractTestNGSpringContextTests {
    protected static final String PASSWORD = "a-test-of-gaskets";

    @LocalServerPort
    private int port;

    @Autowired
    protected JdbcClient jdbc;

    @Autowired
    protected JsonMapper json;

    /** An answer with its body as a tree; the missing node where there is none. */
    public record Answer(int status, JsonNode body, HttpResponse<String> response) {
        public String kind() {
            return body.path("type").asString("").replace("urn:grimy-gasket:", "");
        }

        public String detail() {
            return body.path("detail").asString("");
        }
    }

    /** A browser, as far as cookies and the CSRF token go. */
    public final class Client {
        private final CookieManager cookies = new CookieManager();
        private final HttpClient http =
                HttpClient.newBuilder().cookieHandler(cookies).build();

        private UUID device = UUID.randomUUID();
        private String address = "http://127.0.0.1:" + port;

        /** A browser that has reached the server by a name, to which passkeys belong. */
        public Client byName() {
            address = "http://localhost:" + port;
            return this;
        }

        /** The same browser as another one was, with cookies of its own. */
        public Client onDeviceOf(Client other) {
            device = other.device;
            return this;
        }

        public UUID device() {
            return device;
        }

        /** Forgets its session; who is returned has it instead, and nothing else. */
        public Client sessionForgotten() {
            var other = new Client();
            for (var cookie : List.copyOf(cookies.getCookieStore().getCookies())) {
                if (cookie.getName().equals("GASKET")) {
                    other.cookies.getCookieStore().add(URI.create(address), cookie);
                    cookies.getCookieStore().remove(URI.create(address), cookie);
                }
            }
            return other;
        }

        public Answer get(String path) {
            return send("GET", path, null, true);
        }

        public Answer post(String path, String body) {
            return send("POST", path, body, true);
        }

        public Answer put(String path, String body) {
            return send("PUT", path, body, true);
        }

        /** Puts a photo. */
        public Answer putPhoto(String path, byte[] bytes) {
            return send("PUT", path, HttpRequest.BodyPublishers.ofByteArray(bytes), "image/png", true);
        }

        public Answer delete(String path) {
            return send("DELETE", path, null, true);
        }

        public Answer send(String method, String path, String body, boolean withToken) {
            var publisher =
                    body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body);
            var type = path.matches("/api/(%73|s)ession") ? "application/x-www-form-urlencoded" : "application/json";
            return send(method, path, publisher, type, withToken);
        }

        private Answer send(
                String method, String path, HttpRequest.BodyPublisher body, String type, boolean withToken) {
            var request = HttpRequest.newBuilder(URI.create(address + path))
                    .header("Content-Type", type)
                    .header("X-Device", device.toString())
                    .method(method, body);
            if (withToken) {
                request.header("X-XSRF-TOKEN", token());
            }
            try {
                var response = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
                var text = response.body();
                return new Answer(
                        response.statusCode(),
                        text.startsWith("{") || text.startsWith("[") ? json.readTree(text) : json.missingNode(),
                        response);
            } catch (IOException e) {
                throw new IllegalStateException(e);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(e);
            }
        }

        /** Posts something that says of itself what it is. */
        public Answer sendAs(String path, String type, String body) {
            return send("POST", path, HttpRequest.BodyPublishers.ofString(body), type, true);
        }

        public Answer postCsv(String path, String csv) {
            return send("POST", path, HttpRequest.BodyPublishers.ofString(csv), "text/csv", true);
        }

        /** Reads an endless answer line by line, as long as more is wanted. */
        public void lines(String path, Predicate<String> more) {
            lines(path, null, more);
        }

        /** The same, for whoever was told a last event before; null for whoever was not. */
        public void lines(String path, String lastEvent, Predicate<String> more) {
            var request = HttpRequest.newBuilder(URI.create(address + path));
            if (lastEvent != null) {
                request.header("Last-Event-ID", lastEvent);
            }
            try (var lines = http.send(request.build(), HttpResponse.BodyHandlers.ofLines())
                    .body()) {
                lines.allMatch(more);
            } catch (IOException e) {
                throw new IllegalStateException(e);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(e);
            }
        }

        /** A file that is not text. */
        public HttpResponse<byte[]> bytes(String path) throws IOException, InterruptedException {
            var request = HttpRequest.newBuilder(URI.create(address + path));
            return http.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
        }

        public Answer signIn(String login, String password) {
            get("/api/session");
            var answer = post("/api/session", "login=" + login + "&password=" + password);
            get("/api/session");
            return answer;
        }

        private String token() {
            return cookies.getCookieStore().getCookies().stream()
                    .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                    .map(cookie -> cookie.getValue())
                    .findFirst()
                    .orElse("none");
        }
    }

    protected int port() {
        return port;
    }

    protected Client client() {
        return new Client();
    }

    protected Client signedIn() {
        return signedIn("maren");
    }

    protected Client signedIn(String login) {
        var client = new Client();
        client.signIn(login, PASSWORD);
        return client;
    }
}
