package grimygasket.e2e.page;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.CallPage;
import grimygasket.e2e.browser.Chromium;
import grimygasket.e2e.browser.Size;
import grimygasket.e2e.installation.Installation;
import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** Follows docs/tour.md step by step: what a step claims is so, and each name in it is met on its way. */
public class TourTest extends BrowserTest {
    private static final Pattern STEP = Pattern.compile("(?m)^(\\d+)\\. ");
    private static final Pattern NAME = Pattern.compile("(?<!\\*)\\*([^*]+)\\*(?!\\*)");

    /** Only there when somebody is late, or another order is better: that depends on the hour at which one looks. */
    private static final Set<String> BY_THE_HOUR = Set.of("tell them", "take this order");

    /** What is to be read of a page, not only what is in view. */
    private static final String ALL = """
            () => [document.body.innerText,
              ...[...document.querySelectorAll('[aria-label], [placeholder], summary, option, label, legend')].flatMap(one =>
                [one.getAttribute('aria-label'), one.getAttribute('placeholder'), one.textContent])].join(' \\n ')""";

    private static final String TOLD = "It hums and stays full of water since I washed jars with labels";

    private final Map<Integer, StringBuilder> seen = new TreeMap<>();
    private int step;
    private Page page;
    private String address;

    @Test
    public void whatTheTourSaysIsMetOnItsWay() throws IOException {
        address = installation.address();
        page = chromium.profile(Size.DESK).newPage();
        List<Runnable> way = List.of(
                this::signsIn,
                this::tellsACall,
                this::seesTheNextStep,
                this::findsAndProves,
                this::takesAPart,
                this::looksAtTomorrow,
                this::putsRight,
                this::readsTheKnowhow,
                this::goesRoundTheRing,
                this::leavesItToAColleague,
                this::handsOver,
                this::comesForUpkeep,
                this::measures,
                this::seesTheDay,
                this::worksWithoutSignal);
        for (var part : way) {
            step++;
            part.run();
        }
        var told = steps();
        assertEquals(told.size(), way.size(), "steps of the tour");
        var missed = new ArrayList<String>();
        told.forEach((number, text) -> NAME.matcher(text)
                .results()
                .map(match -> plain(match.group(1)))
                .flatMap(name ->
                        seen.get(number).indexOf(name) >= 0 ? List.of(name).stream() : Arrays.stream(name.split(", ")))
                .filter(name -> !BY_THE_HOUR.contains(name) && !name.equals(plain(TOLD)))
                .filter(name -> seen.get(number).indexOf(name) < 0)
                .forEach(name -> missed.add(number + ": " + name)));
        assertTrue(missed.isEmpty(), missed + "");
    }

    private static Map<Integer, String> steps() throws IOException {
        var tour = Files.readString(Installation.ROOT.resolve("docs/tour.md"));
        tour = tour.substring(0, tour.indexOf("\n## "));
        var steps = new TreeMap<Integer, String>();
        var starts = STEP.matcher(tour).results().toList();
        for (int i = 0; i < starts.size(); i++) {
            int end = i + 1 < starts.size() ? starts.get(i + 1).start() : tour.length();
            steps.put(
                    Integer.parseInt(starts.get(i).group(1)),
                    tour.substring(starts.get(i).end(), end));
        }
        return steps;
    }

    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT).replace('’', '\'').replaceAll("\\s+", " ");
    }

    /** Reads all that stands on the page, once it is kept. */
    private void look() {
        kept(page);
        read();
    }

    private void read() {
        seen.computeIfAbsent(step, number -> new StringBuilder()).append(plain((String) page.evaluate(ALL)));
    }

    private void open(String view) {
        // From elsewhere, as a change of the hash alone loads nothing.
        page.navigate("about:blank");
        page.navigate(address + view);
        page.getByRole(AriaRole.HEADING).first().waitFor();
    }

    private void touch(String button) {
        button(page, button).first().click();
    }

    private Locator next() {
        return page.getByLabel("Next step");
    }

    private Locator summary(String name) {
        return page.locator("summary", new Page.LocatorOptions().setHasText(name))
                .first();
    }

    private void signsIn() {
        page.navigate(address);
        Chromium.signIn(page);
        page.getByText("of work").waitFor();
        assertThat(page.getByLabel("Calls").getByText("%").first()).isVisible();
        assertThat(page.getByText("What to load").first()).isVisible();
        look();
    }

    private void tellsACall() {
        touch("New call");
        page.getByLabel("Complaint").fill(TOLD);
        page.getByLabel("Maker").fill("Corvanne");
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Odile Marsh");
        page.getByLabel("Street, floor").fill("4 Sluice Row");
        look();
        touch("Put on the round");
        page.waitForURL(Pattern.compile(".*/calls/.*"));
        var call = new CallPage(page);
        call.touch("Yes: Water stands in the bottom");
        look();
        call.touch("Smell of burning, smoke, or it trips the breaker");
        assertThat(call.panel()).containsText("Stop and make it safe");
        page.getByLabel("Undo: Smell of burning, smoke, or it trips the breaker")
                .click();
        assertThat(call.panel()).not().containsText("Stop and make it safe");

        open(HALF_DONE);
        assertThat(page.getByRole(AriaRole.HEADING).first()).containsText("Stops half-way, water left in the bottom");
        assertThat(call.story().getByText("undo")).hasCount(5);
        assertThat(page.getByText("✓").first()).isVisible();
        touch("Air gap:");
        page.getByText("What can be wrong here").waitFor();
        look();
        page.keyboard().press("Escape");
    }

    private void seesTheNextStep() {
        assertThat(page.getByLabel("Answers")).isInViewport();
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Answer the step");
        page.keyboard().press("Escape");
        look();
        touch("All steps");
        assertThat(next().getByText(Pattern.compile("^\\+\\d+ min$")).first()).isVisible();
        look();
    }

    private void findsAndProves() {
        choose(page, "Lift the air gap's cap and look");
        look();
        button(page, "Blocked then").click();
        assertThat(next().getByRole(AriaRole.HEADING).first()).hasText("Clear the air gap");
        assertThat(page.getByLabel("Most likely").locator("li").first()).containsText(Pattern.compile("Air gap.*>99%"));
        look();
        touch("Done, now prove it");
        assertThat(button(page, "It worked")).isVisible();
        look();
        var call = new CallPage(page);
        call.works(2);
        look();
        call.touch("Proved: it drains");
        assertThat(call.story()).containsText("Clear the air gap: proved");
    }

    private void takesAPart() {
        open("/round");
        page.getByText(TOLD).first().click();
        choose(page, "Replace the drain pump");
        assertThat(button(page, "Take it from the van")).isVisible();
        assertThat(next()).containsText(Pattern.compile("€\\d"));
        assertThat(page.getByLabel("So far").getByText("undo").first()).isVisible();
        look();
    }

    private void looksAtTomorrow() {
        open("/round");
        touch("The day after");
        for (var kind : new String[] {"Tumble dryer", "Washing machine", "Vacuum cleaner"}) {
            assertThat(page.getByLabel("Calls").getByText(kind).first()).isVisible();
        }
        look();
    }

    private void putsRight() {
        open("/round");
        page.getByText(TOLD).first().click();
        page.getByLabel("Most likely").waitFor();
        for (var fold : new String[] {"Machine", "This call", "Background", "Complaints"}) {
            summary(fold).click();
            look();
        }
        page.getByText("What would change the ranking").first().waitFor();
        look();
    }

    private void readsTheKnowhow() {
        for (var view : new String[] {"", "/faults", "/symptoms", "/codes", "/versions", "/models", "/sources"}) {
            open("/know-how/dishwasher" + view);
            look();
        }
        for (var view : new String[] {"/practice", "/business", "/devices"}) {
            open("/settings" + view);
            look();
        }
        open("/shelf");
        page.getByText("Return valve").first().click();
        look();
        touch("Close");
        page.getByText("To order").first().click();
        page.getByText("It has come").first().waitFor();
        look();
        open("/round");
        page.getByText(TOLD).first().click();
        choose(page, "Replace the drain pump");
        look();
    }

    private void goesRoundTheRing() {
        open(LEFT_OPEN);
        var call = new CallPage(page);
        assertThat(page.getByRole(AriaRole.HEADING).first())
                .containsText("Stands full, and it is silent when it should drain");
        call.segment("Open");
        assertThat(call.panel()).containsText("Kick plate");
        look();
        call.segment("Close");
        assertThat(page.getByLabel("Screws in the cups")).containsText("A");
        assertThat(call.panel()).containsText("Refit in this order");
        assertThat(call.panel()).containsText(Pattern.compile("[Ww]ater shut off"));
        call.segment("Prove");
        assertThat(call.panel()).containsText("Test runs: 0 of 2 passed");
        look();
        open("/know-how/dishwasher/models");
        look();
    }

    private void leavesItToAColleague() {
        open(LEFT_OPEN + "#hand-over");
        page.getByText("Come back another day").waitFor();
        look();
        var rollo = chromium.profile(Size.PHONE).newPage();
        rollo.navigate(address);
        rollo.getByLabel("Name").fill("rollo");
        rollo.getByLabel("Password").fill(Installation.PASSWORD);
        button(rollo, "Sign in").click();
        rollo.getByText("of work").waitFor();
        rollo.navigate(address + LEFT_OPEN);
        rollo.getByLabel("Next step").waitFor();
    }

    private void handsOver() {
        open(HALF_DONE + "#hand-over");
        assertThat(page.getByText("Charge", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(button(page, "Customer signs")).isVisible();
        assertThat(link(page, "The whole call as a file")).isVisible();
        look();
        summary("Customer").click();
        look();
        open(HALF_DONE + "/report");
        assertThat(link(page, "PDF")).isVisible();
        look();
    }

    private void comesForUpkeep() {
        open("/round");
        touch("The day after");
        page.getByLabel("Calls").getByRole(AriaRole.LINK).last().click();
        page.getByText("To do on this visit").first().waitFor();
        look();
        open("/round");
        touch("New call");
        look();
        page.keyboard().press("Escape");
    }

    private void measures() {
        open("/gauges/drain-pump");
        look();
        open("/round");
        page.getByText(TOLD).first().click();
        choose(page, "Drain into a bucket from the hose end");
        touch("From a meter");
        page.getByText("Take the steady value").waitFor();
        look();
        page.getByText("Take the steady value").click();
        look();
        page.keyboard().press("Escape");
    }

    private void seesTheDay() {
        open("/round");
        assertThat(page.getByText("on the road")).isVisible();
        look();
        open("/board");
        page.getByText("Nobody has these yet").first().waitFor();
        look();
        touch("Plan the day");
        touch("Take this plan");
        page.getByText("Planned anew").waitFor();
        look();
        touch("Undo");
        open("/customers");
        page.getByText("Ottoline Brask").first().waitFor();
        look();
        page.getByText("Ottoline Brask").first().click();
        page.getByText("Dishwasher, Corvanne DW-610 S").first().click();
        page.getByText("What it had before").first().waitFor();
        look();
        open("/settings/practice");
        look();
    }

    private void worksWithoutSignal() {
        page = readyForTheCellar();
        look();
        page.navigate(address + HALF_DONE);
        page.getByLabel("Next step").waitFor();
        holds(page, HALF_DONE);
        page.context().setOffline(true);
        page.getByPlaceholder("What else?").fill("E7q");
        page.getByText("Code “E7q”, not in the tables").click();
        page.getByText("One entry waits on this device").waitFor();
        read();
        page.context().setOffline(false);
        hasSentAll(page);
        assertTrue(Arrays.asList(findings(HALF_DONE)).contains("code-read E7q "));
        open("/settings/devices");
        look();
    }
}
