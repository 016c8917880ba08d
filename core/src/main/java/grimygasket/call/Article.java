package grimygasket.call;

import grimygasket.stock.Barcode;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A part of the catalogue, with what of it is on the van.
 *
 * @param fits id of the kind of part in the pack
 * @param onVan below 0 after two people counted out the same one: then it wants a recount
 * @param code what the barcode on its packet says; blank where nobody has entered it
 * @param warrantyMonths months of its maker's warranty; null where nobody knows
 */
public record Article(
        UUID id,
        String number,
        String name,
        String fits,
        BigDecimal price,
        int onVan,
        String code,
        @Nullable Integer warrantyMonths) {
    public Article {
        // A device may hold a call from before barcodes were kept.
        code = code == null ? "" : code;
    }

    /** The one whose packet, or own label, says what was read. */
    public static Optional<Article> scanned(List<Article> some, String read) {
        var code = Barcode.of(read);
        return some.stream()
                .filter(part -> part.number.equalsIgnoreCase(code) || !part.code.isEmpty() && part.code.equals(code))
                .findFirst();
    }

    /** Pack part id to the lowest price at which some have it. */
    public static Map<String, Double> prices(List<Article> some) {
        return some.stream()
                .collect(Collectors.toMap(Article::fits, part -> part.price().doubleValue(), Math::min));
    }

    /** Pack ids of the parts that are on board. */
    public static Set<String> onBoard(List<Article> some) {
        return some.stream().filter(part -> part.onVan() > 0).map(Article::fits).collect(Collectors.toSet());
    }
}
