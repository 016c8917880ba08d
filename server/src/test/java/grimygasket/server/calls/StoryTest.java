package grimygasket.server.calls;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Entries as they are sent again, taken back, corrected, and as they exclude each other. */
public class StoryTest extends ServerTest {
    private static double chance(JsonNode call, String fault) {
        return call.path("assessment")
                .path("ranking")
                .valueStream()
                .filter(suspect -> suspect.path("fault").asString().equals(fault))
                .findFirst()
                .orElseThrow()
                .path("chance")
                .asDouble();
    }

    /** A device that still runs the version before calls it a sign. */
    @Test
    public void aSymptomThatWasEnteredBeforeANewVersionIsTakenOnce() {
        var call = Calls.add(signedIn());
        var id = UUID.randomUUID();
        var before = call.send(id, """
                {"kind": "settle", "finding": {"kind": "sign-settled", "sign": "smell", "answer": "YES", "complaint": true}}""");
        assertEquals(before.status(), 200, "" + before.body());
        var finding = before.body().path("story").path(0).path("finding");
        assertEquals(finding.path("kind").asString(), "symptom-settled");
        assertEquals(finding.path("symptom").asString(), "smell");
        var again = call.send(id, """
                {"kind": "settle", "finding": {"kind": "symptom-settled", "symptom": "smell", "answer": "YES", "complaint": true}}""");
        assertEquals(again.status(), 200, "the same under today's name");
        assertEquals(again.body().path("story").size(), 1);
    }

    @Test
    public void anIdIsOfOneEntryOnly() {
        var call = Calls.add(signedIn());
        var id = UUID.randomUUID();
        assertEquals(call.enter(id, "SYMPTOM", "smell", "yes").status(), 200);
        assertEquals(call.enter(id, "SYMPTOM", "smell", "yes").status(), 200, "the same again changes nothing");
        var other = call.enter(id, "SYMPTOM", "rattle", "yes");
        assertEquals(other.kind(), "invalid");
        assertTrue(other.detail().contains("repeat of another entry"), other.detail());
        assertEquals(call.get().body().path("story").size(), 1);
    }

    @Test
    public void whatWasTakenBackDoesNotComeAgainWithALateRepeat() {
        var call = Calls.add(signedIn());
        var id = UUID.randomUUID();
        call.enter(id, "SYMPTOM", "smell", "yes");
        call.takeBack(id.toString(), 1);
        assertEquals(
                call.enter(id, "SYMPTOM", "smell", "yes").body().path("story").size(), 0);
        assertEquals(call.enter("SYMPTOM", "smell", "no").body().path("story").size(), 1, "it can be answered anew");
    }

    /** The symptom seen before and after a remedy stands twice; with the remedy gone the last answer counts, and counts once. */
    @Test
    public void aRemedyTakenBackJoinsWhatItParted() {
        var call = Calls.add(signedIn());
        call.enter("SYMPTOM", "standing-water", "yes");
        var remedy = UUID.randomUUID();
        call.enter(remedy, "REMEDY", "open-tap", "still-failing");
        var twice = call.enter("SYMPTOM", "standing-water", "no").body();
        assertEquals(twice.path("story").size(), 3);
        var joined = call.takeBack(remedy.toString(), 1).body();
        var anew = Calls.add(signedIn());
        var once = anew.enter("SYMPTOM", "standing-water", "no").body();
        assertEquals(chance(joined, "impeller-jammed"), chance(once, "impeller-jammed"), 1e-12);
    }

    @Test
    public void symptomsThatExcludeEachOtherDoNotStandTogether() {
        var call = Calls.add(signedIn());
        call.enter("SYMPTOM", "pump-hums", "yes");
        var refused = call.enter("SYMPTOM", "pump-silent", "yes");
        assertEquals(refused.kind(), "invalid");
        assertTrue(refused.detail().contains("exclude each other"), refused.detail());
        assertEquals(call.enter("SYMPTOM", "pump-silent", "no").status(), 200);
        var no = call.get().body().path("story").path(1);
        assertEquals(call.correct(no, "yes").kind(), "invalid");
    }

    @Test
    public void somethingBurningStopsTheCallUntilItIsMadeSafe() {
        var call = Calls.add(signedIn());
        var stopped = call.enter("SYMPTOM", "alarm", "yes").body();
        var plan = stopped.path("assessment").path("plan");
        assertEquals(plan.path("next").path("kind").asString(), "STOP");
        assertEquals(plan.path("alternatives").size(), 0);
        assertEquals(stopped.path("stands").asString(), "SAFE");
        assertEquals(
                Calls.gaps(stopped, "SAFE"),
                List.of(
                        "Not confirmed: “Stop and make it safe”.",
                        "After the alarm it stays without power until these have found nothing: Look and smell for a"
                                + " scorched plug, contact or wire, Measure the insulation to earth."));
        var safe = call.keepCaution("alarm").body().path("assessment").path("plan");
        assertFalse(safe.path("next").path("kind").asString().equals("STOP"));
        assertEquals(safe.path("next").path("id").asString(), "scorch-look", "looked at unplugged");
        assertTrue(safe.toString().contains("insulation"), "measured unplugged");
        assertEquals(call.enter("CHECK", "forced-drain", "silent").kind(), "invalid", "nor is it entered as run");
        assertFalse(safe.toString().contains("forced-drain"), "it is not run");
    }

    @Test
    public void aComplaintIsKeptAsOne() {
        var client = signedIn();
        var call = Calls.add(client);
        var complained = call.enter("COMPLAINT", "rattle", "yes");
        assertTrue(complained
                .body()
                .path("story")
                .path(0)
                .path("finding")
                .path("complaint")
                .asBoolean());
        var noticed = Calls.add(client);
        var seen = noticed.enter("SYMPTOM", "rattle", "yes").body();
        assertFalse(seen.path("story").path(0).path("finding").path("complaint").asBoolean());
        assertTrue(
                chance(complained.body(), "object-in-sump") > chance(seen, "object-in-sump"), "nobody calls by chance");
    }

    @Test
    public void whatIsEnteredAfterTheServersClockWasSetBackStandsAfterAllThatWasEnteredBefore() {
        var call = Calls.add(signedIn());
        call.enter("CHECK", "filter-look", "clogged");
        // As if it had been three hours later then.
        jdbc.sql("""
                        insert into command_log (id, call_id, account_id, device, device_seq, made_at, received_at, kind, body, outcome)
                        select uuid(), call_id, account_id, device, device_seq, made_at, received_at + interval 3 hour, 'repeat', '{}', 'SAME'
                        from command_log where call_id = :call order by seq desc limit 1
                        """).param("call", call.id()).update();
        call.enter("SYMPTOM", "smell", "yes");
        call.enter("SYMPTOM", "rattle", "yes");
        var story = call.get().body().path("story");
        long first = story.path(0).path("at").asLong();
        assertTrue(
                story.path(1).path("at").asLong() >= first + Duration.ofHours(3).toMillis(), story.toString());
        assertTrue(story.path(2).path("at").asLong() > story.path(1).path("at").asLong(), story.toString());
        assertEquals(story.path(2).path("finding").path("symptom").asString(), "rattle");
    }
}
