package grimygasket.gauge;

import java.util.List;

/** All gauges, in the order of the work. */
public final class Gauges {
    public static final List<Gauge> ALL = List.of(
            new DrainPump(),
            new StandingWater(),
            new Fill(),
            new HotSupply(),
            new Hardness(),
            new DryerHeat(),
            new DuctLength(),
            new DryingTime(),
            new Legs(),
            new Element(),
            new RunTime(),
            new SealedSuction(),
            new FilterLoading(),
            new AirPower(),
            new Occlusion(),
            new NextTime(),
            new RepairWorth(),
            new Price());

    private Gauges() {}

    /**
     * @throws IllegalArgumentException if there is no such gauge
     */
    public static Gauge of(String id) {
        return ALL.stream()
                .filter(gauge -> gauge.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no gauge " + id));
    }
}
