package grimygasket.server.calls;

import grimygasket.device.Device;
import grimygasket.server.ServerTest.Client;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What the core of a page makes of what the server holds. */
public final class OnDevice {
    private static final JsonMapper JSON = new JsonMapper();

    private OnDevice() {}

    /** What the customer is given of a call. */
    public static JsonNode report(Client client, UUID call) {
        var question = about(client, call);
        var days = client.get("/api/device/next-days").body();
        question.set("sender", days.path("sender"));
        return JSON.readTree(Device.report(question.toString()));
    }

    /** What follows from a call, as of some time, as text. */
    public static String state(Client client, UUID call, long at) {
        var question = about(client, call);
        ((ObjectNode) question.path("asker")).put("now", at);
        return Device.state(question.toString());
    }

    private static ObjectNode about(Client client, UUID call) {
        var held = (ObjectNode) client.get("/api/device/calls/" + call).body();
        var knowhow = held.path("knowhow").asString();
        Device.know(
                knowhow,
                client.get("/api/device/know-how/" + knowhow).response().body());
        var session = client.get("/api/session").body();
        var question = JSON.createObjectNode();
        question.set("held", held.retain("call", "customer", "knowhow", "circumstances"));
        var asker = question.putObject("asker");
        asker.putObject("viewer")
                .put("rank", session.path("lead").asBoolean() ? "LEAD" : "TECHNICIAN")
                .set("units", session.path("units"));
        asker.put("now", System.currentTimeMillis());
        asker.set("clocks", session.path("clocks").path("changes"));
        return question;
    }
}
