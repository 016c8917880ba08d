package grimygasket.server.accounts;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Browsers that somebody is signed in with; one that is lost is signed out, and told to forget what it keeps. */
@Component
public class Devices {
    /** By which a browser names itself. */
    public static final String HEADER = "X-Device";

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
    record Device(
            UUID id,
            UUID account,
            String owner,
            String name,
            Instant seenAt,
            @Nullable Instant lostAt,
            @Nullable Instant toldAt) {}

    /** What the browser of a request calls itself; empty for one that does not. */
    static Optional<UUID> of(HttpServletRequest request) {
        try {
            return Optional.ofNullable(request.getHeader(HEADER)).map(UUID::fromString);
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    /** Somebody has signed in with the browser of a request, so that it is not lost any more. */
    @Transactional
    public void signedIn(HttpServletRequest request, SignedIn me) {
        seen(request, me);
        of(request)
                .ifPresent(device -> jdbc.sql("update device set lost_at = null, told_at = null where id = :id")
                        .param("id", device)
                        .update());
    }

    /** Somebody who is signed in with it is heard of: a request that was under way when it was lost does not bring it back. */
    public void seen(HttpServletRequest request, SignedIn me) {
        of(request)
                .ifPresent(device -> jdbc.sql("""
                                insert into device (id, account_id, name, session, seen_at)
                                values (:id, :account, :name, :session, :now)
                                on duplicate key update account_id = :account, name = :name, session = :session,
                                    seen_at = :now
                                """)
                        .param("id", device)
                        .param("account", me.id())
                        .param("name", kind(request.getHeader("User-Agent")))
                        .param("session", request.getSession().getId())
                        .param("now", clock.instant())
                        .update());
    }

    private static String kind(@Nullable String userAgent) {
        if (userAgent == null) {
            return "Unknown";
        }
        return userAgent.contains("Mobi") ? "Phone" : userAgent.contains("Tablet") ? "Tablet" : "Computer";
    }

    /** Somebody has signed out with the browser of a request, and it keeps nothing. */
    void signedOut(HttpServletRequest request, SignedIn me) {
        of(request)
                .ifPresent(device -> jdbc.sql(
                                "delete from device where id = :id and account_id = :account and lost_at is null")
                        .param("id", device)
                        .param("account", me.id())
                        .update());
    }

    /** Whether somebody has used a device before that is not lost. */
    boolean isKnown(UUID device, UUID account) {
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
    boolean tellIfLost(UUID device) {
        return jdbc.sql("update device set told_at = coalesce(told_at, :now) where id = :id and lost_at is not null")
                        .param("id", device)
                        .param("now", clock.instant())
                        .update()
                > 0;
    }

    /** The browsers that somebody uses, of everybody if nobody is named, those used last first. */
    List<Device> all(@Nullable UUID account) {
        return jdbc.sql("""
                        select d.id, d.account_id as account, a.name as owner, d.name, d.seen_at, d.lost_at, d.told_at
                        from device d join account a on a.id = d.account_id
                        where :account is null or d.account_id = :account
                        order by d.seen_at desc limit 200
                        """).param("account", account).query(Device.class).list();
    }

    /** Signs a device out: its session ends, and it is to forget what it keeps. */
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
