package org.handdown.bench;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.handdown.formats.JsonField;
import org.handdown.formats.outline.DrawingFile;
import org.handdown.formats.outline.OutlineFile;
import org.handdown.formats.photo.PlaneView;
import org.handdown.formats.project.OutlineJson;
import org.handdown.geometry.Box;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.panel.survey.ReadyShape;
import org.handdown.panel.survey.ShapeByMeasures;
import org.handdown.panel.survey.SimulatedTape;
import org.handdown.panel.survey.TapeLine;
import org.handdown.panel.survey.TwoPins;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealVector;

/** Pins, shapes and files, and areas and homographies against other ways of working them out. */
final class SurveyFigures {
    private static final int SURVEYS = 100;
    private static final int POINTS = 30;
    private static final int SETS = 200;

    private static final ObjectMapper JSON = new ObjectMapper();

    private SurveyFigures() {}

    static void print(Figures out) {
        pins(out);
        shapes(out);
        files(out);
        references(out);
    }

    private static void pins(Figures out) {
        int good = 0;
        for (int seed = 0; seed < SURVEYS; seed++) {
            SimulatedTape tape = new SimulatedTape(new Random(seed), 2, POINTS);
            double truth = new Ring(tape.truth()).areaMm2();
            double area = tape.pins(-1, 0, false).outline().ring().areaMm2();
            good += Math.abs(area / truth - 1) < 0.005 ? 1 : 0;
        }
        out.atLeast("two pins, area within 0.5 % of truth, of 100 surveys", good, "", 95);
        out.atLeast("two pins, 30 mm blunder named, neighbours taped, of 100", named(false), "", 95);
        out.atLeast("two pins, 30 mm blunder named, every second point taped too, of 100", named(true), "", 95);
    }

    private static int named(boolean secondNext) {
        int named = 0;
        for (int seed = 0; seed < SURVEYS; seed++) {
            Random chance = new Random(1000 + seed);
            int blunder = chance.nextInt(3 * POINTS);
            TwoPins survey = new SimulatedTape(chance, 2, POINTS).pins(blunder, seed % 2 == 0 ? 30 : -30, secondNext);
            String point = Wording.fill("point %d ", blunder / 3 + 1);
            String next = Wording.fill("point %d ", (blunder / 3 + 1) % POINTS + 1);
            boolean right = survey.adjustment()
                    .blunder()
                    .map(b -> b.what() + " ")
                    .filter(w -> w.contains(point) || blunder % 3 == 2 && w.contains(next))
                    .isPresent();
            named += right ? 1 : 0;
        }
        return named;
    }

    private static void shapes(Figures out) {
        double worst = 0;
        int drawn = 0;
        int refused = 0;
        for (ReadyShape shape : ReadyShape.values()) {
            Random chance = new Random(7 + shape.ordinal());
            for (int n = 0, tries = 0; n < SETS && tries < 20 * SETS; tries++) {
                Map<String, Double> given = new LinkedHashMap<>();
                double size = 0.75 + 0.5 * chance.nextDouble();
                for (ReadyShape.Measure m : shape.measures()) {
                    double value = m.kind() == ReadyShape.Kind.COUNT
                            ? Math.rint(Math.max(m.least(), m.first() * (0.6 + 0.8 * chance.nextDouble())))
                            : m.first() * size * (0.94 + 0.12 * chance.nextDouble());
                    if (m.kind() != ReadyShape.Kind.CHECK) {
                        given.put(m.id(), Math.max(m.least(), Math.min(m.most(), value)));
                    }
                }
                try {
                    Map<String, TapeLine> tapes = new ShapeByMeasures(shape, given).tapes();
                    for (Map.Entry<String, TapeLine> tape : tapes.entrySet()) {
                        Double value = given.get(tape.getKey());
                        if (value != null) {
                            worst = Math.max(worst, Math.abs(tape.getValue().mm() - value));
                        }
                    }
                    drawn++;
                    n++;
                } catch (RefusedValueException e) {
                    refused++;
                }
            }
        }
        out.note(Wording.fill("%d sets drawn, %d refused as implausible", drawn, refused));
        out.atLeast("ready shapes, measure sets drawn", drawn, "", SETS * ReadyShape.values().length);
        out.atMost("ready shapes, worst measure taken again", worst, "mm", 0.5);
    }

    private static void files(Figures out) {
        double svg = 0;
        double dxf = 0;
        double json = 0;
        for (ReadyShape shape : ReadyShape.values()) {
            Outline outline = PhotoScenes.usual(shape, 1);
            svg = Math.max(
                    svg,
                    apartMm(
                            outline,
                            DrawingFile.read(bytes(OutlineFile.svg("panel", outline)), null)
                                    .outlines()
                                    .get(0)
                                    .outline()));
            dxf = Math.max(
                    dxf,
                    apartMm(
                            outline,
                            DrawingFile.read(bytes(OutlineFile.dxf(outline)), null)
                                    .outlines()
                                    .get(0)
                                    .outline()));
            try {
                json = Math.max(
                        json,
                        apartMm(
                                outline,
                                OutlineJson.read(JsonField.root(
                                        JSON.readTree(OutlineJson.write(outline).toString())))));
            } catch (JsonProcessingException e) {
                throw new IllegalStateException("A project's own outline is read.", e);
            }
        }
        out.atMost("outline to SVG and back, all shapes", svg, "mm", 0.1);
        out.atMost("outline to DXF and back, all shapes", dxf, "mm", 0.1);
        out.atMost("outline to JSON and back, all shapes", json, "mm", 0.1);
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

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

    /** Areas against the geometry of the Java platform, homographies against a plain solution of their eight equations. */
    private static void references(Figures out) {
        double worst = 0;
        for (ReadyShape shape : ReadyShape.values()) {
            Ring ring = PhotoScenes.usual(shape, 1).ring();
            worst = Math.max(worst, Math.abs(ring.areaMm2() / platformArea(ring) - 1));
        }
        out.atMost("areas against the java.awt.geom reference, relative", worst, "", 1e-6);
        double off = 0;
        Random chance = new Random(4);
        for (int i = 0; i < 100; i++) {
            double[][] seen = new double[4][];
            double[][] table = {{0, 0}, {210, 0}, {210, 297}, {0, 297}};
            for (int c = 0; c < 4; c++) {
                seen[c] = new double[] {
                    1500 + 3 * table[c][0] + 60 * chance.nextDouble(), 2200 - 3 * table[c][1] + 60 * chance.nextDouble()
                };
            }
            List<PlaneView.Sighting> known = new java.util.ArrayList<>();
            for (int c = 0; c < 4; c++) {
                known.add(new PlaneView.Sighting(seen[c][0], seen[c][1], table[c][0], table[c][1]));
            }
            PlaneView view = PlaneView.of(known, 4000, 3000);
            double[] h = eightEquations(seen, table);
            for (double[] p : new double[][] {{300, 300}, {2000, 1500}, {3700, 2700}}) {
                double w = h[6] * p[0] + h[7] * p[1] + 1;
                Point reference =
                        new Point((h[0] * p[0] + h[1] * p[1] + h[2]) / w, (h[3] * p[0] + h[4] * p[1] + h[5]) / w);
                off = Math.max(off, view.toTable(p[0], p[1]).distanceMm(reference));
            }
        }
        out.atMost("homographies against eight equations solved by Hipparchus, 100 views", off, "mm", 0.001);
    }

    /** Area by the platform's own region of the polygon, cut into level strips between its corners. */
    private static double platformArea(Ring ring) {
        java.awt.geom.Path2D path = new java.awt.geom.Path2D.Double();
        path.moveTo(ring.at(0).x(), ring.at(0).y());
        for (int i = 1; i < ring.size(); i++) {
            path.lineTo(ring.at(i).x(), ring.at(i).y());
        }
        path.closePath();
        double twice = 0;
        double[] c = new double[6];
        double[] start = new double[2];
        double[] at = new double[2];
        for (java.awt.geom.PathIterator i = new java.awt.geom.Area(path).getPathIterator(null); !i.isDone(); i.next()) {
            int kind = i.currentSegment(c);
            double[] to = kind == java.awt.geom.PathIterator.SEG_CLOSE ? start : new double[] {c[0], c[1]};
            if (kind == java.awt.geom.PathIterator.SEG_MOVETO) {
                start = to;
            } else {
                twice += at[0] * to[1] - at[1] * to[0];
            }
            at = to;
        }
        return Math.abs(twice) / 2;
    }

    private static double[] eightEquations(double[][] seen, double[][] table) {
        double[][] a = new double[8][8];
        double[] b = new double[8];
        for (int c = 0; c < 4; c++) {
            double x = seen[c][0];
            double y = seen[c][1];
            double u = table[c][0];
            double v = table[c][1];
            a[2 * c] = new double[] {x, y, 1, 0, 0, 0, -u * x, -u * y};
            a[2 * c + 1] = new double[] {0, 0, 0, x, y, 1, -v * x, -v * y};
            b[2 * c] = u;
            b[2 * c + 1] = v;
        }
        RealVector h =
                new LUDecomposition(new Array2DRowRealMatrix(a)).getSolver().solve(new ArrayRealVector(b));
        return h.toArray();
    }
}
