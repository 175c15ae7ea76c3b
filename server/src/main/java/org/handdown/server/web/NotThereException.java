package org.handdown.server.web;

/** What was asked for does not exist in this household. */
public final class NotThereException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public NotThereException(String message) {
        super(message);
    }
}
