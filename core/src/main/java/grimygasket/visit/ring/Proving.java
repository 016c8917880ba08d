package grimygasket.visit.ring;

import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.ReadingTaken;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.story.Quarantine;
import grimygasket.pack.Pack;
import grimygasket.pack.work.Proof;
import grimygasket.pack.work.Reading;
import grimygasket.units.UnitSystem;
import grimygasket.visit.VisitRecord;
import grimygasket.visit.line.Laid;
import grimygasket.visit.line.Note;
import grimygasket.visit.line.ProofRun;
import grimygasket.visit.ring.Gap.Kind;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** The segment Prove: every function that was worked on is seen to work, and every joint that was opened stays dry. */
public final class Proving {
    private Proving() {}

    static List<Gap> gaps(Pack pack, Machine machine, VisitRecord visit) {
        var gaps = new ArrayList<Gap>();
        if (visit.putsSomethingRight()) {
            gaps.addAll(unproved(pack, visit));
        } else {
            gaps.add(Gap.of(Kind.PROOF));
        }
        gaps.addAll(workGaps(pack, machine, visit));
        return gaps;
    }

    /**
     * The last remedy for what was wrong, and what was done in the technician's own way, as long as neither is seen to have
     * cured. What was done in an own way may have cured where a remedy did not; it proves none that is still to be proved.
     */
    private static List<Gap> unproved(Pack pack, VisitRecord visit) {
        var gaps = new ArrayList<Gap>();
        var own = visit.ownRemedies();
        boolean cured = own.stream().anyMatch(Note::proved);
        var tried = visit.remedies().stream()
                .filter(one -> one.proved() != Proved.KEPT_UP)
                .toList();
        if (!tried.isEmpty()) {
            var last = tried.get(tried.size() - 1);
            if (last.proved() == Proved.PENDING || last.proved() != Proved.CURED && !cured) {
                gaps.add(Gap.of(Kind.NOT_PROVED, proof(pack, last).name()));
            }
            cured |= last.proved() == Proved.CURED;
        }
        if (!cured) {
            own.forEach(note -> gaps.add(Gap.of(Kind.NOT_PROVED, note.text())));
        }
        return gaps;
    }

    /** What is missing about the functions that were worked on, whether or not something was wrong. */
    static List<Gap> workGaps(Pack pack, Machine machine, VisitRecord visit) {
        var gaps = new ArrayList<Gap>();
        for (var proof : functions(pack, machine, visit, Set.of(Proved.CURED, Proved.PARTLY, Proved.KEPT_UP))) {
            var run = visit.proofs().stream()
                    .filter(one -> one.proof().equals(proof.id()))
                    .findFirst()
                    .orElse(ProofRun.none(proof.id()));
            gapsOf(proof, run, before(pack, visit.findings(), run), gaps);
        }
        joints(visit, gaps);
        return gaps;
    }

    /** The functions that were worked on and not proved to fail, in order: each is to be seen to work. */
    public static Set<Proof> functions(Pack pack, Machine machine, VisitRecord visit) {
        return functions(pack, machine, visit, Set.of(Proved.CURED, Proved.PARTLY, Proved.PENDING, Proved.KEPT_UP));
    }

    /** What was worked on, and what an alarm asks for whatever was worked on. */
    private static Set<Proof> functions(Pack pack, Machine machine, VisitRecord visit, Set<Proved> proved) {
        var functions = new LinkedHashSet<Proof>();
        Quarantine.of(pack, machine, visit.findings()).proofs().forEach(proof -> functions.add(pack.proof(proof)));
        visit.remedies().stream()
                .filter(tried -> proved.contains(tried.proved()))
                .forEach(tried -> functions.add(proof(pack, tried)));
        return functions;
    }

    private static Proof proof(Pack pack, RemedyTried tried) {
        return pack.proof(pack.remedy(tried.remedy()).proof());
    }

    /**
     * The reading of a function before its cure: what was noted for it, or else the last one that its check gave before
     * the first remedy for it.
     *
     * @return null where none was taken
     */
    public static Double before(Pack pack, List<Finding> findings, ProofRun run) {
        var reading = pack.proof(run.proof()).reading();
        if (run.before() != null || reading == null || reading.check() == null) {
            return run.before();
        }
        Double before = null;
        for (var finding : findings) {
            if (finding instanceof RemedyTried tried
                    && pack.remedy(tried.remedy()).proof().equals(run.proof())) {
                break;
            }
            if (finding instanceof ReadingTaken taken && taken.check().equals(reading.check())) {
                before = taken.reading().value();
            }
        }
        return before;
    }

    private static void gapsOf(Proof proof, ProofRun run, Double before, List<Gap> gaps) {
        var name = proof.name();
        if (run.runs() < proof.runs()) {
            gaps.add(Gap.of(Kind.RUNS, name, "" + run.runs(), "" + proof.runs()));
        }
        var reading = proof.reading();
        if (reading != null && run.after() == null && before != null) {
            gaps.add(Gap.of(Kind.NOT_MEASURED, name));
        } else if (reading != null && run.after() != null && !reading.right(before, run.after())) {
            gaps.add(beside(name, reading, before, run.after()));
        }
        if (proof.light() != null && !run.lightOut()) {
            gaps.add(Gap.of(Kind.LIGHT, name));
        }
    }

    private static Gap beside(String name, Reading reading, Double before, double after) {
        var now = reading.show(after, UnitSystem.METRIC);
        return switch (reading.better()) {
            case MORE, LESS -> Gap.of(Kind.NO_BETTER, name, reading.show(before, UnitSystem.METRIC), now);
            case WITHIN ->
                Gap.of(
                        Kind.BESIDE_BAND,
                        name,
                        now,
                        reading.show(reading.least(), UnitSystem.METRIC),
                        reading.show(reading.most(), UnitSystem.METRIC));
        };
    }

    private static void joints(VisitRecord visit, List<Gap> gaps) {
        var dry = new HashSet<String>();
        visit.proofs().forEach(run -> dry.addAll(run.dry()));
        visit.laid().stream()
                .filter(piece -> piece.joint() && piece.place() == Laid.Place.BACK && !dry.contains(piece.id()))
                .map(piece -> Gap.of(Kind.JOINT, piece.name()))
                .forEach(gaps::add);
    }
}
