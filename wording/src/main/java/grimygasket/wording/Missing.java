package grimygasket.wording;

import grimygasket.visit.ring.Authority;
import grimygasket.visit.ring.Gap;

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
