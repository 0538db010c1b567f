package org.etui.core.piece;

import java.util.Optional;
import org.etui.core.check.Term;
import org.etui.core.check.Word;

/**
 * What is not wire.
 *
 * @param id name, unique in the piece
 * @param kind what it is
 * @param material of what
 * @param sizeMm its size, mm
 * @param on where it sits: strand.element
 */
public record Part(
        @Term(value = "name of the part, unique in the piece", to = 60, position = true)
        String id,

        @Term("what it is") PartKind kind,
        @Term(value = "of what", to = 120, or = "\"\"") String material,
        @Term(value = "its size, mm", from = 0.01) double sizeMm,

        @Term(value = "where it sits: strand.element", to = 121)
        Optional<String> on) {

    /** The name to read: the id, or kind and number where the id is only a number. */
    public String label() {
        return id.chars().allMatch(Character::isDigit) ? Word.of(kind) + " " + id : id.replace('-', ' ');
    }
}
