package grimygasket.server.photos;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import grimygasket.server.web.Problem;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.testng.annotations.Test;

public class PicturesTest {
    private static final int LENGTH_OF_A_MARKER = 2;

    private static byte[] photo(String format) throws IOException {
        var picture = new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB);
        var drawn = picture.createGraphics();
        drawn.setColor(Color.ORANGE);
        drawn.fillRect(0, 0, 60, 40);
        var bytes = new ByteArrayOutputStream();
        ImageIO.write(picture, format, bytes);
        return bytes.toByteArray();
    }

    private static String refused(byte[] bytes) {
        return expectThrows(Problem.class, () -> Pictures.of(bytes)).getBody().getDetail();
    }

    @Test
    public void whereItWasTakenIsNotKept() throws IOException {
        var plain = photo("jpeg");
        var said = "Exif\0\0GPS 52.1 N, 4.3 E, by an old phone".getBytes(StandardCharsets.ISO_8859_1);
        var segment = ByteBuffer.allocate(said.length + 4)
                .putShort((short) 0xFFE1)
                .putShort((short) (said.length + LENGTH_OF_A_MARKER))
                .put(said)
                .array();
        var telling = ByteBuffer.allocate(plain.length + segment.length)
                .put(plain, 0, LENGTH_OF_A_MARKER)
                .put(segment)
                .put(plain, LENGTH_OF_A_MARKER, plain.length - LENGTH_OF_A_MARKER)
                .array();
        assertTrue(new String(telling, StandardCharsets.ISO_8859_1).contains("52.1 N"));
        var kept = Pictures.of(telling);
        assertEquals(kept.type(), "image/jpeg");
        assertFalse(new String(kept.bytes(), StandardCharsets.ISO_8859_1).contains("52.1 N"));
        var shown = ImageIO.read(new ByteArrayInputStream(kept.bytes()));
        assertEquals(shown.getWidth(), 60);
        assertEquals(new Color(shown.getRGB(30, 20)).getRed(), Color.ORANGE.getRed(), 6);
    }

    @Test
    public void aPictureThatIsCutOffIsRefused() throws IOException {
        for (var format : new String[] {"png", "jpeg"}) {
            var whole = photo(format);
            assertEquals(Pictures.of(whole).type(), "image/" + format);
            int last = format.equals("jpeg") ? whole.length - 3 : whole.length / 2;
            for (int length : new int[] {12, whole.length / 4, last}) {
                var sentence = refused(Arrays.copyOf(whole, length));
                assertTrue(sentence.contains("picture"), sentence);
            }
        }
    }

    @Test
    public void anEndlessPictureIsRefusedBeforeItIsDrawn() throws IOException {
        var bytes = photo("png");
        // Width and height stand behind the signature and the first chunk's length and name; its check sum behind its
        // 13 bytes.
        var header = ByteBuffer.wrap(bytes);
        header.putInt(16, 60_000).putInt(20, 60_000);
        var sum = new CRC32();
        sum.update(bytes, 12, 17);
        header.putInt(29, (int) sum.getValue());
        assertEquals(refused(bytes), "The picture has too many points: 12 million at most.");
    }

    @Test
    public void anotherFormatIsNone() throws IOException {
        assertEquals(refused(photo("bmp")), "This is not a picture. JPEG and PNG can be kept.");
        assertEquals(
                refused("<svg/>".getBytes(StandardCharsets.UTF_8)), "This is not a picture. JPEG and PNG can be kept.");
    }
}
