package grimygasket.server.simulation;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The stand-in for wireless meters, and recorded series. */
public class MeterTest extends ServerTest {
    private static final String CALL = "/api/calls/0193a000-0000-7000-8000-000000000402";

    private List<JsonNode> samples(Client client, String path, int count) {
        var samples = new ArrayList<JsonNode>();
        client.lines(path, line -> {
            if (line.startsWith("data:")) {
                samples.add(json.readTree(line.substring(5)));
            }
            return samples.size() < count;
        });
        return samples;
    }

    @Test
    public void aMeterStreamsItsSamplesAndBecomesSteady() {
        var samples = samples(signedIn(), CALL + "/checks/bucket/meter", 26);
        assertEquals(samples.get(0).path("second").asDouble(), 0.5);
        assertEquals(samples.get(0).path("unit").asString(), "L/min");
        assertTrue(samples.stream().anyMatch(sample -> sample.has("steady")), "steady within 13 seconds");
    }

    @Test
    public void noneAnswersWhereTheyAreOff() {
        var owner = signedIn();
        var before = owner.get("/api/business").body();
        try {
            owner.put(
                    "/api/business",
                    before.toString().replace("\"simulatedMeters\":true", "\"simulatedMeters\":false"));
            assertEquals(owner.get("/api/meters").body().size(), 0);
            assertEquals(owner.get(CALL + "/checks/bucket/meter").kind(), "not-found");
            assertEquals(
                    owner.get("/api/meters/tumble-dryer/exhaust-temperature").kind(), "not-found");
        } finally {
            owner.put("/api/business", before.toString());
        }
        assertTrue(owner.get("/api/meters").body().size() > 0);
    }

    @Test
    public void aLostConnectionGoesOnWhereItBroke() {
        var client = signedIn();
        var whole = samples(client, "/api/meters/tumble-dryer/exhaust-temperature?machine=4", 5);
        var rest = samples(client, "/api/meters/tumble-dryer/exhaust-temperature?machine=4&given=3", 2);
        assertEquals(rest.get(0), whole.get(3));
        assertEquals(rest.get(1), whole.get(4));
    }

    @Test
    public void aStreamEndsWithItsSession() {
        var client = signedIn();
        var count = new AtomicInteger();
        client.lines(CALL + "/checks/bucket/meter", line -> {
            if (line.startsWith("data:") && count.incrementAndGet() == 3) {
                client.delete("/api/session");
            }
            return count.get() < 100;
        });
        assertTrue(count.get() < 30, count + " samples");
    }

    @Test
    public void theMachineBehindACallStaysTheSameOne() {
        var client = signedIn();
        samples(client, CALL + "/checks/bucket/meter", 1);
        var first = jdbc.sql("select faults from simulated_machine where call_id = :id")
                .param("id", UUID.fromString(CALL.substring(11)))
                .query(String.class)
                .single();
        samples(client, CALL + "/checks/bucket/meter", 1);
        assertEquals(
                jdbc.sql("select faults from simulated_machine where call_id = :id")
                        .param("id", UUID.fromString(CALL.substring(11)))
                        .query(String.class)
                        .list(),
                List.of(first));
    }

    @Test
    public void whatNoMeterMeasuresIsNotFound() {
        assertEquals(signedIn().get(CALL + "/checks/filter-look/meter").status(), 404);
        assertEquals(client().get("/api/meters").status(), 401);
        assertTrue(signedIn().get("/api/meters").body().size() > 10);
    }

    @Test
    public void aSeriesIsWrittenAndReadBack() {
        var client = signedIn();
        var moments = new ArrayList<String>();
        for (int i = 0; i < 14; i++) {
            moments.add("{\"second\": %s, \"value\": %s}".formatted(i * 0.5, i % 2 == 0 ? 9.9 : 10.1));
        }
        var written = client.post(
                        "/api/series/csv",
                        "{\"unit\": \"L/min\", \"samples\": [%s]}".formatted(String.join(",", moments)))
                .response()
                .body();
        assertTrue(written.startsWith("second,value,unit\r\n0.0,9.9,L/min\r\n"), written);
        var read = client.postCsv("/api/series?quantity=FLOW", written);
        assertEquals(read.body().path("samples").size(), 14);
        assertEquals(read.body().path("steady").path("value").asDouble(), 10, 1e-9);
        assertEquals(read.body().path("steady").path("shown").asString(), "10 L/min");
        var gallons = client.postCsv("/api/series?quantity=FLOW", "second,value,unit\n0,1,gal/min\n");
        assertEquals(gallons.body().path("samples").path(0).path("value").asDouble(), 3.785411784, 1e-9);
    }

    @Test
    public void aBadSeriesIsRefusedWithItsLine() {
        var client = signedIn();
        assertTrue(client.postCsv("/api/series?quantity=FLOW", "second,value,unit\n0,1,L/min\n1,two,L/min\n")
                .detail()
                .contains("Line 3: “1” and “two” should be numbers"));
        assertTrue(client.postCsv("/api/series?quantity=FLOW", "second,value,unit\n0,21,°C\n")
                .detail()
                .contains("“°C” is not a unit for this; it should be L/min or gal/min."));
        assertTrue(client.postCsv("/api/series?quantity=FLOW", "second,value,unit\n0,1\n")
                .detail()
                .contains("Line 2"));
        assertTrue(client.postCsv("/api/series?quantity=FLOW", "second,value,unit\n")
                .detail()
                .contains("no sample"));
    }
}
