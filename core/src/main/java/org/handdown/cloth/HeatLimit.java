package org.handdown.cloth;

/** Hottest sole plate the cloth bears (ISO 3758 dots; handbook of the trade §8). */
public enum HeatLimit {
    FINGERS_ONLY(0, "no iron: press with the fingers"),
    ONE_DOT(110, "one dot, 110 °C at most"),
    TWO_DOTS(150, "two dots, 150 °C at most"),
    THREE_DOTS(200, "three dots, 200 °C at most");

    private final int celsius;
    private final String words;

    HeatLimit(int celsius, String words) {
        this.celsius = celsius;
        this.words = words;
    }

    public int celsius() {
        return celsius;
    }

    public String words() {
        return words;
    }
}
