package grimygasket.server.shelf;

import grimygasket.call.Head;
import grimygasket.knowhow.Shipped;
import grimygasket.server.knowhow.Library;
import grimygasket.server.web.CsvFile.Imported;
import grimygasket.server.web.CsvFile.Line;
import grimygasket.server.web.CsvFile.Wrong;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import grimygasket.stock.Barcode;
import grimygasket.util.Unfit;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the list of parts: what is entered by hand and what comes from a file is held to the same rules. */
@Service
class Parts {
    private static final ListedPart NEW =
            new ListedPart(Head.NOBODY, "", "", "", "", null, null, null, "", "", "", 0, "", null, 0);

    private final PartStore store;
    private final Library library;
    private final Validator validator;

    Parts(PartStore store, Library library, Validator validator) {
        this.store = store;
        this.library = library;
        this.validator = validator;
    }

    /** Adds a part, or changes one as it was seen. */
    @Transactional
    public ListedPart put(ListedPart part) {
        var unfit = unfit(part);
        if (unfit != null) {
            throw Problem.ofField("fits", unfit);
        }
        if (Barcode.isMisread(part.code())) {
            throw Problem.ofField("code", "The last digit does not go with the others: read the barcode again.");
        }
        try {
            if (!store.put(part)) {
                throw new Problem(Kind.STALE, "Somebody has changed this part meanwhile: look at it again.");
            }
        } catch (DuplicateKeyException e) {
            throw Problem.ofField("number", "Another part has this number.");
        }
        return part.kept();
    }

    /** Takes every line that is right, and says of every other what is wrong with it. Parts are the same by their number. */
    @Transactional
    public Imported take(String csv) {
        var known = store.byNumber();
        var wrong = new ArrayList<Wrong>();
        int taken = 0;
        int before = 0;
        for (var line : PartFile.read(csv)) {
            var number = line.text("number").toLowerCase(Locale.ROOT);
            try {
                var part = part(line, known.get(number));
                var problem = problem(part);
                if (problem != null) {
                    throw new Unfit(problem);
                }
                before += known.put(number, put(part)) == null ? 0 : 1;
                taken++;
            } catch (Unfit e) {
                wrong.add(new Wrong(line.number(), e.getMessage()));
            } catch (Problem e) {
                wrong.add(new Wrong(line.number(), e.getBody().getDetail()));
            }
        }
        return new Imported(taken, before, wrong);
    }

    /** A part as a line has it; of one that is known, what the file has no column for stays. */
    private static ListedPart part(Line line, @Nullable ListedPart known) {
        var before = known == null ? NEW : known;
        var maker = line.text("maker", before.maker() == null ? "" : before.maker());
        return new ListedPart(
                known == null ? UUID.randomUUID() : known.id(),
                line.text("number"),
                line.text("name"),
                line.text("kind", before.kind()),
                line.text("part", before.fits()),
                maker.isEmpty() ? null : maker,
                PartFile.money(line, "price", null),
                PartFile.money(line, "cost", before.cost()),
                line.text("replaces", before.replaces()),
                line.text("supplier", before.supplier()),
                line.text("place", before.place()),
                PartFile.count(line, "minimum", before.minimum()),
                line.text("code", before.code()),
                PartFile.months(line, before.warrantyMonths()),
                before.version());
    }

    /** What is wrong with a part, in a sentence; null for nothing. */
    private @Nullable String problem(ListedPart part) {
        var wrong = validator.validate(part).stream()
                .sorted(Comparator.comparing(one -> one.getPropertyPath().toString()))
                .map(Parts::said)
                .collect(Collectors.joining(" "));
        return wrong.isEmpty() ? null : wrong;
    }

    private static String said(ConstraintViolation<ListedPart> wrong) {
        return wrong.getPropertyPath() + ": " + wrong.getMessage();
    }

    /** Why a part does not go with the know-how, in a sentence; null if it does. */
    private @Nullable String unfit(ListedPart part) {
        if (part.kind().isEmpty()) {
            return part.fits().isEmpty() ? null : "Say which kind of machine it is for.";
        }
        if (!Shipped.KINDS.contains(part.kind())) {
            return "There is no kind of machine “" + part.kind() + "”: " + String.join(", ", Shipped.KINDS) + ".";
        }
        var kinds = kindsOfPart(part.kind());
        return kinds.contains(part.fits())
                ? null
                : "Say which part of the machine it is: " + String.join(", ", kinds) + ".";
    }

    /** Ids of the kinds of part that the know-how of a kind of machine speaks of. */
    private Set<String> kindsOfPart(String kind) {
        return library.pack(kind, library.active(kind)).parts().stream()
                .map(one -> one.id())
                .collect(Collectors.toCollection(TreeSet::new));
    }
}
