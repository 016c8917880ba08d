package grimygasket.server.accounts.audit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;
import static org.testng.Assert.fail;

import grimygasket.server.ServerTest;
import grimygasket.server.calls.Calls;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import org.springframework.dao.DataAccessException;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Who did what, over all. */
public class HappeningsTest extends ServerTest {
    private static final int TRIES = 100;
    private static final int BETWEEN_MILLIS = 100;
    private static final Set<String> READING = Set.of("GET /api/round", "GET /api/session", "GET /api/trail");

    private List<JsonNode> trail(Client lead) {
        return lead.get("/api/trail").body().valueStream().toList();
    }

    /** The latest entries about an operation are as they should be; it is noted once it has been answered, which may take a moment. */
    private void latest(Client lead, String operation, Predicate<List<JsonNode>> are) throws InterruptedException {
        var seen = List.<JsonNode>of();
        for (int i = 0; i < TRIES; i++) {
            seen = trail(lead).stream()
                    .filter(one -> one.path("operation").asString().equals(operation))
                    .toList();
            if (!seen.isEmpty() && are.test(seen)) {
                return;
            }
            Thread.sleep(BETWEEN_MILLIS);
        }
        fail(operation + " in " + seen);
    }

    private static boolean isBy(JsonNode one, String name) {
        return one.path("by").asString("").equals(name);
    }

    private static boolean isTaken(JsonNode one) {
        return one.path("taken").asBoolean();
    }

    @Test
    public void signInsAreThereTheWrongOnesToo() throws InterruptedException {
        client().signIn("maren", "not-the-password-at-all");
        var lead = signedIn();
        latest(
                lead,
                "POST /api/session",
                all -> isTaken(all.get(0)) && !isTaken(all.get(1)) && isBy(all.get(1), "Maren Tolliver"));
        client().signIn("a-secret-in-the-wrong-field", "x");
        latest(
                lead,
                "POST /api/session",
                all -> !isTaken(all.get(0)) && !all.get(0).has("by"));
        assertFalse(trail(lead).toString().contains("secret"), "it may have been a password");
    }

    @Test
    public void whoSignsOutIsKnown() throws InterruptedException {
        var lead = signedIn();
        signedIn("rollo").delete("/api/session");
        latest(lead, "DELETE /api/session", all -> isBy(all.get(0), "Rollo Fenn"));
    }

    @Test
    public void whatIsGivenOutAndWhatIsRefusedIsThere() throws InterruptedException {
        var lead = signedIn();
        var technician = signedIn("rollo");
        var call = Calls.add(lead);
        technician.get("/api/calls/" + call.id() + "/call.json");
        latest(
                lead,
                "GET /api/calls/{callId}/call.json",
                all -> isBy(all.get(0), "Rollo Fenn")
                        && all.get(0).path("call").asString("").equals(call.id().toString())
                        && all.get(0).path("customer").asString("").equals("Tess Orrin"));
        latest(lead, "begin", all -> all.get(0).path("customer").asString("").equals("Tess Orrin"));

        technician.put("/api/know-how/dishwasher/revisions/active", "{\"number\": 1}");
        latest(
                lead,
                "PUT /api/know-how/{kind}/revisions/active",
                all -> !isTaken(all.get(0))
                        && all.get(0).path("subject").asString("").equals("dishwasher"));
        assertEquals(technician.get("/api/trail").kind(), "not-yours");
        latest(lead, "GET /api/trail", all -> !isTaken(all.get(0)));
    }

    @Test
    public void readingAndStrangersLeaveNoTrace() throws InterruptedException {
        var lead = signedIn("maren");
        lead.get("/api/round");
        lead.get("/api/trail");
        var stranger = client();
        stranger.get("/api/session");
        stranger.put("/api/business", "{}");
        // What is noted of somebody after all of these was noted after anything that might have been of them.
        signedIn("rollo").delete("/api/session");
        latest(lead, "DELETE /api/session", all -> isBy(all.get(0), "Rollo Fenn"));
        assertTrue(trail(lead).stream()
                .noneMatch(one ->
                        isTaken(one) && READING.contains(one.path("operation").asString())));
        assertTrue(trail(lead).stream()
                .noneMatch(one ->
                        !one.has("by") && one.path("operation").asString().equals("PUT /api/business")));
    }

    @Test
    public void whatIsEarlierComesInPagesAndByPerson() throws InterruptedException {
        var lead = signedIn();
        signedIn("rollo").delete("/api/session");
        latest(lead, "DELETE /api/session", all -> isBy(all.get(0), "Rollo Fenn"));
        var first = trail(lead);
        var last = first.get(first.size() - 1);
        var earlier =
                lead.get("/api/trail?before=" + last.path("place").asString()).body();
        assertTrue(earlier.valueStream()
                .allMatch(one -> one.path("at").asLong() <= last.path("at").asLong()));
        assertTrue(earlier.valueStream().noneMatch(last::equals));
        assertEquals(lead.get("/api/trail?before=yesterday").kind(), "not-found");
        var rollo = jdbc.sql("select id from account where login = 'rollo'")
                .query(String.class)
                .single();
        var his = lead.get("/api/trail?account=" + rollo).body();
        assertTrue(his.size() > 0);
        assertTrue(his.valueStream().allMatch(one -> one.path("by").asString().equals("Rollo Fenn")));
    }

    @Test
    public void whatHappenedInOneMillisecondIsDividedBetweenPagesWithoutLoss() {
        var lead = signedIn();
        for (int i = 0; i < 250; i++) {
            jdbc.sql("""
                            insert into happening (at, account_id, device, address, operation, subject, status)
                            values ('2021-03-04 05:06:07.008', null, null, '', 'PUT /api/business', :subject, 200)
                            """).param("subject", "same-moment-" + i).update();
        }
        var seen = new TreeSet<String>();
        var page = lead.get("/api/trail?before=1700000000000-0-0").body();
        while (page.size() > 0) {
            page.forEach(one -> assertTrue(seen.add(one.path("place").asString()), "none comes twice"));
            page = lead.get("/api/trail?before="
                            + page.path(page.size() - 1).path("place").asString())
                    .body();
        }
        assertEquals(
                seen.stream()
                        .filter(place -> place.startsWith("1614834367008-"))
                        .count(),
                250);
    }

    @Test
    public void nothingOfItIsChangedOrCutAfterwards() {
        signedIn();
        expectThrows(
                DataAccessException.class,
                () -> jdbc.sql("delete from happening").update());
        expectThrows(
                DataAccessException.class,
                () -> jdbc.sql("update happening set status = 200").update());
    }
}
