package grimygasket.server.knowhow;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.knowhow.Shipped;
import grimygasket.server.ServerTest;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What would follow on a machine that need not exist. */
public class SuppositionTest extends ServerTest {
    private Answer suppose(String findings) {
        return signedIn().post("/api/know-how/dishwasher/suppositions", """
                        {"features": ["return-valve", "air-gap"], "findings": [%s]}
                        """.formatted(findings));
    }

    private static String first(JsonNode body) {
        return body.path("assessment").path("ranking").path(0).path("fault").asString();
    }

    @Test
    public void symptomsFactsChecksAndCodesMoveTheRanking() {
        assertEquals(
                first(suppose(
                                "{\"finding\": {\"kind\": \"symptom-settled\", \"symptom\": \"water-returns\", \"answer\": \"YES\", \"complaint\": false}}")
                        .body()),
                "valve-open");
        assertEquals(
                first(suppose(
                                "{\"finding\": {\"kind\": \"check-made\", \"check\": \"valve-ball\", \"outcome\": \"open\"}}")
                        .body()),
                "valve-open");
        var waxed = suppose("{\"finding\": {\"kind\": \"fact-known\", \"fact\": \"odd-load\", \"choice\": \"wax\"}}");
        assertEquals(first(waxed.body()), "wax-set");
        var code = Shipped.knowhow("dishwasher").codes().stream()
                .filter(c -> c.faults().size() == 1 && c.symptoms().isEmpty())
                .findFirst()
                .orElseThrow();
        var shown = suppose("""
                {"finding": {"kind": "code-read", "shown": "%s"}, "maker": "%s"}
                """.formatted(code.code(), code.maker()));
        var weights = shown.body()
                .path("assessment")
                .path("ranking")
                .valueStream()
                .filter(suspect ->
                        code.faults().containsKey(suspect.path("fault").asString()))
                .map(suspect -> suspect.path("why").path(0).path("decibans").asDouble())
                .toList();
        assertTrue(weights.get(0) > 3, weights.toString());
    }

    @Test
    public void aContradictionIsSaid() {
        var answer = suppose("""
                {"finding": {"kind": "check-made", "check": "forced-drain", "outcome": "strong"}},
                {"finding": {"kind": "symptom-settled", "symptom": "standing-water", "answer": "YES", "complaint": false}},
                {"finding": {"kind": "symptom-settled", "symptom": "pump-silent", "answer": "YES", "complaint": false}}
                """);
        assertTrue(answer.body().path("assessment").path("misfits").size() >= 1);
        assertEquals(suppose("").body().path("assessment").path("misfits").size(), 0);
    }

    @Test
    public void whatDoesNotExistIsNamed() {
        var symptom = suppose(
                "{\"finding\": {\"kind\": \"symptom-settled\", \"symptom\": \"ghost\", \"answer\": \"YES\", \"complaint\": false}}");
        assertEquals(symptom.status(), 400);
        assertTrue(symptom.detail().contains("ghost"), symptom.detail());
        var features = signedIn()
                .post("/api/know-how/dishwasher/suppositions", "{\"features\": [\"wings\"], \"findings\": []}");
        assertEquals(features.status(), 400);
        assertTrue(features.detail().contains("wings"), features.detail());
        assertEquals(signedIn().get("/api/know-how/toaster").status(), 404);
    }
}
