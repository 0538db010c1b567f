package org.etui.server.api;

import jakarta.servlet.http.HttpServletRequest;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.time.Duration;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import java.util.function.Supplier;
import org.etui.core.check.Stopped;
import org.etui.core.check.Term;
import org.etui.server.Ready;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * Cuts off work of the core that takes too long, and work that its asker takes back. A question may carry a name of its own in
 * the header {@code Etui-Ask}; whoever asked it and no longer wants the answer says so by that name.
 */
@Component
class Watch {
    static final String ASK = "Etui-Ask";

    /** Until classes are loaded and compiled, everything takes some times as long. */
    private static final int COLD = 8;

    /** A machine that is busy with other things may take so many times as long by the clock. */
    private static final int BUSY = 8;

    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "watch");
        thread.setDaemon(true);
        return thread;
    });
    private final Map<String, Turn> asked = new ConcurrentHashMap<>();
    private final Duration plan;
    private volatile boolean warm;

    /** @param planMs how long a plan may take, ms of work: what the thread waits for the machine does not count */
    Watch(@Value("${etui.plan-ms:1500}") long planMs) {
        this.plan = Duration.ofMillis(planMs);
    }

    /** Work that was cut off. */
    static final class CutOff extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final String most;

        CutOff(String most, boolean takenBack, Throwable cause) {
            super(
                    takenBack
                            ? "The question was taken back."
                            : "This takes longer to work out than " + most + ": fewer elements, turns or wires.",
                    cause);
            this.most = most;
        }

        /** How long it may take, in words. */
        String most() {
            return most;
        }
    }

    /** Everything is loaded: from now on the usual time is enough. */
    @EventListener
    void warmedUp(Ready.Warm done) {
        warm = true;
    }

    /** Works out a plan or what takes no longer. */
    <T> T plan(Supplier<T> work) {
        return within(plan, work);
    }

    /** Works out what is many plans, such as a field or a job: ten times as long. */
    <T> T many(Supplier<T> work) {
        return within(plan.multipliedBy(10), work);
    }

    /** Searches for the best there is: as long as many plans, and taken back it ends with the best that it has found by then. */
    <T> T search(Function<Search, T> work) {
        Turn turn = new Turn(Thread.currentThread(), true);
        return within(plan.multipliedBy(10), turn, () -> work.apply(turn));
    }

    /** The asker of that name has gone or no longer wants to know. */
    void takeBack(String ask) {
        Turn turn = asked.get(ask);
        if (turn != null) {
            turn.takeBack();
        }
    }

    /** How far a search of that name has come; with empty words where there is none. */
    How how(String ask) {
        Turn turn = asked.get(ask);
        return turn == null ? How.NOWHERE : turn.how;
    }

    /**
     * How far a search has come.
     *
     * @param words what it does
     * @param share how much of its time is over, 0 to 1
     */
    record How(
            @Term("what it does; empty where nothing is searched for")
            String words,

            @Term("how much of its time is over, 0 to 1") double share) {
        static final How NOWHERE = new How("", 0);
    }

    /** A search, as those who work at it see it. */
    interface Search {
        /** Whether nobody has said that it is enough. */
        boolean goesOn();

        /** Says what it does. */
        void tell(String words);

        /** Says how much of its time is over, 0 to 1. */
        void reach(double share);
    }

    private <T> T within(Duration most, Supplier<T> work) {
        return within(most, new Turn(Thread.currentThread(), false), work);
    }

    private <T> T within(Duration most, Turn turn, Supplier<T> work) {
        Duration limit = warm ? most : most.multipliedBy(COLD);
        String ask = ask();
        if (!ask.isEmpty()) {
            asked.put(ask, turn);
        }
        long started = worked(turn.thread);
        long latest = System.nanoTime() + limit.toNanos() * BUSY;
        // Looked at again while less has been worked than allowed; the first look is when it may be over at the
        // soonest.
        ScheduledFuture<?> end = clock.scheduleWithFixedDelay(
                () -> {
                    if (worked(turn.thread) - started >= limit.toNanos() || System.nanoTime() >= latest) {
                        turn.stop();
                    }
                },
                limit.toMillis(),
                Math.max(1, limit.toMillis() / 10),
                TimeUnit.MILLISECONDS);
        try {
            return work.get();
        } catch (Stopped stopped) {
            throw new CutOff(inWords(limit), turn.isTakenBack() && !turn.endsWithItsBest, stopped);
        } finally {
            end.cancel(false);
            turn.end();
            asked.remove(ask, turn);
        }
    }

    /** How long a thread has worked, ns; by the clock where the machine does not count it. */
    private static long worked(Thread thread) {
        long worked = THREADS.isThreadCpuTimeSupported() ? THREADS.getThreadCpuTime(thread.getId()) : -1;
        return worked < 0 ? System.nanoTime() : worked;
    }

    private static String inWords(Duration limit) {
        return String.format(Locale.ROOT, "%.1f s", limit.toMillis() / 1000.0);
    }

    private static String ask() {
        if (RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes attributes) {
            HttpServletRequest request = attributes.getRequest();
            String ask = request.getHeader(ASK);
            return ask == null || ask.length() > 80 ? "" : ask;
        }
        return "";
    }

    /** One piece of work on its thread; once it has ended the thread is never interrupted for it. */
    private static final class Turn implements Search {
        private final Thread thread;
        private final boolean endsWithItsBest;
        private volatile How how = How.NOWHERE;
        private boolean ended;
        private boolean takenBack;

        Turn(Thread thread, boolean endsWithItsBest) {
            this.thread = thread;
            this.endsWithItsBest = endsWithItsBest;
        }

        synchronized void stop() {
            if (!ended) {
                thread.interrupt();
            }
        }

        synchronized void takeBack() {
            takenBack = true;
            if (!endsWithItsBest) {
                stop();
            }
        }

        synchronized boolean isTakenBack() {
            return takenBack;
        }

        @Override
        public boolean goesOn() {
            return !isTakenBack() && !thread.isInterrupted();
        }

        @Override
        public void tell(String words) {
            how = new How(words, how.share());
        }

        @Override
        public void reach(double share) {
            how = new How(how.words(), Math.min(1, share));
        }

        /** What was meant for this work must not meet the next. */
        synchronized void end() {
            ended = true;
            Thread.interrupted();
        }
    }
}
