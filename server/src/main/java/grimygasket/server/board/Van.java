package grimygasket.server.board;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.variable.PlanningListVariable;
import grimygasket.round.DayAhead;
import grimygasket.route.Itinerary;
import grimygasket.route.Stop;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** Somebody who goes out, with the visits that they make, in their order: what the solver changes. */
@PlanningEntity
public class Van {
    @PlanningId
    private UUID account;

    private DayAhead ahead;
    private Map<UUID, Stop> stops;

    @PlanningListVariable
    private List<Visit> visits = new ArrayList<>();

    /** For the solver. */
    Van() {}

    /**
     * @param stops every visit that can be planned, with the minutes that this technician, with this van, is expected to need
     */
    Van(UUID account, DayAhead ahead, Map<UUID, Stop> stops) {
        this.account = account;
        this.ahead = ahead;
        this.stops = stops;
        ahead.rest().forEach(stop -> visits.add(new Visit(stop.id(), account)));
    }

    UUID account() {
        return account;
    }

    List<Visit> visits() {
        return visits;
    }

    Map<UUID, Stop> stops() {
        return stops;
    }

    List<Stop> order(List<Visit> some) {
        return some.stream().map(visit -> stops.get(visit.id())).toList();
    }

    /** How the day goes with some visits, in that order. */
    Itinerary with(List<Visit> some) {
        return Itinerary.of(ahead.shift(), ahead.start(), ahead.with(order(some)));
    }

    /** Minutes of work over some visits. */
    double work(List<Visit> some) {
        return order(some).stream().mapToDouble(Stop::minutes).sum();
    }

    /** How many visits are under way, which come first. */
    int underWay() {
        return ahead.fixed().size();
    }
}
