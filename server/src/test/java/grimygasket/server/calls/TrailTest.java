package grimygasket.server.calls;

import static org.testng.Assert.assertEquals;

import grimygasket.server.ServerTest;
import java.util.List;
import java.util.UUID;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Nothing that was done to a call is without a trace. */
public class TrailTest extends ServerTest {
    private static String told(JsonNode trace) {
        return String.join(
                " ",
                trace.path("by").asString(),
                trace.path("kind").asString(),
                trace.path("became").asString(),
                trace.path("change").path("finding").path("symptom").asString(""));
    }

    @Test
    public void whoDidWhatIsToldAlsoWhatWasTakenBackAndWhatWasRefused() {
        var call = Calls.add(signedIn());
        var rollo = call.seenBy(signedIn("rollo"));
        rollo.enter("SYMPTOM", "smell", "yes");
        call.enter("SYMPTOM", "smell", "no");
        call.enter("SYMPTOM", "dragons", "yes");
        var entry = call.get().body().path("story").path(0);
        call.send("{\"kind\": \"take-back\", \"entry\": \"%s\", \"base\": %d}"
                .formatted(entry.path("id").asString(), entry.path("version").asInt()));
        var trail = signedIn("rollo").get(call.path + "/trail").body();
        assertEquals(
                trail.valueStream().map(TrailTest::told).map(String::strip).toList(),
                List.of(
                        "Maren Tolliver begin APPLIED",
                        "Rollo Fenn settle APPLIED smell",
                        "Maren Tolliver settle CONFLICT smell",
                        "Maren Tolliver settle REFUSED dragons",
                        "Maren Tolliver take-back APPLIED"));
        assertEquals(
                trail.path(4).path("change").path("entry").asString(),
                trail.path(1).path("id").asString());
    }

    @Test
    public void aRepeatIsNotToldTwiceAndACallThatIsNotThereHasNoTrail() {
        var client = signedIn();
        var call = Calls.add(client);
        var id = UUID.randomUUID();
        call.enter(id, "SYMPTOM", "smell", "yes");
        call.enter(id, "SYMPTOM", "smell", "yes");
        assertEquals(client.get(call.path + "/trail").body().size(), 2);
        assertEquals(client.get("/api/calls/" + UUID.randomUUID() + "/trail").kind(), "not-found");
    }
}
