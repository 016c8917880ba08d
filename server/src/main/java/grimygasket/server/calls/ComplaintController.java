package grimygasket.server.calls;

import grimygasket.server.accounts.SignedIn;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Further complaints about the machine of a call. */
@RestController
@RequestMapping("/api/calls/{callId}/complaints")
class ComplaintController {
    record NewComplaint(
            @NotNull UUID id,

            @NotBlank(message = "Write down the complaint in the customer's words.")
            @Size(max = 500, message = "The complaint is too long: 500 characters at most.")
            String text) {}

    private final CallStore calls;
    private final ComplaintStore complaints;
    private final CallFile file;

    ComplaintController(CallStore calls, ComplaintStore complaints, CallFile file) {
        this.calls = calls;
        this.complaints = complaints;
        this.file = file;
    }

    @PostMapping
    @Transactional
    public CallView add(
            @PathVariable UUID callId,
            @Valid @RequestBody NewComplaint complaint,
            @AuthenticationPrincipal SignedIn me) {
        calls.open(callId);
        complaints.addIfNew(complaint.id, callId, complaint.text);
        calls.touch(callId);
        return file.of(callId, me);
    }

    @DeleteMapping("/{complaintId}")
    @Transactional
    public CallView remove(
            @PathVariable UUID callId, @PathVariable UUID complaintId, @AuthenticationPrincipal SignedIn me) {
        calls.open(callId);
        var others = complaints.of(callId).stream()
                .filter(complaint -> !complaint.id().equals(complaintId))
                .count();
        if (others == 0) {
            throw new Problem(Kind.INVALID, "A call is about something: write the other complaint down first.");
        }
        complaints.remove(complaintId, callId);
        calls.touch(callId);
        return file.of(callId, me);
    }
}
