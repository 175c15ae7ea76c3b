package org.handdown.stash;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import org.handdown.assembly.Layer;
import org.handdown.fit.FlawZone;
import org.handdown.geometry.Box;
import org.handdown.geometry.NoFitPolygon;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.lay.Leftover;
import org.handdown.measure.Wording;
import org.handdown.source.graph.Anatomy;
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
    private static final int GLANCES = 4;
    private static final int LEVELS = 6;

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
        boolean isTooLarge = acrossMm > box.widthMm() + HAIR_MM
                || alongMm > box.heightMm() + HAIR_MM
                || (acrossMm - HAIR_MM) * (alongMm - HAIR_MM) > outline.areaMm2();
        if (isTooLarge) {
            return Optional.empty();
        }
        Optional<Ring> seen = seen(acrossMm, alongMm);
        if (seen.isPresent() || !mayHold(acrossMm, alongMm)) {
            return seen;
        }
        Ring part = Ring.rectangle(0, 0, Math.max(HAIR_MM, acrossMm - HAIR_MM), Math.max(HAIR_MM, alongMm - HAIR_MM));
        Region free = NoFitPolygon.within(outline, part);
        for (Ring bar : barred) {
            free = free.minus(NoFitPolygon.of(bar, part));
        }
        Point at = free.isEmpty() ? null : free.innerPoint();
        return at == null ? Optional.empty() : Optional.of(Ring.rectangle(at.x(), at.y(), acrossMm, alongMm));
    }

    /** A part crosses so many levels in a row, each of them where the cloth is as wide as it is in one stretch: else it lies nowhere. */
    private boolean mayHold(double acrossMm, double alongMm) {
        Box box = box();
        double step = (alongMm - HAIR_MM) / LEVELS;
        int inARow = 0;
        for (double y = box.minY() + step / 2; y < box.maxY(); y += step) {
            boolean isWide = outline.spansAt(y).stream().anyMatch(s -> s.widthMm() >= acrossMm - HAIR_MM);
            inARow = isWide ? inARow + 1 : 0;
            if (inARow >= LEVELS) {
                return true;
            }
        }
        return false;
    }

    /** A place among a few that are seen at a glance; where none of them will do it is to be searched for. */
    Optional<Ring> seen(double acrossMm, double alongMm) {
        Box box = box();
        if (acrossMm > box.widthMm() || alongMm > box.heightMm()) {
            return Optional.empty();
        }
        for (int i = 0; i <= GLANCES; i++) {
            for (int k = 0; k <= GLANCES; k++) {
                double x = box.minX() + (box.widthMm() - acrossMm) * i / GLANCES;
                double y = box.minY() + (box.heightMm() - alongMm) * k / GLANCES;
                Box at = new Box(x, y, x + acrossMm, y + alongMm);
                if (barred.stream().noneMatch(b -> b.box().meets(at)) && outline.holds(at)) {
                    return Optional.of(Ring.rectangle(x, y, acrossMm, alongMm));
                }
            }
        }
        return Optional.empty();
    }

    /** Longest rectangle of a width along the grain that lies where one of {@code atLeastMm} does, to a millimetre, mm. */
    double longestMm(double acrossMm, double atLeastMm) {
        return most(atLeastMm, box().heightMm(), along -> place(acrossMm, along));
    }

    /** Widest rectangle of a length along the grain, likewise, mm. */
    double widestMm(double alongMm, double atLeastMm) {
        return most(atLeastMm, box().widthMm(), across -> place(across, alongMm));
    }

    private static double most(double least, double most, DoubleFunction<Optional<Ring>> lies) {
        if (most <= least || lies.apply(most).isPresent()) {
            return Math.max(least, most);
        }
        double low = least;
        double high = most;
        while (high - low > STEP_MM) {
            double middle = (low + high) / 2;
            if (lies.apply(middle).isPresent()) {
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
