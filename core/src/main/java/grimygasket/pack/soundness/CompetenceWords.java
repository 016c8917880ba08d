package grimygasket.pack.soundness;

import grimygasket.pack.evidence.Check;
import grimygasket.pack.work.Instruction;
import grimygasket.pack.work.Proof;
import grimygasket.pack.work.Remedy;
import java.util.List;
import java.util.Locale;

/**
 * Holds what a step says of who may do it against its data: words that keep it for somebody qualified, where the data let everybody do
 * it. Words alone are never followed: this finds where one of both was forgotten.
 */
final class CompetenceWords {
    /** Of the whole of a check or proof. */
    private static final List<String> FOR_FEW = List.of("for the competent", "by the competent", "two-pole tester");

    private static final String TESTER = "insulation tester";

    /** What is still there once the plug is out. */
    private static final String CHARGED = "stays charged";

    private CompetenceWords() {}

    /** Whether a check is for somebody qualified by its words or tools, and for anybody by its data. */
    static boolean contradict(Check check) {
        return check.competence() == null && (check.tools().contains(TESTER) || says(FOR_FEW, check.steps()));
    }

    /** The same of a proof. */
    static boolean contradict(Proof proof) {
        return proof.competence() == null && says(FOR_FEW, proof.steps());
    }

    /** The same of a remedy: of what it ends with, a part measured to earth, its proof speaks. */
    static boolean contradict(Remedy remedy) {
        return remedy.competence() == null && remedy.licensed() == null && says(List.of(CHARGED), remedy.steps());
    }

    private static boolean says(List<String> phrases, List<Instruction> steps) {
        return steps.stream()
                .map(step -> step.said().toLowerCase(Locale.ROOT))
                .anyMatch(text -> phrases.stream().anyMatch(text::contains));
    }
}
