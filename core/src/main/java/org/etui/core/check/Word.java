package org.etui.core.check;

import java.util.Locale;

/** Turns Java names into the words of the contract: {@code DEAD_SOFT} and {@code HalfRound} to kebab case. */
public final class Word {
    private static final ClassValue<String> MEMBERS = new ClassValue<>() {
        @Override
        protected String computeValue(Class<?> member) {
            return member.getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])", "-").toLowerCase(Locale.ROOT);
        }
    };

    private Word() {}

    /** The contract's word for an enum constant, such as {@code dead-soft}. */
    public static String of(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The contract's word for a member of a family, such as {@code half-round}. */
    public static String of(Class<?> member) {
        return MEMBERS.get(member);
    }

    /** The word with spaces instead of hyphens, to be read by people. */
    public static String plain(Enum<?> constant) {
        return of(constant).replace('-', ' ');
    }
}
