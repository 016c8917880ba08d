package grimygasket.server.documents;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.MultiFormatWriter;
import com.google.zxing.WriterException;
import grimygasket.server.shelf.ListedPart;
import grimygasket.server.shelf.PartStore;
import grimygasket.server.web.Attachment;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Labels for boxes and shelves, each with a part's number as a barcode. */
@RestController
class LabelController {
    /** On a sheet of A4, each 70 mm wide and 37 mm high. */
    private static final int COLUMNS = 3;

    private static final int ON_A_SHEET = 8 * COLUMNS;

    /** Signs of which 60 mm of bars can be told apart: 0.25 mm each, of which a sign takes eleven. */
    private static final int MOST_IN_A_LINE = 18;

    private static final int MOST = 20 * ON_A_SHEET;

    private static final Map<EncodeHintType, ?> LETTERS = Map.of(EncodeHintType.CHARACTER_SET, "UTF-8");

    private final PartStore parts;
    private final Pdf pdf;

    LabelController(PartStore parts, Pdf pdf) {
        this.parts = parts;
        this.pdf = pdf;
    }

    /** @param code as a data URL; a square one stands beside the words, a wide one below them */
    record Label(String number, String name, String place, String code, boolean square) {
        static Label of(ListedPart part) {
            boolean square = !part.number().matches("[\\x20-\\x7e]{1," + MOST_IN_A_LINE + "}");
            return new Label(part.number(), part.name(), part.place(), drawn(part.number(), square), square);
        }
    }

    /**
     * @param text words that all stand in a part, as they are looked for on the list; blank for every part
     * @param used how many labels of the first sheet are gone
     */
    @GetMapping("/api/parts/labels.pdf")
    ResponseEntity<byte[]> labels(
            @RequestParam(defaultValue = "") String text, @RequestParam(defaultValue = "0") int used) {
        if (used < 0 || used >= ON_A_SHEET) {
            throw Problem.ofField("used", "Of a sheet, 0 to " + (ON_A_SHEET - 1) + " labels can be gone.");
        }
        var wanted = parts.found(text, MOST + 1);
        if (wanted.isEmpty()) {
            throw new Problem(Kind.NOT_FOUND, "No part has all of these words.");
        }
        if (wanted.size() > MOST) {
            throw new Problem(Kind.INVALID, "At most " + MOST + " labels at a time: look for fewer parts.");
        }
        var labels = new ArrayList<Label>(Collections.nCopies(used, null));
        wanted.stream().map(Label::of).forEach(labels::add);
        var bytes = pdf.of("labels/labels.xhtml", wanted.toString(), Map.of("sheets", sheets(labels)));
        return Attachment.of("labels.pdf", MediaType.APPLICATION_PDF, bytes);
    }

    /** By sheet and row; rows are full, with nulls. */
    private static List<List<List<Label>>> sheets(List<Label> labels) {
        while (labels.size() % COLUMNS != 0) {
            labels.add(null);
        }
        var rows = parted(labels, COLUMNS);
        return parted(rows, ON_A_SHEET / COLUMNS);
    }

    private static <T> List<List<T>> parted(List<T> all, int size) {
        return IntStream.iterate(0, from -> from < all.size(), from -> from + size)
                .mapToObj(from -> all.subList(from, Math.min(all.size(), from + size)))
                .toList();
    }

    /** As small as it can be, a point a module: whoever draws it makes it larger. */
    private static String drawn(String number, boolean square) {
        try {
            var modules = new MultiFormatWriter()
                    .encode(number, square ? BarcodeFormat.QR_CODE : BarcodeFormat.CODE_128, 1, 1, LETTERS);
            var picture = new BufferedImage(modules.getWidth(), modules.getHeight(), BufferedImage.TYPE_BYTE_BINARY);
            for (int x = 0; x < picture.getWidth(); x++) {
                for (int y = 0; y < picture.getHeight(); y++) {
                    picture.setRGB(x, y, modules.get(x, y) ? 0 : 0xFFFFFF);
                }
            }
            return DataUrls.of(picture, "png");
        } catch (WriterException e) {
            throw new IllegalStateException(number, e);
        }
    }
}
