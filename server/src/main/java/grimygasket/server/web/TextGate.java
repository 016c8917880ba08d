package grimygasket.server.web;

import grimygasket.server.web.Problem.Kind;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.lang.reflect.Type;
import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * What is taken can be shown, printed and written to a file: no text that comes in holds what is no text, as control characters, halves
 * of characters and what Unicode has set aside. It is brought into one form (NFC), so that what looks alike is alike.
 */
@ControllerAdvice
class TextGate extends RequestBodyAdviceAdapter {
    private final JsonMapper json;

    TextGate(JsonMapper json) {
        this.json = json;
    }

    @Override
    public boolean supports(
            MethodParameter parameter, Type target, Class<? extends HttpMessageConverter<?>> converter) {
        return true;
    }

    @Override
    public HttpInputMessage beforeBodyRead(
            HttpInputMessage body,
            MethodParameter parameter,
            Type target,
            Class<? extends HttpMessageConverter<?>> converter)
            throws IOException {
        var type = body.getHeaders().getContentType();
        if (MediaType.APPLICATION_JSON.isCompatibleWith(type)) {
            var bytes = body.getBody().readAllBytes();
            lookAt(tree(bytes));
            // Escapes that hold no text are found in the tree; what is left is the same in any form of writing it.
            return new Read(body.getHeaders(), normal(bytes));
        }
        if (type != null && type.getType().equals("text")) {
            var bytes = body.getBody().readAllBytes();
            lookAt(new String(bytes, StandardCharsets.UTF_8));
            return new Read(body.getHeaders(), normal(bytes));
        }
        return body;
    }

    private record Read(HttpHeaders headers, byte[] bytes) implements HttpInputMessage {
        @Override
        public HttpHeaders getHeaders() {
            return headers;
        }

        @Override
        public InputStream getBody() {
            return new ByteArrayInputStream(bytes);
        }
    }

    private static byte[] normal(byte[] utf8) {
        var text = new String(utf8, StandardCharsets.UTF_8);
        return Normalizer.isNormalized(text, Normalizer.Form.NFC)
                ? utf8
                : Normalizer.normalize(text, Normalizer.Form.NFC).getBytes(StandardCharsets.UTF_8);
    }

    /** What cannot be read at all is told by whoever reads it next. */
    private JsonNode tree(byte[] bytes) {
        try {
            return json.readTree(bytes);
        } catch (JacksonException e) {
            return json.missingNode();
        }
    }

    private static void lookAt(JsonNode node) {
        if (node.isString()) {
            lookAt(node.asString());
        }
        for (var property : node.properties()) {
            lookAt(property.getKey());
        }
        node.forEach(TextGate::lookAt);
    }

    private static void lookAt(String text) {
        if (!text.codePoints().allMatch(TextGate::isText)) {
            throw new Problem(
                    Kind.INVALID,
                    "There is a character in it that is no text and cannot be printed. Type it anew instead of pasting it.");
        }
    }

    static boolean isText(int point) {
        return switch (Character.getType(point)) {
            case Character.CONTROL -> point == '\n' || point == '\t' || point == '\r';
            case Character.SURROGATE, Character.PRIVATE_USE -> false;
            // As U+FFFE; a character that is only newer than this Java is let in.
            case Character.UNASSIGNED -> (point & 0xFFFE) != 0xFFFE && (point < 0xFDD0 || point > 0xFDEF);
            default -> true;
        };
    }
}
