package grimygasket.server.device;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import grimygasket.server.calls.Calls;
import org.testng.annotations.Test;

/** What a device is given of a call. */
public class DeviceTest extends ServerTest {
    @Test
    public void aDeviceHoldsTheRecordAndWhatItIsHeldAgainst() {
        var client = signedIn();
        var call = Calls.add(client);
        call.enter("CHECK", "filter-look", "clogged");
        call.lay("filter");
        var held = client.get("/api/device/calls/" + call.id()).body();
        assertEquals(
                held.path("call")
                        .path("story")
                        .path(0)
                        .path("finding")
                        .path("kind")
                        .asString(),
                "check-made");
        assertEquals(
                held.path("call")
                        .path("lines")
                        .path(0)
                        .path("what")
                        .path("kind")
                        .asString(),
                "laid");
        assertEquals(held.path("call").path("changes").size(), 1);
        assertTrue(held.path("circumstances").path("shelf").size() > 0);

        var knowhow = client.get("/api/device/know-how/" + held.path("knowhow").asString());
        assertEquals(knowhow.body().path("pack").path("id").asString(), "dishwasher");
        assertTrue(knowhow.response()
                .headers()
                .firstValue("Cache-Control")
                .orElse("")
                .contains("max-age"));
    }
}
