package grimygasket.round;

import grimygasket.diagnosis.plan.Step;
import grimygasket.pack.Pack;
import grimygasket.pack.Tools;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;

/**
 * A tool, meter or agent that the day's open calls are likely to want.
 *
 * @param calls on how many of them
 */
public record ThingToLoad(Sort sort, String name, int calls) {
    /** What kind of thing it is, and so where on the van it is looked for. */
    public enum Sort {
        BIT,
        TOOL,
        METER(
                "multimeter",
                "insulation tester",
                "two-pole tester",
                "thermometer",
                "stopwatch",
                "spirit level",
                "hardness strip",
                "scale",
                "vane meter",
                "suction gauge"),
        /** Is used up. */
        AGENT(
                "vinegar",
                "machine cleaner",
                "penetrating oil",
                "light oil",
                "silicone grease",
                "silicone polish",
                "enzyme spray",
                "contact cleaner",
                "dish soap",
                "adhesive",
                "compressed air");

        private final Set<String> names;

        Sort(String... names) {
            this.names = Set.of(names);
        }

        /** Those that packs call so; none for what is told by its form, and for all the rest. */
        public Set<String> names() {
            return names;
        }

        static Sort of(String tool) {
            if (tool.endsWith(" driver") || tool.endsWith(" drivers")) {
                return BIT;
            }
            if (METER.names.contains(tool)) {
                return METER;
            }
            return AGENT.names.contains(tool) ? AGENT : TOOL;
        }
    }

    /** Found in every home. */
    private static final Set<String> THERE = Set.of("warm water", "cool water", "shower", "kettle", "glass");

    /** @param now in milliseconds since 1970 */
    static List<ThingToLoad> of(List<OnRound> calls, long now) {
        var counts = new TreeMap<String, Integer>();
        for (var call : calls) {
            if (call.isOpen()) {
                for (var tool : wanted(call, now)) {
                    counts.merge(tool, 1, Integer::sum);
                }
            }
        }
        var things = new ArrayList<ThingToLoad>();
        counts.forEach((name, count) -> things.add(new ThingToLoad(Sort.of(name), name, count)));
        things.sort(
                Comparator.comparing(ThingToLoad::sort).thenComparing(ThingToLoad::calls, Comparator.reverseOrder()));
        return List.copyOf(things);
    }

    /** For the next step, and for every remedy that may well be the one that ends the call. */
    private static Set<String> wanted(OnRound call, long now) {
        var upkeep = call.upkeep(now);
        var plan = call.assessment().plan();
        var pack = call.knowhow().pack();
        var wanted = new LinkedHashSet<String>();
        if (upkeep != null) {
            wanted.addAll(upkeep.tools());
        }
        plan.steps().stream().limit(LOOKED_AT).forEach(step -> wanted.addAll(tools(pack, step)));
        double before = 0;
        for (var milestone : plan.order()) {
            if (milestone.cured() - before >= PartToLoad.WORTH_LOADING) {
                wanted.addAll(Tools.of(pack, pack.remedy(milestone.remedy())));
            }
            before = milestone.cured();
        }
        wanted.removeAll(THERE);
        return wanted;
    }

    /** The next step is likely to be among so many: estimate. */
    private static final int LOOKED_AT = 4;

    private static List<String> tools(Pack pack, Step step) {
        return switch (step.kind()) {
            case CHECK -> Tools.of(pack, pack.check(step.id()));
            case REMEDY -> Tools.of(pack, pack.remedy(step.id()));
            default -> List.of();
        };
    }
}
