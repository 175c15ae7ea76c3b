package org.handdown.formats.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.handdown.alter.stack.AlterationStack;
import org.handdown.alter.stack.Effect;
import org.handdown.alter.stack.GarmentNow;
import org.handdown.alter.stack.Spread;
import org.handdown.alter.stack.Taped;
import org.handdown.alter.stack.ToCut;
import org.handdown.assembly.Component;
import org.handdown.geometry.Box;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * The alteration sheet: the garment before and after, and for each change the garment as it then is, every line to cut, fold or chalk lettered on
 * it and told by distances that a tape can follow, with what is opened, sewn, checked, and where the cloth goes.
 */
public final class AlterationSheet {
    private static final double MARGIN_MM = 15;
    private static final double TEXT_MM = 3.4;
    private static final double LINE_MM = 5;
    private static final double DRAWN_MM = 70;
    private static final double LETTER_MM = 4;
    private static final double FINE_MM = 0.8;

    private final AlterationStack stack;
    private final Spread spread;
    private final String source;
    private final LengthUnit unit;
    private final Paper paper;

    public AlterationSheet(AlterationStack stack, Spread spread, String source, LengthUnit unit, Paper paper) {
        this.stack = stack;
        this.spread = spread;
        this.source = source;
        this.unit = unit;
        this.paper = paper;
    }

    public byte[] pdf() {
        try (Pdf pdf = new Pdf("Hand Down – changes to " + source, paper)) {
            first(pdf);
            Flow flow = new Flow(pdf);
            for (int i = 0; i < stack.steps().size(); i++) {
                step(flow, i + 1, stack.steps().get(i));
            }
            flow.close();
            return pdf.bytes();
        }
    }

    private void first(Pdf pdf) {
        try (Page page = pdf.page()) {
            double top = paper.heightMm() - MARGIN_MM - 6;
            page.text(MARGIN_MM, top, 7, true, "Changes to " + source);
            double wide = paper.widthMm() - 2 * MARGIN_MM;
            double high = (top - MARGIN_MM - 30) / 2;
            page.text(MARGIN_MM, top - 9, TEXT_MM, true, "As it is");
            draw(page, stack.start(), List.of(), new Frame(MARGIN_MM, top - 12 - high, wide, high));
            page.text(MARGIN_MM, top - 19 - high, TEXT_MM, true, "As it becomes");
            draw(page, stack.after(), List.of(), new Frame(MARGIN_MM, MARGIN_MM, wide, high));
        }
    }

    private void step(Flow flow, int number, AlterationStack.Step step) {
        flow.room(DRAWN_MM + 4 * LINE_MM);
        flow.heading(number + ". " + step.alteration().kind().words());
        Effect effect = step.effect();
        if (effect == null) {
            RefusedValueException refusal = Objects.requireNonNull(step.refusal());
            flow.say("It cannot be made as it is told: " + refusal.getMessage());
            return;
        }
        flow.drawing(step.before(), effect.cuts());
        for (int i = 0; i < effect.cuts().size(); i++) {
            line(flow, letter(i), step, effect.cuts().get(i));
        }
        effect.opens()
                .forEach(o -> flow.say(
                        o.mm() > 0 ? Wording.fill("Open: %s, %.0f mm.", o.name(), o.mm()) : "Open: " + o.name() + "."));
        effect.says().forEach(flow::say);
        effect.adds().forEach(c -> flow.say(cut(c)));
        effect.sews().forEach(s -> flow.say(Wording.fill("Sew: %s, %.0f mm.", s.name(), s.mm())));
        effect.offs().forEach(o -> flow.say("Comes off, put by: " + o.name() + "."));
        step.consequences().rings().stream()
                .filter(r -> r.isChanged() && r.beforeMm() > 0 && r.afterMm() > 0)
                .forEach(r -> flow.say(
                        Wording.fill("All round the %s: %.0f mm, then %.0f mm.", r.name(), r.beforeMm(), r.afterMm())));
        effect.asks().forEach(a -> flow.say("Check: " + a));
    }

    private static String cut(ToCut piece) {
        Box box = piece.outline().box();
        int lengths = piece.as().lengths();
        return Wording.fill(
                "Cut from cloth: %s%s, %.0f mm × %.0f mm and its seams.",
                piece.name(), lengths == 1 ? "" : ", " + lengths + " of them", box.widthMm(), box.heightMm());
    }

    private static void line(Flow flow, String letter, AlterationStack.Step step, Effect.CutLine cut) {
        Optional<Component> part = step.before().assembly().components().stream()
                .filter(c -> c.id().equals(cut.component()))
                .findFirst();
        String what = Wording.fill(
                "%s, on the %s: %s, %.0f mm.",
                letter,
                part.map(Component::name).orElse(Wording.spoken(cut.component())),
                cut.folded() ? "chalk, fold or sew along it" : "cut along it",
                cut.mm());
        flow.say(what
                + part.map(c -> " " + String.join(" ", Taped.told(c, cut.line())))
                        .orElse(""));
    }

    private static String letter(int i) {
        return i < 26 ? String.valueOf((char) ('A' + i)) : (char) ('A' + i % 26) + String.valueOf(i / 26);
    }

    private record Frame(double left, double below, double wide, double high) {}

    /** The garment spread out to fill a frame. */
    private void draw(Page page, GarmentNow garment, List<Effect.CutLine> cuts, Frame frame) {
        Map<String, Point> places = spread.places(garment);
        List<List<Point>> rings = new ArrayList<>();
        places.forEach((id, at) -> rings.add(moved(ring(garment.assembly().component(id)), at)));
        if (rings.isEmpty()) {
            return;
        }
        double minX = least(rings, true);
        double minY = least(rings, false);
        double wide = -least(rings.stream().map(AlterationSheet::turned).toList(), true) - minX;
        double high = -least(rings.stream().map(AlterationSheet::turned).toList(), false) - minY;
        double scale = Math.min(frame.wide / wide, (frame.high - LETTER_MM) / high);
        Point shift = new Point(frame.left - minX * scale, frame.below - minY * scale);
        rings.forEach(r -> page.line(scaled(r, scale, shift), true, Page.Stroke.CLOTH));
        for (int i = 0; i < cuts.size(); i++) {
            Effect.CutLine cut = cuts.get(i);
            Point at = spread.place(garment, cut.frame());
            if (at != null) {
                List<Point> line = scaled(moved(cut.line(), at), scale, shift);
                page.line(line, false, cut.folded() ? Page.Stroke.STITCH : Page.Stroke.CUT);
                // A cut and the fold beside it lie close: one is lettered at its start, the other at its end.
                Point end = line.get(cut.folded() ? line.size() - 1 : 0);
                page.text(end.x() + 1, end.y() + 0.8, LETTER_MM - 1, true, letter(i));
            }
        }
    }

    private static double least(List<List<Point>> rings, boolean across) {
        return rings.stream()
                .flatMap(List::stream)
                .mapToDouble(p -> across ? p.x() : p.y())
                .min()
                .orElse(0);
    }

    private static List<Point> turned(List<Point> ring) {
        return ring.stream().map(p -> p.times(-1)).toList();
    }

    private static List<Point> ring(Component c) {
        List<Point> ring = new ArrayList<>();
        for (Edge edge : c.outline().edges()) {
            ring.addAll(edge.flattened(FINE_MM));
        }
        return ring;
    }

    private static List<Point> moved(List<Point> line, Point at) {
        return line.stream().map(p -> p.plus(at)).toList();
    }

    private static List<Point> scaled(List<Point> line, double scale, Point shift) {
        return line.stream().map(p -> p.times(scale).plus(shift)).toList();
    }

    /** Text and drawings down one page after the other. */
    private final class Flow implements AutoCloseable {
        private final Pdf pdf;
        private Page page;
        private double y;

        Flow(Pdf pdf) {
            this.pdf = pdf;
            page = pdf.page();
            y = paper.heightMm() - MARGIN_MM - 6;
        }

        /** On a new page where so much is not left of this one. */
        void room(double mm) {
            if (y - mm < MARGIN_MM) {
                page.close();
                page = pdf.page();
                y = paper.heightMm() - MARGIN_MM - 6;
            }
        }

        void heading(String text) {
            y -= LINE_MM / 2;
            page.text(MARGIN_MM, y, 4.4, true, text);
            y -= LINE_MM;
        }

        void drawing(GarmentNow garment, List<Effect.CutLine> cuts) {
            room(DRAWN_MM);
            draw(page, garment, cuts, new Frame(MARGIN_MM, y - DRAWN_MM, paper.widthMm() - 2 * MARGIN_MM, DRAWN_MM));
            y -= DRAWN_MM + LINE_MM;
        }

        void say(String sentence) {
            String text = LengthText.inSentence(sentence, unit);
            for (String line : page.wrapped(TEXT_MM, false, text, paper.widthMm() - 2 * MARGIN_MM)) {
                room(LINE_MM);
                page.text(MARGIN_MM, y, TEXT_MM, false, line);
                y -= LINE_MM;
            }
        }

        @Override
        public void close() {
            page.close();
        }
    }
}
