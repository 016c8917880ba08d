package grimygasket.server.homes;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import grimygasket.server.calls.Calls;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionTemplate;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Customers and their machines: listed, out and in as a file, joined, and what is due. */
public class HomesTest extends ServerTest {
    private static final String HEAD = "name,street,phone,email,kind,maker,model,serial\r\n";

    @Autowired
    private TransactionTemplate transaction;

    private static Answer taken(Client client, String csv, String query) {
        return client.postCsv("/api/customers.csv" + query, csv);
    }

    private static List<JsonNode> found(Client client, String search) {
        return client.get("/api/customers?search=" + search)
                .body()
                .valueStream()
                .toList();
    }

    private static String word() {
        return "x" + UUID.randomUUID().toString().substring(0, 8);
    }

    private static String home(Client client, Calls call) {
        return call.held().body().path("customer").path("id").asString();
    }

    @Test
    public void allAreListedPageByPageEachOnce() {
        var lead = signedIn();
        var lines = new StringBuilder(HEAD);
        for (int i = 0; i < 120; i++) {
            lines.append("Alike,").append(i).append(" Long Row,,,,,,\r\n");
        }
        taken(lead, lines.toString(), "");
        var all = new ArrayList<String>();
        var page = lead.get("/api/customers").body();
        while (!page.isEmpty()) {
            page.forEach(home -> all.add(home.path("customer").path("id").asString()));
            page = lead.get("/api/customers?after=" + all.get(all.size() - 1)).body();
        }
        assertEquals(new HashSet<>(all).size(), all.size(), "nobody twice");
        assertEquals(
                all.size(),
                jdbc.sql("select count(*) from customer").query(Integer.class).single());
    }

    @Test
    public void aFileIsTakenLineByLine() {
        var lead = signedIn();
        var word = word();
        var csv = HEAD
                + "Ada %1$s,1 Weir Lane,0455 91 00 11,ada@example.com,dishwasher,Corvanne,DW-610 S,S-%1$s\r\n"
                        .formatted(word)
                + "Ada %1$s,1 Weir Lane,0455 91 00 11,,Tumble dryer,Corvanne,TD-8 C,\r\n".formatted(word)
                + "%1$s without a street,,,,,,,\r\n".formatted(word)
                + "Bela %1$s,2 Weir Lane,,no address,,,,\r\n".formatted(word)
                + "Cleo %1$s,3 Weir Lane,,,toaster,Corvanne,,\r\n".formatted(word)
                + "Dora %1$s,4 Weir Lane,,,,,,\r\n".formatted(word);
        var done = taken(lead, csv, "").body();
        assertEquals(done.path("taken").asInt(), 3, done.toString());
        assertEquals(done.path("known").asInt(), 1, "the second machine is the same customer's");
        assertEquals(
                done.path("wrong")
                        .valueStream()
                        .map(one -> one.path("line").asInt())
                        .toList(),
                List.of(4, 5, 6));
        var ada = found(lead, "ada%20" + word);
        assertEquals(ada.size(), 1, ada.toString());
        assertEquals(ada.get(0).path("machines").size(), 2);
        assertEquals(ada.get(0).path("customer").path("email").asString(), "ada@example.com");
        assertEquals(found(lead, "s-" + word).size(), 1, "found by the machine's serial number");
        assertEquals(taken(lead, csv, "").body().path("known").asInt(), 3, "once more, nobody is new");
        assertEquals(found(lead, "ada%20" + word).get(0).path("machines").size(), 2);
    }

    @Test
    public void whatGoesOutComesInByOtherNamesAndMarks() {
        var lead = signedIn();
        var word = word();
        var csv = "Kunde;Adresse;Tel;lat;lon\n" + word + " Quay;5 Weir Lane;0455 91 00 12;53,5;9,9\n";
        var query =
                "?column=name:Kunde&column=street:Adresse&column=phone:Tel&column=latitude:lat&column=longitude:lon";
        assertEquals(taken(lead, csv, query).body().path("taken").asInt(), 1);
        var at = found(lead, word).get(0).path("customer").path("at");
        assertEquals(at.path("latitude").asDouble(), 53.5);
        assertEquals(at.path("longitude").asDouble(), 9.9);
        var out = lead.get("/api/customers.csv").response().body();
        var again = taken(lead, out, "").body();
        assertEquals(again.path("wrong").size(), 0, again.toString());
        assertEquals(again.path("known").asInt(), again.path("taken").asInt());
        assertEquals(
                lead.get("/api/customers.csv")
                        .response()
                        .body()
                        .lines()
                        .filter(line -> line.contains(word))
                        .toList(),
                out.lines().filter(line -> line.contains(word)).toList());
        assertEquals(taken(lead, "a,b\n1,2\n", "").kind(), "invalid");
        assertEquals(signedIn("rollo").get("/api/customers.csv").kind(), "not-yours");
    }

    @Test
    public void aMachineThatStandsElsewhereIsReachedThere() {
        var lead = signedIn();
        var call = Calls.add(lead);
        var customer = home(lead, call);
        var machine = call.held().body().path("call").path("machine").path("id").asString();
        var word = word();
        var address = UUID.randomUUID();
        var flat = "/api/customers/" + customer + "/addresses/" + address;
        var data =
                "{\"street\": \"9 %s Court\", \"access\": \"Key at the caretaker's\", \"latitude\": 53.5, \"longitude\": 9.9}";
        assertEquals(lead.put(flat, data.formatted(word)).status(), 204);
        assertEquals(found(lead, word).size(), 1, "found by the other address");
        var others = "/api/customers/" + home(lead, Calls.add(lead)) + "/addresses/" + address;
        assertEquals(lead.put(others, data.formatted(word)).kind(), "not-found", "an address is one customer's");
        var stands = "/api/machines/" + machine + "/address";
        assertEquals(
                lead.put(stands, "{\"address\": \"" + UUID.randomUUID() + "\"}").kind(), "invalid");
        assertEquals(lead.put(stands, "{\"address\": \"" + address + "\"}").status(), 204);

        var held = call.held().body().path("customer");
        assertEquals(held.path("street").asString(), "2 Weir Lane");
        assertEquals(held.path("elsewhere").path("street").asString(), "9 " + word + " Court");
        assertEquals(held.path("elsewhere").path("access").asString(), "Key at the caretaker's");
        var onRound = lead.get("/api/round/" + Calls.DAY)
                .body()
                .path("calls")
                .valueStream()
                .filter(one -> call.path.endsWith(one.path("id").asString()))
                .findFirst()
                .orElseThrow();
        assertEquals(onRound.path("street").asString(), "9 " + word + " Court", "one goes there");
        assertTrue(
                lead.get("/api/customers.csv").response().body().contains("9 " + word + " Court"),
                "and the file says so");

        assertEquals(lead.delete(flat).kind(), "invalid", "a machine stands there");
        assertEquals(lead.put(stands, "{}").status(), 204);
        assertTrue(call.held().body().path("customer").path("elsewhere").isMissingNode());
        assertEquals(lead.delete(flat).status(), 204);
        assertEquals(found(lead, word).size(), 0);
    }

    @Test
    public void aNewMachineBringsItsAddressWithIt() {
        var lead = signedIn();
        var call = Calls.on(lead, UUID.randomUUID());
        var word = word();
        var elsewhere = ", \"elsewhere\": {\"id\": \"%s\", \"street\": \"%s\"}}";
        var begin = Calls.begin("Does not drain", "Tess Orrin", "Corvanne")
                .replace("\"phone\": \"\"}", "\"phone\": \"\"" + elsewhere.formatted(UUID.randomUUID(), "%s"));
        assertEquals(
                call.send(begin.formatted(""))
                        .body()
                        .path("fields")
                        .path("customer.elsewhere.street")
                        .asString(),
                "Enter the street, so that you find the house.");
        call.send(begin.formatted(word + " Mews"));
        assertEquals(
                call.held()
                        .body()
                        .path("customer")
                        .path("elsewhere")
                        .path("street")
                        .asString(),
                word + " Mews");
        assertEquals(found(lead, word).size(), 1);
    }

    @Test
    public void aListSaysWhereMachinesStand() {
        var lead = signedIn();
        var word = word();
        var csv = "name,street,kind,maker,stands_at\r\n"
                + "%1$s Quay,5 Weir Lane,dishwasher,Corvanne,7 %1$s Court\r\n".formatted(word)
                + "%1$s Quay,5 Weir Lane,washing-machine,Corvanne,7 %1$s court\r\n".formatted(word)
                + "%1$s Quay,5 Weir Lane,vacuum-cleaner,Ostrelle,5 Weir Lane\r\n".formatted(word);
        assertEquals(taken(lead, csv, "").body().path("taken").asInt(), 3);
        var home = found(lead, word).get(0);
        assertEquals(home.path("addresses").size(), 1, home.toString());
        assertEquals(home.path("elsewhere").size(), 2, "the last one stands at home");
    }

    @Test
    public void twoEntriesOfOneCustomerAreJoined() {
        var lead = signedIn();
        var word = word();
        taken(
                lead,
                HEAD
                        + "Evi %1$s,6 Weir Lane,0455 7%2$s,,,,,\r\nE. %1$s,6 Weir Lane,04557%2$s,,dishwasher,Corvanne,,\r\n"
                                .formatted(word, "12345"),
                "");
        var both = alike(lead, word).stream()
                .map(home -> home.path("customer").path("id").asString())
                .toList();
        assertEquals(both.size(), 2);
        var call = Calls.add(lead);
        var joined =
                lead.post("/api/customers/" + home(lead, call) + "/join", "{\"into\": \"%s\"}".formatted(both.get(0)));
        assertEquals(joined.status(), 204, joined.detail());
        assertEquals(home(lead, call), both.get(0), "the call is theirs now");
        assertEquals(
                lead.get("/api/customers/" + both.get(0)).body().path("calls").size(), 1);
        lead.post("/api/customers/" + both.get(1) + "/join", "{\"into\": \"%s\"}".formatted(both.get(0)));
        assertEquals(lead.get("/api/customers/" + both.get(1)).kind(), "not-found");
        assertEquals(found(lead, word).size(), 1);
        assertEquals(
                lead.post("/api/customers/" + both.get(0) + "/join", "{\"into\": \"%s\"}".formatted(both.get(0)))
                        .kind(),
                "invalid");
    }

    @Test
    public void whoIsLikeNobodyAnyMoreIsNotAskedAbout() {
        var lead = signedIn();
        var word = word();
        var phone = "0455 8" + word.hashCode();
        taken(
                lead,
                HEAD + "Ada %1$s,6 Weir Lane,%2$s,,,,,\r\nBela %1$s,7 Weir Lane,%2$s,,,,,\r\n".formatted(word, phone),
                "");
        assertEquals(alike(lead, word).size(), 2);
        var one = alike(lead, word).get(0);
        var id = one.path("customer").path("id").asString();
        var corrected = lead.put("/api/customers/" + id, """
                {"was": {"name": "%1$s", "street": "%2$s", "phone": "%3$s"},
                 "now": {"name": "%1$s", "street": "%2$s", "phone": "0455 1"}}
                """.formatted(
                        one.path("customer").path("name").asString(),
                        one.path("customer").path("street").asString(),
                        phone));
        assertEquals(corrected.status(), 200, corrected.detail());
        assertEquals(alike(lead, word), List.of());
    }

    private static List<JsonNode> alike(Client lead, String word) {
        return lead.get("/api/alike-customers")
                .body()
                .valueStream()
                .filter(home -> home.path("customer").path("name").asString().endsWith(word))
                .toList();
    }

    @Test
    public void aNewCustomerIsPutOnFileOnce() {
        var client = signedIn("rollo");
        var path = "/api/customers/" + UUID.randomUUID();
        var now =
                "{\"now\": {\"name\": \"Nell Ashby\", \"street\": \"1 Kiln Yard\", \"phone\": \"\", \"access\": \"Ring twice\"}}";
        for (int i = 0; i < 2; i++) {
            assertEquals(client.put(path, now).status(), 200);
        }
        assertEquals(client.get(path).body().path("customer").path("access").asString(), "Ring twice");
        assertEquals(client.put(path, now.replace("Nell", "Nella")).kind(), "stale");
    }

    @Test
    public void aMachineTellsWhatItHadBefore() {
        var client = signedIn();
        var call = Calls.add(client);
        call.enter("CHECK", "filter-look", "clogged");
        var machine = call.held().body().path("call").path("machine").path("id").asString();
        var file = client.get("/api/machines/" + machine).body();
        var visit = file.path("history").path("visits").path(0);
        assertEquals(visit.path("complaint").asString(), "Does not drain");
        assertEquals(visit.path("sections").path(0).path("title").asString(), "Checked");
        assertEquals(file.path("dues").size(), 0, "nothing is closed yet");
        assertEquals(client.get("/api/machines/" + UUID.randomUUID()).kind(), "not-found");
    }

    @Test
    public void whatIsDueFollowsFromTheLastClosedCall() {
        var client = signedIn();
        var call = Calls.add(client);
        var machine = call.held().body().path("call").path("machine").path("id").asString();
        var closed = call.send("{\"kind\": \"close\", \"base\": %d, \"signOff\": \"Nobody at home\", \"advice\": \"\"}"
                .formatted(call.get().body().path("head").path("version").asInt()));
        assertEquals(closed.status(), 200, closed.detail());
        var due = allDue(client, "2999-01-01").stream()
                .filter(one -> one.path("machineId").asString().equals(machine))
                .findFirst()
                .orElseThrow();
        assertTrue(due.path("tasks").size() > 0);
        assertTrue(due.path("openCall").isMissingNode() || due.path("openCall").isNull());
        assertEquals(client.get("/api/machines/" + machine).body().path("dues"), due.path("tasks"));
        assertTrue(allDue(client, "1999-01-01").isEmpty(), "nothing was due before anything was closed");
        call.send("{\"kind\": \"reopen\"}");
        assertTrue(allDue(client, "2999-01-01").stream()
                .noneMatch(one -> one.path("machineId").asString().equals(machine)
                        && one.path("openCall").isMissingNode()));
    }

    @Test
    public void whatSomebodyElseIsWorkingOutIsNotComplete() {
        var client = signedIn();
        allDue(client, "2999-01-01");
        jdbc.sql("update machine set dues_known = false").update();
        transaction.executeWithoutResult(working -> {
            jdbc.sql("select id from machine for update").query(UUID.class).list();
            assertFalse(client.get("/api/due?until=2999-01-01")
                    .body()
                    .path("complete")
                    .asBoolean(true));
        });
        assertFalse(allDue(client, "2999-01-01").isEmpty());
    }

    private static List<JsonNode> allDue(Client client, String until) {
        var list = client.get("/api/due?until=" + until).body();
        while (!list.path("complete").asBoolean()) {
            list = client.get("/api/due?until=" + until).body();
        }
        return list.path("machines").valueStream().toList();
    }
}
