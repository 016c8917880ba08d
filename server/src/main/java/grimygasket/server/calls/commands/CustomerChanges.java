package grimygasket.server.calls.commands;

import grimygasket.call.change.Customer;
import grimygasket.server.calls.records.CallStore;
import grimygasket.server.calls.records.CommandLog;
import grimygasket.server.customers.CustomerStore;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.time.Clock;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Changes of customers on file; whoever has an open call of theirs on a device is told. */
@Component
public class CustomerChanges {
    private final CustomerStore customers;
    private final CallStore calls;
    private final Erasure erasure;
    private final CommandLog log;
    private final Clock clock;

    CustomerChanges(CustomerStore customers, CallStore calls, Erasure erasure, CommandLog log, Clock clock) {
        this.customers = customers;
        this.calls = calls;
        this.erasure = erasure;
        this.log = log;
        this.clock = clock;
    }

    /** @param account of whoever does it */
    @Transactional(propagation = Propagation.MANDATORY)
    public void correct(Customer wanted, UUID account) {
        customers.correct(wanted);
        tellOf(wanted.id(), wanted, account);
    }

    /** Erases a customer for good. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void erase(UUID customer, UUID account) {
        customers.customer(customer);
        for (var call : erasure.erase(customer)) {
            log.addNew(UUID.randomUUID(), "erase-customer", call, account, clock.instant(), Map.of());
        }
    }

    /** Two entries were of the same customer: one goes, and its machines are the other's. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void join(UUID from, UUID into, UUID account) {
        if (from.equals(into)) {
            throw new Problem(Kind.INVALID, "These are the same entry already.");
        }
        // In one order, whoever joins which.
        var first = customers.customer(from.compareTo(into) < 0 ? from : into);
        var second = customers.customer(from.compareTo(into) < 0 ? into : from);
        customers.join(from, into);
        tellOf(into, first.id().equals(into) ? first : second, account);
    }

    /**
     * Tells everybody who has an open call of a customer what was put right.
     *
     * @param what stands there now
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void tellOf(UUID customer, Object what, UUID account) {
        for (var call : calls.openOf(customer)) {
            log.addNew(UUID.randomUUID(), "correct-customer", call, account, clock.instant(), what);
        }
    }
}
