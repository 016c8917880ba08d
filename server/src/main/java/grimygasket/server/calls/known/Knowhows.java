package grimygasket.server.calls.known;

import grimygasket.call.Article;
import grimygasket.call.Call;
import grimygasket.call.Head;
import grimygasket.call.Learnt;
import grimygasket.pack.Pack;
import grimygasket.server.accounts.BusinessStore;
import grimygasket.server.accounts.BusinessStore.Business;
import grimygasket.server.accounts.BusinessStore.Settings;
import grimygasket.server.calls.learnt.LearntStore;
import grimygasket.server.calls.records.CallStore;
import grimygasket.server.calls.records.Filed;
import grimygasket.server.knowhow.Library;
import grimygasket.server.knowhow.SchoolStore;
import grimygasket.server.shelf.Shelf;
import grimygasket.server.shelf.ShelfStore;
import grimygasket.server.web.Zones;
import grimygasket.state.Circumstances;
import grimygasket.visit.Advice;
import grimygasket.visit.ring.Upkeep.Last;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** What calls are held against: know-how, schools, parts, what was done before and learnt of models; by one statement a table. */
@Component
public class Knowhows {
    private final Library library;
    private final SchoolStore schools;
    private final BusinessStore business;
    private final ShelfStore shelves;
    private final CallStore calls;
    private final LearntStore learnt;

    Knowhows(
            Library library,
            SchoolStore schools,
            BusinessStore business,
            ShelfStore shelves,
            CallStore calls,
            LearntStore learnt) {
        this.library = library;
        this.schools = schools;
        this.business = business;
        this.shelves = shelves;
        this.calls = calls;
        this.learnt = learnt;
    }

    /** @param account whose van the parts are taken from */
    public Known of(Filed one, UUID account) {
        return of(List.of(one), account).get(0);
    }

    /** @param account whose van the parts are taken from */
    public List<Known> of(List<Filed> some, UUID account) {
        var heads = some.stream().map(one -> one.call().head()).toList();
        var followed = schools.of(heads.stream()
                .flatMap(head -> Stream.of(head.id(), head.accountId()))
                .collect(Collectors.toSet()));
        var settings = business.settings(account);
        var shelf = shelves.shelf(
                account, some.stream().map(one -> one.call().machine()).toList());
        var earlier = calls.closedOf(some.stream()
                .filter(one -> one.call().head().upkeep())
                .map(one -> one.call().machine().id())
                .collect(Collectors.toSet()));
        var ofModels = learnt.of(some.stream().map(Filed::call).toList());
        return some.stream()
                .map(one -> of(
                        one,
                        schoolsOf(one.call().head(), followed),
                        settings,
                        shelf,
                        earlier,
                        ofModels.get(one.call().head().id())))
                .toList();
    }

    /** What new calls about kinds of machine are held against, but for the parts, which follow from the maker. */
    public Circumstances forNew(UUID account) {
        return circumstances(
                schools.of(Set.of(account)).getOrDefault(account, Map.of()),
                List.of(),
                Map.of(),
                business.settings(account),
                Learnt.NOTHING);
    }

    private Known of(
            Filed one,
            Map<String, String> chosen,
            Settings settings,
            Shelf shelf,
            Map<UUID, List<Call>> earlier,
            Learnt ofModel) {
        var call = one.call();
        var kind = library.knowhow(call.machine().kind(), call.head().revision());
        var pack = library.pack(call.machine(), call.head().revision());
        var circumstances = circumstances(
                chosen,
                shelf.partsFor(call.machine().kind(), call.machine().maker()),
                call.head().upkeep()
                        ? before(call, pack, earlier.getOrDefault(call.machine().id(), List.of()), settings.business())
                        : Map.of(),
                settings,
                ofModel);
        return Known.of(one, kind, circumstances, settings);
    }

    private static Circumstances circumstances(
            Map<String, String> chosen,
            List<Article> shelf,
            Map<String, Last> before,
            Settings settings,
            Learnt learnt) {
        var business = settings.business();
        return new Circumstances(
                chosen,
                shelf,
                before,
                business.labourPerHour().doubleValue(),
                business.returnTripMinutes(),
                business.mainsVolts(),
                settings.competences(),
                learnt);
    }

    /** What the call has kept, or else what whose round it is on has chosen. */
    private static Map<String, String> schoolsOf(Head head, Map<UUID, Map<String, String>> followed) {
        return followed.getOrDefault(head.id(), followed.getOrDefault(head.accountId(), Map.of()));
    }

    /** By remedy, when it was last done on an earlier call, latest first. */
    private Map<String, Last> before(Call call, Pack pack, List<Call> earlier, Business business) {
        var last = new HashMap<String, Last>();
        for (var one : earlier) {
            if (!one.head().id().equals(call.head().id())) {
                int daysAgo = daysBetween(one, call, business);
                var done = one.remediesDone();
                pack.remedies().stream()
                        .filter(remedy -> done.contains(remedy.id()))
                        .forEach(remedy -> last.computeIfAbsent(
                                remedy.id(),
                                id -> new Last(
                                        daysAgo,
                                        Advice.found(pack, remedy.cures().keySet(), one.conditions()))));
            }
        }
        return last;
    }

    private static int daysBetween(Call closed, Call call, Business business) {
        long day = Zones.of(business.clocks()).day(closed.head().closing().at());
        return (int) Math.max(0, call.head().day() - day);
    }
}
