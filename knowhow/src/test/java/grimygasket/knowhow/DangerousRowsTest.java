package grimygasket.knowhow;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.CheckMade;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.plan.Plan;
import grimygasket.diagnosis.plan.Step;
import grimygasket.diagnosis.story.Evidence;
import grimygasket.diagnosis.story.Van;
import grimygasket.pack.Pack;
import grimygasket.pack.machine.Power;
import grimygasket.pack.work.Caution;
import grimygasket.pack.work.Instruction;
import grimygasket.visit.PhoneChecks;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What once was advised and could have hurt somebody, row by row; {@link ExplorationTest} holds that nothing of its kind is. */
public class DangerousRowsTest {
    private static final Van VAN = new Van(60, 60, Map.of());

    private static Pack pack(String kind) {
        return Shipped.knowhow(kind).pack();
    }

    private static Machine machine(Pack pack, String... features) {
        return Machine.of(pack, List.of(features), Map.of());
    }

    /** With every caution confirmed: somebody goes on. */
    private static Plan plan(Pack pack, Machine machine, Finding... findings) {
        var confirmed = pack.cautions().stream().map(Caution::id).collect(Collectors.toSet());
        return Diagnosis.assess(pack, machine, new Evidence(List.of(findings), VAN, confirmed))
                .plan();
    }

    private static Finding told(String symptom) {
        return new SymptomSettled(symptom, Answer.YES, true);
    }

    private static String words(List<Instruction> steps) {
        return steps.stream()
                .map(Instruction::said)
                .collect(Collectors.joining(" "))
                .toLowerCase();
    }

    /** An everyday fault stands beside the alarm that it seemed to explain. */
    @DataProvider
    Object[][] explainedAway() {
        return new Object[][] {
            {"dishwasher", "standing-water", "filter-look", List.of("return-valve")},
            {"washing-machine", "water-stays", "trap-look", List.of("bypass")},
            {"tumble-dryer", "dries-long", "housing-look", List.of("vented", "heater")},
            {"vacuum-cleaner", "brush-stalls", "brush-turn", List.of("bin", "cordless", "driven-brush")}
        };
    }

    @Test(dataProvider = "explainedAway")
    public void anEverydayFaultExplainsNoAlarmAway(String kind, String symptom, String check, List<String> features) {
        var pack = pack(kind);
        var machine = Machine.of(pack, features, Map.of());
        var found = new CheckMade(check, pack.check(check).outcomes().get(0).id());
        var looks = new ArrayList<>(pack.symptom("alarm").alarm().cleared());
        var findings = new ArrayList<>(List.of(told(symptom), told("alarm"), found));
        while (!looks.isEmpty()) {
            var plan = plan(pack, machine, findings.toArray(Finding[]::new));
            assertEquals(plan.next().id(), looks.get(0), "looked at before anything gives it power");
            assertTrue(plan.steps().stream().allMatch(step -> isWithoutPower(pack, step)), plan.steps() + "");
            var look = pack.check(looks.remove(0));
            findings.add(new CheckMade(
                    look.id(), look.outcomes().get(look.outcomes().size() - 1).id()));
        }
        var free = plan(pack, machine, findings.toArray(Finding[]::new));
        assertFalse(pack.symptom("alarm").alarm().cleared().contains(free.next().id()), "cleared is cleared");
    }

    private static boolean isWithoutPower(Pack pack, Step step) {
        return switch (step.kind()) {
            case CHECK -> pack.check(step.id()).power() != Power.LIVE;
            case REMEDY -> pack.remedy(step.id()).power() != Power.LIVE;
            case REFER -> true;
            case ASK, FACT, PROVE, STOP -> false;
        };
    }

    @Test(dataProvider = "explainedAway")
    public void whatALookHasShownIsCuredAndLookedAtAgain(
            String kind, String symptom, String check, List<String> features) {
        var pack = pack(kind);
        var machine = Machine.of(pack, features, Map.of());
        var look = pack.check("scorch-look");
        var scorched = new CheckMade(look.id(), "scorched");
        var shown = plan(pack, machine, told("alarm"), scorched);
        var cure = shown.next();
        assertTrue(cure.kind() == Step.Kind.REMEDY || cure.kind() == Step.Kind.REFER, cure + "");
        var remedy = pack.remedies().stream()
                .filter(one -> one.cures().getOrDefault("wiring-overheated", 0.0) >= 0.3)
                .findFirst()
                .orElseThrow();
        var done = plan(pack, machine, told("alarm"), scorched, new RemedyTried(remedy.id(), Proved.PENDING));
        assertEquals(done.next().id(), look.id(), "looked at again before it is proved");
    }

    @Test
    public void whoSmellsGasLightsNothing() {
        var dryer = pack("tumble-dryer");
        var plan = plan(dryer, machine(dryer, "vented", "gas"), told("gas-smell"));
        assertEquals(plan.steps().stream().map(Step::kind).toList(), List.of(Step.Kind.REFER));
        var tap = dryer.check("gas-tap");
        assertTrue(words(tap.steps()).startsWith("smell first"), words(tap.steps()));
        assertTrue(words(tap.steps()).contains("light none"), words(tap.steps()));
        Shipped.KINDS.forEach(kind ->
                assertTrue(pack(kind).symptom("gas-smell").alarm().cleared().isEmpty(), kind));
    }

    @Test
    public void nobodyIsAskedByTelephoneToRunWhatBurns() {
        for (var kind : Shipped.KINDS) {
            var pack = pack(kind);
            var machine = Machine.of(
                    pack,
                    pack.features().stream()
                            .filter(one -> one.usual())
                            .map(one -> one.id())
                            .toList(),
                    Map.of());
            for (var alarm : List.of("alarm", "gas-smell")) {
                var findings = List.of(told(alarm));
                var assessment = Diagnosis.assess(pack, machine, new Evidence(findings, VAN));
                assertEquals(PhoneChecks.of(pack, machine, assessment, findings), List.of(), kind + " " + alarm);
            }
        }
    }

    @Test
    public void whatIsWetGetsNoPowerBeforeItIsLookedAtAndMeasured() {
        for (var kind : List.of("dishwasher", "washing-machine")) {
            var pack = pack(kind);
            var machine = machine(pack);
            var told = told("wet-inside");
            assertEquals(plan(pack, machine, told).next().id(), "wet-look");
            var wet = new CheckMade("wet-look", "wet");
            assertEquals(plan(pack, machine, told, wet).next().id(), "dry-electronics");
            var dried = new RemedyTried("dry-electronics", Proved.PENDING);
            assertEquals(plan(pack, machine, told, wet, dried).next().id(), "wet-look", "and looked at again");
            var dry = new CheckMade("wet-look", "dry");
            assertEquals(plan(pack, machine, told, wet, dried, dry).next().id(), "insulation");
        }
    }

    @Test
    public void noRemedyBehindACoverIsProvedBeforeItIsOn() {
        var note = pack("tumble-dryer").notes().stream()
                .filter(one -> one.needs().contains("test-when=first"))
                .findFirst()
                .orElseThrow();
        assertTrue(note.text().contains("covers on; then prove it"), note.text());
        assertFalse(
                words(pack("tumble-dryer").remedy("clear-water-pump").steps()).contains("run it"));
        for (var remedy : List.of("replace-pump", "clear-sump-hose", "free-trap")) {
            assertTrue(words(pack("washing-machine").remedy(remedy).steps()).contains("panel on"), remedy);
        }
        assertTrue(
                words(pack("dishwasher").remedy("replace-drain-pump").steps()).contains("plate on"));
    }

    @Test
    public void handsAreOffWhereSomethingRunsOpen() {
        var look = words(pack("dishwasher").check("joint-look").steps());
        assertTrue(look.startsWith("unplug the machine. dry the joints"), look);
        assertTrue(look.contains("hands off while it has power") && look.contains("unplug it again"), look);
    }

    @Test
    public void noRunningBrushIsHeld() {
        var steps = words(pack("vacuum-cleaner").remedy("replace-drive").steps());
        assertTrue(steps.contains("never by hand or foot"), steps);
    }

    @Test
    public void whoTipsTheMachineIsToldOfItsWeightOnAnUpkeepVisitToo() {
        var washer = pack("washing-machine");
        var tips = Machine.of(washer, Set.of(), Map.of("drain-down", "tip"));
        for (var remedy : List.of("clean-trap", "clear-impeller", "clean-trap-seal", "replace-trap-seal")) {
            var ids = washer.cautions(washer.remedy(remedy), tips.traits()).stream()
                    .map(Caution::id)
                    .toList();
            assertTrue(ids.contains("tipping"), remedy + " " + ids);
        }
        var drains = Machine.of(washer, Set.of("bypass"), Map.of("drain-down", "bypass"));
        assertFalse(washer.cautions(washer.remedy("clean-trap"), drains.traits()).stream()
                .anyMatch(caution -> caution.id().equals("tipping")));
    }

    @Test
    public void noDoorIsOpenedOnStandingWater() {
        var steps = words(pack("washing-machine").remedy("replace-door-lock").steps());
        assertTrue(steps.indexOf("through the glass") < steps.indexOf("emergency loop"), steps);
    }

    @Test
    public void aSwitchThatGuardsIsPressedUnplugged() {
        assertEquals(pack("tumble-dryer").check("door-switch").power(), Power.DEAD);
        assertEquals(pack("dishwasher").check("latch-press").power(), Power.DEAD);
    }

    @Test
    public void aDoorWithoutItsPanelIsHeld() {
        var dishwasher = pack("dishwasher");
        var latch = dishwasher.remedy("replace-latch");
        assertTrue(words(latch.steps()).contains("hold it, or prop it"));
        assertTrue(latch.cautions().containsAll(Arrays.asList("tips", "cuts")), latch.cautions() + "");
    }

    @Test
    public void aHotProgrammeIsOpenedByAHandsBreadth() {
        var dishwasher = pack("dishwasher");
        for (var steps : List.of(
                dishwasher.check("tub-warms").steps(), dishwasher.proof("heats").steps())) {
            assertTrue(words(steps).contains("hand's breadth first, face away"), words(steps));
        }
    }

    @Test
    public void embersAndASwollenBatteryAreNotOpenedIndoors() {
        var vacuum = pack("vacuum-cleaner");
        var machine = machine(vacuum, "bin", "cordless", "exhaust-filter");
        for (var alarm :
                Map.of("embers", "ash-cold", "battery-swollen", "battery-shape").entrySet()) {
            var plan = plan(vacuum, machine, told(alarm.getKey()));
            assertEquals(plan.next().id(), alarm.getValue());
            var first = words(vacuum.check(alarm.getValue()).steps().subList(0, 1));
            assertTrue(first.contains("outdoors on stone"), first);
            assertEquals(plan.next().reach().opens(), List.of(), "it is not opened to be looked at");
        }
    }
}
