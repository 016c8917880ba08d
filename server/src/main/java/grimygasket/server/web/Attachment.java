package grimygasket.server.web;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** An answer that is a file to keep, by a name of its own. */
public final class Attachment {
    private Attachment() {}

    public static <T> ResponseEntity<T> of(String name, MediaType type, T body) {
        var disposition = ContentDisposition.attachment().filename(name).build();
        return ResponseEntity.ok()
                .contentType(type)
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString())
                .body(body);
    }

    /** Text of a type that does not say how it is written. */
    public static ResponseEntity<String> ofText(String name, String type, String text) {
        return of(name, new MediaType(MediaType.parseMediaType(type), StandardCharsets.UTF_8), text);
    }
}
