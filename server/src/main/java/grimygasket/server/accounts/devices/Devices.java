package grimygasket.server.accounts.devices;

import grimygasket.server.accounts.SignedIn;
import grimygasket.server.accounts.sessions.Sessions;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.crypto.keygen.Base64StringKeyGenerator;
import org.springframework.security.crypto.keygen.StringKeyGenerator;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.util.WebUtils;

/** Browsers that somebody is signed in with; one that is lost is signed out, and told to forget what it keeps. */
@Component
public class Devices {
    /** By which a browser names itself. */
    public static final String HEADER = "X-Device";

    /** With the secret of a browser, which nobody knows who only knows its id. */
    private static final String COOKIE = "GASKET-DEVICE";

    /** Of a session: the browser that it was begun with. */
    private static final String OF_SESSION = "device";

    private static final StringKeyGenerator KEYS =
            new Base64StringKeyGenerator(Base64.getUrlEncoder().withoutPadding(), 32);

    private static final String DEVICES = """
            select d.id, d.account_id as account, a.name as owner, d.name, d.seen_at, d.lost_at, d.told_at
            from device d join account a on a.id = d.account_id
            """;

    private final JdbcClient jdbc;
    private final Sessions sessions;
    private final Clock clock;

    Devices(JdbcClient jdbc, Sessions sessions, Clock clock) {
        this.jdbc = jdbc;
        this.sessions = sessions;
        this.clock = clock;
    }

    /**
     * One of the browsers in use.
     *
     * @param name what it seems to be
     * @param lostAt when it was signed out as lost; null for one that is not
     * @param toldAt when it was told to forget all; null for one that has not been heard of since
     */
    public record Device(
            UUID id,
            UUID account,
            String owner,
            String name,
            Instant seenAt,
            @Nullable Instant lostAt,
            @Nullable Instant toldAt) {}

    /**
     * The browser of a request: the one of its session, or else the one that it says that it is and has the secret of; empty for one
     * that is none of ours.
     */
    public Optional<UUID> of(HttpServletRequest request) {
        var session = request.getSession(false);
        return session != null && session.getAttribute(OF_SESSION) instanceof UUID device
                ? Optional.of(device)
                : named(request).filter(device -> isTrue(device, request));
    }

    /** What the browser of a request calls itself; empty for one that does not. */
    private static Optional<UUID> named(HttpServletRequest request) {
        try {
            return Optional.ofNullable(request.getHeader(HEADER)).map(UUID::fromString);
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    /** Whether a browser has the secret that it was given; one of a version that gave none needs none. */
    private boolean isTrue(UUID device, HttpServletRequest request) {
        return jdbc.sql(
                        "select exists (select 1 from device where id = :id and (secret is null or secret = sha2(:secret, 256)))")
                .param("id", device)
                .param("secret", secret(request))
                .query(Boolean.class)
                .single();
    }

    private static String secret(HttpServletRequest request) {
        var cookie = WebUtils.getCookie(request, COOKIE);
        return cookie == null ? "" : cookie.getValue();
    }

    private boolean isNew(UUID device) {
        return !jdbc.sql("select exists (select 1 from device where id = :id)")
                .param("id", device)
                .query(Boolean.class)
                .single();
    }

    /**
     * Somebody has signed in with the browser of a request, so that it is not lost any more. One that names none, or one that it has not
     * the secret of, is a new one, so that every session is listed. Whoever was signed in with it is no longer.
     */
    @Transactional
    public void signedIn(HttpServletRequest request, HttpServletResponse response, SignedIn me) {
        var device = named(request)
                .filter(named -> isNew(named) || isTrue(named, request))
                .orElseGet(UUID::randomUUID);
        var session = request.getSession();
        session.setAttribute(OF_SESSION, device);
        jdbc.sql("select session from device where id = :id")
                .param("id", device)
                .query(String.class)
                .optional()
                // The one that they come with has become theirs, under a new id.
                .filter(before -> !before.equals(request.getRequestedSessionId()) && !before.equals(session.getId()))
                .ifPresent(sessions::end);
        var secret = KEYS.generateKey();
        keep(device, request, me);
        jdbc.sql("update device set lost_at = null, told_at = null, secret = sha2(:secret, 256) where id = :id")
                .param("id", device)
                .param("secret", secret)
                .update();
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(COOKIE, secret)
                        .httpOnly(true)
                        .secure(request.isSecure())
                        .sameSite("Strict")
                        .path("/")
                        .maxAge(Duration.ofDays(400))
                        .build()
                        .toString());
    }

    /** Somebody who is signed in with it is heard of: a request that was under way when it was lost does not bring it back. */
    public void seen(HttpServletRequest request, SignedIn me) {
        of(request).ifPresent(device -> keep(device, request, me));
    }

    private void keep(UUID device, HttpServletRequest request, SignedIn me) {
        jdbc.sql("""
                        insert into device (id, account_id, name, session, seen_at)
                        values (:id, :account, :name, :session, :now)
                        on duplicate key update account_id = :account, name = :name, session = :session, seen_at = :now
                        """)
                .param("id", device)
                .param("account", me.id())
                .param("name", kind(request.getHeader("User-Agent")))
                .param("session", request.getSession().getId())
                .param("now", clock.instant())
                .update();
    }

    private static String kind(@Nullable String userAgent) {
        if (userAgent == null) {
            return "Unknown";
        }
        return userAgent.contains("Mobi") ? "Phone" : userAgent.contains("Tablet") ? "Tablet" : "Computer";
    }

    /** Somebody has signed out with the browser of a request, and it keeps nothing. */
    public void signedOut(HttpServletRequest request, SignedIn me) {
        of(request)
                .ifPresent(device -> jdbc.sql(
                                "delete from device where id = :id and account_id = :account and lost_at is null")
                        .param("id", device)
                        .param("account", me.id())
                        .update());
    }

    /** Whether somebody has used a device before that is not lost. */
    public boolean isKnown(UUID device, UUID account) {
        return jdbc.sql("""
                                select count(*) from device
                                where id = :device and account_id = :account and lost_at is null
                                """)
                        .param("device", device)
                        .param("account", account)
                        .query(Integer.class)
                        .single()
                > 0;
    }

    /** Whether a device is lost; it has been told then. */
    public boolean tellIfLost(UUID device) {
        return jdbc.sql("update device set told_at = coalesce(told_at, :now) where id = :id and lost_at is not null")
                        .param("id", device)
                        .param("now", clock.instant())
                        .update()
                > 0;
    }

    /** The browser of a request, if it is lost: it may still say what it had not sent. */
    public Optional<Device> lost(HttpServletRequest request) {
        return of(request)
                .flatMap(device -> jdbc.sql(DEVICES + "where d.id = :id and d.lost_at is not null")
                        .param("id", device)
                        .query(Device.class)
                        .optional());
    }

    /** The browsers that somebody uses, of everybody if nobody is named, those used last first. */
    List<Device> all(@Nullable UUID account) {
        return jdbc.sql(DEVICES + """
                        where :account is null or d.account_id = :account
                        order by d.seen_at desc limit 200
                        """)
                .param("account", account)
                .query(Device.class)
                .list();
    }

    /** Symptoms a device out: its session ends, and it is to forget what it keeps. */
    @Transactional
    public void lose(UUID device) {
        jdbc.sql("select session from device where id = :id and lost_at is null")
                .param("id", device)
                .query(String.class)
                .optional()
                .ifPresent(sessions::end);
        jdbc.sql("update device set lost_at = coalesce(lost_at, :now) where id = :id")
                .param("id", device)
                .param("now", clock.instant())
                .update();
    }

    /** The same, of all that somebody uses. */
    @Transactional
    public void loseAll(UUID account) {
        all(account).forEach(device -> lose(device.id));
    }
}
