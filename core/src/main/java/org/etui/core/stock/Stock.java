package org.etui.core.stock;

import java.util.Optional;
import org.etui.core.check.Check;
import org.etui.core.check.Term;
import org.etui.core.wire.Wire;

/**
 * Something that hangs or lies on the rack. How much there is of it is said by the entries of the rack, not by the stock.
 *
 * @param id name, unique on the rack
 * @param name name to read, as it is written on the label
 * @param form what it comes as
 * @param wire the wire; absent for bought-in parts
 * @param where where it lies
 * @param low when less than this is left it is time to buy, mm or pieces; 0: never
 */
public record Stock(
        @Term(value = "name of the stock, unique on the rack", from = 1, to = 60)
        String id,

        @Term(value = "name to read, as it is written on the label", from = 1, to = 120)
        String name,

        @Term("what it comes as") Form form,

        @Term("the wire; absent for bought-in parts") Optional<Wire> wire,

        @Term(value = "where it lies", to = 120, or = "\"\"")
        String where,

        @Term(
                value = "when less than this is left it is time to buy, mm or pieces; 0: never",
                from = 0,
                to = Stock.MOST,
                or = "0")
        double low) {

    /** The most of anything, mm or pieces: ten kilometres. */
    public static final double MOST = 1e7;

    /** What stock comes as. */
    public enum Form {
        /** Wound on a spool: its end is trued, the rest stays on it. */
        SPOOL,
        /** A loose coil: the same. */
        COIL,
        /** A straight length as it was bought. */
        LENGTH,
        /** What was left of a length. */
        OFF_CUT,
        /** Headed pins, ear wires, rings, beads, stones, cord: counted. */
        PARTS;

        /** Whether what is left stays on it, however short. */
        public boolean keepsItsRest() {
            return this == SPOOL || this == COIL;
        }
    }

    /** @throws IllegalArgumentException if parts have a wire, or wire has none */
    public Stock {
        Check.within("low", low, 0, MOST);
        Check.that(
                (form == Form.PARTS) == wire.isEmpty(),
                form == Form.PARTS ? "wire must be absent for parts" : "wire must be given");
    }

    /** The same as an off-cut. */
    public Stock asOffCut() {
        return new Stock(id, name, Form.OFF_CUT, wire, where, low);
    }

    /** Mass of a length in mm, g; empty for parts. */
    public Optional<Double> massG(double lengthMm) {
        return wire.map(w -> w.massG(lengthMm));
    }
}
