package grimygasket.flow;

import grimygasket.pack.evidence.Measure;
import grimygasket.pack.machine.Rating;
import grimygasket.pack.machine.Ratings;

/** What a check reads on a machine whose narrow places are known. */
public final class Prediction {
    /** Areas that all leaks may have, as shares of the inlet, where a fault lets false air in. */
    public static final double[] LEAKS = {0.45, 0.7, 1};

    /** Temperature of the room, in °C. */
    public static final double ROOM = 20;

    /** Thermostats hold the outlet below this, in °C. */
    private static final double HELD_BELOW = 95;

    private Prediction() {}

    /**
     * @param measure anything but a level
     * @param stations that the flow passes, 1 or more
     * @param open share left at each narrow place, 0 to 1
     * @param bleed area of all leaks as a share of the inlet, for suction
     * @param off whether nothing heats
     * @return in the base unit of the measure's quantity
     */
    public static double of(Measure measure, Ratings ratings, int stations, double[] open, double bleed, boolean off) {
        double resistance = Narrowing.resistance(Math.max(stations, open.length), open);
        return switch (measure.model()) {
            case DRAIN -> drain(ratings).flow(resistance);
            case FILL -> ratings.require(Rating.FILL_FLOW) / Math.sqrt(resistance);
            case AIR -> air(ratings, resistance);
            case HEAT -> off ? ROOM : ROOM + Math.min(HELD_BELOW - ROOM, rise(ratings, resistance));
            case SUCTION -> ratings.require(Rating.SEALED_SUCTION) * Suction.share(resistance, bleed);
            case LEVEL -> throw new IllegalArgumentException(measure.name() + " is a level, which is not computed");
        };
    }

    /** A machine's drain pump against its hose. */
    public static Circuit drain(Ratings ratings) {
        return new Circuit(
                new PressureSource(ratings.require(Rating.DRAIN_HEAD), ratings.require(Rating.DRAIN_FREE_FLOW)),
                ratings.require(Rating.DRAIN_LIFT),
                Hose.loss(ratings.require(Rating.HOSE_LENGTH), ratings.require(Rating.HOSE_BORE)));
    }

    private static double air(Ratings ratings, double resistance) {
        var fan = new PressureSource(ratings.require(Rating.FAN_PRESSURE), ratings.require(Rating.FAN_FREE_FLOW));
        return Circuit.ofNormal(fan, 0, ratings.require(Rating.AIR_FLOW)).flow(resistance);
    }

    private static double rise(Ratings ratings, double resistance) {
        return WarmAir.rise(ratings.require(Rating.ELEMENT_POWER), Math.max(1, air(ratings, resistance)));
    }
}
