package grimygasket.diagnosis.plan;

import grimygasket.diagnosis.belief.Access;
import grimygasket.diagnosis.belief.Bits;
import grimygasket.diagnosis.belief.Causes;
import grimygasket.diagnosis.belief.Network;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.work.Remedy;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What has to come before a step: the looks that reaching it makes anyway, and, for the remedy of a fault that others bring
 * about, that those are cleared or cured.
 */
public final class Prerequisites {
    private final Network network;

    /** The checks that others wait for, by their bit. */
    private final List<Check> looks = new ArrayList<>();

    /** Check id to its bit among the looks; and the minutes of each look. */
    private final Map<String, Long> bits = new HashMap<>();

    private final double[] lookMinutes;

    private final Map<String, Long> causes = new HashMap<>();

    /** The checks that clear causes, each with the causes for which it is the cheapest. */
    private final List<Clearing> clearing = new ArrayList<>();

    private record Clearing(Check check, long causes) {}

    /** @param possible the checks that can be made */
    Prerequisites(Network network, List<Check> possible) {
        this.network = network;
        var awaited = new HashSet<String>();
        network.checks.forEach(check -> awaited.addAll(check.after()));
        network.remedies.forEach(remedy -> awaited.addAll(remedy.after()));
        possible.stream().filter(check -> awaited.contains(check.id())).forEach(check -> {
            bits.put(check.id(), 1L << looks.size());
            looks.add(check);
        });
        lookMinutes = looks.stream().mapToDouble(Check::minutes).toArray();
        long wanted = 0;
        for (var remedy : network.remedies) {
            if (remedy.causesFirst()) {
                long mask = network.mask(Causes.of(network.pack, remedy));
                causes.put(remedy.id(), mask);
                wanted |= mask;
            }
        }
        for (var check : possible) {
            long cheapestFor = 0;
            for (long left = wanted & network.outcomes(check).clearedByTheLast(); left != 0; left &= left - 1) {
                long cause = Long.lowestOneBit(left);
                cheapestFor |= check == cheapestClearing(cause, possible) ? cause : 0;
            }
            if (cheapestFor != 0) {
                clearing.add(new Clearing(check, cheapestFor));
            }
        }
    }

    private Check cheapestClearing(long cause, List<Check> possible) {
        Check cheapest = null;
        double least = Double.POSITIVE_INFINITY;
        for (var check : possible) {
            double minutes =
                    check.minutes() + network.access.minutes(network.access.chain(check.layer()), Access.CLOSED);
            if (minutes < least && (network.outcomes(check).clearedByTheLast() & cause) != 0) {
                cheapest = check;
                least = minutes;
            }
        }
        return cheapest;
    }

    /** The faults that have to be cleared or cured before a remedy. */
    long causes(Remedy remedy) {
        return causes.getOrDefault(remedy.id(), 0L);
    }

    /** The looks among some checks. */
    long looks(Collection<String> checks) {
        long mask = 0;
        for (var check : checks) {
            mask |= bits.getOrDefault(check, 0L);
        }
        return mask;
    }

    /** The looks before a remedy that can show one of its faults, and how likely each shows which. */
    List<Sighting> sightings(Remedy remedy, int[] faults) {
        return looks.stream()
                .filter(look -> remedy.after().contains(look.id()))
                .map(look -> Sighting.of(network, look, bits.get(look.id()), faults))
                .filter(Sighting::tells)
                .toList();
    }

    /** What a check's outcome, given by its index, makes of the situation. */
    Situation after(Situation before, Check check, int seen) {
        return new Situation(
                network.access.after(check, before.open()),
                network.outcomes(check).settled(before.settled(), seen),
                before.looked() | bits.getOrDefault(check.id(), 0L));
    }

    /** Ids of the checks that have to be made before a remedy, those before these included. */
    Set<String> needed(Remedy remedy, Situation now) {
        var needed = new HashSet<String>();
        addLooks(looks(remedy.after()), now, needed);
        long open = causes(remedy) & ~now.settled();
        for (var one : clearing) {
            if ((one.causes & open) != 0 && needed.add(one.check.id())) {
                addLooks(looks(one.check.after()), now, needed);
            }
        }
        return needed;
    }

    private void addLooks(long wanted, Situation now, Set<String> needed) {
        for (long left = wanted & ~now.looked(); left != 0; left &= left - 1) {
            var look = looks.get(Long.numberOfTrailingZeros(left));
            if (needed.add(look.id())) {
                addLooks(looks(look.after()), now, needed);
            }
        }
    }

    /** Minutes for what has to come before a remedy and is not done yet; what opening costs is left out. */
    double minutes(long causes, long looks, Situation now) {
        double minutes = Bits.sum(looks & ~now.looked(), lookMinutes);
        long open = causes & ~now.settled();
        for (int i = 0; open != 0 && i < clearing.size(); i++) {
            minutes +=
                    (clearing.get(i).causes & open) != 0 ? clearing.get(i).check.minutes() : 0;
        }
        return minutes;
    }
}
