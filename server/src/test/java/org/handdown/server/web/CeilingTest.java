package org.handdown.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.handdown.measure.GivenUpException;
import org.handdown.measure.RefusedValueException;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class CeilingTest {
    private final Ceiling ceiling = new Ceiling();

    @AfterEach
    void close() {
        ceiling.close();
    }

    @Test
    void handsOutWhatWasWorkedOutAndWhatWasRefused() {
        assertThat(ceiling.<Integer>under(() -> 42)).isEqualTo(42);
        assertThatThrownBy(() -> ceiling.under(() -> {
                    throw new RefusedValueException("width", "is too wide.");
                }))
                .isInstanceOf(RefusedValueException.class);
    }

    @Test
    void workThatTakesTooLongIsToldToStopAndStops() throws Exception {
        CountDownLatch stopped = new CountDownLatch(1);
        assertThatThrownBy(() -> ceiling.under(50, () -> {
                    try {
                        while (true) {
                            GivenUpException.ifToldTo();
                        }
                    } finally {
                        stopped.countDown();
                    }
                }))
                .isInstanceOf(BusyException.class)
                .hasMessageContaining("too long");
        assertThat(stopped.await(10, TimeUnit.SECONDS)).isTrue();
    }

    @Test
    void whoFindsNoRoomIsToldToComeAgain() throws Exception {
        CountDownLatch atWork = new CountDownLatch(4);
        CountDownLatch go = new CountDownLatch(1);
        var others = IntStream.range(0, 4)
                .mapToObj(i -> CompletableFuture.runAsync(
                        () -> ceiling.under(60_000, () -> {
                            atWork.countDown();
                            try {
                                return go.await(30, TimeUnit.SECONDS);
                            } catch (InterruptedException e) {
                                throw new IllegalStateException(e);
                            }
                        }),
                        task -> new Thread(task).start()))
                .toList();
        assertThat(atWork.await(10, TimeUnit.SECONDS)).isTrue();
        assertThatThrownBy(() -> ceiling.<Integer>under(() -> 1))
                .isInstanceOf(BusyException.class)
                .hasMessageContaining("try again");
        go.countDown();
        others.forEach(CompletableFuture::join);
        assertThat(ceiling.<Integer>under(() -> 1)).isEqualTo(1);
    }

    @Test
    void memoryThatRunsOutInOneQuestionIsAnAnswerAndNoEnd() {
        assertThatThrownBy(() -> ceiling.under(() -> {
                    throw new OutOfMemoryError("made up");
                }))
                .isInstanceOf(BusyException.class);
    }
}
