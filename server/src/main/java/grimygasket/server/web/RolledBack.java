package grimygasket.server.web;

import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.dao.PessimisticLockingFailureException;

/** Does again what the database has rolled back: it and another waited for each other, or it came twice at once. */
public final class RolledBack {
    private static final Logger LOG = LoggerFactory.getLogger(RolledBack.class);
    private static final int TRIES = 5;

    private RolledBack() {}

    /** @param act a transaction of its own, which does nothing twice */
    public static <T> T again(Supplier<T> act) {
        for (int i = 1; i < TRIES; i++) {
            try {
                return act.get();
            } catch (DuplicateKeyException | PessimisticLockingFailureException e) {
                LOG.info("Tried again: {}", e.getMessage());
            }
        }
        return act.get();
    }
}
