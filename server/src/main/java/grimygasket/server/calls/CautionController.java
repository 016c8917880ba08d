package grimygasket.server.calls;

import grimygasket.server.accounts.SignedIn;
import grimygasket.server.knowhow.Library;
import grimygasket.server.machines.MachineStore;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Cautions confirmed on a call; confirming one again changes nothing. */
@RestController
@RequestMapping("/api/calls/{callId}/cautions/{caution}")
class CautionController {
    private final CallStore calls;
    private final CautionStore cautions;
    private final MachineStore machines;
    private final Library library;
    private final CallFile file;

    CautionController(CallStore calls, CautionStore cautions, MachineStore machines, Library library, CallFile file) {
        this.calls = calls;
        this.cautions = cautions;
        this.machines = machines;
        this.library = library;
        this.file = file;
    }

    @PutMapping
    @Transactional
    public CallView keep(
            @PathVariable UUID callId, @PathVariable String caution, @AuthenticationPrincipal SignedIn me) {
        var call = calls.open(callId);
        var pack = library.pack(machines.machine(call.machineId()), call.revision());
        if (pack.cautions().stream().noneMatch(known -> known.id().equals(caution))) {
            throw new Problem(Kind.NOT_FOUND, "There is no caution “" + caution + "” for this machine.");
        }
        cautions.keep(callId, caution, me.fullName());
        calls.touch(callId);
        return file.of(callId, me);
    }

    @DeleteMapping
    @Transactional
    public CallView takeBack(
            @PathVariable UUID callId, @PathVariable String caution, @AuthenticationPrincipal SignedIn me) {
        calls.open(callId);
        cautions.takeBack(callId, caution);
        calls.touch(callId);
        return file.of(callId, me);
    }
}
