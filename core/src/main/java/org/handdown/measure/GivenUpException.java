package org.handdown.measure;

/** A computation that was told to stop: its thread is interrupted, because nobody waits for the answer any more. */
public final class GivenUpException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public GivenUpException() {
        super("Nobody waits for this any more.");
    }

    /**
     * Looked for now and then by everything whose time grows faster than what it is given.
     *
     * @throws GivenUpException if the thread is interrupted
     */
    public static void ifToldTo() {
        if (Thread.currentThread().isInterrupted()) {
            throw new GivenUpException();
        }
    }
}
