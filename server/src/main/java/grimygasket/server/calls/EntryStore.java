package grimygasket.server.calls;

import grimygasket.server.web.ByOwner;
import grimygasket.units.Amount;
import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

@Repository
class EntryStore {
    private static final String COLUMNS =
            "select call_id as owner, id, at, entered_by as `by`, kind, subject, answer, reading, spread, complaint, version from entry ";

    private final JdbcClient jdbc;
    private final Clock clock;

    EntryStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** The story of a call, oldest first. */
    List<Entry> of(UUID callId) {
        return of(List.of(callId)).getOrDefault(callId, List.of());
    }

    /** Call to its story, oldest first. */
    Map<UUID, List<Entry>> of(Collection<UUID> calls) {
        return ByOwner.read(
                jdbc,
                COLUMNS + "where call_id in (:owners) and taken_back_at is null order by at, id",
                calls,
                Entry.class);
    }

    /** The entries since the machine was last changed, and the facts, which are of the time before. */
    static List<Entry> stretch(List<Entry> story) {
        int from = 0;
        for (int i = 0; i < story.size(); i++) {
            from = story.get(i).changesTheMachine() ? i + 1 : from;
        }
        var first = from;
        return IntStream.range(0, story.size())
                .filter(i -> i >= first || story.get(i).kind() == Entry.Kind.FACT)
                .mapToObj(story::get)
                .toList();
    }

    /** Whether a change with this id has been made before, even if it was taken back since. */
    boolean isKnown(UUID id) {
        return jdbc.sql("select count(*) from entry where id = :id")
                        .param("id", id)
                        .query(Integer.class)
                        .single()
                > 0;
    }

    Optional<Entry> entry(UUID id, UUID callId) {
        return jdbc.sql(COLUMNS + "where id = :id and call_id = :callId and taken_back_at is null")
                .param("id", id)
                .param("callId", callId)
                .query(Entry.class)
                .optional();
    }

    /** @param reading null where nothing was measured */
    void add(NewEntry entry, String subject, Amount reading, UUID callId, String by) {
        jdbc.sql("""
                        insert into entry (id, call_id, at, entered_by, kind, subject, answer, reading, spread, complaint)
                        values (:id, :callId, :at, :by, :kind, :subject, :answer, :reading, :spread, :complaint)
                        """)
                .param("complaint", entry.complaint())
                .param("reading", reading == null ? null : reading.value())
                .param("spread", reading == null ? null : reading.spread())
                .param("id", entry.id())
                .param("callId", callId)
                .param("at", clock.instant())
                .param("kind", entry.kind().name())
                .param("subject", subject)
                .param("answer", entry.answer())
                .param("by", by)
                .update();
    }

    /** Adds an entry of a call that was made elsewhere. */
    void bringIn(UUID callId, Entry entry) {
        jdbc.sql("""
                        insert into entry
                            (id, call_id, at, entered_by, kind, subject, answer, reading, spread, complaint, version)
                        values
                            (:id, :callId, :at, :by, :kind, :subject, :answer, :reading, :spread, :complaint, :version)
                        """)
                .param("reading", entry.reading())
                .param("spread", entry.spread())
                .param("id", entry.id())
                .param("callId", callId)
                .param("at", entry.at())
                .param("by", entry.by())
                .param("kind", entry.kind().name())
                .param("subject", entry.subject())
                .param("answer", entry.answer())
                .param("complaint", entry.complaint())
                .param("version", entry.version())
                .update();
    }

    /** Changes the answer if the entry still has that version. */
    boolean change(UUID id, String answer, Amount reading, int version) {
        return jdbc.sql("""
                                update entry set answer = :answer, reading = :reading, spread = :spread,
                                    version = version + 1
                                where id = :id and version = :version and taken_back_at is null
                                """)
                        .param("answer", answer)
                        .param("reading", reading == null ? null : reading.value())
                        .param("spread", reading == null ? null : reading.spread())
                        .param("id", id)
                        .param("version", version)
                        .update()
                == 1;
    }

    boolean remove(UUID id, int version) {
        return jdbc.sql("""
                                update entry set taken_back_at = :now
                                where id = :id and version = :version and taken_back_at is null
                                """)
                        .param("now", clock.instant())
                        .param("id", id)
                        .param("version", version)
                        .update()
                == 1;
    }
}
