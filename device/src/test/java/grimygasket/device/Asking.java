package grimygasket.device;

import grimygasket.codec.Json;
import grimygasket.pack.KindKnowhow;

/** What the page writes, and the server. */
@Json(
        reads = {},
        writes = {
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
            Questions.OfPlate.class
        })
final class Asking {
    private Asking() {}
}
