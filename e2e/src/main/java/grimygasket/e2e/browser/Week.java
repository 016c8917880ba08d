package grimygasket.e2e.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import grimygasket.e2e.installation.Installation;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;

/**
 * A week of the demo's business as its people drive it in the browser: every day a call for each of its vans comes in, is given out on the board
 * of the week, loaded for, worked and closed, the last van's without signal; and what lies below its minimum then is ordered.
 */
public final class Week {
    private static final LocalDate MONDAY = LocalDate.now().with(TemporalAdjusters.next(DayOfWeek.MONDAY));

    /** Whose vans there are: how they sign in, and what they are called. */
    public enum Van {
        MAREN("Maren Tolliver"),
        JORY("Jory Pellam"),
        TAMSIN("Tamsin Orle"),
        EBBA("Ebba Stroud"),
        ROLLO("Rollo Fenn");

        private final String called;

        Van(String called) {
            this.called = called;
        }

        String login() {
            return name().toLowerCase();
        }
    }

    private static final String VALVE = "RV-20";

    private final Installation installation;
    private final Chromium chromium;
    private final Size size;
    private final Page lead;

    public Week(Installation installation, Chromium chromium, Size size) {
        this.installation = installation;
        this.chromium = chromium;
        this.size = size;
        this.lead = chromium.signedIn(installation, size, "/round");
    }

    /** The whole of it, day by day and van by van. */
    public void drive(int days, List<Van> vans) {
        for (int day = 0; day < days; day++) {
            for (var van : vans) {
                var customer = "Wenna Lisle " + size + " " + day + van.ordinal();
                var call = isRungUp(customer);
                isGivenOut(customer, van, MONDAY.plusDays(day));
                isWorked(call, van, MONDAY.plusDays(day), van == vans.get(vans.size() - 1));
            }
        }
        assertEquals(installation.rows("""
                        select p.number from van_stock s join part p on p.id = s.part_id
                        where s.on_van <> coalesce((select sum(m.moved) from part_move m
                                                    where m.part_id = s.part_id and m.account_id = s.account_id), 0)
                        """), List.of(), "every count is the sum of its movements");
    }

    private static Locator visit(Locator in, String customer) {
        return in.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(customer));
    }

    /** Somebody rings up and is asked what they see; nobody has the call yet. */
    private String isRungUp(String customer) {
        lead.navigate(installation.address() + "/round");
        BrowserTest.button(lead, "New call").click();
        lead.getByLabel("Complaint").fill("Does not drain");
        lead.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill(customer);
        lead.getByLabel("Street, floor").fill("6 Oyster Steps");
        lead.getByLabel("Maker").fill("Corvanne");
        lead.getByLabel("For whom").selectOption("Nobody yet");
        BrowserTest.button(lead, "Put on the round").click();
        lead.getByLabel("Next step").waitFor();
        var call = new CallPage(lead);
        call.sees("Dirty water comes back later");
        BrowserTest.kept(lead);
        return call.id();
    }

    /** The call goes to somebody, on some day; the week tells what the day has then. */
    private void isGivenOut(String customer, Van van, LocalDate day) {
        lead.navigate(installation.address() + "/week/" + MONDAY);
        visit(BrowserTest.region(lead, "Nobody has these yet"), customer).click();
        var sheet = lead.getByRole(AriaRole.DIALOG);
        sheet.getByLabel("For whom").selectOption(van.called);
        sheet.getByLabel("Day").fill(day.toString());
        BrowserTest.button(lead, "Plan it so").click();
        var cell = BrowserTest.region(lead, van.called).locator("[data-day='" + day + "']");
        assertThat(visit(cell, customer)).isVisible();
        assertThat(cell).containsText("of work");
    }

    /** What the day may want is ticked off beside the van and brought onto it; then the visit, from what was heard to the closed call. */
    private void isWorked(String call, Van van, LocalDate day, boolean withoutSignal) {
        int before = used(van);
        var page = chromium.readyForTheCellar(installation, van.login(), size);
        isLoadedFor(page, day);
        page.navigate(installation.address() + "/calls/" + call);
        page.getByLabel("Next step").waitFor();
        BrowserTest.holds(page, call);
        page.context().setOffline(withoutSignal);
        takesAboard(page, van);
        page.navigate(installation.address() + "/calls/" + call);
        replacesTheValve(new CallPage(page));
        page.context().setOffline(false);
        BrowserTest.hasSentAll(page);
        page.context().close();
        assertEquals(
                installation.rows("select closed_at is not null from service_call where id = '" + call + "'"),
                List.of(List.of("1")),
                "the call is closed");
        assertEquals(used(van), before + 1, "one more is used");
    }

    private void isLoadedFor(Page page, LocalDate day) {
        page.navigate(installation.address() + "/round/" + day);
        var first = page.getByLabel("Parts", new Page.GetByLabelOptions().setExact(true))
                .getByRole(AriaRole.CHECKBOX)
                .first();
        first.setChecked(true);
        page.reload();
        assertThat(first).isChecked();
    }

    private void takesAboard(Page page, Van van) {
        int before = number("""
                select coalesce(sum(s.on_van), 0) from van_stock s join part p on p.id = s.part_id join account a on a.id = s.account_id
                where p.number = '%s' and a.login = '%s'
                """.formatted(VALVE, van.login()));
        page.navigate(installation.address() + "/shelf");
        page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText(VALVE))
                .getByRole(AriaRole.BUTTON)
                .click();
        BrowserTest.button(page, "Save").click();
        assertThat(page.getByLabel("On the vans")).containsText(Pattern.compile(van.called + "\\s*" + (before + 1)));
    }

    private void replacesTheValve(CallPage call) {
        call.hasHeardAll();
        BrowserTest.choose(call.page(), "Look at the return valve's ball and seat");
        call.touch("The tray");
        call.lays("Lower rack and filter out", "Lower rack", "Filter");
        call.lays("Sump cover off", "Sump cover");
        call.makesSafe();
        call.goesOn();
        call.checks("Look at the return valve's ball and seat", "Held open, or seat dirty");
        BrowserTest.choose(call.page(), "Replace the return valve");
        call.touch("Take it from the van");
        call.pick("Binned");
        call.touch("Done, now prove it");
        call.closesUpAndProves(2, "it drains");
        call.notes("Return valve", "Grit", "Worn");
        call.segment("Hand over");
        call.touch("Close the call");
        assertThat(call.panel()).containsText("Closed at");
    }

    private int used(Van van) {
        return number("""
                select count(*) from part_move m join part p on p.id = m.part_id join account a on a.id = m.account_id
                where p.number = '%s' and a.login = '%s' and m.reason = 'USED'
                """.formatted(VALVE, van.login()));
    }

    private int number(String sql) {
        return Integer.parseInt(installation.rows(sql).get(0).get(0));
    }

    /**
     * What is below its minimum is ordered.
     *
     * @return where the order is as a file
     */
    public String isOrdered(String number) {
        var supplier = "Weir Supply " + size;
        installation.execute("""
                insert into part (id, number, name, kind, fits, price, supplier, minimum)
                values ('%s', '%s', 'Hose clip, 32 mm', 'dishwasher', 'hose-clip', 2.50, '%s', 3)
                """.formatted(UUID.randomUUID(), number, supplier));
        lead.navigate(installation.address() + "/shelf");
        lead.getByText("To order").click();
        BrowserTest.button(lead, "Order from " + supplier).click();
        lead.getByRole(AriaRole.DIALOG)
                .getByText("Order", new Locator.GetByTextOptions().setExact(true))
                .click();
        var order = lead.getByLabel("On order")
                .getByRole(AriaRole.ARTICLE)
                .filter(new Locator.FilterOptions().setHasText(number));
        assertThat(order).isVisible();
        return order.locator("a[href$='order.xml']").getAttribute("href");
    }

    public Page lead() {
        return lead;
    }
}
