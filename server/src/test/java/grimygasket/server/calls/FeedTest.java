package grimygasket.server.calls;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
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
    private CompletableFuture<List<String>> listen(Client client, String wanted, CountDownLatch begun, Long last) {
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
        call.enter(command, "SIGN", "smell", "yes");
        var lines = heard.get(LONGEST_SECONDS, TimeUnit.SECONDS);
        assertTrue(lines.get(lines.size() - 1).contains(command.toString()), lines.toString());
        assertTrue(lines.contains("event:changed"), lines.toString());
    }

    @Test
    public void whoComesBackIsToldWhatWasMissed() throws Exception {
        var call = Calls.add(signedIn());
        long before =
                jdbc.sql("select max(seq) from command_log").query(Long.class).single();
        var missed = UUID.randomUUID();
        call.enter(missed, "SIGN", "smell", "yes");
        var lines = listen(signedIn("rollo"), missed.toString(), new CountDownLatch(1), before)
                .get(LONGEST_SECONDS, TimeUnit.SECONDS);
        assertTrue(lines.toString().contains(missed.toString()));
    }

    @Test
    public void theLogIsOnlyEverAddedTo() {
        var call = Calls.add(signedIn());
        var command = UUID.randomUUID();
        call.enter(command, "SIGN", "smell", "yes");
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
