package org.handdown.panel;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Box;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.anatomy.TrouserLegs;
import org.handdown.source.graph.PartId;

/** Where a kind of source is usually worn, faded or creased: places to look at, not findings. Common practice, no source. */
public final class LikelyFlaws {
    private static final double CREASE_MM = 6;
    private static final double MOUTH_WIDE_MM = 110;
    private static final double MOUTH_DEEP_MM = 160;
    /** On small garments. */
    private static final double MOUTH_SHARE = 0.3;

    private LikelyFlaws() {}

    /** What to look for on a panel, in its frame; nothing that is marked there already. */
    public static List<Flaw> of(SourceKind kind, Panel panel) {
        Box box = panel.outline().ring().box();
        List<Flaw> likely = new ArrayList<>();
        PartId part = new PartId(panel.id());
        switch (kind) {
            case TROUSERS, JEANS -> {
                likely.add(upright(Flaw.Kind.CREASE, "old crease", 0, box));
                if (part.isOf("front")) {
                    likely.add(pocketMouth(TrouserLegs.isSideRight(part.text()), box));
                    likely.add(spot(Flaw.Kind.WORN, "worn knee", box, 0.5, 0.54, 0.3, 0.16));
                } else {
                    likely.add(spot(Flaw.Kind.WORN, "shiny seat", box, 0.5, 0.82, 0.5, 0.14));
                }
                likely.add(level(Flaw.Kind.FADE, "edge of the old hem turn", 0.05, box));
            }
            case SHIRT, T_SHIRT, JUMPER, SWEATSHIRT, COAT, DRESS -> {
                if (part.says("sleeve")) {
                    likely.add(spot(Flaw.Kind.WORN, "worn elbow", box, 0.5, 0.45, 0.35, 0.2));
                } else if (part.says("front") && !part.says("skirt")) {
                    likely.add(spot(Flaw.Kind.STAIN, "spots down the front", box, 0.5, 0.7, 0.3, 0.2));
                } else if (part.says("skirt") && part.says("back")) {
                    likely.add(spot(Flaw.Kind.WORN, "shiny seat", box, 0.5, 0.7, 0.4, 0.2));
                }
                if (part.text().equals("back") || part.says("bodice")) {
                    likely.add(spot(Flaw.Kind.FADE, "faded shoulders", box, 0.5, 0.93, 0.8, 0.1));
                }
            }
            case SKIRT, PLEATED_SKIRT, GATHERED_SKIRT, CIRCLE_SKIRT -> {
                if (part.says("back")) {
                    likely.add(spot(Flaw.Kind.WORN, "shiny seat", box, 0.5, 0.7, 0.4, 0.2));
                }
                likely.add(level(Flaw.Kind.FADE, "edge of the old hem turn", 0.06, box));
            }
            case BLANKET -> {
                likely.add(upright(Flaw.Kind.CREASE, "crease of the fold", (box.minX() + box.maxX()) / 2, box));
                likely.add(level(Flaw.Kind.CREASE, "crease of the fold across", 0.5, box));
            }
            case CURTAIN -> {
                likely.add(upright(Flaw.Kind.FADE, "faded edge to the window", box.minX() + 30, box));
                likely.add(level(Flaw.Kind.NEEDLE_HOLES, "needle holes of the heading", 0.96, box));
            }
            case SCARF ->
                likely.add(upright(Flaw.Kind.CREASE, "crease of the fold", (box.minX() + box.maxX()) / 2, box));
        }
        likely.removeIf(l -> panel.flaws().stream().anyMatch(f -> f.what().equals(l.what())));
        return likely;
    }

    /** What a front pocket's mouth takes out of the corner of waist and side; the cloth behind it is the pocket's. */
    private static Flaw pocketMouth(boolean sideRight, Box box) {
        double wide = Math.min(MOUTH_WIDE_MM, MOUTH_SHARE * box.widthMm());
        double deep = Math.min(MOUTH_DEEP_MM, MOUTH_SHARE * box.heightMm());
        double x = sideRight ? box.maxX() - wide : box.minX();
        Ring corner = Ring.rectangle(x, box.maxY() - deep, wide, deep);
        return new Flaw(
                Flaw.Treatment.AVOID, Flaw.Kind.CUT_OUT, "cut out for the front pocket", new Flaw.Around(corner));
    }

    private static Flaw spot(Flaw.Kind kind, String what, Box box, double x, double y, double wide, double high) {
        return new Flaw(
                Flaw.Treatment.HIDE,
                kind,
                what,
                new Flaw.Oval(
                        new Point(box.minX() + x * box.widthMm(), box.minY() + y * box.heightMm()),
                        Math.max(20, wide * box.widthMm()),
                        Math.max(20, high * box.heightMm())));
    }

    private static Flaw upright(Flaw.Kind kind, String what, double x, Box box) {
        return new Flaw(
                Flaw.Treatment.NOTE,
                kind,
                what,
                new Flaw.Strip(new Point(x, box.minY()), new Point(x, box.maxY()), CREASE_MM));
    }

    private static Flaw level(Flaw.Kind kind, String what, double share, Box box) {
        double y = box.minY() + share * box.heightMm();
        return new Flaw(
                Flaw.Treatment.NOTE,
                kind,
                what,
                new Flaw.Strip(new Point(box.minX(), y), new Point(box.maxX(), y), CREASE_MM));
    }
}
