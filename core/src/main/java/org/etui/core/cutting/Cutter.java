package org.etui.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.IntStream;

/**
 * Finds what to cut from which bar: nothing unmet, then the fewest whole bars opened, then the least scrap. Best-fit decreasing
 * (D S Johnson 1974) begins; the linear programme over ways of cutting a bar ({@link Master}) says what no plan can do better than,
 * and is rounded by diving into it with few second choices (R Sadykov, F Vanderbeck et al., Primal heuristics for branch and price,
 * INFORMS Journal on Computing 31, 2019).
 */
final class Cutter {
    private static final double GRAIN = 1e-6;

    /** Second choices of a dive, and how deep they are made. */
    private static final int SECOND_CHOICES = 3;

    private static final int DEEPEST_CHOICE = 4;

    private final Task task;
    private final BooleanSupplier goOn;
    private final Consumer<Cuts> found;
    private final List<Master.Group> groups = new ArrayList<>();
    private final List<List<Integer>> members = new ArrayList<>();
    private final List<Master.Way> pool = new ArrayList<>();
    private Cuts best;

    private Cutter(Task task, BooleanSupplier goOn, Consumer<Cuts> found) {
        this.task = task;
        this.goOn = goOn;
        this.found = found;
        for (int b = 0; b < task.bars().size(); b++) {
            Task.Bar bar = task.bars().get(b);
            int g = IntStream.range(0, groups.size())
                    .filter(i -> groups.get(i).bar().equals(bar))
                    .findFirst()
                    .orElse(-1);
            if (g < 0) {
                groups.add(new Master.Group(bar, 1));
                members.add(new ArrayList<>(List.of(b)));
            } else {
                groups.set(g, new Master.Group(bar, groups.get(g).count() + 1));
                members.get(g).add(b);
            }
        }
    }

    /**
     * Plans the cuts.
     *
     * @param goOn false once it must end: what has been found by then is answered, with what was proven by then
     * @param found told of every plan that is better than those before it
     */
    static Cuts cut(Task task, BooleanSupplier goOn, Consumer<Cuts> found) {
        return new Cutter(task, goOn, found).solve();
    }

    private Cuts solve() {
        best = Cuts.of(task, new int[task.bars().size()][task.items().size()], Cuts.Least.NOTHING);
        int[] all = task.items().stream().mapToInt(Task.Item::count).toArray();
        tryGreedily(all, new int[task.bars().size()][task.items().size()]);
        long unmet = 0;
        if (best.unmet() > 0) {
            unmet = aim(Master.Aim.UNMET, all);
        }
        int[] met = met();
        long opened = 0;
        if (best.opened() > 0) {
            opened = aim(Master.Aim.OPENED, met);
        }
        long scrap = 0;
        if (best.scrap() > 0) {
            scrap = aim(Master.Aim.SCRAP, met);
        }
        return best.proven(new Cuts.Least(unmet, opened, scrap));
    }

    /** Makes one figure less, those before it standing; returns what it cannot be less than. */
    private long aim(Master.Aim aim, int[] wanted) {
        if (!Fill.fits(task, wanted)) {
            return 0;
        }
        int mostOpened = aim == Master.Aim.SCRAP
                ? (int) best.opened()
                : groups.stream().mapToInt(Master.Group::count).sum();
        Master master = new Master(task, groups, aim, mostOpened, goOn);
        ways().forEach(w -> {
            if (pool.stream().noneMatch(w::isAs)) {
                pool.add(w);
            }
        });
        int[] counts = groups.stream().mapToInt(Master.Group::count).toArray();
        Master.Answer root = master.solve(pool, wanted, counts, 0);
        // a plan that prefers off-cuts may cost a little less than one scrap
        double slack = aim == Master.Aim.SCRAP ? 0.5 : 0;
        long least = Math.max(0, (long) Math.ceil(root.bound() - slack - GRAIN));
        Dive dive = new Dive(master, aim, least);
        for (int choices = 0; choices <= SECOND_CHOICES && !dive.isDone() && goOn.getAsBoolean(); choices++) {
            dive.from(root, wanted, counts, new int[task.bars().size()][], 0, choices, Set.of());
        }
        return least;
    }

    /** Goes down from an answer: fixes what is nearly whole, solves what is left, until all is cut. */
    private final class Dive {
        private final Master master;
        private final Master.Aim aim;
        private final long least;

        Dive(Master master, Master.Aim aim, long least) {
            this.master = master;
            this.aim = aim;
            this.least = least;
        }

        boolean isDone() {
            return switch (aim) {
                case UNMET -> best.unmet() <= least;
                case OPENED -> best.opened() <= least;
                case SCRAP -> best.scrap() <= least;
            };
        }

        /**
         * One level of the dive.
         *
         * @param fixed what each bar is cut into so far; null: nothing yet
         * @param choices second choices that are left
         * @param not ways that are not taken here
         */
        void from(
                Master.Answer answer,
                int[] wanted,
                int[] counts,
                int[][] fixed,
                int depth,
                int choices,
                Set<Master.Way> not) {
            int[] left = wanted.clone();
            int[] free = counts.clone();
            int[][] now = fixed.clone();
            Set<Master.Way> passed = new HashSet<>(not);
            List<Integer> order = IntStream.range(0, answer.share().length)
                    .boxed()
                    .filter(i -> answer.share()[i] > GRAIN)
                    .sorted(Comparator.comparingDouble(i -> -answer.share()[i]))
                    .toList();
            Master.Way first = null;
            for (int i : order) {
                Master.Way way = answer.ways().get(i);
                if (passed.contains(way)) {
                    continue;
                }
                int times = (int) Math.floor(answer.share()[i] + GRAIN);
                if (times == 0 && first != null) {
                    break;
                }
                boolean isFirst = first == null;
                first = isFirst ? way : first;
                for (int n = Math.max(1, times); n > 0 && free[way.group()] > 0 && way.fits(left); n--) {
                    put(now, way);
                    free[way.group()]--;
                    for (int j = 0; j < left.length; j++) {
                        left[j] -= way.times()[j];
                    }
                }
                if (times == 0) {
                    break;
                }
            }
            down(left, free, now, depth, choices);
            if (first != null && choices > 0 && depth < DEEPEST_CHOICE && !isDone() && goOn.getAsBoolean()) {
                passed.add(first);
                from(answer, wanted, counts, fixed, depth, choices - 1, passed);
            }
        }

        private void down(int[] left, int[] free, int[][] now, int depth, int choices) {
            tryGreedily(left, whole(now));
            boolean more = Arrays.stream(left).anyMatch(n -> n > 0)
                    && Arrays.stream(free).anyMatch(n -> n > 0);
            boolean progress = Arrays.stream(now).anyMatch(t -> t != null);
            if (!more || !progress || isDone() || !goOn.getAsBoolean()) {
                return;
            }
            int used = 0;
            for (int b = 0; b < now.length; b++) {
                used += now[b] != null && !task.bars().get(b).open() ? 1 : 0;
            }
            Master.Answer next = master.solve(pool, left, free, used);
            if (next.ways().isEmpty() || next.bound() + spent(now) > worst() + GRAIN) {
                return;
            }
            from(next, left, free, now, depth + 1, choices, Set.of());
        }

        /** What is spent already. */
        private double spent(int[][] now) {
            Cuts cuts = Cuts.of(task, whole(now), Cuts.Least.NOTHING);
            return switch (aim) {
                case UNMET -> 0;
                case OPENED -> cuts.opened();
                case SCRAP -> cuts.scrap();
            };
        }

        /** What has to be undercut. */
        private double worst() {
            return switch (aim) {
                case UNMET -> best.unmet() - 1;
                case OPENED -> best.opened() - 1;
                case SCRAP -> best.scrap() - 0.5;
            };
        }
    }

    private void put(int[][] now, Master.Way way) {
        for (int b : members.get(way.group())) {
            if (now[b] == null) {
                now[b] = way.times();
                return;
            }
        }
        throw new IllegalStateException("no bar of that group is left");
    }

    private int[][] whole(int[][] now) {
        int[][] times = new int[now.length][];
        for (int b = 0; b < now.length; b++) {
            times[b] = now[b] == null ? new int[task.items().size()] : now[b].clone();
        }
        return times;
    }

    private void take(int[][] times) {
        Cuts cuts = Cuts.of(task, times, Cuts.Least.NOTHING);
        if (cuts.isBetterThan(best)) {
            best = cuts;
            found.accept(cuts);
        }
    }

    /** What the best plan meets of each item. */
    private int[] met() {
        int[] met = new int[task.items().size()];
        for (int[] times : best.times()) {
            for (int j = 0; j < met.length; j++) {
                met[j] += times[j];
            }
        }
        return met;
    }

    /** The ways that the best plan uses. */
    private List<Master.Way> ways() {
        List<Master.Way> ways = new ArrayList<>();
        for (int g = 0; g < groups.size(); g++) {
            for (int b : members.get(g)) {
                int[] times = best.times()[b];
                int cut = 0;
                for (int j = 0; j < times.length; j++) {
                    cut += times[j] * task.items().get(j).length();
                }
                if (cut > 0) {
                    ways.add(new Master.Way(g, times.clone(), cut));
                }
            }
        }
        return ways;
    }

    /** Orders in which whole bars are opened: the longest first, the shortest first; off-cuts stand before spools. */
    private List<Comparator<Integer>> orders() {
        Comparator<Integer> spoolsLast =
                Comparator.comparing(b -> task.bars().get(b).keeps());
        Comparator<Integer> shortFirst =
                Comparator.comparingInt(b -> task.bars().get(b).length());
        return List.of(
                spoolsLast.thenComparing(shortFirst.reversed()),
                spoolsLast.thenComparing(shortFirst),
                spoolsLast.reversed().thenComparing(shortFirst.reversed()));
    }

    /** Cuts what is left as comes to hand, in several ways. */
    private void tryGreedily(int[] wanted, int[][] sofar) {
        for (Comparator<Integer> order : orders()) {
            take(greedy(wanted, copy(sofar), order, true));
            take(greedy(wanted, copy(sofar), order, false));
        }
    }

    private static int[][] copy(int[][] times) {
        return Arrays.stream(times).map(int[]::clone).toArray(int[][]::new);
    }

    /** Best fit decreasing into bars that are open or cut from; where none has room, the next of the order. */
    private int[][] greedy(int[] wanted, int[][] times, Comparator<Integer> order, boolean offCutsFirst) {
        int[] room = new int[times.length];
        boolean[] closed = new boolean[times.length];
        boolean[] used = new boolean[times.length];
        for (int b = 0; b < times.length; b++) {
            Task.Bar bar = task.bars().get(b);
            int cut = 0;
            for (int j = 0; j < times[b].length; j++) {
                cut += times[b][j] * task.items().get(j).length();
            }
            room[b] = bar.length() - cut;
            used[b] = bar.open() || cut > 0;
            closed[b] = !used[b];
        }
        List<Integer> fresh = IntStream.range(0, times.length)
                .boxed()
                .filter(b -> closed[b])
                .sorted(order)
                .toList();
        List<Integer> longFirst = IntStream.range(0, wanted.length)
                .boxed()
                .sorted(Comparator.comparingInt(j -> -task.items().get(j).length()))
                .toList();
        Comparator<Integer> byForm =
                Comparator.comparing(b -> task.bars().get(b).keeps() == offCutsFirst);
        for (int j : longFirst) {
            int length = task.items().get(j).length();
            for (int n = wanted[j]; n > 0; n--) {
                int b = IntStream.range(0, room.length)
                        .boxed()
                        .filter(i -> used[i] && room[i] >= length)
                        .min(byForm.thenComparingInt(i -> room[i]))
                        .orElseGet(() -> fresh.stream()
                                .filter(i -> !used[i] && room[i] >= length)
                                .findFirst()
                                .orElse(-1));
                if (b < 0) {
                    break;
                }
                used[b] = true;
                room[b] -= length;
                times[b][j]++;
            }
        }
        return times;
    }
}
