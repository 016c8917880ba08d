package grimygasket.server.calls.commands;

import grimygasket.call.Call;
import grimygasket.call.change.Begin;
import grimygasket.call.change.Command;
import grimygasket.call.change.CommandResult;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.calls.records.CallStore;
import grimygasket.server.calls.records.CommandLog;
import grimygasket.server.calls.records.Erased;
import grimygasket.server.customers.CustomerStore;
import grimygasket.server.knowhow.Library;
import grimygasket.server.machines.MachineStore;
import java.time.Clock;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Puts calls on file, with their customers and machines as far as they are new. */
@Component
class NewCalls {
    private final CallStore calls;
    private final CommandLog log;
    private final CustomerStore customers;
    private final MachineStore machines;
    private final Library library;
    private final Erased erased;
    private final Clock clock;

    NewCalls(
            CallStore calls,
            CommandLog log,
            CustomerStore customers,
            MachineStore machines,
            Library library,
            Erased erased,
            Clock clock) {
        this.calls = calls;
        this.log = log;
        this.customers = customers;
        this.machines = machines;
        this.library = library;
        this.erased = erased;
        this.clock = clock;
    }

    /** @param command to begin a call that is not on file */
    @Transactional(propagation = Propagation.MANDATORY)
    public Handled begin(Command command, boolean returned, SignedIn me) {
        var begin = (Begin) command.change();
        var before = log.before(command.id());
        if (before.isPresent()) {
            return new Handled(null, log.addRepeat(command, before.get(), me.id(), clock.instant()));
        }
        erased.requireNot(begin.customer().id(), command.call());
        var kind = begin.machine().kind();
        int revision = begin.revision() == null ? library.active(kind) : begin.revision();
        var outcome = begin.begun(command, me.person(), library.pack(kind, revision), revision);
        var refused = log.add(command, returned, me.id(), clock.instant(), outcome);
        return outcome instanceof CommandResult.Applied applied
                ? new Handled(add(applied.call(), begin), Optional.empty())
                : new Handled(null, refused);
    }

    private Call add(Call call, Begin begin) {
        customers.addIfNew(begin.customer());
        machines.addMachineIfNew(
                call.machine(), begin.customer().id(), begin.customer().elsewhere());
        calls.addIfNew(call);
        return call;
    }
}
