package grimygasket.server.calls;

import grimygasket.visit.Condition;
import grimygasket.visit.Debt;
import grimygasket.visit.Found;
import grimygasket.visit.Laid;
import grimygasket.visit.Note;
import grimygasket.visit.ProofRun;
import java.util.List;

/**
 * What was entered beside the evidence, each in the order in which it was entered.
 *
 * @param pieces that came off
 * @param conditions found at stations
 * @param debts what has to be put back before the end
 * @param things of the customer's that were found
 * @param notes in the technician's own words; left out in older files, none
 * @param proofs as far as they have come
 * @param water that stood in the machine; one at most
 */
record JobSheet(
        List<JobLine<Laid>> pieces,
        List<JobLine<Condition>> conditions,
        List<JobLine<Debt>> debts,
        List<JobLine<Found>> things,
        List<JobLine<Note>> notes,
        List<JobLine<ProofRun>> proofs,
        List<JobLine<WaterLeft>> water) {
    static final JobSheet EMPTY =
            new JobSheet(List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), List.of());

    JobSheet {
        notes = notes == null ? List.of() : notes;
    }

    /** What the lines say, without who entered them and when. */
    static <T> List<T> said(List<JobLine<T>> lines) {
        return lines.stream().map(JobLine::what).toList();
    }
}
