package grimygasket.server.calls;

import grimygasket.server.accounts.SignedIn;
import grimygasket.server.shelf.PartUse.Source;
import grimygasket.server.shelf.ShelfStore;
import grimygasket.visit.PartCount.OldPart;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Parts taken from the van for a call, and put back. */
@RestController
@RequestMapping("/api/calls/{callId}/part-uses")
class PartUseController {
    record NewPartUse(
            @NotNull UUID id,
            @NotBlank @Size(max = 40) String remedy,
            @NotNull(message = "Choose the part.") UUID partId,

            @Min(value = 1, message = "Count at least one part.") @Max(value = 99, message = "Count at most 99 parts.")
            int used,

            @NotNull Source source) {}

    record Description(
            @NotNull @Size(max = 60, message = "The serial number is too long: 60 characters at most.")
            String serial,

            @NotNull OldPart oldPart) {}

    private final CallStore calls;
    private final ShelfStore shelf;
    private final CallFile file;

    PartUseController(CallStore calls, ShelfStore shelf, CallFile file) {
        this.calls = calls;
        this.shelf = shelf;
        this.file = file;
    }

    @PostMapping
    @Transactional
    public CallView use(
            @PathVariable UUID callId, @Valid @RequestBody NewPartUse use, @AuthenticationPrincipal SignedIn me) {
        calls.open(callId);
        shelf.use(use.id, callId, me.id(), use.remedy, use.partId, use.used, use.source);
        calls.touch(callId);
        return file.of(callId, me);
    }

    @PutMapping("/{useId}")
    @Transactional
    public CallView describe(
            @PathVariable UUID callId,
            @PathVariable UUID useId,
            @Valid @RequestBody Description description,
            @AuthenticationPrincipal SignedIn me) {
        calls.open(callId);
        shelf.describe(useId, callId, description.serial, description.oldPart);
        calls.touch(callId);
        return file.of(callId, me);
    }

    @DeleteMapping("/{useId}")
    @Transactional
    public CallView putBack(@PathVariable UUID callId, @PathVariable UUID useId, @AuthenticationPrincipal SignedIn me) {
        calls.open(callId);
        shelf.putBack(useId, callId);
        calls.touch(callId);
        return file.of(callId, me);
    }
}
