package org.etui.core.pattern;

import java.util.List;
import java.util.Optional;

/** Every pattern there is. */
public final class Patterns {
    /** The list: a new pattern is added here and nowhere else. */
    public static final List<Pattern> ALL = List.of(new HookClasp(), new SHook(), new HookAndEyeBangle());

    private Patterns() {}

    /** The pattern of that name. */
    public static Optional<Pattern> find(String name) {
        return ALL.stream().filter(p -> p.name().equals(name)).findFirst();
    }
}
