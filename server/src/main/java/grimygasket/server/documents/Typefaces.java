package grimygasket.server.documents;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.IntPredicate;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.pdfbox.io.RandomAccessRead;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.io.RandomAccessReadBufferedFile;
import org.apache.pdfbox.pdmodel.PDDocument;

/**
 * What a PDF can be written with. PDFBox brings a typeface for Latin, Greek and Cyrillic; of the machine's own, as Debian has them,
 * those are added that a text needs besides it, so that names and words of customers stand there in whichever script they are.
 */
final class Typefaces {
    /** Can be embedded for every name. */
    static final String USUAL = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

    /** Below the folder of the machine's typefaces; those for one script before those for many. */
    private static final List<String> OTHERS = List.of(
            "noto/NotoSans-Regular.ttf",
            "noto/NotoSansArabic-Regular.ttf",
            "noto/NotoSansHebrew-Regular.ttf",
            "noto/NotoSansDevanagari-Regular.ttf",
            "noto/NotoSansBengali-Regular.ttf",
            "noto/NotoSansTamil-Regular.ttf",
            "noto/NotoSansThai-Regular.ttf",
            "noto/NotoSansArmenian-Regular.ttf",
            "noto/NotoSansGeorgian-Regular.ttf",
            "nanum/NanumGothic.ttf",
            "droid/DroidSansFallbackFull.ttf",
            "noto/NotoSansSymbols-Regular.ttf",
            "noto/NotoSansSymbols2-Regular.ttf",
            "ancient-scripts/Symbola_hint.ttf");

    /** @param has whether it has a symptom, by its code point */
    record Typeface(File file, IntPredicate has) {
        String name() {
            return file.getName().replace(".ttf", "");
        }
    }

    private final IntPredicate usual;
    private final List<Typeface> others;

    private Typefaces(IntPredicate usual, List<Typeface> others) {
        this.usual = usual;
        this.others = others;
    }

    /** @param folder of the machine's typefaces; what is not there is done without */
    static Typefaces in(Path folder) {
        try (var bytes = PDDocument.class.getResourceAsStream(USUAL)) {
            var others = new ArrayList<Typeface>();
            for (var path : OTHERS) {
                var file = folder.resolve(path);
                if (Files.isReadable(file)) {
                    others.add(new Typeface(file.toFile(), symptoms(new RandomAccessReadBufferedFile(file.toFile()))));
                }
            }
            return new Typefaces(symptoms(new RandomAccessReadBuffer(bytes)), others);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static IntPredicate symptoms(RandomAccessRead bytes) throws IOException {
        try (var typeface = new TTFParser().parse(bytes)) {
            CmapLookup glyphs = typeface.getUnicodeCmapLookup();
            return symptom -> glyphs.getGlyphId(symptom) != 0;
        }
    }

    /** Those that a text needs besides the usual one. */
    Set<Typeface> besides(String text) {
        var needed = new LinkedHashSet<Typeface>();
        text.codePoints()
                .distinct()
                .filter(symptom -> !Character.isISOControl(symptom) && !usual.test(symptom))
                .forEach(symptom -> others.stream()
                        .filter(one -> one.has.test(symptom))
                        .findFirst()
                        .ifPresent(needed::add));
        return needed;
    }
}
