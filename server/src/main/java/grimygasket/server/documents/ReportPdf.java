package grimygasket.server.documents;

import com.openhtmltopdf.bidi.support.ICUBidiReorderer;
import com.openhtmltopdf.bidi.support.ICUBidiSplitter;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import grimygasket.report.Report;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.text.Bidi;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;
import org.thymeleaf.TemplateEngine;
import org.thymeleaf.context.Context;
import org.thymeleaf.templatemode.TemplateMode;
import org.thymeleaf.templateresolver.ClassLoaderTemplateResolver;

/** Sets reports as PDF, on A4. */
@Component
class ReportPdf {
    private static final String USUAL = "Liberation Sans";

    private final TemplateEngine templates = new TemplateEngine();
    /** Read once somebody wants a PDF, so that no start waits for it. */
    private final SingletonSupplier<Typefaces> typefaces;

    ReportPdf(@Value("${GASKET_FONTS:/usr/share/fonts/truetype}") Path fonts) {
        typefaces = SingletonSupplier.of(() -> Typefaces.in(fonts));
        var resolver = new ClassLoaderTemplateResolver();
        resolver.setTemplateMode(TemplateMode.XML);
        resolver.setCharacterEncoding("UTF-8");
        templates.setTemplateResolver(resolver);
    }

    /**
     * @param logo as a data URL; null for none
     * @param pictures of its photos by their ids, as data URLs; those that are not there are left out
     */
    byte[] of(Report report, @Nullable String logo, Map<UUID, String> pictures) {
        var besides = typefaces.obtain().besides(report.toString());
        var context = new Context(Locale.UK);
        context.setVariable("report", report);
        context.setVariable("logo", logo);
        context.setVariable("pictures", pictures);
        context.setVariable(
                "signed",
                report.signed() == null ? null : Strokes.drawn(report.signed().strokes()));
        context.setVariable(
                "typefaces",
                Stream.concat(Stream.of(USUAL), besides.stream().map(Typefaces.Typeface::name))
                        .map(name -> "'" + name + "'")
                        .collect(Collectors.joining(", ")));
        var page = templates.process("report/report.xhtml", context);
        try (var out = new ByteArrayOutputStream()) {
            var builder = new PdfRendererBuilder();
            builder.useFont(() -> PDDocument.class.getResourceAsStream(Typefaces.USUAL), USUAL);
            besides.forEach(typeface -> builder.useFont(typeface.file(), typeface.name()));
            if (Bidi.requiresBidi(page.toCharArray(), 0, page.length())) {
                builder.useUnicodeBidiSplitter(new ICUBidiSplitter.ICUBidiSplitterFactory());
                builder.useUnicodeBidiReorderer(new ICUBidiReorderer());
            }
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
