package grimygasket.pack.machine;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.diagnosis.Packs;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.pack.work.CleaningCalendar;
import grimygasket.pack.work.School;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.Test;

public class NeedsTest {
    @Test
    public void everyConditionMustHold() {
        var traits = Set.of("vented", "fins=brush");
        assertTrue(Needs.met(List.of(), traits));
        assertTrue(Needs.met(List.of("vented", "fins=brush", "!heat-pump"), traits));
        assertFalse(Needs.met(List.of("vented", "heat-pump"), traits));
        assertFalse(Needs.met(List.of("!vented"), traits));
    }

    @Test
    public void theCalendarIsThatOfTheSchoolFollowed() {
        var pack = new Packs().school(Packs.DATES).fault("a", 0.1).build();
        assertEquals(Machine.of(pack, List.of(), Map.of()).calendar(pack), CleaningCalendar.LONG);
        assertEquals(Machine.of(pack, List.of(), Map.of("dates", "soon")).calendar(pack), CleaningCalendar.SHORT);
        var silent = new Packs().fault("a", 0.1).build();
        assertEquals(Machine.of(silent, List.of(), Map.of()).calendar(silent), CleaningCalendar.FOUND);
    }

    @Test
    public void aSchoolNotChosenIsTheUsualOne() {
        var pack = new Packs()
                .school(new School(
                        "damp",
                        "May filters go back damp?",
                        "dry",
                        null,
                        "A wet filter pulses.",
                        List.of(School.Way.of("dry", "Dry"), School.Way.of("damp", "Damp"))))
                .fault("a", 0.1)
                .build();
        assertEquals(Machine.of(pack, List.of(), Map.of()).traits(), Set.of("damp=dry"));
        assertEquals(Machine.of(pack, List.of("x"), Map.of("damp", "damp")).traits(), Set.of("x", "damp=damp"));
        assertEquals(Machine.of(pack, List.of(), Map.of("damp", "gone")).traits(), Set.of("damp=dry"));
    }

    @Test
    public void ofAGroupAMachineHasOne() {
        var pack = new Packs()
                .feature(new Feature("vented", "Vented", true, "air", List.of()))
                .feature(new Feature("condenser", "Condenser", false, "air", List.of()))
                .feature("lamp")
                .build();
        assertEquals(pack.problemsOf(List.of("vented", "lamp")), List.of());
        assertEquals(
                pack.problemsOf(List.of("vented", "condenser")),
                List.of("A kind is only one of these: Vented, Condenser."));
        assertEquals(pack.problemsOf(List.of("wings")), List.of("“wings” is not a feature of a kind."));
    }
}
