package grimygasket.server.calls;

import grimygasket.units.Amount;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

@Repository
class EntryStore {
    /** How many remedies had not cured the machine before; facts are those of the time before all of them. */
    private static final String PHASE = """
            (select case when :kind = 'FACT' then 0 else count(*) end from entry
             where call_id = :callId and answer in ('still-failing', 'partly'))
            """;

    private static final String COLUMNS =
            "select id, at, entered_by as `by`, kind, subject, answer, reading, spread, phase, version from entry ";

    private final JdbcClient jdbc;
    private final Clock clock;

    EntryStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** The story of a call, oldest first. */
    List<Entry> of(UUID callId) {
        return jdbc.sql(COLUMNS + "where call_id = :callId order by at, id")
                .param("callId", callId)
                .query(Entry.class)
                .list();
    }

    /** What is settled about a subject since the last remedy that did not cure. */
    Optional<Entry> settled(UUID callId, Entry.Kind kind, String subject) {
        return jdbc.sql(COLUMNS + "where call_id = :callId and kind = :kind and subject = :subject and phase = "
                        + PHASE)
                .param("callId", callId)
                .param("kind", kind.name())
                .param("subject", subject)
                .query(Entry.class)
                .optional();
    }

    Optional<Entry> entry(UUID id, UUID callId) {
        return jdbc.sql(COLUMNS + "where id = :id and call_id = :callId")
                .param("id", id)
                .param("callId", callId)
                .query(Entry.class)
                .optional();
    }

    /** @param reading null where nothing was measured */
    void add(NewEntry entry, String subject, Amount reading, UUID callId, String by) {
        jdbc.sql("""
                        insert into entry (id, call_id, at, entered_by, kind, subject, answer, reading, spread, phase)
                        values (:id, :callId, :at, :by, :kind, :subject, :answer, :reading, :spread, %s)
                        """.formatted(PHASE))
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
                            (id, call_id, at, entered_by, kind, subject, answer, reading, spread, phase, version)
                        values
                            (:id, :callId, :at, :by, :kind, :subject, :answer, :reading, :spread, :phase, :version)
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
                .param("phase", entry.phase())
                .param("version", entry.version())
                .update();
    }

    /** Changes the answer if the entry still has that version. */
    boolean change(UUID id, String answer, Amount reading, int version) {
        return jdbc.sql("""
                                update entry set answer = :answer, reading = :reading, spread = :spread,
                                    version = version + 1
                                where id = :id and version = :version
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
        return jdbc.sql("delete from entry where id = :id and version = :version")
                        .param("id", id)
                        .param("version", version)
                        .update()
                == 1;
    }
}
