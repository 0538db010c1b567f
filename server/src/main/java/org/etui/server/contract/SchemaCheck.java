package org.etui.server.contract;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.etui.core.check.Violation;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Checks JSON against a schema and says what is wrong in the maker's terms: path, value, limit. */
final class SchemaCheck {
    private static final int SHOWN = 80;

    private final Schema schema;

    SchemaCheck(ObjectNode document) {
        ObjectNode chosen = document.deepCopy();
        for (Map.Entry<String, JsonNode> definition : chosen.path("$defs").properties()) {
            if (definition.getValue() instanceof ObjectNode family && family.has("discriminator")) {
                chooseByWord(family);
            }
        }
        schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(chosen);
    }

    /**
     * A family as a choice by its word instead of a trial of every member: the same documents pass, but only the member
     * that the word names is looked at and heard.
     */
    private static void chooseByWord(ObjectNode family) {
        JsonNode discriminator = family.remove("discriminator");
        family.remove("oneOf");
        String field = discriminator.get("propertyName").asString();
        family.put("type", "object");
        family.putArray("required").add(field);
        ArrayNode words = family.putObject("properties").putObject(field).putArray("enum");
        ArrayNode choices = family.putArray("allOf");
        for (Map.Entry<String, JsonNode> member : discriminator.get("mapping").properties()) {
            words.add(member.getKey());
            ObjectNode choice = choices.addObject();
            ObjectNode condition = choice.putObject("if");
            condition.putObject("properties").putObject(field).put("const", member.getKey());
            condition.putArray("required").add(field);
            choice.putObject("then").set("$ref", member.getValue());
        }
    }

    /** Every violation, one a path, in the order found. */
    List<Violation> of(JsonNode tree) {
        Map<String, Violation> byPath = new LinkedHashMap<>();
        for (Error error : schema.validate(tree)) {
            Violation violation = violation(error, tree);
            byPath.putIfAbsent(violation.path(), violation);
        }
        return new ArrayList<>(byPath.values());
    }

    private static Violation violation(Error error, JsonNode tree) {
        String pointer = error.getInstanceLocation().toString();
        String path = pointer.replaceFirst("^/", "")
                .replace('/', '.')
                .replace("~1", "/")
                .replace("~0", "~");
        JsonNode value = tree.at(pointer);
        String property = property(error);
        return switch (error.getKeyword()) {
            case "required" -> new Violation(join(path, property), "missing", "must be given");
            case "additionalProperties" ->
                new Violation(join(path, property), shown(value.path(property)), "is not a field of the format");
            default -> new Violation(path.isEmpty() ? "body" : path, shown(value), words(error));
        };
    }

    private static String property(Error error) {
        if (error.getProperty() != null) {
            return error.getProperty();
        }
        Object[] arguments = error.getArguments();
        return arguments == null || arguments.length == 0 ? "" : String.valueOf(arguments[0]);
    }

    private static String words(Error error) {
        JsonNode limit = error.getSchemaNode();
        String number = limit == null ? "" : plain(limit);
        return switch (error.getKeyword()) {
            case "type" -> "must be " + article(number);
            case "enum" -> "must be one of " + number;
            case "const" -> "must be " + number;
            case "minimum" -> "must be at least " + number;
            case "exclusiveMinimum" -> "must be above " + number;
            case "maximum" -> "must be at most " + number;
            case "minLength" -> "must have at least " + number + " characters";
            case "maxLength" -> "must have at most " + number + " characters";
            case "minItems" -> "must hold at least " + number;
            case "maxItems" -> "must hold at most " + number;
            case "maxProperties" -> "must hold at most " + number + " fields";
            default -> error.getMessage();
        };
    }

    private static String article(String type) {
        return type.matches("[aeiou].*") ? "an " + type : "a " + type;
    }

    private static String plain(JsonNode limit) {
        if (limit.isArray()) {
            List<String> words = new ArrayList<>();
            limit.forEach(w -> words.add(w.asString("")));
            return String.join(", ", words);
        }
        return limit.isNumber() ? limit.decimalValue().stripTrailingZeros().toPlainString() : limit.asString("");
    }

    private static String join(String path, String field) {
        return path.isEmpty() ? field : path + "." + field;
    }

    private static String shown(JsonNode value) {
        String text = value.isMissingNode() ? "missing" : value.toString();
        return text.length() > SHOWN ? text.substring(0, SHOWN - 3) + "..." : text;
    }
}
