package grimygasket.knowhow;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.call.Call;
import grimygasket.call.CallMachine;
import grimygasket.call.Head;
import grimygasket.call.Knowhow;
import grimygasket.call.Learnt;
import grimygasket.call.Person;
import grimygasket.call.Reason;
import grimygasket.call.change.Change;
import grimygasket.call.change.Command;
import grimygasket.call.change.CommandResult;
import grimygasket.call.change.SheetChange;
import grimygasket.call.change.StoryChange;
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
import grimygasket.diagnosis.plan.StepReason;
import grimygasket.diagnosis.story.Evidence;
import grimygasket.diagnosis.story.Van;
import grimygasket.diagnosis.story.Waiting;
import grimygasket.pack.Pack;
import grimygasket.pack.work.Caution;
import grimygasket.pack.work.Competence;
import grimygasket.visit.line.ProofRun;
import grimygasket.visit.ring.Authority;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

/** The same step reads "do it" for who is qualified for it, and "hand it on" for who is not; and only the first may enter it. */
public class QualifiedTest {
    private static final Set<Competence> NOBODY = Set.of();
    private static final Person ROLLO = new Person(new UUID(2, 1), "Rollo", Authority.TECHNICIAN);
    private static final UUID CALL = new UUID(1, 1);

    private final Pack dryer = Shipped.knowhow("tumble-dryer").pack();
    private final Machine gasDryer = Machine.of(dryer, List.of("vented", "gas"), Map.of());
    private final Pack dishwasher = Shipped.knowhow("dishwasher").pack();
    private final Machine usual = Machine.of(dishwasher, List.of(), Map.of());

    private static Plan plan(Pack pack, Machine machine, Set<Competence> held, Finding... findings) {
        var confirmed = pack.cautions().stream().map(Caution::id).collect(Collectors.toSet());
        var van = new Van(60, 60, Map.of(), Set.of(), true, held);
        return Diagnosis.assess(pack, machine, new Evidence(List.of(findings), van, confirmed))
                .plan();
    }

    private static CommandResult entered(Pack pack, Machine machine, Set<Competence> held, Change change) {
        var head = new Head(CALL, CALL, ROLLO.account(), 20_000, 570, null, 1, null, false, null, null, 1);
        var on = new CallMachine(new UUID(1, 3), pack.id(), "Corvanne", "X", "", "", List.of(), Map.of(), 1);
        return entered(Call.begun(head, on), pack, machine, held, change);
    }

    private static CommandResult entered(Call call, Pack pack, Machine machine, Set<Competence> held, Change change) {
        var knowhow = new Knowhow(pack, List.of(), machine, List.of(), Map.of(), held, Learnt.NOTHING);
        var command = new Command(new UUID(3, 1), CALL, ROLLO.account(), 1, 1_900_000_000_000L, change);
        return command.on(call, ROLLO, knowhow);
    }

    private static Reason refusal(CommandResult result) {
        return ((CommandResult.Refused) result).reason();
    }

    private static Step remedy(Plan plan, String id) {
        return plan.steps().stream()
                .filter(step -> step.kind() == Step.Kind.REMEDY && step.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void whatIsLeftToClearAnAlarmIsHandedOnByWhoMayNotMeasure() {
        var told = new SymptomSettled("alarm", Answer.YES, true);
        var looked = new CheckMade("scorch-look", "sound");
        assertEquals(plan(dishwasher, usual, NOBODY, told).next().id(), "scorch-look", "anybody may look");
        var next = plan(dishwasher, usual, NOBODY, told, looked).next();
        assertEquals(next.kind(), Step.Kind.REFER);
        assertEquals(next.reasons().get(0).kind(), StepReason.Kind.NOT_QUALIFIED);
        var qualified = plan(dishwasher, usual, Set.of(Competence.ELECTRICAL), told, looked);
        assertEquals(qualified.next().id(), "insulation");
    }

    @Test
    public void aReadingOfSomebodyWhoMayNotMeasureIsNotTaken() {
        var measured = new StoryChange.Settle(new CheckMade("insulation", "sound"));
        assertEquals(
                refusal(entered(dishwasher, usual, Set.of(Competence.GAS), measured)),
                new Reason(Reason.Kind.NOT_QUALIFIED, List.of("ELECTRICAL")));
        var taken = entered(dishwasher, usual, Set.of(Competence.ELECTRICAL), measured);
        assertTrue(taken instanceof CommandResult.Applied, "" + taken);
        var call = ((CommandResult.Applied) taken).call();
        var entry = call.story().get(0);
        var low = new StoryChange.Correct(entry.id(), entry.version(), new CheckMade("insulation", "low"));
        assertEquals(
                refusal(entered(call, dishwasher, usual, NOBODY, low)).kind(),
                Reason.Kind.NOT_QUALIFIED,
                "nor changed");
        var proved = new SheetChange.Write(new UUID(4, 1), null, new ProofRun("safe", null, null, 1, List.of(), false));
        assertEquals(refusal(entered(dishwasher, usual, NOBODY, proved)).kind(), Reason.Kind.NOT_QUALIFIED);
    }

    @Test
    public void theBurnerIsPutRightByTheQualifiedAndHandedOnByOthers() {
        var cold = new SymptomSettled("gas-click", Answer.YES, true);
        var others = remedy(plan(dryer, gasDryer, NOBODY, cold), "gas-licensed");
        assertEquals(others.name(), "Hand on: put the gas burner right");
        assertEquals(others.waiting().way(), Waiting.Way.HANDED_ON);
        var own = remedy(plan(dryer, gasDryer, Set.of(Competence.GAS), cold), "gas-licensed");
        assertEquals(own.name(), "Put the gas burner right");
        assertEquals(own.waiting().way(), Waiting.Way.NONE);

        var done = new StoryChange.Settle(new RemedyTried("gas-licensed", Proved.PENDING));
        assertEquals(
                refusal(entered(dryer, gasDryer, NOBODY, done)),
                new Reason(Reason.Kind.LICENSED, List.of("gas fitter")));
        assertTrue(entered(dryer, gasDryer, Set.of(Competence.GAS), done) instanceof CommandResult.Applied);
        var leak = new StoryChange.Settle(new RemedyTried("gas-emergency", Proved.PENDING));
        assertEquals(
                refusal(entered(dryer, gasDryer, Set.of(Competence.values()), leak))
                        .kind(),
                Reason.Kind.LICENSED,
                "a leak is the supplier's, whoever is there");
    }

    @Test
    public void whatStaysChargedCostsAnotherVisitWhereNobodyMayTouchIt() {
        var hums = new SymptomSettled("hums-stands", Answer.YES, true);
        var heater = Machine.of(dryer, List.of("vented", "heater"), Map.of());
        var waiting = remedy(plan(dryer, heater, NOBODY, hums), "free-motor").waiting();
        assertEquals(waiting, new Waiting(Waiting.Way.HANDED_ON, 60, 60));
        assertFalse(plan(dryer, heater, Set.of(Competence.CAPACITORS), hums).steps().stream()
                .anyMatch(step -> step.waiting().way() == Waiting.Way.HANDED_ON
                        && step.id().equals("free-motor")));
    }
}
