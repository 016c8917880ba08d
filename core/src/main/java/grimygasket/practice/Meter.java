package grimygasket.practice;

import grimygasket.flow.Prediction;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Measure;
import grimygasket.units.Quantity;

/** A simulated instrument on a simulated machine: it comes up to its reading as such instruments do, and shakes. */
public final class Meter {
    /** Seconds from one sample to the next. */
    public static final double TICK = 0.5;

    /** Water in the machine when a drain is measured, L. */
    private static final double FULL = 15;

    /** An open winding, Ω: a meter wanders there. */
    private static final double FAR_OUT = 1e4;

    private final SimulatedMachine machine;
    private final Check check;
    private final Run run;
    private double shown;
    private int samples;

    private Meter(SimulatedMachine machine, Check check, Run run) {
        this.machine = machine;
        this.check = check;
        this.run = run;
        this.shown = check.measure().quantity() == Quantity.TEMPERATURE ? Prediction.ROOM : 0;
    }

    /**
     * @throws IllegalArgumentException if no meter measures what the check does
     */
    public static Meter of(SimulatedMachine machine, Check check) {
        var measure = check.measure();
        if (measure == null || measure.meter() == null) {
            throw new IllegalArgumentException("no meter measures at check " + check.id());
        }
        var run = switch (measure.model()) {
            case DRAIN -> Run.of(machine, Programme.DRAIN, FULL);
            case FILL -> Run.of(machine, Programme.FILL, 0);
            case HEAT -> Run.of(machine, Programme.HEAT, 0);
            case AIR, SUCTION, LEVEL -> Run.of(machine, Programme.REST, 0);
        };
        // It is put on after the time that the method waits.
        for (int s = 0; measure.model() == Measure.Model.HEAT && s < check.timerSeconds(); s++) {
            run.step(1);
        }
        return new Meter(machine, check, run);
    }

    /** How many samples it has given. */
    public int samples() {
        return samples;
    }

    /**
     * Half a second later.
     *
     * @return in the base unit of the measure's quantity
     */
    public double next() {
        run.step(TICK);
        shown += (felt() - shown) * (1 - Math.exp(-TICK / lag()));
        double shaking = shaking() * machine.draws().normal("tick:" + check.id() + ":" + samples++);
        double value = shown + shaking;
        return check.measure().quantity() == Quantity.TEMPERATURE ? value : Math.max(0, value);
    }

    /** What it is held into now. */
    private double felt() {
        return switch (check.measure().model()) {
            case DRAIN, FILL -> run.litresPerMinute();
            case HEAT -> run.celsius();
            case AIR, SUCTION, LEVEL -> machine.truth(check);
        };
    }

    /** Seconds in which it has come two thirds of the way. */
    private double lag() {
        return switch (check.measure().meter()) {
            case FLOW, VANE, SUCTION, SCALE -> 1;
            case TEMPERATURE -> 1.5;
            case MULTIMETER -> 0.3;
        };
    }

    /** Standard deviation from sample to sample. */
    private double shaking() {
        return switch (check.measure().meter()) {
            case FLOW -> 0.05 + 0.03 * shown;
            case VANE -> 1 + 0.04 * shown;
            case TEMPERATURE -> 0.3;
            case MULTIMETER -> shown > FAR_OUT ? 0.1 * shown : 0.005 * shown + 0.05;
            case SUCTION -> 0.05 + 0.015 * shown;
            case SCALE -> 1;
        };
    }
}
