package org.handdown.panel.survey;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.measure.Length;
import org.handdown.measure.Origin;
import org.handdown.measure.Range;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * A curtain, sheet or scarf by its four sides and both diagonals. Four sides and one diagonal fix it; the other diagonal is the check.
 * A panel whose diagonals differ is no rectangle: its true quadrilateral is drawn. Frame: lower left corner at the origin, lower edge
 * along +x.
 *
 * @param risingMm diagonal from the lower left to the upper right corner
 * @param fallingMm diagonal from the upper left to the lower right corner; 0 where it was not measured
 */
public record FourSides(
        double lowerMm, double rightMm, double upperMm, double leftMm, double risingMm, double fallingMm)
        implements OutlineMethod {
    public FourSides {
        new Range(20, 8000).require("sides.lower", Length.ofMm(lowerMm));
        new Range(20, 8000).require("sides.right", Length.ofMm(rightMm));
        new Range(20, 8000).require("sides.upper", Length.ofMm(upperMm));
        new Range(20, 8000).require("sides.left", Length.ofMm(leftMm));
        new Range(20, 12000).require("sides.rising", Length.ofMm(risingMm));
        requireTriangle("sides.rising", "lower and right side", lowerMm, rightMm, risingMm);
        requireTriangle("sides.rising", "left and upper side", leftMm, upperMm, risingMm);
    }

    private static void requireTriangle(String field, String sides, double a, double b, double c) {
        if (c >= a + b || c <= Math.abs(a - b)) {
            throw new RefusedValueException(
                    field,
                    Wording.fill(
                            "%s of %.0f mm and %.0f mm make no triangle with a diagonal of %.0f mm: it must be between %.0f mm and %.0f mm. Measure it again.",
                            sides.substring(0, 1).toUpperCase(Locale.ROOT) + sides.substring(1),
                            a,
                            b,
                            c,
                            Math.abs(a - b),
                            a + b));
        }
    }

    @Override
    public Outline outline() {
        Point a = new Point(0, 0);
        Point b = new Point(lowerMm, 0);
        Point c = apex(a, b, risingMm, rightMm);
        Point d = apex(a, c, leftMm, upperMm);
        return new Outline(List.of(
                Edge.line("lower", a, b), Edge.line("right", b, c), Edge.line("upper", c, d), Edge.line("left", d, a)));
    }

    /** The point to the left of the way from p to q, at its distances from both. */
    private static Point apex(Point p, Point q, double fromP, double fromQ) {
        Point way = q.minus(p);
        double base = way.lengthMm();
        double along = (fromP * fromP - fromQ * fromQ + base * base) / (2 * base);
        double off = Math.sqrt(Math.max(0, fromP * fromP - along * along));
        Point unit = way.times(1 / base);
        return p.plus(unit.times(along)).plus(unit.left().times(off));
    }

    /** What the other diagonal should be by the five figures, mm. */
    public double fallingByOthersMm() {
        List<Edge> edges = outline().edges();
        return edges.get(2).end().distanceMm(edges.get(0).end());
    }

    @Override
    public double toleranceMm(double tapeMm) {
        double apart = fallingMm == 0 ? 0 : Math.abs(fallingMm - fallingByOthersMm()) / 2;
        return Math.max(tapeMm, apart);
    }

    @Override
    public List<String> findings() {
        List<String> findings = new ArrayList<>();
        if (fallingMm == 0) {
            findings.add(Wording.fill(
                    "Only one diagonal: the other should be %.0f mm. Measure it, or a slip in one figure stays unseen.",
                    fallingByOthersMm()));
        } else if (Math.abs(fallingMm - fallingByOthersMm()) > 2 * Origin.TAPE.toleranceMm()) {
            findings.add(Wording.fill(
                    "The falling diagonal is %.0f mm, by the other five figures it should be %.0f mm: one of the six is off by about %.0f mm.",
                    fallingMm, fallingByOthersMm(), Math.abs(fallingMm - fallingByOthersMm())));
        }
        double skew = Math.abs(risingMm - fallingByOthersMm());
        if (skew > 2 * Origin.TAPE.toleranceMm()) {
            findings.add(Wording.fill(
                    "It is no rectangle: its diagonals differ by %.0f mm. It is drawn as it is; square it before counting on its corners.",
                    skew));
        }
        return findings;
    }
}
