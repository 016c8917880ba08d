package grimygasket.call;

import grimygasket.visit.line.Condition;
import grimygasket.visit.line.Debt;
import grimygasket.visit.line.Found;
import grimygasket.visit.line.JobLine;
import grimygasket.visit.line.Labour;
import grimygasket.visit.line.Laid;
import grimygasket.visit.line.LookedOver;
import grimygasket.visit.line.Note;
import grimygasket.visit.line.ProofRun;
import grimygasket.visit.line.Signature;
import grimygasket.visit.line.WaterLeft;
import grimygasket.visit.line.WayFound;
import java.util.List;

/**
 * What was entered beside the story, by kind, each in the order in which it was entered.
 *
 * @param pieces that came off
 * @param conditions found at stations
 * @param debts what has to be put back before the end
 * @param things of the customer's that were found
 * @param notes in the technician's own words
 * @param proofs as far as they have come
 * @param water that stood in the machine; one at most
 * @param ways in, as they were found
 * @param lastLook at the machine; one at most
 * @param labour that is charged; one line at most
 * @param signature of the customer; one at most
 */
public record JobSheet(
        List<Line<Laid>> pieces,
        List<Line<Condition>> conditions,
        List<Line<Debt>> debts,
        List<Line<Found>> things,
        List<Line<Note>> notes,
        List<Line<ProofRun>> proofs,
        List<Line<WaterLeft>> water,
        List<Line<WayFound>> ways,
        List<Line<LookedOver>> lastLook,
        List<Line<Labour>> labour,
        List<Line<Signature>> signature) {

    /** Sorts lines by their kinds. */
    public static JobSheet of(List<Line<?>> lines) {
        return new JobSheet(
                only(lines, Laid.class),
                only(lines, Condition.class),
                only(lines, Debt.class),
                only(lines, Found.class),
                only(lines, Note.class),
                only(lines, ProofRun.class),
                only(lines, WaterLeft.class),
                only(lines, WayFound.class),
                only(lines, LookedOver.class),
                only(lines, Labour.class),
                only(lines, Signature.class));
    }

    @SuppressWarnings("unchecked") // A line's kind is that of what it says.
    private static <T extends JobLine<T>> List<Line<T>> only(List<Line<?>> lines, Class<T> kind) {
        return lines.stream()
                .filter(line -> kind.isInstance(line.what()))
                .map(line -> (Line<T>) line)
                .toList();
    }

    /** What the lines say, without who entered them and when. */
    public static <T extends JobLine<T>> List<T> said(List<Line<T>> lines) {
        return lines.stream().map(Line::what).toList();
    }
}
