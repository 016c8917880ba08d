package grimygasket.pack.machine;

import grimygasket.util.Unfit;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;

/** The data of a machine, as far as known: its own, and behind them what is usual for its kind. */
public final class Ratings {
    /** Of no kind in particular. */
    public static final Ratings NONE = new Ratings("such machines", Map.of(), Map.of());

    private final String kind;
    private final Map<Rating, Double> own;
    private final Map<Rating, Double> usual;

    private Ratings(String kind, Map<Rating, Double> own, Map<Rating, Double> usual) {
        this.kind = kind;
        this.own = own;
        this.usual = usual;
    }

    /**
     * @param name of the kind of machine
     * @param usual for the kind, in base units
     * @param own in base units
     * @throws Unfit naming the value, if no machine has it
     */
    public static Ratings of(String name, Map<Rating, Double> usual, Map<Rating, Double> own) {
        own.forEach(Rating::check);
        var article = "aeiou".indexOf(Character.toLowerCase(name.charAt(0))) >= 0 ? "an " : "a ";
        return new Ratings(article + name.toLowerCase(), copy(own), usual);
    }

    /**
     * The same where the mains have other volts than is usual for the kind; a machine's own plate goes before.
     *
     * @param mainsVolts as {@link Rating#SUPPLY_VOLTAGE} can be
     * @throws Unfit naming the value, if no mains have it
     */
    public Ratings on(double mainsVolts) {
        Rating.SUPPLY_VOLTAGE.check(mainsVolts);
        if (!usual.containsKey(Rating.SUPPLY_VOLTAGE)) {
            return this;
        }
        var regional = copy(usual);
        regional.put(Rating.SUPPLY_VOLTAGE, mainsVolts);
        return new Ratings(kind, own, regional);
    }

    private static Map<Rating, Double> copy(Map<Rating, Double> ratings) {
        var copy = new EnumMap<Rating, Double>(Rating.class);
        copy.putAll(ratings);
        return copy;
    }

    /** In the rating's base unit; null where neither the machine's nor the usual one is known. */
    public Double of(Rating rating) {
        var value = own.get(rating);
        return value == null ? usual.get(rating) : value;
    }

    /**
     * @throws Unfit where neither the machine's nor the usual one is known
     */
    public double require(Rating rating) {
        var value = of(rating);
        if (value == null) {
            throw new Unfit(rating.title() + " is not known for " + kind);
        }
        return value;
    }

    /** Whether it is the machine's own, not only the usual one. */
    public boolean isOwn(Rating rating) {
        return own.containsKey(rating);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Ratings ratings
                && kind.equals(ratings.kind)
                && own.equals(ratings.own)
                && usual.equals(ratings.usual);
    }

    @Override
    public int hashCode() {
        return Objects.hash(kind, own, usual);
    }

    /** The kind in words: "a dishwasher". */
    public String kind() {
        return kind;
    }
}
