package grimygasket.server.calls;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.testng.annotations.Test;

public class PhotoTest extends ServerTest {
    public static byte[] picture() throws IOException {
        var bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(4, 3, BufferedImage.TYPE_INT_RGB), "png", bytes);
        return bytes.toByteArray();
    }

    @Test
    public void aPhotoIsKeptWithItsLineOnceAndTakenBack() throws IOException {
        var client = signedIn();
        var call = Calls.add(client);
        var line = call.lay("filter")
                .body()
                .path("job")
                .path("pieces")
                .path(0)
                .path("id")
                .asString();
        var id = UUID.randomUUID();
        var photo = call.path + "/photos/" + id;
        call.photo(id, line, picture());
        var twice = call.photo(id, line, picture()).body();
        assertEquals(twice.path("photos").size(), 1);
        assertEquals(twice.path("photos").path(0).path("lineId").asString(), line);
        var shown = client.get(photo).response();
        assertEquals(shown.headers().firstValue("Content-Type").orElse(""), "image/png");
        assertEquals(shown.headers().firstValue("X-Content-Type-Options").orElse(""), "nosniff");
        assertEquals(call.removePhoto(id).body().path("photos").size(), 0);
        assertEquals(client.get(photo).kind(), "not-found");
    }

    @Test
    public void aPhotoShowsALineThatIsThereAndGoesWithIt() throws IOException {
        var client = signedIn();
        var call = Calls.add(client);
        var astray = call.photo(UUID.randomUUID(), "" + UUID.randomUUID(), picture());
        assertEquals(astray.kind(), "stale");
        assertEquals(
                jdbc.sql("select count(*) from photo where call_id = :id")
                        .param("id", call.id())
                        .query(Integer.class)
                        .single(),
                0);
        var line = call.lay("filter").body().path("job").path("pieces").path(0);
        var id = line.path("id").asString();
        call.photo(UUID.randomUUID(), "" + id, picture());
        var without = call.drop(id, line.path("version").asInt());
        assertEquals(without.body().path("photos").size(), 0);
    }

    @Test
    public void whatOnlyCallsItselfAPhotoIsRefused() {
        var client = signedIn();
        var call = Calls.add(client);
        var script = "<svg xmlns='http://www.w3.org/2000/svg'><script/></svg>".getBytes(StandardCharsets.UTF_8);
        var line = call.lay("filter")
                .body()
                .path("job")
                .path("pieces")
                .path(0)
                .path("id")
                .asString();
        var refused = call.photo(UUID.randomUUID(), "" + line, script);
        assertEquals(refused.kind(), "invalid");
        assertTrue(refused.detail().contains("JPEG and PNG"), refused.detail());
    }
}
