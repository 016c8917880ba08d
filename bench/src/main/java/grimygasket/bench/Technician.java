package grimygasket.bench;

import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.Evidence;
import grimygasket.diagnosis.Finding;
import grimygasket.diagnosis.Finding.Answer;
import grimygasket.diagnosis.Finding.CheckMade;
import grimygasket.diagnosis.Finding.Proved;
import grimygasket.diagnosis.Finding.RemedyTried;
import grimygasket.diagnosis.Finding.SignSettled;
import grimygasket.diagnosis.Machine;
import grimygasket.diagnosis.Van;
import grimygasket.pack.Pack;
import grimygasket.pack.Remedy;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/** A way of working through a call. */
enum Technician {
    /** Takes the advised step each time. */
    BY_THE_PLAN {
        @Override
        boolean work(Pack pack, Machine machine, List<Finding> complaint, World world) {
            var findings = new ArrayList<>(complaint);
            for (int i = 0; i < MOST_STEPS; i++) {
                var next = Diagnosis.assess(pack, machine, new Evidence(findings, VAN))
                        .plan()
                        .next();
                switch (next.kind()) {
                    case ASK ->
                        findings.add(
                                new SignSettled(next.id(), world.ask(pack.sign(next.id())) ? Answer.YES : Answer.NO));
                    case CHECK -> findings.add(new CheckMade(next.id(), world.check(pack.check(next.id()))));
                    case REMEDY -> {
                        if (world.treat(pack.remedy(next.id()), trip(pack.remedy(next.id())))) {
                            return true;
                        }
                        findings.add(new RemedyTried(next.id(), Proved.STILL_FAILING));
                    }
                    case REFER, PROVE -> i = MOST_STEPS;
                }
            }
            world.refer();
            return false;
        }
    },

    /** Cures the likeliest fault by the evidence, again and again, without checking. */
    MOST_LIKELY_FIRST {
        @Override
        boolean work(Pack pack, Machine machine, List<Finding> complaint, World world) {
            var findings = new ArrayList<>(complaint);
            var left = remedies(pack, world);
            while (!left.isEmpty()) {
                var ranking = Diagnosis.assess(pack, machine, new Evidence(findings, VAN))
                        .ranking();
                var pick = left.stream()
                        .max(Comparator.comparingDouble(remedy -> ranking.stream()
                                .mapToDouble(s -> s.chance() * remedy.cures().getOrDefault(s.fault(), 0.0))
                                .sum()))
                        .orElseThrow();
                left.remove(pick);
                if (world.treat(pick, trip(pick))) {
                    return true;
                }
                findings.add(new RemedyTried(pick.id(), Proved.STILL_FAILING));
            }
            world.refer();
            return false;
        }
    },

    /** Cures in the order of the minutes it takes, whatever the evidence, that which the complaint may come from. */
    CHEAPEST_FIRST {
        @Override
        boolean work(Pack pack, Machine machine, List<Finding> complaint, World world) {
            var order = remedies(pack, world);
            order.removeIf(remedy -> !concerns(pack, remedy, complaint));
            order.sort(Comparator.comparingDouble(remedy -> remedy.minutes() + trip(remedy)));
            for (var remedy : order) {
                if (world.treat(remedy, trip(remedy))) {
                    return true;
                }
            }
            world.refer();
            return false;
        }
    },

    /** Goes through the checks from the outside in, and cures what a check accuses. */
    OUTSIDE_IN {
        @Override
        boolean work(Pack pack, Machine machine, List<Finding> complaint, World world) {
            var checks = new ArrayList<>(pack.checks());
            checks.removeIf(check -> !world.has(check.needs()));
            checks.sort(Comparator.comparingInt(check -> depth(pack, check.layer())));
            for (var check : checks) {
                var accused = check.outcomes()
                        .get(check.outcomeIndex(world.check(check)))
                        .causes();
                for (var remedy : remedies(pack, world)) {
                    boolean aims =
                            remedy.cures().keySet().stream().anyMatch(fault -> accused.getOrDefault(fault, 0.0) >= 0.5);
                    if (aims && world.treat(remedy, trip(remedy))) {
                        return true;
                    }
                }
            }
            world.refer();
            return false;
        }
    };

    private static final int MOST_STEPS = 60;
    private static final double RETURN_TRIP = 50;

    /** Nothing on board: every part is a return trip, for all ways of working alike. */
    private static final Van VAN = new Van(66, RETURN_TRIP, Map.of());

    /**
     * @param complaint what the customer said
     * @return whether the machine was cured and not handed on
     */
    abstract boolean work(Pack pack, Machine machine, List<Finding> complaint, World world);

    private static double trip(Remedy remedy) {
        return remedy.part() == null ? 0 : RETURN_TRIP;
    }

    private static List<Remedy> remedies(Pack pack, World world) {
        var possible = new ArrayList<>(pack.remedies());
        possible.removeIf(remedy -> remedy.cures().keySet().stream()
                .noneMatch(fault -> world.has(pack.fault(fault).needs())));
        return possible;
    }

    private static boolean concerns(Pack pack, Remedy remedy, List<Finding> complaint) {
        return complaint.stream()
                .map(SignSettled.class::cast)
                .anyMatch(settled -> remedy.cures().keySet().stream()
                        .anyMatch(pack.sign(settled.sign()).causes()::containsKey));
    }

    private static int depth(Pack pack, String layer) {
        int depth = 0;
        for (var at = layer; at != null; depth++) {
            var id = at;
            at = pack.layers().stream()
                    .filter(l -> l.id().equals(id))
                    .findFirst()
                    .orElseThrow()
                    .within();
        }
        return depth;
    }
}
