package grimygasket.server.accounts.signin;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class PasswordsTest {
    @DataProvider
    public Object[][] bad() {
        return new Object[][] {
            {"short-one", "10 characters or more"},
            {"          ", "too few different"},
            {"aaaaaaaaaaaa", "too few different"},
            {"            .", "too few different"},
            {"Я".repeat(31) + "жукдом", "too long"},
            {"🙂".repeat(14) + "abcdefghijklmnopq", "too long"},
            {"Password123!", "among the first"},
            {"1q2w3e4r5t", "among the first"},
            {"maren-the-lead", "Leave the sign-in name out"},
        };
    }

    @Test(dataProvider = "bad")
    public void whatIsGuessedAtOnceIsNotTaken(String password, String sentence) {
        var problem = Passwords.problem(password, "Maren").orElse("none");
        assertTrue(problem.contains(sentence), password + ": " + problem);
    }

    @Test
    public void aFewWordsOfOnesOwnAreTaken() {
        assertEquals(Passwords.problem("lint-and-limescale", "maren"), Optional.empty());
        assertEquals(Passwords.problem("Kesselstein löst sich", "maren"), Optional.empty());
    }
}
