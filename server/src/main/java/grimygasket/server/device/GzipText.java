package grimygasket.server.device;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.zip.CRC32C;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;

/**
 * A text that is sent many times, compressed once.
 *
 * @param tag which text it is, as an entity tag
 */
record GzipText(byte[] bytes, String tag) {
    static GzipText of(byte[] plain) {
        var out = new ByteArrayOutputStream();
        try (var gzip = new GZIPOutputStream(out)) {
            gzip.write(plain);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        var digest = new CRC32C();
        digest.update(plain);
        return new GzipText(out.toByteArray(), "W/\"" + Long.toHexString(digest.getValue()) + "\"");
    }

    byte[] plain() {
        try (var in = new GZIPInputStream(new ByteArrayInputStream(bytes))) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
