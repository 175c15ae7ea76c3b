package org.handdown.formats.outline;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/** A drawn thing of a DXF: its kind, and its group codes in order. */
record DxfEntity(String kind, List<Integer> codes, List<String> values) {
    DxfEntity(String kind) {
        this(kind, new ArrayList<>(), new ArrayList<>());
    }

    void add(int code, String value) {
        codes.add(code);
        values.add(value);
    }

    double number(int code, double otherwise) {
        int at = codes.indexOf(code);
        return at < 0 ? otherwise : number(values.get(at));
    }

    int whole(int code, int otherwise) {
        return (int) number(code, otherwise);
    }

    /** Whether a bit of a whole number is set. */
    boolean has(int code, int bit) {
        return (whole(code, 0) & bit) != 0;
    }

    List<Double> numbers(int code) {
        List<Double> all = new ArrayList<>();
        for (int i = 0; i < codes.size(); i++) {
            if (codes.get(i) == code) {
                all.add(number(values.get(i)));
            }
        }
        return all;
    }

    /** The point whose x has this code; y has ten more. */
    Point point(int code) {
        return new Point(number(code, 0), number(code + 10, 0));
    }

    List<Point> points(int code) {
        List<Double> xs = numbers(code);
        List<Double> ys = numbers(code + 10);
        List<Point> all = new ArrayList<>();
        for (int i = 0; i < Math.min(xs.size(), ys.size()); i++) {
            all.add(new Point(xs.get(i), ys.get(i)));
        }
        return all;
    }

    String text(int code, String otherwise) {
        int at = codes.indexOf(code);
        return at < 0 ? otherwise : values.get(at);
    }

    String layer() {
        return text(8, "0");
    }

    /** @throws RefusedValueException for what is none, or out of all size */
    static double number(String text) {
        try {
            double value = Double.parseDouble(text.strip());
            if (Math.abs(value) < 1e12) {
                return value;
            }
        } catch (NumberFormatException e) {
            // Refused below, like a number that is out of all size.
        }
        throw new RefusedValueException("file", Wording.fill("“%s” in the drawing is no number.", text.strip()));
    }
}
