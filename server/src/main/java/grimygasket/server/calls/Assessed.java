package grimygasket.server.calls;

import grimygasket.diagnosis.Assessment;
import grimygasket.diagnosis.Finding;
import grimygasket.diagnosis.Machine;
import grimygasket.pack.Pack;
import grimygasket.server.shelf.PartUse;
import grimygasket.server.shelf.VanPart;
import grimygasket.visit.PartCount;
import grimygasket.visit.VisitRecord;
import java.util.List;

/**
 * A call with what the diagnosis makes of it.
 *
 * @param pack that it is judged with: of the machine's family, or else of its kind
 * @param parts that fit the machine
 * @param assessment without a plan for a visit for upkeep, where nothing is to be found
 */
record Assessed(
        CallRecord file,
        Pack pack,
        Machine machine,
        List<Finding> findings,
        List<VanPart> parts,
        Assessment assessment) {

    ServiceCall call() {
        return file.call();
    }

    /** @param now in milliseconds since 1970 */
    VisitRecord visit(long now) {
        var job = file.job();
        return new VisitRecord(
                file.complaint(),
                findings,
                file.partUses().stream().map(Assessed::count).toList(),
                file.confirmed(),
                JobSheet.said(job.pieces()),
                JobSheet.said(job.conditions()),
                JobSheet.said(job.debts()),
                JobSheet.said(job.things()),
                JobSheet.said(job.notes()),
                JobSheet.said(job.proofs()),
                call().closedAt() != null,
                now);
    }

    private static PartCount count(PartUse use) {
        return new PartCount(use.remedy(), use.fits(), use.serial(), use.oldPart());
    }
}
