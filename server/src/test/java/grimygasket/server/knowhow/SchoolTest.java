package grimygasket.server.knowhow;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Schools are chosen once and change what is advised. */
public class SchoolTest extends ServerTest {
    @AfterMethod
    public void backToTheUsual() {
        choose("hot-water", "kettle");
    }

    private Answer choose(String school, String choice) {
        return signedIn().put("/api/schools/" + school, "{\"choice\": \"" + choice + "\"}");
    }

    private static JsonNode setting(JsonNode settings, String school) {
        return settings.valueStream()
                .filter(one -> one.path("school").path("id").asString().equals(school))
                .findFirst()
                .orElseThrow();
    }

    /** The remedies that are offered for set wax. */
    private String offered() {
        return signedIn()
                .post("/api/know-how/dishwasher/suppositions", "{\"features\": [], \"findings\": []}")
                .body()
                .path("assessment")
                .path("plan")
                .toString();
    }

    @Test
    public void theUsualIsFollowedUntilAnotherIsChosen() {
        var settings = signedIn().get("/api/schools").body();
        assertEquals(setting(settings, "hot-water").path("chosen").asString(), "kettle");
        assertEquals(setting(settings, "how-often").path("machines").size(), 4);
        assertTrue(offered().contains("\"flush-wax\""));
        assertFalse(offered().contains("\"flush-wax-supply\""));

        var after = choose("hot-water", "heater").body();
        assertEquals(setting(after, "hot-water").path("chosen").asString(), "heater");
        assertTrue(offered().contains("\"flush-wax-supply\""));
        assertFalse(offered().contains("\"flush-wax\""));
    }

    @Test
    public void onlyKnownChoicesAreTaken() {
        assertEquals(choose("hot-water", "volcano").status(), 400);
        assertEquals(choose("no-such-school", "kettle").status(), 400);
    }
}
