package grimygasket.server.documents;

import grimygasket.report.Report;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.photos.PhotoStore;
import grimygasket.server.web.Attachment;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The report of a call as PDF. */
@RestController
class ReportController {
    /** As many as fit below the text of a page, each so small that all together print well. */
    private static final int MOST_PHOTOS = 4;

    private static final int LONGEST_SIDE = 500;

    private final Reports reports;
    private final ReportPdf pdf;
    private final PhotoStore photos;
    private final LogoStore logos;

    ReportController(Reports reports, ReportPdf pdf, PhotoStore photos, LogoStore logos) {
        this.reports = reports;
        this.pdf = pdf;
        this.photos = photos;
        this.logos = logos;
    }

    @GetMapping("/api/calls/{callId}/report.pdf")
    ResponseEntity<byte[]> pdf(@PathVariable UUID callId, @AuthenticationPrincipal SignedIn me) {
        var report = reports.of(callId, me);
        var name = report.title().toLowerCase().replace(' ', '-') + ".pdf";
        var bytes = pdf.of(report, logos.get().orElse(null), pictures(callId, report));
        return Attachment.of(name, MediaType.APPLICATION_PDF, bytes);
    }

    private Map<UUID, String> pictures(UUID callId, Report report) {
        var pictures = new LinkedHashMap<UUID, String>();
        for (var shot : report.photos()) {
            if (pictures.size() < MOST_PHOTOS) {
                photos.picture(shot.photo(), callId)
                        .ifPresent(one -> pictures.put(shot.photo(), DataUrls.photo(one.bytes(), LONGEST_SIDE)));
            }
        }
        return pictures;
    }
}
