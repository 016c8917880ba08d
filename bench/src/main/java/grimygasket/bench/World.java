package grimygasket.bench;

import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.CheckMade;
import grimygasket.diagnosis.belief.Finding.FactKnown;
import grimygasket.diagnosis.belief.Finding.ReadingTaken;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.plan.Step;
import grimygasket.diagnosis.story.Van;
import grimygasket.diagnosis.story.Waiting;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Fact;
import grimygasket.pack.evidence.Symptom;
import grimygasket.pack.machine.Exclusive;
import grimygasket.pack.machine.Power;
import grimygasket.pack.work.Remedy;
import grimygasket.practice.SimulatedMachine;
import grimygasket.units.Amount;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;

/** A call at a simulated machine, which counts the minutes. */
final class World {
    /** Standard deviation of a reading, as a share of it. */
    private static final double METER_SPREAD = 0.04;

    private static final double MAKING_SAFE = 2;

    private final Pack pack;
    private final SimulatedMachine machine;
    private final Set<String> open = new HashSet<>();
    private final Random meters;
    private double minutes;
    private boolean secondVisit;
    private boolean measured;

    World(Pack pack, Machine machine, Set<String> faults, long seed) {
        this.pack = pack;
        this.machine = SimulatedMachine.of(pack, machine, faults, seed);
        this.meters = new Random(seed);
    }

    double minutes() {
        return minutes;
    }

    boolean secondVisit() {
        return secondVisit;
    }

    /** Whether the customer says it, at no cost. */
    boolean complains(Symptom symptom) {
        return machine.complains(symptom);
    }

    /** Whether something was measured. */
    boolean measured() {
        return measured;
    }

    SymptomSettled ask(Symptom symptom) {
        minutes += symptom.minutes();
        return new SymptomSettled(symptom.id(), machine.look(symptom));
    }

    /** Of symptoms that exclude each other, the first that is there, or that none is. */
    private List<SymptomSettled> choose(Exclusive question) {
        var symptoms = question.symptoms().stream().map(pack::symptom).toList();
        minutes += symptoms.stream().mapToDouble(Symptom::minutes).max().orElseThrow();
        return symptoms.stream()
                .filter(symptom -> machine.look(symptom) == Answer.YES)
                .findFirst()
                .map(symptom -> List.of(new SymptomSettled(symptom.id(), Answer.YES)))
                .orElse(symptoms.stream()
                        .map(symptom -> new SymptomSettled(symptom.id(), Answer.NO))
                        .toList());
    }

    /** What a question of the plan brings: one symptom, or one of several that exclude each other. */
    List<SymptomSettled> ask(Pack pack, Step step) {
        return pack.exclusive().stream()
                .filter(question -> question.id().equals(step.id()))
                .findFirst()
                .map(this::choose)
                .orElseGet(() -> List.of(ask(pack.symptom(step.id()))));
    }

    /** To switch it off, unplug it and say so. */
    void makeSafe() {
        minutes += MAKING_SAFE;
    }

    FactKnown learn(Fact fact) {
        minutes += fact.minutes();
        return new FactKnown(fact.id(), machine.learn(fact).id());
    }

    CheckMade check(Check check) {
        closeFor(check);
        minutes += check.minutes() + reach(check.layer());
        return new CheckMade(check.id(), machine.check(check).id());
    }

    /** The same check with an instrument. */
    ReadingTaken measure(Check check) {
        closeFor(check);
        minutes += check.minutes() + reach(check.layer());
        measured = true;
        double truth = machine.truth(check);
        double spread = METER_SPREAD * Math.abs(truth);
        double read = truth + spread * meters.nextGaussian();
        return new ReadingTaken(check.id(), new Amount(check.measure().quantity(), read, spread));
    }

    /** What the proof after a remedy shows. */
    RemedyTried treat(Remedy remedy, Van van) {
        var waiting = van.waiting(pack, remedy);
        secondVisit |= waiting.way() == Waiting.Way.RETURN_PART || waiting.way() == Waiting.Way.RETURN_DRY;
        minutes += remedy.minutes()
                + reach(remedy.layer())
                + pack.proof(remedy.proof()).minutes()
                + waiting.charged();
        if (pack.proof(remedy.proof()).power() == Power.LIVE) {
            close(List.of());
        }
        return new RemedyTried(remedy.id(), machine.treat(remedy));
    }

    void refer() {
        minutes += pack.referMinutes();
    }

    private void closeFor(Check check) {
        if (check.runs()) {
            close(check.mayBeOff());
        }
    }

    /** Nothing that exposes something stays open while the machine has power; the time for it was paid when it was opened. */
    private void close(List<String> butFor) {
        open.removeIf(
                layer -> !butFor.contains(layer) && !pack.layer(layer).exposes().isEmpty());
    }

    private double reach(String layer) {
        return pack.chain(layer).stream()
                .filter(one -> open.add(one.id()))
                .mapToDouble(one -> one.openMinutes() + one.closeMinutes())
                .sum();
    }
}
