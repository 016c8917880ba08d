package grimygasket.knowhow;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.evidence.Hint;
import grimygasket.pack.machine.Hazard;
import grimygasket.pack.machine.Needs;
import grimygasket.pack.work.Caution;
import grimygasket.pack.work.Instruction;
import grimygasket.pack.work.Reading;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What could hurt somebody, row by row of a practitioner's review: each was in a pack once. */
public class SafeAdviceTest {
    private static final Set<String> GAS_DRYER = Set.of("vented", "gas");

    private final Pack dishwasher = Shipped.knowhow("dishwasher").pack();
    private final Pack washer = Shipped.knowhow("washing-machine").pack();
    private final Pack dryer = Shipped.knowhow("tumble-dryer").pack();
    private final Pack vacuum = Shipped.knowhow("vacuum-cleaner").pack();

    @DataProvider
    Object[][] kinds() {
        return new Object[][] {{dishwasher}, {washer}, {dryer}, {vacuum}};
    }

    private static String method(List<Instruction> steps) {
        return steps.stream()
                .map(Instruction::said)
                .collect(Collectors.joining(" "))
                .toLowerCase();
    }

    private static List<String> ids(List<Caution> cautions) {
        return cautions.stream().map(Caution::id).toList();
    }

    @Test
    public void aGasDryerNeverRunsWithTheDuctOff() {
        assertFalse(Needs.met(dryer.check("duct-off").needs(), GAS_DRYER));
        assertTrue(method(dryer.check("duct-off").steps()).contains("never runs without its duct"));
        for (var check : List.of("hood-look", "exhaust-flow")) {
            assertTrue(ids(dryer.cautions(dryer.check(check), GAS_DRYER)).contains("carbon-monoxide"), check);
        }
        for (var remedy : List.of("clean-duct", "free-flap")) {
            assertTrue(ids(dryer.cautions(dryer.remedy(remedy), GAS_DRYER)).contains("carbon-monoxide"), remedy);
        }
        assertFalse(ids(dryer.cautions(dryer.remedy("free-flap"), Set.of("vented", "heater")))
                .contains("carbon-monoxide"));
    }

    @Test
    public void theGasHoseAndTheWeightStandWhereTheDryerIsMoved() {
        var cautions = ids(dryer.cautions("pulled-out", List.of(), GAS_DRYER));
        assertTrue(cautions.containsAll(List.of("gas-hose", "lifting")), cautions.toString());
    }

    @Test
    public void theOutletOfADryerWantsABandAndNotMore() {
        var reading = dryer.proof("heats").reading();
        assertEquals(reading.better(), Reading.Better.WITHIN);
        assertTrue(reading.right(85.0, 62), "cooler than before, and right");
        assertFalse(reading.right(62.0, 85), "hotter is not better");
        assertFalse(reading.right(null, 20), "cold is not right either");
        var proof = method(dryer.proof("heats").steps());
        assertTrue(proof.contains("drum empty"), "the check is made so, too");
        assertTrue(method(dryer.check("exhaust-temperature").steps()).contains("drum empty"));
    }

    @Test
    public void noMetalBrushOnAnOpenCoil() {
        var text = dryer.notes().stream()
                .map(Hint::text)
                .collect(Collectors.joining(" "))
                .toLowerCase();
        assertTrue(text.contains("open coil: soft brush or air only") && text.contains("look for bristles"), text);
        assertFalse(text.contains("wire brush along the bare coil"), text);
        var brass = dryer.notes().stream()
                .filter(note -> note.text().startsWith("Brass"))
                .findFirst()
                .orElseThrow();
        assertTrue(brass.needs().contains("sheathed"), "only where the rod is closed");
    }

    @Test
    public void waxIsScoopedColdAndNeverDrained() {
        for (var id : List.of("flush-wax", "flush-wax-supply")) {
            var steps = method(dishwasher.remedy(id).steps());
            assertTrue(steps.startsWith("let the wax set cold"), steps);
            assertTrue(steps.contains("bucket"), "the first drain is caught: " + steps);
        }
        var steps = method(dishwasher.remedy("flush-wax").steps());
        assertTrue(steps.contains("70 °c") && steps.contains("never boiling"), steps);
        assertTrue(dishwasher.remedy("flush-wax").tools().contains("bucket"));
    }

    @Test
    public void neverAHandInADisposer() {
        var remedy = dishwasher.remedy("knock-out-plug");
        assertTrue(method(remedy.steps()).contains("never with the hand"));
        assertTrue(dishwasher.cautions(remedy, Set.of("disposer")).stream()
                .anyMatch(caution -> caution.hazard() == Hazard.MOVING));
    }

    @Test
    public void scaldingIsSaidRightAndTheLocalCodeDecides() {
        var text = dishwasher.caution("scald").text();
        assertTrue(text.contains("49 °C (120 °F) scalds in minutes, of 60 °C (140 °F) in seconds"), text);
        assertTrue(text.contains("local code"), text);
        var steps = method(dishwasher.remedy("warm-supply").steps());
        assertTrue(steps.contains("local code") && steps.contains("bacteria"), steps);
    }

    @Test
    public void aHeatPumpsFillingMayBurn() {
        var cautions = dryer.cautions(dryer.remedy("brush-fins"), Set.of("heat-pump"));
        assertTrue(cautions.stream().anyMatch(caution -> caution.text().contains("flammable gas")), ids(cautions) + "");
    }

    @Test(dataProvider = "kinds")
    public void capacitorsAreNamedWhereverACoverHidesThem(Pack pack) {
        var charge = pack.caution("charge").text();
        assertTrue(charge.contains("capacitors"), charge);
        var hiding = pack.layers().stream()
                .filter(layer -> layer.exposes().contains(Hazard.STORED))
                .toList();
        assertFalse(hiding.isEmpty());
        hiding.forEach(layer -> assertTrue(layer.cautions().contains("charge"), layer.id()));
    }

    @Test(dataProvider = "kinds")
    public void somethingBurningStopsTheCall(Pack pack) {
        var alarm = pack.symptom("alarm");
        assertTrue(alarm.complaint());
        assertTrue(alarm.ask().toLowerCase().contains("burning") && alarm.ask().contains("breaker"), alarm.ask());
        var text = pack.caution(alarm.alarm().caution()).text().toLowerCase();
        assertTrue(text.contains("unplug") && text.contains("fire brigade") && text.contains("not switch it on"), text);
    }

    @Test(dataProvider = "kinds")
    public void everyRemedyOfACurrentToEarthIsProvedToBeSafe(Pack pack) {
        pack.remedies().stream()
                .filter(remedy -> remedy.cures().keySet().stream()
                        .anyMatch(
                                Set.of("heater-to-earth", "wiring-overheated", "gas-leaks", "water-in-motor")
                                        ::contains))
                .forEach(remedy -> assertEquals(remedy.proof(), "safe", remedy.id()));
    }

    @Test
    public void noOwnerRunsAVacuumCleanerWithoutItsFilter() {
        var rest = vacuum.check("guard-rest").phone().toLowerCase();
        assertTrue(rest.contains("every filter in its place"), rest);
        assertEquals(vacuum.check("filters-out").phone(), null);
        var out = method(vacuum.check("filters-out").steps());
        assertTrue(out.contains("back in before anything else") && out.contains("do not start"), out);
        assertFalse(method(vacuum.check("motor-listen").steps()).contains("filters out"));
    }

    @Test
    public void ashEmbersTonerAndWaterAreSpokenOf() {
        var dust = vacuum.caution("dust").text();
        assertTrue(dust.contains("embers") && dust.contains("Toner"), dust);
        assertTrue(vacuum.symptom("alarm").ask().contains("drawn in water"));
        assertTrue(vacuum.symptom("embers").ask().contains("hot ash"));
        assertTrue(vacuum.caution("alarm").text().contains("After water let it dry for a day"));
        assertTrue(vacuum.faults().stream().map(Fault::id).anyMatch("water-in-motor"::equals));
    }

    @Test
    public void waterBesideAPlugIsWorkedAtUnplugged() {
        for (var check : List.of("fill-rate", "inlet-screen")) {
            assertTrue(method(washer.check(check).steps()).contains("unplug"), check);
        }
        assertTrue(method(washer.remedy("rinse-screen").steps()).contains("unplug"));
        assertTrue(method(dryer.remedy("rinse-matrix").steps()).contains("unplug"));
    }

    @Test
    public void whatStandsInTrapAndStandpipeIsFoul() {
        for (var remedy : List.of("clean-trap", "clear-standpipe")) {
            assertTrue(
                    washer.cautions(washer.remedy(remedy), Set.of("standpipe")).stream()
                            .anyMatch(caution -> caution.hazard() == Hazard.HYGIENE),
                    remedy);
        }
    }

    @Test
    public void glueIsHeatProofAndCures() {
        var remedy = dryer.remedy("replace-felt");
        var steps = method(remedy.steps());
        assertTrue(steps.contains("heat-proof") && steps.contains("flames away") && steps.contains("cured"), steps);
        assertTrue(steps.contains("open the windows") && remedy.dryMinutes() >= 60, steps);
    }

    @Test
    public void aLooseDishwasherTipsAndIsHeavy() {
        assertTrue(ids(dishwasher.cautions("filter-out", List.of(), Set.of())).contains("tips"));
        assertTrue(ids(dishwasher.cautions(dishwasher.remedy("level-machine"), Set.of()))
                .contains("lifting"));
    }

    @Test
    public void aSwollenOrWetBatteryIsNeitherChargedNorCarried() {
        var text = vacuum.caution("battery").text();
        assertTrue(text.contains("never charge it") && text.contains("never carry it in the cab"), text);
    }

    @Test
    public void aWashingMachineIsTippedKnowingItsWeight() {
        var text = washer.caution("tipping").text();
        assertTrue(text.contains("60 to 80 kg") && text.contains("electronics") && text.contains("Transit"), text);
    }
}
