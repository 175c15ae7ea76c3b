package org.handdown.formats.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.handdown.geometry.Box;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.Wording;
import org.handdown.panel.survey.ReadyShape;
import org.handdown.panel.survey.ShapeByMeasures;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class OutlineFilesTest {
    /** Flattening keeps every point within this of the curve, so an area within this times its length, mm. */
    private static final double FLAT = Outline.FLATTENING_MM;

    private static Drawing drawing(String text) {
        return DrawingFile.read(text.getBytes(StandardCharsets.UTF_8), null);
    }

    private static List<FoundOutline> svg(String text) {
        return drawing(text).outlines();
    }

    private static List<FoundOutline> dxf(String... lines) {
        return DrawingFile.read(String.join("\n", lines).getBytes(StandardCharsets.UTF_8), null)
                .outlines();
    }

    private static Outline usual(ReadyShape shape) {
        return new ShapeByMeasures(shape, shape.usual()).outline();
    }

    /** Greatest distance of either outline's points from the other's line, both lower left corners laid together. */
    private static double apartMm(Outline one, Outline other) {
        List<Point> a = home(one);
        List<Point> b = home(other);
        return Math.max(
                a.stream().mapToDouble(p -> p.distanceMm(b)).max().orElseThrow(),
                b.stream().mapToDouble(p -> p.distanceMm(a)).max().orElseThrow());
    }

    private static List<Point> home(Outline outline) {
        Ring ring = new Ring(outline.edges().stream()
                .flatMap(e -> {
                    List<Point> points = e.flattened(0.01);
                    return points.subList(0, points.size() - 1).stream();
                })
                .toList());
        Box box = ring.box();
        return ring.moved(-box.minX(), -box.minY()).run(0, 0);
    }

    @ParameterizedTest
    @EnumSource(ReadyShape.class)
    void everyShapeComesBackFromFilesWithinATenth(ReadyShape shape) {
        Outline outline = usual(shape);
        FoundOutline fromSvg = svg(OutlineFile.svg("a <panel> & more", outline)).get(0);
        assertThat(apartMm(outline, fromSvg.outline())).isLessThan(0.1);
        assertThat(fromSvg.told()).isEmpty();
        FoundOutline fromDxf = DrawingFile.read(OutlineFile.dxf(outline).getBytes(StandardCharsets.US_ASCII), null)
                .outlines()
                .get(0);
        assertThat(apartMm(outline, fromDxf.outline())).isLessThan(0.1);
        assertThat(fromDxf.told()).isEmpty();
    }

    /** An inch is 25.4 mm and 96 pixels (CSS Values and Units); a view box of another size scales. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "width='100mm' height='50mm' viewBox='0 0 100 50'><rect width='100' height='50'/>",
                "width='10cm' height='5cm' viewBox='0 0 1000 500'><rect width='1000' height='500'/>",
                "width='100mm' height='50mm' viewBox='7 9 200 100'><path d='M10 10h200v100h-200z'/>",
                "width='200' height='100' viewBox='0 0 10 5'><g transform='scale(.5)'><rect width='37.7952755906' height='18.8976377953' /></g>",
                "width='3.937007874in' height='1in' viewBox='0 0 3.937007874 1'><rect width='3.937007874' height='1.968503937'/>",
                "viewBox='0 0 9 9'><polygon points='0,0 377.952755906,0 377.952755906,188.976377953 0,188.976377953'/>",
                "><polyline points='0,0 377.952755906,0 377.952755906,188.976377953 0,188.976377953 0 0'/>"
            })
    void unitsAndViewBoxesAreHonoured(String rest) {
        Outline outline = svg("<svg xmlns='http://www.w3.org/2000/svg' " + rest + "</svg>")
                .get(0)
                .outline();
        Box box = outline.box();
        assertThat(box.widthMm()).isCloseTo(100, within(0.01));
        assertThat(box.heightMm()).isCloseTo(50, within(0.01));
        assertThat(outline.edges()).hasSize(4);
        assertThat(outline.ring().signedAreaMm2()).isPositive();
    }

    /** Circle of 100 mm radius by arcs, by an element, by quadratic half-curves: areas by their formulas. */
    @Test
    void curvesKeepTheirShape() {
        String head = "<svg xmlns='http://www.w3.org/2000/svg' width='400mm' height='400mm' viewBox='0 0 400 400'>";
        double disc = Math.PI * 100 * 100;
        assertThat(svg(head + "<path d='M100 200a100 100 0 1 1 200 0a100 100 0 0 1-200 0z'/></svg>")
                        .get(0)
                        .outline()
                        .ring()
                        .areaMm2())
                .isCloseTo(disc, within(FLAT * 628));
        assertThat(svg(head + "<circle cx='200' cy='200' r='100'/></svg>")
                        .get(0)
                        .outline()
                        .edges())
                .hasSize(1);
        // A parabola's segment holds two thirds of its box: 2/3 · 200 · 50.
        assertThat(svg(head + "<path d='M0 100Q100 0 200 100z'/></svg>")
                        .get(0)
                        .outline()
                        .ring()
                        .areaMm2())
                .isCloseTo(2.0 / 3 * 200 * 50, within(FLAT * 250));
    }

    @Test
    void theLargestComesFirstAndNamesStay() {
        Drawing drawing = drawing(
                "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='100mm' viewBox='0 0 100 100'>"
                        + "<defs><rect id='never' width='90' height='90'/></defs>"
                        + "<rect id='small' width='20' height='20'/><g transform='translate(30 30)'>"
                        + "<rect id='large' width='50' height='40'/></g><path d='M0 0L50 50'/><text>hello</text></svg>");
        assertThat(drawing.outlines()).extracting(FoundOutline::name).containsExactly("large", "small");
        assertThat(drawing.told())
                .containsExactly(
                        Wording.of("A line does not close and was left out: 70.7 mm are missing between its ends."),
                        "Left out: a text.");
    }

    @Test
    void aSmallLoopIsMendedALargeOneExplained() {
        String head = "<svg xmlns='http://www.w3.org/2000/svg' width='300mm' height='300mm' viewBox='0 0 300 300'>";
        FoundOutline mended = svg(head + "<polygon points='0,0 200,0 200,200 0,200 0,8 -4,4 0,4'/></svg>")
                .get(0);
        assertThat(mended.outline().ring().isSimple()).isTrue();
        FoundOutline loop = svg(head + "<polygon points='0,0 200,0 200,200 4,200 -4,196 4,196 0,200'/></svg>")
                .get(0);
        assertThat(loop.told()).anySatisfy(t -> assertThat(t).contains("taken out"));
        assertThat(loop.outline().ring().isSimple()).isTrue();
        assertThatThrownBy(() -> svg(head + "<polygon points='0,0 200,200 200,0 0,200'/></svg>"))
                .hasMessageContaining(Wording.of("crosses itself 100 mm from its left and 100 mm above"));
    }

    /** An entity that reads a file of this machine, one that grows without end, a script: nothing is read, nothing runs. */
    @Test
    void aHostileDrawingIsRefusedOrHarmless() {
        String entity = "<?xml version='1.0'?><!DOCTYPE svg [<!ENTITY x SYSTEM 'file:///etc/hostname'>]>"
                + "<svg xmlns='http://www.w3.org/2000/svg' width='9mm' height='9mm' viewBox='0 0 9 9'><text>&x;</text></svg>";
        assertThatThrownBy(() -> svg(entity)).hasMessageContaining("no closed outline");
        String bomb =
                "<?xml version='1.0'?><!DOCTYPE svg [<!ENTITY a 'aaaaaaaaaa'><!ENTITY b '&a;&a;&a;&a;&a;&a;&a;&a;'>"
                        + "<!ENTITY c '&b;&b;&b;&b;&b;&b;&b;&b;'>]><svg><path d='&c;'/></svg>";
        assertThatThrownBy(() -> svg(bomb)).hasMessageContaining("SVG");
        List<FoundOutline> scripted = svg(
                "<svg xmlns='http://www.w3.org/2000/svg' width='90mm' height='90mm' viewBox='0 0 90 90' onload='alert(1)'>"
                        + "<script>alert(2)</script><rect width='50' height='50'/></svg>");
        assertThat(scripted).hasSize(1);
        assertThatThrownBy(() -> svg("a text file")).hasMessageContaining("neither an SVG nor an ASCII DXF");
        assertThatThrownBy(() -> svg("<html/>")).hasMessageContaining("begins with <html>");
        assertThatThrownBy(() -> svg("<svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0 L1'/></svg>"))
                .hasMessageContaining("cannot be read");
        assertThatThrownBy(() -> svg("<svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0 L90 90'/></svg>"))
                .hasMessageContaining("no closed outline");
    }

    @Test
    void aMillionPointsAreRefused() {
        StringBuilder d = new StringBuilder("M0 0");
        for (int i = 0; i < 1_000_000; i++) {
            d.append("h1");
        }
        assertThatThrownBy(() -> svg("<svg xmlns='http://www.w3.org/2000/svg'><path d='" + d + "'/></svg>"))
                .hasMessageContaining("more than 60 000 points");
        assertThatThrownBy(() -> DrawingFile.read(new byte[DrawingFile.LARGEST_BYTES + 1], null))
                .hasMessageContaining("8 MB");
    }

    @Test
    void alignedUnitsOfADxfAreHonoured() {
        FoundOutline inch = dxf(
                        "0",
                        "SECTION",
                        "2",
                        "HEADER",
                        "9",
                        "$INSUNITS",
                        "70",
                        "1",
                        "0",
                        "ENDSEC",
                        "0",
                        "SECTION",
                        "2",
                        "ENTITIES",
                        "0",
                        "LWPOLYLINE",
                        "8",
                        "CUT",
                        "90",
                        "4",
                        "70",
                        "1",
                        "10",
                        "0",
                        "20",
                        "0",
                        "10",
                        "10",
                        "20",
                        "0",
                        "10",
                        "10",
                        "20",
                        "5",
                        "10",
                        "0",
                        "20",
                        "5",
                        "0",
                        "ENDSEC",
                        "0",
                        "EOF")
                .get(0);
        assertThat(inch.name()).isEqualTo("CUT");
        assertThat(inch.outline().ring().areaMm2()).isCloseTo(254 * 127, within(0.01));
    }

    /** Half a disc as a polyline with a bulge of 1, and as a line and an arc that meet: π/2 · 100². */
    @Test
    void bulgesAndArcsAreCircles() {
        Outline bulge = dxf(
                        "0",
                        "SECTION",
                        "2",
                        "ENTITIES",
                        "0",
                        "LWPOLYLINE",
                        "8",
                        "0",
                        "70",
                        "1",
                        "10",
                        "0",
                        "20",
                        "0",
                        "42",
                        "1",
                        "10",
                        "200",
                        "20",
                        "0",
                        "0",
                        "ENDSEC",
                        "0",
                        "EOF")
                .get(0)
                .outline();
        assertThat(bulge.ring().areaMm2()).isCloseTo(Math.PI / 2 * 10000, within(FLAT * 314));
        FoundOutline arc = dxf(
                        "0",
                        "SECTION",
                        "2",
                        "ENTITIES",
                        "0",
                        "LINE",
                        "8",
                        "A",
                        "10",
                        "0",
                        "20",
                        "0",
                        "11",
                        "200",
                        "21",
                        "0",
                        "0",
                        "ARC",
                        "8",
                        "A",
                        "10",
                        "100",
                        "20",
                        "0",
                        "40",
                        "100",
                        "50",
                        "0",
                        "51",
                        "180",
                        "0",
                        "ENDSEC",
                        "0",
                        "EOF")
                .get(0);
        assertThat(arc.outline().ring().areaMm2()).isCloseTo(Math.PI / 2 * 10000, within(FLAT * 314));
        assertThat(dxf("0", "SECTION", "2", "ENTITIES", "0", "CIRCLE", "10", "5", "20", "5", "40", "100", "0", "ENDSEC")
                        .get(0)
                        .outline()
                        .ring()
                        .areaMm2())
                .isCloseTo(Math.PI * 10000, within(FLAT * 628));
    }

    /** A clamped spline of one span is the Bézier curve of its control points; one of two spans passes where de Boor's steps say. */
    @Test
    void splinesAreReadAsCurves() {
        String[] head = {"0", "SECTION", "2", "ENTITIES", "0", "SPLINE", "8", "S", "71", "3"};
        String[] knots = {
            "40", "0", "40", "0", "40", "0", "40", "0", "40", "1", "40", "2", "40", "2", "40", "2", "40", "2"
        };
        String[] points = {
            "10", "0", "20", "0", "10", "0", "20", "120", "10", "100", "20", "160", "10", "200", "20", "120", "10",
            "200", "20", "0"
        };
        String[] line = {"0", "LINE", "8", "S", "10", "0", "20", "0", "11", "200", "21", "0", "0", "ENDSEC", "0", "EOF"
        };
        List<String> all = new java.util.ArrayList<>();
        for (String[] part : List.of(head, knots, points, line)) {
            all.addAll(List.of(part));
        }
        Outline outline = dxf(all.toArray(String[]::new)).get(0).outline();
        // At the middle knot: (0.5·(P1+P2)/2... by de Boor: 1/4 P1 + 1/2 P2 + 1/4 P3 = (100, 140).
        List<Point> lines = outline.edges().stream()
                .flatMap(e -> e.flattened(0.01).stream())
                .toList();
        assertThat(lines)
                .anySatisfy(p -> assertThat(p.distanceMm(new Point(100, 140))).isLessThan(1e-6));
        assertThat(outline.edges()).extracting(Edge::name).hasSize(2);
    }

    @Test
    void whatIsNoDxfIsRefused() {
        assertThatThrownBy(() -> dxf("hello", "world", "0")).hasMessageContaining("neither an SVG nor an ASCII DXF");
        assertThatThrownBy(() -> dxf("AutoCAD Binary DXF")).hasMessageContaining("binary");
        assertThatThrownBy(() -> dxf("")).hasMessageContaining("empty");
        assertThatThrownBy(() -> dxf("0", "SECTION", "2", "ENTITIES", "0", "LINE", "10", "x", "0", "ENDSEC"))
                .hasMessageContaining("no number");
        assertThatThrownBy(() -> dxf("0", "SECTION", "2", "ENTITIES", "0", "ENDSEC", "0", "EOF"))
                .hasMessageContaining("no closed outline");
    }
}
