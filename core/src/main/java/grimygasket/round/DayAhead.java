package grimygasket.round;

import grimygasket.route.Itinerary.Start;
import grimygasket.route.Location;
import grimygasket.route.Shift;
import grimygasket.route.Stop;
import grimygasket.route.Window;
import grimygasket.state.Zone;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What is left of somebody's day.
 *
 * @param start where they are now, or leave from in the morning
 * @param fixed visits that are under way
 * @param rest visits that can still be made in any order, in the order in which they are planned
 */
public record DayAhead(Shift shift, Start start, List<Stop> fixed, List<Stop> rest) {
    private static final Window WHENEVER = new Window(0, Zone.MINUTES_OF_A_DAY - 1);

    /**
     * @param ofDay somebody's calls of one day, in the order of the day
     * @param now in milliseconds since 1970
     * @return null where nothing is left
     */
    public static @Nullable DayAhead of(List<OnRound> ofDay, Shift shift, long now, Zone zone) {
        if (ofDay.stream().noneMatch(OnRound::isOpen)) {
            return null;
        }
        long ahead = ofDay.get(0).call().head().day() - zone.day(now);
        if (ahead < 0) {
            return null;
        }
        var fixed = new ArrayList<Stop>();
        var rest = new ArrayList<Stop>();
        for (var visit : visits(ofDay)) {
            if (ahead == 0 && isUnderWay(visit)) {
                fixed.add(stop(visit, WHENEVER, now));
            } else {
                rest.add(stop(visit, visit.get(0).call().head().window(), now));
            }
        }
        return new DayAhead(shift, start(ofDay, ahead == 0, fixed, shift, zone.minuteOfDay(now)), fixed, rest);
    }

    /** The day of somebody who has no calls on it. */
    public static DayAhead empty(Shift shift, boolean today, long now, Zone zone) {
        return new DayAhead(
                shift,
                new Start(today ? Math.max(shift.from(), zone.minuteOfDay(now)) : shift.from(), shift.home()),
                List.of(),
                List.of());
    }

    private static Start start(List<OnRound> ofDay, boolean today, List<Stop> fixed, Shift shift, int minute) {
        if (!today) {
            return new Start(shift.from(), shift.home());
        }
        return new Start(
                Math.max(shift.from(), minute),
                fixed.isEmpty() ? lastSeen(ofDay, shift) : fixed.get(0).at());
    }

    static List<Stop> joined(List<Stop> first, List<Stop> then) {
        return Stream.concat(first.stream(), then.stream()).toList();
    }

    /** All visits, in that order. */
    public List<Stop> with(List<Stop> others) {
        return joined(fixed, others);
    }

    public static boolean isUnderWay(List<OnRound> visit) {
        return visit.stream().anyMatch(one -> one.stepsTaken() > 0);
    }

    /** The open calls, by the visits that they are made on, in the order of the day. */
    public static List<List<OnRound>> visits(List<OnRound> ofDay) {
        var visits = new LinkedHashMap<UUID, List<OnRound>>();
        ofDay.stream()
                .filter(OnRound::isOpen)
                .forEach(one -> visits.computeIfAbsent(one.call().head().visitId(), visit -> new ArrayList<>())
                        .add(one));
        return List.copyOf(visits.values());
    }

    /** A visit with all its calls. */
    public static Stop stop(List<OnRound> visit, Window window, long now) {
        double variance = visit.stream()
                .mapToDouble(one -> one.spread(now) * one.spread(now))
                .sum();
        return new Stop(
                visit.get(0).call().head().visitId(),
                visit.get(0).customer().door().at(),
                window,
                visit.stream().mapToDouble(one -> one.minutes(now)).sum(),
                Math.sqrt(variance));
    }

    /** Where the call stands that was closed last, which nobody may have said; else where the vans leave from. */
    private static @Nullable Location lastSeen(List<OnRound> ofDay, Shift shift) {
        var last = ofDay.stream()
                .filter(one -> !one.isOpen() && !one.call().head().closing().cancelled())
                .max(Comparator.comparingLong(one -> one.call().head().closing().at()));
        return last.isPresent() ? last.get().customer().door().at() : shift.home();
    }
}
