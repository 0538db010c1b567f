package org.etui.core.sequence;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.etui.core.check.Term;

/**
 * One step of the bench card.
 *
 * @param strand id of the strand; empty for the whole piece
 * @param title what to do, short
 * @param tool with what
 * @param text how
 * @param check what to look at afterwards
 * @param caution what to beware of; empty where nothing special
 * @param advice rules that speak of this step
 * @param handsOn whether hands are needed all the time
 * @param minutes how long it takes, an estimate
 * @param element id of the element formed
 * @param markMm mark that it starts at, mm from the trued end
 * @param state index of the strand's state afterwards; absent where the wire does not change
 */
public record Step(
        @Term("id of the strand; empty for the whole piece") String strand,
        @Term("what to do, short") String title,
        @Term("with what") String tool,
        @Term("how") String text,
        @Term("what to look at afterwards") String check,

        @Term("what to beware of; empty where nothing special")
        String caution,

        @Term("rules that speak of this step") List<String> advice,
        @Term("whether hands are needed all the time") boolean handsOn,
        @Term("how long it takes, minutes, an estimate") double minutes,
        @Term("id of the element formed") Optional<String> element,

        @Term("mark that it starts at, mm from the trued end")
        OptionalDouble markMm,

        @Term("index of the strand's state afterwards") OptionalInt state) {}
