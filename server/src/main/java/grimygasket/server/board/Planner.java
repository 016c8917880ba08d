package grimygasket.server.board;

import grimygasket.call.Head;
import grimygasket.round.DayPlan;
import grimygasket.route.Itinerary;
import grimygasket.route.Window;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Plans a day for everybody together: who goes where, and in which order. */
@Component
class Planner {
    private final Boards boards;

    Planner(Boards boards) {
        this.boards = boards;
    }

    /**
     * A call that would be another's, or at another time.
     *
     * @param from whose it is
     * @param to whose it would be
     * @param saves what would be lost, in minutes on the road, if this visit alone stayed where it is; 0 where only its time is another
     */
    record Replanned(
            UUID call,
            UUID from,
            UUID to,
            long fromDay,
            int fromMinute,
            int plannedAt,
            Window promised,
            double saves) {}

    /**
     * How the day goes.
     *
     * @param driving minutes on the road, over everybody
     * @param late minutes after the promised times
     * @param overtime minutes after the end of the working day
     * @param work minutes of work, return visits for what is not on board among them
     * @param unplanned visits that nobody has
     */
    record Sum(double driving, double late, double overtime, double work, int unplanned) {}

    /** @param moves none where the day is as good as it gets */
    record Proposal(List<Replanned> moves, Sum before, Sum after) {}

    Proposal plan(LocalDate day) {
        var vans = boards.vans(day);
        if (vans.isEmpty() || vans.get(0).stops().isEmpty()) {
            var as = sum(vans, 0);
            return new Proposal(List.of(), as, as);
        }
        var nobodys = vans.get(0).stops().keySet().stream()
                .filter(id -> vans.stream()
                        .flatMap(van -> van.visits().stream())
                        .noneMatch(visit -> visit.id().equals(id)))
                .sorted()
                .map(id -> new Visit(id, Head.NOBODY))
                .toList();
        var all = Stream.concat(vans.stream().flatMap(van -> van.visits().stream()), nobodys.stream())
                .toList();
        var before = sum(vans, nobodys.size());
        var planned = DaySolver.solve(vans, all);
        return new Proposal(moves(planned, boards.heads(day), day), before, sum(planned, 0));
    }

    private static Sum sum(List<Van> vans, int unplanned) {
        var days = vans.stream().map(van -> van.with(van.visits())).toList();
        return new Sum(
                days.stream().mapToDouble(Itinerary::driving).sum(),
                days.stream().mapToDouble(Itinerary::late).sum(),
                days.stream().mapToDouble(Itinerary::overtime).sum(),
                vans.stream().mapToDouble(van -> van.work(van.visits())).sum(),
                unplanned);
    }

    private static List<Replanned> moves(List<Van> planned, Map<UUID, List<Head>> heads, LocalDate day) {
        var moves = new ArrayList<Replanned>();
        for (var van : planned) {
            var order = van.order(van.visits());
            var arrivals = van.with(van.visits()).arrivals();
            var times = DayPlan.planned(order, arrivals.subList(van.underWay(), arrivals.size()));
            for (int i = 0; i < order.size(); i++) {
                var visit = van.visits().get(i);
                int plannedAt = times.get(i).plannedAt();
                double saves = saves(planned, van, visit);
                for (var head : heads.getOrDefault(visit.id(), List.of())) {
                    boolean another = !visit.account().equals(van.account());
                    if (another || head.plannedAt() != plannedAt || head.day() != day.toEpochDay()) {
                        moves.add(new Replanned(
                                head.id(),
                                visit.account(),
                                van.account(),
                                head.day(),
                                head.plannedAt(),
                                plannedAt,
                                head.window(),
                                saves));
                    }
                }
            }
        }
        return moves;
    }

    /** What the day would cost more if one visit went back to whom it was with, at the place where it costs least. */
    private static double saves(List<Van> planned, Van now, Visit visit) {
        var before = planned.stream()
                .filter(van -> van.account().equals(visit.account()))
                .findFirst();
        if (before.isEmpty() || before.get() == now) {
            return 0;
        }
        var without = new ArrayList<>(now.visits());
        without.remove(visit);
        double least = Double.MAX_VALUE;
        for (int i = 0; i <= before.get().visits().size(); i++) {
            var with = new ArrayList<>(before.get().visits());
            with.add(i, visit);
            least = Math.min(least, DayCost.cost(before.get(), with));
        }
        double back = least + DayCost.cost(now, without);
        return back
                - DayCost.cost(now, now.visits())
                - DayCost.cost(before.get(), before.get().visits());
    }
}
