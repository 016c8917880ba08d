package grimygasket.diagnosis;

import grimygasket.pack.Check;
import grimygasket.pack.Outcome;
import grimygasket.pack.Remedy;
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
final class Prerequisites {
    private final Network network;
    private final Access access;

    /** Ids of the checks that others wait for, by their bit. */
    private final List<Check> looks = new ArrayList<>();

    private final Map<String, Long> causes = new HashMap<>();

    /** By fault index, the cheapest check that clears it; null where none does. */
    private final Check[] clearing;

    /** @param possible the checks that can be made */
    Prerequisites(Network network, Access access, List<Check> possible) {
        this.network = network;
        this.access = access;
        var awaited = new HashSet<String>();
        network.checks.forEach(check -> awaited.addAll(check.after()));
        network.remedies.forEach(remedy -> awaited.addAll(remedy.after()));
        possible.stream().filter(check -> awaited.contains(check.id())).forEach(looks::add);
        clearing = new Check[network.faults.size()];
        long wanted = 0;
        for (var remedy : network.remedies) {
            if (remedy.causesFirst()) {
                long mask = network.mask(Causes.of(network.pack, remedy));
                causes.put(remedy.id(), mask);
                wanted |= mask;
            }
        }
        for (int f = 0; f < clearing.length; f++) {
            clearing[f] = (wanted >> f & 1) == 1
                    ? cheapestClearing(network.faults.get(f).id(), possible)
                    : null;
        }
    }

    private Check cheapestClearing(String fault, List<Check> possible) {
        Check cheapest = null;
        double least = Double.POSITIVE_INFINITY;
        for (var check : possible) {
            double minutes = check.minutes() + access.minutes(access.chain(check.layer()), Access.CLOSED);
            if (minutes < least
                    && Causes.cleared(network.pack, check, check.outcomes().size() - 1)
                            .contains(fault)) {
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

    /** The looks that have to be made before a step. */
    long looks(List<String> after) {
        long mask = 0;
        for (int i = 0; i < looks.size(); i++) {
            mask |= after.contains(looks.get(i).id()) ? 1L << i : 0;
        }
        return mask;
    }

    /** The looks among some checks. */
    long made(Collection<String> checks) {
        long mask = 0;
        for (int i = 0; i < looks.size(); i++) {
            mask |= checks.contains(looks.get(i).id()) ? 1L << i : 0;
        }
        return mask;
    }

    /** What a check's outcome makes of the situation. */
    Situation after(Situation before, Check check, Outcome outcome) {
        int seen = check.outcomes().indexOf(outcome);
        long settled = before.settled() & ~network.mask(Causes.shown(network.pack, check, seen))
                | network.mask(Causes.cleared(network.pack, check, seen));
        return new Situation(
                before.open() | access.chain(check.layer()), settled, before.looked() | made(Set.of(check.id())));
    }

    /** Ids of the checks that have to be made before a remedy, those before these included. */
    Set<String> needed(Remedy remedy, Situation now) {
        var needed = new HashSet<String>();
        addLooks(looks(remedy.after()), now, needed);
        for (long open = causes(remedy) & ~now.settled(); open != 0; open &= open - 1) {
            var check = clearing[Long.numberOfTrailingZeros(open)];
            if (check != null && needed.add(check.id())) {
                addLooks(looks(check.after()), now, needed);
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
        double minutes = 0;
        for (long left = looks & ~now.looked(); left != 0; left &= left - 1) {
            minutes += this.looks.get(Long.numberOfTrailingZeros(left)).minutes();
        }
        long open = causes & ~now.settled();
        if (open != 0) {
            var needed = new HashSet<Check>();
            for (; open != 0; open &= open - 1) {
                needed.add(clearing[Long.numberOfTrailingZeros(open)]);
            }
            needed.remove(null);
            minutes += needed.stream().mapToDouble(Check::minutes).sum();
        }
        return minutes;
    }
}
