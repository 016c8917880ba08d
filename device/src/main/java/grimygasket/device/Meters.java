package grimygasket.device;

import grimygasket.call.Knowhow;
import grimygasket.pack.Pack;
import grimygasket.practice.Draws;
import grimygasket.practice.MeterSamples;
import grimygasket.practice.MeterSamples.Sample;
import grimygasket.practice.SimulatedMachine;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;

/** Simulated meters of the device's own, for where the application's cannot be reached; until the page is loaded anew. */
final class Meters {
    /** What was made up for a call when a meter was first connected there. */
    private record MadeUp(String fault, int tried) {}

    private final Map<UUID, MadeUp> ofCalls = new HashMap<>();
    private final Map<String, MeterSamples> connected = new HashMap<>();

    Sample ofCall(Held held, Knowhow knowhow, Questions.OfMeter asked) {
        var id = held.call().head().id();
        var findings = held.call().findings(knowhow);
        long seed = Draws.seed(id);
        var madeUp = ofCalls.computeIfAbsent(
                id,
                call -> new MadeUp(
                        SimulatedMachine.suspect(knowhow.pack(), knowhow.machine(), findings, seed),
                        SimulatedMachine.tried(findings)));
        return next(id + asked.check(), asked, () -> {
            var machine = SimulatedMachine.of(knowhow.pack(), knowhow.machine(), List.of(madeUp.fault), seed);
            machine.treat(findings, madeUp.tried);
            return MeterSamples.of(machine, knowhow.pack().check(asked.check()), asked.given());
        });
    }

    Sample ofPractice(Pack pack, Questions.OfMeter asked) {
        var check = pack.check(asked.check());
        return next(pack.id() + asked.check() + asked.machine(), asked, () -> {
            var machine = SimulatedMachine.practice(pack, check, asked.machine());
            return MeterSamples.of(machine, check, asked.given());
        });
    }

    /** @param connect for one that is not connected, or has not given as many samples as have come */
    private Sample next(String name, Questions.OfMeter asked, Supplier<MeterSamples> connect) {
        var samples = connected.get(name);
        if (samples == null || samples.count() != asked.given()) {
            samples = connect.get();
            connected.put(name, samples);
        }
        return samples.next(asked.units());
    }
}
