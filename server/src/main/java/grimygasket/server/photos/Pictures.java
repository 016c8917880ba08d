package grimygasket.server.photos;

import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import org.springframework.http.MediaType;

/** What a picture is. */
public final class Pictures {
    private static final int MOST_BYTES = 4_000_000;

    private Pictures() {}

    /** What the bytes are, whatever the sender calls them; anything but a JPEG or PNG picture is refused. */
    public static String type(byte[] bytes) {
        if (bytes.length > MOST_BYTES) {
            throw new Problem(Kind.INVALID, "The photo is too large: 4 MB at most.");
        }
        try (var in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            var readers = ImageIO.getImageReaders(in);
            var format = readers.hasNext() ? readers.next().getFormatName().toLowerCase() : "";
            return switch (format) {
                case "jpeg" -> MediaType.IMAGE_JPEG_VALUE;
                case "png" -> MediaType.IMAGE_PNG_VALUE;
                default -> throw new Problem(Kind.INVALID, "This is not a photo. JPEG and PNG can be kept.");
            };
        } catch (IOException e) {
            throw new Problem(Kind.INVALID, "This photo cannot be read. Take it again.");
        }
    }
}
