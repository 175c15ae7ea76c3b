package org.handdown.formats.outline;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.apache.batik.parser.AWTPathProducer;
import org.apache.batik.parser.AWTTransformProducer;
import org.apache.batik.parser.ParseException;
import org.handdown.geometry.Point;
import org.handdown.geometry.Segment;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.jspecify.annotations.Nullable;

/**
 * Closed shapes of an SVG drawing as outlines. Units of width and height and the viewBox are honoured, and so are transforms; text,
 * pictures, scripts and whatever lies outside the file are never touched. Numbers are read in single precision.
 */
public final class SvgOutlines {
    public static final int LARGEST_BYTES = 4_000_000;

    private static final int MOST_ELEMENTS = 20_000;
    private static final int MOST_SEGMENTS = 60_000;
    private static final int MOST_OUTLINES = 60;
    private static final int DEEPEST = 200;
    private static final double MM_A_PIXEL = 25.4 / 96;
    /** Their content is not drawn where it stands. */
    private static final Set<String> NOT_DRAWN =
            Set.of("defs", "symbol", "clipPath", "mask", "pattern", "marker", "metadata", "style", "script", "filter");

    private final List<FoundOutline> found = new ArrayList<>();
    private final List<String> told = new ArrayList<>();
    private int segmentCount;
    private @Nullable RefusedValueException firstRefusal;

    private SvgOutlines() {}

    /**
     * All closed outlines, largest first.
     *
     * @throws RefusedValueException for what is no SVG, is too large, or holds no closed outline
     */
    public static List<FoundOutline> read(byte[] svg) {
        if (svg.length > LARGEST_BYTES) {
            throw new RefusedValueException("file", "The drawing is larger than 4 MB; save the outline alone.");
        }
        return new SvgOutlines().all(svg);
    }

    private List<FoundOutline> all(byte[] svg) {
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        // Nothing outside the file is ever read, and nothing in it may be defined to grow.
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        try {
            XMLStreamReader xml = factory.createXMLStreamReader(new ByteArrayInputStream(svg));
            walk(xml);
        } catch (XMLStreamException e) {
            throw new RefusedValueException("file", "This is no sound SVG drawing; save it anew as plain SVG.");
        }
        if (found.isEmpty()) {
            if (firstRefusal != null) {
                throw firstRefusal;
            }
            throw new RefusedValueException(
                    "file", "There is no closed outline in this drawing; close the path that is the cloth's edge.");
        }
        found.sort((a, b) -> Double.compare(
                b.outline().flattened().ring().areaMm2(),
                a.outline().flattened().ring().areaMm2()));
        List<FoundOutline> first = new ArrayList<>();
        for (FoundOutline one : found.subList(0, Math.min(found.size(), MOST_OUTLINES))) {
            List<String> all = new ArrayList<>(one.told());
            all.addAll(told);
            first.add(new FoundOutline(one.name(), one.outline(), all));
        }
        return first;
    }

    private void walk(XMLStreamReader xml) throws XMLStreamException {
        Deque<AffineTransform> transforms = new ArrayDeque<>();
        int elements = 0;
        int hidden = 0;
        boolean isSvg = false;
        while (xml.hasNext()) {
            int event = xml.next();
            if (event == XMLStreamConstants.ENTITY_REFERENCE) {
                throw new RefusedValueException("file", "The drawing refers to entities; save it anew as plain SVG.");
            }
            if (event == XMLStreamConstants.START_ELEMENT) {
                String name = xml.getLocalName();
                if (++elements > MOST_ELEMENTS || transforms.size() > DEEPEST) {
                    throw new RefusedValueException(
                            "file", "The drawing has more parts than any panel; save the outline alone.");
                }
                if (hidden > 0 || NOT_DRAWN.contains(name) || isHidden(xml)) {
                    hidden++;
                    continue;
                }
                AffineTransform own =
                        new AffineTransform(transforms.isEmpty() ? new AffineTransform() : transforms.peek());
                if (!isSvg) {
                    if (!name.equals("svg")) {
                        throw new RefusedValueException(
                                "file", "This is no SVG drawing: it begins with <" + name + ">.");
                    }
                    isSvg = true;
                    own = page(xml);
                }
                own.concatenate(transform(xml.getAttributeValue(null, "transform")));
                transforms.push(own);
                if (name.equals("use") || name.equals("image") || name.equals("text")) {
                    tell("Copies, pictures and text in the drawing were left out.");
                }
                Shape shape = shape(xml, name);
                if (shape != null) {
                    take(shape, own, called(xml));
                }
            } else if (event == XMLStreamConstants.END_ELEMENT) {
                if (hidden > 0) {
                    hidden--;
                } else {
                    transforms.pop();
                }
            }
        }
    }

    private static boolean isHidden(XMLStreamReader xml) {
        String style = xml.getAttributeValue(null, "style");
        return "none".equals(xml.getAttributeValue(null, "display"))
                || style != null && style.replace(" ", "").contains("display:none");
    }

    private void tell(String sentence) {
        if (!told.contains(sentence)) {
            told.add(sentence);
        }
    }

    private String called(XMLStreamReader xml) {
        String id = xml.getAttributeValue(null, "id");
        return id == null || id.isBlank()
                ? "outline " + (found.size() + 1)
                : id.substring(0, Math.min(60, id.length()));
    }

    /** From user units to mm. */
    private AffineTransform page(XMLStreamReader xml) {
        String view = xml.getAttributeValue(null, "viewBox");
        Double wide = mm(xml.getAttributeValue(null, "width"));
        Double high = mm(xml.getAttributeValue(null, "height"));
        if (view == null) {
            tell("The drawing has no viewBox: a unit is taken as a pixel of 1/96 in.");
            return AffineTransform.getScaleInstance(MM_A_PIXEL, MM_A_PIXEL);
        }
        String[] box = view.strip().split("[\\s,]+");
        try {
            double w = Double.parseDouble(box[2]);
            double h = Double.parseDouble(box[3]);
            if (!(w > 0 && h > 0 && w < 1e9 && h < 1e9)) {
                throw new RefusedValueException("file", "The drawing's viewBox is empty; save it anew.");
            }
            if (wide == null && high == null) {
                tell("The drawing tells no size: a unit is taken as a pixel of 1/96 in.");
                return AffineTransform.getScaleInstance(MM_A_PIXEL, MM_A_PIXEL);
            }
            double scale =
                    Math.min(wide == null ? Double.MAX_VALUE : wide / w, high == null ? Double.MAX_VALUE : high / h);
            return AffineTransform.getScaleInstance(scale, scale);
        } catch (NumberFormatException | ArrayIndexOutOfBoundsException e) {
            throw new RefusedValueException(
                    "file", Wording.fill("The drawing's viewBox “%s” is not four numbers.", view));
        }
    }

    /** A length with its unit; null for none and for shares of a page that has no size. */
    private static @Nullable Double mm(@Nullable String length) {
        if (length == null || length.strip().endsWith("%")) {
            return null;
        }
        String text = length.strip().toLowerCase(Locale.ROOT);
        double factor = MM_A_PIXEL;
        for (Unit unit : Unit.values()) {
            if (text.endsWith(unit.name().toLowerCase(Locale.ROOT))) {
                factor = unit.mm;
                text = text.substring(0, text.length() - 2);
            }
        }
        try {
            double mm = Double.parseDouble(text.strip()) * factor;
            return mm > 0 && mm < 1e6 ? mm : null;
        } catch (NumberFormatException e) {
            return null;
        }
    }

    /** Units of SVG lengths (W3C, SVG 1.1 §4.2 and CSS: 96 pixels an inch). */
    private enum Unit {
        MM(1),
        CM(10),
        IN(25.4),
        PT(25.4 / 72),
        PC(25.4 / 6),
        PX(MM_A_PIXEL);

        private final double mm;

        Unit(double mm) {
            this.mm = mm;
        }
    }

    private static AffineTransform transform(@Nullable String text) {
        if (text == null || text.isBlank()) {
            return new AffineTransform();
        }
        try {
            return AWTTransformProducer.createAffineTransform(text);
        } catch (ParseException e) {
            throw new RefusedValueException(
                    "file", "A transform in the drawing cannot be read; save it anew as plain SVG.");
        }
    }

    private static @Nullable Shape shape(XMLStreamReader xml, String name) {
        try {
            return switch (name) {
                case "path" -> path(xml.getAttributeValue(null, "d"));
                case "polygon" -> {
                    String points = xml.getAttributeValue(null, "points");
                    yield points == null || points.isBlank() ? null : path("M " + points + " Z");
                }
                case "polyline" -> {
                    String points = xml.getAttributeValue(null, "points");
                    yield points == null || points.isBlank() ? null : path("M " + points);
                }
                case "rect" -> {
                    double rx = number(xml, "rx", number(xml, "ry", 0));
                    double ry = number(xml, "ry", rx);
                    double x = number(xml, "x", 0);
                    double y = number(xml, "y", 0);
                    double w = number(xml, "width", 0);
                    double h = number(xml, "height", 0);
                    yield rx > 0
                            ? new RoundRectangle2D.Double(x, y, w, h, 2 * rx, 2 * ry)
                            : new Rectangle2D.Double(x, y, w, h);
                }
                case "circle" -> {
                    double r = number(xml, "r", 0);
                    yield new Ellipse2D.Double(number(xml, "cx", 0) - r, number(xml, "cy", 0) - r, 2 * r, 2 * r);
                }
                case "ellipse" -> {
                    double rx = number(xml, "rx", 0);
                    double ry = number(xml, "ry", 0);
                    yield new Ellipse2D.Double(number(xml, "cx", 0) - rx, number(xml, "cy", 0) - ry, 2 * rx, 2 * ry);
                }
                default -> null;
            };
        } catch (ParseException | NumberFormatException e) {
            throw new RefusedValueException("file", "A path in the drawing cannot be read; save it anew as plain SVG.");
        }
    }

    private static @Nullable Shape path(@Nullable String d) {
        if (d == null || d.isBlank()) {
            return null;
        }
        try {
            return AWTPathProducer.createShape(new StringReader(d), PathIterator.WIND_NON_ZERO);
        } catch (IOException e) {
            throw new UncheckedIOException("A text in memory is always read.", e);
        }
    }

    private static double number(XMLStreamReader xml, String attribute, double otherwise) {
        String text = xml.getAttributeValue(null, attribute);
        return text == null || text.isBlank()
                ? otherwise
                : Double.parseDouble(text.strip().replaceFirst("px$", ""));
    }

    private void take(Shape shape, AffineTransform toMm, String name) {
        OutlineBuilder run = new OutlineBuilder();
        double[] c = new double[6];
        Point at = new Point(0, 0);
        Point start = at;
        for (PathIterator i = shape.getPathIterator(toMm); !i.isDone(); i.next()) {
            if (++segmentCount > MOST_SEGMENTS) {
                throw new RefusedValueException(
                        "file",
                        "The drawing has more than 60 000 points; simplify the path or save the outline alone.");
            }
            switch (i.currentSegment(c)) {
                case PathIterator.SEG_MOVETO -> {
                    finish(run, name);
                    run = new OutlineBuilder();
                    at = up(c, 0);
                    start = at;
                }
                case PathIterator.SEG_LINETO -> {
                    Point to = up(c, 0);
                    run.add(new Segment.Line(at, to));
                    at = to;
                }
                case PathIterator.SEG_QUADTO -> {
                    Point handle = up(c, 0);
                    Point to = up(c, 2);
                    run.add(new Segment.Cubic(at, at.toward(handle, 2.0 / 3), to.toward(handle, 2.0 / 3), to));
                    at = to;
                }
                case PathIterator.SEG_CUBICTO -> {
                    Point to = up(c, 4);
                    run.add(new Segment.Cubic(at, up(c, 0), up(c, 2), to));
                    at = to;
                }
                default -> {
                    run.add(new Segment.Line(at, start));
                    at = start;
                }
            }
        }
        finish(run, name);
    }

    private static Point up(double[] c, int i) {
        if (!(Math.abs(c[i]) < 1e7 && Math.abs(c[i + 1]) < 1e7)) {
            throw new RefusedValueException("file", "A point of the drawing lies kilometres away; save it anew.");
        }
        return new Point(c[i], -c[i + 1]);
    }

    private void finish(OutlineBuilder run, String name) {
        if (!run.isClosed() || run.isTooSmall()) {
            return;
        }
        try {
            found.add(run.build(name));
        } catch (RefusedValueException e) {
            // Another outline of the drawing may be sound; this one's reason is told if none is.
            firstRefusal = firstRefusal == null ? e : firstRefusal;
        }
    }
}
