package org.handdown.server.web;

import jakarta.annotation.PreDestroy;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Supplier;
import org.handdown.measure.GivenUpException;
import org.springframework.stereotype.Component;

/**
 * One ceiling over all that strangers' files and large questions make a request work out: so many at once, so long each, and no more
 * memory than so many can take. Over it the answer is “busy, ask again”, never a server out of memory.
 *
 * <p>The work runs on a thread of its own, which is interrupted when its time is up; computations look for that now and then. It must
 * not need the transaction or the sign-in of the request.
 */
@Component
public class Ceiling {
    /** Each may hold a file, its tree and a drawing: some 100 MB at worst. */
    private static final int AT_ONCE = 4;

    private static final long WAIT_MILLIS = 2_000;
    private static final long WORK_MILLIS = 4_000;

    /** For what is one's own and bounded by its format, on a slow machine that has just been started. */
    public static final long PATIENT_MILLIS = 20_000;

    private static final String FULL =
            "Much is being worked out at the moment. Nothing was stored; try again in a few seconds.";
    private static final String TOO_LONG =
            "That takes too long to work out. Nothing was stored; try it with less: a simpler drawing, fewer parts, a smaller file.";

    private final Semaphore permits = new Semaphore(AT_ONCE, true);
    private final ExecutorService workers = Executors.newCachedThreadPool(work -> {
        Thread thread = new Thread(work, "ceiling");
        thread.setDaemon(true);
        return thread;
    });

    /** @throws BusyException if there is no room within two seconds, or it takes longer than four */
    public <T> T under(Supplier<T> work) {
        return under(WORK_MILLIS, work);
    }

    /** @param millis for work that is known to take its time */
    public <T> T under(long millis, Supplier<T> work) {
        try {
            if (!permits.tryAcquire(WAIT_MILLIS, TimeUnit.MILLISECONDS)) {
                throw new BusyException(FULL);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new BusyException(FULL);
        }
        Future<T> answer = workers.submit(() -> {
            // The place is free when the work has really ended, not when somebody stops waiting for it.
            try {
                return work.get();
            } finally {
                permits.release();
            }
        });
        return await(answer, millis);
    }

    private static <T> T await(Future<T> answer, long millis) {
        try {
            return answer.get(millis, TimeUnit.MILLISECONDS);
        } catch (TimeoutException e) {
            answer.cancel(true);
            throw new BusyException(TOO_LONG);
        } catch (InterruptedException e) {
            answer.cancel(true);
            Thread.currentThread().interrupt();
            throw new BusyException(FULL);
        } catch (ExecutionException e) {
            Throwable cause = e.getCause();
            if (cause instanceof GivenUpException) {
                throw new BusyException(TOO_LONG);
            }
            if (cause instanceof RuntimeException r) {
                throw r;
            }
            if (cause instanceof OutOfMemoryError || cause instanceof StackOverflowError) {
                throw new BusyException(TOO_LONG);
            }
            throw new IllegalStateException(cause);
        }
    }

    @PreDestroy
    void close() {
        workers.shutdownNow();
    }
}
