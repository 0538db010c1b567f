package org.etui.core.cutting;

import java.util.Arrays;

/**
 * What is cut from every bar of a task.
 *
 * @param times for each bar how often each item is cut from it
 * @param unmet length of all that is cut from none
 * @param opened bars that were whole and are cut from
 * @param scrap length of all rests that are too short to keep
 * @param least what the three cannot be less than
 */
record Cuts(int[][] times, long unmet, long opened, long scrap, Least least) {

    /**
     * What was proven about each figure, those before it being what they are.
     *
     * @param unmet unmet length is at least this
     * @param opened at least so many whole bars are opened
     * @param scrap there is at least so much scrap
     */
    record Least(long unmet, long opened, long scrap) {
        static final Least NOTHING = new Least(0, 0, 0);
    }

    /** The figures of what is cut. */
    static Cuts of(Task task, int[][] times, Least least) {
        int[] left = task.items().stream().mapToInt(Task.Item::count).toArray();
        long opened = 0;
        long scrap = 0;
        for (int b = 0; b < times.length; b++) {
            int cut = 0;
            for (int j = 0; j < left.length; j++) {
                left[j] -= times[b][j];
                cut += times[b][j] * task.items().get(j).length();
            }
            Task.Bar bar = task.bars().get(b);
            opened += cut > 0 && !bar.open() ? 1 : 0;
            scrap += task.scrap(bar, cut);
        }
        long unmet = 0;
        for (int j = 0; j < left.length; j++) {
            unmet += (long) left[j] * task.items().get(j).length();
        }
        return new Cuts(times, unmet, opened, scrap, least);
    }

    Cuts proven(Least now) {
        return new Cuts(times, unmet, opened, scrap, now);
    }

    /** Whether nothing better can be. */
    boolean isBest() {
        return unmet <= least.unmet() && opened <= least.opened() && scrap <= least.scrap();
    }

    /** Whether this is better: less unmet, then fewer whole bars opened, then less scrap. */
    boolean isBetterThan(Cuts other) {
        long[] mine = {unmet, opened, scrap};
        long[] theirs = {other.unmet, other.opened, other.scrap};
        return Arrays.compare(mine, theirs) < 0;
    }
}
