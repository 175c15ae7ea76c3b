package org.handdown.source.anatomy;

import java.util.List;

/**
 * A measure that a source is asked for.
 *
 * @param id its name in files and fields
 * @param words what to measure, for a person
 * @param quantity what kind of number it is
 * @param least smallest that makes sense, mm, or a count
 * @param most largest
 * @param first what is proposed until somebody measures: an average garment (made up)
 * @param older what holds for a source described before this was asked: it stays as it was drawn then; NaN where it was always asked
 * @param options what may be chosen, in words; the value is the index. Empty for a figure
 */
public record MeasureSpec(
        String id,
        String words,
        Quantity quantity,
        double least,
        double most,
        double first,
        double older,
        List<String> options) {
    /** A whole girth is never a half: the picture and the words say so. */
    public enum Quantity {
        GIRTH,
        LENGTH,
        DEPTH,
        COUNT
    }

    public MeasureSpec {
        options = List.copyOf(options);
    }

    private MeasureSpec(String id, String words, Quantity quantity, double least, double most, double first) {
        this(id, words, quantity, least, most, first, Double.NaN, List.of());
    }

    /** Asked since later; sources described before have this value. */
    MeasureSpec since(double value) {
        return new MeasureSpec(id, words, quantity, least, most, first, value, options);
    }

    public boolean isLater() {
        return !Double.isNaN(older);
    }

    /** Is it a number without a unit: how many, or which? */
    public boolean isCount() {
        return quantity == Quantity.COUNT;
    }

    /** Garments differ here: which of them this is. The first is proposed. */
    static MeasureSpec choice(String id, String words, String... options) {
        return new MeasureSpec(id, words, Quantity.COUNT, 0, options.length - 1, 0, Double.NaN, List.of(options));
    }

    private static final String DETAIL = "detail";

    /** How many of its small parts are drawn; sources described before have the main ones. */
    static MeasureSpec detail() {
        return choice(DETAIL, "drawn with", "every part", "its main parts").since(1);
    }

    static boolean isWhole(GarmentMeasures measures) {
        return measures.is(DETAIL, 0);
    }

    /** What is proposed of a choice. */
    MeasureSpec first(int index) {
        return new MeasureSpec(id, words, quantity, least, most, index, older, options);
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
