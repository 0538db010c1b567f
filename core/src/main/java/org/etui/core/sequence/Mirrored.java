package org.etui.core.sequence;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The words of the bench card for a maker whose tool is in the left hand: what was to the left is to the right. */
public final class Mirrored {
    /** What is left over, and what is the right way round, are no sides. */
    private static final Pattern SIDE =
            Pattern.compile("(?<!\\b(?:is|are|end|ends|what|nothing) )\\b([Ll]eft|[Rr]ight)\\b(?! (?:way|over|angle))");

    private Mirrored() {}

    /** The same with its sides exchanged. */
    public static String words(String said) {
        return SIDE.matcher(said).replaceAll(Mirrored::other);
    }

    private static String other(java.util.regex.MatchResult side) {
        return Matcher.quoteReplacement(
                switch (side.group(1)) {
                    case "left" -> "right";
                    case "Left" -> "Right";
                    case "right" -> "left";
                    default -> "Left";
                });
    }
}
