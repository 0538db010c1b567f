package org.etui.core.piece;

import java.util.Optional;
import org.etui.core.check.Term;

/**
 * A stone that the maker has.
 *
 * @param id name, unique among the stones
 * @param name name to read
 * @param material what it is made of
 * @param body its shape and measures
 * @param piece the piece that it is in, by its name in the store
 */
public record KeptStone(
        @Term(value = "name of the stone, unique among the stones", from = 1, to = 60)
        String id,

        @Term(value = "name to read", from = 1, to = 120) String name,

        @Term(value = "what it is made of", to = 120, or = "\"stone\"")
        String material,

        @Term("its shape and measures") Body body,

        @Term(value = "the piece that it is in, by its name in the store", to = 60)
        Optional<String> piece) {}
