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
     * A picture made small, as JPEG.
     *
     * @param bytes of a whole picture
     * @param longest side in points, at least 1
     */
    static String small(byte[] bytes, int longest) {
        try (var in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            var reader = ImageIO.getImageReaders(in).next();
            reader.setInput(in, true, true);
            var how = reader.getDefaultReadParam();
            // Rows and columns that would be thrown away are not even read.
            int skip = Math.max(1, Math.max(reader.getWidth(0), reader.getHeight(0)) / (2 * longest));
            how.setSourceSubsampling(skip, skip, 0, 0);
            var whole = reader.read(0, how);
            reader.dispose();
            return of(shrunk(whole, longest), "jpeg");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static BufferedImage shrunk(BufferedImage whole, int longest) {
        double scale = Math.min(1, (double) longest / Math.max(whole.getWidth(), whole.getHeight()));
        var small = new BufferedImage(
                (int) Math.max(1, Math.round(scale * whole.getWidth())),
                (int) Math.max(1, Math.round(scale * whole.getHeight())),
                BufferedImage.TYPE_INT_RGB);
        var graphics = small.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        graphics.drawImage(whole, 0, 0, small.getWidth(), small.getHeight(), null);
        graphics.dispose();
        return small;
    }
}
