package grimygasket.server.calls;

import static org.testng.Assert.assertEquals;

import grimygasket.server.ServerTest;
import java.util.UUID;
import org.testng.annotations.Test;

/** What is kept of a customer, put right. */
public class CustomerDataTest extends ServerTest {
    private static String correction(String was, String now) {
        return "{\"was\": %s, \"now\": %s}".formatted(was, now);
    }

    private static String data(String name, String street, String phone) {
        return "{\"name\": \"%s\", \"street\": \"%s\", \"phone\": \"%s\"}".formatted(name, street, phone);
    }

    private String path(Client client, Calls call) {
        return "/api/customers/"
                + call.held().body().path("customer").path("id").asString();
    }

    private Calls begun(Client client) {
        var call = Calls.on(client, UUID.randomUUID());
        call.send(Calls.begin("Leaks", "Wilhelmina Tarn", "Corvanne"));
        return call;
    }

    private String was(Client client, Calls call) {
        var stands = call.held().body().path("customer");
        return data(
                stands.path("name").asString(),
                stands.path("street").asString(),
                stands.path("phone").asString());
    }

    @Test
    public void whoTheyAreIsPutRightOnEveryCallAndInTheSearch() {
        var client = signedIn("rollo");
        var call = begun(client);
        var put = client.put(
                path(client, call),
                correction(was(client, call), data("  Wilhelmina Tarnow ", "4 Weir Lane", "0455 90 90 91")));
        assertEquals(put.status(), 200, put.detail());
        var stands = call.held().body().path("customer");
        assertEquals(stands.path("name").asString(), "Wilhelmina Tarnow");
        assertEquals(stands.path("street").asString(), "4 Weir Lane");
        assertEquals(client.get("/api/customers?search=tarnow").body().size(), 1);
        var trail = client.get(call.path + "/trail").body();
        assertEquals(trail.path(trail.size() - 1).path("kind").asString(), "correct-customer");
    }

    @Test
    public void ofTwoAtOnceTheSecondIsAsked() {
        var client = signedIn();
        var call = begun(client);
        var before = was(client, call);
        var path = path(client, call);
        client.put(path, correction(before, data("First Of Two", "1 Weir Lane", "")));
        assertEquals(
                client.put(path, correction(before, data("Second Of Two", "", "")))
                        .kind(),
                "stale");
        assertEquals(
                client.put(path, correction(before, data("First Of Two", "1 Weir Lane", "")))
                        .status(),
                200,
                "once more the same is no harm");
    }

    @Test
    public void whatIsNobodyIsRefused() {
        var client = signedIn();
        var call = begun(client);
        var before = was(client, call);
        var nameless = client.put(path(client, call), correction(before, data(" ", "", "")));
        assertEquals(nameless.kind(), "invalid");
        assertEquals(nameless.detail(), "Enter the customer's name.");
        assertEquals(
                client.put("/api/customers/" + UUID.randomUUID(), correction(before, data("Nobody", "", "")))
                        .kind(),
                "not-found");
    }
}
