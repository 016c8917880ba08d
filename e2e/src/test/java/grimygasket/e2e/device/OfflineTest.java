package grimygasket.e2e.device;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.CallPage;
import grimygasket.e2e.browser.Chromium;
import grimygasket.e2e.browser.Size;
import grimygasket.e2e.installation.Installation;
import java.io.IOException;
import java.util.Base64;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** In a cellar: signed in once in the morning, then no signal. */
public class OfflineTest extends BrowserTest {
    private static final String COMPLAINT = "Dirty water in it every morning, down in the cellar";

    private static final String UNDER_THE_CAP = "Lift the air gap's cap and look";
    private static final String GRITTY = "/calls/0193a000-0000-7000-8000-000000000403";
    private static final String GREASY = "/calls/0193a000-0000-7000-8000-000000000404";
    private static final String HUMS = "/calls/0193a000-0000-7000-8000-000000000405";

    private static final String SILENT = "/calls/0193a000-0000-7000-8000-000000000406";

    private static final byte[] PICTURE = Base64.getDecoder()
            .decode("iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==");

    private static void noSignal(Page page) {
        page.context().setOffline(true);
    }

    private static void signalReturns(Page page) {
        page.context().setOffline(false);
        hasSentAll(page);
        assertThat(page.getByText("on this device since")).isHidden();
        assertThat(page.getByText("No signal")).isHidden();
    }

    @Test
    public void aWholeVisitFromANewCustomerToTheReport() {
        var page = readyForTheCellar();
        noSignal(page);
        page.reload();
        assertThat(page.getByText("of work")).isVisible();

        var call = CallPage.add(page, "Dishwasher", COMPLAINT);
        call.sees("Dirty water comes back later");
        page.reload();
        assertThat(call.story()).containsText("Dirty water comes back later");
        call.hasHeardAll();
        choose(page, "Look at the return valve's ball and seat");
        call.touch("The tray");
        call.lays("Lower rack and filter out", "Lower rack", "Filter");
        call.lays("Sump cover off", "Sump cover");
        photographs(page);
        call.makesSafe();
        call.goesOn();
        call.checks("Look at the return valve's ball and seat", "Held open, or seat dirty");
        choose(page, "Replace the return valve");
        call.touch("Take it from the van");
        assertThat(call.story()).containsText("1 × RV-20");
        call.pick("Binned");
        call.touch("Done, now prove it");
        call.closesUpAndProves(2, "it drains");
        call.notes("Return valve", "Grit", "Worn");
        call.segment("Hand over");
        page.getByLabel("Advice to the customer").fill("Clean the filter every two weeks.");
        page.reload();
        assertThat(page.getByLabel("Advice to the customer")).hasValue("Clean the filter every two weeks.");
        call.touch("Close the call");
        assertThat(call.panel()).containsText("Closed at");
        page.getByText("Report for the customer").click();
        assertThat(page.getByRole(AriaRole.ARTICLE).getByLabel("Parts")).containsText("€7.40");

        var id = page.url().replaceAll(".*/calls/([^/]*).*", "$1");
        assertEquals(
                installation
                        .rows("select id from service_call where id = '" + id + "'")
                        .size(),
                0);
        page.navigate(installation.address() + "/shelf");
        assertThat(page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("RV-20")))
                .containsText("2 on your van");
        page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("RV-20"))
                .getByRole(AriaRole.BUTTON)
                .click();
        button(page, "Save").click();
        assertThat(page.getByLabel("On the vans")).containsText("3");
        page.reload();
        assertThat(page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("RV-20")))
                .containsText("3 on your van");
        signalReturns(page);
        assertEquals(findings(id), new String[] {
            "symptom-settled water-returns YES", "check-made valve-ball open", "remedy-tried replace-valve CURED"
        });
        assertEquals(
                column("select used, unit_price, remedy from part_use where call_id = '" + id + "'"),
                new String[] {"1 7.40 replace-valve"});
        assertEquals(
                column("""
                        select m.reason, m.moved, m.on_van from part_move m join part p on p.id = m.part_id
                        where p.number = 'RV-20' and m.by_account = (select id from account where login = 'maren')
                        order by m.at desc limit 2
                        """),
                new String[] {"RECEIVED 1 3", "USED -1 2"},
                "each once, in the order in which it was done");
        assertEquals(column("select count(*) from photo where call_id = '" + id + "'"), new String[] {"1"});
        assertEquals(
                column("select advice, closed_at is not null from service_call where id = '" + id + "'"),
                new String[] {"Clean the filter every two weeks. 1"});
    }

    /** A phone that is ready for the cellar and shows a call. */
    private Page holding(String call) {
        var page = readyForTheCellar();
        page.navigate(installation.address() + call);
        page.getByLabel("Next step").waitFor();
        return page;
    }

    private static void looksUnderTheCap(Page page, String outcome) {
        choose(page, UNDER_THE_CAP);
        page.getByLabel("Next step")
                .getByText(outcome, new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.getByLabel("So far")).containsText(UNDER_THE_CAP + ": " + outcome);
    }

    @Test
    public void aLostSignalIsSaidAndTheEntryGoesThroughOnceItIsBack() {
        var page = holding(SILENT);
        choose(page, "Work the dispenser's lid");
        page.context().setOffline(true);
        button(page, "Stuck or held shut").click();
        assertThat(page.getByLabel("So far")).containsText("Stuck or held shut");
        assertThat(page.getByText("No signal: what you do is kept here.")).isVisible();
        page.context().setOffline(false);
        assertThat(page.getByText("No signal")).isHidden();
        assertEquals(findings(SILENT).length, 3, "entered once");
    }

    @DataProvider
    Object[][] orders() {
        return new Object[][] {{HUMS, "Clear", "Blocked"}, {HALF_DONE, "Blocked", "Clear"}};
    }

    @Test(dataProvider = "orders")
    public void ofTwoWhoDidNotHearOfEachOtherBothAnswersAreShown(String call, String first, String second) {
        var one = holding(call);
        var other = holding(call);
        noSignal(one);
        noSignal(other);
        looksUnderTheCap(one, first);
        looksUnderTheCap(other, second);

        signalReturns(one);
        other.context().setOffline(false);
        assertThat(other.getByText("This already has a different answer.")).isVisible();
        assertThat(other.getByText("there “" + first + "”")).containsText("here “" + second + "”");
        assertThat(other.getByLabel("So far")).containsText(UNDER_THE_CAP + ": " + first);
        button(other, "Use mine").click();
        assertThat(other.getByLabel("So far")).containsText(UNDER_THE_CAP + ": " + second);
        assertThat(one.getByLabel("So far")).containsText(UNDER_THE_CAP + ": " + second);
        assertThat(other.getByText("not accepted: view")).isHidden();
    }

    @Test
    public void aMeterIsMadeUpByThisDeviceWithoutSignal() {
        var page = readyForTheCellar();
        page.navigate(installation.address() + HALF_DONE);
        page.getByLabel("Next step").waitFor();
        holds(page, HALF_DONE);
        noSignal(page);
        choose(page, "Measure the hot supply");
        button(page, "From a meter").click();
        page.getByText("this device makes it up by itself").waitFor();
        page.getByText("Steady at").waitFor();
        button(page, "Take the steady value").click();
        assertThat(page.getByLabel("Next step").getByRole(AriaRole.TEXTBOX).first())
                .not()
                .hasValue("");
        signalReturns(page);
    }

    @Test
    public void aSessionThatEndedMeanwhileLosesNothing() {
        var page = holding(GREASY);
        int before = findings(GREASY).length;
        noSignal(page);
        page.getByPlaceholder("What else?").fill("E71");
        page.getByText("Code “E71”, not in the tables").click();
        page.getByPlaceholder("What else?").fill("E72");
        page.getByText("Code “E72”, not in the tables").click();
        assertThat(page.getByLabel("So far")).containsText("Code E72");
        installation.execute("delete from SPRING_SESSION");
        page.context().setOffline(false);
        assertThat(page.getByText("Your session has ended")).isVisible();
        page.getByLabel("Name").fill(Installation.LOGIN);
        page.getByLabel("Password").fill(Installation.PASSWORD);
        button(page, "Sign in").click();
        signalReturns(page);
        assertEquals(findings(GREASY).length, before + 2);
    }

    @Test
    public void aTabThatIsKilledInMidWordHasItAgainWithoutSignal() {
        var page = holding(HALF_DONE);
        noSignal(page);
        page.getByPlaceholder("What else?").fill("E9");
        page.waitForFunction("() => Object.values(localStorage).some((kept) => kept.includes('E9'))");
        var address = page.url();
        var context = page.context();
        page.close();
        var again = context.newPage();
        again.navigate(address);
        assertThat(again.getByPlaceholder("What else?")).hasValue("E9");
        again.getByPlaceholder("What else?").fill("E91");
        again.getByText("Code “E91”, not in the tables").click();
        assertThat(again.getByLabel("So far")).containsText("Code E91");
        signalReturns(again);
        var told = findings(HALF_DONE);
        assertEquals(told[told.length - 1], "code-read E91 ");
    }

    /** An answer that was foreseen is written down, and drawn, before it is kept. */
    @Test
    public void whatATabHadDrawnAndNotKeptWhenItWasKilledIsDoneByTheNext() {
        var page = holding(GRITTY);
        int before = findings(GRITTY).length;
        noSignal(page);
        page.evaluate("""
                (call) => {
                  const change = { kind: 'settle', finding: { kind: 'code-read', shown: 'E97' } }
                  const device = localStorage['grimy-gasket:device']
                  const command = { id: crypto.randomUUID(), call, device, seq: 1, at: Date.now(), change }
                  const tapped = { account: localStorage['grimy-gasket:owner'], command }
                  localStorage[`grimy-gasket:tapped:${command.id}`] = JSON.stringify(tapped)
                }
                """, GRITTY.substring(GRITTY.lastIndexOf('/') + 1));
        page.reload();
        assertThat(page.getByLabel("So far")).containsText("Code E97");
        until(
                page,
                "async (name) => !Object.keys(localStorage).some((key) => key.startsWith(name))",
                "grimy-gasket:tapped:");
        page.reload();
        signalReturns(page);
        assertEquals(findings(GRITTY).length, before + 1);
    }

    @Test
    public void aServerThatDiesMeanwhileGetsAllOfItOnce() throws IOException, InterruptedException {
        var page = holding(GRITTY);
        int before = findings(GRITTY).length;
        noSignal(page);
        for (int i = 0; i < 6; i++) {
            page.getByPlaceholder("What else?").fill("E8" + i);
            page.getByText("Code “E8" + i + "”, not in the tables").click();
            assertThat(page.getByLabel("So far")).containsText("Code E8" + i);
        }
        page.context().setOffline(false);
        page.waitForResponse("**/api/commands", () -> {});
        installation.killApplication();
        page.getByPlaceholder("What else?").fill("E86");
        page.getByText("Code “E86”, not in the tables").click();
        assertThat(page.getByLabel("So far")).containsText("Code E86");
        installation.startApplication();
        signalReturns(page);
        assertEquals(findings(GRITTY).length, before + 7);
    }

    @Test
    public void withoutRoomItGoesThroughWithSignalAndIsSaid() {
        var page = holding(HUMS);
        page.evaluate("""
                () => {
                  const put = IDBObjectStore.prototype.put
                  IDBObjectStore.prototype.put = function (...all) {
                    if (this.name === 'outbox') throw new DOMException('full', 'QuotaExceededError')
                    return put.apply(this, all)
                  }
                }
                """);
        page.getByPlaceholder("What else?").fill("E91");
        page.getByText("Code “E91”, not in the tables").click();
        assertThat(page.getByLabel("So far")).containsText("Code E91");
        assertThat(page.getByText("There is no room on this device")).isVisible();
        assertTrue(List.of(findings(HUMS)).contains("code-read E91 "));
        noSignal(page);
        page.getByPlaceholder("What else?").fill("E92");
        page.getByText("Code “E92”, not in the tables").click();
        assertThat(page.getByText("The application does not answer.")).isVisible();
    }

    @Test
    public void whoeverSignsOutIsAskedFirstAndTakesEverythingAway() {
        var page = holding(HUMS);
        noSignal(page);
        page.getByPlaceholder("What else?").fill("E95");
        page.getByText("Code “E95”, not in the tables").click();
        assertThat(page.getByLabel("So far")).containsText("Code E95");
        button(page, "More").click();
        link(page, "Settings").click();
        button(page, "Sign out").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("One entry is only on this device yet.");
        button(page, "Stay signed in").click();
        page.context().setOffline(false);
        hasSentAll(page);
        assertTrue(List.of(findings(HUMS)).contains("code-read E95 "));
        button(page, "Sign out").click();
        button(page, "Sign in").waitFor();
        until(page, "async (name) => !(await indexedDB.databases()).some((db) => db.name === name)", "grimy-gasket");
        until(page, "async (name) => !(await caches.has(name))", "answers");
    }

    @Test
    public void aLostDeviceIsSignedOutAndEmptied() {
        var phone = holding(HUMS);
        noSignal(phone);
        phone.reload();
        assertThat(phone.getByLabel("So far")).isVisible();
        var desk = chromium.signedIn(installation, Size.DESK);
        link(desk, "Settings").click();
        link(desk, "Devices and sign-in").click();
        desk.getByLabel("is lost").first().click();
        button(desk, "Sign it out").click();
        assertThat(desk.getByText("is emptied when it is heard of")).isVisible();
        phone.context().setOffline(false);
        phone.reload();
        assertThat(phone.getByText("This device was signed out as lost.")).isVisible();
        until(phone, "async (name) => !(await indexedDB.databases()).some((db) => db.name === name)", "grimy-gasket");
        until(phone, "async (name) => !(await caches.has(name))", "answers");
        desk.reload();
        assertThat(desk.getByText("signed out, and emptied")).isVisible();
        phone.navigate(installation.address());
        Chromium.signIn(phone);
        phone.navigate(installation.address() + HUMS);
        holds(phone, HUMS);
    }

    @Test
    public void anErasedCustomerLeavesEveryDevice() {
        var phone = readyForTheCellar();
        var id = CallPage.add(phone, "Dishwasher", COMPLAINT).id();
        hasSentAll(phone);
        holds(phone, id);
        noSignal(phone);
        var another = showing("/calls/" + id);
        var desk = chromium.signedIn(installation, Size.DESK, "/calls/" + id);
        desk.locator("summary")
                .filter(new Locator.FilterOptions().setHasText("Odile Marsh"))
                .click();
        button(desk, "Delete customer and all records").click();
        var forGood = button(desk, "Delete for good");
        assertThat(forGood).isDisabled();
        desk.getByLabel("Type their name to go on").fill("odile marsh");
        forGood.click();
        desk.waitForURL("**/round");
        hasLetGo(desk, id);
        assertThat(another.getByText("This call is not on file.")).isVisible();
        assertThat(another.getByText("Odile Marsh")).isHidden();
        phone.context().setOffline(false);
        hasLetGo(phone, id);
        phone.reload();
        assertThat(phone.getByText("This call is not on file.")).isVisible();
        assertEquals(
                installation
                        .rows("select id from service_call where id = '" + id + "'")
                        .size(),
                0);
    }

    private static void photographs(Page page) {
        page.getByLabel("Next step")
                .locator("summary")
                .filter(new Locator.FilterOptions().setHasText("Sump cover"))
                .click();
        page.getByLabel("Photo of Sump cover").setInputFiles(new FilePayload("cover.png", "image/png", PICTURE));
        assertThat(page.locator("img[src^=blob]").first()).isVisible();
    }
}
