package grimygasket.server.documents;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import grimygasket.server.calls.Calls;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Base64;
import java.util.stream.StreamSupport;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

public class LogoTest extends ServerTest {
    private static final String LOGO = "/api/business/logo";

    /** As large as a screen, a dot in the middle of nothing. */
    static byte[] picture() throws IOException {
        var picture = new BufferedImage(1900, 950, BufferedImage.TYPE_INT_ARGB);
        var graphics = picture.createGraphics();
        graphics.setColor(Color.RED);
        graphics.fillOval(800, 325, 300, 300);
        graphics.dispose();
        var bytes = new ByteArrayOutputStream();
        ImageIO.write(picture, "png", bytes);
        return bytes.toByteArray();
    }

    /** The demo has one. */
    @BeforeMethod
    void none() {
        signedIn().delete(LOGO);
    }

    @Test
    public void aLogoIsAsLargeAsItIsPrintedAndWhatIsClearInItStaysClear() throws IOException {
        var client = signedIn();
        assertTrue(client.get(LOGO).body().path("picture").isMissingNode());
        var url = client.putPhoto(LOGO, picture()).body().path("picture").asString();
        assertEquals(client.get(LOGO).body().path("picture").asString(), url);
        var start = "data:image/png;base64,";
        assertTrue(url.startsWith(start), url);
        var shown = ImageIO.read(new ByteArrayInputStream(Base64.getDecoder().decode(url.substring(start.length()))));
        assertEquals(shown.getWidth(), 380);
        assertEquals(shown.getHeight(), 190);
        assertEquals(shown.getRGB(0, 0) >>> 24, 0, "clear");
        assertEquals(shown.getRGB(190, 95), Color.RED.getRGB());
        assertTrue(client.delete(LOGO).body().path("picture").isMissingNode());
    }

    @Test
    public void itStandsInThePdfOfAReport() throws Exception {
        var client = signedIn();
        var report = Calls.add(client).path + "/report.pdf";
        assertEquals(pictures(client.bytes(report).body()), 0);
        client.putPhoto(LOGO, picture());
        assertEquals(pictures(client.bytes(report).body()), 1);
    }

    /** So many pictures are on the first page of a PDF. */
    private static int pictures(byte[] pdf) throws IOException {
        try (var document = Loader.loadPDF(pdf)) {
            var resources = document.getPage(0).getResources();
            return (int) StreamSupport.stream(resources.getXObjectNames().spliterator(), false)
                    .filter(resources::isImageXObject)
                    .count();
        }
    }

    @Test
    public void whatIsNoPictureIsRefused() {
        var refused = signedIn().putPhoto(LOGO, "a logo".getBytes());
        assertEquals(refused.kind(), "invalid");
        assertEquals(refused.body().path("detail").asString(), "This is not a picture. JPEG and PNG can be kept.");
    }
}
