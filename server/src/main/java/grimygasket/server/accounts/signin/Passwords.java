package grimygasket.server.accounts.signin;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.core.io.ClassPathResource;

/** Which passwords are taken. */
final class Passwords {
    private static final int LEAST = 10;

    /** More bytes the hash does not see (bcrypt). */
    private static final int MOST_BYTES = 72;

    /** Fewer different characters are guessed by machine at once. */
    private static final int LEAST_DIFFERENT = 5;

    private static final Set<String> COMMONEST = commonest();

    private Passwords() {}

    private static Set<String> commonest() {
        try {
            return new ClassPathResource("commonest-passwords.txt")
                    .getContentAsString(StandardCharsets.UTF_8)
                    .lines()
                    .collect(Collectors.toUnmodifiableSet());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What is wrong with somebody's new password, in a sentence; empty if nothing is. */
    static Optional<String> problem(String password, String login) {
        var plain = password.strip().toLowerCase(Locale.ROOT);
        if (password.codePointCount(0, password.length()) < LEAST) {
            return Optional.of("A password has " + LEAST + " characters or more.");
        }
        if (password.getBytes(StandardCharsets.UTF_8).length > MOST_BYTES) {
            return Optional.of(
                    "This password is too long: " + MOST_BYTES + " plain letters at most, fewer with others.");
        }
        if (plain.codePoints().distinct().count() < LEAST_DIFFERENT) {
            return Optional.of("This password has too few different characters.");
        }
        if (!login.isBlank() && plain.contains(login.strip().toLowerCase(Locale.ROOT))) {
            return Optional.of("Leave the sign-in name out of the password.");
        }
        return COMMONEST.contains(plain)
                ? Optional.of("This password is among the first that anybody tries. Take a few words of your own.")
                : Optional.empty();
    }
}
