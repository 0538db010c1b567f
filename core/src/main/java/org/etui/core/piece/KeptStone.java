package org.etui.core.piece;

import java.util.Optional;
import org.etui.core.check.Check;
import org.etui.core.check.Term;

/**
 * A stone that the maker has.
 *
 * @param id name, unique among the stones
 * @param name name to read
 * @param material what it is made of
 * @param body its shape and measures
 * @param picture a small photograph of it, as an address that holds it
 * @param piece the piece that it is in, by its name in the store
 */
public record KeptStone(
        @Term(value = "name of the stone, unique among the stones", from = 1, to = 60)
        String id,

        @Term(value = "name to read", from = 1, to = 120) String name,

        @Term(value = "what it is made of", to = 120, or = "\"stone\"")
        String material,

        @Term("its shape and measures") Body body,

        @Term(value = "a small photograph of it, as an address that holds it", to = 20000)
        Optional<String> picture,

        @Term(value = "the piece that it is in, by its name in the store", to = 60)
        Optional<String> piece) {
    private static final String PICTURE = "data:image/jpeg;base64,";

    /** @throws IllegalArgumentException if the picture is not held in its address: nothing is fetched from elsewhere */
    public KeptStone {
        picture.ifPresent(p -> Check.that(p.startsWith(PICTURE), "picture must begin with " + PICTURE));
    }
}
