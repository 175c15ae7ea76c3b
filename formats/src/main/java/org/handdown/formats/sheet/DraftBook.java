package org.handdown.formats.sheet;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.geometry.Box;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.measure.Length;
import org.handdown.measure.LengthText;
import org.handdown.measure.Origin;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.draft.Draft;
import org.handdown.pattern.draft.Drafts;

/**
 * All drafts in one picture and one list, for whoever wants to look at them as a cutter does: each drawn for a child of 1100 mm, an adult of
 * 1680 mm and a large adult of 1800 mm, stitch lines with notches and darts, to one scale.
 */
public final class DraftBook {
    private static final double GAP_MM = 60;
    private static final double NAME_MM = 120;
    private static final double BETWEEN_BODIES_MM = 240;
    /** Millimetres of cloth in one of the picture. */
    private static final double SCALE = 20;

    /** Height, chest, waist and hip of those it is drawn for, mm. */
    private record Body(String words, double height, double chest, double waist, double hip) {
        Wearer wearer() {
            Map<BodyMeasure, Wearer.Taken> taken = new EnumMap<>(BodyMeasure.class);
            Map.of(
                            BodyMeasure.HEIGHT, height,
                            BodyMeasure.CHEST, chest,
                            BodyMeasure.WAIST, waist,
                            BodyMeasure.HIP, hip)
                    .forEach((m, mm) -> taken.put(m, new Wearer.Taken(Length.ofMm(mm), "", Origin.TAPE)));
            return new Wearer(words, taken).proposing(List.of(BodyMeasure.values()));
        }
    }

    private static final List<Body> BODIES = List.of(
            new Body("child", 1100, 575, 540, 600),
            new Body("adult", 1680, 920, 740, 980),
            new Body("large adult", 1800, 1200, 1120, 1220));

    private DraftBook() {}

    /** The list: what each is, what it asks for, and its formula in a line. */
    public static String list() {
        StringBuilder text = new StringBuilder("""
                # All drafts
                Made by `./hand-down bench drafts`; a test holds it to be current. Each is drawn for a child of 1100 mm (chest 575, waist 540, hip 600), an adult of
                1680 mm (920, 740, 980) and a large adult of 1800 mm (1200, 1120, 1220), all other measures as proposed, from left to right. Solid: stitch lines; dots: notches;
                dashed: darts. Lengths in the formulas are in mm. Sew a toile of whatever is shaped before the good cloth is cut.

                ![All drafts in rows](drafts.svg)

                | draft | cloth | formula |
                | --- | --- | --- |
                """);
        for (Draft draft : Drafts.all()) {
            text.append(Wording.fill(
                    "| %s | %s | %s |%n", draft.words(), draft.cloth(), LengthText.unmarked(draft.formula())));
        }
        text.append("""

                Where lines that are sewn to each other meet, they run on within 5 degrees; corners that are meant stand here.

                | draft | at the ends of | why |
                | --- | --- | --- |
                """);
        for (Draft draft : Drafts.all()) {
            new TreeMap<>(draft.corners())
                    .forEach((seam, why) -> text.append(Wording.fill("| %s | %s | %s |%n", draft.words(), seam, why)));
        }
        return text.toString();
    }

    /** The picture, as SVG. */
    public static String picture() {
        StringBuilder body = new StringBuilder();
        double y = GAP_MM;
        double wide = 0;
        for (Draft draft : Drafts.all()) {
            List<Design> designs =
                    BODIES.stream().map(b -> draft.draw(b.wearer(), Map.of())).toList();
            double high = designs.stream()
                    .flatMap(d -> d.pieces().stream())
                    .mapToDouble(p -> box(p).heightMm())
                    .max()
                    .orElse(0);
            body.append(Wording.fill("<text x=\"0\" y=\"%.0f\">%s</text>%n", y + NAME_MM / 2, draft.words()));
            y += NAME_MM;
            double x = 0;
            for (Design design : designs) {
                for (Piece piece : design.pieces()) {
                    Box box = box(piece);
                    body.append(piece(piece, x - box.minX(), y + high + box.minY()));
                    x += box.widthMm() + GAP_MM;
                }
                x += BETWEEN_BODIES_MM;
            }
            wide = Math.max(wide, x);
            y += high + GAP_MM;
        }
        return Wording.fill(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.0f\" height=\"%.0f\" viewBox=\"-40 0 %.0f %.0f\">%n"
                        + "<style>text{font:80px sans-serif}path{fill:#f4efe6;stroke:#222;stroke-width:6}"
                        + ".dart{fill:none;stroke-dasharray:14 10;stroke-width:3}circle{fill:#a02c2c}</style>%n"
                        + "<rect x=\"-40\" width=\"100%%\" height=\"100%%\" fill=\"#fff\"/>%n%s</svg>%n",
                (wide + 80) / SCALE * 5, y / SCALE * 5, wide + 80, y, body);
    }

    private static Box box(Piece piece) {
        return piece.stitchLine().box();
    }

    private static String piece(Piece piece, double dx, double dy) {
        StringBuilder d = new StringBuilder();
        for (Edge edge : piece.stitchLine().edges()) {
            line(d, edge.flattened(0.5), dx, dy);
        }
        StringBuilder drawn = new StringBuilder(Wording.fill("<path d=\"%sZ\"/>%n", d));
        for (Mark mark : piece.marks()) {
            if (mark.kind() == Mark.Kind.DART) {
                StringBuilder legs = new StringBuilder();
                line(legs, mark.points(), dx, dy);
                drawn.append(Wording.fill("<path class=\"dart\" d=\"%s\"/>%n", legs));
            }
        }
        for (Piece.Notch notch : piece.notches()) {
            drawn.append(Wording.fill(
                    "<circle cx=\"%.1f\" cy=\"%.1f\" r=\"9\"/>%n",
                    notch.at().x() + dx, dy - notch.at().y()));
        }
        return drawn.toString();
    }

    private static void line(StringBuilder d, List<Point> points, double dx, double dy) {
        for (Point p : points) {
            d.append(Wording.fill("%s%.1f %.1f", d.isEmpty() ? "M" : "L", p.x() + dx, dy - p.y()));
        }
    }
}
