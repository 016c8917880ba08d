package grimygasket.bench;

import grimygasket.diagnosis.belief.Machine;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.evidence.Outcome;
import grimygasket.pack.evidence.Symptom;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.machine.Path;
import grimygasket.pack.machine.Power;
import grimygasket.pack.machine.Station;
import grimygasket.pack.work.Proof;
import grimygasket.pack.work.Remedy;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A corner of a pack, small enough to be searched through: some faults behind one complaint with their remedies, and a
 * few symptoms and checks about them.
 *
 * @param complaint id of the symptom that is seen
 */
record SmallCase(Pack pack, String complaint) {
    private static final int FAULTS = 3;
    private static final int REMEDIES = 3;
    private static final int SYMPTOMS = 1;
    private static final int CHECKS = 2;

    /** Something that a pack names, with what it needs and the faults it is about. */
    private record Candidate<T>(T piece, List<String> needs, Set<String> faults) {}

    static SmallCase draw(Pack pack, Random random) {
        var machine = Draw.machine(pack, random);
        var possible =
                Draw.possible(pack, machine).stream().map(Fault::id).collect(Collectors.toCollection(HashSet::new));
        var complaints = pack.symptoms().stream()
                .filter(Symptom::complaint)
                .filter(symptom -> machine.meets(symptom.needs()))
                .filter(symptom -> causesAmong(symptom, possible).size() >= FAULTS)
                .toList();
        var complaint = complaints.get(random.nextInt(complaints.size()));
        var faults = Set.copyOf(some(causesAmong(complaint, possible), FAULTS, random));
        var remedies = pick(
                pack.remedies().stream()
                        .map(r -> new Candidate<>(r, r.needs(), r.cures().keySet()))
                        .toList(),
                REMEDIES,
                machine,
                faults,
                random);
        var symptoms = pick(
                pack.symptoms().stream()
                        .filter(symptom -> symptom != complaint)
                        .map(s -> new Candidate<>(s, s.needs(), s.causes().keySet()))
                        .toList(),
                SYMPTOMS,
                machine,
                faults,
                random);
        var awaited = awaited(pack, machine, remedies);
        var checks = pick(
                pack.checks().stream()
                        .filter(check -> !awaited.contains(check))
                        .map(c -> new Candidate<>(c, c.needs(), about(pack, c)))
                        .toList(),
                Math.max(0, CHECKS - awaited.size()),
                machine,
                faults,
                random);
        checks.addAll(awaited);
        symptoms.add(complaint);
        return new SmallCase(cut(pack, faults, symptoms, checks, remedies), complaint.id());
    }

    private static List<String> causesAmong(Symptom symptom, Set<String> possible) {
        return symptom.causes().keySet().stream()
                .filter(possible::contains)
                .sorted()
                .toList();
    }

    /** The looks that come before some remedies. */
    private static List<Check> awaited(Pack pack, Machine machine, List<Remedy> remedies) {
        return pack.checks().stream()
                .filter(check -> machine.meets(check.needs()))
                .filter(check ->
                        remedies.stream().anyMatch(remedy -> remedy.after().contains(check.id())))
                .limit(CHECKS)
                .toList();
    }

    private static Set<String> about(Pack pack, Check check) {
        return check.outcomes().stream()
                .flatMap(outcome -> pack.strengths(outcome).keySet().stream())
                .collect(Collectors.toSet());
    }

    private static <T> List<T> pick(
            List<Candidate<T>> from, int most, Machine machine, Set<String> faults, Random random) {
        var fit = from.stream()
                .filter(one -> machine.meets(one.needs))
                .filter(one -> !Collections.disjoint(one.faults, faults))
                .map(Candidate::piece)
                .toList();
        return some(fit, most, random);
    }

    private static <T> List<T> some(Collection<T> from, int most, Random random) {
        var shuffled = new ArrayList<>(from);
        Collections.shuffle(shuffled, random);
        return new ArrayList<>(shuffled.subList(0, Math.min(most, shuffled.size())));
    }

    private static Pack cut(
            Pack p, Set<String> faults, List<Symptom> symptoms, List<Check> checks, List<Remedy> remedies) {
        var looks = checks.stream().map(Check::id).toList();
        var stations = List.of(new Station("somewhere", "Somewhere", List.of()));
        return new Pack(
                p.id(),
                p.name(),
                p.referMinutes(),
                p.unexplained(),
                List.of(),
                p.layers().stream()
                        .map(l -> new Layer(
                                l.id(),
                                l.name(),
                                l.within(),
                                l.openMinutes(),
                                l.closeMinutes(),
                                List.of(),
                                List.of(),
                                null,
                                List.of()))
                        .toList(),
                List.of(new Path("path", "Path", Path.Medium.WATER, stations)),
                p.faults().stream()
                        .filter(f -> faults.contains(f.id()))
                        .map(f -> new Fault(
                                f.id(),
                                f.name(),
                                List.of(),
                                f.rate(),
                                0,
                                null,
                                null,
                                List.of(),
                                only(f.broughtBy(), faults),
                                List.of()))
                        .toList(),
                symptoms.stream()
                        .map(s -> new Symptom(
                                s.id(),
                                s.name(),
                                s.ask(),
                                s.minutes(),
                                s.leak(),
                                only(s.causes(), faults),
                                s.complaint(),
                                List.of(),
                                List.of(),
                                null,
                                List.of()))
                        .toList(),
                checks.stream().map(c -> cut(p, c, faults, looks)).toList(),
                remedies.stream()
                        .map(r -> new Remedy(
                                r.id(),
                                r.name(),
                                r.layer(),
                                r.minutes(),
                                only(r.cures(), faults),
                                List.of(),
                                List.of(),
                                r.dryMinutes(),
                                r.parts(),
                                List.of(),
                                r.proof(),
                                List.of(),
                                null,
                                those(r.after(), looks),
                                r.causesFirst(),
                                null,
                                null,
                                false,
                                Power.EITHER,
                                null))
                        .toList(),
                p.proofs().stream()
                        .map(q -> new Proof(
                                q.id(),
                                q.name(),
                                q.minutes(),
                                q.steps(),
                                q.runs(),
                                null,
                                q.light(),
                                null,
                                Power.LIVE,
                                List.of(),
                                List.of(),
                                null))
                        .toList(),
                p.parts(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Map.of(),
                null,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of());
    }

    private static Check cut(Pack p, Check c, Set<String> faults, List<String> looks) {
        var outcomes = c.outcomes().stream()
                .map(o ->
                        new Outcome(o.id(), o.name(), o.leak(), only(p.strengths(o), faults), null, 0, List.of(), null))
                .toList();
        return new Check(
                c.id(),
                c.name(),
                c.layer(),
                c.minutes(),
                List.of(),
                List.of(),
                0,
                List.of(),
                List.of(),
                List.of(),
                outcomes,
                null,
                null,
                null,
                those(c.after(), looks),
                Power.EITHER,
                List.of(),
                null);
    }

    private static List<String> those(List<String> ids, List<String> among) {
        return ids.stream().filter(among::contains).toList();
    }

    private static Map<String, Double> only(Map<String, Double> causes, Set<String> faults) {
        var kept = new HashMap<>(causes);
        kept.keySet().retainAll(faults);
        return kept;
    }
}
