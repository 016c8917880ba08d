package grimygasket.pack.evidence;

import grimygasket.pack.machine.Rating;
import grimygasket.pack.machine.Ratings;
import grimygasket.units.Quantity;
import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a check can measure, and how the reading follows from what is wrong.
 *
 * @param name of the reading, for example "Flow at the hose end"
 * @param quantity its unit follows from it
 * @param model how it is predicted
 * @param station where it is read: flow passes the stations of its path up to there; null for a {@link Model#LEVEL} that is
 *     not an opening
 * @param normal reading of a sound machine, for {@link Model#LEVEL}; for the others it is computed from the ratings
 * @param varies how much sound machines of the kind differ, as a share of the normal reading; 0 to 1
 * @param levels fault id to the reading with it, for {@link Model#LEVEL}; where several are present the first one shows
 * @param off ids of the faults with which nothing heats, for {@link Model#HEAT}
 * @param leaks ids of the faults that let false air in, for {@link Model#SUCTION}
 * @param gauge id of the gauge that computes it from what is read; null where it is read directly
 * @param meter what a meter would have to measure it with; null where no meter does
 */
public record Measure(
        String name,
        Quantity quantity,
        Model model,
        @Nullable String station,
        @Nullable Level normal,
        double varies,
        Map<String, Level> levels,
        List<String> off,
        List<String> leaks,
        @Nullable String gauge,
        @Nullable Meter meter) {

    /** How a reading is predicted. */
    public enum Model {
        /** Flow of a drain pump through its path: ratings of pump, lift and hose. */
        DRAIN(Rating.DRAIN_HEAD, Rating.DRAIN_FREE_FLOW, Rating.DRAIN_LIFT, Rating.HOSE_LENGTH, Rating.HOSE_BORE),
        /** Flow of the mains through the fill path: rated fill. */
        FILL(Rating.FILL_FLOW),
        /** Flow of a fan through the air path: ratings of fan and air. */
        AIR(Rating.FAN_PRESSURE, Rating.FAN_FREE_FLOW, Rating.AIR_FLOW),
        /** How warm the air at the outlet is: element's power and air. */
        HEAT(Rating.FAN_PRESSURE, Rating.FAN_FREE_FLOW, Rating.AIR_FLOW, Rating.ELEMENT_POWER),
        /** Sealed suction: what blocks behind the inlet, and what leaks. */
        SUCTION(Rating.SEALED_SUCTION),
        /** A level of its own for each fault. */
        LEVEL;

        private final List<Rating> needs;

        Model(Rating... needs) {
            this.needs = List.of(needs);
        }

        /** What must be known of the machines for it. */
        public List<Rating> needs() {
            return needs;
        }
    }

    /** Instruments of a technician. */
    public enum Meter {
        FLOW,
        TEMPERATURE,
        MULTIMETER,
        VANE,
        SUCTION,
        SCALE
    }

    /**
     * @param mean in the quantity's base unit; of what is on a plate, that of the usual machine of the kind
     * @param spread standard deviation between machines, over 0
     * @param shows chance that a fault shows at this level, and not at the normal one; 0 is taken for always
     * @param plate how it follows from what the machine is made for; null where it does not
     */
    public record Level(
            double mean,
            double spread,
            double shows,
            @Nullable Plate plate) {
        public Level {
            if (!(spread > 0)) {
                throw new IllegalArgumentException("the spread of a level must be over 0, but is " + spread);
            }
            Arguments.share("shows of a level", shows);
            shows = shows == 0 ? 1 : shows;
        }

        /** The level of one machine: by its plate where that says it, with the same relative spread. */
        public Level on(Ratings ratings) {
            var own = plate == null ? null : plate.mean(mean, ratings);
            return own == null ? this : new Level(own, spread * own / mean, shows, plate);
        }
    }

    /** What follows from a machine's plate. */
    public enum Plate {
        /** Ohms of a heating element: volts² ÷ watts (Joule's law). */
        ELEMENT {
            @Override
            Double mean(double usual, Ratings ratings) {
                var volts = ratings.of(Rating.SUPPLY_VOLTAGE);
                var watts = ratings.of(Rating.ELEMENT_POWER);
                return volts == null || watts == null ? null : volts * volts / watts;
            }
        },
        /**
         * Ohms of a pump's winding: what its plate says; else those usual at 230 volts, times the square of the volts, as a
         * pump of the same power is wound for the mains of its region (Joule's law).
         */
        PUMP {
            private static final double USUAL_VOLTS = 230;

            @Override
            Double mean(double usual, Ratings ratings) {
                var own = ratings.of(Rating.PUMP_RESISTANCE);
                var volts = ratings.of(Rating.SUPPLY_VOLTAGE);
                return own != null || volts == null ? own : Double.valueOf(usual * Math.pow(volts / USUAL_VOLTS, 2));
            }
        };

        /**
         * @param usual of the usual machine of the kind
         * @return null where the ratings that it takes are not known
         */
        abstract Double mean(double usual, Ratings ratings);
    }

    public Measure {
        Arguments.text("name of a reading", name);
        if (quantity == null || model == null) {
            throw new IllegalArgumentException("the reading " + name + " needs a quantity and a model");
        }
        Arguments.share("varies of the reading " + name, varies);
        levels = levels == null ? Map.of() : Collections.unmodifiableMap(new LinkedHashMap<>(levels));
        off = Lists.copy(off);
        leaks = Lists.copy(leaks);
        if ((model == Model.LEVEL) != (normal != null)) {
            throw new IllegalArgumentException(
                    "the reading " + name + " needs a normal level if, and only if, it is one");
        }
        if (model != Model.LEVEL && station == null) {
            throw new IllegalArgumentException("the reading " + name + " does not say at which station it is read");
        }
    }

    /** Whether it is the opening of a station itself that is read. */
    public boolean isOpening() {
        return model == Model.LEVEL && station != null && quantity == Quantity.SHARE;
    }
}
