package grimygasket.server.photos;

import grimygasket.call.Call;
import grimygasket.call.Photo;
import grimygasket.server.calls.records.FollowsCalls;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.util.unit.DataSize;

/** The pictures of a call's photos; what they show is in the call's record. */
@Repository
public class PhotoStore implements FollowsCalls {
    private final JdbcClient jdbc;

    private final DataSize room;

    PhotoStore(JdbcClient jdbc, @Value("${GASKET_PHOTO_ROOM:50GB}") DataSize room) {
        this.jdbc = jdbc;
        this.room = room;
    }

    /** Whether all photos together leave room for more, as far as the database keeps count of it without looking at each. */
    boolean hasRoom() {
        return jdbc.sql("""
                                select coalesce(max(data_length), 0) from information_schema.tables
                                where table_schema = database() and table_name = 'photo'
                                """).query(Long.class).single() < room.toBytes();
    }

    DataSize room() {
        return room;
    }

    public record Picture(String type, byte[] bytes) {}

    public Optional<Picture> picture(UUID id, UUID callId) {
        return jdbc.sql("select type, bytes from photo where id = :id and call_id = :callId")
                .param("id", id)
                .param("callId", callId)
                .query(Picture.class)
                .optional();
    }

    /** Adds a picture; one with that id is left as it is. */
    public void addIfNew(UUID callId, UUID id, Picture picture) {
        jdbc.sql("insert ignore into photo (id, call_id, type, bytes) values (:id, :callId, :type, :bytes)")
                .param("id", id)
                .param("callId", callId)
                .param("type", picture.type)
                .param("bytes", picture.bytes)
                .update();
    }

    /** A picture goes with its photo. */
    @Override
    public void follow(Call before, Call after) {
        var gone = before.photos().stream()
                .filter(photo -> !after.photos().contains(photo))
                .map(Photo::id)
                .toList();
        if (!gone.isEmpty()) {
            jdbc.sql("delete from photo where id in (:gone)")
                    .param("gone", gone)
                    .update();
        }
    }
}
