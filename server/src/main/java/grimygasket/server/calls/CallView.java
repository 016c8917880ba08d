package grimygasket.server.calls;

import grimygasket.diagnosis.Assessment;
import grimygasket.pack.Applicable;
import grimygasket.server.machines.Customer;
import grimygasket.server.machines.Machine;
import grimygasket.server.shelf.PartUse;
import grimygasket.server.shelf.VanPart;
import grimygasket.visit.Advice;
import grimygasket.visit.Stage;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;

/**
 * All that the screen of a call shows.
 *
 * @param revision of the know-how that it is judged with
 * @param complaint all complaints in one line
 * @param startedAt when the first check or remedy was entered; null before
 * @param beside the other machines of the same visit
 * @param cautionsOpen ids of the cautions of what was done that are not confirmed
 * @param vanParts the parts that fit this machine
 * @param partsTotal price of all parts used
 * @param applicable what of the know-how applies to this machine
 * @param suggestions what the customer might be told
 * @param dates when what is due is due next, counted from the day of the call
 * @param ring the segments in the order of the work
 * @param gaps what is missing before the call can be closed without a reason
 */
record CallView(
        UUID id,
        UUID visitId,
        int version,
        int revision,
        LocalDate day,
        LocalTime plannedAt,
        String complaint,
        List<Complaint> complaints,
        Instant startedAt,
        Instant closedAt,
        String signOff,
        String advice,
        Customer customer,
        Machine machine,
        List<Beside> beside,
        List<Entry> entries,
        List<CautionKept> cautionsKept,
        List<String> cautionsOpen,
        List<PartUse> partUses,
        BigDecimal partsTotal,
        List<VanPart> vanParts,
        Assessment assessment,
        Applicable applicable,
        Advice suggestions,
        List<DueDate> dates,
        List<RingSegment> ring,
        List<String> gaps) {

    /**
     * @param days from one time to the next; 0 for every use
     * @param first the first day after this call
     */
    record DueDate(String task, int days, LocalDate first) {}

    record RingSegment(Stage stage, String title, boolean sealed, List<String> gaps) {}

    /**
     * Another machine in the same home, looked at on the same visit.
     *
     * @param kind in words
     */
    record Beside(UUID callId, String kind, String maker, String model, Instant closedAt) {}
}
