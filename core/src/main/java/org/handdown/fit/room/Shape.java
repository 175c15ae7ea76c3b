package org.handdown.fit.room;

import org.handdown.fit.FitPiece;
import org.handdown.geometry.Box;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.jspecify.annotations.Nullable;

/** One way a piece may lie: a variant, turned and mirrored, its outline still at the origin of the panel frame. */
public final class Shape {
    public final int index;
    /** What its clearances are made from, before it is turned, and where that lies in its own frame. */
    final CongruentOutline stencil;

    final Point stencilAt;

    final int piece;
    public final FitPiece.Variant variant;
    public final double turnDeg;
    public final boolean mirrored;
    /** On the exact grain or along a finished edge; other turns are tried later and less often. */
    public final boolean straight;

    public final Ring ring;
    public final double areaMm2;
    public final Box box;
    /** Covers the piece with few points: what clearances are made from. */
    final Ring lean;

    private volatile @Nullable Region seen;
    private volatile float @Nullable [] samples;

    /** @param leanFlat covers the mirrored outline before it is turned, with few points */
    Shape(
            int index,
            CongruentOutline stencil,
            Ring leanFlat,
            int piece,
            FitPiece.Variant variant,
            double turnDeg,
            boolean mirrored,
            boolean straight) {
        this.index = index;
        this.stencil = stencil;
        this.stencilAt = new Point(leanFlat.box().minX(), leanFlat.box().minY());
        this.piece = piece;
        this.variant = variant;
        this.turnDeg = turnDeg;
        this.mirrored = mirrored;
        this.straight = straight;
        this.ring = at(0, 0).toPanel(variant.outline());
        this.areaMm2 = ring.areaMm2();
        this.box = ring.box();
        this.lean = new Placement(0, 0, turnDeg, false).toPanel(leanFlat);
    }

    /** One that shares nothing with others, for a single look. */
    static Shape alone(int piece, FitPiece.Variant variant, double turnDeg, boolean mirrored) {
        Ring flat = leanFlat(variant, mirrored);
        return new Shape(0, new CongruentOutline(0, flat), flat, piece, variant, turnDeg, mirrored, true);
    }

    static Ring leanFlat(FitPiece.Variant variant, boolean mirrored) {
        return Thinned.covering(new Placement(0, 0, 0, mirrored).toPanel(variant.outline()));
    }

    /** The part of the piece that will be seen, where flaws to hide may not lie. */
    Region seen() {
        Region known = seen;
        if (known == null) {
            known = Region.of(ring)
                    .minus(Region.of(
                            variant.hidden().stream().map(at(0, 0)::toPanel).toList()));
            seen = known;
        }
        return known;
    }

    /** Points along the outline for {@link ContactField}. */
    float[] samples() {
        float[] known = samples;
        if (known == null) {
            known = ContactField.sampled(ring);
            samples = known;
        }
        return known;
    }

    public Placement at(double x, double y) {
        return new Placement(x, y, turnDeg, mirrored);
    }
}
