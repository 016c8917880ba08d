package grimygasket.server.calls;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import java.util.List;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What can hurt is confirmed once a call, with its time, before the call can be closed without a reason. */
public class SafetyTest extends ServerTest {
    private static List<String> safe(JsonNode call) {
        return Calls.gaps(call, "SAFE");
    }

    @Test
    public void aCautionIsConfirmedOnceAndTakenBack() {
        var call = Calls.add(signedIn());
        assertTrue(safe(call.get().body()).isEmpty(), "nothing is done that could hurt");
        var looked = call.enter("CHECK", "valve-ball", "open").body();
        assertEquals(
                safe(looked),
                List.of("Not confirmed: “Cuts”.", "Not confirmed: “Tipping”.", "Not confirmed: “Electric shock”."),
                "of the check, of the rack and of the cover that had to come out");

        call.keepCaution("shock");
        call.keepCaution("tips");
        var kept = call.keepCaution("glass").body();
        assertTrue(safe(kept).isEmpty());
        assertEquals(kept.path("cautions").path(0).path("by").asString(), "Maren Tolliver");
        var mine = kept.path("cautions").path(2);
        assertEquals(mine.path("caution").asString(), "glass");
        call.seenBy(signedIn("rollo")).keepCaution("glass");
        assertTrue(safe(call.takeBackCaution(mine).body()).isEmpty(), "another has looked, too");
        var theirs = call.get().body().path("cautions").path(2);
        assertEquals(theirs.path("by").asString(), "Rollo Fenn");
        assertFalse(safe(call.takeBackCaution(theirs).body()).isEmpty());
    }

    @Test
    public void onlyCautionsOfTheMachineCanBeConfirmed() {
        var call = Calls.add(signedIn());
        var refused = call.keepCaution("dragons");
        assertEquals(refused.status(), 404);
        assertTrue(refused.detail().contains("dragons"), refused.detail());
    }

    @Test
    public void anUnconfirmedCautionIsNotForATechnicianToSignOff() {
        var call = Calls.add(signedIn());
        call.enter("CHECK", "valve-ball", "open");
        var colleague = call.seenBy(signedIn("rollo"));
        var refused = colleague.close(call.version(), "In a hurry");
        assertEquals(refused.kind(), "gaps");
        assertTrue(refused.detail().contains("Not confirmed: “Cuts”."), refused.detail());
        assertEquals(
                call.close(call.version(), "Looked at with the lead on the phone")
                        .status(),
                200);
        var opened = colleague.reopen();
        assertEquals(opened.kind(), "closed");
        assertTrue(opened.detail().contains("only the lead opens it again"), opened.detail());
        assertEquals(call.reopen().status(), 200);
    }
}
