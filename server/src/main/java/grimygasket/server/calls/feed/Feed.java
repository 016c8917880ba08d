package grimygasket.server.calls.feed;

import grimygasket.server.accounts.sessions.Sessions;
import grimygasket.server.calls.records.CommandLog;
import grimygasket.server.calls.records.CommandLog.Changed;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Tells open pages which calls have changed, as server-sent events. It reads the log of commands, so that changes made through
 * another server on the same database are told, too. What an event is about is asked for by whoever wants to know.
 */
@Component
class Feed {
    private static final Logger LOG = LoggerFactory.getLogger(Feed.class);
    private static final Duration EVERY = Duration.ofSeconds(1);
    /** After that a browser comes back by itself, and its sign-in is looked at again. */
    private static final Duration LONGEST = Duration.ofMinutes(10);
    /** A row may become visible after a later one, as its transaction ends later: so long it is waited for. */
    private static final Duration LATE = Duration.ofSeconds(20);
    /** For whoever comes back: rows before the last one told that may have become visible after it. */
    private static final int LATE_ROWS = 50;

    /** More than anybody has missed one by one; and more than all installations enter within the time that is waited. */
    private static final int MOST = 5000;

    /** So often sessions are looked at: a feed ends with the one that it was opened with. */
    private static final int LOOKS_BETWEEN_SESSIONS = 5;

    /** So often something is sent in any case: else nobody notices that a connection is gone. */
    private static final int LOOKS_BETWEEN_BEATS = 20;

    private final CommandLog log;
    private final LogHistory history;
    private final Sessions sessions;
    private final Clock clock;
    private final ScheduledExecutorService timer = Executors.newSingleThreadScheduledExecutor();
    /** Listeners, with their sessions. */
    private final Map<SseEmitter, String> listeners = new ConcurrentHashMap<>();

    /** Rows that were told, by their place, and when. */
    private final TreeMap<Long, Long> told = new TreeMap<>();
    /** Up to here everything is told. */
    private long below;

    private int looks;

    Feed(CommandLog log, LogHistory history, Sessions sessions, Clock clock) {
        this.log = log;
        this.history = history;
        this.sessions = sessions;
        this.clock = clock;
        timer.scheduleWithFixedDelay(this::look, EVERY.toMillis(), EVERY.toMillis(), TimeUnit.MILLISECONDS);
    }

    /**
     * @param last id of the event that was told last: history and place in the log; null for whoever begins now
     * @param session of whoever listens
     */
    SseEmitter open(@Nullable String last, String session) throws IOException {
        var emitter = new SseEmitter(LONGEST.toMillis());
        emitter.onCompletion(() -> listeners.remove(emitter));
        emitter.onTimeout(emitter::complete);
        emitter.onError(e -> listeners.remove(emitter));
        long end = listen(emitter, session);
        if (last == null) {
            emitter.send(SseEmitter.event().name("here").id(id(end)).data("{}"));
        } else {
            long from = place(last, end);
            var missed = from < 0 ? List.<Changed>of() : log.after(Math.max(0, from - LATE_ROWS), MOST);
            if (from < 0 || missed.size() == MOST) {
                emitter.send(SseEmitter.event().name("all").id(id(end)).data("{}"));
            } else {
                for (var changed : missed) {
                    emitter.send(event(changed));
                }
            }
        }
        return emitter;
    }

    private String id(long seq) {
        return history.id() + "/" + seq;
    }

    /** The place in the log that an event's id names; below 0 if it is none of this log's, as the database was restored since. */
    private long place(String id, long end) {
        var parts = id.split("/", 2);
        if (parts.length < 2 || !parts[0].equals(history.id().toString()) || !parts[1].matches("[0-9]{1,18}")) {
            return -1;
        }
        long place = Long.parseLong(parts[1]);
        return place > end ? -1 : place;
    }

    /** @return where the log ends as the listener begins: what comes after is told to it */
    private synchronized long listen(SseEmitter emitter, String session) {
        long end = log.end();
        if (listeners.isEmpty()) {
            told.clear();
            below = Math.max(0, end - LATE_ROWS);
            log.after(below, LATE_ROWS).stream()
                    .filter(changed -> changed.seq() <= end)
                    .forEach(changed -> told.put(changed.seq(), clock.millis()));
        }
        listeners.put(emitter, session);
        return end;
    }

    private SseEmitter.SseEventBuilder event(Changed changed) {
        return SseEmitter.event().name("changed").id(id(changed.seq())).data(changed);
    }

    private synchronized void look() {
        if (listeners.isEmpty()) {
            return;
        }
        try {
            log.after(below, MOST).stream()
                    .filter(changed -> told.putIfAbsent(changed.seq(), clock.millis()) == null)
                    .forEach(changed -> tell(event(changed)));
            forget();
            if (++looks % LOOKS_BETWEEN_SESSIONS == 0) {
                endWithSessions();
            }
            if (looks % LOOKS_BETWEEN_BEATS == 0) {
                tell(SseEmitter.event().comment("beat"));
            }
        } catch (DataAccessException | CannotCreateTransactionException e) {
            // It is looked again in a second, and goes on where it was.
            LOG.debug("the log of commands cannot be read now", e);
        } catch (RuntimeException e) {
            // What is thrown here would end the schedule, and all feeds would be silent.
            LOG.error("the feed could not tell what has changed", e);
        }
    }

    private void forget() {
        long late = clock.millis() - LATE.toMillis();
        while (!told.isEmpty() && told.firstEntry().getValue() < late) {
            below = told.pollFirstEntry().getKey();
        }
    }

    private void endWithSessions() {
        var open = sessions.open(Set.copyOf(listeners.values()));
        listeners.forEach((listener, session) -> {
            if (!open.contains(session)) {
                listeners.remove(listener);
                listener.complete();
            }
        });
    }

    private void tell(SseEmitter.SseEventBuilder event) {
        var parts = event.build();
        for (var listener : List.copyOf(listeners.keySet())) {
            try {
                listener.send(parts);
            } catch (IOException | IllegalStateException e) {
                // Whoever is gone comes back and asks for what was missed.
                listeners.remove(listener);
            }
        }
    }

    @PreDestroy
    void close() {
        timer.shutdownNow();
        listeners.keySet().forEach(SseEmitter::complete);
    }
}
