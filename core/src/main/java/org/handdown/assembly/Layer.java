package org.handdown.assembly;

/** Which layer of a garment a component belongs to. */
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
