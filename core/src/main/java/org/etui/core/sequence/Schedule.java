package org.etui.core.sequence;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * The working order over all strands and what is done between them: a stable topological sort. Each strand keeps its own order; nothing is done
 * before what it waits for. What is done alike to several strands of the same wire, such as straightening it or bending the same curl, waits until
 * all of them have come so far and is then done to all: all curls first, then all hooks. While something goes on by itself other strands are taken
 * in hand.
 */
final class Schedule {
    private final List<Deque<Draft>> queues = new ArrayList<>();
    private final Map<Deque<Draft>, Double> away = new LinkedHashMap<>();
    private final Set<Draft> done = Collections.newSetFromMap(new IdentityHashMap<>());
    private final List<List<Draft>> order = new ArrayList<>();
    private final List<Lock> locks = new ArrayList<>();

    private Schedule() {}

    /**
     * Steps in order, and what stood in the way.
     *
     * @param order drafts with the same key together, each group one step of the card
     * @param locks what waits for itself
     */
    record Order(List<List<Draft>> order, List<Lock> locks) {}

    static Order of(Course course) {
        Schedule schedule = new Schedule();
        course.strands().forEach(drafts -> schedule.queues.add(new ArrayDeque<>(drafts)));
        course.between().forEach(draft -> schedule.queues.add(new ArrayDeque<>(List.of(draft))));
        schedule.run();
        return new Order(schedule.order, schedule.locks);
    }

    private void run() {
        while (queues.stream().anyMatch(q -> !q.isEmpty())) {
            next().ifPresentOrElse(this::take, this::unlock);
        }
    }

    /** The first strand that is at hand and need not wait; then one that goes on by itself; then whatever may be done. */
    private Optional<Deque<Draft>> next() {
        Predicate<Deque<Draft>> free = this::isFree;
        return first(free.and(q -> !away.containsKey(q)).and(this::isReady))
                .or(() -> first(free.and(this::isReady)))
                .or(() -> first(free));
    }

    private Optional<Deque<Draft>> first(Predicate<Deque<Draft>> which) {
        return queues.stream().filter(which).findFirst();
    }

    /** Whether all is done that its next step waits for. */
    private boolean isFree(Deque<Draft> queue) {
        return !queue.isEmpty() && done.containsAll(queue.getFirst().after);
    }

    /** Nothing may be done: the first step that waits is said to be locked, and done all the same. */
    private void unlock() {
        Deque<Draft> stuck = first(q -> !q.isEmpty()).orElseThrow();
        Draft step = stuck.getFirst();
        Draft missing =
                step.after.stream().filter(d -> !done.contains(d)).findFirst().orElseThrow();
        locks.add(new Lock(
                Stream.concat(step.about.stream(), missing.about.stream())
                        .distinct()
                        .toList(),
                "“" + step.title + "” has to wait for “" + missing.title + "”, and that waits for it.",
                "Make one of them a loop that opens, hang it in first, or leave the wrap for later."));
        step.after.clear();
    }

    /** Whether no other strand still comes to the same step later. */
    private boolean isReady(Deque<Draft> queue) {
        String key = queue.getFirst().key;
        for (Deque<Draft> other : queues) {
            if (!other.isEmpty() && other != queue && !waits(key, other)) {
                return false;
            }
        }
        return true;
    }

    /** Whether another strand does not keep this step waiting: it is there already, or never comes to it. */
    private boolean waits(String key, Deque<Draft> other) {
        return other.getFirst().key.equals(key) ? isFree(other) : other.stream().noneMatch(d -> d.key.equals(key));
    }

    private void take(Deque<Draft> queue) {
        String key = queue.getFirst().key;
        List<Deque<Draft>> takers = queues.stream()
                .filter(q -> isFree(q) && q.getFirst().key.equals(key))
                .toList();
        List<Draft> step = takers.stream().map(Deque::removeFirst).toList();
        order.add(step);
        done.addAll(step);
        if (step.get(0).handsOn) {
            double minutes = step.stream().mapToDouble(d -> d.minutes).sum();
            away.replaceAll((q, left) -> left - minutes);
            away.values().removeIf(left -> left <= 0);
        } else {
            takers.forEach(q -> away.put(q, step.get(0).minutes));
        }
    }
}
