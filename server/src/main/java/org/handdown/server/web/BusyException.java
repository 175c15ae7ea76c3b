package org.handdown.server.web;

/** Too much is being worked out at once, or one thing took too long; nothing was stored and it may be asked again. */
public final class BusyException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public BusyException(String message) {
        super(message);
    }
}
