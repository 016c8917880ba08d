package grimygasket.server.calls.known;

import grimygasket.call.Call;
import grimygasket.call.Entry;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.pack.ModelFamily;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.calls.records.CallStore;
import grimygasket.server.calls.records.CommandLog;
import grimygasket.server.calls.records.Filed;
import grimygasket.server.calls.records.Surroundings;
import grimygasket.server.knowhow.Library;
import grimygasket.server.web.Zones;
import grimygasket.state.CallState;
import grimygasket.state.Viewer;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Calls with what they are held against, and what follows from them. */
@Component
public class CallViews {
    private final CallStore calls;
    private final Knowhows knowhows;
    private final Assessments assessments;
    private final Library library;
    private final CommandLog log;
    private final Clock clock;

    CallViews(
            CallStore calls, Knowhows knowhows, Assessments assessments, Library library, CommandLog log, Clock clock) {
        this.calls = calls;
        this.knowhows = knowhows;
        this.assessments = assessments;
        this.library = library;
        this.log = log;
        this.clock = clock;
    }

    /** @param me whose van the parts are taken from */
    public Known known(UUID callId, SignedIn me) {
        return knowhows.of(calls.call(callId), me.id());
    }

    /** Those of some calls that are on file. */
    public List<Known> known(Collection<UUID> callIds, SignedIn me) {
        return knowhows.of(calls.calls(callIds), me.id());
    }

    /** @param at as of when, in milliseconds since 1970 */
    public CallState state(Known known, SignedIn me, long at) {
        return CallState.of(
                known.call(),
                known.knowhow(),
                assessments.of(known),
                new Viewer(me.rank(), known.settings().units()),
                at,
                Zones.of(known.settings().business().clocks()));
    }

    public Surroundings surroundings(Known known) {
        var call = known.call();
        var head = call.head();
        return new Surroundings(
                known.filed().customer(),
                calls.beside(known.filed()).stream().map(this::beside).toList(),
                Optional.ofNullable(head.follows())
                        .flatMap(calls::find)
                        .map(Filed::call)
                        .map(this::earlier)
                        .orElse(null),
                library.family(call.machine(), head.revision())
                        .map(ModelFamily::id)
                        .orElse(null),
                log.broughtIn(head.id()).orElse(null));
    }

    private Surroundings.Beside beside(Filed other) {
        var call = other.call();
        var machine = call.machine();
        var closing = call.head().closing();
        return new Surroundings.Beside(
                call.head().id(),
                library.pack(machine, call.head().revision()).name(),
                machine.maker(),
                machine.model(),
                closing == null ? null : closing.at());
    }

    /** @param machine maker and model, as far as they are known */
    record StillOpen(UUID callId, UUID machineId, LocalDate day, String machine, String complaint) {}

    /** The calls in a home that are not closed, earliest first. */
    List<StillOpen> openAt(UUID customer) {
        return calls.openAt(customer).stream()
                .map(call -> new StillOpen(
                        call.head().id(),
                        call.machine().id(),
                        LocalDate.ofEpochDay(call.head().day()),
                        (call.machine().maker() + " " + call.machine().model()).strip(),
                        call.complaint()))
                .toList();
    }

    /** The closed calls about a machine, latest first. */
    List<Surroundings.Earlier> closedOf(UUID machineId) {
        return calls.closedOf(List.of(machineId)).getOrDefault(machineId, List.of()).stream()
                .map(this::earlier)
                .toList();
    }

    private Surroundings.Earlier earlier(Call before) {
        var pack = library.pack(before.machine(), before.head().revision());
        return new Surroundings.Earlier(
                before.head().id(),
                LocalDate.ofEpochDay(before.head().day()),
                before.complaint(),
                before.story().stream()
                        .map(Entry::finding)
                        .filter(RemedyTried.class::isInstance)
                        .map(finding ->
                                pack.remedy(((RemedyTried) finding).remedy()).name())
                        .toList());
    }
}
