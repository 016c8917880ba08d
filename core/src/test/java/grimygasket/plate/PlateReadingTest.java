package grimygasket.plate;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class PlateReadingTest {
    private static final List<String> MAKERS = List.of("Corvanne", "Ostrelle", "Haldbeck & Son");

    @DataProvider
    public Object[][] plates() {
        return new Object[][] {
            {
                "CORVANNE\nMODEL DW-610 S\nSERIAL NO 2114-0937\n220-240 V ~ 50 Hz 2100 W",
                "Corvanne",
                "DW-610 S",
                "2114-0937"
            },
            {"Ostrelle  made by hand\nTyp: Lagoon 3   S/N: OL3-55172\nPOWER 1900 W", "Ostrelle", "Lagoon 3", "OL3-55172"
            },
            {"Haldbeck & Son\nMod.\nH60 Inn\nSer. No.\n60-118834", "Haldbeck & Son", "H60 Inn", "60-118834"},
            {"Model\nHaldbeck & Son\nLagoon 3\nSerial No.\n2383-0926", "Haldbeck & Son", "Lagoon 3", "2383-0926"},
            // As it is misread: figures in words, a letter of the maker's.
            {"C0RVANNE\nM0DEL DW-450\nSERlAL 1808-2210", "Corvanne", "DW-450", "1808-2210"},
            {"~ Corvamne |\n| Model: TD-8 C | Serial: 2006-0251 |", "Corvanne", "TD-8 C", "2006-0251"},
            {"Corvanne\nMODEL WM-7 R SERIAL 1911-3320 FUSE 10 A", "Corvanne", "WM-7 R", "1911-3320"},
        };
    }

    @Test(dataProvider = "plates")
    public void whatStandsAfterALabelIsItsValue(String text, String maker, String model, String serial) {
        assertEquals(PlateReading.of(text, MAKERS), new PlateReading(maker, model, serial));
    }

    @Test
    public void whatIsNotThereIsNotMadeUp() {
        assertEquals(PlateReading.of("", MAKERS), new PlateReading(null, null, null));
        assertEquals(PlateReading.of("230 V 50 Hz\nMade in Saltmere", MAKERS), new PlateReading(null, null, null));
        assertNull(PlateReading.of("MODEL\nSERIAL", MAKERS).model(), "labels alone");
        assertNull(
                PlateReading.of("MODEL\nSERIAL\n2114-0937", MAKERS).model(),
                "what stands below another label is that one's");
        assertNull(PlateReading.of("MODEL Lagoon\nSERIAL 1", MAKERS).model(), "a model has a figure");
        assertNull(PlateReading.of("S/N:\n230 V ~ 50 Hz", MAKERS).serial(), "a voltage");
        assertNull(PlateReading.of("SERIAL 3\nMODEL 7", MAKERS).serial(), "the rest of something");
        assertNull(PlateReading.of("Corvex\nMODEL 12", MAKERS).maker(), "too far from any that is known");
    }
}
