package org.handdown.source.anatomy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.handdown.assembly.Layer;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.OutlineCut;
import org.handdown.geometry.Point;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.PartRole;
import org.handdown.source.shape.Block;
import org.handdown.source.shape.TwoPieceSleeve;

/** The parts of a coat: fronts, back and sleeves in outer cloth and in lining, and the facings of the fronts. */
final class CoatParts {
    private static final double SLOPE_MM = 40;

    private static final double BACK_NECK_MM = 25;

    private static final double HEAD_EASE_MM = 28;

    /** From the centre to the seam of facing and lining, at the hem and along the shoulder from the neck. */
    private static final double FACING_MM = 80;

    private static final double FACING_AT_SHOULDER_MM = 40;

    private static final double LINING_PLEAT_MM = 12;

    private static final int TWO_PIECES = 1;

    private final GarmentMeasures m;
    private final boolean whole;
    private final AnatomyBuilder build;

    CoatParts(GarmentMeasures m, boolean whole, AnatomyBuilder build) {
        this.m = m;
        this.whole = whole;
        this.build = build;
    }

    private Block.Body body(double neckDepth) {
        return new Block.Body(
                m.mm("hem") / 2,
                m.mm("chest") / 2,
                m.mm("length"),
                m.mm("armhole"),
                m.mm("shoulder"),
                m.mm("neck"),
                neckDepth,
                SLOPE_MM);
    }

    boolean inTwo() {
        return m.is("sleevePieces", TWO_PIECES);
    }

    private void panel(String id, String name, Outline outline, Layer layer) {
        build.part(id, name, outline, PartRole.PANEL, layer, Map.of());
    }

    void panels(List<String> inside) {
        Outline half = Block.halfBody(body(m.mm("neckDepth")), m.mm("lap"));
        Outline back = Block.body(body(BACK_NECK_MM));
        panel("front-left", "left front", half, Layer.SHELL);
        panel("front-right", "right front", half.mirrored(), Layer.SHELL);
        panel("back", "back", back, Layer.SHELL);
        double hole =
                half.edge("armhole").lengthMm() + back.edge("armhole-left").lengthMm() + HEAD_EASE_MM;
        Outline sleeve = Block.sleeveFor(m.mm("sleeveHem"), m.mm("sleeveTop"), m.mm("sleeve"), hole);
        sleeves("", sleeve, Layer.SHELL);
        lining(inside, half, back, sleeve);
        facings(inside, half);
    }

    private void lining(List<String> inside, Outline half, Outline back, Outline sleeve) {
        Outline lining =
                OutlineCut.of(half, facingLow(), facingHigh(), "centre").right();
        panel("lining-front-left", "lining of the left front", lining, Layer.LINING);
        panel("lining-front-right", "lining of the right front", lining.mirrored(), Layer.LINING);
        panel(
                "lining-back",
                "lining of the back",
                whole ? Block.body(body(BACK_NECK_MM), 2 * LINING_PLEAT_MM) : back,
                Layer.LINING);
        if (whole) {
            build.fold("pleat-lining", Fold.Kind.PLEAT, "lining-back", "neck", 1, LINING_PLEAT_MM, m.mm("length"));
        }
        sleeves("lining-", sleeve, Layer.LINING);
        inside.addAll(List.of("lining-front-right", "lining-front-left", "lining-back"));
        inside.addAll(sleeveParts("lining-"));
    }

    /** Facing and lining meet on a line from the hem to the shoulder. */
    private Point facingLow() {
        return new Point(facingMm(), 0);
    }

    private double facingMm() {
        return Math.min(FACING_MM, 0.5 * Math.min(m.mm("hem"), m.mm("chest")) / 2);
    }

    private Point facingHigh() {
        Block.Body body = body(m.mm("neckDepth"));
        double share = Math.min(0.5, FACING_AT_SHOULDER_MM / m.mm("shoulder"));
        return body.neckPoint().between(body.tip(), share);
    }

    private void facings(List<String> inside, Outline half) {
        Outline cut = OutlineCut.of(half, facingLow(), facingHigh(), "right").left();
        Outline facing = new Outline(cut.edges().stream()
                .map(e -> e.name().equals("centre") ? new Edge("left", e.segments()) : e)
                .toList());
        inside.add("collar");
        for (String side : List.of("left", "right")) {
            inside.add("facing-" + side);
            build.part("facing-" + side, side.equals("left") ? facing : facing.mirrored(), PartRole.FACING);
        }
    }

    private void sleeves(String prefix, Outline sleeve, Layer layer) {
        String words = layer == Layer.LINING ? "lining of the " : "";
        TwoPieceSleeve two = inTwo() ? TwoPieceSleeve.of(sleeve) : null;
        for (String side : List.of("left", "right")) {
            if (two == null) {
                panel(prefix + "sleeve-" + side, words + side + " sleeve", sleeve, layer);
            } else {
                panel(prefix + "sleeve-" + side, words + side + " upper sleeve", two.upper(), layer);
                panel(prefix + "under-sleeve-" + side, words + side + " under sleeve", two.under(), layer);
            }
        }
    }

    private List<String> sleeveParts(String prefix) {
        List<String> all = new ArrayList<>(List.of(prefix + "sleeve-left", prefix + "sleeve-right"));
        if (inTwo()) {
            all.addAll(List.of(prefix + "under-sleeve-left", prefix + "under-sleeve-right"));
        }
        return all;
    }
}
