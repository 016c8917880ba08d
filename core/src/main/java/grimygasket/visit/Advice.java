package grimygasket.visit;

import grimygasket.cadence.Dirt;
import grimygasket.cadence.Interval;
import grimygasket.diagnosis.Assessment;
import grimygasket.diagnosis.Assessment.Suspect;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.pack.Pack;
import grimygasket.pack.work.Cadence;
import grimygasket.pack.work.Habit;
import grimygasket.util.Distinct;
import grimygasket.visit.line.Condition;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;

/**
 * What the customer is told at the end: habits that keep the cause from coming back, and when what is done next.
 *
 * @param habits sentences, those against the likeliest cause first
 * @param dues what is to be done from now on
 */
public record Advice(List<String> habits, List<Due> dues) {
    /** A cause less likely than this is not advised against. */
    private static final double WORTH_SAYING = 0.2;

    /**
     * @param task what is done, as an order
     * @param days from one time to the next; 0 for every use
     */
    public record Due(String task, int days) {
        /** What is done more often than four times a year, people do themselves: estimate. */
        private static final int WORTH_A_VISIT = 90;

        /** Whether somebody comes for it. */
        public boolean wantsAVisit() {
            return days >= WORTH_A_VISIT;
        }
    }

    /**
     * At the end of a repair: habits against its causes, and when everything on the machine is due, what concerns the causes first.
     *
     * @param conditions what was found, which shifts the dates for the school that goes by it
     */
    public static Advice of(Pack pack, Machine machine, Assessment assessment, List<Condition> conditions) {
        var causes = assessment.ranking().stream()
                .filter(suspect -> suspect.chance() >= WORTH_SAYING)
                .map(Suspect::fault)
                .toList();
        var cadences = cadences(pack, machine).stream()
                .sorted(Comparator.comparing(
                        cadence -> cadence.faults().stream().noneMatch(causes::contains)))
                .toList();
        return new Advice(
                causes.stream()
                        .flatMap(cause -> pack.habits().stream()
                                .filter(habit -> habit.faults().contains(cause) && machine.meets(habit.needs())))
                        .map(Habit::text)
                        .collect(Distinct.toList()),
                dues(pack, machine, cadences, conditions));
    }

    /** At the end of an upkeep: when everything is due next, and habits against what was found too dirty. */
    public static Advice ofUpkeep(Pack pack, Machine machine, List<Condition> conditions) {
        var cadences = cadences(pack, machine);
        return new Advice(
                cadences.stream()
                        .filter(cadence -> isOverdue(found(pack, cadence.faults(), conditions)))
                        .flatMap(cadence -> pack.habits().stream()
                                .filter(habit -> habit.faults().stream().anyMatch(cadence.faults()::contains))
                                .filter(habit -> machine.meets(habit.needs())))
                        .map(Habit::text)
                        .collect(Distinct.toList()),
                dues(pack, machine, cadences, conditions));
    }

    /** When everything on the machine is due next, by what was found. */
    public static List<Due> dues(Pack pack, Machine machine, List<Condition> conditions) {
        return dues(pack, machine, cadences(pack, machine), conditions);
    }

    private static List<Cadence> cadences(Pack pack, Machine machine) {
        return pack.cadences().stream()
                .filter(cadence -> machine.meets(cadence.needs()))
                .toList();
    }

    private static List<Due> dues(Pack pack, Machine machine, List<Cadence> cadences, List<Condition> conditions) {
        var calendar = machine.calendar(pack);
        return cadences.stream()
                .map(cadence -> new Due(
                        cadence.task(), Interval.days(calendar, cadence, found(pack, cadence.faults(), conditions))))
                .toList();
    }

    private static boolean isOverdue(Dirt found) {
        return found != null && found.blocked() > Dirt.THRESHOLD;
    }

    /** How dirty the place was at which some faults stand; null where nobody has said. */
    public static Dirt found(Pack pack, Collection<String> faults, List<Condition> conditions) {
        var stations = faults.stream()
                .flatMap(fault -> pack.fault(fault).at().stream())
                .toList();
        return conditions.stream()
                .filter(condition -> stations.contains(condition.station()))
                .filter(condition ->
                        condition.sinceDays() != null && condition.before() != null && condition.before() < 1)
                .map(condition -> new Dirt(condition.sinceDays(), 1 - condition.before()))
                .findFirst()
                .orElse(null);
    }
}
