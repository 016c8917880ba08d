package grimygasket.server.device;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grimygasket.call.Call;
import grimygasket.call.Fitting;
import grimygasket.knowhow.Shipped;
import grimygasket.report.Sender;
import grimygasket.route.Shift;
import grimygasket.server.accounts.BusinessStore;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.accounts.devices.Devices;
import grimygasket.server.calls.known.CallViews;
import grimygasket.server.calls.known.Knowhows;
import grimygasket.server.calls.known.Known;
import grimygasket.server.calls.learnt.LearntStore;
import grimygasket.server.calls.records.CallStore;
import grimygasket.server.calls.records.Surroundings;
import grimygasket.server.knowhow.Library;
import grimygasket.server.shelf.ShelfStore;
import grimygasket.state.Circumstances;
import grimygasket.state.OfModel;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.zip.CRC32C;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** Facts for devices: calls with what they are held against, and know-how. */
@RestController
@RequestMapping("/api/device")
class DeviceController {
    private static final int DAYS_BACK = 1;
    private static final int DAYS_AHEAD = 3;
    private static final int MOST_AT_ONCE = 50;
    /** Versions that are asked for at one time: those in use, and those that open calls began with. */
    private static final int MOST_VERSIONS = 20;

    private final CallStore calls;
    private final CallViews views;
    private final Knowhows knowhows;
    private final Library library;
    private final BusinessStore business;
    private final ShelfStore shelves;
    private final LearntStore learnt;
    private final Devices devices;
    private final JsonMapper json;
    private final Clock clock;
    private final Cache<String, GzipText> compressed =
            Caffeine.newBuilder().maximumSize(MOST_VERSIONS).build();

    DeviceController(
            CallStore calls,
            CallViews views,
            Knowhows knowhows,
            Library library,
            BusinessStore business,
            ShelfStore shelves,
            LearntStore learnt,
            Devices devices,
            JsonMapper json,
            Clock clock) {
        this.calls = calls;
        this.views = views;
        this.knowhows = knowhows;
        this.library = library;
        this.business = business;
        this.shelves = shelves;
        this.learnt = learnt;
        this.devices = devices;
        this.json = json;
        this.clock = clock;
    }

    /**
     * @param knowhow where it is had, and what the device knows it by
     * @param digest of all but the call itself: another one where any of it is another
     */
    record HeldCall(
            Call call,
            String knowhow,
            Circumstances circumstances,
            String digest,
            @JsonUnwrapped Surroundings surroundings) {}

    /**
     * A call that a device should hold.
     *
     * @param version as of which
     * @param digest of what it is held against
     */
    record ToHold(UUID call, int version, String digest) {}

    /**
     * What a new call about a kind of machine is held against.
     *
     * @param knowhow as of a call that is held
     * @param circumstances without the parts
     * @param shelf the parts, whosever machines they fit; null where the device has them already
     * @param models what was learnt of models of the kind
     */
    record NewOfKind(
            String kind,
            int revision,
            String knowhow,
            Circumstances circumstances,
            @Nullable List<Fitting> shelf,
            List<OfModel> models) {}

    /**
     * What the next days need.
     *
     * @param today where the business works
     * @param sender who writes the reports
     * @param shift when the vans leave, and where from
     * @param calls of yesterday to the third day ahead, and those that are still open
     * @param shelfDigest of the parts of all kinds
     */
    record NextDays(
            LocalDate today,
            Sender sender,
            Shift shift,
            List<ToHold> calls,
            String shelfDigest,
            List<NewOfKind> kinds) {}

    /** @param shelf digest of the parts that the device has: they may be thousands, and change seldom; blank for none */
    @GetMapping("/next-days")
    NextDays nextDays(
            @RequestParam(defaultValue = "") String shelf,
            @AuthenticationPrincipal SignedIn me,
            HttpServletRequest request) {
        devices.seen(request, me);
        var ours = business.get();
        var today = ours.today(clock);
        var first = today.minusDays(DAYS_BACK);
        var wanted = knowhows.of(calls.near(me.id(), first, today.plusDays(DAYS_AHEAD)), me.id()).stream()
                .map(known ->
                        new ToHold(known.call().head().id(), known.call().head().version(), digest(known)))
                .toList();
        var circumstances = knowhows.forNew(me.id());
        // Before the parts: who has them with an older digest only gets them once more.
        var digest = shelves.digest(me.id(), Shipped.KINDS);
        var parts = digest.equals(shelf) ? null : shelves.shelf(me.id(), Set.copyOf(Shipped.KINDS));
        var kinds = Shipped.KINDS.stream()
                .map(kind -> newOf(kind, circumstances, parts == null ? null : parts.of(kind)))
                .toList();
        return new NextDays(today, ours.sender(), ours.shift(), wanted, digest, kinds);
    }

    private NewOfKind newOf(String kind, Circumstances circumstances, @Nullable List<Fitting> shelf) {
        int revision = library.active(kind);
        return new NewOfKind(kind, revision, name(kind, revision), circumstances, shelf, learnt.ofKind(kind));
    }

    @GetMapping("/calls/{callId}")
    HeldCall call(@PathVariable UUID callId, @AuthenticationPrincipal SignedIn me) {
        return held(views.known(callId, me));
    }

    /** Several at once; without those that are not on file. */
    @GetMapping("/calls")
    List<HeldCall> calls(@RequestParam @Size(max = MOST_AT_ONCE) Set<UUID> id, @AuthenticationPrincipal SignedIn me) {
        return views.known(id, me).stream().map(this::held).toList();
    }

    private HeldCall held(Known known) {
        var call = known.call();
        return new HeldCall(
                call,
                name(call.machine().kind(), call.head().revision()),
                known.circumstances(),
                digest(known),
                views.surroundings(known));
    }

    private String digest(Known known) {
        var digest = new CRC32C();
        digest.update(json.writeValueAsBytes(known.circumstances()));
        digest.update(json.writeValueAsBytes(known.filed().customer()));
        return Long.toHexString(digest.getValue());
    }

    private static String name(String kind, int revision) {
        return kind + "/" + revision;
    }

    /**
     * A version never changes: it is written and compressed once, and sent as it is to whoever reads that. Its form does change, with a
     * version of the application: so a browser asks whether it is still the same.
     */
    @GetMapping(value = "/know-how/{kind}/{revision}", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<byte[]> knowhow(
            @PathVariable String kind,
            @PathVariable int revision,
            @RequestHeader(name = HttpHeaders.ACCEPT_ENCODING, defaultValue = "") String encodings) {
        var text = compressed.get(
                name(kind, revision), unused -> GzipText.of(json.writeValueAsBytes(library.knowhow(kind, revision))));
        var answer = ResponseEntity.ok()
                .cacheControl(CacheControl.noCache().cachePrivate())
                .eTag(text.tag());
        answer.varyBy(HttpHeaders.ACCEPT_ENCODING);
        return encodings.contains("gzip")
                ? answer.header(HttpHeaders.CONTENT_ENCODING, "gzip").body(text.bytes())
                : answer.body(text.plain());
    }
}
