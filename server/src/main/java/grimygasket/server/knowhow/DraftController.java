package grimygasket.server.knowhow;

import grimygasket.pack.PackException;
import grimygasket.server.accounts.BusinessStore;
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
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
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
    private static final Set<String> SECTIONS = Set.of("faults", "signs", "checks", "remedies", "parts", "cautions");
    private static final Pattern ID = Pattern.compile("[a-z][a-z0-9-]{0,39}");
    private static final Pattern MEMBER = Pattern.compile("[a-zA-Z]{1,40}");
    private static final int LONGEST_EDIT = 20_000;
    private static final TypeReference<Map<String, Object>> TREE = new TypeReference<>() {};

    /**
     * @param members the names of those that it changes; none where it takes the piece out
     */
    record EditView(int number, String section, String piece, List<String> members, String by, Instant at) {}

    /**
     * @param pack as it would be, in the form of pack.schema.json; it need not be sound
     */
    record DraftView(List<EditView> edits, Map<String, Object> pack, Inspection inspection) {}

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
    private final DraftStore drafts;
    private final SchoolStore schools;
    private final BusinessStore business;
    private final JsonMapper json;

    DraftController(
            Library library,
            RevisionStore revisions,
            DraftStore drafts,
            SchoolStore schools,
            BusinessStore business,
            JsonMapper json) {
        this.library = library;
        this.revisions = revisions;
        this.drafts = drafts;
        this.schools = schools;
        this.business = business;
        this.json = json;
    }

    @GetMapping
    DraftView draft(@PathVariable String kind) {
        var edits = drafts.of(kind);
        var texts = texts(kind, edits);
        return new DraftView(
                edits.stream().map(this::view).toList(),
                json.convertValue(PackReader.tree(texts.pack()), TREE),
                Inspection.of(library, kind, texts));
    }

    /** A sentence for each case that its advice no longer meets; that takes a few seconds. */
    @GetMapping("/cases")
    List<String> cases(@PathVariable String kind) {
        return CaseReader.failing(sound(kind));
    }

    /** What would follow by the draft. */
    @PostMapping("/suppositions")
    Consequence suppose(
            @PathVariable String kind, @Valid @RequestBody Supposed supposed, @AuthenticationPrincipal SignedIn me) {
        return Consequence.of(sound(kind), supposed, schools.of(me.id()), business.get());
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
        require(section, piece, me);
        if (!members.keySet().stream().allMatch(member -> MEMBER.matcher(member).matches())) {
            throw new Problem(Kind.INVALID, "A member's name is of letters alone.");
        }
        var written = json.writeValueAsString(members);
        if (written.length() > LONGEST_EDIT) {
            throw new Problem(Kind.INVALID, "That is too long: " + LONGEST_EDIT + " characters at most.");
        }
        var edits = drafts.of(kind);
        var more = new ArrayList<>(edits);
        more.add(new Edit(0, section, piece, written, me.id(), me.fullName(), Instant.EPOCH));
        if (!texts(kind, more).equals(texts(kind, edits))) {
            drafts.add(kind, section, piece, written, me.id());
        }
        return draft(kind);
    }

    /** Takes a piece out. */
    @DeleteMapping("/{section}/{piece}")
    @Transactional
    public DraftView takeOut(
            @PathVariable String kind,
            @PathVariable String section,
            @PathVariable String piece,
            @AuthenticationPrincipal SignedIn me) {
        require(section, piece, me);
        drafts.add(kind, section, piece, null, me.id());
        return draft(kind);
    }

    /** Takes an edit back; one that is gone already stays gone. */
    @DeleteMapping("/edits/{number}")
    @Transactional
    public DraftView takeBack(
            @PathVariable String kind, @PathVariable int number, @AuthenticationPrincipal SignedIn me) {
        requireLead(me);
        drafts.takeBack(kind, number);
        return draft(kind);
    }

    /** Throws the draft away. */
    @DeleteMapping
    @Transactional
    public DraftView forget(@PathVariable String kind, @AuthenticationPrincipal SignedIn me) {
        requireLead(me);
        drafts.forget(kind);
        return draft(kind);
    }

    /** Makes a version of the draft and judges new calls with it; those begun keep theirs. */
    @PostMapping("/use")
    @Transactional
    public List<Revision> use(
            @PathVariable String kind, @Valid @RequestBody Use use, @AuthenticationPrincipal SignedIn me) {
        requireLead(me);
        var edits = drafts.of(kind);
        if (edits.isEmpty()) {
            throw new Problem(Kind.INVALID, "Nothing is changed in this draft.");
        }
        var inspection = Inspection.of(library, kind, texts(kind, edits));
        if (!inspection.problems().isEmpty()) {
            throw new Problem(Kind.INVALID, "It contradicts itself: mend that first.");
        }
        if (!inspection.dangers().isEmpty()) {
            throw new Problem(Kind.INVALID, "It could hurt somebody: mend that first.");
        }
        if (!use.alone && edits.stream().allMatch(edit -> edit.accountId().equals(me.id()))) {
            throw new Problem(
                    Kind.INVALID, "You wrote all of it: let somebody else put it to use, or say that you checked it.");
        }
        revisions.activate(kind, revisions.add(kind, Source.EDITED, use.note.strip(), texts(kind, edits)));
        drafts.forget(kind);
        return revisions.of(kind);
    }

    private EditView view(Edit edit) {
        var members = edit.members() == null
                ? List.<String>of()
                : List.copyOf(json.readTree(edit.members()).propertyNames());
        return new EditView(edit.number(), edit.section(), edit.piece(), members, edit.by(), edit.at());
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

    private Knowhow sound(String kind) {
        try {
            return library.read(kind, texts(kind, drafts.of(kind)));
        } catch (PackException e) {
            throw new Problem(Kind.INVALID, "The draft contradicts itself: mend that first.")
                    .with("problems", e.problems());
        }
    }

    private static void require(String section, String piece, SignedIn me) {
        requireLead(me);
        if (!SECTIONS.contains(section)) {
            throw new Problem(Kind.INVALID, "“" + section + "” is not changed here.");
        }
        if (!ID.matcher(piece).matches()) {
            throw new Problem(
                    Kind.INVALID,
                    "A short name is of small letters, digits and hyphens, 40 at most: for example heater-dead.");
        }
    }

    private static void requireLead(SignedIn me) {
        me.requireLead("Only the lead changes the know-how.");
    }
}
