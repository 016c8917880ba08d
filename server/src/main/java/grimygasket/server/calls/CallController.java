package grimygasket.server.calls;

import grimygasket.gauge.UnfitReadings;
import grimygasket.pack.Rating;
import grimygasket.server.accounts.AccountStore;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.knowhow.Library;
import grimygasket.server.knowhow.SchoolStore;
import grimygasket.server.machines.MachineStore;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import grimygasket.units.Family;
import grimygasket.units.Figures;
import grimygasket.visit.Gap;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.util.StringUtils;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A call from its beginning to its end; every answer is the whole call as it then stands. */
@RestController
@RequestMapping("/api/calls/{callId}")
class CallController {
    /**
     * @param version of the call as it was seen when it was decided to close it
     * @param reason for gaps that are left; null for none
     */
    record Closing(
            int version,

            @Size(max = 500, message = "The reason is too long: 500 characters at most.")
            String reason,

            @NotNull @Size(max = 2000, message = "The advice is too long: 2000 characters at most.")
            String advice) {}

    record Planned(
            @NotNull(message = "Choose the day.") LocalDate day,
            @NotNull(message = "Choose the time.") LocalTime plannedAt) {}

    record Fitted(int version, @NotNull List<String> features) {}

    /**
     * @param ratings as it was typed, in the technician's units; blank to forget one
     */
    record Rated(@NotNull Map<Rating, @NotNull @Size(max = 20) String> ratings) {}

    private final CallStore calls;
    private final ComplaintStore complaints;
    private final MachineStore machines;
    private final Library library;
    private final SchoolStore schools;
    private final AccountStore accounts;
    private final CallFile file;

    CallController(
            CallStore calls,
            ComplaintStore complaints,
            MachineStore machines,
            Library library,
            SchoolStore schools,
            AccountStore accounts,
            CallFile file) {
        this.calls = calls;
        this.complaints = complaints;
        this.machines = machines;
        this.library = library;
        this.schools = schools;
        this.accounts = accounts;
        this.file = file;
    }

    @GetMapping
    CallView call(@PathVariable UUID callId, @AuthenticationPrincipal SignedIn me) {
        return file.of(callId, me);
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
        calls.addIfNew(call, callId, me.id(), revision);
        if (!call.complaint().isBlank()) {
            complaints.addIfNew(callId, callId, call.complaint());
        }
        return file.of(callId, me);
    }

    /** A fault was seen on a visit for upkeep: it goes on as any other call, with all that was done. */
    @DeleteMapping("/upkeep")
    @Transactional
    public CallView seesFault(@PathVariable UUID callId, @AuthenticationPrincipal SignedIn me) {
        calls.open(callId);
        calls.seesFault(callId);
        return file.of(callId, me);
    }

    /** What is fitted on the machine, corrected on site. */
    @PutMapping("/features")
    @Transactional
    public CallView features(
            @PathVariable UUID callId, @Valid @RequestBody Fitted fitted, @AuthenticationPrincipal SignedIn me) {
        var call = calls.open(callId);
        library.requireFeatures(machines.machine(call.machineId()).kind(), call.revision(), fitted.features);
        machines.setFeatures(call.machineId(), fitted.features, fitted.version);
        calls.touch(callId);
        return file.of(callId, me);
    }

    /** What the machine is made for, read off its plate. */
    @PutMapping("/ratings")
    @Transactional
    public CallView ratings(
            @PathVariable UUID callId, @Valid @RequestBody Rated rated, @AuthenticationPrincipal SignedIn me) {
        var call = calls.open(callId);
        var family = accounts.family(me.id());
        var problems = new HashMap<String, String>();
        rated.ratings.forEach((rating, text) -> {
            try {
                machines.setRating(call.machineId(), rating, value(rating, text, family));
            } catch (IllegalArgumentException e) {
                problems.put(rating.name(), StringUtils.capitalize(e.getMessage()));
            }
        });
        if (!problems.isEmpty()) {
            throw new UnfitReadings(problems);
        }
        calls.touch(callId);
        return file.of(callId, me);
    }

    /** Null where it is to be forgotten. */
    private static Double value(Rating rating, String text, Family family) {
        if (text.isBlank()) {
            return null;
        }
        double value = rating.quantity().unit(family).toBase(Figures.read(text));
        rating.check(value);
        return value;
    }

    /** Another day: the call goes on with everything as it lies. */
    @PutMapping("/plan")
    @Transactional
    public CallView plan(
            @PathVariable UUID callId, @Valid @RequestBody Planned planned, @AuthenticationPrincipal SignedIn me) {
        calls.open(callId);
        calls.plan(callId, planned.day, planned.plannedAt);
        return file.of(callId, me);
    }

    @PutMapping("/closing")
    @Transactional
    public CallView close(
            @PathVariable UUID callId, @Valid @RequestBody Closing closing, @AuthenticationPrincipal SignedIn me) {
        var call = calls.open(callId);
        var seen = file.of(callId, me);
        var gaps = seen.gaps();
        if (!seen.beyondMe().isEmpty()) {
            throw new Problem(
                    Kind.GAPS,
                    "This you may not leave open, whatever the reason: " + String.join(" ", seen.beyondMe()));
        }
        boolean signedOff = closing.reason != null && !closing.reason.isBlank();
        if (!gaps.isEmpty() && !signedOff) {
            throw new Problem(Kind.GAPS, "The ring has gaps: give the reason for leaving them, or fill them first.")
                    .with("gaps", gaps.stream().map(Gap::text).toList());
        }
        schools.keep(callId, file.machine(call).schools());
        var signOff = gaps.isEmpty() ? null : closing.reason.strip();
        if (!calls.close(callId, closing.version, me.fullName(), signOff, closing.advice)) {
            throw new Problem(
                    Kind.STALE, "The call was changed on another screen meanwhile. Look at it again, then close it.");
        }
        return file.of(callId, me);
    }

    /** Opens a closed call again. */
    @DeleteMapping("/closing")
    @Transactional
    public CallView reopen(@PathVariable UUID callId, @AuthenticationPrincipal SignedIn me) {
        calls.call(callId);
        schools.forget(callId);
        calls.reopen(callId);
        return file.of(callId, me);
    }
}
