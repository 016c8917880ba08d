package grimygasket.server.board;

import grimygasket.call.Head;
import grimygasket.round.CallSummary;
import grimygasket.round.DayAhead;
import grimygasket.round.DayPlan;
import grimygasket.round.OnRound;
import grimygasket.server.accounts.AccountStore;
import grimygasket.server.accounts.AccountStore.Technician;
import grimygasket.server.accounts.BusinessStore;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.calls.known.OnRounds;
import grimygasket.server.calls.records.CallStore;
import grimygasket.server.calls.records.Filed;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import grimygasket.server.web.Zones;
import grimygasket.visit.ring.Authority;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Reads a day of all who go out on calls. */
@Component
class Boards {
    private final AccountStore accounts;
    private final BusinessStore business;
    private final CallStore calls;
    private final OnRounds rounds;
    private final Clock clock;

    Boards(AccountStore accounts, BusinessStore business, CallStore calls, OnRounds rounds, Clock clock) {
        this.accounts = accounts;
        this.business = business;
        this.calls = calls;
        this.rounds = rounds;
        this.clock = clock;
    }

    /** @param plan null where nothing is left of the day */
    record Lane(
            UUID account,
            String name,
            List<CallSummary> calls,
            @Nullable DayPlan plan) {}

    /**
     * @param today where the business works
     * @param lanes of all who may sign in; for a technician their own alone
     * @param nobody calls that nobody has: of the day, and left over from earlier ones
     */
    record Board(LocalDate day, LocalDate today, List<Lane> lanes, List<CallSummary> nobody) {}

    Board board(LocalDate day, SignedIn me) {
        var ours = business.get();
        var zone = Zones.of(ours.clocks());
        long now = clock.millis();
        var byAccount = byAccount(day);
        var lanes = accounts.technicians().stream()
                .filter(one -> me.rank() == Authority.LEAD || one.id().equals(me.id()))
                .map(one -> {
                    var ofDay = rounds.of(byAccount.getOrDefault(one.id(), List.of()), one.id());
                    return new Lane(
                            one.id(),
                            one.name(),
                            summaries(ofDay, now),
                            DayPlan.of(DayAhead.of(ofDay, ours.shift(), now, zone)));
                })
                .toList();
        return new Board(day, ours.today(clock), lanes, summaries(rounds.of(nobodys(byAccount, day), me.id()), now));
    }

    private Map<UUID, List<Filed>> byAccount(LocalDate day) {
        return calls.onDay(day).stream()
                .collect(Collectors.groupingBy(filed -> filed.call().head().accountId()));
    }

    private List<Filed> nobodys(Map<UUID, List<Filed>> byAccount, LocalDate day) {
        return Stream.concat(
                        calls.openBefore(Head.NOBODY, day).stream(),
                        byAccount.getOrDefault(Head.NOBODY, List.of()).stream())
                .toList();
    }

    private static List<CallSummary> summaries(List<OnRound> some, long now) {
        return some.stream().map(one -> CallSummary.of(one, now)).toList();
    }

    /** The day of everybody as it is to be planned: visits that are not under way can go to whoever takes them best. */
    List<Van> vans(LocalDate day) {
        var ours = business.get();
        if (day.isBefore(ours.today(clock))) {
            throw new Problem(Kind.INVALID, "This day is over. Go on to today, and plan from there.");
        }
        var zone = Zones.of(ours.clocks());
        long now = clock.millis();
        boolean today = day.equals(ours.today(clock));
        var byAccount = byAccount(day);
        var technicians = accounts.technicians();
        var ahead = technicians.stream().collect(Collectors.toMap(Technician::id, one -> {
            var own = DayAhead.of(
                    rounds.of(byAccount.getOrDefault(one.id(), List.of()), one.id()), ours.shift(), now, zone);
            return own == null ? DayAhead.empty(ours.shift(), today, now, zone) : own;
        }));
        var movable = movable(byAccount, day, ahead);
        var vans = new ArrayList<Van>();
        for (var one : technicians) {
            var stops = DayAhead.visits(rounds.of(movable, one.id())).stream()
                    .map(visit ->
                            DayAhead.stop(visit, visit.get(0).call().head().window(), now))
                    .collect(Collectors.toMap(stop -> stop.id(), stop -> stop));
            vans.add(new Van(one.id(), ahead.get(one.id()), stops));
        }
        return vans;
    }

    /** The open calls of visits that nobody has begun. */
    private List<Filed> movable(Map<UUID, List<Filed>> byAccount, LocalDate day, Map<UUID, DayAhead> ahead) {
        var planned = ahead.values().stream()
                .flatMap(one -> one.rest().stream())
                .map(stop -> stop.id())
                .collect(Collectors.toSet());
        return Stream.concat(
                        nobodys(byAccount, day).stream(),
                        byAccount.entrySet().stream()
                                .filter(one -> ahead.containsKey(one.getKey()))
                                .flatMap(one -> one.getValue().stream())
                                .filter(filed ->
                                        planned.contains(filed.call().head().visitId())))
                .filter(filed -> filed.call().head().closing() == null)
                .toList();
    }

    /** The calls of some visits. */
    Map<UUID, List<Head>> heads(LocalDate day) {
        var byAccount = byAccount(day);
        return Stream.concat(
                        nobodys(byAccount, day).stream(),
                        byAccount.entrySet().stream()
                                .filter(one -> !one.getKey().equals(Head.NOBODY))
                                .flatMap(one -> one.getValue().stream()))
                .map(filed -> filed.call().head())
                .filter(head -> head.closing() == null)
                .collect(Collectors.groupingBy(Head::visitId));
    }
}
