package grimygasket.server.calls;

import grimygasket.call.Call;
import grimygasket.call.Complaint;
import grimygasket.call.Head;
import grimygasket.diagnosis.Step;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.knowhow.Library;
import grimygasket.server.machines.MachineStore;
import jakarta.validation.Valid;
import java.time.Clock;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A call put on file, and looked at. All changes of one come as commands. */
@RestController
@RequestMapping("/api/calls/{callId}")
class CallController {
    private final CallStore calls;
    private final CommandLog log;
    private final MachineStore machines;
    private final Library library;
    private final CallViews views;
    private final Clock clock;

    CallController(
            CallStore calls, CommandLog log, MachineStore machines, Library library, CallViews views, Clock clock) {
        this.calls = calls;
        this.log = log;
        this.machines = machines;
        this.library = library;
        this.views = views;
        this.clock = clock;
    }

    @GetMapping
    CallView call(@PathVariable UUID callId, @AuthenticationPrincipal SignedIn me) {
        return views.of(callId, me);
    }

    @GetMapping("/steps/{kind}/{stepId}")
    Step step(
            @PathVariable UUID callId,
            @PathVariable Step.Kind kind,
            @PathVariable String stepId,
            @AuthenticationPrincipal SignedIn me) {
        return views.step(callId, kind, stepId, me);
    }

    @PutMapping
    @Transactional
    public CallView add(
            @PathVariable UUID callId, @Valid @RequestBody NewCall call, @AuthenticationPrincipal SignedIn me) {
        var kind = call.machine().kind();
        int revision = library.active(kind);
        library.requireFeatures(kind, revision, call.machine().features());
        machines.addCustomerIfNew(call.customer());
        machines.addMachineIfNew(call.machine(), call.customer().id());
        if (calls.addIfNew(begun(callId, call, revision, me))) {
            log.addNew(callId, "begin", callId, me.id(), clock.instant(), call);
        }
        return views.of(callId, me);
    }

    private Call begun(UUID callId, NewCall call, int revision, SignedIn me) {
        var head = new Head(
                callId,
                call.visitId() == null ? callId : call.visitId(),
                me.id(),
                call.day().toEpochDay(),
                call.plannedAt().toSecondOfDay() / 60,
                revision,
                call.follows(),
                call.upkeep(),
                null,
                null,
                1);
        var begun = Call.begun(head, call.machine().onCall());
        return call.complaint().isBlank()
                ? begun
                : begun.complainedOf(
                        new Complaint(callId, clock.millis(), call.complaint().strip()));
    }
}
