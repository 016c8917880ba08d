package grimygasket.server.simulation;

import grimygasket.pack.evidence.Check;
import grimygasket.practice.Meter;
import grimygasket.practice.MeterSamples;
import grimygasket.practice.SimulatedMachine;
import grimygasket.server.accounts.sessions.Sessions;
import grimygasket.units.UnitSystem;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
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

    private final Sessions sessions;
    private final ScheduledExecutorService clock = Executors.newScheduledThreadPool(2);

    MeterStreams(Sessions sessions) {
        this.sessions = sessions;
    }

    /**
     * @param given samples that had come before the connection was lost: they are not sent again
     * @param session of whoever listens: the stream ends with it
     */
    SseEmitter open(SimulatedMachine machine, Check check, UnitSystem system, int given, String session) {
        var emitter = new SseEmitter(LONGEST);
        var samples = MeterSamples.of(machine, check, (int) Math.min(given, MOST_SAMPLES));
        var job = clock.scheduleAtFixedRate(
                () -> send(emitter, samples, system, session), TICK_MILLIS, TICK_MILLIS, TimeUnit.MILLISECONDS);
        emitter.onCompletion(() -> job.cancel(false));
        emitter.onTimeout(emitter::complete);
        return emitter;
    }

    /** Whoever has gone is sent nothing more: a job that throws is not run again. */
    private void send(SseEmitter emitter, MeterSamples samples, UnitSystem system, String session) {
        if (!sessions.isOpen(session)) {
            emitter.complete();
            return;
        }
        var sample = samples.next(system);
        try {
            emitter.send(SseEmitter.event()
                    .id(String.valueOf(samples.count()))
                    .name("sample")
                    .reconnectTime(TICK_MILLIS)
                    .data(sample));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @PreDestroy
    void close() {
        clock.shutdownNow();
    }
}
