package org.etui.server.contract;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.stream.Stream;
import org.etui.core.check.Beside;
import org.etui.core.check.Check;
import org.etui.core.check.Envelope;
import org.etui.core.check.Family;
import org.etui.core.check.Term;
import org.etui.core.check.Word;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Writes JSON Schema (draft 2020-12) for records out of their {@link Term}s and sealed families. The same schema checks
 * what comes in, fills defaults, and stands in the OpenAPI document.
 */
public final class Schemas {
    private final String prefix;
    private final Map<String, ObjectNode> definitions = new LinkedHashMap<>();
    private final boolean answers;

    /**
     * A writer.
     *
     * @param prefix where definitions will stand, such as {@code #/$defs/}
     * @param answers whether the types are answers: then every field that is not optional is always there
     */
    public Schemas(String prefix, boolean answers) {
        this.prefix = prefix;
        this.answers = answers;
    }

    /** A whole schema document for a type, with its definitions inside. */
    public static ObjectNode document(Class<?> root) {
        Schemas schemas = new Schemas("#/$defs/", false);
        ObjectNode schema = Json.MAPPER.createObjectNode();
        schema.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        schema.put("title", name(root));
        schema.set("$ref", schemas.of(root).get("$ref"));
        ObjectNode defs = schema.putObject("$defs");
        schemas.definitions().forEach(defs::set);
        return schema;
    }

    /** The schema of a type: a reference for records and families, whose definitions are collected. */
    public ObjectNode of(Type type) {
        if (type instanceof ParameterizedType generic) {
            return ofGeneric(generic);
        }
        Class<?> raw = (Class<?>) type;
        ObjectNode node = Json.MAPPER.createObjectNode();
        if (raw == double.class || raw == Double.class || raw == OptionalDouble.class) {
            return node.put("type", "number");
        }
        if (raw == int.class
                || raw == long.class
                || raw == Integer.class
                || raw == Long.class
                || raw == OptionalInt.class) {
            return node.put("type", "integer");
        }
        if (raw == boolean.class || raw == Boolean.class) {
            return node.put("type", "boolean");
        }
        if (raw == String.class) {
            return node.put("type", "string");
        }
        if (raw == double[].class) {
            node.put("type", "array").putObject("items").put("type", "number");
            return node;
        }
        if (raw.isEnum()) {
            node.put("type", "string");
            ArrayNode words = node.putArray("enum");
            Arrays.stream(raw.getEnumConstants()).forEach(c -> words.add(CoreNames.words((Enum<?>) c)));
            return node;
        }
        if (raw == Object.class || JsonNode.class.isAssignableFrom(raw)) {
            return node;
        }
        String name = name(raw);
        if (!definitions.containsKey(name)) {
            definitions.put(name, Json.MAPPER.createObjectNode());
            definitions.put(name, definition(raw));
        }
        return node.put("$ref", prefix + name);
    }

    /** Every definition met so far, by name. */
    public Map<String, ObjectNode> definitions() {
        return definitions;
    }

    /** The name of a definition: nested types carry the name of what they are nested in. */
    public static String name(Class<?> type) {
        Class<?> outer = type.getEnclosingClass();
        boolean same = List.of("Round", "Arc", "Line").contains(type.getSimpleName()) && outer == null;
        return (outer == null ? "" : outer.getSimpleName())
                + type.getSimpleName()
                + (same && type.getPackageName().endsWith("section") ? "Section" : "");
    }

    private ObjectNode ofGeneric(ParameterizedType generic) {
        Class<?> raw = (Class<?>) generic.getRawType();
        Type[] inner = generic.getActualTypeArguments();
        if (raw == Optional.class) {
            return of(inner[0]);
        }
        ObjectNode node = Json.MAPPER.createObjectNode();
        if (raw == List.class) {
            node.put("type", "array").set("items", of(inner[0]));
            return node;
        }
        ObjectNode values = inner[1] == Object.class
                ? (ObjectNode) Json.MAPPER.readTree("{\"type\":[\"number\",\"string\",\"boolean\"]}")
                : of(inner[1]);
        node.put("type", "object").set("additionalProperties", values);
        node.put("maxProperties", 1000);
        return node;
    }

    private ObjectNode definition(Class<?> type) {
        if (type.isAnnotationPresent(Envelope.class)) {
            return envelope(type);
        }
        return type.isRecord() ? record(type, List.of()) : family(type);
    }

    /** An envelope is one of its members, each with the envelope's own fields beside it. */
    private ObjectNode envelope(Class<?> type) {
        String held = type.getAnnotation(Envelope.class).value();
        List<RecordComponent> own = Arrays.stream(type.getRecordComponents())
                .filter(c -> !c.getName().equals(held))
                .toList();
        Class<?> family = Arrays.stream(type.getRecordComponents())
                .filter(c -> c.getName().equals(held))
                .map(RecordComponent::getType)
                .findFirst()
                .orElseThrow();
        return family(family, member -> {
            String name = name(type) + member.getSimpleName();
            definitions.computeIfAbsent(name, n -> record(member, own));
            return Json.MAPPER.createObjectNode().put("$ref", prefix + name);
        });
    }

    /** @param beside fields that come before the record's own */
    private ObjectNode record(Class<?> type, List<RecordComponent> beside) {
        ObjectNode node = Json.MAPPER.createObjectNode();
        node.put("type", "object");
        ObjectNode properties = node.putObject("properties");
        ArrayNode required = Json.MAPPER.createArrayNode();
        discriminator(type).ifPresent(word -> {
            properties.putObject(word).put("const", Word.of(type));
            required.add(word);
        });
        List<RecordComponent> components = new ArrayList<>(beside);
        components.addAll(Arrays.asList(type.getRecordComponents()));
        for (RecordComponent component : flat(components)) {
            ObjectNode property = of(component.getGenericType());
            Term term = component.getAnnotation(Term.class);
            if (term != null) {
                limits(property, component.getType(), term);
            }
            properties.set(component.getName(), property);
            if (isRequired(component, term)) {
                required.add(component.getName());
            }
        }
        if (!required.isEmpty()) {
            node.set("required", required);
        }
        return node.put("additionalProperties", false);
    }

    /** What is marked so gives its own components in its place. */
    private static List<RecordComponent> flat(List<RecordComponent> components) {
        return components.stream()
                .flatMap(c -> c.isAnnotationPresent(Beside.class)
                        ? flat(Arrays.asList(c.getType().getRecordComponents())).stream()
                        : Stream.of(c))
                .toList();
    }

    private boolean isRequired(RecordComponent component, Term term) {
        Class<?> raw = component.getType();
        boolean optional = raw == Optional.class || raw == OptionalDouble.class || raw == OptionalInt.class;
        boolean filled = !answers && term != null && (!term.or().isEmpty() || term.position());
        return !optional && !filled;
    }

    private static void limits(ObjectNode property, Class<?> raw, Term term) {
        property.put("description", term.value());
        if (!term.or().isEmpty()) {
            property.set("default", Json.MAPPER.readTree(term.or()));
        }
        if (term.position()) {
            property.put("x-position", true);
        }
        switch (property.path("type").asString("")) {
            case "number", "integer" -> numberLimits(property, term);
            case "string" -> lengths(property, term, "minLength", "maxLength", property.has("enum") ? -1 : 200);
            case "array" -> lengths(property, term, "minItems", "maxItems", raw == List.class ? 1000 : -1);
            default -> {}
        }
    }

    private static void numberLimits(ObjectNode property, Term term) {
        if (Double.isFinite(term.above())) {
            property.put("exclusiveMinimum", term.above());
        } else {
            property.put("minimum", Double.isFinite(term.from()) ? term.from() : -Check.GREATEST);
        }
        property.put("maximum", Double.isFinite(term.to()) ? term.to() : Check.GREATEST);
    }

    private static void lengths(ObjectNode property, Term term, String least, String most, int usual) {
        if (term.from() > 0) {
            property.put(least, (int) term.from());
        }
        if (Double.isFinite(term.to())) {
            property.put(most, (int) term.to());
        } else if (usual > 0) {
            property.put(most, usual);
        }
    }

    private ObjectNode family(Class<?> type) {
        return family(type, this::of);
    }

    private ObjectNode family(Class<?> type, Function<Class<?>, ObjectNode> reference) {
        Family family = type.getAnnotation(Family.class);
        Check.that(family != null, "not part of the contract: " + type);
        ObjectNode node = Json.MAPPER.createObjectNode();
        ArrayNode oneOf = node.putArray("oneOf");
        ObjectNode discriminator = node.putObject("discriminator").put("propertyName", family.value());
        ObjectNode mapping = discriminator.putObject("mapping");
        for (Class<?> member : type.getPermittedSubclasses()) {
            ObjectNode one = reference.apply(member);
            oneOf.add(one);
            mapping.put(Word.of(member), one.get("$ref").asString());
        }
        return node;
    }

    private static Optional<String> discriminator(Class<?> member) {
        return Arrays.stream(member.getInterfaces())
                .filter(i -> i.isAnnotationPresent(Family.class))
                .map(i -> i.getAnnotation(Family.class).value())
                .findFirst();
    }
}
