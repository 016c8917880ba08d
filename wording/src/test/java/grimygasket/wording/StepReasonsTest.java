package grimygasket.wording;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.diagnosis.plan.StepReason;
import grimygasket.diagnosis.plan.StepReason.Kind;
import java.util.Arrays;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class StepReasonsTest {
    @DataProvider
    Object[][] kinds() {
        return Arrays.stream(Kind.values()).map(kind -> new Object[] {kind}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "kinds")
    public void everyReasonIsASentence(Kind kind) {
        var said = say(kind, 0.5, "Pump jammed", "");
        assertTrue(said.matches("[A-Z0-9“].*\\."), said);
    }

    @DataProvider
    Object[][] sentences() {
        return new Object[][] {
            {say(Kind.TELLS_APART, 0, "Pump jammed", ""), "Separates: pump jammed, none of these."},
            {say(Kind.FIRMS_UP, 0, "Pump jammed"), "Tests for: pump jammed."},
            {say(Kind.OPENING, 6.6), "Opening and closing again take 7 min of it."},
            {say(Kind.FITS_NOTHING, 0.997), "No listed fault fits well enough to continue (none of these: over 99%)."},
            {
                say(Kind.NO_CURE, 0.42, "Pump jammed"),
                "“Pump jammed” is the likeliest, 42%, and nothing listed cures it on this machine."
            },
        };
    }

    @Test(dataProvider = "sentences")
    public void aReasonSpeaksOfWhatItIsAbout(String said, String wanted) {
        assertEquals(said, wanted);
    }

    private static String say(Kind kind, double amount, String... about) {
        return StepReasons.say(new StepReason(kind, List.of(about), amount));
    }
}
