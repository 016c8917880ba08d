package grimygasket.server.knowhow;

import static org.testng.Assert.assertEquals;

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

    /** What devices hold new calls about a dishwasher against. */
    private String followed() {
        return signedIn()
                .get("/api/device/next-days")
                .body()
                .path("kinds")
                .path(0)
                .path("circumstances")
                .path("schools")
                .path("hot-water")
                .asString("kettle");
    }

    @Test
    public void theUsualIsFollowedUntilAnotherIsChosen() {
        var settings = signedIn().get("/api/schools").body();
        assertEquals(setting(settings, "hot-water").path("chosen").asString(), "kettle");
        assertEquals(setting(settings, "how-often").path("machines").size(), 4);
        assertEquals(followed(), "kettle");

        var after = choose("hot-water", "heater").body();
        assertEquals(setting(after, "hot-water").path("chosen").asString(), "heater");
        assertEquals(followed(), "heater");
    }

    @Test
    public void onlyKnownChoicesAreTaken() {
        assertEquals(choose("hot-water", "volcano").status(), 400);
        assertEquals(choose("no-such-school", "kettle").status(), 400);
    }
}
