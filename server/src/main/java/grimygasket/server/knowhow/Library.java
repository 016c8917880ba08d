package grimygasket.server.knowhow;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grimygasket.call.CallMachine;
import grimygasket.knowhow.KnowhowReader;
import grimygasket.knowhow.KnowhowText;
import grimygasket.knowhow.PackReader;
import grimygasket.knowhow.Shipped;
import grimygasket.pack.KindKnowhow;
import grimygasket.pack.ModelFamily;
import grimygasket.pack.Pack;
import grimygasket.pack.soundness.Soundness;
import grimygasket.server.knowhow.RevisionStore.Source;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import grimygasket.server.web.TextGate;
import jakarta.annotation.PostConstruct;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** The know-how in use, and every version that a call was judged with. */
@Component
public class Library {
    private final RevisionStore revisions;
    private final KnowhowReader reader = Shipped.reader();

    /** More than calls of a busy day were begun with; each takes some megabytes. */
    private static final int MOST_READ = 24;

    /** Versions never change: one is read anew only when it was forgotten for want of room. */
    private final Cache<String, KindKnowhow> read = forgetting();

    private final Cache<String, List<String>> remarks = forgetting();

    /** Know-how that is not kept here, and sound. */
    private record Sound(KnowhowText texts, KindKnowhow known) {}

    /** By kind, the one that was read last: whoever writes a draft looks at it, supposes something, and puts it to use. */
    private final Map<String, Sound> last = new ConcurrentHashMap<>();

    Library(RevisionStore revisions) {
        this.revisions = revisions;
    }

    /** Adds what this release ships where it is new, and uses it unless somebody has chosen a version of their own. */
    @PostConstruct
    void addShipped() {
        for (var kind : Shipped.KINDS) {
            var texts = Shipped.texts(kind);
            if (revisions.find(kind, texts).isEmpty()) {
                var known = Shipped.knowhow(kind);
                boolean ownChoice = revisions.of(kind).stream()
                        .anyMatch(revision -> revision.active() && revision.source() != Source.SHIPPED);
                int number = revisions.add(kind, Source.SHIPPED, "Shipped with the application", texts);
                read.put(name(kind, number), known);
                if (!ownChoice) {
                    revisions.activate(kind, number);
                }
            }
        }
    }

    /** The version that new calls of a kind are judged with. */
    public int active(String kind) {
        return revisions
                .active(kind)
                .orElseThrow(() -> new Problem(Kind.NOT_FOUND, "There is no know-how yet for “" + kind + "”."));
    }

    public KindKnowhow knowhow(String kind, int revision) {
        return read.get(name(kind, revision), key -> reader.read(kind, texts(kind, revision)));
    }

    private static <T> Cache<String, T> forgetting() {
        return Caffeine.newBuilder().maximumSize(MOST_READ).build();
    }

    private static String name(String kind, int revision) {
        return kind + " " + revision;
    }

    /** What a version leaves unsaid. */
    List<String> remarks(String kind, int revision) {
        return remarks.get(name(kind, revision), key -> Soundness.remarks(knowhow(kind, revision)));
    }

    /**
     * Know-how that is not kept here yet.
     *
     * @throws grimygasket.pack.PackException with a sentence for each problem
     */
    KindKnowhow read(String kind, KnowhowText texts) {
        var before = last.get(kind);
        if (before != null && before.texts.equals(texts)) {
            return before.known;
        }
        TextGate.requireTexts(PackReader.tree(texts.pack()));
        TextGate.text(texts.codes());
        var known = reader.readNew(kind, texts);
        last.put(kind, new Sound(texts, known));
        return known;
    }

    public Pack pack(String kind, int revision) {
        return knowhow(kind, revision).pack();
    }

    /** The family of models that a machine belongs to, if it belongs to one. */
    public Optional<ModelFamily> family(CallMachine machine, int revision) {
        return knowhow(machine.kind(), revision).family(machine.maker(), machine.model());
    }

    /** What is known of a machine: of its family, or else of its kind. */
    public KindKnowhow knowhow(CallMachine machine, int revision) {
        return knowhow(machine.kind(), revision).of(machine.maker(), machine.model());
    }

    public Pack pack(CallMachine machine, int revision) {
        return knowhow(machine, revision).pack();
    }

    public KnowhowText texts(String kind, int revision) {
        return revisions
                .texts(kind, revision)
                .orElseThrow(
                        () -> new Problem(Kind.NOT_FOUND, "There is no version " + revision + " of “" + kind + "”."));
    }

    /** The number of the version with these texts; what is new here is added, and not put to use. */
    public int bringIn(String kind, KnowhowText texts) {
        return revisions.find(kind, texts).orElseGet(() -> {
            read(kind, texts);
            return revisions.add(kind, Source.IMPORTED, "Came with a call", texts);
        });
    }

    /** Refuses features that a kind of machine does not know, or that exclude each other. */
    public void requireFeatures(String kind, int revision, List<String> features) {
        var problems = pack(kind, revision).problemsOf(features);
        if (!problems.isEmpty()) {
            throw new Problem(Kind.INVALID, String.join(" ", problems));
        }
    }
}
