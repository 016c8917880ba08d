package grimygasket.server.knowhow;

import grimygasket.pack.PackException;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.knowhow.DraftStore.Edit;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** The drafts of the know-how: what comes of the version in use by the edits upon it. */
@Component
class Drafts {
    private static final Set<String> SECTIONS = Set.of("faults", "signs", "checks", "remedies", "parts", "cautions");
    private static final Pattern ID = Pattern.compile("[a-z][a-z0-9-]{0,39}");
    private static final Pattern MEMBER = Pattern.compile("[a-zA-Z]{1,40}");
    private static final int LONGEST_EDIT = 20_000;

    private final Library library;
    private final DraftStore store;
    private final JsonMapper json;

    Drafts(Library library, DraftStore store, JsonMapper json) {
        this.library = library;
        this.store = store;
        this.json = json;
    }

    List<Edit> edits(String kind) {
        return store.of(kind);
    }

    /** What would be put to use; it need not be sound. */
    Texts texts(String kind) {
        return texts(kind, edits(kind));
    }

    /** What would be put to use, refused with all that is wrong where it contradicts itself. */
    Knowhow sound(String kind) {
        try {
            return library.read(kind, texts(kind));
        } catch (PackException e) {
            throw new Problem(Kind.INVALID, "The draft contradicts itself: mend that first.")
                    .with("problems", e.problems());
        }
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
        var edits = edits(kind);
        var more = new ArrayList<>(edits);
        more.add(new Edit(0, section, piece, written, me.id(), me.fullName(), Instant.EPOCH));
        if (!texts(kind, more).equals(texts(kind, edits))) {
            store.add(kind, section, piece, written, me.id());
        }
    }

    void takeOut(String kind, String section, String piece, SignedIn me) {
        requireNames(section, piece);
        store.add(kind, section, piece, null, me.id());
    }

    void takeBack(String kind, int number) {
        store.takeBack(kind, number);
    }

    void forget(String kind) {
        store.forget(kind);
    }

    private Texts texts(String kind, List<Edit> edits) {
        var inUse = library.texts(kind, library.active(kind));
        var text = new PackText(inUse.pack());
        try {
            for (var edit : edits) {
                text = edit.members() == null
                        ? text.without(edit.section(), edit.piece())
                        : text.with(edit.section(), edit.piece(), json.readTree(edit.members()));
            }
        } catch (PackException e) {
            throw new Problem(Kind.INVALID, String.join(" ", e.problems()));
        }
        return new Texts(text.yaml(), inUse.codes());
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
