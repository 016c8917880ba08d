package grimygasket.e2e.page;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.CallPage;
import grimygasket.e2e.browser.Size;
import grimygasket.e2e.browser.Thumb;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/**
 * What a call costs the hands: taps, scrolls and keys are counted, held against their goals, and printed as the rows of
 * docs/benchmarks.md. scripts/by-hand runs it alone.
 */
public class ByHandTest extends BrowserTest {
    private static final int MOST_TAPS = 26;
    private static final int MOST_KEYS_TO_AN_ANSWER = 2;
    private static final int MOST_KEYS_TO_THE_PROOF = 20;

    @Test
    public void aWholeCallFromANewCustomerToTheReport() {
        var page = chromium.signedIn(installation, Size.PHONE);
        var thumb = new Thumb(page);
        begin(page, thumb);
        thumb.tap("Yes: Water stands in the bottom");
        thumb.tap("Yes: Pump hums and nothing moves");
        thumb.tap("Go on: Take the filter out and look");
        thumb.tap("Gloves on");
        thumb.tap("Machine steadied");
        thumb.tap("The tray");
        thumb.tap("Taken off");
        thumb.tap("Go on: Take the filter out and look");
        thumb.tap("Clogged then");
        thumb.tap("Done, now prove it");
        for (var piece : new String[] {"Filter", "Lower rack"}) {
            var place = page.getByLabel("The way back")
                    .locator("> li")
                    .filter(new Locator.FilterOptions().setHasText(piece))
                    .first();
            thumb.tap(place.getByRole(AriaRole.CHECKBOX));
            thumb.tap(piece + ": back in");
        }
        thumb.tap("It worked");
        thumb.tap("Proved: it washes every rack");
        thumb.tap(radio(page, "Food"));
        thumb.tap(radio(page, "Only dirty"));
        thumb.tap(page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("in the bin")));
        thumb.tap("Note it");
        thumb.tap("Charge");
        thumb.tap("Close the call");
        thumb.tap(link(page, "Report for the customer"));
        assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("Odile Marsh");

        System.out.printf(
                "| whole call on a phone, new customer to report | %d taps, %d of them into a field; %d scrolls, %d of them to an answer |%n",
                thumb.taps() + thumb.fields(), thumb.fields(), thumb.scrolls(), thumb.scrollsToAnswers());
        assertTrue(thumb.taps() <= MOST_TAPS, thumb.taps() + " taps");
        assertEquals(thumb.scrollsToAnswers(), 0);
    }

    private static void begin(Page page, Thumb thumb) {
        thumb.tap("New call");
        thumb.type(page.getByLabel("Complaint"), "Dishwasher stands full of water, hums when it should drain");
        thumb.type(page.getByLabel("Maker"), "Corvanne");
        thumb.type(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)), "Odile Marsh");
        thumb.type(page.getByLabel("Street, floor"), "4 Sluice Row");
        thumb.tap("Put on the round");
        page.waitForURL(Pattern.compile(".*/calls/.*"));
    }

    private static Locator radio(Page page, String name) {
        return page.getByRole(
                        AriaRole.RADIO,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .first();
    }

    @Test
    public void fromTheOpenCallToTheProofByKeys() {
        var page = chromium.signedIn(installation, Size.DESK, HALF_DONE);
        var call = new CallPage(page);
        page.getByLabel("Answers").waitFor();
        var keyboard = new Keyboard(page);
        keyboard.press("1");
        int toAnAnswer = keyboard.pressed;
        var proved = call.story().getByText(": proved");
        while (proved.count() == 0 && keyboard.pressed < 2 * MOST_KEYS_TO_THE_PROOF) {
            keyboard.press("1");
        }
        System.out.printf(
                "| by keys on the demo's call that is half done, to the first answer / from there to *Proved* | %d / %d |%n",
                toAnAnswer, keyboard.pressed - toAnAnswer);
        assertTrue(toAnAnswer <= MOST_KEYS_TO_AN_ANSWER, toAnAnswer + "");
        assertThat(proved).isVisible();
        assertTrue(keyboard.pressed - toAnAnswer <= MOST_KEYS_TO_THE_PROOF, keyboard.pressed + " keys");
    }

    private static final class Keyboard {
        private final Page page;
        private int pressed;

        Keyboard(Page page) {
            this.page = page;
        }

        void press(String key) {
            page.keyboard().press(key);
            pressed++;
            kept(page);
        }
    }
}
