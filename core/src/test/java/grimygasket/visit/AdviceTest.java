package grimygasket.visit;

import static org.testng.Assert.assertEquals;

import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.Packs;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.story.Evidence;
import grimygasket.pack.machine.Ratings;
import grimygasket.pack.work.Cadence;
import grimygasket.pack.work.Habit;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.Test;

public class AdviceTest {
    @Test
    public void isFittedToTheCauseAndTheTechniciansSchool() {
        var pack = new Packs()
                .school(Packs.DATES)
                .feature("screen")
                .fault("filter", 0.05)
                .fault("pump", 0.05)
                .symptom("grit", 0.01, Map.of("filter", 0.95))
                .habit(new Habit("Scrape.", List.of("filter"), List.of("!screen")))
                .habit(new Habit("Rinse.", List.of("filter"), List.of("screen")))
                .habit(new Habit("No spoons.", List.of("pump"), List.of()))
                .cadence(new Cadence(
                        "pump", "Look at the pump", 365, 365, 0, List.of("pump"), List.of(), false, List.of()))
                .cadence(new Cadence(
                        "filter", "Clean the filter", 14, 182, 0, List.of("filter"), List.of(), false, List.of()))
                .remedy("clean", null, 5, null, Map.of("filter", 0.9))
                .build();
        var machine = new Machine(Set.of("screen", "dates=soon"), Ratings.NONE);
        var assessment = Diagnosis.assess(
                pack, machine, new Evidence(List.of(new SymptomSettled("grit", Answer.YES)), Packs.VAN));
        var advice = Advice.of(pack, machine, assessment, List.of());
        assertEquals(advice.habits(), List.of("Rinse."));
        assertEquals(
                advice.dues(),
                List.of(new Advice.Due("Clean the filter", 14), new Advice.Due("Look at the pump", 365)),
                "what concerns the cause first");
    }
}
