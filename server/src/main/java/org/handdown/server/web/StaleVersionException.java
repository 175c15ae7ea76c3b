package org.handdown.server.web;

/** A write that was made on an older version than the stored one. */
public final class StaleVersionException extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final String lastChange;

    public StaleVersionException(String lastChange) {
        super("Stale version; last change: " + lastChange);
        this.lastChange = lastChange;
    }

    public String lastChange() {
        return lastChange;
    }
}
