package grimygasket.e2e.office;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.Size;
import grimygasket.e2e.browser.Week;
import grimygasket.e2e.browser.Week.Van;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import javax.xml.parsers.DocumentBuilderFactory;
import org.testng.annotations.Test;

/** A day of the week of {@link Week}, of which {@code scripts/week} drives all; its order and its files are read by programs that know nothing of us. */
public class WeekTest extends BrowserTest {
    private static final String ORDER = "urn:oasis:names:specification:ubl:schema:xsd:Order-2";

    @Test(dataProvider = "sizes")
    public void fromMondaysLoadToTheOrder(Size size) throws Exception {
        var week = new Week(installation, chromium, size);
        week.drive(1, List.of(Van.ROLLO));
        var number = "WS-" + size;
        isAnOrder(got(week.lead(), week.isOrdered(number)), number);
        isWrittenOut(week.lead(), "Wenna Lisle " + size);
    }

    private static void isAnOrder(byte[] file, String number) throws Exception {
        var builders = DocumentBuilderFactory.newInstance();
        builders.setNamespaceAware(true);
        var document = builders.newDocumentBuilder().parse(new ByteArrayInputStream(file));
        assertEquals(document.getDocumentElement().getNamespaceURI(), ORDER);
        assertTrue(document.getDocumentElement().getTextContent().contains(number), "it says what is ordered");
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
