package grimygasket.pack.soundness;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.diagnosis.Packs;
import grimygasket.pack.Tools;
import grimygasket.pack.evidence.Alarm;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.evidence.Grade;
import grimygasket.pack.evidence.Outcome;
import grimygasket.pack.evidence.Symptom;
import grimygasket.pack.machine.Hazard;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.machine.Path;
import grimygasket.pack.machine.Piece;
import grimygasket.pack.machine.Power;
import grimygasket.pack.machine.Screws;
import grimygasket.pack.machine.Station;
import grimygasket.pack.work.Caution;
import grimygasket.pack.work.Habit;
import grimygasket.pack.work.Instruction;
import grimygasket.pack.work.Proof;
import grimygasket.pack.work.Remedy;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

public class ReviewTest {
    @Test
    public void saysWhatASoundPackLeavesUnsaid() {
        var pack = harmless()
                .fault("silent", 0.1)
                .symptom("idle", 0.1, Map.of())
                .check("says-nothing", null, 2, outcome("bad", Map.of("known", 0.05)), outcome("good", Map.of()))
                .layer("cover", null, 1, 1)
                .build();
        assertEquals(
                Review.of(pack),
                List.of(
                        "Fault “silent” shows no symptom.",
                        "Fault “silent” is found by no check.",
                        "Fault “silent” is cured by no remedy.",
                        "Fault “silent” is covered by no advice to the customer.",
                        "Symptom “idle” points to no fault.",
                        "Check “says-nothing” tells nothing apart.",
                        "Check “says-nothing” does not say how its answer is known.",
                        "Nothing uses the layer cover (“cover”)."));
    }

    /** A pack about which there is nothing to say. */
    private static Packs harmless() {
        return new Packs()
                .caution("stop")
                .fault("known", 0.1)
                .symptom(new Symptom(
                        "burns",
                        "burns",
                        "burns?",
                        1,
                        0.1,
                        Map.of("known", 0.1),
                        true,
                        List.of(),
                        List.of(),
                        new Alarm("stop", List.of(), null),
                        List.of()))
                .symptom("symptom", 0.1, Map.of("known", 0.9))
                .check(look("tells", null, List.of(), List.of(), 0, outcome("bad", Map.of("known", 0.9))))
                .remedy("clean", null, 5, null, Map.of("known", 0.9))
                .habit(new Habit("Keep it clean.", List.of("known"), List.of()));
    }

    private static Check look(
            String id, String layer, List<String> tools, List<String> cautions, int timer, Outcome bad) {
        return new Check(
                id,
                id,
                layer,
                2,
                tools,
                List.of(Instruction.valueOf("Look.")),
                timer,
                cautions,
                List.of(),
                List.of(),
                List.of(bad, new Outcome("good", "good", 0, Map.of(), null, 0, List.of(), null)),
                null,
                null,
                Grade.SEEN,
                List.of(),
                layer == null ? Power.EITHER : Power.DEAD,
                List.of(),
                null);
    }

    @Test
    public void nothingIsSaidOfAHarmlessPack() {
        assertEquals(Review.of(harmless().build()), List.of());
    }

    @Test
    public void aLookThatCriesWolfIsNamedUnlessItSaysWhy() {
        var often = new Outcome("bad", "bad", 0.2, Map.of("known", 0.9), null, 0, List.of(), null);
        var why =
                new Outcome("bad", "bad", 0.2, Map.of("known", 0.9), null, 0, List.of(), "Some dirt is always there.");
        assertEquals(
                Review.of(harmless()
                        .check(look("often", null, List.of(), List.of(), 0, often))
                        .build()),
                List.of("Check “often”: “bad” is a false alarm as often as it is none, and nobody says why."));
        assertEquals(
                Review.of(harmless()
                        .check(look("why", null, List.of(), List.of(), 0, why))
                        .build()),
                List.of());
    }

    private static Remedy dear(String... after) {
        return new Remedy(
                "dear",
                "dear",
                null,
                30,
                Map.of("known", 0.9),
                List.of(),
                List.of(),
                0,
                List.of(),
                List.of(),
                "works",
                List.of(),
                null,
                List.of(after),
                false,
                null,
                null,
                false,
                Power.DEAD,
                null);
    }

    @Test
    public void whatIsDearComesAfterTheCheapLookThatShowsWhatItIsFor() {
        assertEquals(
                Review.of(harmless().remedy(dear()).build()),
                List.of("Remedy “dear” comes after no look, though a cheap one shows what it is for."));
        assertEquals(Review.of(harmless().remedy(dear("tells")).build()), List.of());
    }

    @Test
    public void driversFitTheScrewsAndTimersTheMinutes() {
        var plate = new Piece(
                "plate",
                "plate",
                List.of(new Screws("T20", "", 0, 2, "", false)),
                null,
                null,
                null,
                false,
                false,
                false,
                List.of(),
                List.of(),
                false,
                null);
        var packs =
                harmless().layer(new Layer("cover", "cover", null, 1, 1, List.of(), List.of(plate), null, List.of()));
        var bad = outcome("bad", Map.of("known", 0.9));
        assertEquals(
                Review.of(packs.check(look("behind", "cover", List.of("T15 driver"), List.of(), 180, bad))
                        .build()),
                List.of(
                        "Check “behind” names a T15 driver, and none of its screws is one.",
                        "Check “behind” is over before its timer."));
    }

    @Test
    public void noStepIsSaidTwice() {
        var dry = Instruction.valueOf("Wipe it dry.");
        var proof = new Proof(
                "dry", "It is dry", 5, List.of(dry, dry), 1, null, null, null, Power.DEAD, List.of(), List.of(), null);
        var remarks = Review.of(harmless().proof(proof).build());
        assertTrue(remarks.contains("Proof “It is dry” says twice: “Wipe it dry.”"), remarks + "");
    }

    @Test
    public void aDriverFollowsFromTheScrewsThatComeOutOnTheWay() {
        var bad = outcome("bad", Map.of("known", 0.9));
        var pack = harmless()
                .layer(new Layer(
                        "cover", "cover", null, 1, 1, List.of(), List.of(held("plate", "T20", false)), null, List.of()))
                .layer(new Layer(
                        "deep",
                        "deep",
                        "cover",
                        1,
                        1,
                        List.of(),
                        List.of(held("lid", "cross 2", false), held("maybe", "T8", true)),
                        null,
                        List.of()))
                .check(look("behind", "deep", List.of("torch"), List.of(), 0, bad))
                .build();
        assertEquals(Tools.of(pack, pack.check("behind")), List.of("T20 driver", "cross 2 driver", "torch"));
    }

    private static Piece held(String id, String drive, boolean optional) {
        var screws = List.of(new Screws(drive, "", 0, 2, "", false));
        return new Piece(id, id, screws, null, null, null, false, false, optional, List.of(), List.of(), false, null);
    }

    @Test
    public void workBehindAnElectricCoverSaysToUnplug() {
        var packs = harmless()
                .caution(new Caution("shock", "Shock", "Unplug.", null, Hazard.POWER, List.of(), List.of()))
                .layer(new Layer(
                        "cover",
                        "cover",
                        null,
                        1,
                        1,
                        List.of("shock"),
                        List.of(held("cover", "T20", false)),
                        null,
                        List.of(Hazard.POWER)));
        var bad = outcome("bad", Map.of("known", 0.9));
        assertEquals(
                Dangers.of(packs.check(look("behind", "cover", List.of(), List.of(), 0, bad))
                        .build()),
                List.of("Check “behind” works behind an electric cover and does not say to unplug it."));
    }

    @Test
    public void whatTheWordsNameIsFetchedFirst() {
        var bad = outcome("bad", Map.of("known", 0.9));
        var words = List.of(Instruction.valueOf("Gloves on; torch from below. A glove is no mask, mask on."));
        var look = look("dig", null, List.of("torch"), List.of("dust", "glass"), 0, bad);
        var pack = harmless()
                .caution(new Caution("dust", "Dust", "Mask on.", null, Hazard.OTHER, List.of(), List.of()))
                .caution(new Caution(
                        "glass", "Glass", "Gloves, always.", null, Hazard.CUTS, List.of(), List.of("gloves")))
                .check(new Check(
                        look.id(),
                        look.name(),
                        null,
                        2,
                        look.tools(),
                        words,
                        0,
                        look.cautions(),
                        List.of(),
                        List.of(),
                        look.outcomes(),
                        null,
                        null,
                        Grade.SEEN,
                        List.of(),
                        Power.EITHER,
                        List.of(),
                        null))
                .build();
        assertEquals(Tools.of(pack, pack.check("dig")), List.of("gloves", "torch"), "what is worn is a tool");
        var said = Review.of(pack);
        assertTrue(said.contains("Check “dig” speaks of “mask”, and it is not among its tools."), "" + said);
        assertTrue(said.contains("Caution “Dust” speaks of mask, and does not say that it is put on."), "" + said);
        assertTrue(
                said.contains("Check “dig” has a step that does not begin with what is done: “"
                        + words.get(0).text() + "”"),
                "" + said);
        assertFalse(said.stream().anyMatch(one -> one.contains("gloves")), "" + said);
    }

    @Test
    public void whatTheCompetentDoIsForThemByTheDataToo() {
        var bad = outcome("bad", Map.of("known", 0.9));
        var check = look("measure", null, List.of("insulation tester"), List.of(), 0, bad);
        assertEquals(
                Dangers.of(harmless().check(check).build()),
                List.of("Check “measure” is for somebody qualified by its words, and for anybody by its data."));
    }

    @Test
    public void aDangerousFaultIsLookedForAndCuredUnderItsCaution() {
        var packs = harmless()
                .caution(new Caution("gas", "Gas", "Out.", null, Hazard.GAS, List.of(), List.of()))
                .layer("lid", null, 1, 1)
                .fault(new Fault("leak", "leak", List.of(), 0.1, 0, null, "gas", List.of(), Map.of(), List.of()))
                .symptom("smells", 0.1, Map.of("leak", 0.9))
                .habit(new Habit("Air the room.", List.of("leak"), List.of()))
                .remedy("close", null, 5, null, Map.of("leak", 0.9));
        var bad = outcome("bad", Map.of("leak", 0.9));
        assertEquals(
                Dangers.of(packs.check(look("sniff", "lid", List.of(), List.of(), 0, bad))
                        .build()),
                List.of(
                        "Check “sniff” comes near “leak” without a caution of its hazard, gas.",
                        "Remedy “close” comes near “leak” without a caution of its hazard, gas."));
    }

    @Test
    public void whatBlowsAgainIsNotCuredBeforeItsCauses() {
        var packs = harmless()
                .caution(new Caution("fire", "Fire", "Never bridge it.", null, Hazard.FIRE, List.of(), List.of()))
                .fault(new Fault(
                        "blown", "blown", List.of(), 0.1, 0, null, "fire", List.of(), Map.of("known", 0.3), List.of()))
                .remedy(new Remedy(
                        "fit",
                        "fit",
                        null,
                        5,
                        Map.of("blown", 0.9),
                        List.of(),
                        List.of(Instruction.valueOf("Fit it.")),
                        0,
                        List.of(),
                        List.of("fire"),
                        "works",
                        List.of(),
                        null,
                        List.of(),
                        false,
                        null,
                        null,
                        false,
                        Power.EITHER,
                        null));
        assertEquals(
                Dangers.of(packs.build()), List.of("Remedy “fit” may be done before what brings “blown” is cured."));
    }

    @Test
    public void noAlarmAndNoOrderByTelephoneThatCouldHurt() {
        var packs = new Packs()
                .caution(new Caution("shock", "Shock", "Unplug.", null, Hazard.POWER, List.of(), List.of()))
                .fault("known", 0.1);
        var asked = new Check(
                "open-it",
                "open-it",
                null,
                2,
                List.of(),
                List.of(Instruction.valueOf("Look.")),
                0,
                List.of("shock"),
                List.of(),
                List.of(),
                List.of(outcome("bad", Map.of("known", 0.9)), outcome("good", Map.of())),
                null,
                "Open it.",
                Grade.TOLD,
                List.of(),
                Power.EITHER,
                List.of(),
                null);
        assertEquals(
                Dangers.of(packs.check(asked).build()),
                List.of(
                        "No symptom stops the call at once when something smells of burning or trips the breaker.",
                        "Check “open-it” is asked of a customer by telephone, and has a caution that only whoever is there can"
                                + " heed."));
    }

    @Test
    public void aCheckOfTheFlowFindsWhatBlocksUpToItsStation() {
        var path = new Path(
                "drain",
                "Drain",
                Path.Medium.WATER,
                List.of(new Station("sump", "Sump", List.of()), new Station("hose", "Hose", List.of())));
        var pack = new Packs()
                .path(path)
                .fault(new Fault(
                        "in-sump", "In sump", List.of("sump"), 0.1, 0.9, null, null, List.of(), Map.of(), List.of()))
                .fault(new Fault(
                        "in-hose", "In hose", List.of("hose"), 0.1, 0.9, null, null, List.of(), Map.of(), List.of()))
                .symptom("symptom", 0.1, Map.of("in-sump", 0.9, "in-hose", 0.9))
                .check(
                        "flow",
                        null,
                        2,
                        new Outcome("weak", "Weak", 0.02, Map.of(), "sump", 0.9, List.of(), null),
                        outcome("full", Map.of()))
                .remedy("clean", null, 5, null, Map.of("in-sump", 0.9, "in-hose", 0.9))
                .build();
        assertTrue(Review.of(pack).contains("Fault “In hose” is found by no check."));
        assertFalse(Review.of(pack).contains("Fault “In sump” is found by no check."));
    }

    private static Outcome outcome(String id, Map<String, Double> causes) {
        return new Outcome(id, id, 0.02, causes, null, 0, List.of(), null);
    }
}
