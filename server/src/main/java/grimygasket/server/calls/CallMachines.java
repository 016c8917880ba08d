package grimygasket.server.calls;

import grimygasket.diagnosis.Finding;
import grimygasket.diagnosis.Machine;
import grimygasket.pack.Pack;
import grimygasket.server.knowhow.Library;
import grimygasket.server.machines.MachineStore;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The machine of a call as the core sees it, for those who have nothing else to do with calls. */
@Component
public class CallMachines {
    private final CallStore calls;
    private final EntryStore entries;
    private final MachineStore machines;
    private final Library library;
    private final Judge judge;

    CallMachines(CallStore calls, EntryStore entries, MachineStore machines, Library library, Judge judge) {
        this.calls = calls;
        this.entries = entries;
        this.machines = machines;
        this.library = library;
        this.judge = judge;
    }

    /**
     * @param pack that the call is judged with
     * @param findings what has been found out so far
     */
    public record CallMachine(Pack pack, Machine machine, List<Finding> findings) {}

    public CallMachine of(UUID callId) {
        var call = calls.call(callId);
        var machine = machines.machine(call.machineId());
        return new CallMachine(
                library.pack(machine, call.revision()),
                judge.machine(machine, call),
                judge.findings(machine, call.revision(), entries.of(callId)));
    }
}
