package grimygasket.server.calls;

import grimygasket.diagnosis.Step;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.web.Problem;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A call looked at. All changes of one come as commands. */
@RestController
@RequestMapping("/api/calls/{callId}")
class CallController {
    private final CallViews views;

    CallController(CallViews views) {
        this.views = views;
    }

    @GetMapping
    CallView call(@PathVariable UUID callId, @AuthenticationPrincipal SignedIn me) {
        return views.of(callId, me);
    }

    /** Every step that can be taken now, best first. */
    @GetMapping("/steps")
    List<Step> steps(@PathVariable UUID callId, @AuthenticationPrincipal SignedIn me) {
        return views.plan(callId, me).steps();
    }

    /** A step with all its detail, for whoever takes it out of turn. */
    @GetMapping("/steps/{kind}/{stepId}")
    Step step(
            @PathVariable UUID callId,
            @PathVariable Step.Kind kind,
            @PathVariable String stepId,
            @AuthenticationPrincipal SignedIn me) {
        return views.plan(callId, me)
                .step(kind, stepId)
                .orElseThrow(() -> new Problem(Problem.Kind.NOT_FOUND, "This step is not in the plan any more."));
    }
}
