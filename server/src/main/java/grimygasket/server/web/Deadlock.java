package grimygasket.server.web;

import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.PessimisticLockingFailureException;

/** Does again what the database has rolled back because it and somebody else's waited for each other. */
public final class Deadlock {
    private static final Logger LOG = LoggerFactory.getLogger(Deadlock.class);
    private static final int TRIES = 5;

    private Deadlock() {}

    /** @param act a transaction of its own, which does nothing twice */
    public static <T> T outlast(Supplier<T> act) {
        for (int i = 1; i < TRIES; i++) {
            try {
                return act.get();
            } catch (PessimisticLockingFailureException e) {
                LOG.info("Tried again: {}", e.getMessage());
            }
        }
        return act.get();
    }
}
