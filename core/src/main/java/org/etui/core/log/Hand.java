package org.etui.core.log;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** A maker's own hand: what was learnt, as far as the maker wants it used. Where there are no records the general value stands. */
public final class Hand {
    /** Nothing is known of it: general values throughout. */
    public static final Hand GENERAL = new Hand(Map.of());

    /** Wire comes up short at most one time in twenty (common practice of the policy). */
    private static final double ENOUGH = 0.95;

    private final Map<Habit, Map<Group, Belief>> known;

    private Hand(Map<Habit, Map<Group, Belief>> known) {
        this.known = known;
    }

    /** What facts say of all habits. */
    public static Hand of(Collection<Fact> facts) {
        Map<Habit, Map<Group, Belief>> known = new HashMap<>();
        facts.stream()
                .flatMap(f -> f.sample().stream())
                .collect(Collectors.groupingBy(
                        Fact.Sample::habit,
                        Collectors.groupingBy(
                                Fact.Sample::group, Collectors.mapping(Fact.Sample::value, Collectors.toList()))))
                .forEach((habit, groups) -> groups.forEach((group, values) -> known.computeIfAbsent(
                                habit, h -> new HashMap<>())
                        .put(
                                group,
                                Belief.of(values.stream().mapToDouble(v -> v).toArray(), habit.noise()))));
        return new Hand(known);
    }

    /** The same, with only some habits used. */
    public Hand using(Set<Habit> habits) {
        return new Hand(known.entrySet().stream()
                .filter(e -> habits.contains(e.getKey()))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)));
    }

    /** All that is known, those with most records first. */
    public List<Learnt> learnt() {
        return known.entrySet().stream()
                .flatMap(
                        h -> h.getValue().entrySet().stream().map(e -> Learnt.of(h.getKey(), e.getKey(), e.getValue())))
                .sorted(Comparator.comparing(Learnt::habit)
                        .thenComparing(Comparator.comparing(Learnt::records).reversed())
                        .thenComparing(l -> l.group().toString()))
                .toList();
    }

    /** What a general value is to be multiplied by; 1 where nothing is known. */
    public double factor(Habit habit, Group group) {
        Belief belief = known.getOrDefault(habit, Map.of()).get(group);
        return belief == null ? 1 : habit.factor(belief.mean());
    }

    /**
     * What is to be cut beyond the wire worked out for elements so that it comes up short at most one time in twenty, mm; 0 where nothing
     * is known of any of them. Elements of one group are off together, since the hand is the same.
     *
     * @param lengthsMm wire in the elements of a strand by what is learnt together, mm
     */
    public double allowanceMm(Map<Group, List<Double>> lengthsMm) {
        Map<Group, Belief> beliefs = known.getOrDefault(Habit.ALLOWANCE, Map.of());
        double mean = 0;
        double variance = 0;
        double quantile = 0;
        for (Map.Entry<Group, List<Double>> each : lengthsMm.entrySet()) {
            Belief belief = beliefs.get(each.getKey());
            if (belief != null) {
                double all = each.getValue().stream().mapToDouble(l -> l).sum();
                double squares =
                        each.getValue().stream().mapToDouble(l -> l * l).sum();
                double single = belief.nextScale() * belief.nextScale() - belief.scale() * belief.scale();
                mean += belief.mean() * all;
                variance += belief.scale() * belief.scale() * all * all + single * squares;
                quantile = Math.max(quantile, belief.quantile(ENOUGH));
            }
        }
        return mean + quantile * Math.sqrt(variance);
    }
}
