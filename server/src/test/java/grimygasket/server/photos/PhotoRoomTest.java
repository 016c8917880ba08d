package grimygasket.server.photos;

import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import org.springframework.util.unit.DataSize;
import org.testng.annotations.Test;

public class PhotoRoomTest extends ServerTest {
    @Test
    public void photosHaveABudget() {
        assertTrue(new PhotoStore(jdbc, DataSize.ofGigabytes(1)).hasRoom());
        assertFalse(new PhotoStore(jdbc, DataSize.ofBytes(1)).hasRoom(), "a table has some pages from the beginning");
    }
}
