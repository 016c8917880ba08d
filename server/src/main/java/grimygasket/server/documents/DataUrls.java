package grimygasket.server.documents;

import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import javax.imageio.ImageIO;

/** Pictures as text within a document (RFC 2397). */
final class DataUrls {
    /** Of 48 by 16 mm at 300 points an inch. */
    private static final int LOGO_WIDTH = 570;

    private static final int LOGO_HEIGHT = 190;

    private DataUrls() {}

    /** @param format "png" or "jpeg" */
    static String of(BufferedImage picture, String format) {
        try (var bytes = new ByteArrayOutputStream()) {
            ImageIO.write(picture, format, bytes);
            return "data:image/" + format + ";base64," + Base64.getEncoder().encodeToString(bytes.toByteArray());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * A photo made small, as JPEG.
     *
     * @param bytes of a whole picture
     * @param longest side in points, at least 1
     */
    static String photo(byte[] bytes, int longest) {
        return of(small(bytes, longest, longest, BufferedImage.TYPE_INT_RGB), "jpeg");
    }

    /** A logo as large as it is printed, as PNG: what is clear in it stays so. */
    static String logo(byte[] bytes) {
        return of(small(bytes, LOGO_WIDTH, LOGO_HEIGHT, BufferedImage.TYPE_INT_ARGB), "png");
    }

    private static BufferedImage small(byte[] bytes, int width, int height, int type) {
        try (var in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            var reader = ImageIO.getImageReaders(in).next();
            reader.setInput(in, true, true);
            var how = reader.getDefaultReadParam();
            // Rows and columns that would be thrown away are not even read.
            int skip = Math.max(1, Math.max(reader.getWidth(0) / (2 * width), reader.getHeight(0) / (2 * height)));
            how.setSourceSubsampling(skip, skip, 0, 0);
            var whole = reader.read(0, how);
            reader.dispose();
            return shrunk(whole, width, height, type);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static BufferedImage shrunk(BufferedImage whole, int width, int height, int type) {
        double scale = Math.min(1, Math.min((double) width / whole.getWidth(), (double) height / whole.getHeight()));
        var small = new BufferedImage(
                (int) Math.max(1, Math.round(scale * whole.getWidth())),
                (int) Math.max(1, Math.round(scale * whole.getHeight())),
                type);
        var graphics = small.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        graphics.drawImage(whole, 0, 0, small.getWidth(), small.getHeight(), null);
        graphics.dispose();
        return small;
    }
}
