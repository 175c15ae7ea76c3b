package org.handdown.source;

/**
 * A measure that a source is asked for.
 *
 * @param id its name in files and fields
 * @param words what to measure, for a person
 * @param quantity what kind of number it is
 * @param least smallest that makes sense, mm, or a count
 * @param most largest
 * @param first what is proposed until somebody measures: an average garment (made up)
 */
public record MeasureSpec(String id, String words, Quantity quantity, double least, double most, double first) {
    /** A whole girth is never a half: the picture and the words say so. */
    public enum Quantity {
        GIRTH,
        LENGTH,
        DEPTH,
        COUNT
    }

    static MeasureSpec girth(String id, String words, double least, double most, double first) {
        return new MeasureSpec(id, words, Quantity.GIRTH, least, most, first);
    }

    static MeasureSpec length(String id, String words, double least, double most, double first) {
        return new MeasureSpec(id, words, Quantity.LENGTH, least, most, first);
    }

    static MeasureSpec depth(String id, String words, double least, double most, double first) {
        return new MeasureSpec(id, words, Quantity.DEPTH, least, most, first);
    }

    static MeasureSpec count(String id, String words, double least, double most, double first) {
        return new MeasureSpec(id, words, Quantity.COUNT, least, most, first);
    }
}
