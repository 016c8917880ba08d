package grimygasket.gauge;

import java.util.List;

/** A calculation: from what is read to what it means. */
public interface Gauge {
    /** Unique among the gauges. */
    String id();

    String name();

    /** The path or trade that it belongs to. */
    Group group();

    /** What it tells, in a sentence. */
    String tells();

    /** Where its formula comes from and how far it holds. */
    String source();

    List<Input> inputs();

    /**
     * @param in made of {@link #inputs()}
     * @throws UnfitReadings if the readings do not go together
     */
    Judgement judge(Readings in);

    enum Group {
        WATER("Water"),
        HEAT_AND_AIR("Heat and air"),
        POWER("Power"),
        SUCTION("Suction"),
        UPKEEP("Upkeep and money");

        private final String title;

        Group(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }
    }
}
