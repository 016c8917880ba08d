package grimygasket.server.knowhow;

import grimygasket.diagnosis.Finding;
import grimygasket.diagnosis.Finding.Answer;
import grimygasket.diagnosis.Finding.CheckMade;
import grimygasket.diagnosis.Finding.CodeShown;
import grimygasket.diagnosis.Finding.FactKnown;
import grimygasket.diagnosis.Finding.SignSettled;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import jakarta.validation.constraints.NotNull;

/**
 * Something supposed to be found on a machine.
 *
 * @param maker whose code it is; null for what is not a code
 * @param subject id of the sign, fact or check, or the code
 * @param answer "yes" or "no", the choice's or the outcome's id, or "shown" for a code
 */
record Supposition(
        @NotNull Sort kind,
        String maker,
        @NotNull String subject,
        @NotNull String answer) {
    enum Sort {
        SIGN,
        FACT,
        CODE,
        CHECK
    }

    Finding finding(Knowhow known) {
        try {
            return switch (kind) {
                case SIGN -> new SignSettled(known.pack().sign(subject).id(), Answer.valueOf(answer.toUpperCase()));
                case FACT -> {
                    known.pack().fact(subject).choiceIndex(answer);
                    yield new FactKnown(subject, answer);
                }
                case CHECK -> {
                    known.pack().check(subject).outcomeIndex(answer);
                    yield new CheckMade(subject, answer);
                }
                case CODE ->
                    new CodeShown(known.codes().stream()
                            .filter(code -> code.maker().equalsIgnoreCase(maker)
                                    && code.code().equalsIgnoreCase(subject))
                            .findFirst()
                            .orElseThrow(() -> new IllegalArgumentException("no code " + subject)));
            };
        } catch (IllegalArgumentException e) {
            throw new Problem(Kind.INVALID, "“" + subject + ": " + answer + "” is not known for this kind of machine.");
        }
    }
}
