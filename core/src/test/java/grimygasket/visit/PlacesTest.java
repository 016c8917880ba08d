package grimygasket.visit;

import static org.testng.Assert.assertEquals;

import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.Packs;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.diagnosis.plan.Step.Kind;
import grimygasket.diagnosis.story.Evidence;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.machine.Path;
import grimygasket.pack.machine.Piece;
import grimygasket.pack.machine.Station;
import grimygasket.visit.Places.Work;
import grimygasket.visit.line.Condition;
import grimygasket.visit.line.Condition.Stuff;
import grimygasket.visit.line.Condition.Wear;
import grimygasket.visit.ring.Curing;
import grimygasket.visit.ring.Opening;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

public class PlacesTest {
    private static Fault at(String id, String station) {
        return new Fault(id, id, List.of(station), 0.1, 0.5, null, null, List.of(), Map.of(), List.of());
    }

    private static final Pack PACK = new Packs()
            .layer("filter-out", null, 2, 2)
            .path(new Path(
                    "drain",
                    "Drain",
                    Path.Medium.WATER,
                    List.of(new Station("filter", "Filter", List.of()), new Station("pump", "Pump", List.of()))))
            .fault(at("clogged", "filter"))
            .fault(at("jammed", "pump"))
            .symptom("stands", 0.05, Map.of("clogged", 0.7, "jammed", 0.7))
            .check(
                    "look",
                    "filter-out",
                    2,
                    Packs.outcome("full", 0.01, Map.of("clogged", 0.9)),
                    Packs.outcome("free", 0.01, Map.of()))
            .remedy("clean", "filter-out", 5, null, Map.of("clogged", 0.9))
            .remedy("free", "filter-out", 9, null, Map.of("jammed", 0.9))
            .build();

    @Test
    public void aStationHasTheStepsThatLookAtItOrCureWhatStandsThere() {
        var plan = Diagnosis.assess(
                        PACK, Packs.MACHINE, new Evidence(List.of(new SymptomSettled("stands", Answer.YES)), Packs.VAN))
                .plan();
        var places = Places.of(PACK, plan);
        assertEquals(places.get("pump"), List.of(new Work(Kind.REMEDY, "free")));
        assertEquals(
                places.get("filter").stream()
                        .sorted((a, b) -> a.id().compareTo(b.id()))
                        .toList(),
                List.of(new Work(Kind.REMEDY, "clean"), new Work(Kind.CHECK, "look")));
    }

    @Test
    public void whatWasFoundOnlyDirtyIsCleanedBeforeANewPartGoesIn() {
        var dirty = new Condition("filter", Stuff.FOOD, 0.2, null, Wear.DIRTY_ONLY, false, null, null);
        assertEquals(
                Curing.onlyDirty(PACK, List.of(dirty)).stream()
                        .map(one -> one.id())
                        .toList(),
                List.of("clean"));
        var worn = new Condition("filter", Stuff.FOOD, 0.2, null, Wear.WORN, false, null, null);
        assertEquals(Curing.onlyDirty(PACK, List.of(worn)), List.of());
    }

    @Test
    public void wantedOnTheTrayIsWhatTheNextLayersGive() {
        var pack = new Packs()
                .layer(new Layer("front", "Front", null, 2, 2, List.of(), List.of(piece("panel")), null, List.of()))
                .layer(new Layer("inside", "Inside", "front", 2, 2, List.of(), List.of(piece("lid")), null, List.of()))
                .fault("a", 0.1)
                .symptom("stands", 0.05, Map.of("a", 0.7))
                .remedy("clean", "inside", 5, null, Map.of("a", 0.9))
                .build();
        var before = new Visits().build();
        assertEquals(wanted(pack, before, "inside"), List.of("front", "inside"));
        assertEquals(wanted(pack, before, null), List.of(), "work from outside takes nothing off");
        var begun = new Visits().laid(Visits.piece("panel", "front")).build();
        assertEquals(wanted(pack, begun, "inside"), List.of("inside"));
        var opened =
                new Visits().findings(new RemedyTried("clean", Proved.PENDING)).build();
        assertEquals(wanted(pack, opened, null), List.of("front", "inside"), "it was opened, and nothing lies there");
    }

    private static Piece piece(String id) {
        return new Piece(id, id, null, null, null, null, false, false, false, List.of(), List.of(), false, null);
    }

    private static List<String> wanted(Pack pack, VisitRecord visit, String ahead) {
        return Opening.wanted(pack, Packs.MACHINE, visit, ahead).stream()
                .map(Layer::id)
                .toList();
    }
}
