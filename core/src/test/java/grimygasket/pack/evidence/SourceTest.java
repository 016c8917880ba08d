package grimygasket.pack.evidence;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import grimygasket.diagnosis.Packs;
import grimygasket.pack.machine.Rating;
import grimygasket.pack.soundness.Numbers;
import grimygasket.units.UnitSystem;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

public class SourceTest {
    private static Source source(String... numbers) {
        return new Source("s", "Somebody", "2026-11", Confidence.ONE_WORD, List.of(numbers));
    }

    @Test
    public void aSourceClaimsNumbersByTheirAddresses() {
        assertTrue(source("faults/a/rate").claims("faults/a/rate"));
        assertTrue(source("cadences/filter/*").claims("cadences/filter/longDays"));
        assertFalse(source("faults/*").claims("faults/a/rate"), "a star stands for one member");
        assertFalse(source("faults/a").claims("faults/a/rate"));
        expectThrows(IllegalArgumentException.class, () -> new Source("s", "Somebody", "2026", null, List.of()));
    }

    @Test
    public void everyTradeFigureOfAPackHasAnAddress() {
        var pack = new Packs()
                .rating(Rating.FILL_FLOW, 3)
                .fault("a", 0.1)
                .symptom("wet", 0.02, Map.of("a", 0.9))
                .remedy("clean", null, 5, null, Map.of("a", 0.8))
                .build();
        var numbers = Numbers.of(pack);
        assertEquals(numbers.get("ratings/FILL_FLOW").value(), 3.0);
        assertEquals(numbers.get("faults/a/rate").value(), 0.1);
        assertEquals(numbers.get("symptoms/wet/leak").value(), 0.02);
        assertEquals(numbers.get("symptoms/wet/causes/a").value(), 0.9);
        assertEquals(numbers.get("remedies/clean/minutes").value(), 5.0);
        assertEquals(numbers.get("remedies/clean/cures/a").value(), 0.8);
        assertEquals(numbers.get("ratings/FILL_FLOW").show(UnitSystem.METRIC), "3 L/min");
        assertTrue(pack.sourceOf("faults/a/rate").isEmpty(), "an estimate");
    }
}
