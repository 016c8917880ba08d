package grimygasket.visit.ring;

import static org.testng.Assert.assertEquals;

import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.Packs;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.CheckMade;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.story.Evidence;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Outcome;
import grimygasket.pack.machine.Hazard;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.machine.Piece;
import grimygasket.pack.machine.Power;
import grimygasket.pack.machine.Ratings;
import grimygasket.pack.work.Caution;
import grimygasket.pack.work.Remedy;
import grimygasket.visit.PhoneChecks;
import grimygasket.visit.Visits;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.Test;

public class IsolationTest {
    private static final Pack PACK = new Packs()
            .feature("cordless")
            .caution(new Caution("cuts", "Cuts", "Gloves.", null, Hazard.CUTS, List.of(), List.of()))
            .caution(new Caution("power", "Power", "Unplug.", null, Hazard.POWER, List.of("!cordless"), List.of()))
            .caution(new Caution(
                    "battery", "Battery", "First out.", null, Hazard.BATTERY, List.of("cordless"), List.of()))
            .layer(new Layer(
                    "cover",
                    "Cover off",
                    null,
                    2,
                    2,
                    List.of("power", "battery"),
                    List.of(new Piece(
                            "cover", "Cover", null, null, null, null, false, false, false, null, null, false, null)),
                    null,
                    List.of(Hazard.POWER)))
            .fault("clog", 0.1)
            .symptom("weak", 0.1, Map.of("clog", 0.9))
            .check(new Check(
                    "look",
                    "Look",
                    null,
                    1,
                    null,
                    null,
                    0,
                    null,
                    null,
                    null,
                    List.of(
                            new Outcome("bad", "Bad", 0.1, Map.of("clog", 0.9), null, 0, List.of(), null),
                            new Outcome("good", "Good", 0, Map.of(), null, 0, List.of(), null)),
                    null,
                    "Is anything in it?",
                    null,
                    List.of(),
                    Power.EITHER,
                    List.of(),
                    null))
            .remedy(new Remedy(
                    "clear",
                    "Clear it",
                    "cover",
                    5,
                    Map.of("clog", 0.9),
                    null,
                    null,
                    0,
                    null,
                    List.of("cuts"),
                    "works",
                    null,
                    null,
                    List.of(),
                    false,
                    null,
                    null,
                    false,
                    Power.DEAD,
                    null))
            .build();
    private static final Finding WEAK = new SymptomSettled("weak", Answer.YES);

    private static Isolation isolation(Machine machine) {
        var plan = Diagnosis.assess(PACK, machine, new Evidence(List.of(WEAK), Packs.VAN))
                .plan();
        return Isolation.of(PACK, machine, plan);
    }

    private static List<String> cautions(Machine machine) {
        return isolation(machine).points().stream()
                .map(Isolation.Point::caution)
                .toList();
    }

    @Test
    public void thePowerComesBeforeTheGloves() {
        assertEquals(cautions(Packs.MACHINE), List.of("power", "cuts"));
        assertEquals(isolation(Packs.MACHINE).points().get(0).steps(), List.of("Clear it"));
    }

    @Test
    public void onlyWhatTheMachineHasIsShutOff() {
        assertEquals(cautions(new Machine(Set.of("cordless"), Ratings.NONE)), List.of("battery", "cuts"));
    }

    @Test
    public void whatTheLayersAskForIsConfirmedToo() {
        var opened = new Visits().findings(WEAK, new Finding.RemedyTried("clear", Finding.Proved.CURED));
        assertEquals(
                Safety.unconfirmed(PACK, Packs.MACHINE, opened.build()).stream()
                        .map(Caution::id)
                        .toList(),
                List.of("cuts", "power"));
    }

    @Test
    public void byPhoneComesWhatACustomerCanLookAtAndIsNotKnownYet() {
        var before = Diagnosis.assess(PACK, Packs.MACHINE, new Evidence(List.of(WEAK), Packs.VAN));
        var checks = PhoneChecks.of(PACK, Packs.MACHINE, before, List.of(WEAK));
        assertEquals(checks.size(), 1);
        assertEquals(checks.get(0).check(), "look");
        assertEquals(checks.get(0).chance(), before.ranking().get(0).chance(), 1e-12);
        assertEquals(
                PhoneChecks.of(PACK, Packs.MACHINE, before, List.of(WEAK, new CheckMade("look", "good"))), List.of());
    }
}
