package org.handdown.stash;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.handdown.fit.FlawZone;
import org.handdown.geometry.Box;
import org.handdown.geometry.NoFitPolygon;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.lay.Leftover;
import org.handdown.measure.Wording;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Layer;
import org.handdown.source.graph.Part;

/**
 * Flat cloth that something may be cut from, its grain upright, in its own frame.
 *
 * @param words which it is of its thing; empty where the thing is one sheet
 * @param outline where cloth is
 * @param barred holes and flaws that no part may lie on
 */
public record Sheet(String words, Ring outline, List<Ring> barred) {
    /** An exact fit is found as a spot of no size: the part is taken so much smaller. */
    private static final double HAIR_MM = 0.05;

    private static final double STEP_MM = 1;

    public Sheet {
        barred = List.copyOf(barred);
    }

    /** Every flat part that a thing has, or would have once it were taken apart; none for what is no cloth. */
    public static List<Sheet> of(StashThing thing) {
        if (thing instanceof StashThing.ByTheMetre m) {
            return List.of(new Sheet("", Ring.rectangle(0, 0, m.widthMm(), m.lengthMm()), List.of()));
        }
        if (thing instanceof FlatCloth flat) {
            return List.of(of(flat.leftover()));
        }
        return thing instanceof StashThing.Garment g
                ? of(g.source().construction().anatomy())
                : List.of();
    }

    private static Sheet of(Leftover left) {
        double turn = 90 - left.grainDeg();
        List<Ring> flaws = left.zones().stream()
                .filter(z -> z.kind() == FlawZone.Kind.AVOID)
                .map(z -> upright(z.outline(), turn))
                .toList();
        return new Sheet("", upright(left.outline(), turn), flaws);
    }

    private static Ring upright(Ring ring, double turnDeg) {
        Point way = Point.unit(turnDeg);
        return turnDeg == 0
                ? ring
                : ring.map(p -> new Point(p.x() * way.x() - p.y() * way.y(), p.x() * way.y() + p.y() * way.x()));
    }

    /** The outer cloth of a garment, part by part between its old stitch lines: what unpicking wins besides is not counted on. */
    private static List<Sheet> of(Anatomy anatomy) {
        List<Sheet> sheets = new ArrayList<>();
        for (Part part : anatomy.parts()) {
            if (part.layer() == Layer.SHELL && part.outline().ring().areaMm2() > 0) {
                sheets.add(new Sheet(part.name(), part.outline().ring(), List.of()));
            }
        }
        return sheets;
    }

    public Box box() {
        return outline.box();
    }

    /** A rectangle along the grain where it really lies; empty where it has no place. */
    public Optional<Ring> place(double acrossMm, double alongMm) {
        Box box = box();
        if (acrossMm > box.widthMm() + HAIR_MM || alongMm > box.heightMm() + HAIR_MM) {
            return Optional.empty();
        }
        Ring part = Ring.rectangle(0, 0, Math.max(HAIR_MM, acrossMm - HAIR_MM), Math.max(HAIR_MM, alongMm - HAIR_MM));
        Region free = NoFitPolygon.within(outline, part);
        for (Ring bar : barred) {
            free = free.minus(NoFitPolygon.of(bar, part));
        }
        Point at = free.isEmpty() ? null : free.innerPoint();
        return at == null ? Optional.empty() : Optional.of(Ring.rectangle(at.x(), at.y(), acrossMm, alongMm));
    }

    /** Longest rectangle of a width along the grain, to a millimetre, mm; 0 where none is so wide. */
    public double longestMm(double acrossMm) {
        double low = 0;
        double high = box().heightMm();
        if (place(acrossMm, high).isPresent()) {
            return high;
        }
        while (high - low > STEP_MM) {
            double middle = (low + high) / 2;
            if (place(acrossMm, middle).isPresent()) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** Widest rectangle of a length along the grain, to a millimetre, mm. */
    public double widestMm(double alongMm) {
        double low = 0;
        double high = box().widthMm();
        if (place(high, alongMm).isPresent()) {
            return high;
        }
        while (high - low > STEP_MM) {
            double middle = (low + high) / 2;
            if (place(middle, alongMm).isPresent()) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    String told(String verb) {
        return words.isEmpty() ? "" : Wording.fill("%s the %s: ", verb, words);
    }
}
