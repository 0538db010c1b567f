package org.etui.core.colour;

import org.etui.core.check.Term;
import org.etui.core.metal.Metal;
import org.etui.core.piece.Colour;

/**
 * What came out of a bath.
 *
 * @param piece id of the piece in the store; empty where it is none
 * @param name what it is called
 * @param metal its metal
 * @param bath what was in the bath
 * @param seconds how long it was in, s
 * @param filmNm the shade that came out, as the film that it is told by, nm
 * @param note what the maker noticed
 * @param day the day, ISO 8601
 */
public record BathRecord(
        @Term(value = "id of the piece in the store; empty where it is none", to = 60, or = "\"\"")
        String piece,

        @Term(value = "what it is called", to = 120) String name,
        @Term("its metal") Metal metal,
        @Term("what was in the bath") Colour.Recipe bath,

        @Term(value = "how long it was in, s", from = 1, to = 86400)
        double seconds,

        @Term(value = "the shade that came out, as the film that it is told by, nm", from = 1, to = Shade.THICKEST_NM)
        double filmNm,

        @Term(value = "what the maker noticed", to = 400, or = "\"\"")
        String note,

        @Term(value = "the day, ISO 8601", from = 10, to = 10)
        String day) {}
