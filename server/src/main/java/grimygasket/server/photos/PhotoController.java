package grimygasket.server.photos;

import grimygasket.call.change.Command;
import grimygasket.call.change.SheetChange;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.calls.commands.Commands;
import grimygasket.server.calls.commands.Taken;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.time.Clock;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.support.TransactionTemplate;
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
    private final PhotoStore photos;
    private final Commands commands;
    private final TransactionTemplate transaction;
    private final Clock clock;

    PhotoController(PhotoStore photos, Commands commands, TransactionTemplate transaction, Clock clock) {
        this.photos = photos;
        this.commands = commands;
        this.transaction = transaction;
        this.clock = clock;
    }

    @GetMapping(produces = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
    ResponseEntity<byte[]> photo(@PathVariable UUID callId, @PathVariable UUID photoId) {
        var picture = photos.picture(photoId, callId)
                .orElseThrow(() -> new Problem(Kind.NOT_FOUND, "This photo is not there any more."));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(picture.type()))
                .cacheControl(CacheControl.noStore())
                .body(picture.bytes());
    }

    /** A photo comes in one request, its picture and what it shows. */
    @PutMapping(consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
    Taken add(
            @PathVariable UUID callId,
            @PathVariable UUID photoId,
            @RequestParam UUID line,
            @RequestParam UUID device,
            @RequestParam long seq,
            @RequestParam(defaultValue = "false") boolean returned,
            @RequestBody byte[] bytes,
            @AuthenticationPrincipal SignedIn me) {
        if (!photos.hasRoom()) {
            throw new Problem(
                    Kind.TOO_LARGE,
                    "The room for photos, " + photos.room().toGigabytes()
                            + " GB, is used up. Whoever looks after the application can give them more.");
        }
        var picture = Pictures.of(bytes);
        var command =
                new Command(photoId, callId, device, seq, clock.millis(), new SheetChange.AddPhoto(photoId, line));
        // Decoding waits its turn, and holds no connection to the database meanwhile.
        return transaction.execute(status -> {
            var call = commands.take(command, returned, me);
            photos.addIfNew(callId, photoId, picture);
            return Taken.of(call);
        });
    }
}
