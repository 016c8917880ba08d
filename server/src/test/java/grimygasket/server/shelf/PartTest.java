package grimygasket.server.shelf;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import grimygasket.server.calls.Calls;
import grimygasket.server.orders.OrderList;
import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The list of parts, and the ledger from which the counts follow. */
public class PartTest extends ServerTest {
    private static final String MAREN = "0193a000-0000-7000-8000-000000000001";
    private static final String STORE = "00000000-0000-0000-0000-000000000000";
    private static final String ROLLO = "0193a000-0000-7000-8000-000000000002";

    private static String part(UUID id, String number, int version) {
        return """
                {"id": "%s", "number": "%s", "name": "Hose clip, 30 mm", "kind": "dishwasher", "fits": "hose-clip",
                 "price": 2.50, "replaces": "", "supplier": "Quay Trade Counter", "place": "Box 5", "minimum": 3, "version": %d}
                """.formatted(id, number, version);
    }

    private static UUID added(Client lead) {
        var id = UUID.randomUUID();
        var number = "T-" + id.toString().substring(0, 12);
        assertEquals(lead.put("/api/parts/" + id, part(id, number, 0)).status(), 200);
        return id;
    }

    private static Answer moved(
            Client client, UUID part, UUID line, String reason, int count, String van, String more) {
        return client.post("/api/parts/" + part + "/moves", """
                {"id": "%s", "reason": "%s", "count": %d, "van": "%s"%s}
                """.formatted(line, reason, count, van, more));
    }

    private static Answer moved(Client client, UUID part, String reason, int count, String van) {
        return moved(client, part, UUID.randomUUID(), reason, count, van, "");
    }

    private int onVan(UUID part, String van) {
        return jdbc.sql("select on_van from van_stock where part_id = :part and account_id = :van")
                .param("part", part)
                .param("van", UUID.fromString(van))
                .query(Integer.class)
                .single();
    }

    private static List<String> numbers(JsonNode page) {
        return page.valueStream()
                .map(one -> one.path("part").path("number").asString())
                .toList();
    }

    @Test
    public void aPartIsAddedFoundAndChanged() {
        var lead = signedIn();
        var id = UUID.randomUUID();
        var number = "HC-30-" + id.toString().substring(0, 6);
        var kept = lead.put("/api/parts/" + id, part(id, number, 0)).body();
        assertEquals(kept.path("version").asInt(), 1, kept.toString());
        assertEquals(numbers(lead.get("/api/parts?text=quay%20" + number).body()), List.of(number));
        assertEquals(numbers(lead.get("/api/parts?text=%25" + number).body()), List.of(), "a sign is only itself");
        assertEquals(lead.put("/api/parts/" + id, part(id, number, 7)).kind(), "stale");
        var again = UUID.randomUUID();
        assertTrue(lead.put("/api/parts/" + again, part(again, number, 0))
                .body()
                .path("fields")
                .path("number")
                .asString()
                .contains("Another part"));
        var odd = part(id, number, 1).replace("hose-clip", "hose-klip");
        assertTrue(lead.put("/api/parts/" + id, odd)
                .body()
                .path("fields")
                .path("fits")
                .asString()
                .contains("hose-clip"));
        assertEquals(
                signedIn("rollo").put("/api/parts/" + id, part(id, number, 1)).kind(), "not-yours");
    }

    @Test
    public void aPartIsFoundByAnyPieceOfWhatIsSaidOfIt() {
        var lead = signedIn();
        var id = UUID.randomUUID();
        var number = "HC-31-" + id.toString().substring(0, 6);
        lead.put(
                "/api/parts/" + id,
                part(id, number, 0).replace("30 mm", "with-a-name-of-more-than-16-letters-" + number));
        var name = "name-of-more-than-16-letters-" + number;
        for (var text : List.of(number.substring(3), name, name.substring(3), "clip " + name, name.toLowerCase())) {
            assertEquals(
                    numbers(lead.get("/api/parts?text=" + text.replace(" ", "%20"))
                            .body()),
                    List.of(number),
                    text);
        }
        assertEquals(numbers(lead.get("/api/parts?text=" + name + "-x").body()), List.of());
        assertTrue(numbers(lead.get("/api/parts?text=clip").body()).size() > 1, "a word that many have");
    }

    @Test
    public void everyCountFollowsFromItsLines() {
        var lead = signedIn();
        var part = added(lead);
        var random = new Random(33);
        for (int i = 0; i < 40; i++) {
            var van = random.nextBoolean() ? MAREN : ROLLO;
            var other = van.equals(MAREN) ? ROLLO : MAREN;
            var answer = switch (random.nextInt(4)) {
                case 0 -> moved(lead, part, "RECEIVED", 1 + random.nextInt(5), van);
                case 1 -> moved(lead, part, "COUNTED", random.nextInt(9), van);
                case 2 -> moved(lead, part, "WRITTEN_OFF", 1 + random.nextInt(2), van);
                default -> moved(lead, part, UUID.randomUUID(), "GIVEN", 1, van, ", \"to\": \"%s\"".formatted(other));
            };
            assertEquals(answer.status(), 200, answer.detail());
        }
        assertEquals(jdbc.sql("""
                                select count(*) from van_stock s
                                where s.on_van <> coalesce((select sum(m.moved) from part_move m
                                                   where m.part_id = s.part_id and m.account_id = s.account_id), 0)
                                """).query(Integer.class).single(), 0);
    }

    @Test
    public void whatIsSentTwiceMovesOnce() {
        var lead = signedIn();
        var part = added(lead);
        var line = UUID.randomUUID();
        for (int i = 0; i < 2; i++) {
            moved(lead, part, line, "RECEIVED", 4, MAREN, "");
        }
        assertEquals(onVan(part, MAREN), 4);
        var given = UUID.randomUUID();
        for (int i = 0; i < 2; i++) {
            moved(lead, part, given, "GIVEN", 3, MAREN, ", \"to\": \"%s\"".formatted(ROLLO));
        }
        assertEquals(onVan(part, MAREN), 1);
        assertEquals(onVan(part, ROLLO), 3);
        var lines = lead.get("/api/parts/" + part + "/moves").body();
        assertEquals(lines.size(), 3, lines.toString());
    }

    @Test
    public void aTechnicianMovesOnlyWhatIsOnTheirOwnVan() {
        var lead = signedIn();
        var part = added(lead);
        var rollo = signedIn("rollo");
        assertEquals(moved(rollo, part, "RECEIVED", 2, ROLLO).status(), 200);
        assertEquals(moved(rollo, part, "RECEIVED", 2, MAREN).kind(), "not-yours");
        assertEquals(moved(rollo, part, "USED", 1, ROLLO).kind(), "invalid");
        assertEquals(moved(rollo, part, "RECEIVED", 0, ROLLO).kind(), "invalid");
        assertEquals(moved(rollo, UUID.randomUUID(), "RECEIVED", 1, ROLLO).kind(), "not-found");
        assertEquals(
                moved(lead, part, "RECEIVED", 1, UUID.randomUUID().toString()).kind(), "not-found", "no such van");
    }

    @Test
    public void whatACallUsesStandsInTheLedger() {
        var client = signedIn();
        var call = Calls.add(client);
        var valve = UUID.fromString("0193a000-0000-7000-8000-000000000308");
        var use = UUID.randomUUID();
        call.usePart(use, "replace-valve", valve.toString(), 1);
        call.putBack(use);
        var lines = client.get("/api/parts/" + valve + "/moves").body();
        assertEquals(lines.path(0).path("reason").asString(), "PUT_BACK", lines.toString());
        assertEquals(lines.path(0).path("moved").asInt(), 1);
        assertEquals(lines.path(1).path("reason").asString(), "USED");
        assertEquals(lines.path(1).path("callId").asString(), call.id().toString());
    }

    @Test
    public void forHowLongAMakerAnswersForAPartStandsOnItsMachine() {
        var lead = signedIn();
        var id = UUID.randomUUID();
        var number = "T-" + id.toString().substring(0, 12);
        var clip = part(id, number, 0);
        var wrong = clip.replace("\"version\"", "\"warrantyMonths\": 0, \"version\"");
        assertTrue(lead.put("/api/parts/" + id, wrong)
                .body()
                .path("fields")
                .path("warrantyMonths")
                .asString()
                .startsWith("One month"));
        lead.put("/api/parts/" + id, clip.replace("\"version\"", "\"warrantyMonths\": 22, \"version\""));
        assertTrue(lead.get("/api/parts.csv")
                .response()
                .body()
                .lines()
                .anyMatch(line -> line.startsWith(number) && line.endsWith(",22")));

        var call = Calls.add(lead);
        var use = UUID.randomUUID();
        call.usePart(use, "replace-valve", id.toString(), 1);
        var machine = call.held().body().path("call").path("machine").path("id").asString();
        var history = lead.get("/api/machines/" + machine).body().path("history");
        assertTrue(history.toString().contains("maker’s warranty until 6 March 2033"), history.toString());
    }

    @Test
    public void aPacketIsFoundByItsBarcodeInAnyOfItsForms() {
        var lead = signedIn();
        var id = UUID.randomUUID();
        var part = part(id, "BC-1", 0).replace("\"minimum\"", "\"code\": \"6 14141 00003 6\", \"minimum\"");
        assertEquals(lead.put("/api/parts/" + id, part).body().path("code").asString(), "0614141000036");
        for (var read : new String[] {"614141000036", "0614141000036", "00614141000036"}) {
            assertEquals(numbers(lead.get("/api/parts?text=" + read).body()), List.of("BC-1"), read);
        }
        var numbered = UUID.randomUUID();
        lead.put("/api/parts/" + numbered, part(numbered, "1906-1544", 0));
        assertEquals(numbers(lead.get("/api/parts?text=1906-1544").body()), List.of("1906-1544"));
        var misread = part(id, "BC-1", 1).replace("\"minimum\"", "\"code\": \"6291041500214\", \"minimum\"");
        assertEquals(
                lead.put("/api/parts/" + id, misread)
                        .body()
                        .path("fields")
                        .path("code")
                        .asString(),
                "The last digit does not go with the others: read the barcode again.");
    }

    @Test
    public void aListIsTakenLineByLine() {
        var lead = signedIn();
        var csv = "Number,name,price,kind,part,minimum,supplier\r\n"
                + "ZZ-1,\"Clip, small\",\"1,90\",dishwasher,hose-clip,4,Quay Trade Counter\r\n"
                + "ZZ-2,Clip,cheap,dishwasher,hose-clip,1,\r\n"
                + "ZZ-3,Clip,2.00,kettle,hose-clip,1,\r\n"
                + ",Clip,2.00,,,1,\r\n"
                + "ZZ-4,Descaler 1 L,8.50,,,many,\r\n"
                + "ZZ-5,Descaler 1 L,8.50,,,6,\r\n";
        var taken = lead.postCsv("/api/parts.csv", csv).body();
        assertEquals(taken.path("taken").asInt(), 2, taken.toString());
        var wrong = taken.path("wrong")
                .valueStream()
                .map(one ->
                        one.path("line").asInt() + ": " + one.path("message").asString())
                .toList();
        assertEquals(wrong.size(), 4, taken.toString());
        assertTrue(wrong.get(0).startsWith("3: “cheap” is no price"), wrong.toString());
        assertTrue(wrong.get(1).startsWith("4: There is no kind of machine “kettle”"), wrong.toString());
        assertTrue(wrong.get(2).startsWith("5: number: Enter"), wrong.toString());
        assertTrue(wrong.get(3).startsWith("6: “many” is no minimum"), wrong.toString());
        var out = lead.get("/api/parts.csv").response().body();
        assertTrue(out.contains("ZZ-1,\"Clip, small\",dishwasher,hose-clip,,1.90,"), out);
        assertEquals(lead.postCsv("/api/parts.csv", out).body().path("wrong").size(), 0, "what goes out comes in");
        // A price list has no columns for what is kept here.
        lead.postCsv("/api/parts.csv", "number,name,price\r\nZZ-1,Clip,2.10\r\n");
        assertTrue(
                lead.get("/api/parts.csv")
                        .response()
                        .body()
                        .contains("ZZ-1,Clip,dishwasher,hose-clip,,2.10,,Quay Trade Counter,,,4,"),
                "what the file says nothing of stays");
        var alike = "number,name,price\r\nZZ-É,Descaler,2.00\r\nZZ-E,Descaler,2.00\r\nZZ-7,Descaler,2.00\r\n";
        var mixed = lead.postCsv("/api/parts.csv", alike).body();
        assertEquals(mixed.path("taken").asInt() + mixed.path("wrong").size(), 3, mixed.toString());
        assertTrue(mixed.path("taken").asInt() >= 2, "one line spoils no other: " + mixed);
        assertEquals(lead.postCsv("/api/parts.csv", "a,b\r\n1,2\r\n").kind(), "invalid");
    }

    @Test
    public void whatIsBelowItsMinimumIsToBeOrdered() {
        var lead = signedIn();
        var part = added(lead);
        assertEquals(OrderList.wanted(lead, part), 3);
        moved(lead, part, "RECEIVED", 2, MAREN);
        assertEquals(OrderList.wanted(lead, part), 1);
        moved(lead, part, "RECEIVED", 1, ROLLO);
        assertEquals(OrderList.wanted(lead, part), 0);
    }

    @Test
    public void whatComesFromTheStoreRoomIsFetchedByAnybodyAndFilledByTheLead() {
        var lead = signedIn();
        var part = added(lead);
        var rollo = signedIn("rollo");
        assertEquals(moved(rollo, part, "RECEIVED", 4, STORE).kind(), "not-yours");
        moved(lead, part, "RECEIVED", 4, STORE);
        var fetched = moved(rollo, part, UUID.randomUUID(), "GIVEN", 3, STORE, ", \"to\": \"%s\"".formatted(ROLLO));
        assertEquals(fetched.status(), 200, fetched.detail());
        assertEquals(onVan(part, STORE), 1);
        assertEquals(onVan(part, ROLLO), 3);
        assertEquals(
                moved(rollo, part, "WARRANTY", 1, ROLLO)
                        .body()
                        .path(0)
                        .path("moved")
                        .asInt(),
                -1);
        assertEquals(
                moved(rollo, part, "RETURNED", 1, ROLLO)
                        .body()
                        .path(0)
                        .path("onVan")
                        .asInt(),
                1);
        assertTrue(lead.get("/api/parts/" + part + "/moves").body().toString().contains("Store room"));
    }

    @Test
    public void aPartTypedOnACallIsProposedForTheList() {
        var lead = signedIn();
        var call = Calls.add(lead);
        var number = "ZX-" + UUID.randomUUID().toString().substring(0, 8);
        var use =
                "{\"kind\": \"use-other\", \"remedy\": \"replace-valve\", \"fits\": \"return-valve\", \"number\": \"%s\","
                        + " \"name\": \"%s\", \"price\": %s, \"used\": 1}";
        var nameless = call.send(use.formatted(number, " ", "-1"));
        assertEquals(nameless.kind(), "invalid");
        assertTrue(nameless.body().path("fields").has("name"), nameless.body().toString());
        assertTrue(nameless.body().path("fields").has("price"));
        var used = call.send(use.formatted(number, "Valve from the trade counter", "9.90"));
        assertEquals(used.body().path("parts").path(0).path("number").asString(), number, used.detail());
        var listed = lead.get("/api/parts?text=" + number).body().path(0);
        assertTrue(listed.path("proposed").asBoolean(), listed.toString());
        assertEquals(listed.path("part").path("fits").asString(), "return-valve");
        var put = lead.put(
                "/api/parts/" + listed.path("part").path("id").asString(),
                listed.path("part").toString());
        assertEquals(put.status(), 200, put.detail());
        assertEquals(
                lead.get("/api/parts?text=" + number)
                        .body()
                        .path(0)
                        .path("proposed")
                        .asBoolean(),
                false);
        // Typed once more, by its number it is the one that is on the list.
        assertEquals(call.send(use.formatted(number, "The same again", "9.90")).status(), 200);
        assertEquals(lead.get("/api/parts?text=" + number).body().size(), 1);
        var unknown = call.send(use.formatted("", "Valve without a number", "4"));
        assertTrue(unknown.body().path("parts").toString().contains("OWN-"), unknown.detail());
    }

    @Test
    public void whatOpenCallsAreExpectedToTakeIsToBeOrdered() {
        var client = signedIn();
        var day = LocalDate.now().plusDays(3);
        jdbc.sql("update part set minimum = 60 where number = 'CV-DP30'").update();
        var call = Calls.add(client, day);
        var before = expected(client, "CV-DP30");
        call.enter("CHECK", "pump-winding", "open");
        var after = expected(client, "CV-DP30");
        assertTrue(after > before + 0.5, before + " then " + after);
        assertTrue(after <= before + 1, "one machine takes no more than one pump");
    }

    private static double expected(Client client, String number) {
        return client.get("/api/order-list")
                .body()
                .valueStream()
                .filter(one -> one.path("number").asString().equals(number))
                .mapToDouble(one -> one.path("expected").asDouble())
                .findFirst()
                .orElse(0);
    }
}
