package grimygasket.server.calls.commands;

import grimygasket.call.Call;
import grimygasket.call.change.Begin;
import grimygasket.call.change.Command;
import grimygasket.call.change.CommandResult;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.calls.known.Knowhows;
import grimygasket.server.calls.known.Known;
import grimygasket.server.calls.records.CallStore;
import grimygasket.server.calls.records.CallStore.Locked;
import grimygasket.server.calls.records.CommandLog;
import grimygasket.server.calls.records.FollowsCalls;
import grimygasket.server.knowhow.SchoolStore;
import grimygasket.server.machines.MachineStore;
import grimygasket.server.shelf.ShelfStore;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The one way to change a call: under its lock, the core applies a command to it; what becomes of both is kept. */
@Component
public class Commands {
    /** Those of two machines that both keep their clocks by the network, at most. */
    private static final Duration CLOCKS_DIFFER = Duration.ofMinutes(1);

    private final NewCalls newCalls;
    private final CallStore calls;
    private final CommandLog log;
    private final Knowhows knowhows;
    private final MachineStore machines;
    private final ShelfStore shelf;
    private final SchoolStore schools;
    private final List<FollowsCalls> followers;
    private final Clock clock;

    Commands(
            NewCalls newCalls,
            CallStore calls,
            CommandLog log,
            Knowhows knowhows,
            MachineStore machines,
            ShelfStore shelf,
            SchoolStore schools,
            List<FollowsCalls> followers,
            Clock clock) {
        this.newCalls = newCalls;
        this.calls = calls;
        this.log = log;
        this.knowhows = knowhows;
        this.machines = machines;
        this.shelf = shelf;
        this.schools = schools;
        this.followers = followers;
        this.clock = clock;
    }

    /**
     * Handles a command that is one with something else: if it is not taken, nothing is.
     *
     * @return the call as it is now
     */
    @Transactional
    public Call take(Command command, boolean returned, SignedIn me) {
        return handle(command, returned, me).taken();
    }

    /**
     * Handles a command once: a repeat gets what became of it before.
     *
     * @param returned whether a device gives it back, as the database was restored since it was taken
     */
    @Transactional
    public Handled handle(Command sent, boolean returned, SignedIn me) {
        if (sent.change() instanceof Begin && calls.find(sent.call()).isEmpty()) {
            return newCalls.begin(sent, returned, me);
        }
        var locked = calls.locked(sent);
        var now = clock.instant();
        var received = after(locked.last(), now);
        var command = at(received, now, locked, sent);
        var known = knowhows.of(locked.filed(), me.id());
        if (locked.before() != null) {
            return new Handled(known.call(), log.addRepeat(command, locked.before(), me.id(), received));
        }
        var outcome = command.on(known.call(), me.person(), known.knowhow());
        var call = outcome instanceof CommandResult.Applied applied ? keep(known, applied.call()) : known.call();
        return new Handled(call, log.add(command, returned, me.id(), received, outcome));
    }

    /**
     * Now; or, where this machine's clock has been set back since something was received on a call, just after that: things then stand in
     * the order in which they come.
     */
    private static Instant after(@Nullable Instant last, Instant now) {
        return last == null || last.isBefore(now.plus(CLOCKS_DIFFER)) ? now : last.plusMillis(1);
    }

    /**
     * Nothing was done to a call before it was put on file, whatever a device says; nor before what the same device did before: what was
     * long on its way seems later than it was, and what came next would stand before it.
     */
    private static Command at(Instant received, Instant now, Locked locked, Command sent) {
        if (received.isAfter(now)) {
            return at(received, sent);
        }
        long earliest = Math.max(
                locked.first() == null ? sent.at() : locked.first().toEpochMilli(),
                locked.ofDevice() == null ? sent.at() : locked.ofDevice().toEpochMilli() + 1);
        return sent.at() < earliest ? at(Instant.ofEpochMilli(earliest), sent) : sent;
    }

    private static Command at(Instant moment, Command sent) {
        return new Command(sent.id(), sent.call(), sent.device(), sent.seq(), moment.toEpochMilli(), sent.change());
    }

    /** Puts a call on file that was made elsewhere, with all that it holds. */
    @Transactional
    public void bringIn(Call call, UUID account) {
        var empty = Call.begun(call.head(), call.machine());
        calls.addIfNew(call);
        shelf.follow(call.head().id(), call.machine(), List.of(), call.parts());
        followers.forEach(follower -> follower.follow(empty, call));
        log.addNew(UUID.randomUUID(), CommandLog.BRING_IN, call.head().id(), account, clock.instant(), call.head());
    }

    /** Keeps the call, and what others ask for across calls: machines, parts, and the schools of a closed call. */
    private Call keep(Known known, Call call) {
        var before = known.call();
        calls.keep(call);
        if (!call.machine().equals(before.machine())) {
            machines.keep(before.machine(), call.machine());
        }
        followers.forEach(follower -> follower.follow(before, call));
        if (!Objects.equals(call.head().closing(), before.head().closing())) {
            keepSchools(known, call);
        }
        shelf.follow(call.head().id(), call.machine(), before.parts(), call.parts());
        return call;
    }

    private void keepSchools(Known known, Call call) {
        if (call.head().closing() == null) {
            schools.forget(call.head().id());
        } else {
            schools.keep(call.head().id(), known.knowhow().machine().schools());
        }
    }
}
