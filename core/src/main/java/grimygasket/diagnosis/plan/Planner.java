package grimygasket.diagnosis.plan;

import grimygasket.diagnosis.belief.Access;
import grimygasket.diagnosis.belief.Belief;
import grimygasket.diagnosis.belief.Causes;
import grimygasket.diagnosis.belief.Network;
import grimygasket.diagnosis.belief.NoisyOr;
import grimygasket.diagnosis.plan.Step.Kind;
import grimygasket.diagnosis.plan.Step.PartNeed;
import grimygasket.diagnosis.plan.Step.Prospect;
import grimygasket.diagnosis.plan.Step.Reach;
import grimygasket.diagnosis.story.Quarantine;
import grimygasket.diagnosis.story.Story;
import grimygasket.diagnosis.story.Van;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Fact;
import grimygasket.pack.evidence.Outcome;
import grimygasket.pack.evidence.Symptom;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.machine.Power;
import grimygasket.pack.work.Remedy;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.IntFunction;
import org.jspecify.annotations.Nullable;

/**
 * Finds the step with the least expected cost to a proved cure: looks one step ahead over every question, check and
 * remedy, and values what comes after it by {@link CureOrder}.
 */
public final class Planner {
    /**
     * Minutes to put the tool down for a question or a check that is not on the way to the cure, and to take the work up again: estimate.
     */
    public static final double INTERRUPTION = 2;

    /** So many minutes dearer than the best, a check is still weighed by what its reading would bring. */
    private static final double NEAR = 3;

    /** After an answer less likely than this, things are taken to go on as if nothing had been asked. */
    private static final double LEAST_CHANCE = 1e-3;

    /** An answer at least this likely counts when it is asked whether answers lead to different steps. */
    private static final double LIKELY = 0.01;

    /** So many of the questions that look best now are weighed for the time after a failed cure. */
    private static final int PROMISING = 6;

    private final Network network;
    private final Belief exact;
    private final Belief now;
    private final Van van;
    private final Access access;
    private final Prerequisites before;
    private final CureOrder order;
    private final Story story;
    private final List<Remedy> remedies;
    private final Situation situation;

    /** What would be done first if nothing more were learnt. */
    private FirstWork firstNow;

    /** Ids of the looks that this needs anyway: they are on the way. */
    private Set<String> needed = Set.of();

    /** Proof id to how likely the complaints that it is about show, by the sets that are planned with. */
    private final Map<String, Optional<double[]>> persistence = new HashMap<>();

    public Planner(Network network, Belief now, Story story, Van van) {
        this.network = network;
        this.exact = now;
        this.now = now.thinned();
        this.van = van;
        this.story = story;
        access = network.access;
        before = new Prerequisites(
                network, network.checks.stream().filter(this::canBeMade).toList());
        situation = new Situation(story.open(), network.mask(story.cleared()), before.looks(story.looked()));
        remedies = network.remedies.stream()
                .filter(remedy -> !story.tried().contains(remedy.id()))
                .toList();
        order = new CureOrder(network, before, van, remedies, this.now, situation);
    }

    /**
     * What would be done first; what something has to come before is not the same as what can be done.
     *
     * @param remedy its id; null for handing on
     * @param heldBack whether something has to come before it
     */
    private record FirstWork(@Nullable String remedy, boolean heldBack) {}

    /**
     * A step with what it costs to take it first, in minutes with and without the price of parts.
     *
     * @param itself minutes of the step alone, with what it opens and interrupts
     * @param question how the same question or check would be weighed elsewhere; null for one that acts
     * @param decides whether one of its answers leads to another step than would be taken now; one whose answers do not is
     *     beside the point
     */
    private record Option(Step step, double itself, double cost, Function<Standing, Option> question, boolean decides) {
        Option costing(double other) {
            return new Option(step, itself, other, question, decides);
        }
    }

    /**
     * What is believed and done at some time.
     *
     * @param without a remedy that is not to be used again; null for none
     * @param value of going on by remedies alone
     */
    private record Standing(Belief belief, Situation situation, Remedy without, CureOrder.Value value) {}

    public Plan plan() {
        if (story.isCured()) {
            return Plan.DONE;
        }
        var alarm = story.alarm();
        if (alarm != null) {
            return stop(alarm);
        }
        if (story.quarantine().holds()) {
            return quarantined(story.quarantine());
        }
        var atOnce = order.from(now, situation, null);
        firstNow = firstWork(atOnce, situation);
        needed = atOnce.legs().isEmpty()
                ? Set.of()
                : before.needed(atOnce.legs().get(0).remedy(), situation);
        var milestones = atOnce.legs().stream()
                .map(leg -> new Plan.Milestone(leg.remedy().id(), leg.minutes(), leg.cured()))
                .toList();
        var heldBack = remedies.stream()
                .map(remedy -> new Plan.HeldBack(remedy.id(), openCauses(remedy)))
                .filter(held -> !held.causes().isEmpty())
                .toList();
        if (story.toProve() != null) {
            var proof = proof(network.pack.remedy(story.toProve()));
            return new Plan(proof, List.of(), proof.expectedMinutes(), milestones, heldBack);
        }
        var options = new ArrayList<Option>();
        var here = new Standing(now, situation, null, atOnce);
        if (!story.isAlarming()) {
            questions().forEach(question -> options.add(ask(question, here)));
        }
        network.facts.stream()
                .filter(fact -> !story.settled().contains(fact.id()))
                .forEach(fact -> options.add(learn(fact, here)));
        network.checks.stream().filter(this::canBeMade).forEach(check -> options.add(check(check, here)));
        remedies.stream()
                .filter(r -> openCauses(r).isEmpty())
                .forEach(r -> options.add(r.id().equals(firstNow.remedy) ? first(r, atOnce) : remedy(r)));
        options.add(refer());
        double best = options.stream().mapToDouble(Option::cost).min().orElseThrow();
        options.replaceAll(option -> orMeasured(option, best, atOnce));
        options.sort(Ties.ascending(Option::cost));
        var first = first(options, atOnce);
        options.removeIf(option -> option.step.equals(first.step));
        options.replaceAll(option -> beside(option, first));
        options.sort(Ties.ascending(Option::cost));
        options.add(0, first);

        var steps = rated(options, atOnce);
        return new Plan(
                steps.get(0), steps.subList(1, steps.size()), steps.get(0).expectedMinutes(), milestones, heldBack);
    }

    /**
     * The step to take. What is beside the point is never it, nor a question that saves nothing against going straight for the cure
     * and asking then, should that fail.
     *
     * @param options by their cost, ascending
     */
    private Option first(List<Option> options, CureOrder.Value atOnce) {
        var ready = options.stream().filter(option -> !waits(option.step)).toList();
        // While the order's first remedy waits for a look, the call is not handed on.
        var straight = ready.stream()
                .filter(option -> switch (option.step.kind()) {
                    case REMEDY -> true;
                    case CHECK -> needed.contains(option.step.id());
                    case REFER -> needed.isEmpty();
                    case ASK, FACT, PROVE, STOP -> false;
                })
                .findFirst()
                .orElseGet(this::refer);
        double acting = Math.min(straight.cost, atOnce.cost());
        if (!atOnce.legs().isEmpty()) {
            acting = Math.min(acting, curingThenAsking(atOnce.legs().get(0).remedy(), ready));
        }
        double most = acting;
        return ready.stream()
                .filter(option -> option.decides && Ties.isLess(option.cost, most))
                .findFirst()
                .orElse(straight.costing(most));
    }

    /**
     * Another option, at what it costs instead of the step to take. A question beside the point costs itself, and then that step: no
     * answer changes it. What waits for a look costs that look, too; and as the look may show that it is not needed, it is never the
     * better way.
     */
    private Option beside(Option other, Option first) {
        if (waits(other.step)) {
            return other.costing(
                    Math.max(first.cost, other.cost + before.minutes(0, lookedFor(other.step), situation)));
        }
        return other.question == null || other.decides
                ? other
                : other.costing(Math.max(other.cost, other.itself + first.cost));
    }

    /**
     * What it costs to go straight for a remedy, and where that fails to go on by remedies alone, or by the best of the
     * questions that look promising now: one look further than other steps, as asking after a failure is seldom dearer than
     * before it.
     */
    private double curingThenAsking(Remedy remedy, List<Option> options) {
        double failing = 1 - now.chanceCured(remedy);
        var after = stillFailing(remedy);
        var then = done(remedy);
        var standing = new Standing(after, then, remedy, order.from(after, then, remedy));
        double rest = options.stream()
                .filter(option -> option.question != null)
                .limit(PROMISING)
                .mapToDouble(option -> option.question.apply(standing).cost)
                .reduce(standing.value.cost(), Math::min);
        return order.costToTry(now, situation, remedy) + failing * rest;
    }

    private Situation done(Remedy remedy) {
        return new Situation(
                access.after(network.pack.proof(remedy.proof()), situation.open() | access.chain(remedy.layer())),
                situation.settled() | network.mask(Causes.cured(remedy)),
                situation.looked() | before.looks(remedy.after()));
    }

    /** What to do at once, and nothing else before it is confirmed. */
    private Plan stop(Symptom alarm) {
        var caution = network.pack.caution(alarm.alarm().caution());
        var step = Step.plain(Kind.STOP, caution.id(), caution.title(), 0, Reach.NOTHING, 0, List.of())
                .compared(0, List.of(StepReason.of(StepReason.Kind.DANGER, alarm.name())));
        return new Plan(step, List.of(), 0, List.of(), List.of());
    }

    /**
     * What is done while the machine is to have no power: what a look has shown is cured, without proof; and the looks that
     * clear it are made, in their order. Else it is handed on. Nothing of it goes by chance.
     */
    private Plan quarantined(Quarantine quarantine) {
        var here = new Standing(now, situation, null, order.from(now, situation, null));
        var options = new ArrayList<Option>();
        if (!quarantine.forGood()) {
            remedies.stream()
                    .filter(remedy -> remedy.power() != Power.LIVE)
                    .filter(remedy -> Causes.cured(remedy).stream().anyMatch(quarantine.shown()::contains))
                    .filter(remedy -> openCauses(remedy).isEmpty())
                    .forEach(remedy -> options.add(remedy(remedy)));
            options.sort(Ties.ascending(Option::cost));
            if (options.isEmpty() && quarantine.shown().isEmpty()) {
                network.checks.stream()
                        .filter(check -> quarantine.looks().contains(check.id()) && van.allows(check))
                        .sorted(Comparator.comparingInt(
                                check -> quarantine.looks().indexOf(check.id())))
                        .forEach(check -> options.add(check(check, here)));
            }
        }
        var kind = quarantine.forGood()
                ? StepReason.Kind.NOT_OURS
                : options.isEmpty() && quarantine.shown().isEmpty()
                        ? StepReason.Kind.NOT_QUALIFIED
                        : StepReason.Kind.NO_POWER;
        var why = StepReason.of(kind, quarantine.open().get(0).name());
        options.add(refer());
        double first = options.get(0).cost;
        var steps = new ArrayList<Step>();
        for (var option : options) {
            steps.add(
                    option.step.compared(Math.max(0, option.cost - first), steps.isEmpty() ? List.of(why) : List.of()));
        }
        return new Plan(
                steps.get(0), steps.subList(1, steps.size()), steps.get(0).expectedMinutes(), List.of(), List.of());
    }

    /** The open symptoms. Those of which only one can be are asked together. */
    private List<List<Symptom>> questions() {
        var byQuestion = new LinkedHashMap<String, List<Symptom>>();
        for (var symptom : network.symptoms) {
            if (!story.settled().contains(symptom.id())) {
                var question = network.pack.exclusive(symptom.id());
                byQuestion
                        .computeIfAbsent(question == null ? symptom.id() : question.id(), id -> new ArrayList<>())
                        .add(symptom);
            }
        }
        return List.copyOf(byQuestion.values());
    }

    private boolean canBeMade(Check check) {
        return !story.settled().contains(check.id()) && van.allows(check);
    }

    /** Whether a look has to come before a step: it can be chosen, and is not advised. */
    private boolean waits(Step step) {
        return (lookedFor(step) & ~situation.looked()) != 0;
    }

    /** The looks that have to come before a step, as bits. */
    private long lookedFor(Step step) {
        return before.looks(
                switch (step.kind()) {
                    case CHECK -> network.pack.check(step.id()).after();
                    case REMEDY -> network.pack.remedy(step.id()).after();
                    case ASK, FACT, PROVE, REFER, STOP -> List.<String>of();
                });
    }

    /** Ids of the faults that have to be cleared or cured before a remedy. */
    private List<String> openCauses(Remedy remedy) {
        long open = before.causes(remedy) & ~situation.settled();
        var causes = new ArrayList<String>();
        for (; open != 0; open &= open - 1) {
            causes.add(network.faults.get(Long.numberOfTrailingZeros(open)).id());
        }
        return causes;
    }

    /** The steps with what each costs more than the best, and the best with its reasons. */
    private List<Step> rated(List<Option> options, CureOrder.Value atOnce) {
        var best = options.get(0);
        var others = options.subList(1, options.size());
        var waiting = best.step.kind() == Kind.CHECK && needed.contains(best.step.id())
                ? atOnce.legs().get(0).remedy().name()
                : null;
        var reasons = new Reasons(network, exact, story)
                .of(
                        best.step,
                        waiting,
                        best.decides,
                        dearer(others, best),
                        dearer(others.stream().filter(o -> o.question != null).toList(), best));
        return options.stream()
                .map(option -> option.step.compared(option.cost - best.cost, option == best ? reasons : List.of()))
                .toList();
    }

    /** How much dearer than one the cheapest of some others is; nothing where there are none. */
    private static double dearer(List<Option> others, Option than) {
        return others.isEmpty() ? 0 : others.get(0).cost - than.cost;
    }

    private Option ask(List<Symptom> symptoms, Standing at) {
        var branches = new Branches(at);
        if (symptoms.size() == 1) {
            var symptom = symptoms.get(0);
            branches.add(
                    new NoisyOr[] {network.symptom(symptom.id())},
                    List.of("yes", "no"),
                    List.of("Yes", "No"),
                    all(at.situation));
            return option(
                    Kind.ASK,
                    symptom.id(),
                    symptom.ask(),
                    symptom.minutes(),
                    Access.CLOSED,
                    branches,
                    then -> ask(symptoms, then));
        }
        var question = network.pack.exclusive(symptoms.get(0).id());
        var ids = new ArrayList<>(symptoms.stream().map(Symptom::id).toList());
        var names = new ArrayList<>(symptoms.stream().map(Symptom::name).toList());
        ids.add("none");
        names.add("None of these");
        var models =
                symptoms.stream().map(symptom -> network.symptom(symptom.id())).toArray(NoisyOr[]::new);
        branches.add(models, ids, names, all(at.situation));
        double minutes = symptoms.stream().mapToDouble(Symptom::minutes).max().orElseThrow();
        return option(
                Kind.ASK, question.id(), question.ask(), minutes, Access.CLOSED, branches, then -> ask(symptoms, then));
    }

    private static IntFunction<Situation> all(Situation same) {
        return outcome -> same;
    }

    private Option learn(Fact fact, Standing at) {
        var branches = new Branches(at);
        var likelihoods = network.fact(fact.id()).likelihoods(at.belief.sets);
        for (int c = 0; c < likelihoods.length; c++) {
            var choice = fact.choices().get(c);
            branches.add(
                    choice.id(),
                    choice.name(),
                    at.belief.chance(likelihoods[c]),
                    at.belief.given(likelihoods[c]),
                    at.situation);
        }
        return option(
                Kind.FACT, fact.id(), fact.ask(), fact.minutes(), Access.CLOSED, branches, then -> learn(fact, then));
    }

    private Option check(Check check, Standing at) {
        var branches = new Branches(at);
        branches.add(
                network.check(check.id()),
                check.outcomes().stream().map(Outcome::id).toList(),
                check.outcomes().stream().map(Outcome::name).toList(),
                o -> before.after(at.situation, check, o));
        return option(
                Kind.CHECK,
                check.id(),
                check.name(),
                check.minutes(),
                access.chain(check.layer()),
                branches,
                then -> check(check, then));
    }

    /**
     * A check as it is by eye, but worth what a reading would bring, where that is more. Only those that come near the best
     * are weighed so: a reading seldom saves more than a few minutes over the same check by eye.
     */
    private Option orMeasured(Option byEye, double best, CureOrder.Value atOnce) {
        if (byEye.step.kind() != Kind.CHECK || !van.instruments() || byEye.cost > best + NEAR) {
            return byEye;
        }
        var check = network.pack.check(byEye.step.id());
        if (check.measure() == null) {
            return byEye;
        }
        double cost = 0;
        double minutes = 0;
        var classes = network.reading(check).classes(now.sets);
        for (int c = 0; c < classes.length; c++) {
            double chance = now.chance(classes[c]);
            int outcome = c == classes.length - 1 ? check.outcomes().size() - 1 : 0;
            var value = chance < LEAST_CHANCE
                    ? atOnce
                    : order.from(now.given(classes[c]), before.after(situation, check, outcome), null);
            cost += chance * value.cost();
            minutes += chance * value.minutes();
        }
        double itself = byEye.step.minutes() + byEye.step.reach().minutes() + interruption(check.id());
        return Ties.isLess(itself + cost, byEye.cost)
                ? new Option(byEye.step.expecting(itself + minutes), itself, itself + cost, byEye.question, true)
                : byEye;
    }

    private Option option(
            Kind kind,
            String id,
            String name,
            double minutes,
            long chain,
            Branches branches,
            Function<Standing, Option> question) {
        var reach = reach(chain, branches.at.situation);
        double itself = minutes + reach.minutes() + interruption(id);
        var step = Step.plain(kind, id, name, minutes, reach, itself + branches.minutes, branches.prospects);
        branches.first.remove(firstNow);
        return new Option(step, itself, itself + branches.cost, question, !branches.first.isEmpty());
    }

    /** Minutes that it takes to turn to a question or check, and back. */
    private double interruption(String id) {
        return needed.contains(id) ? 0 : INTERRUPTION;
    }

    /** What follows each answer of a step, weighed by its chance. */
    private final class Branches {
        private final Standing at;
        private final List<Prospect> prospects = new ArrayList<>();

        /** What would be done first after the likelier answers. */
        private final Set<FirstWork> first = new HashSet<>();

        private double cost;
        private double minutes;

        Branches(Standing at) {
            this.at = at;
        }

        /** Outcomes in order of precedence: each is seen when none before it is, the last when no other is. */
        void add(NoisyOr[] outcomes, List<String> ids, List<String> names, IntFunction<Situation> then) {
            double left = 1;
            var belief = at.belief;
            for (int o = 0; o < ids.size(); o++) {
                if (o == outcomes.length) {
                    add(ids.get(o), names.get(o), left, belief, then.apply(o));
                } else {
                    // The chance of an outcome is that among the machines that showed none before it.
                    var seen = outcomes[o].likelihood(at.belief.sets, true);
                    double chance = left * belief.chance(seen);
                    add(ids.get(o), names.get(o), chance, belief.given(seen), then.apply(o));
                    belief = belief.given(outcomes[o].likelihood(at.belief.sets, false));
                    left -= chance;
                }
            }
        }

        void add(String id, String name, double chance, Belief after, Situation then) {
            var value = chance < LEAST_CHANCE ? at.value : order.from(after, then, at.without);
            cost += chance * value.cost();
            minutes += chance * value.minutes();
            if (chance >= LIKELY) {
                first.add(firstWork(value, then));
            }
            prospects.add(prospect(id, name, chance, after));
        }
    }

    private FirstWork firstWork(CureOrder.Value value, Situation then) {
        if (value.legs().isEmpty()) {
            return new FirstWork(null, false);
        }
        var remedy = value.legs().get(0).remedy();
        return new FirstWork(remedy.id(), order.isHeldBack(remedy, then));
    }

    /**
     * The order's first remedy, at most at the order's cost: what the order values pays, and must not look dearer than handing on or
     * than the same remedy after a question that tells nothing.
     */
    private Option first(Remedy remedy, CureOrder.Value order) {
        var option = remedy(remedy);
        return Ties.isLess(order.cost(), option.cost)
                ? new Option(option.step.expecting(order.minutes()), option.itself, order.cost(), null, true)
                : option;
    }

    private Option remedy(Remedy remedy) {
        var reach = reach(access.chain(remedy.layer()), situation);
        double failing = 1 - now.chanceCured(remedy);
        var after = stillFailing(remedy);
        var value = order.from(after, done(remedy), remedy);
        var step = new Step(
                Kind.REMEDY,
                remedy.id(),
                van.allows(remedy) ? remedy.name() : "Hand on: " + lowerFirst(remedy.name()),
                remedy.minutes(),
                reach,
                remedy.parts().stream()
                        .map(part -> new PartNeed(part, van.carries(network.pack.part(part))))
                        .toList(),
                van.waiting(network.pack, remedy),
                reach.minutes() + order.minutes(remedy) + failing * value.minutes(),
                0,
                List.of(prospect("still-failing", "Still fails", failing, after)),
                List.of());
        double itself = reach.minutes() + order.cost(now, remedy);
        return new Option(step, itself, itself + failing * value.cost(), null, true);
    }

    private static String lowerFirst(String name) {
        return Character.toLowerCase(name.charAt(0)) + name.substring(1);
    }

    private Belief stillFailing(Remedy remedy) {
        return now.givenStillFailing(
                remedy,
                persistence
                        .computeIfAbsent(
                                remedy.proof(),
                                proof -> Optional.ofNullable(
                                        network.persistence(story.complaints(), proof, true, now.sets)))
                        .orElse(null));
    }

    private Step proof(Remedy remedy) {
        var proof = network.pack.proof(remedy.proof());
        double failing = 1 - now.chanceCured(remedy);
        var after = stillFailing(remedy);
        double rest = failing * order.from(after, situation, remedy).minutes();
        return Step.plain(
                        Kind.PROVE,
                        proof.id(),
                        proof.name(),
                        proof.minutes(),
                        Reach.NOTHING,
                        proof.minutes() + rest,
                        List.of(prospect("still-failing", "Still fails", failing, after)))
                .compared(0, List.of(StepReason.of(StepReason.Kind.RUN_SHOWS)));
    }

    private Option refer() {
        double minutes = network.pack.referMinutes();
        return new Option(
                Step.plain(Kind.REFER, "refer", "Hand the call on", minutes, Reach.NOTHING, minutes, List.of()),
                minutes,
                order.referCost(now),
                null,
                true);
    }

    private Reach reach(long chain, Situation at) {
        return new Reach(
                access.closed(chain, at.open()).stream().map(Layer::name).toList(), access.minutes(chain, at.open()));
    }

    private Prospect prospect(String outcome, String name, double chance, Belief after) {
        var chances = after.marginals();
        int leader = 0;
        for (int f = 1; f < chances.length; f++) {
            if (Ties.isLess(chances[leader], chances[f])) {
                leader = f;
            }
        }
        return chances.length == 0 || after.none() > chances[leader]
                ? new Prospect(outcome, name, chance, null, after.none())
                : new Prospect(outcome, name, chance, network.faults.get(leader).id(), chances[leader]);
    }
}
