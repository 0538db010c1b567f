package org.etui.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class CutterTest {

    private static List<Task.Bar> bars(int count, int length) {
        return Collections.nCopies(count, new Task.Bar(length, false, false));
    }

    private static List<Task.Item> items(int... lengthsAndCounts) {
        return IntStream.range(0, lengthsAndCounts.length / 2)
                .mapToObj(i -> new Task.Item(lengthsAndCounts[2 * i], lengthsAndCounts[2 * i + 1]))
                .toList();
    }

    /** V Chvátal, Linear Programming, 1983, chapter 13: raws of 100 in; the optimum is 453 (from memory; its length bound is 453 too). */
    @Test
    void textbookRolls_areOpenedAsFewAsCanBe() {
        Task task = new Task(bars(480, 100), items(45, 97, 36, 610, 31, 395, 14, 211), 1000);
        Cuts cuts = Cutter.cut(task, () -> true, c -> {});
        assertThat(cuts.unmet()).isZero();
        assertThat(cuts.opened()).isEqualTo(453);
        assertThat(cuts.least().opened()).isEqualTo(453);
    }

    /** The cutting-stock example of paper rolls of 5600 mm that is often printed: 13 widths, optimum 73 (from memory). */
    @Test
    void paperRolls_areOpenedAsFewAsCanBe() {
        Task task = new Task(
                bars(90, 5600),
                items(
                        1380, 22, 1520, 25, 1560, 12, 1710, 14, 1820, 18, 1880, 18, 1930, 20, 2000, 10, 2050, 12, 2100,
                        14, 2140, 16, 2150, 18, 2200, 20),
                10000);
        Cuts cuts = Cutter.cut(task, () -> true, c -> {});
        assertThat(cuts.unmet()).isZero();
        assertThat(cuts.opened()).isEqualTo(73);
        assertThat(cuts.least().opened()).isEqualTo(73);
        assertThat(cuts.isBest())
                .as("a rest of a roll is scrap, whichever it is")
                .isTrue();
    }

    /**
     * E Falkenauer, A hybrid grouping genetic algorithm for bin packing, 1996: triplets, the first of 60 items, known optimum 20 (from
     * memory; they add up to 20 × 1000, so that 20 full bars prove themselves).
     */
    @Test
    void tripletsWithoutSlack_fillEveryBar() {
        int[] sizes = {
            495, 474, 473, 472, 466, 450, 445, 444, 439, 430, 419, 414, 410, 395, 372, 370, 366, 366, 366, 363, 361,
                    357,
            355, 351, 350, 350, 347, 320, 315, 307, 303, 299, 298, 298, 292, 288, 287, 283, 275, 275, 274, 273, 273,
                    272,
            272, 271, 269, 269, 268, 263, 262, 261, 259, 258, 255, 254, 252, 252, 252, 251
        };
        assertThat(Arrays.stream(sizes).sum()).isEqualTo(20_000);
        List<Task.Item> items = new ArrayList<>();
        for (int size : sizes) {
            items.add(new Task.Item(size, 1));
        }
        Cuts cuts = Cutter.cut(new Task(bars(24, 1000), items, 1001), () -> true, c -> {});
        assertThat(cuts.unmet()).isZero();
        assertThat(cuts.opened()).isEqualTo(20);
        assertThat(cuts.scrap()).isZero();
        assertThat(cuts.isBest()).isTrue();
    }

    /** A bench's large order: 200 wires over 30 stocks, stopped after two seconds whatever was found. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void twoHundredWiresOverThirtyStocks_areCutAsWellAsCanBe_orWithinAHundredth(long seed) {
        Random random = new Random(seed);
        List<Task.Bar> bars = new ArrayList<>();
        for (int b = 0; b < 30; b++) {
            bars.add(new Task.Bar(400 + random.nextInt(1600), random.nextInt(3) == 0, random.nextInt(8) == 0));
        }
        List<Task.Item> items = new ArrayList<>();
        for (int j = 0; j < 20; j++) {
            items.add(new Task.Item(40 + random.nextInt(160), 10));
        }
        long end = System.nanoTime() + 2_000_000_000L;
        Cuts cuts = Cutter.cut(new Task(bars, items, 60), () -> System.nanoTime() < end, c -> {});
        long wanted =
                items.stream().mapToLong(i -> (long) i.length() * i.count()).sum();
        assertThat(cuts.unmet()).isZero();
        assertThat(cuts.opened()).isEqualTo(cuts.least().opened());
        assertThat(cuts.scrap() - cuts.least().scrap()).isLessThanOrEqualTo(wanted / 100);
    }

    /** Stopped at once, it answers what it has, and does not say that nothing better can be. */
    @Test
    void stoppedAtOnce_itAnswersWhatItHas() {
        List<Task.Item> items = items(45, 7, 36, 13, 31, 9, 14, 6);
        Cuts cuts = Cutter.cut(new Task(bars(40, 100), items, 20), () -> false, c -> {});
        assertThat(cuts.unmet()).isZero();
        assertThat(cuts.opened()).isGreaterThanOrEqualTo(cuts.least().opened());
        assertThat(cuts.opened()).as("the length bound").isGreaterThanOrEqualTo(12);
    }

    /** More than a table can hold is cut as comes to hand, and nothing is claimed of it. */
    @Test
    void aHugeTask_isBounded() {
        List<Task.Item> items = new ArrayList<>();
        for (int j = 0; j < 60; j++) {
            items.add(new Task.Item(4001 + 7 * j, 300));
        }
        Cuts cuts = Cutter.cut(new Task(bars(30, Task.LONGEST), items, 600), () -> true, c -> {});
        assertThat(cuts.unmet()).isPositive();
        assertThat(cuts.least()).isEqualTo(Cuts.Least.NOTHING);
    }

    static Stream<Long> seeds() {
        return Stream.iterate(1L, s -> s + 1).limit(40);
    }

    /** Small tasks against a search through every way of cutting. */
    @ParameterizedTest
    @MethodSource("seeds")
    void smallTasks_areAsGoodAsASearchThroughAll(long seed) {
        Random random = new Random(seed);
        List<Task.Bar> bars = new ArrayList<>();
        for (int b = 0; b < 2 + random.nextInt(3); b++) {
            bars.add(new Task.Bar(20 + random.nextInt(80), random.nextInt(3) == 0, random.nextInt(4) == 0));
        }
        List<Task.Item> items = new ArrayList<>();
        for (int j = 0; j < 1 + random.nextInt(3); j++) {
            items.add(new Task.Item(9 + random.nextInt(30), 1 + random.nextInt(2)));
        }
        Task task = new Task(bars, items, 25);
        Cuts cuts = Cutter.cut(task, () -> true, c -> {});
        long[] all = search(task);
        assertThat(new long[] {cuts.unmet(), cuts.opened()}).containsExactly(all[0], all[1]);
        if (cuts.isBest()) {
            assertThat(cuts.scrap()).isEqualTo(all[2]);
        } else {
            assertThat(all[2]).isBetween(cuts.least().scrap(), cuts.scrap());
        }
    }

    /** What each wire is cut from, tried one after the other: unmet, opened, scrap of the best. */
    private static long[] search(Task task) {
        List<Integer> wires = new ArrayList<>();
        for (int j = 0; j < task.items().size(); j++) {
            wires.addAll(Collections.nCopies(task.items().get(j).count(), j));
        }
        long[][] best = {{Long.MAX_VALUE, 0, 0}};
        search(task, wires, 0, new int[task.bars().size()][task.items().size()], best);
        return best[0];
    }

    private static void search(Task task, List<Integer> wires, int at, int[][] times, long[][] best) {
        if (at == wires.size()) {
            long unmet = 0;
            long opened = 0;
            long scrap = 0;
            int[] met = new int[task.items().size()];
            for (int b = 0; b < times.length; b++) {
                Task.Bar bar = task.bars().get(b);
                int cut = 0;
                for (int j = 0; j < met.length; j++) {
                    met[j] += times[b][j];
                    cut += times[b][j] * task.items().get(j).length();
                }
                int rest = bar.length() - cut;
                opened += cut > 0 && !bar.open() ? 1 : 0;
                scrap += cut > 0 && !bar.keeps() && rest < task.useful() ? rest : 0;
            }
            for (int j = 0; j < met.length; j++) {
                unmet += (long) (task.items().get(j).count() - met[j])
                        * task.items().get(j).length();
            }
            long[] here = {unmet, opened, scrap};
            if (Arrays.compare(here, best[0]) < 0) {
                best[0] = here;
            }
            return;
        }
        int j = wires.get(at);
        for (int b = 0; b < times.length; b++) {
            int cut = 0;
            for (int i = 0; i < times[b].length; i++) {
                cut += times[b][i] * task.items().get(i).length();
            }
            if (cut + task.items().get(j).length() <= task.bars().get(b).length()) {
                times[b][j]++;
                search(task, wires, at + 1, times, best);
                times[b][j]--;
            }
        }
        search(task, wires, at + 1, times, best);
    }
}
