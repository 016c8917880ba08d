package grimygasket.state;

import grimygasket.call.Call;
import grimygasket.call.Knowhow;
import grimygasket.call.PartUse;
import grimygasket.call.change.Progress;
import grimygasket.diagnosis.Assessment;
import grimygasket.visit.Advice;
import grimygasket.visit.ring.Authority;
import grimygasket.visit.ring.Gap;
import java.math.BigDecimal;
import java.util.List;

/**
 * The segment Hand over.
 *
 * @param partsTotal price of all parts used
 * @param suggestions what the customer might be told
 * @param dates when what is due is due next
 * @param gaps what is missing before the call can be closed without a reason
 * @param beyond those of them that whoever looks at the call may not sign off
 */
public record HandOverSegment(
        BigDecimal partsTotal, Advice suggestions, List<DueDate> dates, List<Gap> gaps, List<Gap> beyond) {
    /**
     * @param days from one time to the next; 0 for every use
     * @param first the first day after this call, since 1970
     */
    public record DueDate(String task, int days, long first) {}

    static HandOverSegment of(
            Call call, Progress progress, Knowhow knowhow, Assessment assessment, Authority rank, Zone zone) {
        var conditions = progress.visit().conditions();
        var suggestions = progress.upkeep() == null
                ? Advice.of(knowhow.pack(), knowhow.machine(), assessment, conditions)
                : Advice.ofUpkeep(knowhow.pack(), knowhow.machine(), conditions);
        var closing = call.head().closing();
        long from = closing == null ? call.head().day() : zone.day(closing.at());
        return new HandOverSegment(
                call.parts().stream().map(PartUse::total).reduce(BigDecimal.ZERO, BigDecimal::add),
                suggestions,
                suggestions.dues().stream()
                        .map(due -> new DueDate(due.task(), due.days(), from + due.days()))
                        .toList(),
                progress.ring().gapsBeforeClosing(),
                progress.ring().beyond(rank));
    }
}
