package grimygasket.visit;

import grimygasket.pack.Pack;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.machine.Screws;
import grimygasket.util.Distinct;
import grimygasket.visit.line.Cupped;
import grimygasket.visit.line.Laid;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What came off the machine, in the order in which it goes back: the tray in reverse. A piece waits for every piece that
 * it covers: one of a layer further in, or one that came off after it in the same layer; what goes in last waits for all.
 * Pieces that wait, dry or are left out keep their places.
 *
 * @param wayBack every piece, in a valid order
 * @param cups the cups with screws in the order in which they were filled
 */
public record Tray(List<Refit> wayBack, List<Cup> cups) {
    private static final int LETTERS = 26;

    public enum State {
        BACK,
        LEFT_OUT,
        /** Can go back now. */
        READY,
        /** Others have to go back first. */
        WAITS,
        DRIES
    }

    /**
     * @param piece id of the piece
     * @param waitsFor names of the pieces that have to go back before it; empty unless it waits
     */
    public record Refit(String piece, State state, List<String> waitsFor) {}

    /**
     * @param name of the cup
     * @param kinds the different kinds of screws in it, in words; where there is more than one, one may be taken for the
     *     other
     * @param out how many were laid into it
     * @param left how many are still in it
     */
    public record Cup(String name, List<String> kinds, int out, int left) {}

    /**
     * @param laid in the order in which they were laid down; ids are unique
     * @param now in milliseconds since 1970
     * @throws IllegalArgumentException if a piece names a layer that the pack does not have
     */
    public static Tray of(Pack pack, List<Laid> laid, long now) {
        laid.forEach(piece -> pack.chain(piece.layer()));
        var covered = covered(pack, laid);
        var steps = new ArrayList<Refit>();
        for (var piece : order(laid, covered)) {
            var waitsFor = covered.get(piece.id()).stream()
                    .filter(other -> other.place() == Laid.Place.TRAY)
                    .map(Laid::name)
                    .toList();
            steps.add(new Refit(piece.id(), state(piece, waitsFor, now), waitsFor));
        }
        return new Tray(List.copyOf(steps), cups(laid));
    }

    /** The cups that no piece uses, without end, in the order of the alphabet; after Z comes A2. */
    public static Stream<String> freeCups(Collection<Laid> laid) {
        var used = laid.stream()
                .flatMap(piece -> piece.screws().stream())
                .map(Cupped::cup)
                .collect(Collectors.toSet());
        return IntStream.iterate(0, i -> i + 1)
                .mapToObj(i -> (char) ('A' + i % LETTERS) + (i < LETTERS ? "" : "" + (1 + i / LETTERS)))
                .filter(cup -> !used.contains(cup));
    }

    private static State state(Laid piece, List<String> waitsFor, long now) {
        return switch (piece.place()) {
            case BACK -> State.BACK;
            case LEFT_OUT -> State.LEFT_OUT;
            case TRAY -> piece.dries(now) ? State.DRIES : waitsFor.isEmpty() ? State.READY : State.WAITS;
        };
    }

    /** For each piece those that it covers, and that therefore go back before it. */
    private static Map<String, List<Laid>> covered(Pack pack, List<Laid> laid) {
        var covered = new HashMap<String, List<Laid>>();
        for (int i = 0; i < laid.size(); i++) {
            var mine = new ArrayList<Laid>();
            for (int j = 0; j < laid.size(); j++) {
                if (i != j && covers(pack, laid.get(i), i, laid.get(j), j)) {
                    mine.add(laid.get(j));
                }
            }
            covered.put(laid.get(i).id(), mine);
        }
        return covered;
    }

    private static boolean covers(Pack pack, Laid outer, int outerAt, Laid inner, int innerAt) {
        if (outer.lastIn() != inner.lastIn()) {
            return outer.lastIn();
        }
        if (outer.layer() == null || inner.layer() == null || outer.layer().equals(inner.layer())) {
            // Beside the layers nobody knows what lies over what: the order in which it came off is kept.
            return sameStack(outer, inner) && outerAt < innerAt;
        }
        return pack.chain(inner.layer()).stream().map(Layer::id).anyMatch(outer.layer()::equals);
    }

    private static boolean sameStack(Laid one, Laid other) {
        return one.layer() == null ? other.layer() == null : one.layer().equals(other.layer());
    }

    /** The latest laid first, each after all that it covers. */
    private static List<Laid> order(List<Laid> laid, Map<String, List<Laid>> covered) {
        var order = new ArrayList<Laid>();
        var placed = new HashSet<String>();
        for (int i = laid.size() - 1; i >= 0; i--) {
            place(laid.get(i), covered, placed, order, laid);
        }
        return order;
    }

    private static void place(
            Laid piece, Map<String, List<Laid>> covered, Set<String> placed, List<Laid> order, List<Laid> laid) {
        if (placed.add(piece.id())) {
            covered.get(piece.id()).stream()
                    .sorted(Comparator.comparingInt(laid::indexOf).reversed())
                    .forEach(first -> place(first, covered, placed, order, laid));
            order.add(piece);
        }
    }

    private static List<Cup> cups(List<Laid> laid) {
        var byName = new LinkedHashMap<String, List<Cupped>>();
        laid.stream()
                .flatMap(piece -> piece.expected().stream())
                .filter(some -> !some.cup().isBlank())
                .forEach(some -> byName.computeIfAbsent(some.cup(), none -> new ArrayList<>())
                        .add(some));
        return byName.entrySet().stream()
                .map(cup -> new Cup(
                        cup.getKey(),
                        cup.getValue().stream().map(some -> kind(some.screws())).collect(Distinct.toList()),
                        cup.getValue().stream()
                                .mapToInt(some -> some.screws().count())
                                .sum(),
                        cup.getValue().stream().mapToInt(Cupped::over).sum()))
                .toList();
    }

    private static String kind(Screws screws) {
        var length = screws.lengthMm() > 0 ? " × " + Math.round(screws.lengthMm()) + " mm" : "";
        return screws.drive()
                + (screws.thread().isBlank() ? "" : ", " + screws.thread())
                + length
                + (screws.leftHand() ? ", left-hand" : "");
    }
}
