package grimygasket.diagnosis;

import grimygasket.diagnosis.Assessment.PathState;
import grimygasket.diagnosis.Assessment.StationState;
import grimygasket.diagnosis.Assessment.Suspect;
import grimygasket.diagnosis.Assessment.Weight;
import grimygasket.pack.Pack;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The judgement: from evidence to causes and the next step. */
public final class Diagnosis {
    /** Faults considered at the same time; the prior chance of more is in {@link Assessment#massCutOff()}. */
    public static final int MOST_AT_ONCE = 3;

    /** A station is cleared when evidence has cut its odds to a quarter or less ... */
    private static final double CLEARED_DECIBANS = -6;

    /** ... and little chance remains. */
    private static final double CLEARED_CHANCE = 0.05;

    private Diagnosis() {}

    /**
     * Judges a machine by the evidence. Pure: the same arguments always give the same assessment.
     *
     * @throws IllegalArgumentException if the evidence names something that the pack does not have
     */
    public static Assessment assess(Pack pack, Machine machine, Evidence evidence) {
        return assess(pack, machine, evidence, MOST_AT_ONCE);
    }

    static Assessment assess(Pack pack, Machine machine, Evidence evidence, int mostAtOnce) {
        var network = new Network(pack, machine, mostAtOnce);
        var beliefs = beliefs(network, evidence);
        var prior = beliefs.get(0);
        var now = beliefs.get(beliefs.size() - 1);
        return new Assessment(
                ranking(network, beliefs),
                now.none(),
                paths(network, prior, now),
                new Planner(network, now, evidence).plan(),
                Belief.massCutOff(network));
    }

    /** The prior, then the belief after each finding. */
    private static List<Belief> beliefs(Network network, Evidence evidence) {
        var beliefs = new ArrayList<Belief>();
        beliefs.add(Belief.prior(network));
        for (var finding : evidence.findings()) {
            beliefs.add(after(beliefs.get(beliefs.size() - 1), finding, network));
        }
        return beliefs;
    }

    private static Belief after(Belief belief, Finding finding, Network network) {
        if (finding instanceof Finding.SignSettled settled) {
            var sign = network.sign(settled.sign());
            return settled.answer() == Finding.Answer.UNKNOWN
                    ? belief
                    : belief.given(sign, settled.answer() == Finding.Answer.YES);
        }
        if (finding instanceof Finding.CodeShown shown) {
            return belief.given(network.code(shown.code()), true);
        }
        if (finding instanceof Finding.CheckMade made) {
            int outcome = network.pack.check(made.check()).outcomeIndex(made.outcome());
            return belief.givenOutcome(network.check(made.check()), outcome);
        }
        var tried = (Finding.RemedyTried) finding;
        var remedy = network.pack.remedy(tried.remedy());
        return switch (tried.proved()) {
            case PENDING -> belief;
            case CURED -> belief.givenCured(remedy);
            case STILL_FAILING -> belief.givenStillFailing(remedy);
        };
    }

    private static List<Suspect> ranking(Network network, List<Belief> beliefs) {
        var chances = beliefs.stream().map(Belief::marginals).toList();
        var ranking = new ArrayList<Suspect>();
        for (int f = 0; f < network.faults.size(); f++) {
            var why = new ArrayList<Weight>();
            for (int i = 1; i < chances.size(); i++) {
                why.add(new Weight(i - 1, decibans(chances.get(i - 1)[f], chances.get(i)[f])));
            }
            ranking.add(new Suspect(
                    network.faults.get(f).id(),
                    chances.get(chances.size() - 1)[f],
                    chances.get(0)[f],
                    List.copyOf(why)));
        }
        ranking.sort(Comparator.comparingDouble(Suspect::chance).reversed());
        return List.copyOf(ranking);
    }

    private static List<PathState> paths(Network network, Belief prior, Belief now) {
        return network.pack.paths().stream()
                .map(path -> new PathState(
                        path.id(),
                        network.stations(path).stream()
                                .map(station -> station(station.id(), network, prior, now))
                                .toList()))
                .toList();
    }

    private static StationState station(String station, Network network, Belief prior, Belief now) {
        var faults = network.faultsAt(station);
        double chance = now.any(faults);
        boolean cleared = chance < CLEARED_CHANCE && decibans(prior.any(faults), chance) <= CLEARED_DECIBANS;
        return new StationState(station, chance, cleared);
    }

    /** Change of the odds from one chance to another; chances of 0 and 1 are kept finite. */
    private static double decibans(double from, double to) {
        return 10 * (log10Odds(to) - log10Odds(from));
    }

    private static double log10Odds(double chance) {
        double kept = Math.min(Math.max(chance, 1e-12), 1 - 1e-12);
        return Math.log10(kept / (1 - kept));
    }
}
