package grimygasket.server.accounts.devices;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Devices in use, and one that is lost. */
public class DevicesTest extends ServerTest {
    private static JsonNode row(JsonNode devices, Client of) {
        return devices.valueStream()
                .filter(device ->
                        device.path("id").asString().equals(of.device().toString()))
                .findFirst()
                .orElseThrow(() -> new AssertionError(devices.toString()));
    }

    @Test
    public void theLeadSeesAllOfThemAndATechnicianTheirOwn() {
        var lead = signedIn();
        var rollos = signedIn("rollo");
        assertTrue(row(lead.get("/api/devices").body(), lead).path("here").asBoolean());
        assertEquals(row(lead.get("/api/devices").body(), rollos).path("owner").asString(), "Rollo Fenn");
        var own = rollos.get("/api/devices").body();
        assertTrue(own.valueStream()
                .allMatch(device -> device.path("owner").asString().equals("Rollo Fenn")));
        assertEquals(rollos.post("/api/devices/" + lead.device() + "/lost", "").kind(), "not-found");
    }

    @Test
    public void aLostOneIsSignedOutAndToldToForgetUntilSomebodySignsInOnIt() {
        var phone = signedIn("rollo");
        var desk = signedIn("rollo");
        var lead = signedIn();
        var devices = lead.post("/api/devices/" + phone.device() + "/lost", "").body();
        assertTrue(row(devices, phone).has("lostAt"));
        assertFalse(row(devices, phone).has("toldAt"));
        assertEquals(desk.get("/api/session").status(), 200, "others stay signed in");

        assertEquals(phone.get("/api/round").kind(), "device-lost");
        assertEquals(phone.post("/api/commands", "{}").status(), 401, "nothing that it has kept is taken");
        assertTrue(row(lead.get("/api/devices").body(), phone).has("toldAt"));

        assertEquals(phone.signIn("rollo", PASSWORD).status(), 204, "it has been found");
        assertFalse(row(lead.get("/api/devices").body(), phone).has("lostAt"));
    }

    @Test
    public void nobodySignsOutTheDeviceOfSomebodyElse() {
        var phone = signedIn("rollo");
        var stranger = client().onDeviceOf(phone);
        stranger.get("/api/session");
        stranger.delete("/api/session");
        row(signedIn().get("/api/devices").body(), phone);
        assertEquals(phone.get("/api/session").status(), 200);
    }

    @Test
    public void whoSignsOutLeavesNoDeviceBehind() {
        var phone = signedIn("rollo");
        var lead = signedIn();
        row(lead.get("/api/devices").body(), phone);
        phone.delete("/api/session");
        assertTrue(lead.get("/api/devices")
                .body()
                .valueStream()
                .noneMatch(device ->
                        device.path("id").asString().equals(phone.device().toString())));
    }

    @Test
    public void whoOnlyKnowsTheIdOfADeviceDoesNotGetIt() {
        var phone = signedIn("rollo");
        var lead = client().onDeviceOf(phone);
        lead.signIn("maren", PASSWORD);
        var devices = lead.get("/api/devices").body();
        assertEquals(row(devices, phone).path("owner").asString(), "Rollo Fenn", "it is still his");
        assertEquals(phone.get("/api/session").status(), 200);
        var here = devices.valueStream()
                .filter(one -> one.path("here").asBoolean())
                .toList();
        assertEquals(here.size(), 1, "and hers is listed as one of its own");
        assertEquals(here.get(0).path("owner").asString(), "Maren Tolliver");
    }

    @Test
    public void whoSignsInOnADeviceEndsTheSessionThatWasThere() {
        var tablet = signedIn("rollo");
        var cookies = tablet.sessionForgotten();
        tablet.signIn("maren", PASSWORD);
        assertEquals(
                row(tablet.get("/api/devices").body(), tablet).path("owner").asString(), "Maren Tolliver");
        assertEquals(cookies.get("/api/session").status(), 401, "whoever had taken his session is out");
    }
}
