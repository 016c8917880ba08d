package grimygasket.server.calls.commands;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.UUID;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Lets the commands of one call wait for each other before they take a connection to the database: forty people who write to one call
 * would otherwise hold all connections, and keep everybody else waiting. What another server does to it the lock of its row sees to.
 */
@Component
class Turns {
    private final Cache<UUID, ReentrantLock> locks =
            Caffeine.newBuilder().weakValues().build();

    /** Does something to a call once everybody who came before has done theirs. */
    <T> T of(UUID call, Supplier<T> act) {
        var lock = locks.get(call, unused -> new ReentrantLock(true));
        lock.lock();
        try {
            return act.get();
        } finally {
            lock.unlock();
        }
    }
}
