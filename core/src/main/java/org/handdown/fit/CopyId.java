package org.handdown.fit;

import org.handdown.measure.Wording;

/**
 * One copy of a piece.
 *
 * @param number from 0
 */
public record CopyId(String piece, int number) {
    /** Read back from its name. */
    public static CopyId of(String name) {
        int at = name.lastIndexOf('#');
        return new CopyId(name.substring(0, at), Integer.parseInt(name.substring(at + 1)));
    }

    /** As it is written in files. */
    public String name() {
        return piece + "#" + number;
    }

    /** As a person would call it. */
    public String spoken() {
        return Wording.spoken(piece) + " " + (number + 1);
    }

    /** As a person would call it who has so many of them. */
    public String spokenOf(int quantity) {
        return quantity == 1 ? Wording.spoken(piece) : spoken();
    }
}
