package grimygasket.server.knowhow;

import grimygasket.knowhow.CaseReader;
import grimygasket.knowhow.Comparison;
import grimygasket.knowhow.Comparison.PieceChange;
import grimygasket.knowhow.KnowhowText;
import grimygasket.server.knowhow.RevisionStore.Revision;
import grimygasket.server.knowhow.RevisionStore.Source;
import grimygasket.server.web.Attachment;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The versions of a kind's know-how: looked at, brought in, put to use and taken out. */
@RestController
@RequestMapping("/api/know-how/{kind}/revisions")
class RevisionController {
    private static final int MOST_CHARACTERS = 1_000_000;

    /**
     * A file to bring in, a pack or a code table; the other one stays as it is in use.
     *
     * @param note what is new about it
     */
    record Import(
            @Size(max = MOST_CHARACTERS, message = "The pack is too large: a million characters at most.") @Nullable
            String pack,

            @Size(max = MOST_CHARACTERS, message = "The code table is too large: a million characters at most.")
            @Nullable
            String codes,

            @NotNull @Size(max = 200, message = "The note is too long: 200 characters at most.")
            String note) {}

    record Activation(int number) {}

    /**
     * @param number of the version that the file is
     * @param revisions all there are now
     */
    record BroughtIn(int number, List<Revision> revisions) {}

    private final Library library;
    private final RevisionStore revisions;

    RevisionController(Library library, RevisionStore revisions) {
        this.library = library;
        this.revisions = revisions;
    }

    @GetMapping
    List<Revision> revisions(@PathVariable String kind) {
        library.active(kind);
        return revisions.of(kind);
    }

    /** Looks at a file without bringing it in. */
    @PostMapping("/inspection")
    Inspection inspect(@PathVariable String kind, @Valid @RequestBody Import file) {
        return Inspection.of(library, kind, texts(kind, file));
    }

    /** A sentence for each case that a sound file's advice no longer meets; that takes a few seconds. */
    @PostMapping("/inspection/cases")
    List<String> cases(@PathVariable String kind, @Valid @RequestBody Import file) {
        return CaseReader.failing(library.read(kind, texts(kind, file)));
    }

    /** Brings a file in as a new version, which is not yet in use. One that is there already is not added again. */
    @PostMapping
    @Transactional
    public BroughtIn add(@PathVariable String kind, @Valid @RequestBody Import file) {
        var texts = texts(kind, file);
        library.read(kind, texts);
        int number = revisions
                .find(kind, texts)
                .orElseGet(() -> revisions.add(kind, Source.IMPORTED, file.note.strip(), texts));
        return new BroughtIn(number, revisions.of(kind));
    }

    /** Judges new calls with a version from now on; those begun keep theirs. */
    @PutMapping("/active")
    @Transactional
    public List<Revision> activate(@PathVariable String kind, @RequestBody Activation choice) {
        library.texts(kind, choice.number);
        revisions.activate(kind, choice.number);
        return revisions.of(kind);
    }

    @GetMapping("/{number}/changes")
    List<PieceChange> changes(@PathVariable String kind, @PathVariable int number) {
        return Comparison.of(library.knowhow(kind, library.active(kind)), library.knowhow(kind, number));
    }

    @GetMapping("/{number}/pack.yaml")
    ResponseEntity<String> pack(@PathVariable String kind, @PathVariable int number) {
        return Attachment.ofText(
                kind + "-" + number + ".yaml",
                "application/yaml",
                library.texts(kind, number).pack());
    }

    @GetMapping("/{number}/codes.csv")
    ResponseEntity<String> codes(@PathVariable String kind, @PathVariable int number) {
        return Attachment.ofText(
                kind + "-codes-" + number + ".csv",
                "text/csv",
                library.texts(kind, number).codes());
    }

    private KnowhowText texts(String kind, Import file) {
        var active = library.texts(kind, library.active(kind));
        return new KnowhowText(
                file.pack == null ? active.pack() : file.pack, file.codes == null ? active.codes() : file.codes);
    }
}
