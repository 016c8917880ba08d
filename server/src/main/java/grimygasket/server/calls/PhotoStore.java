package grimygasket.server.calls;

import grimygasket.server.web.ByOwner;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Photos of a call, each of a line of its job sheet. */
@Repository
class PhotoStore {
    private final JdbcClient jdbc;

    PhotoStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** @param lineId of the line that it shows */
    record Photo(UUID id, UUID lineId, Instant at) {}

    record Picture(String type, byte[] bytes) {}

    /** Call to its photos, oldest first. */
    Map<UUID, List<Photo>> of(Collection<UUID> calls) {
        return ByOwner.read(jdbc, """
                select call_id as owner, id, line_id, at from photo
                where call_id in (:owners) order by at, id
                """, calls, Photo.class);
    }

    Optional<Picture> picture(UUID id, UUID callId) {
        return jdbc.sql("select type, bytes from photo where id = :id and call_id = :callId")
                .param("id", id)
                .param("callId", callId)
                .query(Picture.class)
                .optional();
    }

    /** Adds a photo; one with that id is left as it is. */
    void addIfNew(UUID callId, Photo photo, Picture picture) {
        jdbc.sql("""
                        insert ignore into photo (id, call_id, line_id, type, bytes, at)
                        values (:id, :callId, :lineId, :type, :bytes, :at)
                        """)
                .param("id", photo.id)
                .param("callId", callId)
                .param("lineId", photo.lineId)
                .param("type", picture.type)
                .param("bytes", picture.bytes)
                .param("at", photo.at)
                .update();
    }

    void remove(UUID id, UUID callId) {
        jdbc.sql("delete from photo where id = :id and call_id = :callId")
                .param("id", id)
                .param("callId", callId)
                .update();
    }
}
