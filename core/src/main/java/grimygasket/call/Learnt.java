package grimygasket.call;

import grimygasket.pack.Pack;
import grimygasket.pack.machine.Fastening;
import grimygasket.pack.machine.Piece;
import grimygasket.pack.machine.WayIn;
import grimygasket.util.Copy;
import grimygasket.visit.line.Laid;
import grimygasket.visit.line.WayFound;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What a business has learnt of one model on its calls, beside what the know-how says: which way in such a machine has, and how its
 * pieces are held. Of what was noted differently, that holds which most calls say, and of as many the latest.
 *
 * @param at when the latest of it was noted, in milliseconds since 1970; 0 for nothing
 * @param ways id of a way in to what was found
 * @param pieces piece id to how it was held
 */
public record Learnt(long at, Map<String, WayLearnt> ways, Map<String, PieceLearnt> pieces) {
    public static final Learnt NOTHING = new Learnt(0, Map.of(), Map.of());

    public Learnt {
        ways = Copy.of(ways);
        pieces = Copy.of(pieces);
    }

    /**
     * @param choice id of the way in's choice
     * @param by who noted it last
     * @param calls that say so
     */
    public record WayLearnt(String choice, String by, int calls) {}

    /**
     * @param by who noted it last
     * @param calls that say so
     */
    public record PieceLearnt(Fastening fastening, String by, int calls) {}

    /**
     * What one call says of its model.
     *
     * @param at in milliseconds since 1970
     * @param way what was found; null where it is about a piece
     * @param piece id of a piece; null where it is about a way in
     * @param fastening how the piece was held; null as above
     */
    public record Noted(
            long at,
            String by,
            @Nullable WayFound way,
            @Nullable String piece,
            @Nullable Fastening fastening) {
        /** What it is about, unique within a call. */
        public String subject() {
            return way == null ? "piece " + piece : "way " + way.way();
        }

        private Object says() {
            return way == null ? fastening : way.choice();
        }
    }

    /**
     * What a call says that the know-how does not: each way in that was found, and each piece that was put right, or is held otherwise
     * than the pack says. What is said of one thing twice is said last.
     *
     * @param pack of the machine's family of models, or else of its kind, without what was learnt
     */
    public static List<Noted> said(Call call, Pack pack) {
        var known = pack.ways().stream().map(WayIn::id).collect(Collectors.toSet());
        var expected = pack.layers().stream()
                .flatMap(layer -> layer.pieces().stream())
                .collect(Collectors.toMap(Piece::id, Fastening::of));
        var said = new LinkedHashMap<String, Noted>();
        for (var line : call.job().ways()) {
            if (known.contains(line.what().way())) {
                add(said, new Noted(line.at(), line.by(), line.what(), null, null));
            }
        }
        for (var line : call.job().pieces()) {
            var piece = line.what().piece();
            var fastening = fastening(line.what());
            if (expected.containsKey(piece) && (line.version() > 1 || !fastening.equals(expected.get(piece)))) {
                add(said, new Noted(line.at(), line.by(), null, piece, fastening));
            }
        }
        return List.copyOf(said.values());
    }

    private static void add(Map<String, Noted> said, Noted noted) {
        said.put(noted.subject(), noted);
    }

    private static Fastening fastening(Laid laid) {
        return new Fastening(
                laid.screws().stream().map(some -> some.screws()).toList(),
                laid.turn(),
                laid.clips(),
                laid.orientation());
    }

    /** @param noted on calls about one model, in any order */
    public static Learnt of(List<Noted> noted) {
        var ways = new HashMap<String, WayLearnt>();
        var pieces = new HashMap<String, PieceLearnt>();
        noted.stream().collect(Collectors.groupingBy(Noted::subject)).values().forEach(about -> {
            var alike = prevailing(about);
            var last = alike.get(alike.size() - 1);
            if (last.way() != null) {
                ways.put(last.way().way(), new WayLearnt(last.way().choice(), last.by(), alike.size()));
            } else {
                pieces.put(last.piece(), new PieceLearnt(last.fastening(), last.by(), alike.size()));
            }
        });
        return new Learnt(noted.stream().mapToLong(Noted::at).max().orElse(0), ways, pieces);
    }

    /** The notes with which most others agree; the latest of them stands last. */
    private static List<Noted> prevailing(List<Noted> about) {
        var bySaying = about.stream()
                .sorted(Comparator.comparingLong(Noted::at))
                .collect(Collectors.groupingBy(Noted::says, LinkedHashMap::new, Collectors.toList()));
        return bySaying.values().stream()
                .max(Comparator.<List<Noted>>comparingInt(List::size)
                        .thenComparingLong(alike -> alike.get(alike.size() - 1).at()))
                .orElseThrow();
    }

    /** Id of a way in to the choice that stands for a call: what was found on it, else what was learnt. */
    public Map<String, String> choices(Call call) {
        var choices = new HashMap<>(choices());
        call.job()
                .ways()
                .forEach(line -> choices.put(line.what().way(), line.what().choice()));
        return choices;
    }

    /** Id of a way in to the choice that was learnt. */
    public Map<String, String> choices() {
        return ways.entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey, way -> way.getValue().choice()));
    }

    /** Piece id to how it is held. */
    public Map<String, Fastening> fastenings() {
        return pieces.entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey, held -> held.getValue().fastening()));
    }
}
