package org.etui.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import org.etui.core.check.Stopped;
import org.etui.server.Ready;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Work that is taken back: a plan is refused, a search ends with the best that it has. */
class WatchTest {
    private static final String NAME = "hazel";
    private final Watch watch = new Watch(60_000);
    private final CountDownLatch begun = new CountDownLatch(1);

    /** Asks on a thread of its own, under the name. */
    private <T> FutureTask<T> asked(java.util.concurrent.Callable<T> question) {
        FutureTask<T> task = new FutureTask<>(() -> {
            MockHttpServletRequest request = new MockHttpServletRequest();
            request.addHeader(Watch.ASK, NAME);
            RequestContextHolder.setRequestAttributes(new ServletRequestAttributes(request));
            return question.call();
        });
        new Thread(task).start();
        return task;
    }

    private void waitForIt() throws InterruptedException {
        assertThat(begun.await(20, TimeUnit.SECONDS)).isTrue();
    }

    @Test
    void search_thatIsTakenBack_answersItsBest_andSaysMeanwhileHowFarItIs() throws Exception {
        FutureTask<String> search = asked(() -> watch.search(going -> {
            going.tell("so far 3 stocks");
            going.reach(0.25);
            begun.countDown();
            while (going.goesOn()) {
                Thread.onSpinWait();
            }
            return "3 stocks";
        }));
        waitForIt();
        assertThat(watch.how(NAME)).isEqualTo(new Watch.How("so far 3 stocks", 0.25));
        watch.takeBack(NAME);
        assertThat(search.get(20, TimeUnit.SECONDS)).isEqualTo("3 stocks");
        assertThat(watch.how(NAME).words()).isEmpty();
    }

    @Test
    void plan_thatIsTakenBack_isCutOff() throws Exception {
        FutureTask<String> plan = asked(() -> watch.plan(() -> {
            begun.countDown();
            while (true) {
                Stopped.where(Thread.currentThread());
            }
        }));
        waitForIt();
        watch.takeBack(NAME);
        assertThatThrownBy(() -> plan.get(20, TimeUnit.SECONDS))
                .isInstanceOf(ExecutionException.class)
                .hasCauseInstanceOf(Watch.CutOff.class)
                .hasMessageContaining("taken back");
    }

    /** What waits for a busy machine has not taken its time; what works has. */
    @Test
    void plan_thatOnlyWaits_isNotCutOff_andOneThatWorksIs() {
        Watch strict = new Watch(100);
        strict.warmedUp(new Ready.Warm());

        assertThat(strict.<String>plan(() -> {
                    pause(300);
                    Stopped.where(Thread.currentThread());
                    return "done";
                }))
                .isEqualTo("done");
        assertThatThrownBy(() -> strict.plan(() -> {
                    while (true) {
                        Stopped.where(Thread.currentThread());
                    }
                }))
                .isInstanceOf(Watch.CutOff.class);
    }

    /** However little it works, it is not waited for without end. */
    @Test
    void plan_thatWaitsWithoutEnd_isCutOff() {
        Watch strict = new Watch(20);
        strict.warmedUp(new Ready.Warm());

        assertThatThrownBy(() -> strict.plan(() -> {
                    while (true) {
                        pause(5);
                    }
                }))
                .isInstanceOf(Watch.CutOff.class);
    }

    private static void pause(long ms) {
        try {
            Thread.sleep(ms);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            Stopped.where(Thread.currentThread());
        }
    }
}
