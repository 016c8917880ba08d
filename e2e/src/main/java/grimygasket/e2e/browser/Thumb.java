package grimygasket.e2e.browser;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/**
 * One thumb on a phone: taps where something is, scrolls like people until it is in view, and counts both. It reads what has come
 * before it taps.
 */
public final class Thumb {
    private static final int READING_MILLIS = 700;
    private static final int SCROLLED_MILLIS = 250;
    private static final int MOST_SCROLLS = 20;

    /** Where the thing is to be looked for: -1 above, 1 below, 0 where the middle of it can be tapped. */
    private static final String WHERE = """
            one => {
              const { left, top, width, height } = one.getBoundingClientRect()
              const [x, y] = [left + width / 2, top + height / 2]
              if (y < 0) return -1
              if (y > innerHeight) return 1
              const met = document.elementFromPoint(x, y)
              const meets = met && (one.contains(met) || met.contains(one) || met.closest('label')?.contains(one))
              return meets ? 0 : y > innerHeight / 2 ? 1 : -1
            }""";

    /** By 0.6 of what is in view. */
    private static final String SCROLL = """
            (one, down) => {
              let box = one.parentElement
              while (box && !(box.scrollHeight > box.clientHeight + 1 && /auto|scroll/.test(getComputedStyle(box).overflowY)))
                box = box.parentElement
              box ??= document.scrollingElement
              box.scrollBy({ top: 0.6 * Math.min(innerHeight, box.clientHeight) * down, behavior: 'instant' })
            }""";

    private final Page page;
    private int taps;
    private int fields;
    private int scrolls;
    private int scrollsToAnswers;

    public Thumb(Page page) {
        this.page = page;
    }

    /** Taps on a button of the step, or of the whole page where the step has none of that name. */
    public void tap(String button) {
        var options = new Locator.GetByRoleOptions().setName(button);
        var ofStep = page.getByLabel("Next step").getByRole(AriaRole.BUTTON, options);
        var found = ofStep.or(page.locator("body").getByRole(AriaRole.BUTTON, options));
        found.first().waitFor();
        tap(ofStep.count() > 0 ? ofStep.first() : found.first());
    }

    public void tap(Locator what) {
        touch(what);
        taps++;
        BrowserTest.kept(page);
    }

    /** Taps into a field, and types. */
    public void type(Locator field, String text) {
        touch(field);
        fields++;
        page.keyboard().type(text);
    }

    private void touch(Locator what) {
        what.waitFor();
        page.waitForTimeout(READING_MILLIS);
        boolean answers = (boolean) what.evaluate("one => !!one.closest('[aria-label=Answers]')");
        for (int i = 0; i < MOST_SCROLLS; i++) {
            int where = (int) what.evaluate(WHERE);
            if (where == 0) {
                break;
            }
            what.evaluate(SCROLL, where);
            scrolls++;
            scrollsToAnswers += answers ? 1 : 0;
            page.waitForTimeout(SCROLLED_MILLIS);
        }
        var place = what.boundingBox();
        page.touchscreen().tap(place.x + place.width / 2, place.y + place.height / 2);
    }

    public int taps() {
        return taps;
    }

    /** Taps that begin to type. */
    public int fields() {
        return fields;
    }

    public int scrolls() {
        return scrolls;
    }

    public int scrollsToAnswers() {
        return scrollsToAnswers;
    }
}
