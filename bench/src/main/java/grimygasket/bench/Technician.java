package grimygasket.bench;

import grimygasket.diagnosis.Assessment;
import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.CheckMade;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.story.Evidence;
import grimygasket.diagnosis.story.Van;
import grimygasket.pack.Pack;
import grimygasket.pack.work.Caution;
import grimygasket.pack.work.Competence;
import grimygasket.pack.work.Part;
import grimygasket.pack.work.Remedy;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** A way of working through a call. */
enum Technician {
    /** Takes the advised step each time, and measures what can be measured. */
    BY_THE_PLAN {
        @Override
        boolean work(Pack pack, Machine machine, List<Finding> complaint, World world) {
            return byThePlan(pack, machine, complaint, world, true);
        }
    },

    /** The same with eye, bucket and watch alone: no meter is on board. */
    WITHOUT_METERS {
        @Override
        boolean work(Pack pack, Machine machine, List<Finding> complaint, World world) {
            return byThePlan(pack, machine, complaint, world, false);
        }
    },

    /** Cures the likeliest fault by the evidence, again and again, without checking. */
    MOST_LIKELY_FIRST {
        @Override
        boolean work(Pack pack, Machine machine, List<Finding> complaint, World world) {
            var findings = new ArrayList<>(complaint);
            var left = remedies(pack, machine);
            var van = van(pack);
            while (!left.isEmpty()) {
                var ranking = judge(pack, machine, findings, van).ranking();
                var pick = left.stream()
                        .max(Comparator.comparingDouble(remedy -> ranking.stream()
                                .mapToDouble(s -> s.chance() * remedy.cures().getOrDefault(s.fault(), 0.0))
                                .sum()))
                        .orElseThrow();
                left.remove(pick);
                var tried = world.treat(pick, van);
                if (tried.proved() == Proved.CURED) {
                    return true;
                }
                findings.add(tried);
            }
            world.refer();
            return false;
        }
    },

    /** Cures in the order of the minutes it takes, whatever the evidence, that which the complaint may come from. */
    CHEAPEST_FIRST {
        @Override
        boolean work(Pack pack, Machine machine, List<Finding> complaint, World world) {
            var van = van(pack);
            var order = remedies(pack, machine);
            order.removeIf(remedy -> !concerns(pack, remedy, complaint));
            order.sort(Comparator.comparingDouble(
                    remedy -> remedy.minutes() + van.waiting(pack, remedy).charged()));
            for (var remedy : order) {
                if (world.treat(remedy, van).proved() == Proved.CURED) {
                    return true;
                }
            }
            world.refer();
            return false;
        }
    },

    /** Cures by chance over cost, never checks, and hands on where the plan does. */
    CHANCE_OVER_COST {
        @Override
        boolean work(Pack pack, Machine machine, List<Finding> complaint, World world) {
            var findings = new ArrayList<>(complaint);
            var van = van(pack);
            for (int i = 0; i < MOST_STEPS; i++) {
                var order = judge(pack, machine, findings, van).plan().order();
                if (order.isEmpty()) {
                    break;
                }
                var tried = world.treat(pack.remedy(order.get(0).remedy()), van);
                if (tried.proved() == Proved.CURED) {
                    return true;
                }
                findings.add(tried);
            }
            world.refer();
            return false;
        }
    },

    /** From the outside in, but only checks about what is likely, curing what they show, and handing on where the plan does. */
    SENSIBLE_OUTSIDE_IN {
        @Override
        boolean work(Pack pack, Machine machine, List<Finding> complaint, World world) {
            var findings = new ArrayList<>(complaint);
            var van = van(pack);
            var left = new ArrayList<>(pack.checks());
            left.removeIf(check -> !machine.meets(check.needs()));
            left.sort(Comparator.comparingInt(check -> depth(pack, check.layer())));
            for (int i = 0; i < MOST_STEPS; i++) {
                var now = judge(pack, machine, findings, van);
                if (now.plan().order().isEmpty()) {
                    break;
                }
                var likely = now.ranking().stream()
                        .filter(suspect -> suspect.chance() >= LIKELY)
                        .map(suspect -> suspect.fault())
                        .toList();
                var sure = now.ranking().get(0).chance() >= SURE;
                var check = left.stream()
                        .filter(one -> one.outcomes().stream()
                                .anyMatch(outcome -> likely.stream().anyMatch(outcome.causes()::containsKey)))
                        .findFirst();
                if (check.isPresent() && !sure) {
                    left.remove(check.get());
                    findings.add(world.check(check.get()));
                    continue;
                }
                var tried = world.treat(pack.remedy(now.plan().order().get(0).remedy()), van);
                if (tried.proved() == Proved.CURED) {
                    return true;
                }
                findings.add(tried);
            }
            world.refer();
            return false;
        }
    },

    /** Goes through the checks from the outside in, and cures what a check accuses, the gentlest way first. */
    OUTSIDE_IN {
        @Override
        boolean work(Pack pack, Machine machine, List<Finding> complaint, World world) {
            var van = van(pack);
            var checks = new ArrayList<>(pack.checks());
            checks.removeIf(check -> !machine.meets(check.needs()));
            checks.sort(Comparator.comparingInt(check -> depth(pack, check.layer())));
            for (var check : checks) {
                CheckMade made = world.check(check);
                var accused =
                        check.outcomes().get(check.outcomeIndex(made.outcome())).causes();
                for (var remedy : remedies(pack, machine)) {
                    boolean aims =
                            remedy.cures().keySet().stream().anyMatch(fault -> accused.getOrDefault(fault, 0.0) >= 0.5);
                    if (aims && world.treat(remedy, van).proved() == Proved.CURED) {
                        return true;
                    }
                }
            }
            world.refer();
            return false;
        }
    };

    private static boolean byThePlan(
            Pack pack, Machine machine, List<Finding> complaint, World world, boolean hasMeters) {
        var findings = new ArrayList<>(complaint);
        var confirmed = new HashSet<String>();
        var parts = van(pack);
        var van = new Van(
                parts.labourPerHour(),
                parts.returnTripMinutes(),
                parts.prices(),
                parts.onBoard(),
                hasMeters,
                parts.competences());
        for (int i = 0; i < MOST_STEPS; i++) {
            var next = Diagnosis.assess(pack, machine, new Evidence(findings, van, confirmed))
                    .plan()
                    .next();
            switch (next.kind()) {
                case ASK -> findings.addAll(world.ask(pack, next));
                case FACT -> findings.add(world.learn(pack.fact(next.id())));
                case CHECK -> {
                    var check = pack.check(next.id());
                    findings.add(hasMeters && check.measure() != null ? world.measure(check) : world.check(check));
                }
                case REMEDY -> {
                    var tried = world.treat(pack.remedy(next.id()), van);
                    if (tried.proved() == Proved.CURED) {
                        return true;
                    }
                    findings.add(tried);
                }
                case STOP -> {
                    world.makeSafe();
                    confirmed.add(next.id());
                }
                case REFER, PROVE -> i = MOST_STEPS;
            }
        }
        world.refer();
        return false;
    }

    private static Assessment judge(Pack pack, Machine machine, List<Finding> findings, Van van) {
        // Whoever works by a habit makes it safe first, and is not stopped.
        var safe = pack.cautions().stream().map(Caution::id).collect(Collectors.toSet());
        return Diagnosis.assess(pack, machine, new Evidence(findings, van, safe));
    }

    private static final double LIKELY = 0.05;
    private static final double SURE = 0.8;
    private static final int MOST_STEPS = 60;
    private static final double LABOUR_PER_HOUR = 66;
    private static final double RETURN_TRIP = 50;

    /**
     * @param complaint what the customer said
     * @return whether the machine was cured and not handed on
     */
    abstract boolean work(Pack pack, Machine machine, List<Finding> complaint, World world);

    /** A van that carries every second part of a pack; the same one for all ways of working. */
    static Van van(Pack pack) {
        var parts = pack.parts().stream().map(Part::id).toList();
        return new Van(
                LABOUR_PER_HOUR,
                RETURN_TRIP,
                Map.of(),
                IntStream.range(0, parts.size())
                        .filter(i -> i % 2 == 0)
                        .mapToObj(parts::get)
                        .collect(Collectors.toSet()),
                true,
                EnumSet.allOf(Competence.class));
    }

    private static List<Remedy> remedies(Pack pack, Machine machine) {
        var faults =
                Draw.possible(pack, machine).stream().map(fault -> fault.id()).toList();
        var possible = new ArrayList<>(pack.remedies());
        possible.removeIf(remedy -> !machine.meets(remedy.needs())
                || remedy.cures().keySet().stream().noneMatch(faults::contains));
        return possible;
    }

    private static boolean concerns(Pack pack, Remedy remedy, List<Finding> complaint) {
        return complaint.stream()
                .map(SymptomSettled.class::cast)
                .anyMatch(settled -> remedy.cures().keySet().stream()
                        .anyMatch(pack.symptom(settled.symptom()).causes()::containsKey));
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
