package org.etui.server.contract;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.etui.core.check.Violation;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Checks JSON against a schema and says what is wrong in the maker's terms: path, value, limit. */
final class SchemaCheck {
    private static final Pattern BRANCH = Pattern.compile("/oneOf/\\d+");
    private static final int SHOWN = 80;

    private final Schema schema;
    private final ObjectNode document;

    SchemaCheck(ObjectNode document) {
        this.document = document;
        schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(document);
    }

    /** Every violation, one a path, in the order found. */
    List<Violation> of(JsonNode tree) {
        List<Error> errors = schema.validate(tree);
        List<Branch> refused = refused(errors);
        Map<String, Violation> byPath = new LinkedHashMap<>();
        for (Error error : errors) {
            if (!isRefusedBranch(error, refused)) {
                Violation violation = violation(error, tree);
                if (violation != null) {
                    byPath.putIfAbsent(violation.path(), violation);
                }
            }
        }
        return new ArrayList<>(byPath.values());
    }

    /**
     * A member of a family that an object is not: its discriminator said so.
     *
     * @param instance where the object is
     * @param evaluation where in the schema the member stands
     */
    private record Branch(String instance, String evaluation) {}

    /** A family complains of every member; those whose discriminator does not fit are not to be heard. */
    private static List<Branch> refused(List<Error> errors) {
        List<Branch> refused = new ArrayList<>();
        for (Error error : errors) {
            String path = error.getEvaluationPath().toString();
            String instance = error.getInstanceLocation().toString();
            Matcher last = BRANCH.matcher(path);
            int end = -1;
            while (last.find()) {
                end = last.end();
            }
            boolean wrongWord = error.getKeyword().equals("const");
            boolean noWord = error.getKeyword().equals("required") && isDiscriminator(property(error));
            boolean noObject = error.getKeyword().equals("type")
                    && end > 0
                    && path.substring(end).equals("/$ref/type");
            if (end > 0 && (wrongWord || noWord || noObject)) {
                String object = wrongWord ? instance.substring(0, instance.lastIndexOf('/')) : instance;
                refused.add(new Branch(object, path.substring(0, end)));
            }
        }
        return refused;
    }

    private static boolean isDiscriminator(String property) {
        return List.of("kind", "op", "shape").contains(property);
    }

    private static boolean isRefusedBranch(Error error, List<Branch> refused) {
        String path = error.getEvaluationPath().toString();
        String instance = error.getInstanceLocation().toString();
        return refused.stream()
                .anyMatch(b ->
                        (path + "/").startsWith(b.evaluation + "/") && (instance + "/").startsWith(b.instance + "/"));
    }

    private Violation violation(Error error, JsonNode tree) {
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
            case "oneOf" -> ofFamily(error, value, path);
            default -> new Violation(path.isEmpty() ? "body" : path, shown(value), words(error));
        };
    }

    /** Speaks only where no member fits: else the member's own errors do. */
    private Violation ofFamily(Error error, JsonNode value, String path) {
        String at = error.getSchemaLocation().getFragment().toString();
        JsonNode discriminator =
                document.at(at.substring(0, at.lastIndexOf('/'))).path("discriminator");
        String field = discriminator.path("propertyName").asString("kind");
        List<String> words = new ArrayList<>(discriminator.path("mapping").propertyNames());
        if (!value.isObject()) {
            return new Violation(path.isEmpty() ? "body" : path, shown(value), "must be an object");
        }
        if (words.contains(value.path(field).asString(""))) {
            return null;
        }
        return new Violation(join(path, field), shown(value.path(field)), "must be one of " + String.join(", ", words));
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
