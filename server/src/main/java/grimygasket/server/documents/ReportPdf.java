package grimygasket.server.documents;

import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import grimygasket.report.Report;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.thymeleaf.TemplateEngine;
import org.thymeleaf.context.Context;
import org.thymeleaf.templatemode.TemplateMode;
import org.thymeleaf.templateresolver.ClassLoaderTemplateResolver;

/** Sets reports as PDF, on A4. */
final class ReportPdf {
    /** PDFBox brings a typeface that covers Latin, Greek and Cyrillic, so that it can be embedded for every name. */
    private static final String TYPEFACE = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

    private final TemplateEngine templates = new TemplateEngine();

    ReportPdf() {
        var resolver = new ClassLoaderTemplateResolver();
        resolver.setTemplateMode(TemplateMode.XML);
        resolver.setCharacterEncoding("UTF-8");
        templates.setTemplateResolver(resolver);
    }

    byte[] of(Report report) {
        var context = new Context(Locale.UK);
        context.setVariable("report", report);
        var page = templates.process("report/report.xhtml", context);
        try (var out = new ByteArrayOutputStream()) {
            var builder = new PdfRendererBuilder();
            builder.useFont(() -> PDDocument.class.getResourceAsStream(TYPEFACE), "Liberation Sans");
            builder.withHtmlContent(page, null);
            builder.withProducer("Grimy Gasket");
            builder.toStream(out);
            builder.run();
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
