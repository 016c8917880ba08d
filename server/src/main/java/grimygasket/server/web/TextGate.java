package grimygasket.server.web;

import grimygasket.server.web.Problem.Kind;
import java.lang.reflect.Type;
import java.text.Normalizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.http.converter.HttpMessageConverters;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.KeyDeserializer;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.module.SimpleModule;

/**
 * What is taken can be shown, printed and written to a file: where something that comes in becomes a text, it is refused if it holds
 * what is no text, as control characters, halves of characters and what Unicode has set aside. It is brought into one form (NFC), so
 * that what looks alike is alike. As this happens where values are made, it does not matter in what form they came.
 */
@Configuration
public class TextGate implements WebMvcConfigurer {
    /** JSON is the one form in which values come; by which name, RequestGate sees to. */
    @Override
    public void configureMessageConverters(HttpMessageConverters.ServerBuilder converters) {
        converters.configureMessageConvertersList(
                all -> all.removeIf(one -> one.getClass().getSimpleName().matches("Jackson(Yaml|Cbor|Smile|Xml).*")));
    }

    @Bean
    JacksonModule texts() {
        return new SimpleModule("texts")
                .addDeserializer(String.class, new Text())
                .addKeyDeserializer(String.class, new Key());
    }

    private static final class Text extends StdDeserializer<String> {
        Text() {
            super(String.class);
        }

        @Override
        public String deserialize(JsonParser parser, DeserializationContext context) {
            return text(StringDeserializer.instance.deserialize(parser, context));
        }
    }

    private static final class Key extends KeyDeserializer {
        @Override
        public Object deserializeKey(String key, DeserializationContext context) {
            return text(key);
        }
    }

    /** A body that is a text itself. */
    @ControllerAdvice
    static class Bodies extends RequestBodyAdviceAdapter {
        @Override
        public boolean supports(
                MethodParameter parameter, Type target, Class<? extends HttpMessageConverter<?>> converter) {
            return target == String.class;
        }

        @Override
        public Object afterBodyRead(
                Object body,
                HttpInputMessage message,
                MethodParameter parameter,
                Type target,
                Class<? extends HttpMessageConverter<?>> converter) {
            return text((String) body);
        }
    }

    /**
     * A text as it is kept.
     *
     * @throws Problem if it is none
     */
    public static String text(String typed) {
        if (typed == null || typed.isEmpty()) {
            return typed;
        }
        if (!typed.codePoints().allMatch(TextGate::isText)) {
            throw new Problem(
                    Kind.INVALID,
                    "There is a character in it that is no text and cannot be printed. Type it anew instead of pasting it.");
        }
        return Normalizer.normalize(typed, Normalizer.Form.NFC);
    }

    /** All texts of a tree, as a file may hold them behind escapes. */
    public static void requireTexts(JsonNode tree) {
        if (tree.isString()) {
            text(tree.asString());
        }
        for (var property : tree.properties()) {
            text(property.getKey());
        }
        tree.forEach(TextGate::requireTexts);
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
