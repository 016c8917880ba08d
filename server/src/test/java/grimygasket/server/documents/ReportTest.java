package grimygasket.server.documents;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import grimygasket.server.calls.Calls;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What the customer is given. */
public class ReportTest extends ServerTest {
    private static JsonNode section(JsonNode report, String title) {
        return report.path("sections")
                .valueStream()
                .filter(section -> section.path("title").asString().equals(title))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no section " + title + " in " + report));
    }

    private static List<String> rows(JsonNode report, String title) {
        return section(report, title)
                .path("rows")
                .valueStream()
                .map(row ->
                        row.path("what").asString() + " | " + row.path("result").asString())
                .toList();
    }

    /** A cleaned filter, with everything noted that there is to note. */
    static Calls cleaned(Client client) {
        var call = Calls.add(client);
        call.enter("FACT", "last-cleaned", "never");
        call.enter("SYMPTOM", "gritty", "yes");
        call.enter("CHECK", "filter-look", "clogged");
        call.lay("lower-rack", "filter");
        call.keepCaution("glass");
        call.keepCaution("tips");
        var entry = call.enter("REMEDY", "clean-filter", "done")
                .body()
                .path("story")
                .path(3);
        call.keep("condition", """
                {"station": "filter", "stuff": "FOOD", "before": 0.2, "after": 1, "wear": "DIRTY_ONLY", "binned": true,
                 "sinceDays": 360}
                """);
        call.keep("found", "{\"what\": \"olive stone\", \"count\": 3, \"fate\": \"BINNED\"}");
        call.rebuild();
        call.correct(entry, "cured");
        call.keep("proof-run", "{\"proof\": \"washes\", \"runs\": 1, \"dry\": [], \"lightOut\": false}");
        return call;
    }

    @Test
    public void itTellsCauseWorkAndProofInTheCustomersWords() {
        var client = signedIn();
        var call = cleaned(client);
        assertEquals(
                call.close(call.version(), "").status(),
                200,
                call.get().body().path("handOver").path("gaps").toString());
        var report = call.report();
        assertEquals(report.path("title").asString(), "Report of Tuesday 6 May 2031");
        assertTrue(report.path("standing").asString().startsWith("Maren Tolliver, closed at "));
        assertEquals(section(report, "Complaint").path("points").path(0).asString(), "Does not drain");
        assertTrue(section(report, "Cause").path("text").asString().matches("Filter clogged, .+% sure, because of:"));
        assertTrue(section(report, "Cause").path("points").toString().contains("Take the filter out and look"));
        assertEquals(rows(report, "Found inside"), List.of("Filter | food, 20% open before, 100% after, only dirty"));
        assertEquals(rows(report, "Done"), List.of("Clean the filter | proved"));
        assertEquals(rows(report, "Tried out afterwards"), List.of("It washes every rack | seen once"));
        var next = section(report, "At your next use");
        assertEquals(
                next.path("text").asString(),
                "If this isn’t the case, call us on 01632 960 140 by Tuesday 20 May 2031.");
        assertTrue(next.path("points").path(0).asString().startsWith("The next full, dirty load comes out clean"));
        assertEquals(rows(report, "Found in the machine"), List.of("3 × olive stone | binned"));
        assertEquals(section(report, "Our advice").path("text").asString(), "Scrape the plates");
        assertEquals(section(report, "Protected against").path("text").asString(), "cuts, tipping");
        assertTrue(rows(report, "Next dates").get(0).contains("every"));
    }

    @Test
    public void readingsBeforeAndAfterPartsAndWhatIsLeftAreInIt() {
        var client = signedIn();
        var call = Calls.add(client);
        call.enter("SYMPTOM", "standing-water", "yes");
        call.enter("REMEDY", "replace-valve", "done");
        var use = UUID.randomUUID();
        call.usePart(use, "replace-valve", "0193a000-0000-7000-8000-000000000308", 1);
        call.describe(use.toString(), "RV-77", "TAKEN_ALONG");
        call.keep("proof-run", """
                {"proof": "drains", "before": 1.5, "after": 4, "runs": 2, "dry": ["x"], "lightOut": false}
                """);
        call.close(call.version(), "Cover ordered, back on Friday");
        var report = call.report();
        call.putBack(use);
        assertEquals(
                rows(report, "Tried out afterwards"),
                List.of(
                        "It drains | seen 2 times · flow at the hose end: 1.5 L/min before, 4 L/min after · one joint watched, dry"));
        assertEquals(
                rows(report, "Parts"),
                List.of(
                        "1 × RV-20 Return valve with ball, 20 mm · serial RV-77 · we took the old one along | €7.40",
                        "Tax included, 20% | €1.23"));
        var left = section(report, "Left undone on purpose");
        assertEquals(left.path("text").asString(), "Cover ordered, back on Friday");
        assertTrue(left.path("points").toString().contains("Not on the tray: "), left.toString());
    }

    @Test
    public void itSaysWhoWritesWhatIsChargedAndForHowLongItIsAnsweredFor() {
        var client = signedIn();
        var call = cleaned(client);
        call.keep("labour", "{\"minutes\": 45}");
        assertFalse(call.report().path("sections").toString().contains("Warranty"), "nothing is finished yet");
        call.close(call.version(), "");
        var report = call.report();
        assertEquals(report.path("business").asString(), "Tidewrack Appliance Care");
        assertEquals(
                report.path("letterhead").valueStream().map(JsonNode::asString).toList(),
                List.of(
                        "4 Slipway Row",
                        "Tidewrack Quay",
                        "01632 960 140",
                        "hello@tidewrack.example",
                        "Tax number TQ 704 118"));
        assertTrue(report.path("number").asString().matches("20310506-[0-9A-F]{4}"), report.toString());
        // 45 of 60 minutes at 66 an hour; a sixth of a price with a fifth of tax on top is tax.
        assertEquals(rows(report, "Labour and parts"), List.of("Labour, 45 min | €49.50", "Tax included, 20% | €8.25"));
        assertTrue(section(report, "Warranty").path("text").asString().startsWith("12 months from "));
    }

    @Test
    public void whoeverSignedIsInItAndSoIsWhatASimulatedMeterRead() {
        var client = signedIn();
        var call = Calls.add(client);
        call.send("""
                {"kind": "take-reading", "check": "supply-temperature", "units": "METRIC",
                 "typed": {"text": "41", "source": "SIMULATED_METER"}}
                """);
        call.keep("signature", "{\"name\": \"Tess Orrin\", \"strokes\": \"12,40 15,38;80,20\"}");
        var report = call.report();
        assertTrue(report.path("signed").path("by").asString().startsWith("Tess Orrin, "), report.toString());
        assertEquals(report.path("signed").path("strokes").asString(), "12,40 15,38;80,20");
        assertTrue(rows(report, "Checked").get(0).endsWith(", simulated"), report.toString());
        assertEquals(
                call.keep("signature", "{\"name\": \"Tess\", \"strokes\": \"301,5\"}")
                        .kind(),
                "invalid");
    }

    @Test
    public void thePdfSaysTheSame() throws Exception {
        var client = signedIn();
        var call = cleaned(client);
        call.keep("signature", "{\"name\": \"Tess Orrin\", \"strokes\": \"12,40 15,38;80,20\"}");
        var report = call.report();
        client.putPhoto("/api/business/logo", LogoTest.picture());
        HttpResponse<byte[]> pdf = client.bytes(call.path + "/report.pdf");
        assertEquals(pdf.headers().firstValue("Content-Type").orElse(""), "application/pdf");
        try (var document = Loader.loadPDF(pdf.body())) {
            assertEquals(document.getNumberOfPages(), 1, "a repair is told on one page");
            var text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
            for (var section : report.path("sections")) {
                assertTrue(text.contains(section.path("title").asString()), section + " is missing in " + text);
                section.path("rows")
                        .forEach(
                                row -> assertTrue(text.contains(row.path("what").asString()), text));
                section.path("points").forEach(point -> assertTrue(text.contains(point.asString()), text));
            }
        }
    }

    @Test
    public void thePdfIsWrittenInWhicheverScriptACustomerWrites() throws Exception {
        var client = signedIn();
        var call = Calls.on(client, UUID.randomUUID());
        var left = List.of("厨房漏水", "洗濯機", "물이 샌다", "น้ำรั่ว", "पानी", "Ζαβός", "წყალი", "🚿");
        var right = List.of("שלום", "تسرب");
        call.send(Calls.begin(String.join(" ", left) + " " + String.join(" ", right), "Tess Orrin", "Corvanne"));
        try (var document =
                Loader.loadPDF(client.bytes(call.path + "/report.pdf").body())) {
            var text = new PDFTextStripper().getText(document);
            assertFalse(text.contains("#"), text);
            left.forEach(words -> assertTrue(text.contains(words), words + " is missing in " + text));
            right.forEach(words -> assertTrue(
                    text.contains(words) || text.contains(new StringBuilder(words).reverse()),
                    words + " is missing in " + text));
        }
    }
}
