package org.handdown.project;

/** The stations of a project in the order of the work. */
public enum Station {
    AIM("Aim"),
    SOURCE("Source"),
    TAKE_APART("Take apart"),
    PANELS("Panels"),
    PIECES("Pieces"),
    LAY("Lay"),
    MAKE("Make"),
    LOG("Log");

    private final String words;

    Station(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
