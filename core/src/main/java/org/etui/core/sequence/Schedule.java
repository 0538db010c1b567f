package org.etui.core.sequence;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * The working order over all strands. What is done alike to several strands of the same wire, such as straightening it or
 * bending the same curl, waits until all of them have come so far and is then done to all: all curls first, then all hooks.
 * While something goes on by itself other strands are taken in hand.
 */
final class Schedule {
    private final List<Deque<Draft>> queues;
    private final Map<Deque<Draft>, Double> away = new LinkedHashMap<>();
    private final List<List<Draft>> order = new ArrayList<>();

    private Schedule(List<Deque<Draft>> queues) {
        this.queues = queues;
    }

    /** Drafts with the same key together, each group one step of the card. */
    static List<List<Draft>> of(List<List<Draft>> strands) {
        List<Deque<Draft>> queues = new ArrayList<>();
        strands.forEach(drafts -> queues.add(new ArrayDeque<>(drafts)));
        Schedule schedule = new Schedule(queues);
        schedule.run();
        return schedule.order;
    }

    private void run() {
        Optional<Deque<Draft>> next = next();
        while (next.isPresent()) {
            take(next.get());
            next = next();
        }
    }

    /** The first strand that is at hand and need not wait; then one that goes on by itself; then whatever is left. */
    private Optional<Deque<Draft>> next() {
        Predicate<Deque<Draft>> left = q -> !q.isEmpty();
        return first(left.and(q -> !away.containsKey(q)).and(this::isReady))
                .or(() -> first(left.and(this::isReady)))
                .or(() -> first(left));
    }

    private Optional<Deque<Draft>> first(Predicate<Deque<Draft>> which) {
        return queues.stream().filter(which).findFirst();
    }

    /** Whether no other strand still comes to the same step later. */
    private boolean isReady(Deque<Draft> queue) {
        String key = queue.getFirst().key;
        for (Deque<Draft> other : queues) {
            if (!other.isEmpty() && !other.getFirst().key.equals(key) && comesTo(key, other)) {
                return false;
            }
        }
        return true;
    }

    private static boolean comesTo(String key, Deque<Draft> queue) {
        for (Draft draft : queue) {
            if (draft.key.equals(key)) {
                return true;
            }
        }
        return false;
    }

    private void take(Deque<Draft> queue) {
        String key = queue.getFirst().key;
        List<Deque<Draft>> takers = queues.stream()
                .filter(q -> !q.isEmpty() && q.getFirst().key.equals(key))
                .toList();
        List<Draft> step = takers.stream().map(Deque::removeFirst).toList();
        order.add(step);
        if (step.get(0).handsOn) {
            double minutes = step.stream().mapToDouble(d -> d.minutes).sum();
            away.replaceAll((q, left) -> left - minutes);
            away.values().removeIf(left -> left <= 0);
        } else {
            takers.forEach(q -> away.put(q, step.get(0).minutes));
        }
    }
}
