package grimygasket.stock;

import static org.testng.Assert.assertEquals;

import org.testng.annotations.Test;

public class NeedTest {
    @Test
    public void whatIsThereAndWhatComesIsNotOrderedAgain() {
        assertEquals(Need.of(4, 0, 0, 1, 0), 3);
        assertEquals(Need.of(4, 0, 0, 1, 3), 0, "three are on their way");
        assertEquals(Need.of(4, 0, 0, 4, 0), 0, "three have come");
        assertEquals(Need.of(0, 0, 1, 0, 1), 0);
        assertEquals(Need.of(0, 0, 1, 1, 0), 0, "the one for a call has come");
        assertEquals(Need.of(2, 0, 0, 9, 0), 0);
    }

    @Test
    public void whatIsLikelyWantedIsOrderedAndWhatIsMissingCounts() {
        assertEquals(Need.of(2, 0.03, 0, 0, 0), 2);
        assertEquals(Need.of(0, 0.4, 0, 0, 0), 0);
        assertEquals(Need.of(0, 0.6, 0, 0, 0), 1);
        assertEquals(Need.of(0, 1.2, 1, 1, 0), 1);
        assertEquals(Need.of(1, 0, 0, -2, 0), 3);
    }
}
