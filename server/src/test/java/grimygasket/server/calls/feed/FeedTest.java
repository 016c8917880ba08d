package grimygasket.server.calls.feed;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import grimygasket.server.calls.Calls;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.testng.annotations.Test;

/** What somebody changes is told to everybody who listens. */
public class FeedTest extends ServerTest {
    private static final int LONGEST_SECONDS = 60;

    /** Listens until a line has a text, and says which lines came. */
    private CompletableFuture<List<String>> listen(Client client, String wanted, CountDownLatch begun, String last) {
        return CompletableFuture.supplyAsync(() -> {
            var lines = new ArrayList<String>();
            client.lines("/api/feed", last, line -> {
                lines.add(line);
                begun.countDown();
                return !line.contains(wanted);
            });
            return lines;
        });
    }

    @Test
    public void aChangeIsToldToOthersWithItsPlace() throws Exception {
        var call = Calls.add(signedIn());
        var begun = new CountDownLatch(1);
        var heard = listen(signedIn("rollo"), call.id().toString(), begun, null);
        assertTrue(begun.await(LONGEST_SECONDS, TimeUnit.SECONDS));
        var command = UUID.randomUUID();
        call.enter(command, "SYMPTOM", "smell", "yes");
        var lines = heard.get(LONGEST_SECONDS, TimeUnit.SECONDS);
        assertTrue(lines.get(lines.size() - 1).contains(command.toString()), lines.toString());
        assertTrue(lines.contains("event:changed"), lines.toString());
    }

    @Test
    public void whoComesBackIsToldWhatWasMissed() throws Exception {
        var call = Calls.add(signedIn());
        var before = jdbc.sql("select concat(h.id, '/', max(seq)) from command_log, log_history h")
                .query(String.class)
                .single();
        var missed = UUID.randomUUID();
        call.enter(missed, "SYMPTOM", "smell", "yes");
        var lines = listen(signedIn("rollo"), missed.toString(), new CountDownLatch(1), before)
                .get(LONGEST_SECONDS, TimeUnit.SECONDS);
        assertTrue(lines.toString().contains(missed.toString()));
    }

    @Test
    public void whoKnowsAPlaceThatThisLogDoesNotHaveAsksForAllAnew() throws Exception {
        var history = jdbc.sql("select id from log_history").query(String.class).single();
        for (var last : List.of(history + "/999999999", UUID.randomUUID() + "/1", "17", "nonsense/x")) {
            var lines = listen(signedIn("rollo"), "event:all", new CountDownLatch(1), last)
                    .get(LONGEST_SECONDS, TimeUnit.SECONDS);
            assertTrue(lines.contains("event:all"), last + " " + lines);
        }
    }

    @Test
    public void everyAnswerSaysWhichHistoryTheLogIs() {
        var history = jdbc.sql("select id from log_history").query(String.class).single();
        assertEquals(
                signedIn()
                        .get("/api/round")
                        .response()
                        .headers()
                        .firstValue("Gasket-History")
                        .orElse(""),
                history);
    }

    @Test
    public void itEndsWithTheSessionThatItWasOpenedWith() throws Exception {
        var phone = signedIn("rollo");
        var begun = new CountDownLatch(1);
        var heard = listen(phone, "what never comes", begun, null);
        assertTrue(begun.await(LONGEST_SECONDS, TimeUnit.SECONDS));
        signedIn().post("/api/devices/" + phone.device() + "/lost", "");
        heard.get(LONGEST_SECONDS, TimeUnit.SECONDS);
    }

    @Test
    public void theLogIsOnlyEverAddedTo() {
        var call = Calls.add(signedIn());
        var command = UUID.randomUUID();
        call.enter(command, "SYMPTOM", "smell", "yes");
        for (var sql :
                List.of("update command_log set kind = 'x' where id = :id", "delete from command_log where id = :id")) {
            var refused = false;
            try {
                jdbc.sql(sql).param("id", command).update();
            } catch (org.springframework.dao.DataAccessException e) {
                refused = true;
            }
            assertTrue(refused, sql);
        }
        var row = jdbc.sql("select kind, outcome, account_id from command_log where id = :id")
                .param("id", command)
                .query()
                .singleRow();
        assertEquals(row.get("kind"), "settle");
        assertEquals(row.get("outcome"), "APPLIED");
    }
}
