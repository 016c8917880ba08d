package grimygasket.server.calls;

import grimygasket.server.calls.PhotoStore.Photo;
import grimygasket.server.machines.Customer;
import grimygasket.server.machines.Machine;
import grimygasket.server.shelf.PartUse;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** All that is stored about a call. */
record CallRecord(
        ServiceCall call,
        Customer customer,
        Machine machine,
        List<Complaint> complaints,
        List<Entry> entries,
        List<CautionKept> cautions,
        List<PartUse> partUses,
        JobSheet job,
        List<Photo> photos) {

    /** Ids of the cautions that were confirmed. */
    Set<String> confirmed() {
        return cautions.stream().map(CautionKept::caution).collect(Collectors.toSet());
    }

    /** All complaints in one line. */
    String complaint() {
        return complaints.stream().map(Complaint::text).collect(Collectors.joining(" · "));
    }
}
