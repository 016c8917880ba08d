package grimygasket.server.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import org.springframework.dao.CannotAcquireLockException;
import org.testng.annotations.Test;

public class RolledBackTest {
    private final AtomicInteger tried = new AtomicInteger();

    /** Is rolled back so many times, and done then. */
    private Supplier<String> rolledBack(int times) {
        tried.set(0);
        return () -> {
            if (tried.incrementAndGet() <= times) {
                throw new CannotAcquireLockException("Deadlock found when trying to get lock");
            }
            return "done";
        };
    }

    @Test
    public void whatWasRolledBackIsDoneAgain() {
        assertEquals(RolledBack.again(rolledBack(0)), "done");
        assertEquals(tried.get(), 1);
        assertEquals(RolledBack.again(rolledBack(4)), "done");
        assertEquals(tried.get(), 5);
    }

    @Test
    public void notForEver() {
        assertThrows(CannotAcquireLockException.class, () -> RolledBack.again(rolledBack(9)));
        assertEquals(tried.get(), 5);
    }
}
