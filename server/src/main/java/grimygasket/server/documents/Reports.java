package grimygasket.server.documents;

import grimygasket.report.Letterhead;
import grimygasket.report.Letterhead.Addressee;
import grimygasket.report.Report;
import grimygasket.report.ReportOfCall;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.calls.known.CallViews;
import grimygasket.server.calls.known.Known;
import grimygasket.server.web.Zones;
import java.time.Clock;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Reports of calls on file. */
@Component
class Reports {
    private final CallViews views;
    private final Clock clock;

    Reports(CallViews views, Clock clock) {
        this.views = views;
        this.clock = clock;
    }

    Report of(UUID callId, SignedIn me) {
        var known = views.known(callId, me);
        long now = clock.millis();
        return ReportOfCall.of(views.state(known, me, now), known.knowhow(), letterhead(known), now);
    }

    private Letterhead letterhead(Known known) {
        var settings = known.settings();
        var writer = settings.business();
        return new Letterhead(
                writer.sender(), Addressee.of(known.filed().customer()), settings.units(), Zones.of(writer.clocks()));
    }
}
