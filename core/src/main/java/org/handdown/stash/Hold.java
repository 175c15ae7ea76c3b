package org.handdown.stash;

/** What a project has to do with a thing of the stash. */
public enum Hold {
    /** Somebody would like it for a project; it binds nothing. */
    WISHED("wished for", false),
    RESERVED("reserved", true),
    AT_WORK("at work", true),
    USED("used up", true);

    private final String words;
    private final boolean binds;

    Hold(String words, boolean binds) {
        this.words = words;
        this.binds = binds;
    }

    public String words() {
        return words;
    }

    /** Is what is held lost to everybody else? */
    public boolean binds() {
        return binds;
    }
}
