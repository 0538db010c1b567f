package org.etui.core.measure;

import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.etui.core.check.BadInput;
import org.etui.core.check.Check;
import org.etui.core.check.Term;

/**
 * A measure that the maker has a name for, such as a finger's width or a mark on a jaw.
 *
 * @param name how it is typed: begins with a letter, letters, digits, blanks and hyphens, and is no unit
 * @param mm how long it is
 */
public record PersonalMeasure(
        @Term(value = "how it is typed", from = 1, to = 30) String name,

        @Term(value = "how long it is, mm", from = 0.01, to = 100000)
        double mm) {

    private static final Pattern NAME = Pattern.compile("[\\p{L}][\\p{L}\\p{N} -]{0,29}");
    private static final Set<String> TAKEN =
            Set.of("round", "around", "girth", "us", "uk", "iso", "ring", "ga", "gauge", "g");

    /** @throws IllegalArgumentException if the length is not above 0 or not finite */
    public PersonalMeasure {
        Check.positive("mm", mm);
    }

    /** Whether a word can be a name at all. */
    static boolean isName(String word) {
        return NAME.matcher(word).matches();
    }

    /** The name as it is looked up. */
    public String key() {
        return name.strip().toLowerCase(Locale.ROOT);
    }

    /**
     * Says where a name cannot be one.
     *
     * @param path where it stands, for what is said of it
     * @throws BadInput if it is not made of letters, or is read as something else already
     */
    public void require(String path) {
        if (!isName(key())) {
            throw new BadInput(
                    path,
                    name,
                    "must begin with a letter and go on in letters, digits, blanks and hyphens, at most 30");
        }
        if (isTaken()) {
            throw new BadInput(path, name, "is read as a unit, a gauge or a ring size already; choose another name");
        }
    }

    private boolean isTaken() {
        if (TAKEN.contains(key())) {
            return true;
        }
        return isRead(key()) || isRead("1 " + key());
    }

    private static boolean isRead(String text) {
        try {
            LengthText.parse(text, Units.MM, Map.of());
            return true;
        } catch (BadInput refused) {
            return refused.violations().get(0).path().equals("text");
        }
    }

    /** By name in small letters, as the reader of lengths wants them. */
    public static Map<String, Double> byName(java.util.List<PersonalMeasure> all) {
        return all.stream().collect(Collectors.toMap(PersonalMeasure::key, PersonalMeasure::mm, (a, b) -> b));
    }
}
