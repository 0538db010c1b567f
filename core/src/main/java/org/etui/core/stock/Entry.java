package org.etui.core.stock;

import java.util.List;
import java.util.Optional;
import org.etui.core.check.Check;
import org.etui.core.check.Term;

/**
 * Something that happened to the rack. Entries are only ever added: what is on the rack is what they come to.
 *
 * @param what what happened
 * @param stocks stocks that are new, or described anew
 * @param lines what came or went
 * @param note in the maker's words
 * @param undoes number of the entry that is taken back; where it is cut, of the setting aside that it was cut for
 */
public record Entry(
        @Term("what happened") What what,

        @Term(value = "stocks that are new, or described anew", to = 2000, or = "[]")
        List<Stock> stocks,

        @Term(value = "what came or went", to = 4000, or = "[]")
        List<Line> lines,

        @Term(value = "in the maker's words", to = 400, or = "\"\"")
        String note,

        @Term(
                value =
                        "number of the entry that is taken back; where it is cut, of the setting aside that it was cut for",
                from = 1,
                to = 1e12)
        Optional<Long> undoes) {

    /** What can happen. */
    public enum What {
        /** It was bought. */
        BOUGHT,
        /** It turned up. */
        FOUND,
        /** Wire was cut from it, or parts were used. */
        CUT,
        /** It is kept for something that will be cut: it stays where it is, and nothing else is cut from it. */
        SET_ASIDE,
        /** It is gone. */
        LOST,
        /** It was measured, and there was more or less than thought. */
        CORRECTED,
        /** Nothing came or went: a name, a place, a line. */
        DESCRIBED,
        /** An entry is taken back. */
        UNDONE
    }

    /** What an amount is counted in. */
    public enum In {
        /** Millimetres of wire. */
        MM,
        /** Grams of wire. */
        G,
        /** Pieces of bought-in parts. */
        PIECES
    }

    /**
     * What came to a stock, or went from it.
     *
     * @param stock its name
     * @param by how much; below 0 where it went
     * @param in what that is counted in
     * @param scrapMm how much wire of it went into the scrap tin
     * @param paid what was paid for it, in the maker's currency
     */
    public record Line(
            @Term(value = "name of the stock", from = 1, to = 60)
            String stock,

            @Term(value = "how much; below 0 where it went", from = -Stock.MOST, to = Stock.MOST)
            double by,

            @Term(value = "what that is counted in", or = "\"mm\"")
            In in,

            @Term(value = "how much wire of it went into the scrap tin, mm", from = 0, to = Stock.MOST, or = "0")
            double scrapMm,

            @Term(value = "what was paid for it, in the maker's currency", from = 0, to = 1e7, or = "0")
            double paid) {

        /** @throws IllegalArgumentException if a figure is out of range */
        public Line {
            Check.within("by", by, -Stock.MOST, Stock.MOST);
            Check.within("scrapMm", scrapMm, 0, Stock.MOST);
            Check.within("paid", paid, 0, 1e7);
        }

        /** So many millimetres, some of them scrap. */
        public static Line cut(String stock, double mm, double scrapMm) {
            return new Line(stock, -mm, In.MM, scrapMm, 0);
        }
    }

    /** Copies the lists. */
    public Entry {
        stocks = List.copyOf(stocks);
        lines = List.copyOf(lines);
    }

    /** That takes back an entry. */
    public static Entry undoing(long number) {
        return new Entry(What.UNDONE, List.of(), List.of(), "", Optional.of(number));
    }
}
