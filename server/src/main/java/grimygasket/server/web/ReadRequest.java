package grimygasket.server.web;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.SocketTimeoutException;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Collections;
import java.util.Enumeration;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.http.MediaType;

/** A request whose body is all there. */
final class ReadRequest extends HttpServletRequestWrapper {
    /** A small body has to be there within this time. */
    private static final Duration PATIENCE = Duration.ofSeconds(8);

    /** And a large one has to come that fast, as from a phone with poor signal: bytes per millisecond. */
    private static final int SLOWEST = 8;

    private final byte[] body;
    private final Map<String, String[]> fields;

    private ReadRequest(HttpServletRequest request, byte[] body, Map<String, String[]> fields) {
        super(request);
        this.body = body;
        this.fields = fields;
    }

    /**
     * Reads a body.
     *
     * @param length of it, in bytes
     * @throws IOException if it ends before, or comes too slowly
     * @throws IllegalArgumentException if it is a form that cannot be read
     */
    static ReadRequest of(HttpServletRequest request, int length) throws IOException {
        var body = new byte[length];
        long until = System.nanoTime() + PATIENCE.plusMillis(length / SLOWEST).toNanos();
        var in = request.getInputStream();
        for (int have = 0; have < length; ) {
            int more = in.read(body, have, length - have);
            if (more < 0) {
                throw new EOFException("%d bytes of %d".formatted(have, length));
            }
            have += more;
            if (System.nanoTime() > until && have < length) {
                throw new SocketTimeoutException("%d bytes of %d in time".formatted(have, length));
            }
        }
        return new ReadRequest(
                request, body, isForm(request) ? fields(new String(body, StandardCharsets.UTF_8)) : Map.of());
    }

    private static boolean isForm(HttpServletRequest request) {
        return request.getContentType().startsWith(MediaType.APPLICATION_FORM_URLENCODED_VALUE);
    }

    private static Map<String, String[]> fields(String form) {
        return Stream.of(form.split("&"))
                .map(field -> field.split("=", 2))
                .collect(Collectors.groupingBy(
                        field -> decoded(field[0]),
                        LinkedHashMap::new,
                        Collectors.collectingAndThen(
                                Collectors.mapping(
                                        field -> field.length > 1 ? decoded(field[1]) : "", Collectors.toList()),
                                values -> values.toArray(String[]::new))));
    }

    private static String decoded(String text) {
        return URLDecoder.decode(text, StandardCharsets.UTF_8);
    }

    @Override
    public ServletInputStream getInputStream() {
        return new Body(new ByteArrayInputStream(body));
    }

    @Override
    public BufferedReader getReader() {
        return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
    }

    @Override
    public String getParameter(String name) {
        var values = getParameterValues(name);
        return values == null ? null : values[0];
    }

    /** What the body says counts, before what the address says. */
    @Override
    public String[] getParameterValues(String name) {
        return fields.containsKey(name) ? fields.get(name) : super.getParameterValues(name);
    }

    @Override
    public Map<String, String[]> getParameterMap() {
        var all = new LinkedHashMap<>(super.getParameterMap());
        all.putAll(fields);
        return Collections.unmodifiableMap(all);
    }

    @Override
    public Enumeration<String> getParameterNames() {
        return Collections.enumeration(getParameterMap().keySet());
    }

    private static final class Body extends ServletInputStream {
        private final ByteArrayInputStream bytes;

        Body(ByteArrayInputStream bytes) {
            this.bytes = bytes;
        }

        @Override
        public int read() {
            return bytes.read();
        }

        @Override
        public int read(byte[] into, int from, int most) {
            return bytes.read(into, from, most);
        }

        @Override
        public boolean isFinished() {
            return bytes.available() == 0;
        }

        @Override
        public boolean isReady() {
            return true;
        }

        @Override
        public void setReadListener(ReadListener listener) {
            throw new IllegalStateException("the body is there already");
        }
    }
}
