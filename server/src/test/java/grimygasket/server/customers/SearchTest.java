package grimygasket.server.customers;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import grimygasket.server.calls.Calls;
import java.util.List;
import java.util.Set;
import org.testng.annotations.Test;

public class SearchTest extends ServerTest {
    @Test
    public void everyPartOfAWordIsABeginning() {
        assertEquals(SearchParts.of(List.of("Ö-Haus 22")), Set.of("ö", "haus", "aus", "us", "s", "22", "2"));
        assertTrue(SearchParts.of(List.of("0455 22 00")).containsAll(Set.of("04552200", "52200", "22")));
        assertTrue(SearchParts.of(List.of("x".repeat(60))).stream().allMatch(part -> part.length() <= 16));
    }

    private List<String> found(String typed) {
        return signedIn()
                .get("/api/customers?search=" + typed)
                .body()
                .valueStream()
                .map(home -> home.path("customer").path("name").asString())
                .toList();
    }

    @Test
    public void aCustomerIsFoundByAnyPartOfAnything() {
        for (var typed : List.of(
                "plov",
                "lover",
                "harbour+wall",
                "0455+22+00",
                "04552200",
                "0455/2200",
                "60+0455+22",
                "H60",
                "8834",
                "haldb",
                "inn+60")) {
            assertEquals(found(typed), List.of("The Plover Inn (kitchen)"), typed);
        }
        assertEquals(found("nobody+at+all"), List.of());
        assertEquals(found("%25"), List.of(), "a percent symptom is only a percent symptom");
    }

    @Test
    public void whoIsNewIsFoundAtOnceWithTheirMachine() {
        var client = signedIn();
        var call = Calls.on(client, java.util.UUID.randomUUID());
        call.send(Calls.begin("Leaks", "Quillfeather Oddwin", "Zanderwerk"));
        assertEquals(found("lfeather"), List.of("Quillfeather Oddwin"));
        assertEquals(found("anderwer"), List.of("Quillfeather Oddwin"));
        assertEquals(found("zander+quill"), List.of("Quillfeather Oddwin"));
        assertEquals(found("zander+plover"), List.of(), "every word is of the same customer");
    }

    @Test
    public void aLongWordIsFoundByAllOfIt() {
        var call = Calls.on(signedIn(), java.util.UUID.randomUUID());
        call.send(Calls.begin("Leaks", "Ottilie Underthewillowbridge", "Corvanne"));
        assertEquals(found("underthewillowbridge"), List.of("Ottilie Underthewillowbridge"));
        assertEquals(found("underthewillowbr"), List.of("Ottilie Underthewillowbridge"));
        assertEquals(found("underthewillowbrook"), List.of());
    }
}
