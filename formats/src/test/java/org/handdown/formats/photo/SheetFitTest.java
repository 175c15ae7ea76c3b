package org.handdown.formats.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.handdown.geometry.Point;
import org.junit.jupiter.api.Test;

/** Against a pinhole worked out here by hand, with none of the fit's own code: what it says of places far from the sheet. */
class SheetFitTest {
    private static final int WIDTH = 4000;
    private static final int HEIGHT = 3000;

    /**
     * A camera 1.4 m over the table, tilted about its x axis.
     *
     * @param focalPx focal length, pixels
     * @param bend undistorted = seen · (1 + bend · r²), r in half diagonals
     */
    private record Camera(double tiltDeg, double focalPx, double bend) {
        Point picture(double x, double y, double z) {
            double t = Math.toRadians(tiltDeg);
            double dx = x - 350;
            double dy = y - 250;
            double forward = 1400 - z * Math.cos(t) + dy * Math.sin(t);
            double down = -(dy * Math.cos(t) + z * Math.sin(t));
            double half = Math.hypot(WIDTH, HEIGHT) / 2;
            Point u = new Point(dx / forward * focalPx / half, down / forward * focalPx / half);
            Point s = u;
            for (int i = 0; i < 30; i++) {
                s = u.times(1 / (1 + bend * s.dot(s)));
            }
            return new Point(WIDTH / 2.0 + s.x() * half, HEIGHT / 2.0 + s.y() * half);
        }
    }

    private static List<SheetFit.Seen> squares(Camera camera, double creaseMm, double noisePx) {
        Random chance = new Random(4);
        List<SheetFit.Seen> seen = new ArrayList<>();
        for (Point corner : MarkerSheet.squares()) {
            Point middle = corner.plus(new Point(12, 12));
            double z = creaseMm * (1 - Math.abs(2 * middle.y() / MarkerSheet.HIGH_MM - 1));
            Point p = camera.picture(middle.x(), middle.y(), z);
            seen.add(new SheetFit.Seen(
                    p.x() + noisePx * chance.nextGaussian(),
                    p.y() + noisePx * chance.nextGaussian(),
                    List.of(middle),
                    0,
                    0,
                    0.1));
        }
        return seen;
    }

    private static SheetFit.Fitted fit(List<SheetFit.Seen> seen) {
        List<PlaneView.Sighting> corners = new ArrayList<>();
        for (int i : new int[] {0, 4, 34, 30}) {
            SheetFit.Seen s = seen.get(i);
            corners.add(new PlaneView.Sighting(
                    s.px(), s.py(), s.at().get(0).x(), s.at().get(0).y()));
        }
        return SheetFit.fit(seen, KnownSheet.MARKER, PlaneView.of(corners, WIDTH, HEIGHT), WIDTH, HEIGHT);
    }

    /** How much longer a cloth's diagonal seems, from beside the sheet to the far corner of the table. */
    private static double offMm(SheetFit.Fitted fit, Camera camera) {
        Point near = camera.picture(220, 0, 0);
        Point far = camera.picture(700, 500, 0);
        return fit.view().toTable(near.x(), near.y()).distanceMm(fit.view().toTable(far.x(), far.y()))
                - Math.hypot(480, 500);
    }

    @Test
    void aSheetThatLiesFlatTellsTheFarCornerOfTheTable() {
        Camera camera = new Camera(14, 3000, 0.004);
        SheetFit.Fitted fit = fit(squares(camera, 0, 0));
        assertThat(fit.offPx()).isLessThan(0.1);
        assertThat(fit.isSheet()).isTrue();
        assertThat(fit.tiltDeg()).isCloseTo(14, within(1.5));
        assertThat(offMm(fit, camera)).isCloseTo(0, within(0.3));
    }

    /** A crease of a millimetre must not bend the lens: what it bends instead is the paper. */
    @Test
    void aCreasedSheetBendsTheFarCornerByLittle() {
        Camera camera = new Camera(10, 3000, 0);
        SheetFit.Fitted fit = fit(squares(camera, 1, 0.05));
        assertThat(offMm(fit, camera)).isCloseTo(0, within(3.0));
        assertThat(fit.bulgeMm()).isBetween(0.1, 1.6);
    }

    /** Another lens than a telephone's is told by the squares themselves. */
    @Test
    void aLensThatBendsMuchIsFound() {
        Camera camera = new Camera(12, 2100, 0.06);
        SheetFit.Fitted fit = fit(squares(camera, 0, 0));
        assertThat(fit.view().bend()).isCloseTo(0.06, within(0.02));
    }

    /** What is not sure says so: of two hundred noisy sheets the far corner lies within what is stated 95 times of a hundred. */
    @Test
    void whatIsStatedHolds() {
        Random chance = new Random(11);
        int held = 0;
        for (int i = 0; i < 200; i++) {
            Camera camera = new Camera(
                    3 + 15 * chance.nextDouble(), 2800 + 500 * chance.nextDouble(), 0.004 * chance.nextGaussian());
            SheetFit.Fitted fit = fit(squares(camera, 0.4 * chance.nextGaussian(), 0.1));
            Point near = camera.picture(220, 0, 0);
            Point far = camera.picture(700, 500, 0);
            double span =
                    fit.view().toTable(near.x(), near.y()).distanceMm(fit.view().toTable(far.x(), far.y()));
            double square = 0;
            for (PlaneView other : fit.shaken()) {
                double off = other.toTable(near.x(), near.y()).distanceMm(other.toTable(far.x(), far.y())) - span;
                square += off * off;
            }
            held += Math.abs(span - Math.hypot(480, 500)) < 2 * Math.sqrt(square) ? 1 : 0;
        }
        assertThat(held).isGreaterThanOrEqualTo(186);
    }

    /** A ruler is no sheet: four corners, but of a thing three times as long as it is wide. */
    @Test
    void anotherRectangleIsNotTakenForTheSheet() {
        List<SheetFit.Seen> seen = new ArrayList<>();
        List<PlaneView.Sighting> known = new ArrayList<>();
        double[][] corners = {{0, 0, 600, 1600}, {210, 0, 1000, 1600}, {210, 297, 1000, 400}, {0, 297, 600, 400}};
        for (double[] c : corners) {
            seen.add(new SheetFit.Seen(c[2], c[3], List.of(new Point(c[0], c[1])), 0, 0, 4));
            known.add(new PlaneView.Sighting(c[2], c[3], c[0], c[1]));
        }
        SheetFit.Fitted fit = SheetFit.fit(seen, KnownSheet.A4, PlaneView.of(known, WIDTH, HEIGHT), WIDTH, HEIGHT);
        assertThat(fit.isSheet()).isFalse();
    }
}
