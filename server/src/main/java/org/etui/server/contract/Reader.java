package org.etui.server.contract;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.etui.core.check.BadInput;
import org.etui.core.check.Violation;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.DoubleNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Reads records of the contract: checks the JSON against the record's schema, all bad fields at once, fills defaults, and
 * only then makes the record, whose constructor is the second line.
 */
@Component
public class Reader {
    private final Map<Class<?>, Known> known = new ConcurrentHashMap<>();

    private record Known(SchemaCheck check, Defaults defaults) {}

    /**
     * Reads a record.
     *
     * @throws BadInput with every bad field
     */
    public <T> T read(byte[] body, Class<T> type) {
        return read(tree(body), type);
    }

    /** A JSON tree. */
    public JsonNode tree(byte[] body) {
        try {
            JsonNode tree = Json.MAPPER.readTree(body);
            if (tree == null || tree.isMissingNode()) {
                throw new BadInput("body", "nothing", "must be a JSON document");
            }
            return finite(tree);
        } catch (JacksonException broken) {
            throw new BadInput("body", "broken JSON", broken.getOriginalMessage());
        }
    }

    /** A number too large for a double stands as the largest there is, so that its own limit refuses it by path. */
    private static JsonNode finite(JsonNode tree) {
        if (tree instanceof ObjectNode object) {
            object.properties().forEach(e -> object.set(e.getKey(), finite(e.getValue())));
        } else if (tree instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                array.set(i, finite(array.get(i)));
            }
        } else if (tree instanceof DoubleNode number && !Double.isFinite(number.doubleValue())) {
            return DoubleNode.valueOf(Math.copySign(Double.MAX_VALUE, number.doubleValue()));
        }
        return tree;
    }

    /**
     * Reads a record from a tree; the tree is changed: defaults are filled in.
     *
     * @throws BadInput with every bad field
     */
    public <T> T read(JsonNode tree, Class<T> type) {
        Known of = known.computeIfAbsent(type, Reader::known);
        List<Violation> violations = of.check().of(tree);
        if (!violations.isEmpty()) {
            throw new BadInput(violations);
        }
        of.defaults().fill(tree);
        try {
            return Json.MAPPER.treeToValue(tree, type);
        } catch (JacksonException refused) {
            throw new BadInput(path(refused), "not accepted", cause(refused));
        }
    }

    private static Known known(Class<?> type) {
        ObjectNode document = Schemas.document(type);
        return new Known(new SchemaCheck(document), new Defaults(document));
    }

    private static String path(JacksonException refused) {
        StringBuilder path = new StringBuilder();
        refused.getPath()
                .forEach(r -> path.append(path.isEmpty() ? "" : ".")
                        .append(r.getPropertyName() == null ? String.valueOf(r.getIndex()) : r.getPropertyName()));
        return path.isEmpty() ? "body" : path.toString();
    }

    private static String cause(JacksonException refused) {
        Throwable cause = refused;
        while (cause.getCause() != null) {
            cause = cause.getCause();
        }
        String message = cause instanceof JacksonException jackson ? jackson.getOriginalMessage() : cause.getMessage();
        return message == null ? "cannot be read" : message;
    }
}
