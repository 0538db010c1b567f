package org.etui.core.cutting;

import java.util.Arrays;

/**
 * What fills a bar to every length and is worth most: the bounded knapsack by dynamic programming, items in lots of 1, 2, 4 … (S Martello,
 * P Toth, Knapsack Problems, 1990, chapter 3).
 */
final class Fill {
    private static final long MOST_CELLS = 40_000_000;

    private final Task task;
    private final int[] item;
    private final int[] lot;
    private final int most;
    private final double[] worth;
    private final boolean[][] taken;

    /** Whether the table for these wants is one that a bench's machine can hold. */
    static boolean fits(Task task, int[] wanted) {
        long lots = 0;
        long all = 0;
        for (int j = 0; j < wanted.length; j++) {
            lots += 32 - Integer.numberOfLeadingZeros(wanted[j]);
            all += (long) wanted[j] * task.items().get(j).length();
        }
        int longest = task.bars().stream().mapToInt(Task.Bar::length).max().orElse(0);
        return lots * Math.min(longest, all) <= MOST_CELLS;
    }

    /** @param wanted no more than so many of each item are cut from one bar */
    Fill(Task task, int[] wanted) {
        this.task = task;
        int longest = task.bars().stream().mapToInt(Task.Bar::length).max().orElse(0);
        long all = 0;
        int lots = 0;
        for (int j = 0; j < wanted.length; j++) {
            all += (long) wanted[j] * task.items().get(j).length();
            lots += 32 - Integer.numberOfLeadingZeros(wanted[j]);
        }
        most = (int) Math.min(longest, all);
        item = new int[lots];
        lot = new int[lots];
        int at = 0;
        for (int j = 0; j < wanted.length; j++) {
            int left = wanted[j];
            for (int size = 1; left > 0; size *= 2) {
                item[at] = j;
                lot[at++] = Math.min(size, left);
                left -= size;
            }
        }
        worth = new double[most + 1];
        taken = new boolean[lots][most + 1];
    }

    /** The longest that can be filled. */
    int most() {
        return most;
    }

    /** Fills at these prices. */
    void at(double[] price) {
        Arrays.fill(worth, Double.NEGATIVE_INFINITY);
        worth[0] = 0;
        for (int l = 0; l < lot.length; l++) {
            Arrays.fill(taken[l], false);
            long whole = (long) lot[l] * task.items().get(item[l]).length();
            if (whole > most) {
                continue;
            }
            int length = (int) whole;
            double gain = lot[l] * price[item[l]];
            for (int cut = most; cut >= length; cut--) {
                double with = worth[cut - length] + gain;
                if (with > worth[cut]) {
                    worth[cut] = with;
                    taken[l][cut] = true;
                }
            }
        }
    }

    /** The most that can be got out of exactly this length; minus infinity where nothing fills it. */
    double worth(int cut) {
        return worth[cut];
    }

    /** How often each item is cut to get it. */
    int[] times(int cut) {
        int[] times = new int[task.items().size()];
        int left = cut;
        for (int l = lot.length - 1; l >= 0; l--) {
            if (taken[l][left]) {
                times[item[l]] += lot[l];
                left -= lot[l] * task.items().get(item[l]).length();
            }
        }
        return times;
    }
}
