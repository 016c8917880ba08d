package grimygasket.device;

import grimygasket.call.Call;
import grimygasket.call.change.CommandResult;
import grimygasket.call.change.CommandResult.Applied;
import grimygasket.call.change.CommandResult.Same;
import grimygasket.diagnosis.plan.Step;
import grimygasket.state.CallState;
import grimygasket.state.Circumstances;
import grimygasket.state.Consequence;
import grimygasket.wording.GaugeView;
import grimygasket.wording.JudgementView;
import grimygasket.wording.Refusal;
import grimygasket.words.Lexicon.Heard;
import grimygasket.words.Lexicon.Hit;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What the page is answered. */
final class Answers {
    private Answers() {}

    /**
     * What became of a command.
     *
     * @param call as it is now; null if it is as it was
     * @param refused why the command was not taken; null if it was
     */
    record Became(@Nullable Call call, @Nullable Refusal refused) {
        static Became of(CommandResult outcome) {
            if (outcome instanceof Applied applied) {
                return new Became(applied.call(), null);
            }
            return new Became(null, outcome instanceof Same ? null : Refusal.of(outcome));
        }
    }

    /**
     * What became of a command to begin a call.
     *
     * @param circumstances that the call is held against; null if it was not taken
     */
    record Begun(
            @Nullable Call call,
            @Nullable Circumstances circumstances,
            @Nullable Refusal refused) {
        static Begun of(CommandResult outcome, Circumstances circumstances) {
            var became = Became.of(outcome);
            return new Begun(became.call(), became.call() == null ? null : circumstances, became.refused());
        }
    }

    /**
     * What would follow from what is supposed.
     *
     * @param consequence null if that cannot be
     * @param problem why it cannot; null if it can
     */
    record Follows(
            @Nullable Consequence consequence, @Nullable String problem) {}

    /** @param part id of the part for the call's machine that has the barcode; null if none has it */
    record Scanned(@Nullable UUID part) {}

    /** @param state null if one of the commands would not change the call */
    record Foreseen(@Nullable CallState state) {}

    /** Best first, without what their answers would mean. */
    record AllSteps(List<Step> steps) {}

    /** @param step null if it is not in the plan any more */
    record OfStep(@Nullable Step step) {}

    record AllGauges(List<GaugeView> gauges) {}

    /**
     * What is entered at a gauge, judged.
     *
     * @param judgement null if it cannot be judged
     * @param problem why it cannot; null if it can
     * @param fields the same, by input
     */
    record Judged(
            @Nullable JudgementView judgement, @Nullable String problem, Map<String, String> fields) {}

    /** What has every word that was typed, the best first. */
    record Found(List<Hit> hits) {}

    /** The symptoms and facts that a complaint speaks of: to be asked back, and no evidence by themselves. */
    record AllHeard(List<Heard> heard) {}
}
