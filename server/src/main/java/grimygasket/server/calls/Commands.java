package grimygasket.server.calls;

import grimygasket.call.Call;
import grimygasket.call.Command;
import grimygasket.call.Outcome;
import grimygasket.call.Person;
import grimygasket.call.Reason;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.calls.CallStore.Locked;
import grimygasket.server.calls.CommandLog.Became;
import grimygasket.server.knowhow.SchoolStore;
import grimygasket.server.machines.MachineStore;
import grimygasket.server.shelf.ShelfStore;
import java.time.Clock;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.ErrorResponseException;
import tools.jackson.databind.json.JsonMapper;

/** The one way to change a call: under its lock, the core applies a command to it; what becomes of both is kept. */
@Component
public class Commands {
    private final CallStore calls;
    private final CommandLog log;
    private final Knowhows knowhows;
    private final MachineStore machines;
    private final ShelfStore shelf;
    private final SchoolStore schools;
    private final List<FollowsCalls> followers;
    private final JsonMapper json;
    private final Clock clock;

    Commands(
            CallStore calls,
            CommandLog log,
            Knowhows knowhows,
            MachineStore machines,
            ShelfStore shelf,
            SchoolStore schools,
            List<FollowsCalls> followers,
            JsonMapper json,
            Clock clock) {
        this.calls = calls;
        this.log = log;
        this.knowhows = knowhows;
        this.machines = machines;
        this.shelf = shelf;
        this.schools = schools;
        this.followers = followers;
        this.json = json;
        this.clock = clock;
    }

    /**
     * What became of a command.
     *
     * @param known the call as it is now
     * @param refused why it was not taken; null if it was
     */
    public record Handled(Known known, ProblemDetail refused) {
        /** The call as it is now, if the command was taken; its problem is thrown if it was not. */
        Known taken() {
            if (refused != null) {
                throw new ErrorResponseException(HttpStatus.valueOf(refused.getStatus()), refused, null);
            }
            return known;
        }
    }

    /**
     * Handles a command that is one with something else: if it is not taken, nothing is.
     *
     * @return the call as it is now
     */
    @Transactional
    public Known take(Command command, SignedIn me) {
        return handle(command, me).taken();
    }

    /** Handles a command once: a repeat gets what became of it before. */
    @Transactional
    public Handled handle(Command command, SignedIn me) {
        var locked = calls.locked(command);
        var known = knowhows.of(locked.filed(), me.id());
        if (locked.before() != null) {
            return repeated(known, command, locked, me);
        }
        var person = new Person(me.id(), me.fullName(), me.rank());
        var outcome = known.call().apply(command, person, known.knowhow());
        if (outcome instanceof Outcome.Applied applied) {
            var now = keep(known, applied.call(), me);
            log.add(command, me.id(), clock.instant(), Became.APPLIED, null);
            return new Handled(now, null);
        }
        if (outcome instanceof Outcome.Same) {
            log.add(command, me.id(), clock.instant(), Became.SAME, null);
            return new Handled(known, null);
        }
        var refused = Refusals.of(outcome);
        var became = outcome instanceof Outcome.Conflict ? Became.CONFLICT : Became.REFUSED;
        log.add(command, me.id(), clock.instant(), became, refused);
        return new Handled(known, refused);
    }

    /** Puts a call on file that was made elsewhere, with all that it holds. */
    @Transactional
    public void bringIn(Call call, UUID account) {
        var empty = Call.begun(call.head(), call.machine());
        calls.addIfNew(call);
        shelf.follow(call.head().id(), List.of(), call.parts());
        followers.forEach(follower -> follower.follow(empty, call));
        log.addNew(UUID.randomUUID(), "bring-in", call.head().id(), account, clock.instant(), call.head());
    }

    private Handled repeated(Known known, Command command, Locked before, SignedIn me) {
        if (!before.before().equals(log.body(command))) {
            return new Handled(known, Refusals.of(Outcome.refused(Reason.Kind.BORROWED_ID)));
        }
        log.addRepeat(command, me.id(), clock.instant());
        return new Handled(
                known, before.detail() == null ? null : json.readValue(before.detail(), ProblemDetail.class));
    }

    /** Keeps the call, and what others ask for across calls: machines, parts, and the schools of a closed call. */
    private Known keep(Known known, Call call, SignedIn me) {
        var before = known.call();
        calls.keep(call);
        if (!call.machine().equals(before.machine())) {
            machines.keep(before.machine(), call.machine());
        }
        followers.forEach(follower -> follower.follow(before, call));
        if (!Objects.equals(call.head().closing(), before.head().closing())) {
            keepSchools(known, call);
        }
        shelf.follow(call.head().id(), before.parts(), call.parts());
        boolean heldAlike = call.parts().equals(before.parts())
                && call.head().upkeep() == before.head().upkeep();
        return heldAlike ? known.with(call) : knowhows.of(known.filed().with(call), me.id());
    }

    private void keepSchools(Known known, Call call) {
        if (call.head().closing() == null) {
            schools.forget(call.head().id());
        } else {
            schools.keep(call.head().id(), known.knowhow().machine().schools());
        }
    }
}
