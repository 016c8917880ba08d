package grimygasket.wording;

import grimygasket.visit.Authority;
import grimygasket.visit.Gap;

/**
 * A gap, in words.
 *
 * @param signedOffBy who may leave it open
 */
public record Missing(String text, Authority signedOffBy) {
    public static Missing of(Gap gap) {
        return new Missing(Gaps.say(gap), gap.signedOffBy());
    }
}
