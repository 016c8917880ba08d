package grimygasket.server.calls;

import grimygasket.gauge.ResidualWater;
import grimygasket.pack.Pack;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import grimygasket.visit.Condition;
import grimygasket.visit.Debt;
import grimygasket.visit.Found;
import grimygasket.visit.Laid;
import grimygasket.visit.Note;
import grimygasket.visit.ProofRun;
import grimygasket.visit.Tray;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The job sheet of a call: lines added, changed and taken back. A new line comes with the version 0. */
@RestController
@RequestMapping("/api/calls/{callId}/job")
class JobController {
    record PieceLine(int version, @NotNull Laid what) {}

    record ConditionLine(int version, @NotNull Condition what) {}

    record DebtLine(int version, @NotNull Debt what) {}

    record ThingLine(int version, @NotNull Found what) {}

    record NoteLine(int version, @NotNull Note what) {}

    record ProofLine(int version, @NotNull ProofRun what) {}

    record WaterLine(int version, @NotNull @Valid WaterLeft what) {}

    /** @param lines id of the pack's piece to the id of its line on the tray */
    record KnownPieces(
            @NotEmpty(message = "Choose what came off.") Map<String, UUID> lines) {}

    private final CallStore calls;
    private final JobStore job;
    private final CallFile file;

    JobController(CallStore calls, JobStore job, CallFile file) {
        this.calls = calls;
        this.job = job;
        this.file = file;
    }

    @PutMapping("/pieces/{lineId}")
    @Transactional
    public CallView piece(
            @PathVariable UUID callId,
            @PathVariable UUID lineId,
            @Valid @RequestBody PieceLine line,
            @AuthenticationPrincipal SignedIn me) {
        put(callId, lineId, line.version, line.what.piece(), line.what, pack -> pack.chain(line.what.layer()), me);
        if (line.what.place() == Laid.Place.TRAY) {
            job.opened(callId, line.what.id());
        }
        return file.of(callId, me);
    }

    @PutMapping("/conditions/{lineId}")
    @Transactional
    public CallView condition(
            @PathVariable UUID callId,
            @PathVariable UUID lineId,
            @Valid @RequestBody ConditionLine line,
            @AuthenticationPrincipal SignedIn me) {
        var station = line.what.station();
        return put(callId, lineId, line.version, station, line.what, pack -> pack.station(station), me);
    }

    @PutMapping("/debts/{lineId}")
    @Transactional
    public CallView debt(
            @PathVariable UUID callId,
            @PathVariable UUID lineId,
            @Valid @RequestBody DebtLine line,
            @AuthenticationPrincipal SignedIn me) {
        return put(callId, lineId, line.version, null, line.what, pack -> {}, me);
    }

    @PutMapping("/things/{lineId}")
    @Transactional
    public CallView thing(
            @PathVariable UUID callId,
            @PathVariable UUID lineId,
            @Valid @RequestBody ThingLine line,
            @AuthenticationPrincipal SignedIn me) {
        return put(callId, lineId, line.version, null, line.what, pack -> {}, me);
    }

    @PutMapping("/notes/{lineId}")
    @Transactional
    public CallView note(
            @PathVariable UUID callId,
            @PathVariable UUID lineId,
            @Valid @RequestBody NoteLine line,
            @AuthenticationPrincipal SignedIn me) {
        return put(callId, lineId, line.version, null, line.what, pack -> {}, me);
    }

    @PutMapping("/proofs/{lineId}")
    @Transactional
    public CallView proof(
            @PathVariable UUID callId,
            @PathVariable UUID lineId,
            @Valid @RequestBody ProofLine line,
            @AuthenticationPrincipal SignedIn me) {
        var proof = line.what.proof();
        return put(callId, lineId, line.version, proof, line.what, pack -> pack.proof(proof), me);
    }

    @PutMapping("/water/{lineId}")
    @Transactional
    public CallView water(
            @PathVariable UUID callId,
            @PathVariable UUID lineId,
            @Valid @RequestBody WaterLine line,
            @AuthenticationPrincipal SignedIn me) {
        return put(
                callId,
                lineId,
                line.version,
                "water",
                line.what,
                pack -> ResidualWater.of(pack.water(), line.what.levelCm()).fills(line.what.vesselLitres()),
                me);
    }

    /** Lays down what the know-how says comes off, each piece's screws in the next free cup. */
    @PostMapping("/pieces")
    @Transactional
    public CallView known(
            @PathVariable UUID callId, @Valid @RequestBody KnownPieces known, @AuthenticationPrincipal SignedIn me) {
        var call = calls.open(callId);
        var pack = file.pack(call);
        var machine = file.machine(call);
        var laid = new ArrayList<>(JobSheet.said(job.of(callId).pieces()));
        for (var layer : pack.layers()) {
            for (var piece : layer.pieces()) {
                var lineId = known.lines.get(piece.id());
                if (lineId != null && machine.meets(piece.needs()) && isNew(laid, piece.id())) {
                    var down = Laid.of(
                            lineId.toString(),
                            layer.id(),
                            piece,
                            Tray.freeCups(laid).iterator());
                    laid.add(down);
                    job.put(callId, lineId, 0, piece.id(), down, me.fullName());
                }
            }
        }
        calls.touch(callId);
        return file.of(callId, me);
    }

    private static boolean isNew(List<Laid> laid, String piece) {
        return laid.stream().noneMatch(one -> piece.equals(one.piece()));
    }

    @DeleteMapping("/{lineId}")
    @Transactional
    public CallView remove(
            @PathVariable UUID callId,
            @PathVariable UUID lineId,
            @RequestParam int version,
            @AuthenticationPrincipal SignedIn me) {
        calls.open(callId);
        job.remove(callId, lineId, version);
        calls.touch(callId);
        return file.of(callId, me);
    }

    private CallView put(
            UUID callId, UUID lineId, int version, String subject, Object what, Consumer<Pack> known, SignedIn me) {
        var call = calls.open(callId);
        try {
            known.accept(file.pack(call));
        } catch (IllegalArgumentException e) {
            throw new Problem(Kind.INVALID, e.getMessage());
        }
        job.put(callId, lineId, version, subject, what, me.fullName());
        calls.touch(callId);
        return file.of(callId, me);
    }
}
