package grimygasket.server.homes;

import grimygasket.server.accounts.BusinessStore;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.calls.known.CallViews;
import grimygasket.server.calls.known.Known;
import grimygasket.server.homes.DueStore.NextDate;
import grimygasket.server.web.Zones;
import grimygasket.visit.Advice;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Works out what machines are due for. */
@Service
class Dues {
    private final DueStore store;
    private final CallViews views;
    private final BusinessStore business;

    Dues(DueStore store, CallViews views, BusinessStore business) {
        this.store = store;
        this.views = views;
        this.business = business;
    }

    /** @return whether all of it is worked out now, and not only a part */
    @Transactional
    public boolean workOut(SignedIn me) {
        workOut(null, me);
        return store.isComplete();
    }

    /** @param machine the only one that is worked out; null for all */
    @Transactional
    public void workOut(@Nullable UUID machine, SignedIn me) {
        var zone = business.get().clocks();
        views.known(store.toWorkOut(machine), me)
                .forEach(known -> store.keep(known.call().machine().id(), dues(known, zone)));
    }

    private static List<NextDate> dues(Known known, ZoneId zone) {
        var call = known.call();
        var knowhow = known.knowhow();
        long closed = Zones.of(zone).day(call.head().closing().at());
        var byTask = new LinkedHashMap<String, NextDate>();
        Advice.dues(knowhow.pack(), knowhow.machine(), call.conditions()).stream()
                .filter(Advice.Due::wantsAVisit)
                .map(due -> new NextDate(due.task(), LocalDate.ofEpochDay(closed + due.days())))
                .forEach(due ->
                        byTask.merge(due.task(), due, (one, other) -> one.day().isBefore(other.day()) ? one : other));
        return List.copyOf(byTask.values());
    }
}
