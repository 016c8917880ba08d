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

    public Machine of(UUID callId) {
        var call = calls.call(callId);
        return judge.machine(machines.machine(call.machineId()), call);
    }

    /** The know-how that the call is judged with. */
    public Pack pack(UUID callId) {
        var call = calls.call(callId);
        return library.pack(machines.machine(call.machineId()).kind(), call.revision());
    }

    /** What has been found out so far. */
    public List<Finding> findings(UUID callId) {
        var call = calls.call(callId);
        return judge.findings(machines.machine(call.machineId()), call.revision(), entries.of(callId));
    }
}
