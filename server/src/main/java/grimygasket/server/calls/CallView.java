package grimygasket.server.calls;

import grimygasket.diagnosis.Assessment;
import grimygasket.server.machines.Customer;
import grimygasket.server.machines.Machine;
import grimygasket.server.shelf.PartUse;
import grimygasket.server.shelf.VanPart;
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
 * @param startedAt when the first check or remedy was entered; null before
 * @param vanParts the parts that fit this machine
 * @param partsTotal price of all parts used
 * @param ring the segments in the order of the work
 * @param gaps what is missing before the call can be closed without a reason
 */
record CallView(
        UUID id,
        int version,
        LocalDate day,
        LocalTime plannedAt,
        String complaint,
        Instant startedAt,
        Instant closedAt,
        String signOff,
        String advice,
        Customer customer,
        Machine machine,
        List<Entry> entries,
        List<PartUse> partUses,
        BigDecimal partsTotal,
        List<VanPart> vanParts,
        Assessment assessment,
        List<RingSegment> ring,
        List<String> gaps) {

    record RingSegment(Stage stage, String title, boolean sealed, List<String> gaps) {}
}
