package grimygasket.server.calls;

import grimygasket.diagnosis.Machine;
import grimygasket.pack.Pack;
import grimygasket.visit.Advice;
import grimygasket.visit.Upkeep;
import grimygasket.visit.Upkeep.Last;
import grimygasket.visit.VisitRecord;
import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What a call for upkeep has to do, by what the earlier calls about the machine did and found. */
@Component
class UpkeepOfCall {
    private final CallStore calls;
    private final EntryStore entries;
    private final JobStore job;
    private final Clock clock;

    UpkeepOfCall(CallStore calls, EntryStore entries, JobStore job, Clock clock) {
        this.calls = calls;
        this.entries = entries;
        this.job = job;
        this.clock = clock;
    }

    /** Null for a call that somebody made because of a fault. */
    Upkeep of(ServiceCall call, Pack pack, Machine machine, VisitRecord visit) {
        return call.upkeep() ? Upkeep.of(pack, machine, last(call, pack), visit) : null;
    }

    /** By remedy, when it was last done on an earlier call. */
    private Map<String, Last> last(ServiceCall call, Pack pack) {
        var last = new HashMap<String, Last>();
        for (var before : calls.closedOf(call.machineId())) {
            if (!before.id().equals(call.id())) {
                var found = JobSheet.said(job.of(before.id()).conditions());
                var done = done(before);
                pack.remedies().stream()
                        .filter(remedy -> done.contains(remedy.id()))
                        .forEach(remedy -> last.computeIfAbsent(
                                remedy.id(),
                                id -> new Last(
                                        daysSince(before, call),
                                        Advice.found(pack, remedy.cures().keySet(), found))));
            }
        }
        return last;
    }

    /** Ids of what was done, whatever it cured: cleaned is cleaned. */
    private Set<String> done(ServiceCall before) {
        return entries.of(before.id()).stream()
                .filter(entry -> entry.kind() == Entry.Kind.REMEDY)
                .map(Entry::subject)
                .collect(Collectors.toSet());
    }

    private int daysSince(ServiceCall before, ServiceCall call) {
        var closed = LocalDate.ofInstant(before.closedAt(), clock.getZone());
        return (int) Math.max(0, ChronoUnit.DAYS.between(closed, call.day()));
    }
}
