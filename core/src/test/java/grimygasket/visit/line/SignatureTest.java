package grimygasket.visit.line;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SignatureTest {
    @DataProvider
    Object[][] noSignatures() {
        return new Object[][] {
            {""},
            {" "},
            {"1"},
            {"1,"},
            {",1"},
            {"1,2;"},
            {"1,2  3,4"},
            {"301,0"},
            {"0,101"},
            {"-1,0"},
            {"1,2,3"},
            {"a,b"},
            {"0001,1"},
            {"１,1"}
        };
    }

    @Test(dataProvider = "noSignatures")
    public void onlyPointsOfTheFieldAreASignature(String strokes) {
        assertThrows(IllegalArgumentException.class, () -> new Signature("Tess Orrin", strokes));
    }

    @Test
    public void itsCornersAreOfTheField() {
        assertEquals(new Signature("Tess Orrin", "0,0 300,100;5,5").strokes(), "0,0 300,100;5,5");
        assertThrows(IllegalArgumentException.class, () -> new Signature(" ", "0,0"));
    }

    @Test
    public void whoSignsAnewWhileNobodyElseDidIsTaken() {
        var was = new Signature("Tess Orrin", "1,1");
        var anew = new Signature("Tess Orrin", "2,2");
        assertEquals(anew.merged(was, was), Optional.of(anew));
        assertEquals(
                anew.merged(was, new Signature("Tess Orrin", "3,3")), Optional.empty(), "two have signed otherwise");
    }
}
