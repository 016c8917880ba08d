package grimygasket.gauge;

import java.util.List;

/** A calculation: from what is read to what it means. */
public abstract class Gauge {
    private final String id;
    private final String name;
    private final Group group;
    private final String tells;
    private final String source;

    /**
     * @param id unique among the gauges
     * @param tells what it tells, in a sentence
     * @param source where its formula comes from and how far it holds
     */
    public Gauge(String id, String name, Group group, String tells, String source) {
        this.id = id;
        this.name = name;
        this.group = group;
        this.tells = tells;
        this.source = source;
    }

    /** Unique among the gauges. */
    public String id() {
        return id;
    }

    public String name() {
        return name;
    }

    /** The path or trade that it belongs to. */
    public Group group() {
        return group;
    }

    /** What it tells, in a sentence. */
    public String tells() {
        return tells;
    }

    /** Where its formula comes from and how far it holds. */
    public String source() {
        return source;
    }

    public abstract List<Input> inputs();

    /**
     * @param in made of {@link #inputs()}
     * @throws UnfitReadings if the readings do not go together
     */
    public abstract Judgement judge(Readings in);

    public enum Group {
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
