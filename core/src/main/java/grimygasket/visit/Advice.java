package grimygasket.visit;

import grimygasket.cadence.Calendar;
import grimygasket.diagnosis.Assessment;
import grimygasket.diagnosis.Assessment.Suspect;
import grimygasket.diagnosis.Machine;
import grimygasket.pack.Pack;
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
    public record Due(String task, int days) {}

    public static Advice of(Pack pack, Machine machine, Assessment assessment) {
        var causes = assessment.ranking().stream()
                .filter(suspect -> suspect.chance() >= WORTH_SAYING)
                .map(Suspect::fault)
                .toList();
        var calendar = Calendar.of(machine.traits());
        return new Advice(
                causes.stream()
                        .flatMap(cause -> pack.habits().stream()
                                .filter(habit -> habit.faults().contains(cause) && machine.meets(habit.needs())))
                        .map(habit -> habit.text())
                        .distinct()
                        .toList(),
                pack.cadences().stream()
                        .filter(cadence -> machine.meets(cadence.needs()))
                        .filter(cadence -> cadence.faults().stream().anyMatch(causes::contains))
                        .map(cadence -> new Due(cadence.task(), calendar.days(cadence)))
                        .toList());
    }
}
