package org.handdown.bench.studio;

import java.util.ArrayList;
import java.util.List;

/** What lies on the table, under which light, before which camera. Lengths in mm, y up; the fields are set once and then only read. */
@SuppressWarnings("NullAway.Init")
final class Setting {
    /** @param isPlain an outline is to be had from it; else whatever is drawn would be wrong */
    Setting(String condition, boolean isPlain, long seed) {
        this.condition = condition;
        this.isPlain = isPlain;
        this.seed = seed;
    }

    final String condition;
    final boolean isPlain;
    final long seed;

    Patch cloth;
    Surface face;
    /** How steep wrinkles stand, 0 for none. */
    double wrinkled;
    /** Line that a part is folded over: what lies beyond {@code fold[0]·x + fold[1]·y = fold[2]} comes back over it; none where empty. */
    double[] fold = {};

    Surface wrongSide;
    Surface table;
    final List<Thing> things = new ArrayList<>();
    final List<Shade> shades = new ArrayList<>();

    boolean isMarked = true;
    double paperWide = 210;
    double paperHigh = 297;
    double paperX;
    double paperY;
    double paperTurnDeg;
    /** Height of a ridge across its middle, and of a bow along it. */
    double ridgeMm;

    double bowMm;

    double tiltDeg = 4;
    double towardsDeg = 30;
    double rollDeg;
    /** Focal length in half diagonals: 26 mm of full frame is 1.2. */
    double focal = 1.2;

    double k1;
    double k2;
    double p1;
    double p2;
    /** Where the axis meets the picture, off its middle, in widths and heights: a picture cut down afterwards. */
    double offX;

    double offY;
    /** Share of the picture that cloth and sheet fill. */
    double fills = 0.86;

    double blurPx = 0.6;
    double shakenPx;
    double noise = 0.004;
    double exposure = 0.95;
    double[] white = {1, 1, 1};
    double gradient = 0.08;
    double gradientDeg = 200;
    float quality = 0.9f;
    int width = 2400;
    int height = 1800;
    /** Corners are put by hand, this many pixels off; 0 to let them be found. */
    double byHandPx;

    /** Something that lies on top. */
    record Thing(Patch patch, Surface surface) {}

    /** A shadow, soft over some mm. */
    record Shade(Patch patch, double light, double softMm) {}

    String name() {
        return condition.replaceAll("[^a-z0-9]+", "-") + "-" + seed % 1000;
    }

    double[] paperCorner(double u, double v) {
        double t = Math.toRadians(paperTurnDeg);
        double a = u - paperWide / 2;
        double b = v - paperHigh / 2;
        return new double[] {paperX + a * Math.cos(t) - b * Math.sin(t), paperY + a * Math.sin(t) + b * Math.cos(t)};
    }

    /** Is the place beyond the line that is folded over? */
    boolean isBeyondFold(double x, double y) {
        return fold.length > 0 && fold[0] * x + fold[1] * y > fold[2];
    }
}
