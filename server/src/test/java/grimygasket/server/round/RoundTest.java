package grimygasket.server.round;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import grimygasket.server.Statements;
import grimygasket.server.calls.Calls;
import java.time.LocalDate;
import java.util.UUID;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class RoundTest extends ServerTest {
    @Test
    public void theDemoDayHasFiveCallsOneHalfDoneOneClosed() {
        var calls = signedIn().get("/api/round").body().path("calls");
        assertEquals(calls.size(), 5);
        assertEquals(calls.valueStream().filter(c -> c.has("closedAt")).count(), 1);
        assertEquals(
                calls.valueStream()
                        .filter(c -> !c.has("closedAt") && c.path("stepsTaken").asInt() > 0)
                        .count(),
                1);
        var times = calls.valueStream().map(c -> c.path("plannedAt").asInt()).toList();
        assertEquals(times, times.stream().sorted().toList());
    }

    @Test
    public void minutesLeftAreThoseOfTheOpenCalls() {
        var round = signedIn().get("/api/round").body();
        double sum = round.path("calls")
                .valueStream()
                .filter(c -> !c.has("closedAt"))
                .mapToDouble(c -> c.path("minutes").asDouble())
                .sum();
        assertEquals(round.path("minutesLeft").asDouble(), sum, 1e-9);
    }

    @Test
    public void whatWasLeftOpenStaysInSightToday() {
        var client = signedIn();
        var left = client.get("/api/round").body().path("leftOpen");
        assertEquals(
                left.valueStream()
                        .map(c -> c.path("complaint").asString())
                        .toList()
                        .toString(),
                "[Stands full, and it is silent when it should drain, Does not drain, no sound at all]");
        var yesterday = LocalDate.ofEpochDay(left.path(0).path("day").asLong());
        assertEquals(
                client.get("/api/round/" + yesterday).body().path("leftOpen").size(), 0);
    }

    @Test
    public void loadsThePartThatAnOpenCallMayNeed() {
        var load = signedIn().get("/api/round").body().path("load");
        JsonNode first = load.path(0);
        assertEquals(first.path("name").asString(), "CV-DP30 Drain pump 30 W, quarter turn");
        assertEquals(first.path("onVan").asInt(), 2);
        assertTrue(first.path("chance").asDouble() > 0.5);
    }

    @Test
    public void aLongRoundTakesNoMoreStatementsThanAShortOne() {
        var client = signedIn();
        var day = "/api/round/2031-07-01";
        addOn("2031-07-01", client);
        int calls = client.get(day).body().path("calls").size();
        var statements = new Statements(jdbc);
        long few = statements.of(() -> client.get(day));
        for (int i = 0; i < 4; i++) {
            addOn("2031-07-01", client);
        }
        assertEquals(client.get(day).body().path("calls").size(), calls + 4);
        assertEquals(statements.of(() -> client.get(day)), few);
    }

    private static void addOn(String day, Client client) {
        var call = Calls.on(client, UUID.randomUUID());
        var dishwasher = Calls.machine(UUID.randomUUID(), "dishwasher", "Corvanne", "air-gap");
        call.send(Calls.begin(LocalDate.parse(day), "Does not drain", "Tess Orrin", dishwasher));
        call.enter("CHECK", "filter-look", "clean");
        call.lay("filter");
    }

    @Test
    public void aDayWithoutCallsIsEmpty() {
        var round = signedIn().get("/api/round/2019-01-01").body();
        assertEquals(round.path("calls").size(), 0);
        assertEquals(round.path("minutesLeft").asDouble(), 0.0);
    }

    @Test
    public void findsCustomersByNameStreetPhoneModelAndSerial() {
        var client = signedIn();
        for (var text : new String[] {"plover", "harbour", "22%2000", "H60", "118834"}) {
            var found = client.get("/api/customers?search=" + text).body();
            assertEquals(found.path(0).path("customer").path("name").asString(), "The Plover Inn (kitchen)", text);
            assertEquals(found.path(0).path("machines").path(0).path("maker").asString(), "Haldbeck");
        }
        assertEquals(
                client.get("/api/customers?search=%25").body().size(),
                0,
                "a percent symptom is only a percent symptom");
    }
}
