package grimygasket.e2e.browser;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import grimygasket.e2e.installation.Installation;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.regex.Pattern;
import org.testng.ITestResult;
import org.testng.annotations.AfterClass;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.AfterSuite;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;

/** An installation as it is at first and the browser of its thread for the tests of a class. */
public abstract class BrowserTest {
    /** The demo's call that is half done. */
    public static final String HALF_DONE = "/calls/0193a000-0000-7000-8000-000000000402";

    /** The demo's call that was left open over night, its machine put together in part. */
    public static final String LEFT_OPEN = "/calls/0193a000-0000-7000-8000-000000000408";

    /** What was on every open page when a test failed: {@code ./verify} shows it last. */
    private static final Path SEEN = Path.of("target/seen");

    public static final String[] SEGMENTS = {"call", "safe", "find", "open", "cure", "close", "prove", "hand-over"};

    protected Installation installation;
    protected Chromium chromium;

    @BeforeClass
    public void install() throws IOException, InterruptedException {
        installation = Installation.lent();
        chromium = Chromium.ofThisThread();
    }

    @AfterMethod
    public void closeProfiles(ITestResult result) throws IOException {
        if (!result.isSuccess()) {
            Files.createDirectories(SEEN);
            Files.writeString(
                    SEEN.resolve(getClass().getSimpleName() + "." + result.getName() + ".txt"), chromium.seen());
        }
        chromium.closeProfiles();
    }

    @AfterClass(alwaysRun = true)
    public void remove() {
        if (installation != null) {
            installation.giveBack();
        }
    }

    @AfterSuite(alwaysRun = true)
    public void closeAll() {
        Installation.closeAll();
    }

    @DataProvider
    public Object[][] sizes() {
        return new Object[][] {{Size.DESK}, {Size.PHONE}};
    }

    public static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    public static Locator region(Page page, String name) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
    }

    public static Locator link(Page page, String name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
    }

    /** Opens all that is folded away under a line with that text; at a desk it is open already. */
    public static void unfold(Page page, String text) {
        page.getByText(text).first().waitFor();
        var shut = page.locator("details:not([open]) > summary").filter(new Locator.FilterOptions().setHasText(text));
        while (shut.count() > 0) {
            shut.first().click();
        }
    }

    /** Takes a step of the plan, be it the advised one or another. */
    public static void choose(Page page, String step) {
        var next = page.getByLabel("Next step");
        next.getByRole(AriaRole.HEADING).first().waitFor();
        var on = next.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Go on: ")));
        if (on.isVisible()) {
            on.click();
        }
        if (!next.getByRole(AriaRole.HEADING).first().innerText().equals(step)) {
            next.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^All steps")))
                    .click();
            // What others begin with may be the whole name of one.
            next.getByRole(AriaRole.BUTTON)
                    .filter(new Locator.FilterOptions()
                            .setHas(page.getByText(step, new Page.GetByTextOptions().setExact(true))))
                    .click();
        }
        next.getByRole(
                        AriaRole.HEADING,
                        new Locator.GetByRoleOptions().setName(step).setExact(true))
                .waitFor();
    }

    /** The story of a call, given by its id or address: kind, subject and answer of each finding. */
    public String[] findings(String call) {
        return column("""
                select concat_ws(' ', f.kind, coalesce(f.symptom, f.fact, f.shown, f.made, f.remedy),
                                 coalesce(f.answer, f.choice, f.outcome, f.proved, ''))
                from service_call c, json_table(c.record, '$.story[*].finding' columns (
                    kind varchar(20) path '$.kind', symptom varchar(40) path '$.symptom', fact varchar(40) path '$.fact',
                    shown varchar(40) path '$.shown', made varchar(40) path '$.check', remedy varchar(40) path '$.remedy',
                    answer varchar(10) path '$.answer', choice varchar(40) path '$.choice',
                    outcome varchar(40) path '$.outcome', proved varchar(20) path '$.proved')) f
                where c.id = '%s'
                """.formatted(call.substring(call.lastIndexOf('/') + 1)));
    }

    /** A phone that has got what the next days need, and works on without signal. */
    public Page readyForTheCellar() {
        return chromium.readyForTheCellar(installation);
    }

    /** A phone that shows a call, and holds it. */
    public Page showing(String call) {
        var page = chromium.signedIn(installation, Size.PHONE, call);
        page.getByLabel("Next step").waitFor();
        holds(page, call);
        return page;
    }

    /** Waits until this device holds a call, given by its id or address: it answers by itself then. */
    public static void holds(Page page, String call) {
        var id = call.substring(call.lastIndexOf('/') + 1);
        page.waitForCondition(() -> stored(page, "calls", id) > 0);
    }

    /** Waits until this device holds a call no more. */
    public static void hasLetGo(Page page, String id) {
        page.waitForCondition(() -> stored(page, "calls", id) == 0);
    }

    /** Waits until nothing is on this device only. */
    public static void hasSentAll(Page page) {
        page.waitForCondition(() -> stored(page, "outbox", null) == 0);
    }

    /** How many things a page's device keeps in a store, all or by a key. */
    private static int stored(Page page, String store, String key) {
        return (int) page.evaluate("""
                async ([store, key]) => {
                  if (!(await indexedDB.databases()).some((db) => db.name === 'grimy-gasket')) return 0
                  return new Promise((done) => {
                    const opening = indexedDB.open('grimy-gasket')
                    opening.onsuccess = () => {
                      const counting = opening.result.transaction(store).objectStore(store).count(key ?? undefined)
                      counting.onsuccess = () => {
                        opening.result.close()
                        done(counting.result)
                      }
                    }
                  })
                }
                """, Arrays.asList(store, key));
    }

    /** Waits until a function of the page, which may take its time, says yes. */
    public static void until(Page page, String function, String about) {
        page.waitForCondition(() -> (boolean) page.evaluate(function, about));
    }

    /** Waits until what is drawn on a page is kept. */
    public static void kept(Page page) {
        page.locator("main[aria-busy=true]")
                .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
    }

    public String[] column(String sql) {
        chromium.pages().forEach(BrowserTest::kept);
        return installation.rows(sql).stream().map(row -> String.join(" ", row)).toArray(String[]::new);
    }
}
