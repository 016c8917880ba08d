package grimygasket.e2e.office;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.Size;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The know-how: read, tried out, searched, brought in and put to use; and the schools that shape it. */
public class KnowhowTest extends BrowserTest {
    private static final Path PACK = Path.of("../knowledge/vacuum-cleaner.yaml");

    private Page open(Size size, String path) {
        var page = chromium.signedIn(installation, size, path);
        return page;
    }

    private static Locator summary(Page page, String name) {
        return page.locator("summary", new Page.LocatorOptions().setHasText(name));
    }

    @Test(dataProvider = "sizes")
    public void symptomsSupposedMoveTheRankingWithoutACall(Size size) {
        var page = open(size, "/know-how/dishwasher");
        page.getByText("Nothing is supposed yet").waitFor();
        if (size == Size.PHONE) {
            summary(page, "Symptoms").click();
        }
        button(page, "Dirty water comes back later: not known").click();
        var ranking = page.getByLabel("Most likely");
        assertThat(ranking.locator("li").first()).containsText("Return valve stuck open");
        assertThat(ranking).containsText(Pattern.compile("\\+\\d+ Dirty water comes back later"));

        page.reload();
        assertThat(page.getByLabel("Supposed")).containsText("Dirty water comes back later");
        var search = page.getByPlaceholder("Suppose a symptom or a code");
        search.fill("corvanne d4");
        page.locator("li[role=option]").first().click();
        assertThat(page.getByLabel("Supposed")).containsText("Code d4");
        button(page, "Start over").click();
        assertThat(page.getByText("Nothing is supposed yet")).isVisible();
    }

    @Test
    public void aContradictionIsSaid() {
        var page = open(Size.DESK, "/know-how/dishwasher");
        button(page, "Water stands in the bottom: not known").click();
        button(page, "Pump hums and nothing moves: not known").click();
        assertThat(page.getByLabel("Contradiction")).hasCount(0);
        button(page, "Suds in the tub or on the floor: not known").click();
        assertThat(page.getByLabel("Contradiction")).containsText("This does not go together.");
    }

    @Test(dataProvider = "sizes")
    public void aFaultIsFoundAndHasItsPage(Size size) {
        var page = open(size, "/know-how/dishwasher");
        page.getByLabel("Find", new Page.GetByLabelOptions().setExact(true)).fill("impeller jam");
        page.getByLabel("Found").getByText("Drain pump impeller jammed").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Drain pump impeller jammed")))
                .isVisible();
        assertThat(page.getByLabel("How it shows")).containsText("Pump hums and nothing moves");
        assertThat(page.getByLabel("Checks that tell")).containsText("Turn the drain impeller by hand");
        var remedies = page.getByLabel("Remedies, the gentlest first");
        assertThat(remedies).containsText("Clear the drain impeller");
        assertThat(remedies.getByLabel("Caution").first()).containsText("Unplug");
    }

    @Test
    public void theMatrixAndTheCodesAreSearched() {
        var page = open(Size.DESK, "/know-how/washing-machine/symptoms");
        assertThat(page.getByLabel("Symptoms by fault")
                        .getByRole(AriaRole.ROWHEADER)
                        .first())
                .isVisible();
        page.getByText("Codes", new Page.GetByTextOptions().setExact(true)).click();
        page.getByLabel("Find a code").fill("quillane 31");
        assertThat(page.getByLabel("Quillane")).containsText("Fill");
        page.getByLabel("Find a code").fill("no such code");
        assertThat(page.getByText("No code by that name.")).isVisible();
    }

    @Test
    public void aBrokenPackIsRefusedAndASoundOneIsPutToUseAndReturnedFrom() throws IOException {
        var page = open(Size.DESK, "/know-how/vacuum-cleaner/versions");
        var sound = Files.readString(PACK);
        choose(
                page,
                "broken.yaml",
                sound.replaceFirst("rate: 0\\.\\d+", "rate: 7").replaceFirst("ask: ", "aks: "));
        assertThat(page.getByText(Pattern.compile("Refused: \\d+ things are wrong. The version in use stays.")))
                .isVisible();
        assertThat(page.getByLabel("What is wrong")).containsText("rate");
        assertThat(page.getByLabel("What is wrong")).containsText("aks");

        choose(page, "better.yaml", sound.replaceFirst("name: Vacuum cleaner", "name: Vacuum, tried out"));
        assertThat(page.getByLabel("Differences")).containsText("Vacuum, tried out");
        page.getByLabel("What is new about it").fill("Another name");
        button(page, "Import as a new version").click();
        assertThat(page.getByLabel("Versions", new Page.GetByLabelOptions().setExact(true)))
                .containsText("Another name");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Vacuum cleaner")))
                .isVisible();
        button(page, "Publish").first().click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Vacuum, tried out")))
                .isVisible();
        button(page, "Return to it").last().click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Vacuum cleaner")))
                .isVisible();
        assertEquals(column("select number from knowhow_active where kind = 'vacuum-cleaner'"), new String[] {"1"});
    }

    private static void choose(Page page, String name, String text) {
        page.getByLabel("Choose a file")
                .last()
                .setInputFiles(new FilePayload(name, "application/yaml", text.getBytes(StandardCharsets.UTF_8)));
    }

    private static void chooses(Page page, String choice) {
        page.waitForResponse("**/api/schools/*", () -> page.getByLabel(choice).check());
    }

    @Test
    public void aSchoolChosenStands() {
        var page = open(Size.PHONE, "/settings/practice");
        unfold(page, " to choose");
        chooses(page, "Heater turned up, and turned back");
        page.reload();
        unfold(page, " to choose");
        assertThat(page.getByLabel("Heater turned up, and turned back")).isChecked();
        chooses(page, "Water of 70 °C (160 °F) by hand");
        page.reload();
        unfold(page, " to choose");
        assertThat(page.getByLabel("Water of 70 °C (160 °F) by hand")).isChecked();
    }

    @Test(dataProvider = "sizes")
    public void whoSaysANumberAndWhichModelsDifferIsToBeRead(Size size) {
        var page = open(size, "/know-how/dishwasher/numbers");
        assertThat(page.getByLabel("IEC 60038, standard voltages: 230 V")).containsText("Supply voltage");
        assertThat(page.getByLabel("Review by one experienced reader")).containsText("Clean the filter: time");
        page.navigate(installation.address() + "/know-how/dishwasher/faults/filter-clogged");
        assertThat(page.locator("main")).containsText("5 min (Review by one experienced reader)");
        page.navigate(installation.address() + "/know-how/dishwasher/models");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Ostrelle Lagoon:")))
                .isVisible();
    }

    @Test(dataProvider = "sizes")
    public void nothingIsCutOffAtTheSide(Size size) {
        var page = chromium.signedIn(installation, size);
        for (var view : new String[] {
            "", "/faults", "/faults/impeller-jammed", "/symptoms", "/codes", "/models", "/numbers", "/versions"
        }) {
            page.navigate(installation.address() + "/know-how/dishwasher" + view);
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Dishwasher"))
                    .waitFor();
            assertTrue(
                    (int) page.evaluate("document.documentElement.scrollWidth") <= size.width(), view + " at " + size);
        }
    }
}
