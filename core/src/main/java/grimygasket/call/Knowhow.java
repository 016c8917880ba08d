package grimygasket.call;

import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.CodeRead;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Code;
import grimygasket.pack.work.Competence;
import grimygasket.util.Copy;
import grimygasket.visit.ring.Upkeep.Last;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What a call's facts are held against.
 *
 * @param pack of the machine's family of models, or else of its kind, with the ways in that are taken
 * @param codes of the machine's maker
 * @param machine what matters about it to the diagnosis
 * @param shelf the parts that fit it
 * @param before remedy id to when it was last done on an earlier call; empty for a call that is not for upkeep
 * @param competences of the technician
 * @param learnt of the machine's model on the business's calls
 */
public record Knowhow(
        Pack pack,
        List<Code> codes,
        Machine machine,
        List<Article> shelf,
        Map<String, Last> before,
        Set<Competence> competences,
        Learnt learnt) {
    public Knowhow {
        codes = List.copyOf(codes);
        shelf = List.copyOf(shelf);
        before = Copy.of(before);
        competences = Competence.set(competences);
    }

    /** A code, found without regard to capitals, as displays and customers differ in them. */
    public Optional<Code> code(String shown) {
        return codes.stream()
                .filter(code -> code.code().equalsIgnoreCase(shown.strip()))
                .findFirst();
    }

    /** A finding as the diagnosis takes it: a code that the table has, with what it means. */
    Finding explained(Finding finding) {
        return finding instanceof CodeRead read
                ? code(read.shown()).<Finding>map(Finding.CodeShown::new).orElse(read)
                : finding;
    }
}
