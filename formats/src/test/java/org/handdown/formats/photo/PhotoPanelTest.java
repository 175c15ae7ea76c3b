package org.handdown.formats.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.RefusedValueException;
import org.handdown.panel.survey.Baseline;
import org.handdown.panel.survey.ReadyShape;
import org.handdown.panel.survey.ShapeByMeasures;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

@Tag("long")
class PhotoPanelTest {
    private static Outline usual(ReadyShape shape) {
        return new ShapeByMeasures(shape, shape.usual()).outline();
    }

    private static SimulatedCamera.Scene scene(
            ReadyShape shape, int cloth, int stripe, KnownSheet sheet, double tilt, double bend) {
        return new SimulatedCamera.Scene(usual(shape), cloth, 0xd9cbb2, stripe, sheet, tilt, 70, bend, 3, true, 5);
    }

    private static SimulatedCamera.Shot take(SimulatedCamera.Scene scene) {
        return SimulatedCamera.take(scene, 2000, 1500);
    }

    // The picture

    @Test
    void aTextNamedAsAPictureIsRefused() {
        assertThatThrownBy(() -> Photo.read("not a picture".getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(RefusedValueException.class)
                .hasMessageContaining("no JPEG or PNG");
        assertThatThrownBy(() -> Photo.read(new byte[0])).hasMessageContaining("no JPEG or PNG");
        assertThatThrownBy(() -> Photo.read(new byte[Photo.LARGEST_BYTES + 1])).hasMessageContaining("25 MB");
    }

    /** A PNG of a few hundred bytes that says it is 20000 by 10000 pixels: refused by its head, nothing is decoded. */
    @Test
    void twoHundredMegapixelsAreRefusedUnread() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        DataOutputStream png = new DataOutputStream(bytes);
        png.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'});
        ByteArrayOutputStream head = new ByteArrayOutputStream();
        DataOutputStream fields = new DataOutputStream(head);
        fields.writeBytes("IHDR");
        fields.writeInt(20_000);
        fields.writeInt(10_000);
        fields.write(new byte[] {8, 2, 0, 0, 0});
        CRC32 sum = new CRC32();
        sum.update(head.toByteArray());
        png.writeInt(13);
        png.write(head.toByteArray());
        png.writeInt((int) sum.getValue());
        assertThatThrownBy(() -> Photo.read(bytes.toByteArray())).hasMessageContaining("200 megapixels");
    }

    @Test
    void aBrokenOrTinyPictureIsRefused() throws IOException {
        byte[] whole = jpeg(new BufferedImage(400, 400, BufferedImage.TYPE_INT_RGB));
        byte[] half = java.util.Arrays.copyOf(whole, 300);
        assertThatThrownBy(() -> Photo.read(half)).hasMessageContaining("damaged");
        assertThatThrownBy(() -> Photo.read(jpeg(new BufferedImage(50, 400, BufferedImage.TYPE_INT_RGB))))
                .hasMessageContaining("under 300 pixels");
    }

    private static byte[] jpeg(BufferedImage image) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", bytes);
        return bytes.toByteArray();
    }

    /**
     * The eight orientations of Exif 2.3, tag 274: where the pixel that is stored first is seen. Width 3 and height 2 as stored; columns and
     * rows as seen.
     */
    @ParameterizedTest
    @CsvSource({"1,3,0,0", "2,3,2,0", "3,3,2,1", "4,3,0,1", "5,2,0,0", "6,2,1,0", "7,2,1,2", "8,2,0,2"})
    void theOrientationMarkIsHonoured(int mark, int width, int x, int y) {
        Photo seen = new Photo(3, 2, new int[] {1, 0, 0, 0, 0, 0}).turned(mark);
        assertThat(seen.width()).isEqualTo(width);
        assertThat(seen.rgb()[y * seen.width() + x]).isEqualTo(1);
    }

    // The view

    /** Worked by hand: a picture straight from above, 4 pixels a millimetre, the sheet's lower left corner at (1000, 1900). */
    @Test
    void aViewFromStraightAboveIsAScale() {
        PlaneView view = PlaneView.of(
                List.of(
                        new PlaneView.Sighting(1000, 1900, 0, 0),
                        new PlaneView.Sighting(1840, 1900, 210, 0),
                        new PlaneView.Sighting(1840, 712, 210, 297),
                        new PlaneView.Sighting(1000, 712, 0, 297)),
                4000,
                3000);
        Point p = view.toTable(2000, 1500);
        assertThat(p.x()).isCloseTo(250, within(1e-6));
        assertThat(p.y()).isCloseTo(100, within(1e-6));
        Point back = view.toPicture(p);
        assertThat(back.x()).isCloseTo(2000, within(1e-6));
        assertThat(back.y()).isCloseTo(1500, within(1e-6));
    }

    /** A known perspective, (x, y) → ((x + 10) / (1 + 0.001 y), y / (1 + 0.001 y)): its four corners give it back anywhere. */
    @Test
    void aHandMadePerspectiveIsFoundAgain() {
        List<PlaneView.Sighting> known = new ArrayList<>();
        for (double[] q : new double[][] {{0, 0}, {200, 0}, {200, 300}, {0, 300}}) {
            double w = 1 + 0.001 * q[1];
            known.add(new PlaneView.Sighting(1000 + (q[0] + 10) / w, 1000 - q[1] / w, q[0], q[1]));
        }
        PlaneView view = PlaneView.of(known, 2000, 2000);
        double w = 1 + 0.001 * 700;
        Point p = view.toTable(1000 + (450 + 10) / w, 1000 - 700 / w);
        assertThat(p.x()).isCloseTo(450, within(1e-5));
        assertThat(p.y()).isCloseTo(700, within(1e-5));
    }

    @Test
    void threeCornersInALineAreNoSheet() {
        List<PlaneView.Sighting> flat = List.of(
                new PlaneView.Sighting(0, 0, 0, 0),
                new PlaneView.Sighting(100, 100, 210, 0),
                new PlaneView.Sighting(200, 200, 210, 297),
                new PlaneView.Sighting(0, 300, 0, 297));
        assertThatThrownBy(() -> PlaneView.of(flat, 400, 400)).hasMessageContaining("no sheet seen from above");
    }

    // The sheet and the cloth

    private static double worstMm(PhotoTracing tracing, SimulatedCamera.Shot shot) {
        Outline drawn = new Baseline(tracing.points().stream()
                        .map(p -> new Baseline.Offset(p.at().y(), p.at().x(), p.corner(), p.edge()))
                        .toList())
                .outline();
        // Both have their middle above their lower edge; what is left is the turn of the camera, which is taken out by
        // area alone.
        Ring found = drawn.ring();
        return Math.abs(Math.sqrt(found.areaMm2()) - Math.sqrt(shot.truth().areaMm2()));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 9, 18})
    void theMarkedSheetIsFoundAndTheClothTraced(double tilt) {
        SimulatedCamera.Scene scene = scene(ReadyShape.TEE_BODY, 0x2f4a6b, -1, KnownSheet.MARKER, tilt, 0.01);
        SimulatedCamera.Shot shot = take(scene);
        SheetFinder.Found sheet = SheetFinder.find(shot.photo(), scene.sheet()).orElseThrow();
        for (Point corner : shot.corners()) {
            assertThat(sheet.corners())
                    .anySatisfy(f -> assertThat(f.distanceMm(corner)).isLessThan(1.5));
        }
        PhotoTracing tracing = PhotoTracing.of(shot.photo(), sheet, scene.sheet(), 1);
        assertThat(tracing.why()).isEmpty();
        // Three megapixels only, so that the test is quick: nearly a millimetre to the pixel.
        assertThat(worstMm(tracing, shot)).isLessThan(2.5);
        // Corners are corners: shoulders, underarms, hem.
        assertThat(tracing.points().stream().filter(p -> p.corner()).count()).isBetween(8L, 12L);
    }

    @Test
    void aPlainSheetIsFoundByItself() {
        SimulatedCamera.Scene scene = scene(ReadyShape.FLAT_SLEEVE, 0x7a2e3a, -1, KnownSheet.A4, 8, 0);
        SimulatedCamera.Shot shot = take(scene);
        SheetFinder.Found sheet = SheetFinder.find(shot.photo(), scene.sheet()).orElseThrow();
        PhotoTracing tracing = PhotoTracing.of(shot.photo(), sheet, scene.sheet(), 1);
        assertThat(tracing.why()).isEmpty();
        assertThat(worstMm(tracing, shot)).isLessThan(3);
        // Put by hand a few pixels off, the sides of the sheet pull the corners into place.
        List<Point> roughly =
                shot.corners().stream().map(c -> c.plus(new Point(2, -2))).toList();
        SheetFinder.Found byHand = SheetFinder.byCorners(shot.photo(), roughly, scene.sheet());
        assertThat(worstMm(PhotoTracing.of(shot.photo(), byHand, scene.sheet(), 1), shot))
                .isLessThan(3);
    }

    @ParameterizedTest
    @CsvSource({"a1522e,d7c9b0", "d8cab1,-1", "dccdb5,-1"})
    void clothOfTheTablesColourIsLeftToAPerson(String cloth, String stripe) {
        SimulatedCamera.Scene scene = scene(
                ReadyShape.SKIRT_GORE,
                Integer.parseInt(cloth, 16),
                stripe.equals("-1") ? -1 : Integer.parseInt(stripe, 16),
                KnownSheet.MARKER,
                6,
                0.005);
        SimulatedCamera.Shot shot = take(scene);
        Optional<SheetFinder.Found> sheet = SheetFinder.find(shot.photo(), scene.sheet());
        PhotoTracing tracing = PhotoTracing.of(shot.photo(), sheet.orElseThrow(), scene.sheet(), 1);
        assertThat(tracing.points()).isEmpty();
        assertThat(tracing.why()).contains("Set the points yourself");
    }

    @Test
    void withoutASheetNothingIsFound() {
        SimulatedCamera.Scene scene = scene(ReadyShape.FLAT_SLEEVE, 0x7a2e3a, -1, KnownSheet.A4, 8, 0);
        assertThat(SheetFinder.find(take(scene).photo(), KnownSheet.MARKER)).isEmpty();
    }

    /** A triangle and a circle: three corners, and none. */
    @Test
    void aLineIsReducedToCornersAndCurves() {
        List<Point> triangle = dense(List.of(new Point(0, 0), new Point(400, 0), new Point(100, 300)));
        assertThat(LineReduction.points(triangle, 0.5)).hasSize(3).allMatch(p -> p.corner());
        List<Point> circle = new ArrayList<>();
        for (int i = 0; i < 600; i++) {
            circle.add(Point.unit(0.6 * i).times(200));
        }
        var points = LineReduction.points(circle, 0.5);
        assertThat(points.size()).isBetween(6, 32);
        assertThat(points.stream().filter(p -> p.corner()).count()).isLessThanOrEqualTo(1);
    }

    private static List<Point> dense(List<Point> corners) {
        List<Point> dense = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % corners.size());
            int n = (int) a.distanceMm(b);
            for (int k = 0; k < n; k++) {
                dense.add(a.between(b, (double) k / n));
            }
        }
        return dense;
    }
}
