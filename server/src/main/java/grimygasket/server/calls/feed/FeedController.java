package grimygasket.server.calls.feed;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Which calls have changed, as it happens. */
@RestController
class FeedController {
    private final Feed feed;

    FeedController(Feed feed) {
        this.feed = feed;
    }

    /** A browser that lost the connection says by itself what it was told last. */
    @GetMapping(value = "/api/feed", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter feed(
            @RequestHeader(name = "Last-Event-ID", required = false) @Nullable String last, HttpServletRequest request)
            throws IOException {
        return feed.open(last, request.getSession().getId());
    }
}
