package grimygasket.visit;

import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Checked;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.pack.Pack;
import grimygasket.pack.machine.Layer;
import grimygasket.visit.line.Condition;
import grimygasket.visit.line.Debt;
import grimygasket.visit.line.Found;
import grimygasket.visit.line.Laid;
import grimygasket.visit.line.Note;
import grimygasket.visit.line.ProofRun;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * What the record of a call says about how far it has come.
 *
 * @param complaint in the customer's words; may be blank
 * @param findings in order
 * @param parts fitted
 * @param cautionsKept ids of the cautions that were confirmed
 * @param laid what came off, in order
 * @param conditions what was found at the stations
 * @param debts what has to be put back before the end
 * @param things found in the machine
 * @param notes in the technician's own words
 * @param proofs of its functions, as far as they have come
 * @param closed whether the call is closed
 * @param now in milliseconds since 1970
 */
public record VisitRecord(
        String complaint,
        List<Finding> findings,
        List<PartCount> parts,
        Set<String> cautionsKept,
        List<Laid> laid,
        List<Condition> conditions,
        List<Debt> debts,
        List<Found> things,
        List<Note> notes,
        List<ProofRun> proofs,
        boolean closed,
        long now) {
    public VisitRecord {
        findings = List.copyOf(findings);
        parts = List.copyOf(parts);
        cautionsKept = Set.copyOf(cautionsKept);
        laid = List.copyOf(laid);
        conditions = List.copyOf(conditions);
        debts = List.copyOf(debts);
        things = List.copyOf(things);
        notes = List.copyOf(notes);
        proofs = List.copyOf(proofs);
    }

    /** The remedies tried, in order. */
    public List<RemedyTried> remedies() {
        return findings.stream()
                .filter(RemedyTried.class::isInstance)
                .map(RemedyTried.class::cast)
                .toList();
    }

    /** Whether anything was put right: upkeep puts nothing right. */
    public boolean putsSomethingRight() {
        return remedies().stream().anyMatch(tried -> tried.proved() != Proved.KEPT_UP)
                || !ownRemedies().isEmpty();
    }

    /** What was done that the know-how does not have. */
    public List<Note> ownRemedies() {
        return notes.stream().filter(note -> note.about() == Note.About.DONE).toList();
    }

    /** The layers that the work so far has opened, each after those around it. */
    public Set<Layer> opened(Pack pack) {
        var opened = new LinkedHashSet<Layer>();
        for (var finding : findings) {
            if (finding instanceof Checked made) {
                opened.addAll(pack.chain(pack.check(made.check()).layer()));
            } else if (finding instanceof RemedyTried tried) {
                opened.addAll(pack.chain(pack.remedy(tried.remedy()).layer()));
            }
        }
        laid.forEach(piece -> opened.addAll(pack.chain(piece.layer())));
        return opened;
    }
}
