package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import org.handdown.fit.Motif;
import org.handdown.formats.JsonField;
import org.handdown.geometry.Point;
import org.handdown.panel.Flaw;
import org.handdown.panel.survey.Carried;
import org.handdown.panel.survey.ClothRepeat;
import org.handdown.panel.survey.Grain;
import org.handdown.panel.survey.Pressing;
import org.jspecify.annotations.Nullable;

/** What a panel's cloth carries as JSON; fields stand in it only where somebody told something. */
final class CarriedJson {
    private CarriedJson() {}

    static Carried read(JsonField f) {
        return f.refusingHere(() -> new Carried(
                f.get("flaws").list(z -> z.refusingHere(() -> flaw(z))),
                grain(f.get("grain")),
                f.get("pileDown").flag(false),
                f.get("alike").isPresent() ? (Boolean) f.get("alike").flag(false) : null,
                f.get("wrongSideUp").flag(false),
                f.get("layers").whole(1),
                f.get("repeats")
                        .list(r -> r.refusingHere(() -> new ClothRepeat(
                                r.get("name").name(),
                                r.get("across").flag(true),
                                r.get("periodMm").number(),
                                r.get("fromEdge").text(""),
                                r.get("firstMm").number(0),
                                r.get("matched").flag(false)))),
                f.get("motifs")
                        .list(m -> m.refusingHere(() ->
                                new Motif(m.get("name").name(), m.get("centre").point()))),
                f.get("pressings")
                        .list(p -> p.refusingHere(() -> new Pressing(
                                p.get("what").text(""),
                                p.get("direction").word(Pressing.Direction.class, Pressing.Direction.BOTH),
                                p.get("beforeMm").number(),
                                p.get("afterMm").number())))));
    }

    private static @Nullable Grain grain(JsonField f) {
        if (!f.isPresent()) {
            return null;
        }
        if (f.get("edge").isPresent()) {
            return new Grain.AlongEdge(f.get("edge").name());
        }
        Point from = f.get("from").point();
        Point to = f.get("to").point();
        return f.refusingHere(
                () -> f.get("directed").flag(false) ? new Grain.Directed(from, to) : new Grain.TwoPoints(from, to));
    }

    static Flaw flaw(JsonField f) {
        Flaw.Extent extent;
        if (f.get("outline").isPresent()) {
            extent = new Flaw.Around(f.get("outline").ring());
        } else if (f.get("from").isPresent()) {
            extent = new Flaw.Strip(
                    f.get("from").point(), f.get("to").point(), f.get("widthMm").number());
        } else {
            extent = new Flaw.Oval(
                    f.get("centre").point(),
                    f.get("widthMm").number(),
                    f.get("heightMm").number());
        }
        Flaw.Kind kind = f.get("kind").word(Flaw.Kind.class, Flaw.Kind.OTHER);
        return new Flaw(
                f.get("treatment").word(Flaw.Treatment.class),
                kind,
                f.get("what").text(""),
                extent,
                f.get("layers").whole(kind.layers()));
    }

    static void write(ObjectNode node, Carried carried) {
        ArrayNode flaws = node.putArray("flaws");
        carried.flaws().forEach(f -> write(flaws.addObject(), f));
        Grain grain = carried.grain();
        if (grain instanceof Grain.AlongEdge along) {
            node.putObject("grain").put("edge", along.edge());
        } else if (grain instanceof Grain.TwoPoints two) {
            points(node.putObject("grain"), two.from(), two.to());
        } else if (grain instanceof Grain.Directed way) {
            points(node.putObject("grain").put("directed", true), way.from(), way.to());
        }
        if (carried.pileDown()) {
            node.put("pileDown", true);
        }
        Boolean alike = carried.alike();
        if (alike != null) {
            node.put("alike", alike);
        }
        if (carried.wrongSideUp()) {
            node.put("wrongSideUp", true);
        }
        if (carried.layers() != 1) {
            node.put("layers", carried.layers());
        }
        each(
                node,
                "repeats",
                carried.repeats(),
                (o, r) -> o.put("name", r.name())
                        .put("across", r.across())
                        .put("periodMm", r.periodMm())
                        .put("fromEdge", r.edge())
                        .put("firstMm", r.firstMm())
                        .put("matched", r.matched()));
        each(
                node,
                "motifs",
                carried.motifs(),
                (o, m) -> o.put("name", m.name()).set("centre", OutlineJson.write(m.centre())));
        each(
                node,
                "pressings",
                carried.pressings(),
                (o, p) -> o.put("what", p.what())
                        .put("direction", Words.of(p.direction()))
                        .put("beforeMm", p.beforeMm())
                        .put("afterMm", p.afterMm()));
    }

    private static <T> void each(
            ObjectNode node, String name, List<T> all, java.util.function.BiConsumer<ObjectNode, T> write) {
        if (!all.isEmpty()) {
            ArrayNode list = node.putArray(name);
            all.forEach(one -> write.accept(list.addObject(), one));
        }
    }

    static void write(ObjectNode z, Flaw flaw) {
        z.put("treatment", Words.of(flaw.treatment()));
        if (flaw.kind() != Flaw.Kind.OTHER) {
            z.put("kind", Words.of(flaw.kind()));
        }
        z.put("what", flaw.what());
        if (flaw.layers() != flaw.kind().layers()) {
            z.put("layers", flaw.layers());
        }
        if (flaw.extent() instanceof Flaw.Oval oval) {
            z.set("centre", OutlineJson.write(oval.centre()));
            z.put("widthMm", oval.widthMm()).put("heightMm", oval.heightMm());
        } else if (flaw.extent() instanceof Flaw.Strip strip) {
            points(z, strip.from(), strip.to());
            z.put("widthMm", strip.widthMm());
        } else {
            ArrayNode outline = z.putArray("outline");
            flaw.outline().points().forEach(p -> outline.add(OutlineJson.write(p)));
        }
    }

    private static void points(ObjectNode node, Point from, Point to) {
        node.set("from", OutlineJson.write(from));
        node.set("to", OutlineJson.write(to));
    }
}
