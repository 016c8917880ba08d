package grimygasket.practice;

import grimygasket.flow.Prediction;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Measure.Model;
import grimygasket.pack.machine.Path;
import grimygasket.pack.machine.Rating;

/**
 * A run of a simulated machine in steps of time: water comes and goes, air and water get warm, flows take their time to
 * come up. A machine that does not get on as it should stops, and shows it.
 */
public final class Run {
    /** Time in which water and air come up to speed, s. */
    private static final double INERTIA = 2;

    /** Time in which a dryer's air gets warm, s. */
    private static final double WARMING = 70;

    /** J/(kg·K). */
    private static final double HEAT_OF_WATER = 4186;

    /** A sound machine is done in its usual time; one that takes so many times as long gives up. */
    private static final double PATIENCE = 4;

    private static final double EMPTY = 0.3;
    private static final double HOT = 60;
    private static final double SECONDS = 60;

    private final SimulatedMachine machine;
    private final Programme programme;
    private double seconds;
    private double litres;
    private double litresPerMinute;
    private double celsius = Prediction.ROOM;
    private boolean gaveUp;

    private Run(SimulatedMachine machine, Programme programme, double litres) {
        this.machine = machine;
        this.programme = programme;
        this.litres = litres;
    }

    /**
     * @param litres of water in it at the start, 0 or more
     */
    public static Run of(SimulatedMachine machine, Programme programme, double litres) {
        if (!(litres >= 0)) {
            throw new IllegalArgumentException("water in the machine must be 0 L or more, but is " + litres);
        }
        return new Run(machine, programme, litres);
    }

    /**
     * Goes on by some time.
     *
     * @param by seconds, over 0 to 5: longer steps would be coarse
     */
    public void step(double by) {
        if (!(by > 0 && by <= 5)) {
            throw new IllegalArgumentException("a step lasts over 0 and up to 5 s, not " + by);
        }
        seconds += by;
        switch (programme) {
            case FILL -> {
                flowTowards(litres < volume() ? steady(Model.FILL) : 0, by);
                litres += litresPerMinute * by / SECONDS;
                gaveUp |= litres < volume() && seconds > PATIENCE * SECONDS * volume() / rating(Rating.FILL_FLOW, 8);
            }
            case DRAIN -> {
                flowTowards(litres > EMPTY ? steady(Model.DRAIN) : 0, by);
                litres = Math.max(0, litres - litresPerMinute * by / SECONDS);
                gaveUp |= litres > EMPTY && seconds > PATIENCE * SECONDS;
            }
            case HEAT -> warm(by);
            case REST -> litresPerMinute = 0;
        }
    }

    private void flowTowards(double steady, double by) {
        litresPerMinute += (steady - litresPerMinute) * (1 - Math.exp(-by / INERTIA));
    }

    private void warm(double by) {
        var air = check(Model.HEAT);
        if (air != null) {
            celsius += (machine.truth(air) - celsius) * (1 - Math.exp(-by / WARMING));
        } else if (litres > 0 && heats()) {
            celsius = Math.min(HOT, celsius + rating(Rating.ELEMENT_POWER, 2000) * by / (HEAT_OF_WATER * litres));
        }
    }

    /** What warms the water is the last place on the way of heat: a fault that stands there leaves it cold. */
    private boolean heats() {
        var warming = machine.pack().paths().stream()
                .filter(path -> path.medium() == Path.Medium.HEAT)
                .map(path -> path.stations().get(path.stations().size() - 1).id())
                .toList();
        return machine.pack().faults().stream()
                .filter(fault -> machine.faults().contains(fault.id()))
                .noneMatch(fault -> fault.at().stream().anyMatch(warming::contains));
    }

    private double steady(Model model) {
        var check = check(model);
        return check == null ? 0 : machine.truth(check);
    }

    private Check check(Model model) {
        return machine.pack().checks().stream()
                .filter(check -> check.measure() != null && check.measure().model() == model)
                .filter(check -> machine.machine().meets(check.needs()))
                .findFirst()
                .orElse(null);
    }

    private double volume() {
        return rating(Rating.FILL_VOLUME, 5);
    }

    private double rating(Rating rating, double otherwise) {
        var value = machine.machine().ratings().of(rating);
        return value == null ? otherwise : value;
    }

    public double seconds() {
        return seconds;
    }

    /** Water in the machine. */
    public double litres() {
        return litres;
    }

    public double litresPerMinute() {
        return litresPerMinute;
    }

    /** Of the water, or of the air at the outlet. */
    public double celsius() {
        return celsius;
    }

    /** Whether it has stopped because it did not get on: then it shows its code. */
    public boolean gaveUp() {
        return gaveUp;
    }
}
