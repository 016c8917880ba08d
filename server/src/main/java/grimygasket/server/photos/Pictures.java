package grimygasket.server.photos;

import grimygasket.server.photos.PhotoStore.Picture;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.concurrent.Semaphore;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import org.springframework.http.MediaType;

/** Pictures that come in are read and written anew: what is kept is a picture, and nothing but what it shows. */
public final class Pictures {
    private static final int MOST_BYTES = 4_000_000;

    /** A few bytes may say that they are an endless picture; the page sends some two million points. */
    private static final long MOST_POINTS = 12_000_000;

    private static final int MOST_AFTER_THE_END = 1_000;

    private static final float QUALITY = 0.9f;

    /** Pictures that are decoded at a time: each takes up to 50 MB then. */
    private static final Semaphore PLACES = new Semaphore(2, true);

    private Pictures() {}

    /**
     * The picture that some bytes are, whatever their sender calls them, without where and by which device it was taken; anything but
     * a whole JPEG or PNG picture is refused.
     */
    public static Picture of(byte[] bytes) {
        if (bytes.length > MOST_BYTES) {
            throw new Problem(Kind.INVALID, "The picture is too large: 4 MB at most.");
        }
        PLACES.acquireUninterruptibly();
        try (var in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            var readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw noPhoto();
            }
            var reader = readers.next();
            try {
                reader.setInput(in, true, true);
                var picture = anew(reader);
                if (picture.type().equals(MediaType.IMAGE_JPEG_VALUE) && !isWhole(bytes)) {
                    throw new IOException("it is cut off");
                }
                return picture;
            } finally {
                reader.dispose();
            }
        } catch (OutOfMemoryError e) {
            throw new Problem(Kind.BUSY, "Too many photos come at once. This one is kept, and sent again.");
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException e) {
            throw new Problem(Kind.INVALID, "This picture cannot be read. Take or choose it again.");
        } finally {
            PLACES.release();
        }
    }

    private static Problem noPhoto() {
        return new Problem(Kind.INVALID, "This is not a picture. JPEG and PNG can be kept.");
    }

    private static Picture anew(ImageReader reader) throws IOException {
        var format = reader.getFormatName().toLowerCase();
        if (!format.equals("jpeg") && !format.equals("png")) {
            throw noPhoto();
        }
        if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_POINTS) {
            throw new Problem(Kind.INVALID, "The picture has too many points: 12 million at most.");
        }
        return format.equals("jpeg")
                ? new Picture(MediaType.IMAGE_JPEG_VALUE, written(reader.read(0), "jpeg"))
                : new Picture(MediaType.IMAGE_PNG_VALUE, written(reader.read(0), "png"));
    }

    /** A JPEG picture that is cut off is drawn all the same, its rest grey: it lacks its last marker, after which some write a little. */
    private static boolean isWhole(byte[] jpeg) {
        for (int i = jpeg.length - 2; i >= Math.max(0, jpeg.length - MOST_AFTER_THE_END); i--) {
            if (jpeg[i] == (byte) 0xFF && jpeg[i + 1] == (byte) 0xD9) {
                return true;
            }
        }
        return false;
    }

    private static byte[] written(BufferedImage picture, String format) throws IOException {
        var writer = ImageIO.getImageWritersByFormatName(format).next();
        var bytes = new ByteArrayOutputStream();
        try (var out = ImageIO.createImageOutputStream(bytes)) {
            var how = writer.getDefaultWriteParam();
            if (format.equals("jpeg")) {
                how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
                how.setCompressionQuality(QUALITY);
            }
            writer.setOutput(out);
            writer.write(null, new IIOImage(picture, null, null), how);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }
}
