package org.handdown.server.project;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleConsumer;
import org.handdown.geometry.Point;
import org.handdown.measure.Length;
import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.TypedWords;
import org.handdown.measure.Wording;
import org.handdown.project.Aim;
import org.handdown.project.Project;

/** Lengths, areas and points as the page wants them, in the household's unit. */
public final class Say {
    private final LengthUnit unit;
    private final TypedWords typed;
    private final DoubleConsumer heard;

    private Say(LengthUnit unit, TypedWords typed, DoubleConsumer heard) {
        this.unit = unit;
        this.typed = typed;
        this.heard = heard;
    }

    public Say(LengthUnit unit) {
        this(unit, TypedWords.NONE, mm -> {});
    }

    public LengthUnit unit() {
        return unit;
    }

    /** The same, telling of each length that a field shows: only how these were typed makes a difference. */
    public Say telling(DoubleConsumer field) {
        return new Say(unit, typed, field);
    }

    /** How these lengths were typed, as far as they were. */
    public Map<Double, String> typed(Collection<Double> mm) {
        Map<Double, String> words = new HashMap<>(typed.byMm());
        words.keySet().retainAll(mm);
        return words;
    }

    private String words(double mm, LengthUnit shown) {
        heard.accept(Math.abs(mm));
        return typed.field(Length.ofMm(mm), shown);
    }

    public static Say to(Project project) {
        Aim aim = project.aim();
        return new Say(aim == null ? project.typed().bare() : aim.unit(), project.typed(), mm -> {});
    }

    public String length(double mm) {
        return LengthText.format(Length.ofMm(mm), unit);
    }

    /** What is cut or needed: never shorter than it is. */
    public String outward(double mm) {
        return LengthText.outward(Length.ofMm(mm), unit);
    }

    /** What is at hand: never longer than it is. */
    public String inward(double mm) {
        return LengthText.inward(Length.ofMm(mm), unit);
    }

    /** For a field: as it was typed, and reads back as it is, bit for bit. */
    public String field(double mm) {
        return words(mm, unit);
    }

    /** For the field of something as thin as cloth: in mm, or in inches where it was told in them; reads back as it is. */
    public String thin(double mm) {
        String text = words(mm, unit.isMetric() ? LengthUnit.MM : unit);
        return text.endsWith("cm") && !typed.byMm().containsKey(mm)
                ? java.math.BigDecimal.valueOf(mm).stripTrailingZeros().toPlainString() + " mm"
                : text;
    }

    /** The same length in the household's unit, where the field shows another; empty where they agree. */
    public String also(String field, double mm) {
        String usual = length(mm);
        return usual.endsWith("in") == field.endsWith("in") ? "" : usual;
    }

    /** With a sign, for what is won, lost or differs. */
    public String difference(double mm) {
        String text = length(Math.abs(mm));
        return mm > 0.05 ? "+ " + text : mm < -0.05 ? "− " + text : text;
    }

    /** A sentence of the core, whose lengths are in mm, with each of them in the household's unit. */
    public String sentence(String text) {
        return LengthText.inSentence(text, unit);
    }

    /** Square decimetres speak to people who think in cloth; below one, square centimetres. */
    public static String area(double mm2) {
        return mm2 < 10_000 ? Wording.fill("%.0f cm²", mm2 / 100) : Wording.fill("%.1f dm²", mm2 / 10_000);
    }

    /** Of a rectangle of cloth that is at hand. */
    public String size(double widthMm, double heightMm) {
        return inward(widthMm) + " × " + inward(heightMm);
    }

    /** Of a piece that is cut. */
    public String cutSize(double widthMm, double heightMm) {
        return outward(widthMm) + " × " + outward(heightMm);
    }

    /** To a hundredth of a millimetre: finer than any screen. */
    public static List<double[]> points(List<Point> points) {
        return points.stream()
                .map(p -> new double[] {Math.rint(p.x() * 100) / 100, Math.rint(p.y() * 100) / 100})
                .toList();
    }
}
