package grimygasket.state;

import grimygasket.call.Call;
import grimygasket.call.Knowhow;
import grimygasket.diagnosis.Assessment;
import grimygasket.visit.PhoneChecks;
import grimygasket.visit.PhoneChecks.PhoneCheck;
import java.util.List;

/**
 * The segment Call: what is asked by telephone.
 *
 * @param phoneChecks what the customer may look at, likeliest to find something first
 */
public record CallSegment(List<PhoneCheck> phoneChecks) {
    static CallSegment of(Call call, Knowhow knowhow, Assessment assessment) {
        return new CallSegment(PhoneChecks.of(knowhow.pack(), knowhow.machine(), assessment, call.findings(knowhow)));
    }
}
