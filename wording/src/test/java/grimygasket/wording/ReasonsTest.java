package grimygasket.wording;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.call.Reason;
import java.util.Arrays;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ReasonsTest {
    @DataProvider
    Object[][] kinds() {
        return Arrays.stream(Reason.Kind.values())
                .map(kind -> new Object[] {kind})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "kinds")
    public void everyReasonIsASentence(Reason.Kind kind) {
        var about = kind == Reason.Kind.NOT_QUALIFIED ? "GAS" : "Pump hums.";
        var said = Reasons.say(new Reason(kind, List.of(about, "Pump is silent.")));
        assertTrue(said.matches("(?s)[A-Z“].*\\."), said);
    }

    @Test
    public void theSentenceSpeaksOfWhatItIsAbout() {
        assertEquals(
                Reasons.say(new Reason(Reason.Kind.LICENSED, List.of("gas fitter"))),
                "This is work for a licensed gas fitter. Make it safe, and hand the call on.");
        assertEquals(
                Reasons.say(new Reason(Reason.Kind.NOT_QUALIFIED, List.of("ELECTRICAL"))),
                "This is for somebody qualified for electrical measuring: hand it on. Who is qualified stands under"
                        + " Settings, People.");
        assertEquals(Reasons.say(new Reason(Reason.Kind.UNFIT, List.of("say what was found"))), "Say what was found.");
    }
}
