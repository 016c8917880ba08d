package grimygasket.server.simulation;

import grimygasket.gauge.Steady;
import grimygasket.gauge.SteadyValue;
import grimygasket.server.accounts.AccountStore;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.web.Problem;
import grimygasket.units.Quantity;
import grimygasket.units.Unit;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Recorded series of a meter, written as CSV and read from it. */
@RestController
@RequestMapping("/api/series")
class SeriesController {
    /**
     * @param unit of all values
     */
    record Recorded(
            @NotNull String unit, @NotNull @Size(max = 5000) List<@Valid Moment> samples) {}

    record Moment(double second, double value) {}

    /**
     * What a file holds, in the technician's own unit.
     *
     * @param steady its steady end; null where it never was steady
     */
    record Read(String unit, List<Moment> samples, @Nullable SteadyValue steady) {}

    private final AccountStore accounts;

    SeriesController(AccountStore accounts) {
        this.accounts = accounts;
    }

    @PostMapping(path = "/csv", produces = "text/csv;charset=UTF-8")
    String write(@Valid @RequestBody Recorded series) {
        if (Stream.of(Unit.values()).noneMatch(unit -> unit.symbol().equals(series.unit))) {
            throw Problem.ofField("unit", "This is no unit that is known here.");
        }
        return SeriesFile.write(series.unit, series.samples);
    }

    /**
     * @param quantity that is wanted: a series of another one is refused
     */
    @PostMapping(consumes = "text/csv", produces = MediaType.APPLICATION_JSON_VALUE)
    Read read(@RequestParam Quantity quantity, @RequestBody String csv, @AuthenticationPrincipal SignedIn me) {
        var own = quantity.unit(accounts.system(me.id()));
        var base = SeriesFile.read(csv, quantity);
        var steady = Steady.of(quantity, base.stream().map(Moment::value).toList());
        return new Read(
                own.symbol(),
                base.stream()
                        .map(moment -> new Moment(moment.second, own.fromBase(moment.value)))
                        .toList(),
                SteadyValue.of(steady, own));
    }
}
