package grimygasket.device;

import grimygasket.codec.Json;
import grimygasket.diagnosis.plan.StepReason;
import grimygasket.pack.KindKnowhow;
import grimygasket.plate.PlateReading;
import grimygasket.practice.MeterSamples;
import grimygasket.report.Report;
import grimygasket.round.Round;
import grimygasket.state.CallState;
import grimygasket.visit.ring.Gap;
import grimygasket.wording.Missing;
import grimygasket.wording.StepReasons;

/** What travels between page and core, and what of it as a sentence. */
@Json(
        reads = {
            KindKnowhow.class,
            Questions.OfState.class,
            Questions.OfCommand.class,
            Questions.OfBegin.class,
            Questions.OfForesight.class,
            Questions.OfRound.class,
            Questions.OfReport.class,
            Questions.OfGauge.class,
            Questions.OfGauges.class,
            Questions.OfSteps.class,
            Questions.OfStep.class,
            Questions.OfMeter.class,
            Questions.OfWords.class,
            Questions.OfSupposition.class,
            Questions.OfScan.class,
            Questions.OfPlate.class
        },
        writes = {
            CallState.class,
            MeterSamples.Sample.class,
            Round.class,
            Report.class,
            Answers.Became.class,
            Answers.Begun.class,
            Answers.Foreseen.class,
            Answers.AllGauges.class,
            Answers.Judged.class,
            Answers.AllSteps.class,
            Answers.OfStep.class,
            Answers.Found.class,
            Answers.AllHeard.class,
            Answers.Follows.class,
            Answers.Scanned.class,
            PlateReading.class
        })
final class Forms {
    private Forms() {}

    static String form(StepReason reason) {
        return StepReasons.say(reason);
    }

    static Missing form(Gap gap) {
        return Missing.of(gap);
    }
}
