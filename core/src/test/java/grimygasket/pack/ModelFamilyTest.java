package grimygasket.pack;

import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.List;
import org.testng.annotations.Test;

public class ModelFamilyTest {
    @Test
    public void aModelBelongsByTheBeginningOfItsNameHoweverItIsWritten() {
        var family = new ModelFamily("dw6", "DW-6", "Corvanne", List.of("DW-6", "Galley"));
        assertTrue(family.has("corvanne", "dw 610 S"));
        assertTrue(family.has("Corvanne ", "Galley 2"));
        assertFalse(family.has("Corvanne", "DW-450"));
        assertFalse(family.has("Ostrelle", "DW-610"));
        assertFalse(family.has("Corvanne", null));
        expectThrows(IllegalArgumentException.class, () -> new ModelFamily("x", "X", "Corvanne", List.of()));
    }
}
