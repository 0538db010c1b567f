package org.etui.core.check;

import java.util.List;
import java.util.stream.Collectors;

/** Input that cannot be used; carries every bad field at once. */
public final class BadInput extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;
    private final transient List<Violation> violations;

    /** @param violations at least one */
    public BadInput(List<Violation> violations) {
        super(violations.stream()
                .map(v -> v.path() + " was " + v.value() + ": " + v.limit())
                .collect(Collectors.joining("; ")));
        this.violations = List.copyOf(violations);
    }

    /** One bad field. */
    public BadInput(String path, Object value, String limit) {
        this(List.of(new Violation(path, String.valueOf(value), limit)));
    }

    /** Every bad field, in the order found. */
    public List<Violation> violations() {
        return violations;
    }
}
