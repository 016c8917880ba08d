package grimygasket.server.documents;

import com.openhtmltopdf.bidi.support.ICUBidiReorderer;
import com.openhtmltopdf.bidi.support.ICUBidiSplitter;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.text.Bidi;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;
import org.thymeleaf.TemplateEngine;
import org.thymeleaf.context.Context;
import org.thymeleaf.templatemode.TemplateMode;
import org.thymeleaf.templateresolver.ClassLoaderTemplateResolver;

/** Sets pages as PDF, with typefaces that have all that is said on them. */
@Component
class Pdf {
    private static final String USUAL = "Liberation Sans";

    private final TemplateEngine templates = new TemplateEngine();
    /** Read once somebody wants a PDF, so that no start waits for it. */
    private final SingletonSupplier<Typefaces> typefaces;

    Pdf(@Value("${GASKET_FONTS:/usr/share/fonts/truetype}") Path fonts) {
        typefaces = SingletonSupplier.of(() -> Typefaces.in(fonts));
        var resolver = new ClassLoaderTemplateResolver();
        resolver.setTemplateMode(TemplateMode.XML);
        resolver.setCharacterEncoding("UTF-8");
        templates.setTemplateResolver(resolver);
    }

    /**
     * @param template of the pages, by its name among the resources
     * @param said all that will stand on them
     * @param variables of the template, besides {@code typefaces}
     */
    byte[] of(String template, String said, Map<String, ?> variables) {
        var besides = typefaces.obtain().besides(said);
        var context = new Context(Locale.UK);
        variables.forEach(context::setVariable);
        context.setVariable(
                "typefaces",
                Stream.concat(Stream.of(USUAL), besides.stream().map(Typefaces.Typeface::name))
                        .map(name -> "'" + name + "'")
                        .collect(Collectors.joining(", ")));
        var page = templates.process(template, context);
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
