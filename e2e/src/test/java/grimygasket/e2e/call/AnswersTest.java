package grimygasket.e2e.call;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.CallPage;
import grimygasket.e2e.browser.Chromium;
import grimygasket.e2e.browser.Size;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** A step is answered with one thumb, or from the keyboard alone. */
public class AnswersTest extends BrowserTest {
    private static final int SMALL_WIDTH = 360;
    private static final int SMALL_HEIGHT = 640;

    /** So many steps are listed until all are there. */
    private static final int NEAREST = 6;

    /** The buttons of the answers that are not wholly in view, above the bar of the views. */
    private static final String OUT_OF_VIEW = """
            () => {
              const foot = document.querySelector('nav[aria-label=Views]').getBoundingClientRect().top
              const answers = [...document.querySelectorAll('[aria-label=Answers] button')]
              if (!answers.length) return ['no answers']
              return answers
                .filter(one => { const { top, bottom } = one.getBoundingClientRect(); return top < 0 || bottom > foot + 1 })
                .map(one => one.innerText)
            }""";

    @Test
    public void theAnswersOfEveryStepAreInViewOnASmallPhone() {
        var page = chromium.signedIn(installation, Size.PHONE);
        page.setViewportSize(SMALL_WIDTH, SMALL_HEIGHT);
        page.navigate(installation.address() + HALF_DONE);
        var step = page.getByLabel("Next step");
        step.getByRole(AriaRole.GROUP, named("Answers")).waitFor();
        button(page, "All steps").click();
        var listed = step.getByRole(AriaRole.LIST).last().getByRole(AriaRole.BUTTON);
        page.waitForCondition(() -> listed.count() > NEAREST);
        var names = listed.allInnerTexts().stream()
                .map(name -> name.lines().findFirst().orElseThrow())
                .limit(12)
                .toList();
        button(page, "Fewer").click();
        for (var name : names) {
            choose(page, name);
            page.waitForFunction("() => window.scrollY === 0");
            assertEquals(page.evaluate(OUT_OF_VIEW), List.of(), name);
        }
    }

    @Test
    public void whatWaitsToBeSentDoesNotCoverThem() {
        var page = chromium.signedIn(installation, Size.PHONE, HALF_DONE);
        page.getByLabel("Answers").waitFor();
        holds(page, HALF_DONE);
        page.context().setOffline(true);
        page.getByPlaceholder("What else?").fill("E7q");
        page.getByText("Code “E7q”, not in the tables").click();
        page.getByText("One entry waits on this device").waitFor();
        page.waitForFunction("() => { const top = one => document.querySelector(one).getBoundingClientRect();"
                + " return top('[aria-label=Answers]').bottom <= top('[role=status]').top + 1 }");
        page.context().setOffline(false);
        hasSentAll(page);
    }

    @Test
    public void theAnswersAreInViewAtTheDesk() {
        var page = chromium.signedIn(installation, Size.DESK, HALF_DONE);
        page.getByLabel("Answers").waitFor();
        assertEquals(page.evaluate(OUT_OF_VIEW), List.of());
    }

    @Test
    public void keysAnswerAndTakeBack() {
        var page = chromium.signedIn(installation, Size.DESK, HALF_DONE);
        var first = page.getByLabel("Answers").getByRole(AriaRole.BUTTON).first();
        var answer = first.innerText().lines().findFirst().orElseThrow();
        var heading = page.getByLabel("Next step").getByRole(AriaRole.HEADING).first();
        var asked = heading.innerText();
        page.keyboard().press("1");
        assertThat(page.getByLabel("So far")).containsText(asked + ": " + answer);
        assertThat(heading).isFocused();
        assertThat(heading).not().hasText(asked);
        // It is drawn before it is kept: till then nothing can be done to it.
        assertThat(page.getByLabel("Answers").getByRole(AriaRole.BUTTON).first())
                .isEnabled();
        page.keyboard().press("u");
        page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.HEADING).first().waitFor();
        page.keyboard().press("Escape");
        page.keyboard().press("/");
        assertThat(page.getByPlaceholder("What else?")).isFocused();
        // What is typed there answers nothing.
        page.keyboard().type("1u");
        assertThat(page.getByPlaceholder("What else?")).hasValue("1u");
        heading.focus();
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Answer the step");
    }

    @Test
    public void theFirstKeyLeadsToTheContent() {
        var page = chromium.signedIn(installation, Size.DESK);
        page.keyboard().press("Tab");
        assertThat(page.getByText("Skip to the content")).isFocused();
        page.keyboard().press("Enter");
        assertThat(page.locator("#content")).isFocused();
    }

    @Test
    public void aStepIsReadAloudSentenceBySentence() {
        var page = chromium.profile(Size.PHONE).newPage();
        page.addInitScript("""
                window.said = []
                window.SpeechSynthesisUtterance = class { constructor(text) { this.text = text } }
                Object.defineProperty(window, 'speechSynthesis', {
                  value: { cancel() {}, speak: ({ text }) => window.said.push(text) } })
                """);
        page.navigate(installation.address());
        Chromium.signIn(page);
        page.navigate(installation.address() + HALF_DONE);
        var name =
                page.getByLabel("Next step").getByRole(AriaRole.HEADING).first().innerText();
        button(page, "Read aloud").click();
        button(page, "Repeat").click();
        assertEquals(page.evaluate("window.said"), List.of(name, name));
        page.getByLabel("Next step").getByText("Next", exact()).last().click();
        assertEquals(page.evaluate("window.said.length"), 3);
        page.getByLabel("Next step").getByText("Stop", exact()).click();
        assertThat(button(page, "Read aloud")).isVisible();
    }

    @Test
    public void whoIsOnSiteSeesPlateTelephoneAndPlace() {
        var page = chromium.signedIn(installation, Size.PHONE, HALF_DONE);
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Phone")))
                .hasAttribute("href", Pattern.compile("^tel:"));
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Map")))
                .hasAttribute("href", Pattern.compile("^geo:54[.]021,2[.]03\\?q="));
        button(page, "Show machine and customer").click();
        assertThat(page.getByText("SERIAL")).isInViewport();
        assertThat(page.getByText("PLACE")).isInViewport();
    }

    /** Wet, a thumb taps twice; where the first tap met an answer, the second would meet one of a step that nobody has read. */
    @Test
    public void aThumbThatTapsTwiceAnswersOnce() {
        // Of its own, as the others look at the steps of one that is half done.
        var call = CallPage.add(chromium.signedIn(installation, Size.PHONE), "Dishwasher", "Does not drain");
        var page = call.page();
        call.touch("Yes: Water stands in the bottom");
        call.goesOn();
        kept(page);
        var answer = page.getByLabel("Answers").getByRole(AriaRole.BUTTON).first();
        answer.waitFor();
        int before = findings(call.id()).length;
        var step = page.getByLabel("Next step").getByRole(AriaRole.HEADING).first();
        var read = step.innerText();
        var place = answer.boundingBox();
        // It is read.
        page.waitForTimeout(1000);
        page.touchscreen().tap(place.x + place.width / 2, place.y + place.height / 2);
        assertThat(step).not().hasText(read);
        page.touchscreen().tap(place.x + place.width / 2 + 4, place.y + place.height / 2 + 3);
        kept(page);
        page.waitForTimeout(1000);
        assertEquals(findings(call.id()).length, before + 1);
    }

    private static Locator.GetByRoleOptions named(String name) {
        return new Locator.GetByRoleOptions().setName(name);
    }

    private static Locator.GetByTextOptions exact() {
        return new Locator.GetByTextOptions().setExact(true);
    }
}
