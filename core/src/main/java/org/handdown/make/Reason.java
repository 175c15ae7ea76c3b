package org.handdown.make;

/** Why one step comes before another. */
public enum Reason {
    MATERIAL("the cloth is needed first"),
    MEASURE("a measure must be settled first"),
    ACCESS("it could not be reached later"),
    FLAT("it is done while the piece is flat"),
    MARK("the mark is needed or would be lost"),
    RISK("it cannot be undone"),
    PROTECTION("the edge must be safe first"),
    LAUNDERING("cloth shrinks now, not later"),
    SHAPE("the shape must be set first");

    private final String words;

    Reason(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
