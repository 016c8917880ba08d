package grimygasket.server.calls.commands;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import grimygasket.server.ServerTest;
import grimygasket.server.calls.Calls;
import grimygasket.server.calls.PhotoTest;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import org.springframework.dao.DataAccessException;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A customer who is erased: nothing that they said, and nothing of who they are, is left anywhere. */
public class ErasureTest extends ServerTest {
    /** A word that nobody else's data has in it. */
    private static String word() {
        return "Zq" + UUID.randomUUID().toString().replace("-", "").substring(0, 12);
    }

    /** Where in the database a word still stands, in whichever table. */
    private List<String> placesOf(String word) {
        var columns = jdbc.sql("""
                        select concat(table_name, ' ', column_name) from information_schema.columns
                        where table_schema = database() and (data_type like '%char' or data_type like '%text')
                        """).query(String.class).list();
        assertTrue(columns.contains("command_log body") && columns.contains("customer name"), columns.toString());
        return columns.stream()
                .filter(column -> jdbc.sql("select count(*) from `%s` where `%s` like :word"
                                        .formatted((Object[]) column.split(" ")))
                                .param("word", "%" + word + "%")
                                .query(Long.class)
                                .single()
                        > 0)
                .toList();
    }

    private static String customer(JsonNode call) {
        return "/api/customers/" + call.path("customer").path("id").asString();
    }

    /** A call that has the word wherever somebody can write one. */
    private Calls about(Client client, String word) throws IOException {
        var call = Calls.on(client, UUID.randomUUID());
        call.send(Calls.begin("Leaks at " + word, word + " Tarn", "Corvanne"));
        call.complain(UUID.randomUUID(), "It smells, says " + word);
        var seen = "{\"about\": \"SEEN\", \"text\": \"%s\", \"proved\": false}".formatted(word);
        call.keep("note", UUID.randomUUID(), seen);
        var line = call.lay("filter").body().path("job").path("pieces").path(0);
        call.photo(UUID.randomUUID(), line.path("id").asString(), PhotoTest.picture());
        call.close(call.version(), "Left open, as " + word + " had to leave");
        return call;
    }

    private long rows(String table, UUID call) {
        return jdbc.sql("select count(*) from " + table + " where call_id = :call")
                .param("call", call)
                .query(Long.class)
                .single();
    }

    @Test
    public void noWordOfThemIsLeftAndOthersKeepTheirs() throws IOException {
        var owner = signedIn();
        var word = word();
        var call = about(owner, word);
        var refused = Calls.on(owner, UUID.randomUUID());
        var customer = customer(call.held().body());
        var another = Calls.begin("Again, " + word, word, "Corvanne")
                .replaceFirst("\"id\": \"[^\"]+\"", "\"id\": \"%s\"".formatted(customer.substring(15)));
        assertEquals(refused.send(another.replace("air-gap", "wings")).status(), 400);
        assertEquals(rows("command_log", refused.id()), 1);
        var other = Calls.add(owner);
        assertTrue(placesOf(word).containsAll(List.of("command_log body", "customer name", "own_note body")));

        assertEquals(owner.delete(customer).status(), 204);
        assertEquals(placesOf(word), List.of());
        assertEquals(rows("photo", call.id()), 0);
        assertEquals(call.get().kind(), "not-found");
        assertEquals(owner.get("/api/customers?search=" + word).body().size(), 0);
        assertEquals(owner.delete(customer).kind(), "not-found");
        assertEquals(other.get().status(), 200);
        assertEquals(other.held().body().path("customer").path("name").asString(), "Tess Orrin");
    }

    @Test
    public void whoDidWhatStaysWithoutAWord() throws IOException {
        var owner = signedIn();
        var call = about(owner, word());
        var before = rows("command_log", call.id());
        owner.delete(customer(call.held().body()));
        assertEquals(rows("command_log", call.id()), before + 1);
        assertEquals(
                jdbc.sql("select distinct body from command_log where call_id = :call")
                        .param("call", call.id())
                        .query(String.class)
                        .list(),
                List.of("{}"));
        var trail = owner.get("/api/trail").body().toString();
        assertTrue(trail.contains("\"erase-customer\""), trail);
    }

    @Test
    public void whatComesAgainOrTooLateFindsNoCall() throws IOException {
        var owner = signedIn();
        var call = Calls.on(owner, UUID.randomUUID());
        var begin = Calls.begin("Leaks", "Wilhelmina Tarn", "Corvanne");
        var id = UUID.randomUUID();
        call.send(id, begin);
        owner.delete(customer(call.held().body()));
        assertEquals(call.send(id, begin).kind(), "not-found", "the answer to it was lost");
        assertEquals(call.complain(UUID.randomUUID(), "One more thing").kind(), "not-found");
        assertEquals(rows("command_log", call.id()), 2);
    }

    @Test
    public void versionsOfTheKnowHowAreUsedByOneLess() {
        var owner = signedIn();
        var uses = "select sum(calls) from knowhow_use where kind = 'dishwasher'";
        var before = jdbc.sql(uses).query(Long.class).single();
        var call = Calls.add(owner);
        owner.delete(customer(call.held().body()));
        assertEquals(jdbc.sql(uses).query(Long.class).single(), before);
    }

    @Test
    public void nothingElseOfTheLogIsChanged() {
        var call = Calls.add(signedIn());
        for (var change :
                List.of("kind = 'close'", "body = '{\"kind\": \"begin\"}'", "body = '{}', outcome = 'SAME'")) {
            expectThrows(
                    DataAccessException.class,
                    () -> jdbc.sql("update command_log set " + change + " where call_id = :call")
                            .param("call", call.id())
                            .update());
        }
        expectThrows(
                DataAccessException.class,
                () -> jdbc.sql("delete from command_log where call_id = :call")
                        .param("call", call.id())
                        .update());
    }

    @Test
    public void whatADeviceStillHasOfThemIsNotTakenAgain() {
        var client = signedIn();
        var begin = Calls.begin("Leaks", "Once Known", "Corvanne");
        var call = Calls.on(client, UUID.randomUUID());
        call.send(begin);
        assertEquals(client.delete(customer(call.held().body())).status(), 204);
        for (var id : List.of(call.id(), UUID.randomUUID())) {
            var refused = Calls.on(client, id).send(begin);
            assertEquals(refused.kind(), "invalid");
            assertTrue(refused.detail().contains("has been erased"), refused.detail());
        }
        var other = Calls.on(client, call.id());
        assertEquals(
                other.send(Calls.begin("Leaks", "Somebody Else", "Corvanne")).kind(), "invalid", "nor by its id");
    }
}
