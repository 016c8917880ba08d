package grimygasket.server.orders;

import grimygasket.round.PartToLoad;
import grimygasket.server.accounts.BusinessStore;
import grimygasket.server.calls.known.OnRounds;
import grimygasket.server.calls.records.CallStore;
import grimygasket.server.shelf.PartStore;
import grimygasket.stock.Need;
import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Works out what is to be ordered. */
@Component
class Orders {
    /** So far ahead a delivery is still in time for: estimate. */
    private static final int DAYS_AHEAD = 14;
    /** What was left open longer waits for something else. */
    private static final int DAYS_BACK = 30;

    private final PartStore parts;
    private final CallStore calls;
    private final OnRounds rounds;
    private final BusinessStore business;
    private final Clock clock;

    Orders(PartStore parts, CallStore calls, OnRounds rounds, BusinessStore business, Clock clock) {
        this.parts = parts;
        this.calls = calls;
        this.rounds = rounds;
        this.business = business;
        this.clock = clock;
    }

    /**
     * What is to be ordered.
     *
     * @param onVans over all vans and the store room
     * @param ordered for calls that are still open
     * @param coming ordered of a supplier, and not come yet
     * @param expected how many the open calls are expected to take: the chances that each takes one, added up
     * @param wanted see {@link Need}
     */
    record ToOrder(
            UUID id,
            String number,
            String name,
            String supplier,
            int onVans,
            int minimum,
            int ordered,
            int coming,
            double expected,
            int wanted) {}

    /** By supplier and number. */
    List<ToOrder> toOrder() {
        var expected = expected();
        return parts.levels(expected.keySet()).stream()
                .map(level -> {
                    double demand = expected.getOrDefault(level.id(), 0.0);
                    int wanted = Need.of(level.minimum(), demand, level.ordered(), level.onVans(), level.coming());
                    return new ToOrder(
                            level.id(),
                            level.number(),
                            level.name(),
                            level.supplier(),
                            level.onVans(),
                            level.minimum(),
                            level.ordered(),
                            level.coming(),
                            demand,
                            wanted);
                })
                .filter(one -> one.wanted() > 0)
                .toList();
    }

    private Map<UUID, Double> expected() {
        var today = business.get().today(clock);
        var open = calls.openBetween(today.minusDays(DAYS_BACK), today.plusDays(DAYS_AHEAD));
        var expected = new HashMap<UUID, Double>();
        open.stream()
                .collect(Collectors.groupingBy(filed -> filed.call().head().accountId()))
                .forEach((account, some) -> PartToLoad.expected(rounds.of(some, account))
                        .forEach((part, count) -> expected.merge(part, count, Double::sum)));
        return expected;
    }
}
