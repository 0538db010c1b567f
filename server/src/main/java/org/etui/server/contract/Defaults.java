package org.etui.server.contract;

import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Fills the defaults that a schema states into JSON that meets it; positions serve for missing names. */
final class Defaults {
    private final ObjectNode document;

    Defaults(ObjectNode document) {
        this.document = document;
    }

    void fill(JsonNode tree) {
        fill(tree, document, 0);
    }

    private void fill(JsonNode node, JsonNode schema, int position) {
        JsonNode plain = resolved(schema);
        if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                fill(array.get(i), plain.path("items"), i);
            }
        } else if (node instanceof ObjectNode object) {
            JsonNode own = plain.has("oneOf") ? member(object, plain) : plain;
            for (Map.Entry<String, JsonNode> property : own.path("properties").properties()) {
                String name = property.getKey();
                if (!object.has(name) && property.getValue().has("default")) {
                    object.set(name, property.getValue().get("default").deepCopy());
                } else if (!object.has(name) && property.getValue().has("x-position")) {
                    object.put(name, Integer.toString(position));
                }
                if (object.has(name)) {
                    fill(object.get(name), property.getValue(), 0);
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

    private JsonNode resolved(JsonNode schema) {
        return schema.has("$ref") ? at(schema.get("$ref").asString()) : schema;
    }

    private JsonNode at(String reference) {
        return reference.isEmpty() ? Json.MAPPER.missingNode() : document.at(reference.substring(1));
    }
}
