package grimygasket.diagnosis;

import grimygasket.diagnosis.Assessment.Cause;
import grimygasket.diagnosis.Assessment.Danger;
import grimygasket.diagnosis.Assessment.Misfit;
import grimygasket.diagnosis.Assessment.PathState;
import grimygasket.diagnosis.Assessment.StationState;
import grimygasket.diagnosis.Assessment.Suspect;
import grimygasket.diagnosis.Assessment.Weight;
import grimygasket.diagnosis.belief.Belief;
import grimygasket.diagnosis.belief.Complaints;
import grimygasket.diagnosis.belief.FaultSets;
import grimygasket.diagnosis.belief.Finding.FactKnown;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.belief.Network;
import grimygasket.diagnosis.belief.Networks;
import grimygasket.diagnosis.plan.Planner;
import grimygasket.diagnosis.plan.Ties;
import grimygasket.diagnosis.story.Evidence;
import grimygasket.diagnosis.story.Story;
import grimygasket.pack.Pack;
import grimygasket.pack.work.Remedy;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;

/** The judgement: from evidence to causes and the next step. */
public final class Diagnosis {
    /** A station is cleared when evidence has cut its odds to a quarter or less ... */
    private static final double CLEARED_DECIBANS = -6;

    /** Below this the first three members of the series of log(1 + x) are right to the last bit. */
    private static final double SMALL = 1e-5;

    private static final double LN_10 = Math.log(10);

    /** ... and little chance remains. */
    private static final double CLEARED_CHANCE = 0.05;

    /** A cause less likely than this is not named as what brought a fault about. */
    private static final double FAR_FETCHED = 0.05;

    private final Network network;
    private final Evidence evidence;

    /** Indices of the findings in the order in which they are weighed: facts first, as they speak of the time before. */
    private final int[] order;

    /** Those since the machine was last changed. */
    private Complaints complaints;

    /** By place in the order, but for what a complaint says as one; null for one that says nothing in this way. */
    private final List<double[]> likelihoods = new ArrayList<>();

    /** The prior, then the belief after each finding in the order. */
    private final List<Belief> beliefs = new ArrayList<>();

    private Diagnosis(Network network, Evidence evidence) {
        this.network = network;
        this.evidence = evidence;
        var findings = evidence.findings();
        order = IntStream.range(0, findings.size())
                .boxed()
                .sorted(Comparator.comparing(i -> !(findings.get(i) instanceof FactKnown)))
                .mapToInt(Integer::intValue)
                .toArray();
        var superseded = Story.superseded(findings);
        complaints = new Complaints(network);
        beliefs.add(Belief.prior(network));
        for (int i : order) {
            likelihoods.add(superseded[i] ? null : network.likelihood(findings.get(i)));
            var belief = after(now(), i, likelihoods.get(likelihoods.size() - 1));
            if (findings.get(i) instanceof SymptomSettled settled && settled.isComplaint() && !superseded[i]) {
                belief = belief.given(complaints.tell(i, settled.symptom()));
            } else if (findings.get(i).changesTheMachine()) {
                complaints = new Complaints(network);
            }
            beliefs.add(belief);
        }
    }

    /**
     * Judges a machine by the evidence. Pure: the same arguments always give the same assessment.
     *
     * @throws IllegalArgumentException if the evidence names something that the pack does not have
     */
    public static Assessment assess(Pack pack, Machine machine, Evidence evidence) {
        return assess(pack, machine, evidence, FaultSets.MOST_AT_ONCE);
    }

    static Assessment assess(Pack pack, Machine machine, Evidence evidence, int mostAtOnce) {
        return new Diagnosis(Networks.of(pack, machine, mostAtOnce), evidence).assessment();
    }

    private Assessment assessment() {
        var plan = new Planner(network, now(), new Story(network, evidence), evidence.van()).plan();
        var ranking = ranking();
        return new Assessment(
                ranking,
                now().none(),
                paths(),
                plan,
                misfits(),
                Turns.of(plan, ranking, now().none()),
                dangers(),
                Belief.massCutOff(network));
    }

    private Belief now() {
        return beliefs.get(beliefs.size() - 1);
    }

    private Belief after(Belief belief, int finding, double[] likelihood) {
        if (evidence.findings().get(finding) instanceof RemedyTried tried) {
            var remedy = network.pack.remedy(tried.remedy());
            return switch (tried.proved()) {
                case PENDING -> belief;
                case CURED -> belief.givenCured(remedy);
                case PARTLY -> belief.givenPartly(remedy, persistence(finding, remedy, false));
                case KEPT_UP -> belief.givenKeptUp(remedy);
                case STILL_FAILING -> belief.givenStillFailing(remedy, persistence(finding, remedy, true));
            };
        }
        return likelihood == null ? belief : belief.given(likelihood);
    }

    /** How likely the complaints made before a remedy show; see {@link Network#persistence}. */
    private double[] persistence(int finding, Remedy remedy, boolean about) {
        var before = Story.complaints(evidence.findings(), finding);
        return network.persistence(before, remedy.proof(), about, network.sets);
    }

    private List<Suspect> ranking() {
        var chances = beliefs.stream().map(Belief::marginals).toList();
        var ranking = new ArrayList<Suspect>();
        for (int f = 0; f < network.faults.size(); f++) {
            var why = new ArrayList<Weight>();
            for (int i = 0; i < order.length; i++) {
                why.add(new Weight(order[i], decibans(chances.get(i)[f], chances.get(i + 1)[f])));
            }
            why.sort(Comparator.comparingInt(Weight::finding));
            ranking.add(new Suspect(
                    network.faults.get(f).id(), now().marginals()[f], chances.get(0)[f], List.copyOf(why), because(f)));
        }
        ranking.sort(Ties.descending(Suspect::chance));
        return List.copyOf(ranking);
    }

    /** What may have brought a fault about, where that is not far-fetched. */
    private List<Cause> because(int fault) {
        double chance = now().marginals()[fault];
        return network.faults.get(fault).broughtBy().keySet().stream()
                .map(network::indexOf)
                .filter(Objects::nonNull)
                .map(cause -> new Cause(network.faults.get(cause).id(), now().both(fault, cause) / chance))
                .filter(cause -> cause.chance() >= FAR_FETCHED)
                .sorted(Ties.descending(Cause::chance))
                .toList();
    }

    private List<PathState> paths() {
        return network.pack.paths().stream()
                .map(path -> new PathState(
                        path.id(),
                        network.stations(path).stream()
                                .map(station -> station(station.id()))
                                .toList()))
                .toList();
    }

    private StationState station(String station) {
        double chance = now().chance(network.setsAt(station));
        boolean cleared = chance < CLEARED_CHANCE && decibans(network.priorAt(station), chance) <= CLEARED_DECIBANS;
        return new StationState(station, chance, cleared);
    }

    /** Among the findings since the last remedy: what was seen before it may rightly differ from what is seen after. */
    private List<Misfit> misfits() {
        int from = 0;
        for (int i = 0; i < order.length; i++) {
            var finding = evidence.findings().get(order[i]);
            if (finding.changesTheMachine() || finding instanceof FactKnown) {
                from = i + 1;
            }
        }
        return Conflict.among(
                beliefs.get(from),
                likelihoods.subList(from, order.length),
                complaints,
                IntStream.of(order).skip(from).toArray());
    }

    private List<Danger> dangers() {
        var dangers = new ArrayList<Danger>();
        for (int f = 0; f < network.faults.size(); f++) {
            var fault = network.faults.get(f);
            if (fault.danger() != null) {
                dangers.add(new Danger(fault.id(), fault.danger(), now().marginals()[f]));
            }
        }
        return List.copyOf(dangers);
    }

    /**
     * Ten times the decimal logarithm of the ratio of the odds. A small change is taken by the series of log(1 + x): the
     * difference of two logarithms would leave last bits that server and device do not have alike.
     */
    private static double decibans(double before, double after) {
        double from = heldOff(before);
        double to = heldOff(after);
        double x = (to - from) / (from * (1 - to));
        return 10 * (Math.abs(x) < SMALL ? x * (1 - x / 2 + x * x / 3) / LN_10 : Math.log10(1 + x));
    }

    /** Held off certainty, so that what numbers can no longer tell from 0 or 1 stays finite. */
    private static double heldOff(double chance) {
        return Math.min(Math.max(chance, 1e-12), 1 - 1e-12);
    }
}
