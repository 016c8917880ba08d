package grimygasket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import javax.xml.parsers.DocumentBuilderFactory;
import org.testng.annotations.Test;

/** A week of a business with five vans: given out, loaded for, worked without signal, ordered for, and written out. */
public class WeekTest extends BrowserTest {
    private static final LocalDate MONDAY = LocalDate.now().with(TemporalAdjusters.next(DayOfWeek.MONDAY));

    private static final String ORDER = "urn:oasis:names:specification:ubl:schema:xsd:Order-2";

    private static Locator region(Page page, String name) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
    }

    private static Locator visit(Locator in, String customer) {
        return in.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(customer));
    }

    @Test(dataProvider = "sizes")
    public void fromMondaysLoadToFridaysOrder(Size size) throws Exception {
        var customer = "Wenna Lisle " + size;
        var lead = chromium.signedIn(installation, size, "/round");
        isRungUp(lead, customer);
        isGivenOut(lead, customer);
        isLoadedFor(lead);
        isWorkedWithoutSignal(size);
        isOrdered(lead, size);
        isWrittenOut(lead, customer);
    }

    /** Somebody rings up, and nobody has the call yet. */
    private void isRungUp(Page page, String customer) {
        button(page, "New call").click();
        page.getByLabel("Complaint").fill("Does not drain");
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill(customer);
        page.getByLabel("Street, floor").fill("6 Oyster Steps");
        page.getByLabel("Maker").fill("Corvanne");
        page.getByLabel("For whom").selectOption("Nobody yet");
        button(page, "Put on the round").click();
        page.getByLabel("Next step").waitFor();
    }

    /** The call goes to somebody, on Tuesday; the week tells what the day has then. */
    private void isGivenOut(Page page, String customer) {
        var tuesday = MONDAY.plusDays(1);
        page.navigate(installation.address() + "/week/" + MONDAY);
        visit(region(page, "Nobody has these yet"), customer).click();
        var sheet = page.getByRole(AriaRole.DIALOG);
        sheet.getByLabel("For whom").selectOption("Rollo Fenn");
        sheet.getByLabel("Day").fill(tuesday.toString());
        button(page, "Plan it so").click();
        var cell = region(page, "Rollo Fenn").locator("[data-day='" + tuesday + "']");
        assertThat(visit(cell, customer)).isVisible();
        assertThat(cell).containsText("of work");
    }

    /** What the day may want is ticked off beside the van, and stays so. */
    private void isLoadedFor(Page page) {
        page.navigate(installation.address() + "/round");
        var first = page.getByLabel("Parts", new Page.GetByLabelOptions().setExact(true))
                .getByRole(AriaRole.CHECKBOX)
                .first();
        first.setChecked(true);
        page.reload();
        assertThat(first).isChecked();
    }

    /** A colleague works in a cellar: a call comes in there, what is found is entered, and a part comes onto the van. */
    private void isWorkedWithoutSignal(Size size) {
        var before = received();
        var page = chromium.readyForTheCellar(installation, "rollo");
        page.context().setOffline(true);
        var call = CallPage.add(page, "Dishwasher", "Stands full, " + size);
        call.sees("Dirty water comes back later");
        var id = call.id();
        page.navigate(installation.address() + "/shelf");
        page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("RV-20"))
                .getByRole(AriaRole.BUTTON)
                .click();
        button(page, "Save").click();
        assertThat(page.getByText("wait on this device")).isVisible();
        page.context().setOffline(false);
        hasSentAll(page);
        assertEquals(findings(id), new String[] {"symptom-settled water-returns YES"});
        assertEquals(received(), before + 1);
    }

    /** How many movements have brought the valve onto the colleague's van. */
    private int received() {
        return Integer.parseInt(column("""
                select count(*) from part_move m join part p on p.id = m.part_id join account a on a.id = m.account_id
                where p.number = 'RV-20' and a.login = 'rollo' and m.reason = 'RECEIVED'
                """)[0]);
    }

    /** What is below its minimum is ordered, and the order is read by a program that knows nothing of us. */
    private void isOrdered(Page page, Size size) throws Exception {
        var supplier = "Weir Supply " + size;
        installation.execute("""
                insert into part (id, number, name, kind, fits, price, supplier, minimum)
                values ('%s', 'WS-%s', 'Hose clip, 32 mm', 'dishwasher', 'hose-clip', 2.50, '%s', 3)
                """.formatted(UUID.randomUUID(), size, supplier));
        page.navigate(installation.address() + "/shelf");
        page.getByText("To order").click();
        button(page, "Order from " + supplier).click();
        var sheet = page.getByRole(AriaRole.DIALOG);
        sheet.getByText("Order", new Locator.GetByTextOptions().setExact(true)).click();
        var order = page.getByLabel("On order")
                .getByRole(AriaRole.ARTICLE)
                .filter(new Locator.FilterOptions().setHasText("WS-" + size));
        assertThat(order).isVisible();
        var address = order.locator("a[href$='order.xml']").getAttribute("href");
        var builders = DocumentBuilderFactory.newInstance();
        builders.setNamespaceAware(true);
        var document = builders.newDocumentBuilder().parse(new ByteArrayInputStream(got(page, address)));
        assertEquals(document.getDocumentElement().getNamespaceURI(), ORDER);
        assertTrue(document.getDocumentElement().getTextContent().contains("WS-" + size), "it says what is ordered");
    }

    /** All that goes out as a file is what it says it is. */
    private void isWrittenOut(Page page, String customer) {
        for (var file : List.of("customers.csv", "parts.csv", "order-list.csv")) {
            var lines = new String(got(page, "/api/" + file), StandardCharsets.UTF_8).split("\r\n");
            assertTrue(lines.length > 1, file + " has lines");
            assertTrue(lines[0].matches("\uFEFF?[a-z_]+(,[a-z_]+)+"), file + " names its columns: " + lines[0]);
        }
        assertTrue(
                new String(got(page, "/api/customers.csv"), StandardCharsets.UTF_8).contains(customer), "who rang up");
        var labels = new String(got(page, "/api/parts/labels.pdf?text=RV-20"), StandardCharsets.ISO_8859_1);
        assertTrue(labels.startsWith("%PDF-"), "labels are a PDF");
        page.navigate(installation.address() + "/settings/practice");
        var calendar = region(page, "My round in my calendar");
        calendar.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("address$")))
                .click();
        var events = page.context()
                .request()
                .get(calendar.locator("code").innerText().strip())
                .text();
        assertTrue(events.startsWith("BEGIN:VCALENDAR") && events.contains("BEGIN:VEVENT"), events);
    }

    private byte[] got(Page page, String address) {
        var answer = page.context().request().get(installation.address() + address);
        assertTrue(answer.ok(), address + " was answered " + answer.status());
        return answer.body();
    }
}
