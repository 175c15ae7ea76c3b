package org.handdown.server.web;

/** A stored document that cannot be read: written by a newer program, under other rules, or damaged. It is still there, and so is its file. */
public final class UnreadableException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public UnreadableException(String why) {
        super(why);
    }
}
