package grimygasket.knowhow;

import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Fact;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.machine.Path;
import grimygasket.pack.machine.WayIn;
import grimygasket.util.Unfit;
import java.lang.reflect.AnnotatedType;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Draws values of any record, the same ones for the same seed: the ids in it mostly of the pack, and now and then of nothing. */
final class Drawn {
    /** Few, so that what is drawn often speaks of what was drawn before. */
    static final List<UUID> SOME = Stream.iterate(1L, id -> id + 1)
            .map(id -> new UUID(7, id))
            .limit(12)
            .toList();

    private static final List<String> TEXTS =
            List.of("", " ", "12", "-3,5", "1e9", "dragons", "Rollo", "0,0 40,10", "x".repeat(2100));
    private static final List<Double> NUMBERS = List.of(0.0, 0.5, 1.0, 3.0, 40.0, -1.0, 1e9, Double.NaN);
    private static final List<Long> COUNTS = List.of(0L, 1L, 2L, 3L, 60L, 570L, 21_990L, -1L, 2_000_000L);

    /** Of eight values that may be absent, so many are. */
    private static final int ABSENT = 3;

    private final Random random;
    private final Map<String, List<String>> ids = new LinkedHashMap<>();

    Drawn(Random random, Pack pack) {
        this.random = random;
        ids.put("symptom", all(pack.symptoms(), one -> List.of(one.id())));
        ids.put("fact", all(pack.facts(), one -> List.of(one.id())));
        ids.put("check", all(pack.checks(), one -> List.of(one.id())));
        ids.put("outcome", all(pack.checks(), Drawn::outcomes));
        ids.put("remedy", all(pack.remedies(), one -> List.of(one.id())));
        ids.put("proof", all(pack.proofs(), one -> List.of(one.id())));
        ids.put("fits", all(pack.parts(), one -> List.of(one.id())));
        ids.put("caution", all(pack.cautions(), one -> List.of(one.id())));
        ids.put("layer", all(pack.layers(), one -> List.of(one.id())));
        ids.put("piece", all(pack.layers(), Drawn::pieces));
        ids.put("lines", ids.get("piece"));
        ids.put("way", all(pack.ways(), one -> List.of(one.id())));
        ids.put(
                "choice",
                Stream.concat(all(pack.ways(), Drawn::choices).stream(), all(pack.facts(), Drawn::choices).stream())
                        .toList());
        ids.put("station", all(pack.paths(), Drawn::stations));
        ids.put("looks", all(pack.lastLook(), one -> List.of(one.id())));
        ids.put("features", all(pack.features(), one -> List.of(one.id())));
    }

    private static <T> List<String> all(List<T> pieces, Function<T, List<String>> idsOf) {
        return pieces.stream().map(idsOf).flatMap(List::stream).toList();
    }

    private static List<String> outcomes(Check check) {
        return check.outcomes().stream().map(one -> one.id()).toList();
    }

    private static List<String> choices(WayIn way) {
        return way.choices().stream().map(one -> one.id()).toList();
    }

    private static List<String> choices(Fact fact) {
        return fact.choices().stream().map(one -> one.id()).toList();
    }

    private static List<String> pieces(Layer layer) {
        return layer.pieces().stream().map(one -> one.id()).toList();
    }

    private static List<String> stations(Path path) {
        return path.stations().stream().map(one -> one.id()).toList();
    }

    UUID id() {
        return any(SOME);
    }

    <T> T any(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    /** Empty where what was drawn cannot be, and says so itself. */
    Optional<Object> one(Class<?> type) {
        try {
            return Optional.of(of(type, ""));
        } catch (Unfit e) {
            return Optional.empty();
        }
    }

    private Object of(Type type, String name) {
        if (type instanceof ParameterizedType generic) {
            return collection(generic, name);
        }
        var plain = (Class<?>) type;
        if (plain.isSealed() && plain.isInterface()) {
            return of(any(List.of(plain.getPermittedSubclasses())), name);
        }
        if (plain.isRecord()) {
            return record(plain);
        }
        return plain.isEnum() ? any(Arrays.asList(plain.getEnumConstants())) : simple(plain, name);
    }

    private Object simple(Class<?> type, String name) {
        if (type == String.class) {
            return text(name);
        }
        if (type == UUID.class) {
            return id();
        }
        if (type == boolean.class || type == Boolean.class) {
            return random.nextBoolean();
        }
        if (type == double.class || type == Double.class) {
            return any(NUMBERS);
        }
        if (type == int.class || type == Integer.class) {
            return any(COUNTS).intValue();
        }
        if (type == long.class || type == Long.class) {
            return any(COUNTS);
        }
        if (type == BigDecimal.class) {
            return BigDecimal.valueOf(any(COUNTS));
        }
        throw new AssertionError("draw a " + type + ", too");
    }

    private String text(String name) {
        var known = ids.getOrDefault(name, List.of());
        return known.isEmpty() || random.nextInt(8) == 0 ? any(TEXTS) : any(known);
    }

    private Object collection(ParameterizedType type, String name) {
        var raw = (Class<?>) type.getRawType();
        var of = type.getActualTypeArguments();
        if (!Map.class.isAssignableFrom(raw) && !Collection.class.isAssignableFrom(raw)) {
            return of(raw, name);
        }
        var entries = new LinkedHashMap<>();
        for (int left = random.nextInt(3); left > 0; left--) {
            entries.put(of(of[0], name), of.length > 1 ? of(of[1], "") : "");
        }
        if (Map.class.isAssignableFrom(raw)) {
            return entries;
        }
        return Set.class.isAssignableFrom(raw)
                ? new LinkedHashSet<>(entries.keySet())
                : new ArrayList<>(entries.keySet());
    }

    private Object record(Class<?> type) {
        var components = type.getRecordComponents();
        var types = Stream.of(components).map(RecordComponent::getType).toArray(Class<?>[]::new);
        var values = Stream.of(components).map(this::component).toArray();
        try {
            var constructor = type.getDeclaredConstructor(types);
            constructor.setAccessible(true);
            return constructor.newInstance(values);
        } catch (InvocationTargetException e) {
            if (e.getCause() instanceof Unfit unfit) {
                throw unfit;
            }
            throw new AssertionError(type + " of " + Arrays.toString(values), e.getCause());
        } catch (ReflectiveOperationException e) {
            throw new AssertionError(e);
        }
    }

    private Object component(RecordComponent component) {
        return mayBeAbsent(component.getAnnotatedType()) && random.nextInt(8) < ABSENT
                ? null
                : of(component.getGenericType(), component.getName());
    }

    private static boolean mayBeAbsent(AnnotatedType type) {
        return type.isAnnotationPresent(Nullable.class);
    }
}
