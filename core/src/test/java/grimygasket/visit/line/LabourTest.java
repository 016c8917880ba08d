package grimygasket.visit.line;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.util.Optional;
import org.testng.annotations.Test;

public class LabourTest {
    @Test
    public void aDayHasNoMoreThanItsMinutes() {
        assertEquals(new Labour(1440).minutes(), 1440);
        assertThrows(IllegalArgumentException.class, () -> new Labour(1441));
        assertThrows(IllegalArgumentException.class, () -> new Labour(-1));
    }

    @Test
    public void twoWhoChargeDifferentlyAreAsked() {
        var was = new Labour(30);
        assertEquals(new Labour(45).merged(was, was), Optional.of(new Labour(45)));
        assertEquals(new Labour(45).merged(was, new Labour(60)), Optional.empty());
        assertEquals(new Labour(45).merged(null, new Labour(45)), Optional.of(new Labour(45)));
    }
}
