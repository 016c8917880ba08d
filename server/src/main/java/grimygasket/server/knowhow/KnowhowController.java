package grimygasket.server.knowhow;

import grimygasket.knowhow.Comparison;
import grimygasket.knowhow.Comparison.PieceChange;
import grimygasket.knowhow.Overlay;
import grimygasket.knowhow.PackReader;
import grimygasket.knowhow.Shipped;
import grimygasket.pack.ModelFamily;
import grimygasket.pack.Pack;
import grimygasket.pack.Tools;
import grimygasket.pack.evidence.Code;
import grimygasket.pack.evidence.Source;
import grimygasket.pack.soundness.Numbers;
import grimygasket.server.accounts.AccountStore;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is known about each kind of machine, to read. */
@RestController
@RequestMapping("/api/know-how")
class KnowhowController {
    record KindOfMachine(String id, String name, int faults, int symptoms, int checks, int remedies, int codes) {}

    /**
     * @param tools of all work in it
     * @param remarks what the pack leaves unsaid
     */
    record KnowhowView(int revision, Pack pack, Tools tools, List<Code> codes, List<String> remarks) {}

    /** @param changes against the kind */
    record FamilyView(ModelFamily family, List<PieceChange> changes) {}

    /**
     * @param value with its unit
     * @param source id of the source that claims the number; null for an estimate
     */
    record NumberView(
            String address, String value, @Nullable String source) {}

    private final Library library;
    private final AccountStore accounts;

    KnowhowController(Library library, AccountStore accounts) {
        this.library = library;
        this.accounts = accounts;
    }

    /** The kinds of machine that there is know-how for. */
    @GetMapping
    List<KindOfMachine> kinds() {
        return Shipped.KINDS.stream()
                .map(kind -> library.knowhow(kind, library.active(kind)))
                .map(known -> new KindOfMachine(
                        known.pack().id(),
                        known.pack().name(),
                        known.pack().faults().size(),
                        known.pack().symptoms().size(),
                        known.pack().checks().size(),
                        known.pack().remedies().size(),
                        known.codes().size()))
                .toList();
    }

    /**
     * @param revision the version wanted; the one in use if there is none
     * @param family id of the family of models wanted; the kind as such if there is none
     */
    @GetMapping("/{kind}")
    KnowhowView knowhow(
            @PathVariable String kind,
            @RequestParam(required = false) Integer revision,
            @RequestParam(required = false) String family) {
        int number = revision == null ? library.active(kind) : revision;
        var known = library.knowhow(kind, number);
        var pack = family == null ? known.pack() : known.families().get(family);
        if (pack == null) {
            throw new Problem(Kind.NOT_FOUND, "There is no family “" + family + "” in this version.");
        }
        return new KnowhowView(number, pack, Tools.of(pack), known.codes(), library.remarks(kind, number));
    }

    /** The families of models that differ from their kind, and in what. */
    @GetMapping("/{kind}/families")
    List<FamilyView> families(@PathVariable String kind) {
        int number = library.active(kind);
        var tree = PackReader.tree(library.texts(kind, number).pack());
        return library.pack(kind, number).families().stream()
                .map(family -> new FamilyView(family, Comparison.of(tree, Overlay.of(family, tree))))
                .toList();
    }

    /** Every number of the version in use, and who says so. */
    @GetMapping("/{kind}/numbers")
    List<NumberView> numbers(@PathVariable String kind, @AuthenticationPrincipal SignedIn me) {
        var system = accounts.system(me.id());
        var pack = library.pack(kind, library.active(kind));
        return Numbers.of(pack).entrySet().stream()
                .map(number -> new NumberView(
                        number.getKey(),
                        number.getValue().show(system),
                        pack.sourceOf(number.getKey()).map(Source::id).orElse(null)))
                .toList();
    }
}
