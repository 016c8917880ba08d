package grimygasket.practice;

import grimygasket.diagnosis.Assessment.Suspect;
import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.belief.Complaints;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.story.Evidence;
import grimygasket.diagnosis.story.Van;
import grimygasket.flow.Passage;
import grimygasket.flow.Prediction;
import grimygasket.flow.Suction;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Code;
import grimygasket.pack.evidence.Fact;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.evidence.Measure;
import grimygasket.pack.evidence.Outcome;
import grimygasket.pack.evidence.Symptom;
import grimygasket.pack.work.Remedy;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A machine with hidden faults that answers as the pack says such machines do: its symptoms, checks, codes and readings
 * follow from what is wrong with it, and remedies act on it. The same seed tells the same story; what a remedy changes is
 * drawn anew.
 */
public final class SimulatedMachine {
    /** A code this weakly linked to what is wrong does not come up. */
    private static final double LEAST_LINK = 0.4;

    private static final Van ANY_VAN = new Van(60, 50, Map.of());

    private final Pack pack;
    private final Machine machine;
    private final Draws draws;
    private final Set<String> before;
    private final Set<String> present;
    private int treated;

    private SimulatedMachine(Pack pack, Machine machine, Collection<String> faults, Draws draws) {
        this.pack = pack;
        this.machine = machine;
        this.draws = draws;
        this.before = Set.copyOf(faults);
        this.present = new LinkedHashSet<>(faults);
    }

    /**
     * @param faults ids of what is wrong with it
     * @throws IllegalArgumentException if the pack does not have one of them
     */
    public static SimulatedMachine of(Pack pack, Machine machine, Collection<String> faults, long seed) {
        faults.forEach(pack::fault);
        return new SimulatedMachine(pack, machine, faults, Draws.of(seed));
    }

    /** One to practise with: the machine of a number has always the same fault. */
    public static SimulatedMachine practice(Pack pack, Check check, int number) {
        var faults = pack.faults();
        int which = (int) (Draws.of(number).uniform("practice") * faults.size());
        var machine = Machine.of(pack, check.needs(), Map.of());
        return of(pack, machine, List.of(faults.get(which).id()), number);
    }

    /** One fault, as often as it would be the cause by what is known. */
    public static String suspect(Pack pack, Machine machine, List<Finding> findings, long seed) {
        var ranking =
                Diagnosis.assess(pack, machine, new Evidence(findings, ANY_VAN)).ranking();
        var chances = ranking.stream().mapToDouble(Suspect::chance).toArray();
        return ranking.get(Draws.of(seed).pick("fault", chances)).fault();
    }

    /**
     * The remedies of a call act on it.
     *
     * @param findings of the call, earliest first
     * @param from how many remedies were done before the machine was made up
     */
    public void treat(List<Finding> findings, int from) {
        int tried = 0;
        for (var finding : findings) {
            if (finding instanceof RemedyTried remedy && tried++ >= from) {
                treat(pack.remedy(remedy.remedy()));
            }
        }
    }

    /** How many remedies were done. */
    public static int tried(List<Finding> findings) {
        return (int) findings.stream().filter(RemedyTried.class::isInstance).count();
    }

    /** What is wrong with it now. */
    public Set<String> faults() {
        return Set.copyOf(present);
    }

    /** Whether the symptom is seen. */
    public Answer look(Symptom symptom) {
        return happens("symptom:" + symptom.id(), symptom.leak(), symptom.causes()) ? Answer.YES : Answer.NO;
    }

    /** The choice of a fact: it is about the time before, and goes with what was wrong at first. */
    public Fact.Choice learn(Fact fact) {
        var weights = fact.choices().stream()
                .mapToDouble(choice -> before.stream()
                        .mapToDouble(fault -> choice.shifts().getOrDefault(fault, 1.0))
                        .reduce(choice.share(), (a, b) -> a * b))
                .toArray();
        return fact.choices().get(draws.pick("fact:" + fact.id(), weights));
    }

    /** Whether somebody calls about the symptom: hardly ever without one of its causes. */
    public boolean complains(Symptom symptom) {
        return happens("symptom:" + symptom.id(), symptom.leak() * Complaints.MISTAKEN, symptom.causes());
    }

    /** What a check shows to the eye. */
    public Outcome check(Check check) {
        var outcomes = check.outcomes();
        for (var outcome : outcomes.subList(0, outcomes.size() - 1)) {
            var name = "check:" + check.id() + ":" + outcome.id();
            if (happens(name, outcome.leak(), pack.strengths(outcome))) {
                return outcome;
            }
        }
        return outcomes.get(outcomes.size() - 1);
    }

    /** The code that goes best with what is wrong; null where none does, or all is well. */
    public Code code(Collection<Code> codes) {
        Code best = null;
        double strongest = LEAST_LINK;
        for (var code : codes) {
            double link = present.stream()
                    .mapToDouble(fault -> link(code, fault))
                    .max()
                    .orElse(0);
            if (link > strongest) {
                strongest = link;
                best = code;
            }
        }
        return best;
    }

    private double link(Code code, String fault) {
        double bySymptom = code.symptoms().entrySet().stream()
                .mapToDouble(symptom -> symptom.getValue()
                        * pack.symptom(symptom.getKey()).causes().getOrDefault(fault, 0.0))
                .max()
                .orElse(0);
        return Math.max(bySymptom, code.faults().getOrDefault(fault, 0.0));
    }

    /**
     * What an instrument without any error would show, once steady.
     *
     * @return in the base unit of the measure's quantity
     * @throws IllegalArgumentException if nothing can be measured at the check
     */
    public double truth(Check check) {
        var measure = check.measure();
        if (measure == null) {
            throw new IllegalArgumentException("nothing can be measured at check " + check.id());
        }
        if (measure.model() == Measure.Model.LEVEL) {
            return level(check.id(), measure);
        }
        var passed = Passage.of(pack, measure).stream()
                .filter(station -> machine.meets(station.needs()))
                .toList();
        var open = pack.faults().stream()
                .filter(fault -> present.contains(fault.id()) && fault.blocks() > 0)
                .filter(fault -> passed.stream().anyMatch(s -> fault.at().contains(s.id())))
                .mapToDouble(this::open)
                .toArray();
        boolean off = measure.off().stream().anyMatch(present::contains);
        double bleed = measure.leaks().stream().anyMatch(present::contains)
                ? Prediction.LEAKS[0]
                        + (Prediction.LEAKS[Prediction.LEAKS.length - 1] - Prediction.LEAKS[0]) * draws.uniform("leak")
                : Suction.SOUND_BLEED;
        double predicted = Prediction.of(measure, machine.ratings(), passed.size(), open, bleed, off);
        return predicted * Math.max(0, 1 + measure.varies() * draws.normal("varies:" + check.id()));
    }

    private double level(String check, Measure measure) {
        var level = measure.levels().entrySet().stream()
                .filter(entry -> present.contains(entry.getKey()))
                .filter(entry -> draws.happens(
                        "shows:" + check + ":" + entry.getKey(),
                        entry.getValue().shows()))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse(measure.normal().on(machine.ratings()));
        double value = level.mean() + level.spread() * draws.normal("level:" + check + ":" + level.mean());
        return measure.isOpening() ? Math.min(1, Math.max(0, value)) : value;
    }

    /** How far open a fault leaves its station. */
    double open(Fault fault) {
        var range = fault.open();
        double place = draws.uniform("open:" + fault.id());
        return draws.happens("blocks:" + fault.id(), fault.blocks())
                ? range.least() + (range.most() - range.least()) * place
                : range.most() + (1 - range.most()) * place;
    }

    /** Carries a remedy out, and gives what its proof then shows. */
    public Proved treat(Remedy remedy) {
        boolean failed = !present.isEmpty();
        treated++;
        remedy.cures().forEach((fault, chance) -> {
            if (draws.happens("cure:" + treated + ":" + remedy.id() + ":" + fault, chance)) {
                present.remove(fault);
            }
        });
        if (failed && present.isEmpty()) {
            return Proved.CURED;
        }
        return works(remedy.proof()) ? Proved.PARTLY : Proved.STILL_FAILING;
    }

    /** Whether nothing hinders what a proof shows. */
    public boolean works(String proof) {
        return pack.hindering(proof).stream().noneMatch(present::contains);
    }

    Machine machine() {
        return machine;
    }

    Pack pack() {
        return pack;
    }

    Draws draws() {
        return draws;
    }

    /** What a fault shows it goes on showing until it is gone. */
    private boolean happens(String name, double leak, Map<String, Double> causes) {
        return draws.happens(name, leak)
                || present.stream()
                        .anyMatch(fault -> draws.happens(name + ":" + fault, causes.getOrDefault(fault, 0.0)));
    }
}
