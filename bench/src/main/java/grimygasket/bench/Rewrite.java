package grimygasket.bench;

import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.evidence.Outcome;
import grimygasket.pack.evidence.Symptom;
import grimygasket.pack.work.Remedy;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;

/** A pack again with some of its numbers changed. */
final class Rewrite {
    private Rewrite() {}

    static Pack faults(Pack pack, UnaryOperator<Fault> change) {
        return with(pack, pack.faults().stream().map(change).toList(), pack.symptoms(), pack.checks(), pack.remedies());
    }

    static Pack symptoms(Pack pack, UnaryOperator<Symptom> change) {
        return with(pack, pack.faults(), pack.symptoms().stream().map(change).toList(), pack.checks(), pack.remedies());
    }

    static Pack checks(Pack pack, UnaryOperator<Check> change) {
        return with(
                pack,
                pack.faults(),
                pack.symptoms(),
                pack.checks().stream().map(change).toList(),
                pack.remedies());
    }

    static Pack remedies(Pack pack, UnaryOperator<Remedy> change) {
        return with(
                pack,
                pack.faults(),
                pack.symptoms(),
                pack.checks(),
                pack.remedies().stream().map(change).toList());
    }

    private static Pack with(
            Pack p, List<Fault> faults, List<Symptom> symptoms, List<Check> checks, List<Remedy> remedies) {
        return new Pack(
                p.id(),
                p.name(),
                p.referMinutes(),
                p.unexplained(),
                p.features(),
                p.layers(),
                p.paths(),
                faults,
                symptoms,
                checks,
                remedies,
                p.proofs(),
                p.parts(),
                p.cautions(),
                p.facts(),
                p.schools(),
                p.notes(),
                p.habits(),
                p.cadences(),
                p.ratings(),
                p.water(),
                p.exclusive(),
                p.sources(),
                p.families(),
                p.ways(),
                p.lastLook());
    }

    static Fault rate(Fault f, double rate) {
        return new Fault(
                f.id(), f.name(), f.at(), rate, f.blocks(), f.open(), f.danger(), f.needs(), f.broughtBy(), f.words());
    }

    static Symptom causes(Symptom s, Map<String, Double> causes) {
        return new Symptom(
                s.id(),
                s.name(),
                s.ask(),
                s.minutes(),
                s.leak(),
                causes,
                s.complaint(),
                s.needs(),
                s.settles(),
                s.alarm(),
                s.words());
    }

    static Check outcomes(Check c, List<Outcome> outcomes) {
        return new Check(
                c.id(),
                c.name(),
                c.layer(),
                c.minutes(),
                c.tools(),
                c.steps(),
                c.timerSeconds(),
                c.cautions(),
                c.needs(),
                c.settles(),
                outcomes,
                c.measure(),
                c.phone(),
                c.known(),
                c.after(),
                c.power(),
                c.mayBeOff(),
                c.competence());
    }

    static Outcome causes(Outcome o, Map<String, Double> causes) {
        return new Outcome(o.id(), o.name(), o.leak(), causes, o.blockedUpTo(), o.seen(), List.of(), o.because());
    }

    static Remedy cures(Remedy r, Map<String, Double> cures) {
        return new Remedy(
                r.id(),
                r.name(),
                r.layer(),
                r.minutes(),
                cures,
                r.tools(),
                r.steps(),
                r.dryMinutes(),
                r.parts(),
                r.cautions(),
                r.proof(),
                r.needs(),
                r.licensed(),
                r.after(),
                r.causesFirst(),
                r.spare(),
                r.meanwhile(),
                r.leave(),
                r.power(),
                r.competence());
    }

    /** The same numbers with the one for a fault changed. */
    static Map<String, Double> changed(Map<String, Double> numbers, String fault, UnaryOperator<Double> change) {
        var changed = new HashMap<>(numbers);
        changed.computeIfPresent(fault, (id, number) -> change.apply(number));
        return changed;
    }
}
