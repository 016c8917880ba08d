package grimygasket.diagnosis.belief;

import static org.testng.Assert.assertEquals;

import java.util.stream.IntStream;
import org.testng.annotations.Test;

public class BitsTest {
    private static final double[] FIGURES =
            IntStream.range(0, 64).mapToDouble(i -> Math.pow(2, i % 32)).toArray();

    @Test
    public void eachThingOfASetCountsOnce() {
        assertEquals(Bits.sum(0, FIGURES), 0.0);
        assertEquals(Bits.sum(0b1011, FIGURES), 11.0);
        assertEquals(Bits.sum(1L << 31 | 1L << 33, FIGURES), Math.pow(2, 31) + 2);
        assertEquals(Bits.sum(-1, FIGURES), 2 * (Math.pow(2, 32) - 1));
    }
}
