package grimygasket.server.gauges;

import grimygasket.gauge.Gauge;
import grimygasket.gauge.Gauges;
import grimygasket.gauge.Readings;
import grimygasket.pack.Ratings;
import grimygasket.server.accounts.AccountStore;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.calls.CallMachines;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import grimygasket.units.Quantity;
import grimygasket.wording.GaugeView;
import grimygasket.wording.JudgementView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Every calculation, alone or for the machine of a call. */
@RestController
class GaugeController {
    /**
     * What was entered at a gauge.
     *
     * @param call whose machine it is about; null for none
     * @param inputs input id to what stands there
     */
    record Entered(
            @Nullable UUID call, @NotNull @Size(max = 20) Map<String, @Valid Written> inputs) {}

    /**
     * @param text as it was typed, or the id of an option
     * @param unit its symbol; null for the technician's own
     * @param standardUncertainty in the same unit, from an instrument that says it; null for the usual one
     */
    record Written(
            @Size(max = 20) @Nullable String text,
            @Size(max = 10) @Nullable String unit,
            @Nullable Double standardUncertainty) {}

    /** How a quantity is written: {@code shown = (base − offset) / factor}. */
    record UnitOfQuantity(String symbol, double factor, double offset) {}

    private final AccountStore accounts;
    private final CallMachines machines;

    GaugeController(AccountStore accounts, CallMachines machines) {
        this.accounts = accounts;
        this.machines = machines;
    }

    @GetMapping("/api/gauges")
    List<GaugeView> gauges(@RequestParam(required = false) UUID call, @AuthenticationPrincipal SignedIn me) {
        var ratings = ratings(call);
        var system = accounts.system(me.id());
        return Gauges.ALL.stream()
                .map(gauge -> GaugeView.of(gauge, ratings, system))
                .toList();
    }

    /** Judges what was entered. */
    @PostMapping("/api/gauges/{id}/judgements")
    JudgementView judge(
            @PathVariable String id, @Valid @RequestBody Entered entered, @AuthenticationPrincipal SignedIn me) {
        var gauge = gauge(id);
        var typed = entered.inputs.entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        e -> new Readings.Typed(
                                e.getValue().text, e.getValue().unit, e.getValue().standardUncertainty)));
        var system = accounts.system(me.id());
        var readings = Readings.of(gauge.inputs(), typed, ratings(entered.call), system);
        return JudgementView.of(gauge, gauge.judge(readings), system);
    }

    /** The unit of each quantity, as whoever is signed in reads it. */
    @GetMapping("/api/units")
    Map<Quantity, UnitOfQuantity> units(@AuthenticationPrincipal SignedIn me) {
        var system = accounts.system(me.id());
        return Arrays.stream(Quantity.values()).collect(Collectors.toMap(quantity -> quantity, quantity -> {
            var unit = quantity.unit(system);
            return new UnitOfQuantity(unit.symbol(), unit.size(), unit.toBase(0));
        }));
    }

    private Ratings ratings(UUID call) {
        return call == null ? Ratings.NONE : machines.of(call).machine().ratings();
    }

    private static Gauge gauge(String id) {
        try {
            return Gauges.of(id);
        } catch (IllegalArgumentException e) {
            throw new Problem(Kind.NOT_FOUND, "There is no such gauge.");
        }
    }
}
