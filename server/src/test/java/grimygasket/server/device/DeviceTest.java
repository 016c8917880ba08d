package grimygasket.server.device;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import grimygasket.server.calls.Calls;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Set;
import java.util.UUID;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What a device is given of a call. */
public class DeviceTest extends ServerTest {
    @Test
    public void aDeviceHoldsTheRecordAndWhatItIsHeldAgainst() {
        var client = signedIn();
        var call = Calls.add(client);
        call.enter("CHECK", "filter-look", "clogged");
        call.lay("filter");
        var held = client.get("/api/device/calls/" + call.id()).body();
        assertEquals(
                held.path("call")
                        .path("story")
                        .path(0)
                        .path("finding")
                        .path("kind")
                        .asString(),
                "check-made");
        assertEquals(
                held.path("call")
                        .path("lines")
                        .path(0)
                        .path("what")
                        .path("kind")
                        .asString(),
                "laid");
        assertEquals(held.path("call").path("changes").size(), 1);
        assertTrue(held.path("circumstances").path("shelf").size() > 0);
        assertTrue(held.path("customer").path("name").isString());

        var knowhow = client.get("/api/device/know-how/" + held.path("knowhow").asString());
        var text = knowhow.response().body().getBytes(StandardCharsets.UTF_8);
        assertEquals(GzipText.of(text).plain(), text);
        assertEquals(knowhow.body().path("pack").path("id").asString(), "dishwasher");
        var headers = knowhow.response().headers();
        assertTrue(headers.firstValue("Cache-Control").orElse("").contains("no-cache"), "its form may change");
        assertTrue(headers.firstValue("ETag").isPresent());
    }

    @Test
    public void theNextDaysNeedYesterdayToTheThirdDayAheadAndWhatIsStillOpen() {
        var client = signedIn();
        var today = LocalDate.parse(
                client.get("/api/device/next-days").body().path("today").asString());
        var old = Calls.add(client, today.minusDays(30));
        var wanted = Set.of(
                old.id(),
                Calls.add(client, today).id(),
                Calls.add(client, today.plusDays(3)).id());
        var later = Calls.add(client, today.plusDays(4)).id();

        var days = client.get("/api/device/next-days").body();
        var ids = days.path("calls")
                .valueStream()
                .map(one -> UUID.fromString(one.path("call").asString()))
                .toList();
        assertTrue(ids.containsAll(wanted), ids + " of " + wanted);
        assertFalse(ids.contains(later));
        assertEquals(days.path("kinds").size(), 4);
        var kind = days.path("kinds").path(0);
        assertEquals(
                kind.path("knowhow").asString(),
                kind.path("kind").asString() + "/" + kind.path("revision").asInt());
        assertTrue(kind.path("shelf").valueStream().anyMatch(part -> !part.has("maker")));
        assertTrue(kind.path("shelf").valueStream().anyMatch(part -> part.has("maker")), "of every maker");
    }

    private static JsonNode nextDays(Client client, String digest) {
        return client.get("/api/device/next-days?shelf=" + digest).body();
    }

    private static void counts(Client client, String van, int count) {
        var body = "{\"id\": \"%s\", \"reason\": \"COUNTED\", \"count\": %d, \"van\": \"%s\"}";
        var valve = "0193a000-0000-7000-8000-000000000308";
        assertEquals(
                client.post("/api/parts/" + valve + "/moves", body.formatted(UUID.randomUUID(), count, van))
                        .status(),
                200);
    }

    @Test
    public void thePartsComeOnlyWhereTheyAreOthersThanThoseOnTheDevice() {
        var client = signedIn();
        var own = client.get("/api/session").body().path("id").asString();
        counts(client, own, 5);
        var digest = nextDays(client, "").path("shelfDigest").asString();
        assertFalse(nextDays(client, digest).path("kinds").path(0).has("shelf"), "they are the same");
        counts(client, own, 4);
        var after = nextDays(client, digest);
        assertTrue(after.path("kinds").path(0).has("shelf"), "one is off the van");
        assertTrue(
                nextDays(signedIn("rollo"), after.path("shelfDigest").asString())
                        .path("kinds")
                        .path(0)
                        .has("shelf"),
                "another van is another");
    }
}
