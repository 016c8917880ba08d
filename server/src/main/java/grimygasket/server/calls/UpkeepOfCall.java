package grimygasket.server.calls;

import grimygasket.visit.Advice;
import grimygasket.visit.Upkeep;
import grimygasket.visit.Upkeep.Last;
import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What calls for upkeep have to do, by what the earlier calls about the machine did and found. */
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

    /** Call to what it has to do; a call that somebody made because of a fault is left out. */
    Map<UUID, Upkeep> of(List<Assessed> some) {
        var upkeeps = some.stream().filter(one -> one.call().upkeep()).toList();
        var earlier = calls.closedOf(
                upkeeps.stream().map(one -> one.call().machineId()).distinct().toList());
        var ids = earlier.values().stream()
                .flatMap(List::stream)
                .map(ServiceCall::id)
                .toList();
        var entriesOf = entries.of(ids);
        var jobOf = job.of(ids);
        return upkeeps.stream().collect(Collectors.toMap(one -> one.call().id(), one -> {
            var before = earlier.getOrDefault(one.call().machineId(), List.of());
            var last = last(one, before, entriesOf, jobOf);
            return Upkeep.of(one.pack(), one.machine(), last, one.visit(clock.millis()));
        }));
    }

    /** By remedy, when it was last done on an earlier call. */
    private Map<String, Last> last(
            Assessed one, List<ServiceCall> earlier, Map<UUID, List<Entry>> entriesOf, Map<UUID, JobSheet> jobOf) {
        var last = new HashMap<String, Last>();
        for (var before : earlier) {
            if (!before.id().equals(one.call().id())) {
                var found = JobSheet.said(
                        jobOf.getOrDefault(before.id(), JobSheet.EMPTY).conditions());
                var done = done(entriesOf.getOrDefault(before.id(), List.of()));
                one.pack().remedies().stream()
                        .filter(remedy -> done.contains(remedy.id()))
                        .forEach(remedy -> last.computeIfAbsent(
                                remedy.id(),
                                id -> new Last(
                                        daysSince(before, one.call()),
                                        Advice.found(one.pack(), remedy.cures().keySet(), found))));
            }
        }
        return last;
    }

    /** Ids of what was done, whatever it cured: cleaned is cleaned. */
    private static Set<String> done(List<Entry> story) {
        return story.stream()
                .filter(entry -> entry.kind() == Entry.Kind.REMEDY)
                .map(Entry::subject)
                .collect(Collectors.toSet());
    }

    private int daysSince(ServiceCall before, ServiceCall call) {
        var closed = LocalDate.ofInstant(before.closedAt(), clock.getZone());
        return (int) Math.max(0, ChronoUnit.DAYS.between(closed, call.day()));
    }
}
