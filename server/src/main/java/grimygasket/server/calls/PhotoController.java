package grimygasket.server.calls;

import grimygasket.server.accounts.SignedIn;
import grimygasket.server.calls.PhotoStore.Photo;
import grimygasket.server.calls.PhotoStore.Picture;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Photos of what came off: how it sat, before it is forgotten. */
@RestController
@RequestMapping("/api/calls/{callId}/photos/{photoId}")
class PhotoController {
    private static final int MOST_BYTES = 4_000_000;

    private final CallStore calls;
    private final PhotoStore photos;
    private final JobStore job;
    private final CallFile file;
    private final Clock clock;

    PhotoController(CallStore calls, PhotoStore photos, JobStore job, CallFile file, Clock clock) {
        this.calls = calls;
        this.photos = photos;
        this.job = job;
        this.file = file;
        this.clock = clock;
    }

    @GetMapping(produces = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
    ResponseEntity<byte[]> photo(@PathVariable UUID callId, @PathVariable UUID photoId) {
        calls.call(callId);
        var picture = photos.picture(photoId, callId)
                .orElseThrow(() -> new Problem(Kind.NOT_FOUND, "This photo is not there any more."));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(picture.type()))
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable())
                .body(picture.bytes());
    }

    @PutMapping(consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
    @Transactional
    public CallView add(
            @PathVariable UUID callId,
            @PathVariable UUID photoId,
            @RequestParam UUID line,
            @RequestBody byte[] bytes,
            @AuthenticationPrincipal SignedIn me) {
        calls.open(callId);
        if (!job.has(callId, line)) {
            throw new Problem(Kind.INVALID, "What this photo shows was taken back: lay it on the tray again first.");
        }
        photos.addIfNew(callId, new Photo(photoId, line, clock.instant()), new Picture(type(bytes), bytes));
        calls.touch(callId);
        return file.of(callId, me);
    }

    @DeleteMapping
    @Transactional
    public CallView remove(
            @PathVariable UUID callId, @PathVariable UUID photoId, @AuthenticationPrincipal SignedIn me) {
        calls.open(callId);
        photos.remove(photoId, callId);
        calls.touch(callId);
        return file.of(callId, me);
    }

    /** What the bytes are, whatever the sender calls them; anything but a JPEG or PNG picture is refused. */
    static String type(byte[] bytes) {
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
