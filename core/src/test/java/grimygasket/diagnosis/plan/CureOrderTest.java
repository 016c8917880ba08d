package grimygasket.diagnosis.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.diagnosis.Packs;
import grimygasket.diagnosis.belief.Access;
import grimygasket.diagnosis.belief.Belief;
import grimygasket.diagnosis.belief.Network;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Outcome;
import grimygasket.pack.work.Remedy;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The value of an order of remedies, against playing it out on every possible machine. */
public class CureOrderTest {
    private static final Situation NOTHING_DONE = new Situation(Access.CLOSED, 0, 0);

    private static final double REFER = 60;
    private static final double PROOF = 2;

    @DataProvider
    Object[][] seeds() {
        var seeds = new Object[30][];
        for (int i = 0; i < seeds.length; i++) {
            seeds[i] = new Object[] {i};
        }
        return seeds;
    }

    private static Pack pack(Random random) {
        var packs = new Packs().refer(REFER);
        if (random.nextBoolean()) {
            packs.layer("cover", null, 4, 3).layer("inner", "cover", 5, 2);
        } else {
            packs.exposing("cover", null, 4, 3).exposing("inner", "cover", 5, 2);
        }
        for (int f = 0; f < 5; f++) {
            packs.fault("f" + f, 0.02 + 0.2 * random.nextDouble());
        }
        for (int r = 0; r < 6; r++) {
            var layer = List.of("", "cover", "inner").get(random.nextInt(3));
            var fault = "f" + random.nextInt(5);
            double cures = 0.4 + 0.5 * random.nextDouble();
            double minutes = 2 + random.nextInt(15);
            var look = "look" + r;
            boolean waits = random.nextBoolean();
            if (waits) {
                packs.check(
                        look,
                        null,
                        1 + random.nextInt(3),
                        Packs.outcome(
                                "shown", 0.2 * random.nextDouble(), Map.of(fault, 0.5 + 0.4 * random.nextDouble())),
                        Packs.outcome("sound", 0.01, Map.of()));
            }
            packs.remedyAfter(
                    "r" + r,
                    layer.isEmpty() ? null : layer,
                    minutes,
                    Map.of(fault, cures),
                    waits ? List.of(look) : List.of());
        }
        return packs.build();
    }

    private static CureOrder order(Network network, Belief belief) {
        var before = new Prerequisites(network, network.checks);
        return new CureOrder(network, before, Packs.VAN, network.remedies, belief, NOTHING_DONE);
    }

    @Test(dataProvider = "seeds")
    public void theExpectedMinutesAreThoseOfPlayingTheOrderOut(int seed) {
        var pack = pack(new Random(seed));
        var network = new Network(pack, Packs.MACHINE, 5);
        var belief = Belief.prior(network);
        var order = order(network, belief);
        var value = order.from(belief, NOTHING_DONE, null);

        double played = 0;
        double cured = 0;
        for (int set = 0; set < network.sets.count(); set++) {
            var faults = new HashSet<String>();
            for (int fault : network.sets.members(set)) {
                faults.add(network.faults.get(fault).id());
            }
            var end = play(pack, value.legs(), 0, faults, Set.of());
            played += belief.weight(set) * end.minutes;
            cured += belief.weight(set) * end.cured;
        }
        assertEquals(value.minutes(), played, 1e-9);
        assertTrue(value.cost() >= played - 1e-9, "handing on leaves its work to somebody else");
        if (!value.legs().isEmpty()) {
            assertEquals(value.legs().get(value.legs().size() - 1).cured(), cured, 1e-9);
        }
        assertTrue(value.cost() <= order.referCost(belief) + 1e-9, "never dearer than handing on at once");
    }

    private record End(double minutes, double cured) {}

    /** Expected minutes from a leg on, on a machine with certain faults, some layers open. */
    private static End play(Pack pack, List<CureOrder.Leg> legs, int leg, Set<String> faults, Set<String> open) {
        if (leg == legs.size()) {
            return new End(REFER, 0);
        }
        var remedy = legs.get(leg).remedy();
        var opened = new HashSet<>(open);
        double spent = open(pack, remedy.layer(), opened);
        // The proof is made with all on that keeps hands away.
        pack.layers().stream().filter(layer -> !layer.exposes().isEmpty()).forEach(layer -> opened.remove(layer.id()));
        double shown = 1;
        for (var look : remedy.after()) {
            spent += pack.check(look).minutes();
            shown = shown(pack.check(look).outcomes().get(0), faults);
        }
        // What the look does not show is left, and the next comes.
        var passed = shown == 1 ? new End(0, 0) : play(pack, legs, leg + 1, faults, opened);
        double minutes = spent + shown * (remedy.minutes() + PROOF) + (1 - shown) * passed.minutes;
        double cured = (1 - shown) * passed.cured;
        for (var outcome : outcomes(remedy, faults).entrySet()) {
            double chance = shown * outcome.getValue();
            if (outcome.getKey().isEmpty() && !faults.isEmpty()) {
                cured += chance;
            } else {
                var rest = play(pack, legs, leg + 1, outcome.getKey(), opened);
                minutes += chance * rest.minutes;
                cured += chance * rest.cured;
            }
        }
        return new End(minutes, cured);
    }

    /** Chance that a look shows something on a machine with certain faults. */
    private static double shown(Outcome outcome, Set<String> faults) {
        double silent = 1 - outcome.leak();
        for (var fault : faults) {
            silent *= 1 - outcome.causes().getOrDefault(fault, 0.0);
        }
        return 1 - silent;
    }

    private static double open(Pack pack, String layer, Set<String> open) {
        if (layer == null || !open.add(layer)) {
            return 0;
        }
        var one = pack.layers().stream()
                .filter(l -> l.id().equals(layer))
                .findFirst()
                .orElseThrow();
        return one.openMinutes() + one.closeMinutes() + open(pack, one.within(), open);
    }

    /** What may be left after a remedy that aims at one fault, with its chance. */
    private static Map<Set<String>, Double> outcomes(Remedy remedy, Set<String> faults) {
        var target = remedy.cures().keySet().iterator().next();
        if (!faults.contains(target)) {
            return Map.of(faults, 1.0);
        }
        var without = new HashSet<>(faults);
        without.remove(target);
        double chance = remedy.cures().get(target);
        return Map.of(without, chance, faults, 1 - chance);
    }

    @Test
    public void leavingOutTheLeastLikelySetsHardlyChangesTheValue() {
        for (int seed = 0; seed < 30; seed++) {
            var pack = pack(new Random(seed));
            var network = new Network(pack, Packs.MACHINE, 3);
            var belief = Belief.prior(network);
            double exact =
                    order(network, belief).from(belief, NOTHING_DONE, null).cost();
            var few = belief.thinned();
            double thinned = order(network, few).from(few, NOTHING_DONE, null).cost();
            assertEquals(thinned, exact, 0.02 * exact, "seed " + seed);
        }
    }
}
