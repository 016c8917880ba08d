package grimygasket.knowhow;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.cases.Case;
import grimygasket.cases.CaseRun;
import java.util.HashSet;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What ships is held against calls as practitioners tell them. */
public class CasesTest {
    @DataProvider
    Object[][] cases() {
        return Shipped.KINDS.stream()
                .flatMap(kind -> CaseReader.of(kind).stream().map(one -> new Object[] {kind, one}))
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "cases")
    public void theAdviceIsGood(String kind, Case one) {
        var knowhow = Shipped.knowhow(kind);
        var failures = CaseRun.of(knowhow.pack(), knowhow.codes(), one).failures();
        if (one.fails() == null) {
            assertEquals(one.id() + ": " + String.join("; ", failures), one.id() + ": ");
        } else {
            assertNotEquals(failures.size(), 0, one.id() + " is met now: say no longer that it fails");
        }
    }

    @Test
    public void thereAreEnoughOfThem() {
        int count = 0;
        for (var kind : Shipped.KINDS) {
            var ids = new HashSet<String>();
            for (var one : CaseReader.of(kind)) {
                assertTrue(ids.add(one.id()), one.id() + " is there twice");
                count++;
            }
        }
        assertTrue(count >= 80, count + " cases");
    }
}
