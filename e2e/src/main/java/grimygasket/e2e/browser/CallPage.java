package grimygasket.e2e.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

/** The screen of a call, as a technician uses it. */
public record CallPage(Page page) {
    /** A call just put on the round, about a new customer's machine of the maker Corvanne. */
    public static CallPage add(Page page, String kind, String complaint) {
        return add(page, kind, "", complaint);
    }

    /** The same, of some model. */
    public static CallPage add(Page page, String kind, String model, String complaint) {
        button(page, "New call").click();
        page.getByLabel("Complaint").fill(complaint);
        page.getByLabel("Model").fill(model);
        return add(page, kind);
    }

    /** A visit for upkeep just put on the round. */
    public static CallPage addUpkeep(Page page, String kind) {
        button(page, "New call").click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Upkeep"))
                .click();
        return add(page, kind);
    }

    private static CallPage add(Page page, String kind) {
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Odile Marsh");
        page.getByLabel("Street, floor").fill("4 Sluice Row");
        page.getByLabel(kind).check();
        page.getByLabel("Maker").fill("Corvanne");
        button(page, "Put on the round").click();
        page.waitForURL(Pattern.compile(".*/calls/.*"));
        return new CallPage(page);
    }

    public String id() {
        return page.url().replaceAll(".*/calls/", "").replaceAll("#.*", "");
    }

    public Locator panel() {
        return page.getByLabel("Next step");
    }

    public Locator story() {
        return page.getByLabel("So far");
    }

    public Locator gaps() {
        return page.getByLabel("What is missing");
    }

    public void touch(String button) {
        panel().getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(button).setExact(true))
                .click();
    }

    public void pick(String option) {
        panel().getByRole(
                        AriaRole.RADIO,
                        new Locator.GetByRoleOptions().setName(option).setExact(true))
                .first()
                .click();
    }

    public void tick(String what) {
        panel().getByRole(AriaRole.CHECKBOX, new Locator.GetByRoleOptions().setName(what))
                .click();
    }

    public void sees(String symptom) {
        touch(symptom);
        assertThat(story()).containsText(symptom);
    }

    /** The customer has told all there is: on to the step that is advised. */
    public void hasHeardAll() {
        if (on().isVisible()) {
            goesOn();
        }
    }

    public void checks(String check, String outcome) {
        hasHeardAll();
        BrowserTest.choose(page, check);
        panel().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(outcome))
                .first()
                .click();
        assertThat(story()).containsText(outcome);
    }

    /** Shows a segment of the ring. */
    public void segment(String title) {
        var name = Pattern.compile("^" + title + ", (open|sealed|nothing due yet)$");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name))
                .click();
        assertThat(panel().locator("p").first()).containsText(title, ignoringCase());
    }

    /** Lays what a layer gives on the tray. */
    public void lays(String layer, String... pieces) {
        panel().getByRole(AriaRole.REGION, new Locator.GetByRoleOptions().setName(layer))
                .getByText("Taken off")
                .click();
        for (var piece : pieces) {
            assertThat(story()).containsText(piece + ": on the tray");
        }
    }

    /** Says that a caution has been seen to. */
    public void confirms(String caution) {
        panel().getByRole(AriaRole.NOTE, new Locator.GetByRoleOptions().setName("Caution: " + caution))
                .getByRole(AriaRole.BUTTON)
                .click();
    }

    /** Confirms every caution that the work so far and ahead asks for. */
    public void makesSafe() {
        segment("Safe");
        var open = panel().getByRole(AriaRole.NOTE).getByRole(AriaRole.BUTTON);
        for (int left = open.count(); left > 0; left--) {
            open.first().click();
            assertThat(open).hasCount(left - 1);
        }
    }

    /** Puts back all that is on the tray, in the order shown, with all screws and everything seen. */
    public void rebuilds() {
        segment("Close");
        var steps = page.getByLabel("The way back").locator("> li");
        for (var step : steps.all()) {
            if (step.innerText().contains("✓ back in")) {
                continue;
            }
            if (step.locator("details[open]").count() == 0) {
                step.locator("summary").click();
            }
            for (var seen : step.getByRole(AriaRole.CHECKBOX).all()) {
                seen.click();
            }
            step.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile(": back in$")))
                    .click();
            assertThat(step).containsText("✓ back in");
        }
    }

    /** Notes what was found at the first place where the work was. */
    public void notes(String station, String stuff, String wear) {
        segment("Cure");
        notesHere(station, stuff, wear);
    }

    /** The same, where the place is shown already. */
    public void notesHere(String station, String stuff, String wear) {
        var note = panel().getByRole(AriaRole.GROUP)
                .filter(new Locator.FilterOptions().setHasText(station))
                .first();
        if (note.getAttribute("open") == null) {
            note.locator("summary").click();
        }
        note.getByRole(
                        AriaRole.RADIO,
                        new Locator.GetByRoleOptions().setName(stuff).setExact(true))
                .click();
        note.getByRole(
                        AriaRole.RADIO,
                        new Locator.GetByRoleOptions().setName(wear).setExact(true))
                .click();
        note.getByRole(AriaRole.CHECKBOX).click();
        note.getByText("Note it").click();
        assertThat(story()).containsText(station + ": " + stuff.toLowerCase());
    }

    public void reads(String reading, String value) {
        panel().getByLabel(reading).fill(value);
        panel().getByLabel(reading).press("Enter");
        assertThat(panel().getByLabel(reading)).hasValue("");
    }

    /** Sees the function work so often. */
    public void works(int times) {
        for (int run = 1; run <= times; run++) {
            touch(run == 1 ? "It worked" : "It worked again");
            assertThat(panel()).containsText("Test runs: " + run + " of");
        }
    }

    /** All goes back in, and the cure is proved by so many runs. */
    public void closesUpAndProves(int runs, String proof) {
        rebuilds();
        goesOn();
        works(runs);
        touch("Proved: " + proof);
    }

    /** Goes back to where the work stands. */
    public void goesOn() {
        on().click();
        assertThat(on()).hasCount(0);
    }

    private Locator on() {
        return panel().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Go on: ")));
    }

    public void closes() {
        segment("Hand over");
        assertThat(panel().getByLabel("Gaps")).hasCount(0);
        touch("Close the call");
        assertThat(panel()).containsText("Closed at");
        BrowserTest.kept(page);
    }

    private static Locator button(Page page, String name) {
        return BrowserTest.button(page, name);
    }

    private static LocatorAssertions.ContainsTextOptions ignoringCase() {
        return new LocatorAssertions.ContainsTextOptions().setIgnoreCase(true);
    }
}
