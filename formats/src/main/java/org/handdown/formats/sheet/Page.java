package org.handdown.formats.sheet;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.handdown.geometry.Point;

/** One page of a PDF, drawn in mm from the lower left corner; the only place that knows printer's points. */
final class Page implements AutoCloseable {
    private static final float POINTS_PER_MM = 72f / 25.4f;

    private final PDPageContentStream content;
    private final Letters letters;

    /** How a line looks. */
    enum Stroke {
        CUT(0.5f, 0, new float[] {}),
        STITCH(0.25f, 0.35f, new float[] {2.5f, 1.5f}),
        CLOTH(0.3f, 0.45f, new float[] {}),
        GUIDE(0.15f, 0.6f, new float[] {0.6f, 1.2f}),
        KEPT(1.2f, 0.25f, new float[] {1.4f, 0.8f});

        private final float widthMm;
        private final float grey;
        private final float[] dashMm;

        Stroke(float widthMm, float grey, float[] dashMm) {
            this.widthMm = widthMm;
            this.grey = grey;
            this.dashMm = dashMm;
        }
    }

    Page(PDDocument document, Paper paper, Letters letters) {
        PDPage page = new PDPage(new PDRectangle(points(paper.widthMm()), points(paper.heightMm())));
        document.addPage(page);
        this.letters = letters;
        try {
            content = new PDPageContentStream(document, page);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A drawing step that may fail to write. */
    private interface Step {
        void draw() throws IOException;
    }

    private static void run(Step step) {
        try {
            step.draw();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static float points(double mm) {
        return (float) mm * POINTS_PER_MM;
    }

    void text(double x, double y, double sizeMm, boolean bold, String text) {
        run(() -> {
            content.beginText();
            content.newLineAtOffset(points(x), points(y));
            for (Letters.Run run : letters.runs(text, bold)) {
                content.setFont(run.font(), points(sizeMm));
                content.showText(run.text());
            }
            content.endText();
        });
    }

    /** Width of a text in mm. */
    double widthMm(double sizeMm, boolean bold, String text) {
        try {
            double wide = 0;
            for (Letters.Run run : letters.runs(text, bold)) {
                wide += run.font().getStringWidth(run.text()) / 1000 * sizeMm;
            }
            return wide;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A text in lines that are no wider than the room, mm; a word that is wider by itself stands alone. */
    List<String> wrapped(double sizeMm, boolean bold, String text, double room) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && widthMm(sizeMm, bold, longer) > room) {
                lines.add(line.toString());
                line = new StringBuilder(word);
            } else {
                line = new StringBuilder(longer);
            }
        }
        lines.add(line.toString());
        return lines;
    }

    void line(List<Point> line, boolean closed, Stroke stroke) {
        run(() -> {
            content.saveGraphicsState();
            content.setLineWidth(points(stroke.widthMm));
            content.setStrokingColor(stroke.grey);
            float[] dash = new float[stroke.dashMm.length];
            for (int i = 0; i < dash.length; i++) {
                dash[i] = points(stroke.dashMm[i]);
            }
            content.setLineDashPattern(dash, 0);
            trace(line);
            if (closed) {
                content.closePath();
            }
            content.stroke();
            content.restoreGraphicsState();
        });
    }

    void fill(List<Point> ring, float grey) {
        run(() -> {
            content.saveGraphicsState();
            content.setNonStrokingColor(grey);
            trace(ring);
            content.fill();
            content.restoreGraphicsState();
        });
    }

    private void trace(List<Point> line) throws IOException {
        content.moveTo(points(line.get(0).x()), points(line.get(0).y()));
        for (Point p : line.subList(1, line.size())) {
            content.lineTo(points(p.x()), points(p.y()));
        }
    }

    /** From here on nothing is drawn outside the rectangle, until {@link #unclip()}. */
    void clip(double x, double y, double width, double height) {
        run(() -> {
            content.saveGraphicsState();
            content.addRect(points(x), points(y), points(width), points(height));
            content.clip();
        });
    }

    void unclip() {
        run(content::restoreGraphicsState);
    }

    /** An arrow with a small head at its end. */
    void arrow(Point from, Point to, Stroke stroke) {
        line(List.of(from, to), false, stroke);
        double way = to.minus(from).directionDeg();
        line(
                List.of(
                        to.plus(Point.unit(way + 155).times(3)),
                        to,
                        to.plus(Point.unit(way - 155).times(3))),
                false,
                stroke);
    }

    @Override
    public void close() {
        run(content::close);
    }
}
