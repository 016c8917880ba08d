package grimygasket.diagnosis.belief;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.util.Arrays;
import org.testng.annotations.Test;

public class FaultSetsTest {
    @Test
    public void countsAreBinomial() {
        assertEquals(FaultSets.of(22, 3).count(), 1 + 22 + 231 + 1540);
        assertEquals(FaultSets.of(5, 5).count(), 32);
        assertEquals(FaultSets.of(2, 3).count(), 4);
        assertEquals(FaultSets.of(0, 3).count(), 1);
    }

    @Test
    public void takingAMemberOutLeadsToTheRest() {
        var sets = FaultSets.of(6, 3);
        for (int s = 0; s < sets.count(); s++) {
            var members = sets.members(s);
            for (int i = 0; i < members.length; i++) {
                int gone = members[i];
                var rest = Arrays.stream(members).filter(m -> m != gone).toArray();
                assertEquals(sets.members(sets.without(s, i)), rest);
            }
        }
    }

    @Test
    public void containingListsEverySetWithAFault() {
        var sets = FaultSets.of(6, 3);
        assertEquals(sets.containing(4).length, 1 + 5 + 10);
        for (int s : sets.containing(4)) {
            assertEquals(Arrays.stream(sets.members(s)).filter(m -> m == 4).count(), 1);
        }
    }

    @Test
    public void productsAndSumsOverAllSetsEqualThoseOfEachSet() {
        var sets = FaultSets.of(6, 3).only(FaultSets.of(6, 3).withSubsets(wanted(5, 17, 30)));
        var factors = new double[] {0.5, 2, 3, 0.25, 7, 0.1, 1};
        var products = sets.products(factors, 4);
        var values = new double[sets.count()];
        for (int s = 0; s < sets.count(); s++) {
            assertEquals(products[s], 4 * sets.product(factors, s), 1e-12);
            values[s] = s + 1;
        }
        var sums = sets.sums(values);
        for (int fault = 0; fault < 6; fault++) {
            assertEquals(
                    sums[fault],
                    Arrays.stream(sets.containing(fault))
                            .mapToDouble(s -> values[s])
                            .sum(),
                    1e-12);
        }
    }

    private static boolean[] wanted(int... sets) {
        var wanted = new boolean[FaultSets.of(6, 3).count()];
        for (int s : sets) {
            wanted[s] = true;
        }
        return wanted;
    }

    @Test
    public void namesABadCount() {
        assertThrows(IllegalArgumentException.class, () -> FaultSets.of(64, 3));
        assertThrows(IllegalArgumentException.class, () -> FaultSets.of(-1, 3));
    }
}
