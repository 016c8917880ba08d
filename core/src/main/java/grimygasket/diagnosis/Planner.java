package grimygasket.diagnosis;

import grimygasket.diagnosis.Finding.Checked;
import grimygasket.diagnosis.Finding.FactKnown;
import grimygasket.diagnosis.Finding.Proved;
import grimygasket.diagnosis.Finding.RemedyTried;
import grimygasket.diagnosis.Finding.SignSettled;
import grimygasket.diagnosis.Step.Kind;
import grimygasket.diagnosis.Step.PartNeed;
import grimygasket.diagnosis.Step.Prospect;
import grimygasket.diagnosis.Step.Reach;
import grimygasket.pack.Check;
import grimygasket.pack.Fact;
import grimygasket.pack.Layer;
import grimygasket.pack.Outcome;
import grimygasket.pack.Remedy;
import grimygasket.pack.Sign;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Finds the step with the least expected cost to a proved cure: looks one step ahead over every question, check and
 * remedy, and values what comes after it by {@link CureOrder}.
 */
final class Planner {
    /** So many minutes dearer than the best, a check is still weighed by what its reading would bring. */
    private static final double NEAR = 3;

    /** A class of readings less likely than this is not reckoned with. */
    private static final double LEAST_CHANCE = 1e-4;

    private final Network network;
    private final Belief exact;
    private final Belief now;
    private final Van van;
    private final Access access;
    private final CureOrder order;
    private final List<Remedy> remedies;

    /** Signs settled and checks made since the last remedy: asking again would tell nothing new. */
    private final Set<String> settled = new HashSet<>();

    private final Set<String> known = new HashSet<>();

    private final long open;
    private final RemedyTried lastTried;

    Planner(Network network, Belief now, Evidence evidence) {
        this.network = network;
        this.exact = now;
        this.now = now.thinned();
        this.van = evidence.van();
        this.access = new Access(network.pack);
        var tried = new HashSet<String>();
        long opened = Access.CLOSED;
        RemedyTried last = null;
        for (var finding : evidence.findings()) {
            if (finding instanceof SignSettled sign) {
                settled.add(sign.sign());
            } else if (finding instanceof FactKnown fact) {
                known.add(fact.fact());
            } else if (finding instanceof Checked made) {
                opened |= settle(network.pack.check(made.check()));
            } else if (finding instanceof RemedyTried remedy) {
                tried.add(remedy.remedy());
                last = remedy;
                opened |= access.chain(network.pack.remedy(remedy.remedy()).layer());
                network.checks.forEach(check -> settled.remove(check.id()));
            }
        }
        this.open = opened;
        this.lastTried = last;
        this.remedies =
                network.remedies.stream().filter(r -> !tried.contains(r.id())).toList();
        this.order = new CureOrder(network, access, van, remedies);
    }

    /** The layers that it took to make a check, which shows what it shows. */
    private long settle(Check check) {
        settled.add(check.id());
        settled.addAll(check.settles());
        return access.chain(check.layer());
    }

    /** A step with what it costs to take it first, in minutes with and without the price of parts. */
    private record Option(Step step, double cost) {}

    Plan plan() {
        if (lastTried != null && lastTried.proved() == Proved.CURED) {
            return Plan.DONE;
        }
        var milestones = order.from(now, open, null).legs().stream()
                .map(leg -> new Plan.Milestone(leg.remedy().id(), leg.minutes(), leg.cured()))
                .toList();
        if (lastTried != null && lastTried.proved() == Proved.PENDING) {
            var proof = proof(network.pack.remedy(lastTried.remedy()));
            return new Plan(proof, List.of(), proof.expectedMinutes(), milestones);
        }
        var options = new ArrayList<Option>();
        network.signs.stream().filter(s -> !settled.contains(s.id())).forEach(s -> options.add(ask(s)));
        network.facts.stream().filter(f -> !known.contains(f.id())).forEach(f -> options.add(learn(f)));
        network.checks.stream()
                .filter(c -> !settled.contains(c.id()))
                .filter(c -> van.instruments() || !c.needsInstrument())
                .forEach(c -> options.add(check(c)));
        remedies.forEach(r -> options.add(remedy(r)));
        options.add(refer());
        double best = options.stream().mapToDouble(Option::cost).min().orElseThrow();
        options.replaceAll(option -> orMeasured(option, best));
        options.sort(Comparator.comparingDouble(Option::cost));

        var steps = rated(options);
        return new Plan(
                steps.get(0), steps.subList(1, steps.size()), steps.get(0).expectedMinutes(), milestones);
    }

    /** The steps with what each costs more than the best, and the best with its reasons. */
    private List<Step> rated(List<Option> options) {
        double least = options.get(0).cost;
        double lead = options.size() > 1 ? options.get(1).cost - least : 0;
        var reasons = new Reasons(network, exact);
        return options.stream()
                .map(option -> reasons.addTo(option.step, option.cost - least, lead))
                .toList();
    }

    private Option ask(Sign sign) {
        var branches = new Branches(open);
        branches.add(new NoisyOr[] {network.sign(sign.id())}, List.of("yes", "no"), List.of("Yes", "No"));
        return option(Kind.ASK, sign.id(), sign.ask(), sign.minutes(), Access.CLOSED, branches);
    }

    private Option learn(Fact fact) {
        var branches = new Branches(open);
        var likelihoods = network.fact(fact.id()).likelihoods(now.sets);
        for (int c = 0; c < likelihoods.length; c++) {
            var choice = fact.choices().get(c);
            branches.add(choice.id(), choice.name(), now.chance(likelihoods[c]), now.given(likelihoods[c]));
        }
        return option(Kind.FACT, fact.id(), fact.ask(), fact.minutes(), Access.CLOSED, branches);
    }

    private Option check(Check check) {
        long chain = access.chain(check.layer());
        var branches = new Branches(open | chain);
        branches.add(
                network.check(check.id()),
                check.outcomes().stream().map(Outcome::id).toList(),
                check.outcomes().stream().map(Outcome::name).toList());
        return option(Kind.CHECK, check.id(), check.name(), check.minutes(), chain, branches);
    }

    /**
     * A check as it is by eye, but worth what a reading would bring, where that is more. Only those that come near the best
     * are weighed so: a reading seldom saves more than a few minutes over the same check by eye.
     */
    private Option orMeasured(Option byEye, double best) {
        if (byEye.step.kind() != Kind.CHECK || !van.instruments() || byEye.cost > best + NEAR) {
            return byEye;
        }
        var check = network.pack.check(byEye.step.id());
        if (check.measure() == null) {
            return byEye;
        }
        long opened = open | access.chain(check.layer());
        double cost = 0;
        double minutes = 0;
        for (var likelihood : network.reading(check).classes(now.sets)) {
            double chance = now.chance(likelihood);
            if (chance > LEAST_CHANCE) {
                var value = order.from(now.given(likelihood), opened, null);
                cost += chance * value.cost();
                minutes += chance * value.minutes();
            }
        }
        double itself = byEye.step.minutes() + byEye.step.reach().minutes();
        return itself + cost < byEye.cost ? new Option(byEye.step.expecting(itself + minutes), itself + cost) : byEye;
    }

    private Option option(Kind kind, String id, String name, double minutes, long chain, Branches branches) {
        var reach = reach(chain);
        double now = minutes + reach.minutes();
        var step = Step.plain(kind, id, name, minutes, reach, now + branches.minutes, branches.prospects);
        return new Option(step, now + branches.cost);
    }

    /** What follows each answer of a step, weighed by its chance. */
    private final class Branches {
        private final long opened;
        private final List<Prospect> prospects = new ArrayList<>();
        private double cost;
        private double minutes;

        Branches(long opened) {
            this.opened = opened;
        }

        /** Outcomes in order of precedence: each is seen when none before it is, the last when no other is. */
        void add(NoisyOr[] outcomes, List<String> ids, List<String> names) {
            double left = 1;
            var belief = now;
            for (int o = 0; o < ids.size(); o++) {
                boolean last = o == outcomes.length;
                if (last) {
                    add(ids.get(o), names.get(o), left, belief);
                } else {
                    var seen = outcomes[o].likelihood(now.sets, true);
                    double chance = left * belief.chance(seen);
                    add(ids.get(o), names.get(o), chance, belief.given(seen));
                    belief = belief.given(outcomes[o].likelihood(now.sets, false));
                    left -= chance;
                }
            }
        }

        void add(String id, String name, double chance, Belief after) {
            var value = order.from(after, opened, null);
            cost += chance * value.cost();
            minutes += chance * value.minutes();
            prospects.add(prospect(id, name, chance, after));
        }
    }

    private Option remedy(Remedy remedy) {
        long chain = access.chain(remedy.layer());
        var reach = reach(chain);
        double failing = 1 - now.chanceCured(remedy);
        var after = now.givenStillFailing(remedy);
        var value = order.from(after, open | chain, remedy);
        var step = new Step(
                Kind.REMEDY,
                remedy.id(),
                remedy.name(),
                remedy.minutes(),
                reach,
                remedy.parts().stream()
                        .map(part -> new PartNeed(part, van.carries(part)))
                        .toList(),
                van.waitMinutes(remedy),
                reach.minutes() + order.minutes(remedy) + failing * value.minutes(),
                0,
                List.of(prospect("still-failing", "Still fails", failing, after)),
                List.of());
        return new Option(step, reach.minutes() + order.cost(remedy) + failing * value.cost());
    }

    private Step proof(Remedy remedy) {
        var proof = network.pack.proof(remedy.proof());
        double failing = 1 - now.chanceCured(remedy);
        var after = now.givenStillFailing(remedy);
        double rest = failing * order.from(after, open, remedy).minutes();
        return Step.plain(
                        Kind.PROVE,
                        proof.id(),
                        proof.name(),
                        proof.minutes(),
                        Reach.NOTHING,
                        proof.minutes() + rest,
                        List.of(prospect("still-failing", "Still fails", failing, after)))
                .compared(0, List.of("Only a run shows whether it is cured."));
    }

    private Option refer() {
        double minutes = network.pack.referMinutes();
        return new Option(
                Step.plain(Kind.REFER, "refer", "Hand the call on", minutes, Reach.NOTHING, minutes, List.of()),
                minutes);
    }

    private Reach reach(long chain) {
        return new Reach(access.closed(chain, open).stream().map(Layer::name).toList(), access.minutes(chain, open));
    }

    private Prospect prospect(String outcome, String name, double chance, Belief after) {
        var chances = after.marginals();
        int leader = 0;
        for (int f = 1; f < chances.length; f++) {
            if (chances[f] > chances[leader]) {
                leader = f;
            }
        }
        return chances.length == 0 || after.none() > chances[leader]
                ? new Prospect(outcome, name, chance, null, after.none())
                : new Prospect(outcome, name, chance, network.faults.get(leader).id(), chances[leader]);
    }
}
