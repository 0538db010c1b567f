package org.etui.core.element;

import java.util.Locale;
import java.util.Map;

/** Names as people read them, ids of elements among them. Words of the bench that not everybody knows are said plainly; in documents they stay as they are. */
public final class Label {
    private static final Map<String, String> PLAIN =
            Map.of("run", "straight", "lip", "tip straight", "kick", "tail angle");

    private static final Map<String, String> WHOLE =
            Map.of("bead-run", "straight of the beads", "drill-run", "straight in the hole");

    private Label() {}

    /** Such as {@code hook bend} of {@code hook-bend}, {@code first tip straight} of {@code first-lip}. */
    static String of(String id) {
        if (WHOLE.containsKey(id)) {
            return WHOLE.get(id);
        }
        int last = id.lastIndexOf('-') + 1;
        String noun = id.substring(last);
        return id.substring(0, last).replace('-', ' ') + PLAIN.getOrDefault(noun, noun);
    }

    /** A name within a sentence: with its article, but for one that goes by its number, such as {@code frame wire 2}. */
    public static String the(String name) {
        String lower = name.toLowerCase(Locale.ROOT);
        return Character.isDigit(lower.charAt(lower.length() - 1)) ? lower : "the " + lower;
    }
}
