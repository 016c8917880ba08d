package grimygasket.visit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.diagnosis.Finding;
import grimygasket.diagnosis.Finding.Answer;
import grimygasket.diagnosis.Finding.CheckMade;
import grimygasket.diagnosis.Finding.Proved;
import grimygasket.diagnosis.Finding.RemedyTried;
import grimygasket.diagnosis.Finding.SignSettled;
import grimygasket.diagnosis.Packs;
import grimygasket.pack.Outcome;
import grimygasket.pack.Pack;
import grimygasket.pack.Remedy;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.Test;

public class RingTest {
    private static final Pack PACK = new Packs()
            .fault("a", 0.1)
            .sign("sign", 0.1, Map.of("a", 0.9))
            .remedy("clean", null, 5, null, Map.of("a", 0.9))
            .remedy("replace", null, 5, "pump", Map.of("a", 0.9))
            .build();
    private static final Finding SIGN = new SignSettled("sign", Answer.YES);

    private static Ring ring(List<Finding> findings, Map<String, Set<String>> parts, boolean closed) {
        return Ring.of(PACK, new VisitRecord("Does not drain", findings, parts, Set.of(), closed));
    }

    private static List<Stage> sealed(Ring ring) {
        return ring.segments().stream()
                .filter(Segment::sealed)
                .map(Segment::stage)
                .toList();
    }

    @Test
    public void anEmptyCallHasGapsInAllButSafety() {
        var ring = Ring.of(PACK, new VisitRecord(" ", List.of(), Map.of(), Set.of(), false));
        assertEquals(sealed(ring), List.of(Stage.SAFE));
        assertEquals(
                ring.segments().get(0).gaps(),
                List.of("The complaint is not written down.", "No sign and no code is entered."));
    }

    @Test
    public void segmentsSealInTheOrderOfTheWork() {
        assertEquals(sealed(ring(List.of(SIGN), Map.of(), false)), List.of(Stage.CALL, Stage.SAFE));
        assertEquals(
                sealed(ring(List.of(SIGN, new RemedyTried("clean", Proved.PENDING)), Map.of(), false)),
                List.of(Stage.CALL, Stage.SAFE, Stage.FIND, Stage.CURE));
        var proved = ring(List.of(SIGN, new RemedyTried("clean", Proved.CURED)), Map.of(), false);
        assertEquals(sealed(proved), List.of(Stage.CALL, Stage.SAFE, Stage.FIND, Stage.CURE, Stage.PROVE));
        assertTrue(proved.gapsBeforeClosing().isEmpty());
        assertEquals(
                sealed(ring(List.of(SIGN, new RemedyTried("clean", Proved.CURED)), Map.of(), true)),
                List.of(Stage.values()));
    }

    @Test
    public void aNewPartNeedsItsCount() {
        var findings = List.of(SIGN, new RemedyTried("replace", Proved.CURED));
        assertEquals(ring(findings, Map.of(), false).gapsBeforeClosing(), List.of("No pump is counted for “replace”."));
        assertTrue(ring(findings, Map.of("replace", Set.of("pump")), false)
                .gapsBeforeClosing()
                .isEmpty());
    }

    private static Remedy withShock(String id) {
        return new Remedy(
                id,
                id,
                null,
                5,
                Map.of("a", 0.9),
                List.of(),
                List.of(),
                0,
                List.of(),
                List.of("shock"),
                "works",
                List.of());
    }

    private static Segment safe(List<Finding> findings, Set<String> kept) {
        var pack = new Packs()
                .fault("a", 0.1)
                .caution("shock")
                .check(
                        "look",
                        null,
                        2,
                        new Outcome("bad", "Bad", 0.1, Map.of("a", 0.9), null, 0),
                        new Outcome("good", "Good", 0, Map.of(), null, 0))
                .remedy(withShock("open"))
                .remedy(withShock("again"))
                .build();
        return Ring.of(pack, new VisitRecord("It is loud", findings, Map.of(), kept, false))
                .segments()
                .get(Stage.SAFE.ordinal());
    }

    @Test
    public void whatCanHurtIsConfirmedOnce() {
        var findings =
                List.<Finding>of(new RemedyTried("open", Proved.STILL_FAILING), new RemedyTried("again", Proved.CURED));
        assertEquals(safe(findings, Set.of()), new Segment(Stage.SAFE, List.of("Not confirmed: “shock”.")));
        assertTrue(safe(findings, Set.of("shock")).sealed());
    }

    @Test
    public void whatCannotHurtNeedsNoConfirming() {
        assertTrue(safe(List.of(new CheckMade("look", "bad")), Set.of()).sealed());
        assertTrue(safe(List.of(new CheckMade("look", "bad")), Set.of("shock")).sealed());
    }

    @Test
    public void aFailedProofOpensTheRingAgain() {
        var ring = ring(List.of(SIGN, new RemedyTried("clean", Proved.STILL_FAILING)), Map.of(), false);
        assertFalse(sealed(ring).contains(Stage.PROVE));
        assertEquals(ring.gapsBeforeClosing(), List.of("Not proved yet: “It works”."));
    }
}
