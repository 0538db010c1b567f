package org.etui.server.contract;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Makes documents that meet a schema at its edges: numbers at their least and greatest and just inside, lists of one and of some,
 * every member of a family, fields left out or given. The schema is that of the contract; nothing here knows the records.
 */
public final class Extremes {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private final ObjectNode document;
    private final Random random;

    /** @param document a schema with its definitions */
    public Extremes(ObjectNode document, Random random) {
        this.document = document;
        this.random = random;
    }

    /** A document that meets the schema. */
    public JsonNode next() {
        return of(document, 0);
    }

    /** The document with some numbers of it put to an edge of what the schema allows, or to another member's words. */
    public JsonNode bent(JsonNode usual, int changes) {
        JsonNode tree = usual.deepCopy();
        List<Runnable> places = new ArrayList<>();
        collect(tree, document, places);
        for (int i = 0; i < changes && !places.isEmpty(); i++) {
            places.get(random.nextInt(places.size())).run();
        }
        return tree;
    }

    private void collect(JsonNode node, JsonNode schema, List<Runnable> places) {
        JsonNode plain = resolved(schema);
        if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                collect(array.get(i), plain.path("items"), places);
            }
        } else if (node instanceof ObjectNode object) {
            JsonNode own = plain.has("oneOf") ? member(object, plain) : plain;
            for (Map.Entry<String, JsonNode> property : own.path("properties").properties()) {
                String name = property.getKey();
                JsonNode of = resolved(property.getValue());
                String type = of.path("type").asString("");
                if (List.of("number", "integer", "boolean").contains(type) || of.has("enum")) {
                    places.add(() -> object.set(name, of(property.getValue(), 0)));
                } else if (object.has(name)) {
                    collect(object.get(name), property.getValue(), places);
                }
            }
        }
    }

    private JsonNode member(ObjectNode object, JsonNode family) {
        JsonNode discriminator = family.path("discriminator");
        String word =
                object.path(discriminator.path("propertyName").asString("")).asString("");
        return at(discriminator.path("mapping").path(word).asString(""));
    }

    private JsonNode of(JsonNode schema, int depth) {
        JsonNode plain = resolved(schema);
        if (plain.has("oneOf")) {
            ArrayNode members = (ArrayNode) plain.get("oneOf");
            return of(members.get(random.nextInt(members.size())), depth);
        }
        if (plain.has("const")) {
            return plain.get("const").deepCopy();
        }
        if (plain.has("enum")) {
            return plain.get("enum")
                    .get(random.nextInt(plain.get("enum").size()))
                    .deepCopy();
        }
        return switch (plain.path("type").asString("")) {
            case "number" -> NODES.numberNode(number(plain));
            case "integer" -> NODES.numberNode(Math.round(number(plain)));
            case "boolean" -> NODES.booleanNode(random.nextBoolean());
            case "array" -> array(plain, depth);
            case "object" -> object(plain, depth);
            default -> NODES.stringNode(text(plain));
        };
    }

    private double number(JsonNode schema) {
        double least =
                schema.path("minimum").asDouble(schema.path("exclusiveMinimum").asDouble(-1e5));
        double most = schema.path("maximum").asDouble(1e5);
        double above = schema.has("exclusiveMinimum") ? Math.nextUp(least) : least;
        return switch (random.nextInt(6)) {
            case 0 -> above;
            case 1 -> most;
            case 2 -> Math.min(most, above + Math.abs(above) * 1e-7 + 1e-9);
            case 3 -> Math.max(above, most - Math.abs(most) * 1e-7);
            case 4 -> Math.min(most, Math.max(above, Math.pow(10, random.nextInt(8) - 3)));
            default -> above + (Math.min(most, above + 100) - above) * random.nextDouble();
        };
    }

    private String text(JsonNode schema) {
        int least = schema.path("minLength").asInt(0);
        int most = Math.min(schema.path("maxLength").asInt(200), 12);
        int length = random.nextBoolean() ? Math.max(1, least) : Math.max(least, most);
        return random.nextInt(8) == 0 ? "ä𝄞\u0000\"<".repeat(length).substring(0, length) : "x" + random.nextInt(9);
    }

    private ArrayNode array(JsonNode schema, int depth) {
        ArrayNode array = NODES.arrayNode();
        int least = schema.path("minItems").asInt(0);
        int most = Math.min(schema.path("maxItems").asInt(5), depth < 2 ? 3 : 5);
        int count = Math.max(least, random.nextInt(most + 1));
        for (int i = 0; i < count; i++) {
            array.add(of(schema.path("items"), depth + 1));
        }
        return array;
    }

    private ObjectNode object(JsonNode schema, int depth) {
        ObjectNode object = NODES.objectNode();
        List<String> required = new ArrayList<>();
        schema.path("required").forEach(r -> required.add(r.asString()));
        for (Map.Entry<String, JsonNode> property : schema.path("properties").properties()) {
            boolean name = property.getValue().has("x-position");
            if (required.contains(property.getKey()) || !name && random.nextInt(3) == 0) {
                object.set(property.getKey(), of(property.getValue(), depth + 1));
            }
        }
        return object;
    }

    private JsonNode resolved(JsonNode schema) {
        return schema.has("$ref") ? at(schema.get("$ref").asString()) : schema;
    }

    private JsonNode at(String reference) {
        return reference.isEmpty() ? NODES.missingNode() : document.at(reference.substring(1));
    }
}
