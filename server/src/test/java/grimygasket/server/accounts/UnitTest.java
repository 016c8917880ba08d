package grimygasket.server.accounts;

import static org.testng.Assert.assertEquals;

import grimygasket.server.ServerTest;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

/** Everybody reads in units of their own. */
public class UnitTest extends ServerTest {
    @AfterMethod
    public void metricAgain() {
        units(signedIn(), "METRIC");
    }

    private static Answer units(Client client, String system) {
        return client.put("/api/session/units", "{\"units\": \"%s\"}".formatted(system));
    }

    @Test
    public void theUnitsAreThoseOfTheAccount() {
        assertEquals(units(signedIn(), "US").body().path("units").asString(), "US");
        assertEquals(signedIn().get("/api/session").body().path("units").asString(), "US", "after signing in anew");
        assertEquals(signedIn("rollo").get("/api/session").body().path("units").asString(), "METRIC");
        var flow = signedIn().get("/api/units").body().path("FLOW");
        assertEquals(flow.path("symbol").asString(), "gal/min");
        assertEquals(flow.path("factor").asDouble(), 3.785411784, 1e-12);
    }
}
