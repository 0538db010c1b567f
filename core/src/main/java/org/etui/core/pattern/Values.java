package org.etui.core.pattern;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.etui.core.check.BadInput;
import org.etui.core.check.Violation;

/**
 * Checked parameter values, complete with defaults.
 *
 * @param all every parameter's value by name
 */
record Values(Map<String, Object> all) {

    /**
     * Fills in defaults and checks what is given.
     *
     * @throws BadInput with every unknown name and every value out of range
     */
    static Values of(List<Parameter> parameters, Map<String, Object> given) {
        List<Violation> violations = new ArrayList<>();
        Map<String, Object> all = new LinkedHashMap<>();
        for (Parameter parameter : parameters) {
            try {
                all.put(parameter.name(), parameter.checked(given.getOrDefault(parameter.name(), parameter.usual())));
            } catch (BadInput bad) {
                violations.addAll(bad.violations());
            }
        }
        List<String> names = parameters.stream().map(Parameter::name).toList();
        given.forEach((name, value) -> {
            if (!names.contains(name)) {
                violations.add(new Violation(
                        name, String.valueOf(value), "unknown; known are wire, purpose, " + String.join(", ", names)));
            }
        });
        if (!violations.isEmpty()) {
            throw new BadInput(violations);
        }
        return new Values(all);
    }

    /** The same with another number. */
    Values with(String name, double number) {
        Map<String, Object> other = new LinkedHashMap<>(all);
        other.put(name, number);
        return new Values(other);
    }

    double number(String name) {
        return (Double) all.get(name);
    }

    String word(String name) {
        return (String) all.get(name);
    }

    int count(String name) {
        return (int) Math.round(number(name));
    }
}
