package org.handdown.source.graph;

/** Which layer of a source a part belongs to. */
public enum Layer {
    SHELL("outer cloth"),
    LINING("lining"),
    INTERLINING("interlining"),
    INTERFACING("interfacing");

    private final String words;

    Layer(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
