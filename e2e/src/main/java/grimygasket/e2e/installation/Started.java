package grimygasket.e2e.installation;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;

/** A start command that runs, and what it has said. */
public final class Started {
    private static final Duration PATIENCE = Duration.ofMinutes(3);

    public final Process process;
    private final Path log;

    public Started(Process process, Path log) {
        this.process = process;
        this.log = log;
    }

    public String said() throws IOException {
        return Files.readString(log);
    }

    /** Waits until it has said something. */
    public Started says(String words) throws IOException, InterruptedException {
        return says(words, 1);
    }

    /** The same, so many times. */
    public Started says(String words, int times) throws IOException, InterruptedException {
        var until = Instant.now().plus(PATIENCE);
        while (said().split(Pattern.quote(words), -1).length <= times) {
            if (!process.isAlive() || Instant.now().isAfter(until)) {
                throw new IllegalStateException("it has not said “" + words + "”, but:\n" + said());
            }
            Thread.sleep(100);
        }
        return this;
    }

    /** Until somebody can work with it. */
    public Started ready() throws IOException, InterruptedException {
        return says("- Ready");
    }

    /** Waits for its end. */
    public int status() throws InterruptedException {
        if (!process.waitFor(PATIENCE.toSeconds(), TimeUnit.SECONDS)) {
            throw new IllegalStateException("it does not end");
        }
        return process.exitValue();
    }

    /** As Ctrl-C does. */
    public void end() throws IOException {
        process.destroy();
        process.onExit().join();
        Files.deleteIfExists(log);
    }

    /** The same, and what it has said is kept. */
    public String endAndSay() throws IOException {
        process.destroy();
        process.onExit().join();
        return said();
    }
}
