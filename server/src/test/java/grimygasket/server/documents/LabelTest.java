package grimygasket.server.documents;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.MultiFormatReader;
import com.google.zxing.NotFoundException;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import grimygasket.server.ServerTest;
import java.awt.image.BufferedImage;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.testng.annotations.Test;

public class LabelTest extends ServerTest {
    private static final int DOTS_PER_INCH = 300;
    private static final double DOTS_PER_MM = DOTS_PER_INCH / 25.4;

    private static String read(BufferedImage label) {
        var points = label.getRGB(0, 0, label.getWidth(), label.getHeight(), null, 0, label.getWidth());
        var seen = new BinaryBitmap(
                new HybridBinarizer(new RGBLuminanceSource(label.getWidth(), label.getHeight(), points)));
        try {
            return new MultiFormatReader()
                    .decode(seen, Map.of(DecodeHintType.TRY_HARDER, true, DecodeHintType.CHARACTER_SET, "UTF-8"))
                    .getText();
        } catch (NotFoundException e) {
            return "";
        }
    }

    /** What the labels of all sheets say, row by row; blank for one that says nothing. */
    private static List<String> read(byte[] pdf) throws Exception {
        var labels = new ArrayList<String>();
        try (var document = Loader.loadPDF(pdf)) {
            for (int page = 0; page < document.getNumberOfPages(); page++) {
                var sheet = new PDFRenderer(document).renderImageWithDPI(page, DOTS_PER_INCH);
                for (int i = 0; i < 24; i++) {
                    labels.add(read(sheet.getSubimage(
                            (int) (i % 3 * 70 * DOTS_PER_MM),
                            (int) (i / 3 * 37 * DOTS_PER_MM),
                            (int) (69.9 * DOTS_PER_MM),
                            (int) (37 * DOTS_PER_MM))));
                }
            }
        }
        return labels;
    }

    @Test
    public void aReaderReadsTheNumberOffEveryLabel() throws Exception {
        var client = signedIn();
        var numbers = client.get("/api/parts?text=CV-")
                .body()
                .valueStream()
                .map(one -> one.path("part").path("number").asString())
                .toList();
        assertTrue(numbers.size() > 3, numbers + "");
        var labels = read(client.bytes("/api/parts/labels.pdf?text=CV-&used=2").body());
        assertEquals(labels.size(), 24);
        assertEquals(labels.subList(0, 2), List.of("", ""), "those are gone");
        assertEquals(labels.subList(2, 2 + numbers.size()), numbers);
    }

    @Test
    public void aNumberInOtherLettersIsReadToo() throws Exception {
        var client = signedIn();
        var name = "Clip with a long name that would run over its label if it were not cut off";
        client.postCsv("/api/parts.csv", "number,name,price\r\nДН-7 ü," + name + ",2.00\r\n");
        var text = URLEncoder.encode("ДН-7", StandardCharsets.UTF_8);
        assertEquals(
                read(client.bytes("/api/parts/labels.pdf?text=" + text).body()).get(0), "ДН-7 ü");
    }

    @Test
    public void whatIsNotThereGetsASentence() {
        var client = signedIn();
        assertEquals(client.get("/api/parts/labels.pdf?text=no-such-part").kind(), "not-found");
        assertEquals(client.get("/api/parts/labels.pdf?used=24").kind(), "invalid");
    }
}
