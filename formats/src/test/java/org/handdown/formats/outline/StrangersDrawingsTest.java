package org.handdown.formats.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.zip.GZIPOutputStream;
import org.handdown.geometry.Box;
import org.handdown.measure.Wording;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Drawings in dialects that are not ours: nothing goes without a word, and what cannot be read says how to mend it. */
class StrangersDrawingsTest {
    private static final String PAGE =
            "<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' width='400mm' height='400mm' viewBox='0 0 400 400'>";

    private static Drawing svg(String inside) {
        return read((PAGE + inside + "</svg>").getBytes(StandardCharsets.UTF_8), null);
    }

    private static Drawing read(byte[] file, @Nullable DrawingUnit unit) {
        return DrawingFile.read(file, unit);
    }

    /** Group codes and values with a blank between, one thing a line. */
    private static Drawing dxf(@Nullable DrawingUnit unit, String... things) {
        String text = String.join(" ", things).strip().replaceAll("\\s+", "\n");
        return read((text + "\n0\nEOF\n").getBytes(StandardCharsets.UTF_8), unit);
    }

    private static Drawing entities(String... things) {
        return dxf(null, "0 SECTION 2 ENTITIES", String.join(" ", things), "0 ENDSEC");
    }

    private static String square(String layer, double x, double side) {
        return Wording.fill(
                "0 LWPOLYLINE 8 %s 70 1 10 %f 20 0 10 %f 20 0 10 %f 20 %f 10 %f 20 %f",
                layer, x, x + side, x + side, side, x, side);
    }

    private static double area(FoundOutline one) {
        return one.outline().ring().areaMm2();
    }

    private static Box box(FoundOutline one) {
        return one.outline().box();
    }

    @Test
    void aLineThereAndBackIsNoOutlineAndNoFault() {
        Drawing drawing = svg("<path d='M0 0L90 90Z'/><path d='M0 0h50v50h-50z'/>");
        assertThat(drawing.outlines()).hasSize(1);
        assertThat(drawing.told()).singleElement().asString().contains("smaller than 1 cm²");
        assertThatThrownBy(() -> svg("<path d='M0 0L90 90Z'/>")).hasMessageContaining("no closed outline");
    }

    @Test
    void whatCrossesItselfBesideWhatIsSoundIsTold() {
        Drawing drawing = svg(
                "<path id='cuff' d='M0 0h50v50h-50z'/><path id='yoke' d='M100 0L200 100L200 0L100 100z'/><text>back</text>");
        assertThat(drawing.outlines()).extracting(FoundOutline::name).containsExactly("cuff");
        assertThat(drawing.told()).hasSize(2);
        assertThat(drawing.told().get(0)).startsWith("“yoke” was left out. The outline crosses itself");
        assertThat(drawing.told().get(1)).isEqualTo("Left out: a text.");
    }

    @Test
    void moreOutlinesThanAreShownAreTold() {
        StringBuilder many = new StringBuilder();
        for (int i = 0; i < 63; i++) {
            many.append("<rect x='").append(20 * (i % 20)).append("' width='15' height='15'/>");
        }
        Drawing drawing = svg(many.toString());
        assertThat(drawing.outlines()).hasSize(60);
        assertThat(drawing.told()).singleElement().asString().startsWith("The drawing has 63 outlines; the 60 largest");
    }

    /** Lengths with units, shares, pages in pages, shifted and cropped views (W3C, SVG 2 §8): each is 100 by 50 mm. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "<rect width='25%' height='12.5%'/>",
                "<g transform='scale(.2645833333)'><rect width='100mm' height='5cm'/></g>",
                "<svg x='30' y='40' width='200' height='100' viewBox='0 0 20 10'><rect width='10' height='5'/></svg>",
                "<svg width='200' height='300' viewBox='0 0 20 10'><rect width='10' height='5'/></svg>",
                "<svg width='200' height='50' viewBox='0 0 20 10' preserveAspectRatio='none'><rect width='10' height='10'/></svg>",
                "<svg width='100' height='50' viewBox='0 0 10 50' preserveAspectRatio='xMidYMid slice'><rect width='10' height='5'/></svg>",
                "<defs><rect id='r' width='100' height='50'/></defs><use href='#r' x='7'/>",
                "<defs><symbol id='s' viewBox='0 0 10 5'><rect width='10' height='5'/></symbol></defs><use xlink:href='#s' width='100' height='50'/>",
                "<switch><foreignObject/><rect width='100' height='50'/></switch>",
                "<rect width='100' height='50'/><rect width='200' height='90' style='display: none'/>",
                "<style>.off, #gone { display:none }</style><rect width='100' height='50'/><rect class='a off' width='200' height='90'/><g id='gone'><circle r='80'/></g>",
                "<g visibility='hidden'><rect width='200' height='90'/><rect visibility='visible' width='100' height='50'/></g>"
            })
    void whateverItsDialectItIsTheSameRectangle(String inside) {
        Drawing drawing = svg(inside);
        assertThat(drawing.outlines()).hasSize(1);
        assertThat(box(drawing.outlines().get(0)).widthMm()).isCloseTo(100, within(0.01));
        assertThat(box(drawing.outlines().get(0)).heightMm()).isCloseTo(50, within(0.01));
    }

    @Test
    void hiddenThingsAreCounted() {
        assertThat(
                        svg("<rect width='100' height='50'/><g display='none'><rect width='9' height='9'/><circle r='50'/></g>")
                                .told())
                .containsExactly("Left out: 2 hidden shapes.");
        assertThat(svg("<rect width='100' height='50'/><use href='other.svg#a'/><image/>")
                        .told())
                .containsExactly("Left out: a copy of something that is not in the file, a picture.");
        assertThat(svg("<rect width='100' height='50'/><path id='torn' d='M 0 0 L 1'/>")
                        .told())
                .containsExactly("“torn” was left out. Its line cannot be read; save the drawing anew as plain SVG.");
    }

    @Test
    void copiesWithoutEndAreRefused() {
        assertThatThrownBy(() -> svg("<g id='a'><use href='#a'/></g>"))
                .hasMessageContaining("more parts than any panel");
        StringBuilder tree = new StringBuilder("<defs><rect id='x0' width='9' height='9'/>");
        for (int i = 1; i < 30; i++) {
            tree.append("<g id='x" + i + "'>" + ("<use href='#x" + (i - 1) + "'/>").repeat(10) + "</g>");
        }
        assertThatThrownBy(() -> svg(tree + "</defs><use href='#x29'/>"))
                .hasMessageContaining("more parts than any panel");
    }

    @Test
    void namesAreWhatAPersonGave() {
        Drawing drawing = svg(
                "<g id='layer1' xmlns:draw='http://example.org/draw' draw:label='Sleeve'><rect width='100' height='50'/></g>"
                        + "<path d='M0 0h50v50h-50z'><title>pocket</title></path><path id='CUT' d='M0 0h40v40h-40z'/><path id='cut' d='M0 0h30v30h-30z'/>"
                        + "<path d='M0 0h20v20h-20z'/>");
        assertThat(drawing.outlines())
                .extracting(FoundOutline::name)
                .containsExactly("Sleeve", "pocket", "CUT", "cut 2", "outline 5");
    }

    /** A disc as large as a button by the formula: flattening takes less than a fifth of a hundredth of it. */
    @Test
    void aSmallDiscIsAsLargeAsItIs() {
        FoundOutline disc = svg("<circle cx='50' cy='50' r='6'/>").outlines().get(0);
        assertThat(area(disc)).isCloseTo(Math.PI * 36, within(0.002 * Math.PI * 36));
        FoundOutline round = entities("0 CIRCLE 10 0 20 0 40 6").outlines().get(0);
        assertThat(area(round)).isCloseTo(Math.PI * 36, within(0.002 * Math.PI * 36));
    }

    /** Halves, three quarters and turned arcs of a circle and an ellipse: π·a·b (the arc's own formula, W3C, SVG 2 §B.2). */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "M300 200A100 100 0 1 1 100 200A100 100 0 1 1 300 200z; 1",
                "M300 200A100 100 0 0 0 100 200A100 100 0 0 0 300 200z; 1",
                "m300 200a100 100 0 1 1 -100 -100a100 100 0 0 1 100 100z; 1",
                "M200 100A100 50 90 1 1 200 300A100 50 90 1 1 200 100z; 0.5",
                "M300 200A1 1 0 1 1 100 200A1 1 0 1 1 300 200z; 1"
            })
    void arcsAreRoundToTheLastHundredth(String d, double share) {
        FoundOutline round = svg("<path d='" + d + "'/>").outlines().get(0);
        double exact = Math.PI * 10_000 * share;
        // Flattened to 0.1 mm, which takes at most that much along the line.
        assertThat(area(round)).isBetween(exact - 0.1 * 630, exact + 0.5);
    }

    /** Smooth, quadratic, relative and upright steps, against their points written out in full (W3C, SVG 2 §9.3). */
    @Test
    void shortStepsOfAPathAreThoseWrittenInFull() {
        double one = area(svg("<path d='M50 150c0-60 40-100 100-100s100 40 100 100v50h-200z'/>")
                .outlines()
                .get(0));
        double full = area(svg("<path d='M50 150C50 90 90 50 150 50C210 50 250 90 250 150L250 200L50 200Z'/>")
                .outlines()
                .get(0));
        assertThat(one).isCloseTo(full, within(1e-3));
        double quad = area(
                svg("<path d='M50 150q50-80 100 0t100 0v50H50z'/>").outlines().get(0));
        double quadFull = area(svg("<path d='M50 150Q100 70 150 150Q200 230 250 150L250 200L50 200z'/>")
                .outlines()
                .get(0));
        assertThat(quad).isCloseTo(quadFull, within(1e-3));
    }

    @Test
    void aWrongUnitIsNoDeadEnd() {
        String inch = "0 SECTION 2 ENTITIES 0 CIRCLE 10 0 20 0 40 2 0 ENDSEC";
        assertThatThrownBy(() -> dxf(null, inch))
                .hasMessageContaining("no closed outline of 1 cm² or more")
                .hasMessageContaining("say below what one unit")
                .hasMessageContaining(Wording.of("A closed line of 4.0 mm × 4.0 mm is smaller"));
        Drawing drawing = dxf(DrawingUnit.INCH, inch);
        assertThat(box(drawing.outlines().get(0)).widthMm()).isCloseTo(4 * 25.4, within(1e-6));
        assertThat(drawing.told()).containsExactly("One unit of the drawing is taken as an inch, as you said.");
        assertThatThrownBy(() -> dxf(DrawingUnit.YARD, "0 SECTION 2 ENTITIES", square("0", 0, 100), "0 ENDSEC"))
                .hasMessageContaining(Wording.of("It would be 91 m by 91 m. Say below what one unit"));
    }

    @ParameterizedTest
    @EnumSource(DrawingUnit.class)
    void everyUnitScalesAnSvg(DrawingUnit unit) {
        double side = 100 / unit.mm();
        String drawing = Wording.fill(
                "<svg xmlns='http://www.w3.org/2000/svg' width='9mm' viewBox='0 0 %f %f'><path d='M0 0h%f v%f h-%f z'/></svg>",
                3 * side, 3 * side, side, side, side);
        FoundOutline square =
                read(drawing.getBytes(StandardCharsets.UTF_8), unit).outlines().get(0);
        assertThat(box(square).widthMm()).isCloseTo(100, within(0.01));
    }

    /** Codes of $INSUNITS (published DXF reference, from memory). */
    @ParameterizedTest
    @CsvSource({"1,25.4", "2,304.8", "4,1", "5,10", "6,1000", "9,0.0254", "10,914.4", "13,0.001", "14,100"})
    void everyUnitOfADxfIsHonoured(int code, double mm) {
        Drawing drawing = dxf(
                null,
                "0 SECTION 2 HEADER 9 $INSUNITS 70 " + code + " 0 ENDSEC 0 SECTION 2 ENTITIES",
                square("0", 0, 100 / mm),
                "0 ENDSEC");
        assertThat(area(drawing.outlines().get(0))).isCloseTo(10_000, within(0.1));
        assertThat(drawing.told()).isEmpty();
    }

    /** π·a·b for the ellipse; a turned block, scaled, in rows. */
    @Test
    void ellipsesAndBlocksAreRead() {
        assertThat(area(entities("0 ELLIPSE 10 0 20 0 11 60 21 20 40 0.5")
                        .outlines()
                        .get(0)))
                .isCloseTo(Math.PI * 4000 * 0.5, within(0.01 * Math.PI * 2000));
        Drawing drawing = dxf(
                null,
                "0 SECTION 2 BLOCKS 0 BLOCK 2 FLAP 10 5 20 5",
                square("0", 0, 50),
                "0 ENDBLK 0 ENDSEC 0 SECTION 2 ENTITIES 0 INSERT 2 FLAP 10 100 20 0 41 2 50 30 70 2 71 1 44 300",
                "0 INSERT 2 MISSING 0 ENDSEC");
        assertThat(drawing.outlines()).extracting(FoundOutline::name).containsExactly("FLAP", "FLAP 2");
        assertThat(drawing.outlines()).allSatisfy(f -> assertThat(area(f)).isCloseTo(5000, within(0.01)));
        assertThat(drawing.told()).contains("Left out: a block that is not in the file.");
        assertThatThrownBy(
                        () -> dxf(
                                null,
                                "0 SECTION 2 BLOCKS 0 BLOCK 2 A 0 INSERT 2 A 0 ENDBLK 0 ENDSEC 0 SECTION 2 ENTITIES 0 INSERT 2 A 0 ENDSEC"))
                .hasMessageContaining("without end");
    }

    @Test
    void whatIsSwitchedOffIsLeftOutAndCounted() {
        Drawing drawing = dxf(
                null,
                "0 SECTION 2 TABLES 0 LAYER 2 OFF 62 -7 0 LAYER 2 COLD 70 1 0 LAYER 2 ON 62 7 0 ENDSEC 0 SECTION 2 ENTITIES",
                square("ON", 0, 50),
                square("off", 100, 60),
                square("COLD", 200, 70),
                square("ON", 300, 80) + " 60 1",
                square("ON", 400, 90) + " 67 1",
                "0 HATCH 8 ON 0 HATCH 8 ON 0 DIMENSION 8 ON 0 3DFACE 8 ON 0 ENDSEC");
        assertThat(drawing.outlines())
                .singleElement()
                .satisfies(f -> assertThat(area(f)).isCloseTo(2500, within(1e-6)));
        assertThat(drawing.told())
                .contains(
                        "Left out: 3 things that are switched off, a thing on a sheet of paper, 2 hatchings, a dimension, a 3dface.");
    }

    @Test
    void loopsThatTouchStayApartAndDotsAreNothing() {
        Drawing drawing = entities(
                line(0, 0, 50, 0),
                line(50, 50, 50, 50),
                line(50, 0, 50, 50),
                line(50, 50, 0, 50),
                line(0, 50, 0, 0),
                line(50, 50, 100, 50),
                line(100, 100, 100, 50),
                line(100, 100, 50, 100),
                line(50, 100, 50, 50),
                line(0, 0, 50, 0),
                line(200, 0, 230, 40));
        assertThat(drawing.outlines())
                .hasSize(2)
                .allSatisfy(f -> assertThat(area(f)).isCloseTo(2500, within(1e-6)));
        assertThat(drawing.told())
                .contains(Wording.of("A line does not close and was left out: 50.0 mm are missing between its ends."));
    }

    /** A disc of 600 lines of half a millimetre, and one whose ends miss each other by a little: area of the polygon. */
    @Test
    void shortLinesStayLines() {
        StringBuilder disc = new StringBuilder();
        for (int i = 0; i < 600; i++) {
            double a = 2 * Math.PI * i / 600;
            double b = 2 * Math.PI * (i + 0.98) / 600;
            disc.append(line(45 * Math.cos(a), 45 * Math.sin(a), 45 * Math.cos(b), 45 * Math.sin(b)))
                    .append(' ');
        }
        assertThat(area(entities(disc.toString()).outlines().get(0)))
                .isCloseTo(Math.PI * 45 * 45, within(0.002 * Math.PI * 45 * 45));
    }

    private static String line(double x, double y, double u, double v) {
        return Wording.fill("0 LINE 8 0 10 %f 20 %f 11 %f 21 %f", x, y, u, v);
    }

    @Test
    void oneSplineThatCannotBeReadLeavesTheOthers() {
        Drawing drawing = entities(square("0", 0, 50), "0 SPLINE 8 S 71 3 40 0 40 1 10 0 20 0");
        assertThat(drawing.outlines()).hasSize(1);
        assertThat(drawing.told())
                .contains(
                        "“spline on layer S” was left out. It is a spline that cannot be read; save it as polylines.");
    }

    /** A converter that ships with Debian leaves a plotter's words among the pairs. */
    @Test
    void linesOfAnotherFormatArePassedOverAndTold() {
        Drawing drawing = entities("LT2,0.1017; 999 found " + square("0", 0, 50), "LT1; " + square("0", 90, 60));
        assertThat(drawing.outlines()).hasSize(2);
        assertThat(drawing.told())
                .contains("2 lines of the file are no DXF and were passed over: look whether all is there.");
    }

    /** A rational curve of degree two with weights 1, √½, 1 is a quarter of a circle (common practice, no source). */
    @Test
    void weightsBendAQuarterCircle() {
        Drawing drawing = entities(
                "0 SPLINE 8 Q 71 2 40 0 40 0 40 0 40 1 40 1 40 1 41 1 41 0.70710678118 41 1 10 100 20 0 10 100 20 100 10 0 20 100",
                "0 LINE 8 Q 10 0 20 100 11 0 21 0 0 LINE 8 Q 10 0 20 0 11 100 21 0");
        assertThat(area(drawing.outlines().get(0))).isCloseTo(Math.PI * 2500, within(0.002 * Math.PI * 2500));
    }

    @Test
    void whatIsTurnedOverIsMirrored() {
        FoundOutline one = entities("0 LWPOLYLINE 8 0 70 1 10 0 20 0 10 80 20 0 10 80 20 30 10 0 20 60 230 -1")
                .outlines()
                .get(0);
        // Mirrored, the higher side is the right one.
        assertThat(one.outline().ring().points())
                .anySatisfy(p -> assertThat(p.x() + p.y()).isCloseTo(140, within(1e-6)));
    }

    @Test
    void aLayersManyOutlinesAreCalledAfterTheirTexts() {
        Drawing drawing = entities(
                square("CUT", 0, 60),
                square("CUT", 100, 50),
                square("CUT", 200, 40),
                "0 TEXT 8 TEXT 10 20 20 20 1 yoke 0 TEXT 8 TEXT 10 120 20 20 1 cuff");
        assertThat(drawing.outlines()).extracting(FoundOutline::name).containsExactly("yoke cut", "cuff cut", "CUT");
        assertThat(drawing.outlines()).extracting(FoundOutline::group).containsOnly("CUT");
    }

    @ParameterizedTest
    @CsvSource({
        "%PDF-1.7 x, This is a PDF",
        "%!PS-Adobe-3.0, This is PostScript",
        "AC1027 and more, This is a DWG",
        "AutoCAD Binary DXF, binary DXF",
        "{\"a\": 1}, a file of data",
        "GIF89a, This is a picture",
        "<html/>, it begins with <html>",
        "hello world, neither an SVG nor an ASCII DXF"
    })
    void filesAreToldForWhatTheyAre(String head, String told) {
        assertThatThrownBy(() -> read(head.getBytes(StandardCharsets.UTF_8), null))
                .hasMessageContaining(told);
    }

    @Test
    void picturesAndPackedFoldersAreToldByTheirBytes() {
        assertThatThrownBy(() -> read(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10}, null))
                .hasMessageContaining("This is a picture");
        assertThatThrownBy(() -> read(new byte[] {(byte) 0xff, (byte) 0xd8, (byte) 0xff, (byte) 0xe0}, null))
                .hasMessageContaining("This is a picture");
        assertThatThrownBy(() -> read(new byte[] {'P', 'K', 3, 4, 0, 0}, null)).hasMessageContaining("packed folder");
        assertThatThrownBy(() -> read(new byte[] {1, 2, 3, 4, 0, 0}, null)).hasMessageContaining("neither an SVG nor");
    }

    /** Packed SVG, two bytes a letter, Latin letters of old programs, entities in a document type: all are read. */
    @Test
    void packingAndLettersDoNotMatter() throws IOException {
        String plain = PAGE + "<rect id='a' width='100' height='50'/></svg>";
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (var gzip = new GZIPOutputStream(packed)) {
            gzip.write(plain.getBytes(StandardCharsets.UTF_8));
        }
        assertThat(read(packed.toByteArray(), null).outlines()).hasSize(1);
        assertThat(read(("\ufeff" + plain).getBytes(StandardCharsets.UTF_16LE), null)
                        .outlines())
                .hasSize(1);
        String entity =
                "<!DOCTYPE svg [<!ENTITY ns 'http://www.w3.org/2000/svg'>]><svg xmlns='&ns;' width='9mm' height='9mm' viewBox='0 0 90 90'><rect width='900' height='900'/></svg>";
        assertThat(read(entity.getBytes(StandardCharsets.UTF_8), null).outlines())
                .hasSize(1);
        byte[] latin = ("0\nSECTION\n2\nENTITIES\n"
                        + square("\u00c4RMEL", 0, 50).replace(' ', '\n') + "\n0\nENDSEC\n")
                .getBytes(StandardCharsets.ISO_8859_1);
        assertThat(read(latin, null).outlines()).extracting(FoundOutline::name).isEqualTo(List.of("ÄRMEL"));
        assertThatThrownBy(() -> read(new byte[] {0x1f, (byte) 0x8b, 0, 0}, null))
                .hasMessageContaining("damaged");
    }
}
