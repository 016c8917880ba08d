package grimygasket.server.simulation;

import grimygasket.gauge.Steady;
import grimygasket.practice.Meter;
import grimygasket.units.Amount;
import grimygasket.units.Quantity;
import grimygasket.units.Unit;
import grimygasket.units.UnitSystem;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Sends the samples of meters, as time goes. */
@Component
class MeterStreams {
    private static final long LONGEST = TimeUnit.MINUTES.toMillis(15);
    private static final long TICK_MILLIS = (long) (1000 * Meter.TICK);

    /** No series is longer than its connection may last. */
    private static final long MOST_SAMPLES = LONGEST / TICK_MILLIS;

    private final ScheduledExecutorService clock = Executors.newScheduledThreadPool(2);

    /**
     * One sample.
     *
     * @param second since it was connected
     * @param value in the technician's unit
     * @param steady the value taken while it is steady; null while it is not
     */
    record Sample(double second, double value, String shown, String unit, SteadyValue steady) {}

    record SteadyValue(double value, double standardUncertainty, String shown) {
        /** Null for one that is not steady. */
        static SteadyValue of(Amount steady, Unit unit) {
            return steady == null
                    ? null
                    : new SteadyValue(
                            unit.fromBase(steady.value()),
                            steady.standardUncertainty() / unit.size(),
                            unit.show(steady.value()));
        }
    }

    /**
     * @param given samples that had come before the connection was lost: they are not sent again
     */
    SseEmitter open(Meter meter, Quantity quantity, UnitSystem system, int given) {
        var emitter = new SseEmitter(LONGEST);
        var samples = new ArrayList<Double>();
        while (meter.samples() < Math.min(given, MOST_SAMPLES)) {
            samples.add(meter.next());
        }
        var job = clock.scheduleAtFixedRate(
                () -> send(emitter, meter, samples, quantity, system), TICK_MILLIS, TICK_MILLIS, TimeUnit.MILLISECONDS);
        emitter.onCompletion(() -> job.cancel(false));
        emitter.onTimeout(emitter::complete);
        return emitter;
    }

    /** Whoever has gone is sent nothing more: a job that throws is not run again. */
    private static void send(
            SseEmitter emitter, Meter meter, List<Double> samples, Quantity quantity, UnitSystem system) {
        samples.add(meter.next());
        try {
            emitter.send(SseEmitter.event()
                    .id(String.valueOf(meter.samples()))
                    .name("sample")
                    .reconnectTime(TICK_MILLIS)
                    .data(sample(meter, samples, quantity, system)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Sample sample(Meter meter, List<Double> samples, Quantity quantity, UnitSystem system) {
        var unit = quantity.unit(system);
        double last = samples.get(samples.size() - 1);
        return new Sample(
                meter.samples() * Meter.TICK,
                unit.fromBase(last),
                unit.show(last),
                unit.symbol(),
                SteadyValue.of(Steady.of(quantity, samples), unit));
    }

    @PreDestroy
    void close() {
        clock.shutdownNow();
    }
}
