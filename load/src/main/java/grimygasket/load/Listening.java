package grimygasket.load;

import com.google.gson.JsonParser;
import grimygasket.e2e.installation.Phone;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;

/** A second device of somebody that only listens, and gets anew what concerns it, as the page does. */
final class Listening implements AutoCloseable {
    /** As in useFeed.ts. */
    private static final long IN_ONE_GO_MILLIS = 300;

    private final Phone phone;
    private final String account;
    private final Set<String> changed = ConcurrentHashMap.newKeySet();
    private final ScheduledExecutorService later = Executors.newSingleThreadScheduledExecutor();
    private final AtomicInteger heard = new AtomicInteger();
    private final AtomicInteger requests = new AtomicInteger();
    private final AtomicInteger failed = new AtomicInteger();
    private final Thread listener = new Thread(this::listen);
    private volatile boolean ended;

    String account() {
        return account;
    }

    Listening(Phone phone, String account) {
        this.phone = phone;
        this.account = account;
        listener.setDaemon(true);
        listener.start();
        later.scheduleWithFixedDelay(this::look, IN_ONE_GO_MILLIS, IN_ONE_GO_MILLIS, TimeUnit.MILLISECONDS);
    }

    private void listen() {
        while (!ended) {
            try (var lines = phone.http()
                    .send(phone.endless("/api/feed"), HttpResponse.BodyHandlers.ofLines())
                    .body()) {
                lines.filter(line -> line.startsWith("data:{\"seq")).forEach(this::hear);
            } catch (IOException | RuntimeException e) {
                // It is opened again, as a browser does.
                fails();
            } catch (InterruptedException e) {
                return;
            }
        }
    }

    private void hear(String line) {
        var event = JsonParser.parseString(line.substring("data:".length())).getAsJsonObject();
        heard.incrementAndGet();
        if (event.has("account") && event.get("account").getAsString().equals(account)) {
            changed.add(event.get("call").getAsString());
        }
    }

    private void look() {
        var some = Set.copyOf(changed);
        changed.removeAll(some);
        for (var call : some) {
            get("/api/device/calls/" + call);
        }
        if (!some.isEmpty()) {
            get("/api/round");
        }
    }

    private void get(String path) {
        requests.incrementAndGet();
        try {
            var answer = phone.http().send(phone.request(path).build(), HttpResponse.BodyHandlers.discarding());
            if (answer.statusCode() != 200) {
                fails();
            }
        } catch (IOException e) {
            fails();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** What is cut off at the end has not failed. */
    private void fails() {
        if (!ended) {
            failed.incrementAndGet();
        }
    }

    /** How many changes it was told of, of whomever. */
    int heard() {
        return heard.get();
    }

    /** How many requests it made for them. */
    int requests() {
        return requests.get();
    }

    int failed() {
        return failed.get();
    }

    @Override
    public void close() {
        ended = true;
        later.shutdownNow();
        listener.interrupt();
    }
}
