package grimygasket.knowhow;

import static org.testng.Assert.assertEquals;

import grimygasket.pack.Pack;
import grimygasket.pack.machine.Feature;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Nothing that can hurt is advised, offered or taken, whatever is told, opened, answered and forgotten before it. */
public class ExplorationTest {
    /** Walks by kind of machine; {@code scripts/explore} makes more. */
    private static final int WALKS = Integer.getInteger("explored.walks", 24);

    @DataProvider
    Object[][] kinds() {
        return Shipped.KINDS.stream().map(kind -> new Object[] {kind}).toArray(Object[][]::new);
    }

    /** The usual features, each group's others in turn, and some of the rest by chance. */
    static Set<String> features(Pack pack, Random random) {
        var chosen = new LinkedHashSet<String>();
        var groups = new LinkedHashSet<String>();
        pack.features().stream()
                .filter(feature -> feature.group() != null)
                .forEach(feature -> groups.add(feature.group()));
        for (var group : groups) {
            List<Feature> of = new ArrayList<>(pack.features().stream()
                    .filter(feature -> group.equals(feature.group()))
                    .toList());
            chosen.add(of.get(random.nextInt(of.size())).id());
        }
        pack.features().stream()
                .filter(feature -> feature.group() == null && random.nextInt(4) < (feature.usual() ? 3 : 1))
                .forEach(feature -> chosen.add(feature.id()));
        return chosen;
    }

    @Test(dataProvider = "kinds")
    public void noStateIsReachedInWhichSomethingCanHurt(String kind) {
        var pack = Shipped.knowhow(kind).pack();
        var table = PowerTable.of(kind);
        int states = 0;
        for (int walk = 0; walk < WALKS; walk++) {
            var features = features(pack, new Random(walk));
            var exploration = new Exploration(table, pack, features, walk);
            exploration.walk();
            states += exploration.states();
            assertEquals(String.join("; ", exploration.broken()), "", "walk " + walk + " with " + features);
        }
        System.out.println(kind + ": " + states + " states in " + WALKS + " walks");
    }

    @Test(dataProvider = "kinds")
    public void thePackSaysOfPowerWhatTheTableSays(String kind) {
        assertEquals(PowerTable.of(kind).differences(Shipped.knowhow(kind).pack()), List.of());
    }
}
