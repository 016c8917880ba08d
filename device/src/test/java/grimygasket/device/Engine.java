package grimygasket.device;

import java.io.IOException;

/** Something that runs the core as it is compiled for browsers. */
interface Engine extends AutoCloseable {
    /** @param question its name, and what is given with it */
    String ask(String... question) throws IOException;

    /** How long it takes to answer, in milliseconds. */
    default double millis(String... question) throws IOException {
        long start = System.nanoTime();
        ask(question);
        return (System.nanoTime() - start) / 1e6;
    }

    @Override
    void close();
}
