package org.etui.server.contract;

import java.util.Map;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes the tables of docs/format.md out of the schema; the page's own words stand around them. */
final class FormatPage {
    static final String BEGIN = "<!-- tables: written from the schema by ContractTest -->";

    private FormatPage() {}

    static String tables(ObjectNode schema) {
        StringBuilder page = new StringBuilder(BEGIN).append('\n');
        for (Map.Entry<String, JsonNode> definition : schema.get("$defs").properties()) {
            page.append("\n### ").append(definition.getKey()).append("\n\n");
            JsonNode family = definition.getValue().path("discriminator");
            if (!family.isMissingNode()) {
                page.append("One of these, told apart by `")
                        .append(family.get("propertyName").asString())
                        .append("`: ")
                        .append(family.get("mapping").propertyNames().stream()
                                .map(w -> "`" + w + "`")
                                .collect(Collectors.joining(", ")))
                        .append(".\n");
            } else {
                table(page, definition.getValue());
            }
        }
        return page.toString();
    }

    private static void table(StringBuilder page, JsonNode record) {
        page.append("| field | what | type | limits | default |\n| --- | --- | --- | --- | --- |\n");
        for (Map.Entry<String, JsonNode> field : record.get("properties").properties()) {
            JsonNode node = field.getValue();
            boolean required = false;
            for (JsonNode name : record.path("required")) {
                required |= name.asString().equals(field.getKey());
            }
            String type = node.has("const")
                    ? "`" + node.get("const").asString() + "`"
                    : node.has("$ref") ? node.get("$ref").asString().replaceFirst(".*/", "") : type(node);
            String otherwise = node.has("default")
                    ? "`" + node.get("default") + "`"
                    : node.has("x-position") ? "its position" : required ? "required" : "none";
            page.append("| `")
                    .append(field.getKey())
                    .append("` | ")
                    .append(node.path("description").asString(""))
                    .append(" | ")
                    .append(type)
                    .append(" | ")
                    .append(limits(node))
                    .append(" | ")
                    .append(otherwise)
                    .append(" |\n");
        }
    }

    private static String type(JsonNode node) {
        if (node.path("type").asString("").equals("array")) {
            JsonNode items = node.get("items");
            return "list of "
                    + (items.has("$ref") ? items.get("$ref").asString().replaceFirst(".*/", "") : type(items));
        }
        return node.path("type").asString("");
    }

    private static String limits(JsonNode node) {
        StringBuilder limits = new StringBuilder();
        if (node.has("enum")) {
            node.get("enum")
                    .forEach(w -> limits.append(limits.isEmpty() ? "" : ", ")
                            .append("`")
                            .append(w.asString())
                            .append("`"));
        }
        add(limits, node, "exclusiveMinimum", "above ");
        add(limits, node, "minimum", "from ");
        add(limits, node, "maximum", "to ");
        add(limits, node, "minLength", "at least characters: ");
        add(limits, node, "maxLength", "at most characters: ");
        add(limits, node, "minItems", "at least items: ");
        add(limits, node, "maxItems", "at most items: ");
        return limits.toString();
    }

    private static void add(StringBuilder limits, JsonNode node, String key, String words) {
        if (node.has(key)) {
            limits.append(limits.isEmpty() ? "" : ", ")
                    .append(words)
                    .append(node.get(key).decimalValue().stripTrailingZeros().toPlainString());
        }
    }
}
