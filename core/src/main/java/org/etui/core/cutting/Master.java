package org.etui.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.linear.LinearSolver;
import org.ojalgo.structure.Access1D;

/**
 * The linear programme over ways of cutting a bar, which grows by the ways that its own prices ask for (column generation, Gilmore
 * and Gomory 1961). Bars that are alike are one group.
 */
final class Master {
    private static final double GRAIN = 1e-7;

    /** Of two plans alike in scrap, the one that uses up off-cuts: a bar that keeps its rest costs this little, in all less than one. */
    private static final double SPOOL_COST = 0.25;

    /**
     * What is made least.
     */
    enum Aim {
        UNMET,
        OPENED,
        SCRAP
    }

    /**
     * Bars that are alike.
     *
     * @param bar one of them
     * @param count how many
     */
    record Group(Task.Bar bar, int count) {}

    /**
     * A way of cutting a bar.
     *
     * @param group which bars
     * @param times how often each item
     * @param cut length of them all
     */
    record Way(int group, int[] times, int cut) {
        boolean fits(int[] wanted) {
            for (int j = 0; j < times.length; j++) {
                if (times[j] > wanted[j]) {
                    return false;
                }
            }
            return true;
        }

        boolean isAs(Way other) {
            return group == other.group && Arrays.equals(times, other.times);
        }
    }

    /**
     * What the programme came to.
     *
     * @param ways the ways that it uses
     * @param share how often each, not whole
     * @param bound no plan does better than this
     */
    record Answer(List<Way> ways, double[] share, double bound) {}

    private final Task task;
    private final List<Group> groups;
    private final Aim aim;
    private final int mostOpened;
    private final BooleanSupplier goOn;
    private final double spoolCost;

    /**
     * A programme.
     *
     * @param aim what is made least
     * @param mostOpened so many whole bars may be opened
     * @param goOn false once it must end
     */
    Master(Task task, List<Group> groups, Aim aim, int mostOpened, BooleanSupplier goOn) {
        this.task = task;
        this.groups = groups;
        this.aim = aim;
        this.mostOpened = mostOpened;
        this.goOn = goOn;
        this.spoolCost =
                SPOOL_COST / Math.max(1, groups.stream().mapToInt(Group::count).sum());
    }

    private double cost(Way way) {
        Task.Bar bar = groups.get(way.group()).bar();
        return switch (aim) {
            case UNMET -> 0;
            case OPENED -> bar.open() ? 0 : 1;
            case SCRAP -> task.scrap(bar, way.cut()) + (bar.keeps() ? spoolCost : 0);
        };
    }

    /** What stands for a length that no way gives: it is dear where everything has to be met. */
    private double missing(int item) {
        double length = task.items().get(item).length();
        return switch (aim) {
            case UNMET -> length;
            case OPENED -> 10;
            case SCRAP -> 10 * length;
        };
    }

    /** What a whole bar costs that may be opened and is not: where scrap is made least, as many are opened as were found to be needed. */
    private double unopened() {
        return aim == Aim.SCRAP
                ? 10.0 * task.bars().stream().mapToInt(Task.Bar::length).max().orElse(0)
                : 0;
    }

    /**
     * Solves it, and adds to the pool the ways that it asked for.
     *
     * @param wanted how many of each item
     * @param counts how many bars of each group
     * @param opened whole bars that are opened already
     */
    Answer solve(List<Way> pool, int[] wanted, int[] counts, int opened) {
        double bound = Double.NEGATIVE_INFINITY;
        Fill fill = new Fill(task, wanted);
        List<Way> ways = new ArrayList<>(pool.stream()
                .filter(w -> counts[w.group()] > 0 && w.fits(wanted))
                .toList());
        while (true) {
            Lp lp = new Lp(ways, wanted, counts, mostOpened - opened);
            if (!lp.solved) {
                return new Answer(List.of(), new double[0], bound);
            }
            double here = lp.dual(wanted, counts, mostOpened - opened);
            List<Way> asked = new ArrayList<>();
            fill.at(lp.price);
            for (int g = 0; g < groups.size(); g++) {
                if (counts[g] == 0) {
                    continue;
                }
                Way way = best(fill, g);
                double gain = way.cut() == 0 ? 0 : lp.reduced(way);
                if (gain < -GRAIN) {
                    here += gain * counts[g];
                    if (ways.stream().noneMatch(way::isAs)) {
                        asked.add(way);
                    }
                }
            }
            bound = Math.max(bound, here);
            if (asked.isEmpty() || !goOn.getAsBoolean()) {
                return new Answer(ways, lp.share, bound);
            }
            ways.addAll(asked);
            pool.addAll(asked);
        }
    }

    /** The way of cutting a bar of a group that is worth most at the prices; none where nothing fits. */
    private Way best(Fill fill, int group) {
        Task.Bar bar = groups.get(group).bar();
        int best = 0;
        double worth = Double.NEGATIVE_INFINITY;
        for (int cut = 1; cut <= Math.min(bar.length(), fill.most()); cut++) {
            double here = fill.worth(cut) - (aim == Aim.SCRAP ? task.scrap(bar, cut) : 0);
            if (here > worth + GRAIN) {
                worth = here;
                best = cut;
            }
        }
        return new Way(group, fill.times(best), best);
    }

    /** One linear programme with its prices. */
    private final class Lp {
        private final boolean solved;
        private final double[] share;
        private final double[] price = new double[task.items().size()];
        private final double[] room = new double[groups.size()];
        private double opening;

        /** In standard form: every row has a variable of its own for what is missing or left, so that no row is taken out. */
        Lp(List<Way> ways, int[] wanted, int[] counts, int mayOpen) {
            int items = price.length;
            int rows = items + room.length + 1;
            double[] costs = new double[rows + ways.size()];
            double[][] body = new double[rows][rows + ways.size()];
            for (int r = 0; r < rows; r++) {
                body[r][r] = 1;
                costs[r] = r < items ? missing(r) : r < rows - 1 ? 0 : unopened();
            }
            for (int w = 0; w < ways.size(); w++) {
                Way way = ways.get(w);
                int column = rows + w;
                costs[column] = cost(way);
                for (int j = 0; j < items; j++) {
                    body[j][column] = way.times()[j];
                }
                body[items + way.group()][column] = 1;
                body[rows - 1][column] = groups.get(way.group()).bar().open() ? 0 : 1;
            }
            LinearSolver.Builder programme = LinearSolver.newBuilder().objective(costs);
            for (int r = 0; r < rows; r++) {
                programme.equality(r < items ? wanted[r] : r < rows - 1 ? counts[r - items] : mayOpen, body[r]);
            }
            Optimisation.Result result = programme.solve();
            Optional<Access1D<?>> prices = result.getMultipliers();
            solved = result.getState().isOptimal() && prices.isPresent();
            share = new double[ways.size()];
            if (solved) {
                Arrays.setAll(share, w -> result.doubleValue(rows + w));
                Arrays.setAll(price, j -> -prices.get().doubleValue(j));
                Arrays.setAll(room, g -> -prices.get().doubleValue(items + g));
                opening = -prices.get().doubleValue(rows - 1);
            }
        }

        /** What a way costs beyond what it is worth. */
        double reduced(Way way) {
            double reduced = cost(way) - room[way.group()];
            for (int j = 0; j < price.length; j++) {
                reduced -= price[j] * way.times()[j];
            }
            return groups.get(way.group()).bar().open() ? reduced : reduced - opening;
        }

        double dual(int[] wanted, int[] counts, int mayOpen) {
            double dual = opening * mayOpen;
            for (int j = 0; j < price.length; j++) {
                dual += price[j] * wanted[j];
            }
            for (int g = 0; g < room.length; g++) {
                dual += room[g] * counts[g];
            }
            return dual;
        }
    }
}
