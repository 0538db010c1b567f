package org.etui.core.tool;

import org.etui.core.check.Check;
import org.etui.core.check.Term;
import org.etui.core.measure.LengthFormat;

/**
 * A tool that the maker owns.
 *
 * @param id name, unique among the tools
 * @param kind what it is
 * @param name name to read
 * @param sizeMm measured diameter of what wire is laid round; of a face its diameter, mm
 */
public record OwnedTool(
        @Term(value = "name of the tool, unique among the tools", from = 1, to = 60)
        String id,

        @Term("what it is") ToolKind kind,
        @Term(value = "name to read", to = 120, or = "\"\"") String name,

        @Term(value = "measured diameter, mm: of what wire is laid round, or of the face", from = 0.01, to = 400)
        double sizeMm) {

    /** @throws IllegalArgumentException if the size is out of range */
    public OwnedTool {
        Check.positive("sizeMm", sizeMm);
    }

    /** In words, such as {@code mandrel 6.00 mm}, with the name where it has one. */
    public String inWords() {
        String size = LengthFormat.hundredths(sizeMm) + " mm";
        return (name.isBlank() ? kind.inWords() : name) + " " + size;
    }
}
