package grimygasket.server.knowhow;

import grimygasket.knowhow.CaseReader;
import grimygasket.knowhow.PackReader;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.knowhow.DraftStore.Edit;
import grimygasket.server.knowhow.RevisionStore.Revision;
import grimygasket.server.knowhow.RevisionStore.Source;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * The draft of a kind's know-how: edits upon the version in use, which nobody is advised by before it is put to use. Without
 * an edit there is no draft.
 */
@RestController
@RequestMapping("/api/know-how/{kind}/draft")
class DraftController {
    private static final TypeReference<Map<String, Object>> TREE = new TypeReference<>() {};

    /**
     * @param members the names of those that it changes; none where it takes the piece out
     */
    record EditView(int number, String section, String piece, List<String> members, String by, Instant at) {}

    /**
     * @param pack as it would be, in the form of pack.schema.json; it need not be sound
     * @param alone whether whoever looks at it wrote all of it
     */
    record DraftView(List<EditView> edits, Map<String, Object> pack, Inspection inspection, boolean alone) {}

    /**
     * @param note what is new about it
     * @param alone whether who wrote all of it says to have checked it, too
     */
    record Use(
            @NotBlank(message = "Say in a few words what is new.")
            @Size(max = 200, message = "The note is too long: 200 characters at most.")
            String note,

            boolean alone) {}

    private final Library library;
    private final RevisionStore revisions;
    private final Drafts drafts;
    private final DraftStore store;
    private final JsonMapper json;

    DraftController(Library library, RevisionStore revisions, Drafts drafts, DraftStore store, JsonMapper json) {
        this.library = library;
        this.revisions = revisions;
        this.drafts = drafts;
        this.store = store;
        this.json = json;
    }

    @GetMapping
    DraftView draft(@PathVariable String kind, @AuthenticationPrincipal SignedIn me) {
        var edits = store.of(kind);
        var texts = drafts.texts(kind, edits);
        return new DraftView(
                edits.stream().map(this::view).toList(),
                json.convertValue(PackReader.tree(texts.pack()), TREE),
                Inspection.of(library, kind, texts),
                isBy(me, edits));
    }

    /** A sentence for each case that its advice no longer meets; that takes a few seconds. */
    @GetMapping("/cases")
    List<String> cases(@PathVariable String kind) {
        return CaseReader.failing(drafts.sound(kind));
    }

    /** A sound draft as a device takes know-how, which tries it out. */
    @GetMapping(value = "/know-how", produces = MediaType.APPLICATION_JSON_VALUE)
    byte[] knowhow(@PathVariable String kind) {
        return json.writeValueAsBytes(drafts.sound(kind));
    }

    /**
     * Changes a piece, or adds it.
     *
     * @param members those to be changed, in the form of pack.schema.json; one that is null is taken out
     */
    @PutMapping("/{section}/{piece}")
    @Transactional
    public DraftView put(
            @PathVariable String kind,
            @PathVariable String section,
            @PathVariable String piece,
            @RequestBody Map<String, Object> members,
            @AuthenticationPrincipal SignedIn me) {
        drafts.change(kind, section, piece, members, me);
        return draft(kind, me);
    }

    /** Takes a piece out. */
    @DeleteMapping("/{section}/{piece}")
    @Transactional
    public DraftView takeOut(
            @PathVariable String kind,
            @PathVariable String section,
            @PathVariable String piece,
            @AuthenticationPrincipal SignedIn me) {
        drafts.takeOut(kind, section, piece, me);
        return draft(kind, me);
    }

    /** Takes an edit back; one that is gone already stays gone. */
    @DeleteMapping("/edits/{number}")
    @Transactional
    public DraftView takeBack(
            @PathVariable String kind, @PathVariable int number, @AuthenticationPrincipal SignedIn me) {
        store.takeBack(kind, number);
        return draft(kind, me);
    }

    /** Throws the draft away. */
    @DeleteMapping
    @Transactional
    public DraftView forget(@PathVariable String kind, @AuthenticationPrincipal SignedIn me) {
        store.forget(kind);
        return draft(kind, me);
    }

    /** Makes a version of the draft and judges new calls with it; those begun keep theirs. */
    @PostMapping("/use")
    @Transactional
    public List<Revision> use(
            @PathVariable String kind, @Valid @RequestBody Use use, @AuthenticationPrincipal SignedIn me) {
        var edits = store.of(kind);
        if (edits.isEmpty()) {
            throw new Problem(Kind.INVALID, "Nothing is changed in this draft.");
        }
        var texts = drafts.texts(kind, edits);
        var inspection = Inspection.of(library, kind, texts);
        if (!inspection.problems().isEmpty()) {
            throw new Problem(Kind.INVALID, "It contradicts itself: mend that first.");
        }
        if (!inspection.dangers().isEmpty()) {
            throw new Problem(Kind.INVALID, "This draft could cause injury. Fix that first.");
        }
        if (!use.alone && isBy(me, edits)) {
            throw new Problem(
                    Kind.INVALID, "You wrote all of it: let somebody else put it to use, or say that you checked it.");
        }
        revisions.activate(kind, revisions.add(kind, Source.EDITED, use.note.strip(), texts));
        store.forget(kind);
        return revisions.of(kind);
    }

    private static boolean isBy(SignedIn me, List<Edit> edits) {
        return edits.stream().allMatch(edit -> edit.accountId().equals(me.id()));
    }

    private EditView view(Edit edit) {
        var members = edit.members() == null
                ? List.<String>of()
                : List.copyOf(json.readTree(edit.members()).propertyNames());
        return new EditView(edit.number(), edit.section(), edit.piece(), members, edit.by(), edit.at());
    }
}
