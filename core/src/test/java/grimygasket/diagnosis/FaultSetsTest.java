package grimygasket.diagnosis;

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
    public void namesABadCount() {
        assertThrows(IllegalArgumentException.class, () -> FaultSets.of(64, 3));
        assertThrows(IllegalArgumentException.class, () -> FaultSets.of(-1, 3));
    }
}
