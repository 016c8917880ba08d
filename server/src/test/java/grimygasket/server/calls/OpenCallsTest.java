package grimygasket.server.calls;

import static org.testng.Assert.assertEquals;

import grimygasket.server.ServerTest;
import org.testng.annotations.Test;

/** Whoever calls again may mean a call that is on file. */
public class OpenCallsTest extends ServerTest {
    @Test
    public void aCallIsToldOfUntilItIsClosed() {
        var client = signedIn();
        var call = Calls.add(client);
        var home = client.get("/api/device/calls/" + call.id())
                .body()
                .path("customer")
                .path("id")
                .asString();
        var open = client.get("/api/customers/" + home + "/open-calls").body();
        assertEquals(open.size(), 1, open.toString());
        assertEquals(open.path(0).path("callId").asString(), call.id().toString());
        assertEquals(open.path(0).path("machine").asString(), "Corvanne M-1");
        assertEquals(open.path(0).path("complaint").asString(), "Does not drain");
        assertEquals(open.path(0).path("day").asString(), Calls.DAY.toString());
        call.send("{\"kind\": \"cancel\", \"reason\": \"Entered twice\"}");
        assertEquals(client.get("/api/customers/" + home + "/open-calls").body().size(), 0);
    }
}
