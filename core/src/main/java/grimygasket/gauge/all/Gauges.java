package grimygasket.gauge.all;

import grimygasket.gauge.Gauge;
import grimygasket.gauge.air.AirPower;
import grimygasket.gauge.air.DryingTime;
import grimygasket.gauge.air.DuctLength;
import grimygasket.gauge.air.FilterLoading;
import grimygasket.gauge.air.Occlusion;
import grimygasket.gauge.air.SealedSuction;
import grimygasket.gauge.business.NextTime;
import grimygasket.gauge.business.Price;
import grimygasket.gauge.business.RepairWorth;
import grimygasket.gauge.business.RunTime;
import grimygasket.gauge.heat.DryerHeat;
import grimygasket.gauge.heat.Element;
import grimygasket.gauge.heat.Legs;
import grimygasket.gauge.water.DrainPump;
import grimygasket.gauge.water.Fill;
import grimygasket.gauge.water.Hardness;
import grimygasket.gauge.water.HotSupply;
import grimygasket.gauge.water.StandingWater;
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
