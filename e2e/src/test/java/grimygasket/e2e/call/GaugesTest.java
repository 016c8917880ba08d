package grimygasket.e2e.call;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.CallPage;
import grimygasket.e2e.browser.Size;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

/** Gauges alone and on a call, simulated meters, and both systems of units. */
public class GaugesTest extends BrowserTest {
    private static Locator field(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    private static Locator status(Page page) {
        return page.getByRole(AriaRole.STATUS).first();
    }

    private Page gauge(Size size, String id) {
        var page = chromium.signedIn(installation, size, "/gauges/" + id);
        page.getByRole(AriaRole.HEADING).first().waitFor();
        return page;
    }

    @Test(dataProvider = "sizes")
    public void aGaugeAloneJudgesWhatIsTyped(Size size) {
        var page = chromium.signedIn(installation, size);
        if (size == Size.PHONE) {
            button(page, "More").click();
        }
        link(page, "Gauges").click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Drain pump and hose"))
                .click();
        field(page, "Water caught").fill("2.1");
        field(page, "In this time").fill("20");
        assertThat(status(page)).containsText("Only 45% of its normal flow");
        assertThat(page.getByLabel("The arithmetic")).containsText("2.1 L ÷ 20 s = 6.3 L/min");
        assertThat(page.getByRole(AriaRole.FIGURE)).containsText("Hose, now");
        // The glove's way, and a reload in mid-entry.
        button(page, "Water caught: more").click();
        assertThat(field(page, "Water caught")).hasValue(Pattern.compile("^[34]$"));
        page.reload();
        assertThat(field(page, "In this time")).hasValue("20");
        button(page, "Clear all").click();
        assertThat(field(page, "In this time")).hasValue("");
    }

    @Test
    public void nonsenseGetsASentenceAndTheOthersStay() {
        var page = gauge(Size.PHONE, "drain-pump");
        field(page, "Water caught").fill("3");
        field(page, "In this time").fill("-4");
        assertThat(page.getByText("In this time cannot be negative.")).isVisible();
        field(page, "In this time").fill("15");
        field(page, "Height the water is lifted").fill("2.4");
        assertThat(page.getByText("This pump cannot lift water 2.4 m")).isVisible();
        field(page, "Height the water is lifted").fill("0,9");
        assertThat(page.getByText("Write “0.9”, with a point")).isVisible();
        assertThat(field(page, "Water caught")).hasValue("3");
        field(page, "Height the water is lifted").fill("0.9");
        assertThat(status(page)).containsText("it drains as it should");
        page.navigate(installation.address() + "/gauges/hot-supply");
        field(page, "Hot tap, after a minute").fill("900");
        assertThat(page.getByText("so 900 °C is a slip of the finger")).isVisible();
    }

    private void units(Page page, String system) {
        page.navigate(installation.address() + "/settings/practice");
        page.waitForResponse(
                "**/api/session/units",
                () -> page.getByLabel(Pattern.compile("^" + system + ": ")).check());
    }

    /** Others who use the account find it as it was. */
    @AfterMethod(alwaysRun = true)
    void metric() {
        installation.execute("update account set units = 'METRIC'");
    }

    @Test
    public void bothFamiliesOfUnitsFollowTheSwitch() {
        var page = chromium.signedIn(installation, Size.DESK);
        units(page, "US");
        page.navigate(installation.address() + "/gauges/drain-pump");
        field(page, "Water caught").fill("0.5");
        field(page, "In this time").fill("20");
        assertThat(status(page)).containsText("1.5 gal/min");
        assertThat(status(page)).containsText("5.68 L/min");
        page.navigate(installation.address() + HALF_DONE);
        choose(page, "Measure the hot supply");
        assertThat(page.getByLabel("Next step")).containsText("Sound ones read 118 to 140 °F.");
        units(page, "Metric");
        page.navigate(installation.address() + HALF_DONE);
        choose(page, "Measure the hot supply");
        assertThat(page.getByLabel("Next step")).containsText("Sound ones read 47.7 to 60.3 °C.");
    }

    @Test
    public void theStopwatchAndTheCounterFillTheirFields() {
        var page = gauge(Size.PHONE, "drain-pump");
        button(page, "Stopwatch").click();
        page.waitForTimeout(1200);
        page.reload();
        button(page, "Stop at").click();
        assertTrue(Double.parseDouble(field(page, "In this time").inputValue()) >= 1.2);
        button(page, "Count bowls").click();
        button(page, "One more full").click();
        button(page, "One more full").click();
        assertThat(field(page, "Water caught")).hasValue("2");
    }

    /** What stands beside a cause among the likeliest, in per cent; 0 for one that is not there. */
    private static int chance(Page page, String cause) {
        var found = Pattern.compile(Pattern.quote(cause) + "\\s+[<>]?(\\d+)%")
                .matcher(page.getByText("Most likely").locator("..").innerText());
        return found.find() ? Integer.parseInt(found.group(1)) : 0;
    }

    @Test(dataProvider = "sizes")
    public void aReadingFromASimulatedMeterMovesTheRanking(Size size) {
        var page = chromium.signedIn(installation, size);
        var call = CallPage.add(page, "Dishwasher", "Greasy glasses");
        call.sees("Grease stays on");
        // What is wrong with the machine behind the meter is settled, so that chance has no say.
        installation.execute("insert into simulated_machine (call_id, seed, faults, tried) values ('" + call.id()
                + "', 7, '[\"supply-cool\"]', 0)");
        choose(page, "Measure the hot supply");
        var before = chance(page, "Supply water too cool");
        button(page, "From a meter").click();
        var sheet = page.getByRole(AriaRole.DIALOG);
        assertThat(sheet).containsText("Simulated meter.");
        assertThat(sheet).containsText("Steady at");
        sheet.getByText("Take the steady value").click();
        call.touch("Save");
        assertThat(call.story()).containsText("Measure the hot supply");
        assertThat(call.story()).containsText("sound ones read 47.7 to 60.3 °C");
        var after = chance(page, "Supply water too cool");
        assertTrue(after > before + 10, before + "% before, " + after + "% after");
    }

    @Test
    public void aLostMeterKeepsWhatItSaidAndASeriesIsSavedAndOpened() throws Exception {
        var page = chromium.signedIn(installation, Size.PHONE, HALF_DONE);
        choose(page, "Measure the hot supply");
        button(page, "From a meter").click();
        var sheet = page.getByRole(AriaRole.DIALOG);
        assertThat(sheet).containsText("Steady at");
        button(page, "Hold").click();
        assertThat(sheet).containsText("Held");
        var held = sheet.getByLabel("Reading now").innerText();
        page.waitForTimeout(1200);
        assertThat(sheet.getByLabel("Reading now")).hasText(held);

        page.route("**/meter?**", route -> route.abort());
        button(page, "Go on").click();
        assertThat(sheet).containsText("Connection lost");
        assertThat(sheet.getByLabel("Reading now")).hasText(held);
        assertThat(sheet.getByText("Take the steady value")).isEnabled();
        page.unroute("**/meter?**");
        assertThat(sheet).containsText("Connected");

        var saved = page.waitForDownload(() -> button(page, "Save as CSV").click());
        var csv = Files.readString(saved.path());
        assertTrue(csv.startsWith("second,value,unit\r\n0.5,"), csv);
        sheet.locator("input[type=file]")
                .setInputFiles(new FilePayload("series.csv", "text/csv", csv.getBytes(StandardCharsets.UTF_8)));
        assertThat(sheet).containsText(Pattern.compile("A recorded series of \\d+ samples"));
        sheet.locator("input[type=file]")
                .setInputFiles(new FilePayload("x.csv", "text/csv", "a,b\n1,2\n".getBytes(StandardCharsets.UTF_8)));
        assertThat(sheet.getByRole(AriaRole.ALERT)).containsText("The file cannot be taken.");
    }

    @Test
    public void aGaugeOfACallKeepsItsResultAndTheMachinesData() {
        var page = chromium.signedIn(installation, Size.DESK);
        var call = CallPage.add(page, "Washing machine", "Drains slowly");
        call.sees("Drains slowly");
        choose(page, "Drain into a bucket and time it");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Work it out"))
                .click();
        field(page, "Water caught").fill("2");
        field(page, "In this time").fill("30");
        field(page, "Height the water is lifted").fill("1");
        button(page, "Save as this machine’s data").click();
        assertThat(page.getByText("This machine’s own.")).hasCount(1);
        button(page, "Save to the call: 4 L/min").click();
        assertThat(call.story()).containsText("Drain into a bucket and time it: 4 L/min");
        // A slip, put right in the story.
        button(page, "Change: Drain into a bucket and time it").click();
        var sheet = page.getByRole(AriaRole.DIALOG);
        sheet.getByLabel("Flow at the hose end").fill("6");
        sheet.getByText("Save").click();
        assertThat(call.story()).containsText("6 L/min");
    }
}
