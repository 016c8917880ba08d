package grimygasket.server.knowhow;

import grimygasket.knowhow.KnowhowText;
import grimygasket.knowhow.PackText;
import grimygasket.pack.KindKnowhow;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.knowhow.DraftStore.Edit;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** The drafts of the know-how: what comes of the version in use by the edits upon it. */
@Component
class Drafts {
    private static final Set<String> SECTIONS =
            Set.of("faults", "symptoms", "checks", "remedies", "parts", "cautions", "families");
    private static final Pattern ID = Pattern.compile("[a-z][a-z0-9-]{0,39}");
    private static final Pattern MEMBER = Pattern.compile("[a-zA-Z]{1,40}");
    private static final int LONGEST_EDIT = 20_000;

    /** What a version became by some edits. */
    private record Written(int version, List<Edit> edits, PackText text) {
        boolean isBegunBy(int version, List<Edit> all) {
            return version == this.version
                    && all.size() >= edits.size()
                    && all.subList(0, edits.size()).equals(edits);
        }
    }

    private final Library library;
    private final DraftStore store;
    private final JsonMapper json;

    /** By kind, what was written last: the next one mostly has one edit more, and each takes a reading of the whole pack. */
    private final Map<String, Written> last = new ConcurrentHashMap<>();

    Drafts(Library library, DraftStore store, JsonMapper json) {
        this.library = library;
        this.store = store;
        this.json = json;
    }

    /** What would be put to use; it need not be sound. */
    KnowhowText texts(String kind, List<Edit> edits) {
        int active = library.active(kind);
        var inUse = library.texts(kind, active);
        var before = last.get(kind);
        var from = before != null && before.isBegunBy(active, edits)
                ? before
                : new Written(active, List.of(), new PackText(inUse.pack()));
        var text = from.text;
        for (var edit : edits.subList(from.edits.size(), edits.size())) {
            text = edit.members() == null
                    ? text.without(edit.section(), edit.piece())
                    : text.with(edit.section(), edit.piece(), json.readTree(edit.members()));
        }
        last.put(kind, new Written(active, List.copyOf(edits), text));
        return new KnowhowText(text.yaml(), inUse.codes());
    }

    /** What would be put to use, where it does not contradict itself. */
    KindKnowhow sound(String kind) {
        return library.read(kind, texts(kind, store.of(kind)));
    }

    /** Changes a piece, or adds it; what changes nothing is no edit. */
    void change(String kind, String section, String piece, Map<String, Object> members, SignedIn me) {
        requireNames(section, piece);
        if (!members.keySet().stream().allMatch(member -> MEMBER.matcher(member).matches())) {
            throw new Problem(Kind.INVALID, "A member's name is of letters alone.");
        }
        var written = json.writeValueAsString(members);
        if (written.length() > LONGEST_EDIT) {
            throw new Problem(Kind.INVALID, "That is too long: " + LONGEST_EDIT + " characters at most.");
        }
        var text = new PackText(texts(kind, store.of(kind)).pack());
        if (!text.with(section, piece, json.readTree(written)).equals(text)) {
            store.add(kind, section, piece, written, me.id());
        }
    }

    /** Takes a piece out; where there is none, that is no edit. */
    void takeOut(String kind, String section, String piece, SignedIn me) {
        requireNames(section, piece);
        var text = new PackText(texts(kind, store.of(kind)).pack());
        if (!text.without(section, piece).equals(text)) {
            store.add(kind, section, piece, null, me.id());
        }
    }

    private static void requireNames(String section, String piece) {
        if (!SECTIONS.contains(section)) {
            throw new Problem(Kind.INVALID, "“" + section + "” is not changed here.");
        }
        if (!ID.matcher(piece).matches()) {
            throw new Problem(
                    Kind.INVALID,
                    "A short name is of small letters, digits and hyphens, 40 at most: for example heater-dead.");
        }
    }
}
