package org.etui.core.cutting;

import java.util.List;
import org.etui.core.check.Check;

/**
 * Lengths to be cut, and bars to cut them from. Lengths are whole units; which unit is the asker's.
 *
 * @param bars what there is
 * @param items what is wanted
 * @param useful a rest from this length on is kept, a shorter one is scrap
 */
record Task(List<Bar> bars, List<Item> items, int useful) {

    /** More than this is no bench's: a table of every length is kept while bars are filled. */
    static final int LONGEST = 2_000_000;

    /**
     * A bar.
     *
     * @param length what is left of it
     * @param open whether it was cut from before
     * @param keeps whether its rest stays on it however short, as on a spool
     */
    record Bar(int length, boolean open, boolean keeps) {
        Bar {
            Check.that(
                    length >= 0 && length <= LONGEST, () -> "length must be from 0 to " + LONGEST + ", was " + length);
        }
    }

    /**
     * A length that is wanted.
     *
     * @param length each
     * @param count how many
     */
    record Item(int length, int count) {
        Item {
            Check.that(length > 0, () -> "length must be above 0, was " + length);
            Check.that(count >= 0, () -> "count must not be below 0, was " + count);
        }
    }

    Task {
        bars = List.copyOf(bars);
        items = List.copyOf(items);
    }

    /** What is scrap of a bar that so much is cut from. */
    int scrap(Bar bar, int cut) {
        int rest = bar.length() - cut;
        return cut == 0 || bar.keeps() || rest >= useful ? 0 : rest;
    }
}
