package grimygasket.knowhow;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import grimygasket.call.Learnt;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.CheckMade;
import grimygasket.diagnosis.belief.Finding.CodeRead;
import grimygasket.diagnosis.belief.Finding.FactKnown;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.diagnosis.plan.Step;
import grimygasket.pack.KindKnowhow;
import grimygasket.state.Circumstances;
import grimygasket.state.Consequence;
import grimygasket.state.Supposed;
import grimygasket.state.Supposition;
import grimygasket.util.Unfit;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** What would follow on a machine that need not exist. */
public class SupposedTest {
    private static final KindKnowhow DISHWASHER = Shipped.knowhow("dishwasher");
    private static final List<String> FEATURES = List.of("return-valve", "air-gap");

    private static Circumstances circumstances(Map<String, String> schools) {
        return new Circumstances(schools, List.of(), Map.of(), 60, 45, 230, Set.of(), Learnt.NOTHING);
    }

    private static Consequence consequence(Finding... findings) {
        var supposed = Stream.of(findings)
                .map(finding -> new Supposition(finding, null))
                .toList();
        return Consequence.of(DISHWASHER, new Supposed(FEATURES, supposed), circumstances(Map.of()));
    }

    private static String likeliest(Finding finding) {
        return consequence(finding).assessment().ranking().get(0).fault();
    }

    private static SymptomSettled seen(String symptom) {
        return new SymptomSettled(symptom, Answer.YES);
    }

    @Test
    public void symptomsFactsAndChecksMoveTheRanking() {
        assertEquals(likeliest(seen("water-returns")), "valve-open");
        assertEquals(likeliest(new CheckMade("valve-ball", "open")), "valve-open");
        assertEquals(likeliest(new FactKnown("odd-load", "wax")), "wax-set");
    }

    @Test
    public void aCodeIsThatOfItsMaker() {
        var code = DISHWASHER.codes().stream()
                .filter(c -> c.faults().size() == 1 && c.symptoms().isEmpty())
                .findFirst()
                .orElseThrow();
        var shown = new Supposition(new CodeRead(code.code().toLowerCase()), code.maker());
        var ranking = Consequence.of(DISHWASHER, new Supposed(FEATURES, List.of(shown)), circumstances(Map.of()))
                .assessment()
                .ranking();
        var meant = ranking.stream()
                .filter(suspect -> code.faults().containsKey(suspect.fault()))
                .findFirst()
                .orElseThrow();
        assertTrue(meant.why().get(0).decibans() > 3, "" + meant.why());
        expectThrows(Unfit.class, () -> consequence(new CodeRead(code.code())));
    }

    @Test
    public void aContradictionIsSaid() {
        var said = consequence(new CheckMade("forced-drain", "strong"), seen("standing-water"), seen("pump-silent"));
        assertTrue(!said.assessment().misfits().isEmpty());
        assertEquals(consequence().assessment().misfits(), List.of());
    }

    @Test
    public void theSchoolIsFollowed() {
        assertTrue(steps(Map.of()).contains("flush-wax"));
        var heater = steps(Map.of("hot-water", "heater"));
        assertTrue(heater.contains("flush-wax-supply") && !heater.contains("flush-wax"), "" + heater);
    }

    private static List<String> steps(Map<String, String> schools) {
        return Consequence.of(DISHWASHER, new Supposed(List.of(), List.of()), circumstances(schools))
                .assessment()
                .plan()
                .steps()
                .stream()
                .map(Step::id)
                .toList();
    }

    @Test
    public void whatDoesNotExistIsNamed() {
        var ghost = expectThrows(Unfit.class, () -> consequence(seen("ghost")));
        assertTrue(ghost.getMessage().contains("ghost"), ghost.getMessage());
        expectThrows(Unfit.class, () -> consequence(new CheckMade("valve-ball", "ajar")));
        expectThrows(Unfit.class, () -> consequence(new RemedyTried("clean-filter", Proved.CURED)));
        var wings = expectThrows(
                Unfit.class,
                () -> Consequence.of(DISHWASHER, new Supposed(List.of("wings"), List.of()), circumstances(Map.of())));
        assertTrue(wings.getMessage().contains("wings"), wings.getMessage());
    }
}
