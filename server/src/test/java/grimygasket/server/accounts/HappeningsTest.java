package grimygasket.server.accounts;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import grimygasket.server.ServerTest;
import grimygasket.server.calls.Calls;
import java.util.List;
import org.springframework.dao.DataAccessException;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Who did what, over all. */
public class HappeningsTest extends ServerTest {
    private List<JsonNode> trail(Client lead) {
        return lead.get("/api/trail").body().valueStream().toList();
    }

    private JsonNode latest(Client lead, String operation) {
        return trail(lead).stream()
                .filter(one -> one.path("operation").asString().equals(operation))
                .findFirst()
                .orElseThrow(() -> new AssertionError(operation));
    }

    @Test
    public void signInsAreThereTheWrongOnesToo() {
        client().signIn("maren", "not-the-password-at-all");
        var lead = signedIn();
        var signIns = trail(lead).stream()
                .filter(one -> one.path("operation").asString().equals("POST /api/session"))
                .limit(2)
                .toList();
        assertTrue(signIns.get(0).path("taken").asBoolean());
        assertFalse(signIns.get(1).path("taken").asBoolean());
        assertEquals(
                signIns.get(1).path("by").asString(), signIns.get(0).path("by").asString());
        client().signIn("a-secret-in-the-wrong-field", "x");
        var unknown = latest(lead, "POST /api/session");
        assertFalse(unknown.has("by"));
        assertFalse(unknown.toString().contains("secret"), "it may have been a password");
    }

    @Test
    public void whoSignsOutIsKnown() {
        var lead = signedIn();
        signedIn("rollo").delete("/api/session");
        assertEquals(latest(lead, "DELETE /api/session").path("by").asString(), "Rollo Fenn");
    }

    @Test
    public void whatIsGivenOutAndWhatIsRefusedIsThere() {
        var lead = signedIn();
        var technician = signedIn("rollo");
        var call = Calls.add(lead);
        technician.get("/api/calls/" + call.id() + "/call.json");
        var given = latest(lead, "GET /api/calls/{callId}/call.json");
        assertEquals(given.path("by").asString(), "Rollo Fenn");
        assertEquals(given.path("call").asString(), call.id().toString());
        assertEquals(given.path("customer").asString(), "Tess Orrin");
        assertEquals(latest(lead, "begin").path("customer").asString(), "Tess Orrin");

        technician.put("/api/know-how/dishwasher/revisions/active", "{\"number\": 1}");
        var refused = latest(lead, "PUT /api/know-how/{kind}/revisions/active");
        assertFalse(refused.path("taken").asBoolean());
        assertEquals(refused.path("subject").asString(), "dishwasher");
        assertEquals(technician.get("/api/trail").kind(), "not-yours");
        assertFalse(latest(lead, "GET /api/trail").path("taken").asBoolean());
    }

    @Test
    public void readingAndStrangersLeaveNoTrace() {
        var lead = signedIn();
        long before =
                jdbc.sql("select count(*) from happening").query(Long.class).single();
        lead.get("/api/round");
        lead.get("/api/trail");
        var stranger = client();
        stranger.get("/api/session");
        stranger.put("/api/business", "{}");
        assertEquals(
                jdbc.sql("select count(*) from happening").query(Long.class).single(), before);
    }

    @Test
    public void whatIsEarlierComesInPagesAndByPerson() {
        var lead = signedIn();
        signedIn("rollo").delete("/api/session");
        var first = trail(lead);
        var last = first.get(first.size() - 1).path("at").asLong();
        var earlier = lead.get("/api/trail?before=" + last).body();
        assertTrue(earlier.valueStream().allMatch(one -> one.path("at").asLong() < last));
        var rollo = jdbc.sql("select id from account where login = 'rollo'")
                .query(String.class)
                .single();
        var his = lead.get("/api/trail?account=" + rollo).body();
        assertTrue(his.size() > 0);
        assertTrue(his.valueStream().allMatch(one -> one.path("by").asString().equals("Rollo Fenn")));
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
