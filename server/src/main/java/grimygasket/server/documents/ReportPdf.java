package grimygasket.server.documents;

import grimygasket.report.Report;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Sets reports as PDF, on A4. */
@Component
class ReportPdf {
    private final Pdf pdf;

    ReportPdf(Pdf pdf) {
        this.pdf = pdf;
    }

    /**
     * @param logo as a data URL; null for none
     * @param pictures of its photos by their ids, as data URLs; those that are not there are left out
     */
    byte[] of(Report report, @Nullable String logo, Map<UUID, String> pictures) {
        var variables = new HashMap<String, Object>();
        variables.put("report", report);
        variables.put("logo", logo);
        variables.put("pictures", pictures);
        variables.put(
                "signed",
                report.signed() == null ? null : Strokes.drawn(report.signed().strokes()));
        return pdf.of("report/report.xhtml", report.toString(), variables);
    }
}
