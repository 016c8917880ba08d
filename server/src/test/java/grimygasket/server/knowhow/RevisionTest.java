package grimygasket.server.knowhow;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.knowhow.KnowhowText;
import grimygasket.knowhow.Shipped;
import grimygasket.server.ServerTest;
import grimygasket.server.calls.Calls;
import java.util.Map;
import java.util.UUID;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Versions of the know-how: brought in, compared, put to use, returned from and taken out. */
public class RevisionTest extends ServerTest {
    private static final String PATH = "/api/know-how/vacuum-cleaner/revisions";
    private final KnowhowText shipped = Shipped.texts("vacuum-cleaner");

    @AfterMethod
    public void returnToTheShipped() {
        activate(signedIn(), 1);
    }

    private String file(String part, String text) {
        return json.writeValueAsString(Map.of(part, text, "note", "A test"));
    }

    private static Answer activate(Client client, int number) {
        return client.put(PATH + "/active", "{\"number\": " + number + "}");
    }

    private static int inUse(JsonNode revisions) {
        return revisions
                .valueStream()
                .filter(revision -> revision.path("active").asBoolean())
                .map(revision -> revision.path("number").asInt())
                .findFirst()
                .orElseThrow();
    }

    /** Brings in a pack that differs in a name; its number. */
    private int bringIn(Client client, String name) {
        var text = shipped.pack().replaceFirst("name: Vacuum cleaner", "name: " + name);
        return client.post(PATH, file("pack", text)).body().path("number").asInt();
    }

    @Test
    public void aBrokenPackIsRefusedWholeAndTheVersionInUseStays() {
        var client = signedIn();
        var before = client.get(PATH).body();
        var broken = shipped.pack()
                .replaceFirst("rate: 0\\.\\d+", "rate: 7")
                .replaceFirst("proof: [a-z-]+", "proof: nonsense");
        var looked = client.post(PATH + "/inspection", file("pack", broken));
        assertEquals(looked.status(), 200);
        assertEquals(looked.body().path("problems").size(), 2, looked.body().toString());
        var refused = client.post(PATH, file("pack", broken));
        assertEquals(refused.status(), 400);
        assertEquals(refused.body().path("problems"), looked.body().path("problems"));
        assertEquals(client.get(PATH).body(), before);
    }

    @Test
    public void aBrokenCodeTableIsRefusedWithItsRows() {
        var client = signedIn();
        var broken = shipped.codes() + "Corvanne,vacuum-cleaner,CODE,zz,Nothing,often,fault:ghost=2,none\n";
        var problems =
                client.post(PATH + "/inspection", file("codes", broken)).body().path("problems");
        assertTrue(problems.size() >= 1, problems.toString());
        int row = (int) broken.lines().count();
        problems.forEach(problem -> assertTrue(problem.asString().contains("row " + row), problem.asString()));
    }

    @Test
    public void aNewVersionIsComparedPutToUseAndReturnedFrom() {
        var client = signedIn();
        int number = bringIn(client, "Vacuum cleaner, tried out");
        var changes = client.get(PATH + "/" + number + "/changes").body();
        assertEquals(changes.size(), 1, changes.toString());
        assertTrue(changes.path(0).path("details").toString().contains("tried out"), changes.toString());
        assertEquals(inUse(client.get(PATH).body()), 1, "bringing in does not put to use");

        assertEquals(inUse(activate(client, number).body()), number);
        var kinds = client.get("/api/know-how").body().toString();
        assertTrue(kinds.contains("Vacuum cleaner, tried out"), kinds);
        assertEquals(inUse(activate(client, 1).body()), 1);
        assertEquals(activate(client, 999).status(), 404);
    }

    @Test
    public void theSameFileTwiceIsOneVersion() {
        var client = signedIn();
        int number = bringIn(client, "Vacuum cleaner, twice");
        int count = client.get(PATH).body().size();
        assertEquals(bringIn(client, "Vacuum cleaner, twice"), number);
        assertEquals(client.get(PATH).body().size(), count);
    }

    @Test
    public void aCallKeepsTheVersionThatItBeganWith() {
        var client = signedIn();
        int number = bringIn(client, "Vacuum cleaner, later");
        var call = Calls.on(client, UUID.randomUUID());
        var vacuum = Calls.machine(UUID.randomUUID(), "vacuum-cleaner", "Pellmoor", "bin");
        var added = call.send(Calls.begin(Calls.DAY, "No suction", "Ada Reed", vacuum));
        assertEquals(
                added.body().path("head").path("revision").asInt(),
                1,
                added.body().toString());
        activate(client, number);
        assertEquals(call.get().body().path("head").path("revision").asInt(), 1);
        var known = client.get("/api/know-how/vacuum-cleaner?revision=1").body();
        assertEquals(known.path("pack").path("name").asString(), "Vacuum cleaner");
    }

    @Test
    public void whatIsTakenOutIsWhatWasBroughtIn() {
        var client = signedIn();
        var pack = client.get(PATH + "/1/pack.yaml").response();
        assertEquals(pack.body(), shipped.pack());
        assertTrue(pack.headers().firstValue("Content-Disposition").orElse("").contains("vacuum-cleaner-1.yaml"));
        assertEquals(client.get(PATH + "/1/codes.csv").response().body(), shipped.codes());
        assertEquals(client.get(PATH + "/77/codes.csv").status(), 404);
    }
}
