package grimygasket.visit.ring;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.diagnosis.Packs;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.pack.Pack;
import grimygasket.pack.machine.Confirmation;
import grimygasket.pack.machine.Screws;
import grimygasket.visit.Tray;
import grimygasket.visit.Tray.State;
import grimygasket.visit.TrayTest;
import grimygasket.visit.VisitRecord;
import grimygasket.visit.Visits;
import grimygasket.visit.line.Cupped;
import grimygasket.visit.line.Debt;
import grimygasket.visit.line.Found;
import grimygasket.visit.line.Laid;
import grimygasket.visit.line.Laid.Place;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Of random trays and calls. */
public class RingPropertiesTest {
    private static final Pack PACK = TrayTest.PACK;
    private static final String[] LAYERS = {null, "filter-out", "sump-cover", "kick-plate"};

    @DataProvider
    Object[][] seeds() {
        var seeds = new Object[40][];
        for (int i = 0; i < seeds.length; i++) {
            seeds[i] = new Object[] {(long) i};
        }
        return seeds;
    }

    private static Laid piece(Random random, String id) {
        var place = Place.values()[random.nextInt(3)];
        var screws = screws(random, place == Place.BACK);
        var confirm = random.nextBoolean() ? List.of(Confirmation.LOCKED) : List.<Confirmation>of();
        return new Laid(
                id,
                id,
                LAYERS[random.nextInt(LAYERS.length)],
                null,
                screws,
                null,
                List.of(),
                null,
                random.nextBoolean(),
                random.nextInt(6) == 0,
                confirm,
                random.nextInt(4) == 0 ? Visits.NOW + 1 : 0,
                place,
                place == Place.BACK && random.nextBoolean() ? confirm : List.of(),
                place == Place.LEFT_OUT ? "cracked" : null);
    }

    private static List<Cupped> screws(Random random, boolean back) {
        return IntStream.range(0, random.nextInt(3))
                .mapToObj(group -> new Screws("T2" + group, "", 0, 1 + random.nextInt(6), "", false))
                .map(screws -> new Cupped(
                        screws, random.nextInt(5) == 0 ? "" : "A", back && random.nextInt(3) > 0 ? screws.count() : 0))
                .toList();
    }

    private static List<Laid> tray(Random random) {
        var laid = new ArrayList<Laid>();
        for (int i = random.nextInt(9); i >= 0; i--) {
            laid.add(piece(random, "piece " + i));
        }
        return laid;
    }

    private static Laid at(Laid p, Place place, long dryUntil) {
        boolean back = place == Place.BACK;
        return new Laid(
                p.id(),
                p.name(),
                p.layer(),
                p.piece(),
                p.screws().stream()
                        .map(some -> new Cupped(
                                some.screws(), "A", back ? some.screws().count() : 0))
                        .toList(),
                p.turn(),
                p.clips(),
                p.orientation(),
                p.joint(),
                p.lastIn(),
                p.confirm(),
                dryUntil,
                place,
                back ? p.confirm() : List.of(),
                p.reason());
    }

    /** What has to be off before a layer can be reached, as whoever stands before the machine sees it. */
    private static final Map<String, String> BEHIND = Map.of("sump-cover", "filter-out");

    /** Takes the pieces off a machine on which all of them sit, one after the other; says what is in the way of one. */
    private static List<String> inTheWay(List<Laid> takenOff, List<Laid> laid) {
        var sits = new ArrayList<>(takenOff);
        var inTheWay = new ArrayList<String>();
        for (var piece : takenOff) {
            sits.remove(piece);
            for (var other : sits) {
                boolean battery = other.lastIn() && !piece.lastIn();
                boolean before = other.lastIn() == piece.lastIn()
                        && other.layer() != null
                        && other.layer().equals(BEHIND.get("" + piece.layer()));
                boolean overIt = other.lastIn() == piece.lastIn()
                        && ("" + other.layer()).equals("" + piece.layer())
                        && laid.indexOf(other) < laid.indexOf(piece);
                if (battery || before || overIt) {
                    inTheWay.add(other.id() + " is in the way of " + piece.id());
                }
            }
        }
        return inTheWay;
    }

    /** The way back, run backwards, takes the machine apart without anything in the way. */
    @Test(dataProvider = "seeds")
    public void theWayBackIsAValidOrderOfEveryPiece(long seed) {
        var laid = tray(new Random(seed));
        var wayBack = Tray.of(PACK, laid, Visits.NOW).wayBack().stream()
                .map(step -> laid.stream()
                        .filter(piece -> piece.id().equals(step.piece()))
                        .findFirst()
                        .orElseThrow())
                .collect(Collectors.toCollection(ArrayList::new));
        assertEquals(Set.copyOf(wayBack), Set.copyOf(laid));
        assertEquals(wayBack.size(), laid.size());
        Collections.reverse(wayBack);
        assertEquals(inTheWay(wayBack, laid), List.of());
    }

    @Test
    public void aWrongOrderIsSeenToBeWrong() {
        var outer = Visits.piece("outer", "filter-out");
        var inner = Visits.piece("inner", "sump-cover");
        assertEquals(inTheWay(List.of(inner, outer), List.of(outer, inner)), List.of("outer is in the way of inner"));
        assertEquals(inTheWay(List.of(outer, inner), List.of(outer, inner)), List.of());
    }

    @Test(dataProvider = "seeds")
    public void puttingBackWhatIsReadyEmptiesTheTray(long seed) {
        var laid = new ArrayList<>(tray(new Random(seed)));
        laid.replaceAll(piece -> at(piece, piece.place() == Place.LEFT_OUT ? Place.LEFT_OUT : Place.TRAY, 0));
        for (int rounds = laid.size(); rounds >= 0; rounds--) {
            var tray = Tray.of(PACK, laid, Visits.NOW);
            tray.wayBack().stream()
                    .filter(step -> step.state() == State.READY)
                    .findFirst()
                    .ifPresent(ready -> laid.replaceAll(
                            piece -> piece.id().equals(ready.piece()) ? at(piece, Place.BACK, 0) : piece));
        }
        assertTrue(laid.stream().noneMatch(piece -> piece.place() == Place.TRAY), "nothing waits for ever");
        assertEquals(Closing.gaps(new Visits().laid(laid.toArray(Laid[]::new)).build()), List.of());
        assertTrue(Tray.of(PACK, laid, Visits.NOW).cups().stream().allMatch(cup -> cup.left() == 0));
    }

    private static Visits visit(Random random, List<Laid> laid) {
        var proved = Proved.values()[random.nextInt(4)];
        var findings = random.nextInt(5) == 0
                ? new Finding[] {new SymptomSettled("symptom", Answer.YES)}
                : new Finding[] {new SymptomSettled("symptom", Answer.YES), new RemedyTried("clean", proved)};
        var visit = new Visits().findings(findings).laid(laid.toArray(Laid[]::new));
        if (random.nextBoolean()) {
            var dry = laid.stream().map(Laid::id).toArray(String[]::new);
            visit.seen("works", random.nextInt(3), dry);
        }
        if (random.nextInt(3) == 0) {
            visit.debt(new Debt(Debt.Kind.WATER_OFF, "", random.nextBoolean()));
        }
        if (random.nextInt(3) == 0) {
            visit.thing(new Found("coin", 1, Found.Fate.values()[random.nextInt(3)], null));
        }
        return visit;
    }

    /** Whether everything is as it should be, said in another way than the ring says it. */
    private static boolean inOrder(VisitRecord visit) {
        var remedies = visit.remedies();
        var joints = visit.laid().stream()
                .filter(piece -> piece.joint() && piece.place() == Place.BACK)
                .map(Laid::id)
                .toList();
        return !remedies.isEmpty()
                && remedies.get(remedies.size() - 1).proved() == Proved.CURED
                && visit.proofs().stream().anyMatch(run -> run.runs() > 0)
                && visit.proofs().get(0).dry().containsAll(joints)
                && visit.debts().stream().allMatch(Debt::settled)
                && visit.things().stream().noneMatch(thing -> thing.fate() == Found.Fate.KEPT)
                && visit.laid().stream().allMatch(RingPropertiesTest::inOrder);
    }

    private static boolean inOrder(Laid piece) {
        boolean inCup = piece.screws().stream().noneMatch(some -> some.cup().isEmpty());
        boolean back = piece.place() == Place.BACK
                && piece.screws().stream().allMatch(some -> some.screws().count() == some.back())
                && piece.confirmed().equals(piece.confirm());
        return inCup && (back || piece.place() == Place.LEFT_OUT);
    }

    @Test
    public void aRingIsSealedExactlyWhenEverythingIsInOrder() {
        int sealed = 0;
        int open = 0;
        for (long seed = 0; seed < 3000; seed++) {
            var random = new Random(seed);
            var laid = tray(random);
            if (seed % 2 == 0) {
                // Half of the calls are put in order as far as the tray goes, or hardly any ring would seal.
                laid.replaceAll(piece ->
                        at(piece, piece.place() == Place.LEFT_OUT ? Place.LEFT_OUT : Place.BACK, piece.dryUntil()));
            }
            var visit = visit(random, laid).build();
            var gaps = Ring.of(PACK, Packs.MACHINE, visit).gapsBeforeClosing();
            assertEquals(gaps.isEmpty(), inOrder(visit), "seed " + seed + ": " + gaps);
            if (gaps.isEmpty()) {
                sealed++;
            } else {
                open++;
            }
        }
        assertTrue(sealed > 50 && open > 50, sealed + " sealed, " + open + " open");
    }

    @Test(dataProvider = "seeds")
    public void chainsRunFromTheOutsideIn(long seed) {
        var layer = LAYERS[1 + new Random(seed).nextInt(LAYERS.length - 1)];
        var chain = PACK.chain(layer);
        assertEquals(chain.get(chain.size() - 1).id(), layer);
        assertEquals(chain.get(0).within(), null);
        for (int i = 1; i < chain.size(); i++) {
            assertEquals(chain.get(i).within(), chain.get(i - 1).id());
        }
    }
}
