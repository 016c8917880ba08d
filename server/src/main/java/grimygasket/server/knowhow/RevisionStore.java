package grimygasket.server.knowhow;

import grimygasket.knowhow.KnowhowText;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Every version of the know-how that was ever in use here; none of them changes. */
@Repository
class RevisionStore {
    private final JdbcClient jdbc;
    private final Clock clock;

    RevisionStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    enum Source {
        SHIPPED,
        IMPORTED,
        EDITED
    }

    /**
     * @param active whether new calls are judged with it
     * @param calls how many calls were judged with it
     */
    record Revision(int number, Source source, String note, Instant at, boolean active, int calls) {}

    /** Newest first. */
    List<Revision> of(String kind) {
        return jdbc.sql("""
                        select r.number, r.source, r.note, r.at,
                               exists (select 1 from knowhow_active a
                                       where a.kind = r.kind and a.number = r.number) as active,
                               coalesce(u.calls, 0) as calls
                        from knowhow_revision r left join knowhow_use u on u.kind = r.kind and u.number = r.number
                        where r.kind = :kind order by r.number desc
                        """).param("kind", kind).query(Revision.class).list();
    }

    Optional<KnowhowText> texts(String kind, int number) {
        return jdbc.sql("select pack, codes from knowhow_revision where kind = :kind and number = :number")
                .param("kind", kind)
                .param("number", number)
                .query(KnowhowText.class)
                .optional();
    }

    Optional<Integer> active(String kind) {
        return jdbc.sql("select number from knowhow_active where kind = :kind")
                .param("kind", kind)
                .query(Integer.class)
                .optional();
    }

    /** The number of the newest revision with exactly these texts: letter by letter, which columns of text do not compare by themselves. */
    Optional<Integer> find(String kind, KnowhowText texts) {
        return jdbc.sql("""
                        select number from knowhow_revision
                        where kind = :kind and pack = binary :pack and codes = binary :codes
                        order by number desc limit 1
                        """)
                .param("kind", kind)
                .param("pack", texts.pack())
                .param("codes", texts.codes())
                .query(Integer.class)
                .optional();
    }

    /** Adds a revision; its number. */
    @Transactional
    public int add(String kind, Source source, String note, KnowhowText texts) {
        int number = jdbc.sql("select coalesce(max(number), 0) + 1 from knowhow_revision where kind = :kind for update")
                .param("kind", kind)
                .query(Integer.class)
                .single();
        jdbc.sql("""
                        insert into knowhow_revision (kind, number, source, note, at, pack, codes)
                        values (:kind, :number, :source, :note, :at, :pack, :codes)
                        """)
                .param("kind", kind)
                .param("number", number)
                .param("source", source.name())
                .param("note", note)
                .param("at", clock.instant())
                .param("pack", texts.pack())
                .param("codes", texts.codes())
                .update();
        return number;
    }

    void activate(String kind, int number) {
        jdbc.sql("""
                        insert into knowhow_active (kind, number) values (:kind, :number)
                        on duplicate key update number = :number
                        """).param("kind", kind).param("number", number).update();
    }
}
