package grimygasket.knowhow;

import static org.testng.Assert.assertEquals;

import grimygasket.pack.Tools;
import grimygasket.round.ThingToLoad.Sort;
import java.util.Collection;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** Meters and agents that are told apart by their names are called so in the packs that ship. */
public class ToLoadTest {
    @Test
    public void noNameIsOutOfUse() {
        var used = Shipped.KINDS.stream()
                .map(kind -> Tools.of(Shipped.knowhow(kind).pack()))
                .flatMap(tools -> Stream.concat(tools.checks().values().stream(), tools.remedies().values().stream()))
                .flatMap(Collection::stream)
                .collect(Collectors.toSet());
        var unused = new TreeSet<String>();
        Stream.of(Sort.METER, Sort.AGENT).map(Sort::names).forEach(unused::addAll);
        unused.removeAll(used);
        assertEquals(unused, Set.of());
    }
}
