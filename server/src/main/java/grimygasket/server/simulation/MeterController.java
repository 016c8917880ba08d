package grimygasket.server.simulation;

import grimygasket.knowhow.Shipped;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Measure;
import grimygasket.practice.SimulatedMachine;
import grimygasket.server.accounts.AccountStore;
import grimygasket.server.accounts.BusinessStore;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.calls.known.CallMachines;
import grimygasket.server.knowhow.Library;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import grimygasket.units.Quantity;
import grimygasket.units.UnitSystem;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * A stand-in for wireless meters: server-sent events, as a real bridge would give them. docs/meters.md describes them.
 */
@RestController
class MeterController {
    /**
     * A simulated instrument on a practice machine.
     *
     * @param kind of machine
     * @param check at which it measures
     */
    record PracticeMeter(String kind, String check, String name, Measure.Meter meter, Quantity quantity) {}

    private final BusinessStore business;
    private final AccountStore accounts;
    private final CallMachines calls;
    private final SimulatedMachines machines;
    private final Library library;
    private final MeterStreams streams;

    MeterController(
            BusinessStore business,
            AccountStore accounts,
            CallMachines calls,
            SimulatedMachines machines,
            Library library,
            MeterStreams streams) {
        this.business = business;
        this.accounts = accounts;
        this.calls = calls;
        this.machines = machines;
        this.library = library;
        this.streams = streams;
    }

    private void requireSimulated() {
        if (!business.get().simulatedMeters()) {
            throw new Problem(Kind.NOT_FOUND, "Simulated meters are off. The owner can switch them on in Settings.");
        }
    }

    /** The instruments that there are to practise with; none where they are off. */
    @GetMapping("/api/meters")
    List<PracticeMeter> meters() {
        if (!business.get().simulatedMeters()) {
            return List.of();
        }
        return Shipped.KINDS.stream()
                .map(kind -> library.pack(kind, library.active(kind)))
                .flatMap(pack -> pack.checks().stream()
                        .filter(MeterController::hasMeter)
                        .map(check -> new PracticeMeter(
                                pack.id(),
                                check.id(),
                                pack.name() + ": " + check.measure().name().toLowerCase(),
                                check.measure().meter(),
                                check.measure().quantity())))
                .toList();
    }

    /**
     * Streams a meter at the machine of a call.
     *
     * @param given how many samples had come before the connection was lost
     * @param last the same, as browsers say it when they connect again by themselves
     */
    @GetMapping(path = "/api/calls/{callId}/checks/{check}/meter", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter ofCall(
            @PathVariable UUID callId,
            @PathVariable String check,
            @RequestParam(defaultValue = "0") int given,
            @RequestHeader(name = "Last-Event-ID", required = false, defaultValue = "0") int last,
            @AuthenticationPrincipal SignedIn me,
            HttpServletRequest request) {
        requireSimulated();
        var measured = check(calls.of(callId).pack().checks(), check);
        return streams.open(machines.of(callId), measured, system(me), Math.max(given, last), session(request));
    }

    /**
     * Streams a meter at a practice machine.
     *
     * @param machine its number: the same one has the same fault
     * @see #ofCall
     */
    @GetMapping(path = "/api/meters/{kind}/{check}", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter ofPractice(
            @PathVariable String kind,
            @PathVariable String check,
            @RequestParam(defaultValue = "1") int machine,
            @RequestParam(defaultValue = "0") int given,
            @RequestHeader(name = "Last-Event-ID", required = false, defaultValue = "0") int last,
            @AuthenticationPrincipal SignedIn me,
            HttpServletRequest request) {
        requireSimulated();
        var pack = library.pack(kind, library.active(kind));
        var measured = check(pack.checks(), check);
        return streams.open(
                SimulatedMachine.practice(pack, measured, machine),
                measured,
                system(me),
                Math.max(given, last),
                session(request));
    }

    private static String session(HttpServletRequest request) {
        return request.getSession().getId();
    }

    private UnitSystem system(SignedIn me) {
        return accounts.system(me.id());
    }

    private static boolean hasMeter(Check check) {
        return check.measure() != null && check.measure().meter() != null;
    }

    private static Check check(List<Check> checks, String id) {
        return checks.stream()
                .filter(check -> check.id().equals(id) && hasMeter(check))
                .findFirst()
                .orElseThrow(() -> new Problem(Kind.NOT_FOUND, "No meter measures that."));
    }
}
