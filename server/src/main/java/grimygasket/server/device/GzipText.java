package grimygasket.server.device;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;

/** A text that is sent many times, compressed once. */
record GzipText(byte[] bytes) {
    static GzipText of(byte[] plain) {
        var out = new ByteArrayOutputStream();
        try (var gzip = new GZIPOutputStream(out)) {
            gzip.write(plain);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return new GzipText(out.toByteArray());
    }

    byte[] plain() {
        try (var in = new GZIPInputStream(new ByteArrayInputStream(bytes))) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
