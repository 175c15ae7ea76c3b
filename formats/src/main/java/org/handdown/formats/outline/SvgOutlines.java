package org.handdown.formats.outline;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import org.apache.batik.parser.AWTTransformProducer;
import org.apache.batik.parser.ParseException;
import org.handdown.measure.RefusedValueException;
import org.jspecify.annotations.Nullable;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/**
 * Closed shapes of an SVG drawing as outlines. Units, view boxes, pages in pages, copies and transforms are honoured; what is hidden, and
 * text, pictures and whatever lies outside the file are left out, and told.
 */
final class SvgOutlines {
    private static final int MOST_ELEMENTS = 20_000;
    private static final int DEEPEST = 200;
    private static final String XLINK = "http://www.w3.org/1999/xlink";
    private static final Set<String> DRAWN = Set.of("path", "polygon", "polyline", "rect", "circle", "ellipse", "line");
    /** They hold what is drawn elsewhere or not at all, or only words about the drawing. */
    private static final Set<String> NOT_DRAWN = Set.of(
            "defs",
            "symbol",
            "clipPath",
            "mask",
            "pattern",
            "marker",
            "metadata",
            "style",
            "script",
            "filter",
            "title",
            "desc",
            "linearGradient",
            "radialGradient",
            "view",
            "font",
            "animate",
            "animateTransform",
            "set",
            "namedview",
            "cursor",
            "solidColor");

    /** Without these a page in a page has the size of the page round it. */
    private static final Set<String> GROUPS = Set.of("g", "a", "svg", "switch");

    private final OutlineGathering gathering = new OutlineGathering();
    private final Document document;
    private final SvgStyle style;
    private final Map<String, Element> byId = new HashMap<>();
    private int elements;

    private SvgOutlines(Document document) {
        this.document = document;
        this.style = new SvgStyle(document.getDocumentElement());
    }

    /**
     * All closed outlines.
     *
     * @param unit what one unit of the drawing is, null to believe it
     * @throws RefusedValueException for what is no SVG, is too large, or holds no closed outline
     */
    static Drawing read(byte[] svg, @Nullable DrawingUnit unit) {
        Document document = SvgDocument.parsed(svg);
        Element root = document.getDocumentElement();
        if (!"svg".equals(root.getLocalName())) {
            throw refused("This is no SVG drawing: it begins with <" + root.getTagName() + ">.");
        }
        return new SvgOutlines(document).all(root, unit);
    }

    private Drawing all(Element root, @Nullable DrawingUnit unit) {
        if (style.hasMore()) {
            gathering.tell(
                    "A style sheet hides parts of the drawing by rules that are not followed here: look at what is shown.");
        }
        SvgFrame page = new SvgPage(gathering).of(root, unit, transform(root));
        if (style.isGone(root)) {
            gathering.tell("The whole drawing is hidden; it is shown here all the same.");
        }
        children(root, page, 1);
        return gathering.drawing();
    }

    private void children(Node parent, SvgFrame frame, int depth) {
        if (depth > DEEPEST) {
            throw tooMuch();
        }
        for (Node n = parent.getFirstChild(); n != null; n = n.getNextSibling()) {
            if (n instanceof Element element) {
                element(element, frame, depth);
            }
        }
    }

    private void element(Element element, SvgFrame outer, int depth) {
        String kind = element.getLocalName();
        if (++elements > MOST_ELEMENTS) {
            throw tooMuch();
        }
        boolean foreign =
                element.getNamespaceURI() != null && !element.getNamespaceURI().endsWith("/svg");
        if (foreign || NOT_DRAWN.contains(kind)) {
            return;
        }
        if (style.isGone(element)) {
            hidden(element);
            return;
        }
        String layer = isGroup(kind) ? label(element) : "";
        SvgFrame frame = outer.moved(transform(element)).as(style.visible(element), layer);
        if (DRAWN.contains(kind)) {
            if (frame.visible()) {
                take(element, frame);
            } else {
                gathering.leaveOut("a hidden shape", "hidden shapes");
            }
            return;
        }
        switch (kind) {
            case "svg" -> inner(element, frame, element, depth);
            case "g", "a" -> children(element, frame, depth + 1);
            case "switch" -> choice(element, frame, depth);
            case "use" -> copy(element, frame, depth);
            case "text", "flowRoot", "tspan" -> gathering.leaveOut("a text", "texts");
            case "image" -> gathering.leaveOut("a picture", "pictures");
            case "foreignObject" -> gathering.leaveOut("a piece of another document", "pieces of other documents");
            default -> gathering.leaveOut("an element <" + kind + ">", "elements <" + kind + ">");
        }
    }

    private static boolean isGroup(String kind) {
        return GROUPS.contains(kind);
    }

    private void hidden(Element element) {
        if (DRAWN.contains(element.getLocalName()) || "use".equals(element.getLocalName())) {
            gathering.leaveOut("a hidden shape", "hidden shapes");
            return;
        }
        for (Node n = element.getFirstChild(); n != null; n = n.getNextSibling()) {
            if (n instanceof Element child
                    && ++elements <= MOST_ELEMENTS
                    && !NOT_DRAWN.contains(child.getLocalName())) {
                hidden(child);
            }
        }
    }

    /** Of a switch only the first that asks for nothing special is drawn. */
    private void choice(Element element, SvgFrame frame, int depth) {
        for (Node n = element.getFirstChild(); n != null; n = n.getNextSibling()) {
            if (n instanceof Element child
                    && !child.hasAttribute("requiredExtensions")
                    && !"foreignObject".equals(child.getLocalName())) {
                element(child, frame, depth + 1);
                return;
            }
        }
    }

    /** A page in a page, or a symbol that is copied. @param at what says where it is laid and how large it is */
    private void inner(Element element, SvgFrame frame, Element at, int depth) {
        SvgViewport page = frame.page();
        double w = SvgShapes.length(
                at, "width", page.width(), SvgShapes.length(element, "width", page.width(), page.width()));
        double h = SvgShapes.length(
                at, "height", page.height(), SvgShapes.length(element, "height", page.height(), page.height()));
        // A copy is moved by its own x and y already.
        double x = at.equals(element) ? SvgShapes.length(element, "x", page.width(), 0) : 0;
        double y = at.equals(element) ? SvgShapes.length(element, "y", page.height(), 0) : 0;
        if (w > 0 && h > 0) {
            children(element, frame.onto(SvgViewport.of(element, x, y, w, h)), depth + 1);
        }
    }

    private void copy(Element use, SvgFrame frame, int depth) {
        String link = use.getAttribute("href").isEmpty() ? use.getAttributeNS(XLINK, "href") : use.getAttribute("href");
        Element original = link.strip().startsWith("#") ? byId(link.strip().substring(1)) : null;
        if (original == null) {
            gathering.leaveOut(
                    "a copy of something that is not in the file", "copies of things that are not in the file");
            return;
        }
        SvgFrame moved = frame.moved(AffineTransform.getTranslateInstance(
                SvgShapes.length(use, "x", frame.page().width(), 0),
                SvgShapes.length(use, "y", frame.page().height(), 0)));
        if (depth + 1 > DEEPEST) {
            throw tooMuch();
        }
        String kind = original.getLocalName();
        if (kind.equals("symbol") || kind.equals("svg")) {
            inner(original, moved.moved(transform(original)), use, depth + 1);
        } else {
            element(original, moved, depth + 1);
        }
    }

    private @Nullable Element byId(String id) {
        if (byId.isEmpty()) {
            // Without a document type no attribute is known to be an id, so that the document itself cannot look one
            // up.
            var all = document.getElementsByTagName("*");
            for (int i = 0; i < all.getLength() && i < MOST_ELEMENTS; i++) {
                if (all.item(i) instanceof Element e) {
                    byId.putIfAbsent(e.getAttribute("id"), e);
                }
            }
        }
        return id.isEmpty() ? null : byId.get(id);
    }

    private static RefusedValueException tooMuch() {
        return refused("The drawing has more parts than any panel; save the outline alone.");
    }

    static RefusedValueException refused(String why) {
        return new RefusedValueException("file", why);
    }

    /** What a person called it; its id only where it is no machine's number. */
    private static String label(Element element) {
        for (Node n = element.getFirstChild(); n != null; n = n.getNextSibling()) {
            if (n instanceof Element child
                    && "title".equals(child.getLocalName())
                    && !child.getTextContent().isBlank()) {
                return child.getTextContent().strip();
            }
        }
        var attributes = element.getAttributes();
        for (int i = 0; i < attributes.getLength(); i++) {
            // Drawing programs keep a layer's name in a label of their own.
            if ("label".equals(attributes.item(i).getLocalName())) {
                return attributes.item(i).getNodeValue().strip();
            }
        }
        return element.getAttribute("id").strip();
    }

    private AffineTransform transform(Element element) {
        if (element.getAttribute("style").matches("(?s).*(^|;)\\s*transform\\s*:.*")) {
            gathering.tell("A style moves a part of the drawing; that is not followed here: look at where it lies.");
        }
        String text = element.getAttribute("transform");
        if (text.isBlank()) {
            return new AffineTransform();
        }
        try {
            return AWTTransformProducer.createAffineTransform(text);
        } catch (ParseException e) {
            throw refused("A transform in the drawing cannot be read; save it anew as plain SVG.");
        }
    }

    private void take(Element element, SvgFrame frame) {
        String name = label(element);
        if (!element.getAttribute("clip-path").isEmpty()
                || !element.getAttribute("mask").isEmpty()) {
            gathering.tell("A part of the drawing is shown through a window; its whole line was taken.");
        }
        Shape shape;
        try {
            shape = SvgShapes.of(element, frame.page());
        } catch (ParseException e) {
            gathering.leaveOut(
                    name.isEmpty() ? element.getLocalName() : name,
                    refused("Its line cannot be read; save the drawing anew as plain SVG."));
            return;
        }
        if (shape == null) {
            return;
        }
        new RunReader(gathering, name, frame).read(shape);
    }
}
