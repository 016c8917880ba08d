package grimygasket.knowhow;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Know-how that says sign where it says symptom now. */
public class OlderNamesTest {
    @DataProvider
    Object[][] kinds() {
        return Shipped.KINDS.stream().map(kind -> new Object[] {kind}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "kinds")
    public void isReadAsItIsWrittenNow(String kind) {
        var today = Shipped.texts(kind);
        var pack = today.pack().replaceAll("symptoms(?=[:/])", "signs");
        var codes = today.codes().replace("symptom:", "sign:");
        assertTrue(pack.contains("\nsigns:") && !pack.contains("symptoms:") && !codes.contains("symptom:"));
        assertEquals(new KnowhowText(pack, codes), today);
        assertEquals(Shipped.reader().read(kind, new KnowhowText(pack, codes)), Shipped.knowhow(kind));
    }

    @Test
    public void wordsStayAsTheyAre() {
        var said = "checks:\n  - {id: look, name: Any sign of water, steps: [\"Look for signs of wear.\"]}\n";
        assertEquals(new KnowhowText(said, "").pack(), said);
        assertFalse(new KnowhowText("", "a,b,\"fault:x=1 sign:y=0.5\"").codes().contains("sign:"));
    }
}
