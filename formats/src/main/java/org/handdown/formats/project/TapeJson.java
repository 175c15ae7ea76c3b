package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.HashMap;
import java.util.Map;
import org.handdown.formats.JsonField;
import org.handdown.panel.Flaw;
import org.handdown.panel.survey.Baseline;
import org.handdown.panel.survey.Doubled;
import org.handdown.panel.survey.DrawnOutline;
import org.handdown.panel.survey.FourSides;
import org.handdown.panel.survey.OutlineMethod;
import org.handdown.panel.survey.ReadyShape;
import org.handdown.panel.survey.ShapeByMeasures;
import org.handdown.panel.survey.TwoPins;

/** A panel measured on the cloth with a tape, as JSON. */
final class TapeJson {
    private TapeJson() {}

    static OutlineMethod read(JsonField f) {
        OutlineMethod method = measured(f);
        JsonField fold = f.get("fold");
        return fold.isPresent()
                ? fold.refusingHere(() -> new Doubled(
                        method,
                        fold.get("edge").text(""),
                        fold.get("opened").flag(false),
                        fold.get("crease").word(Flaw.Treatment.class)))
                : method;
    }

    private static OutlineMethod measured(JsonField f) {
        JsonField pins = f.get("pins");
        JsonField sides = f.get("sides");
        if (pins.isPresent()) {
            return pins.refusingHere(() -> new TwoPins(
                    pins.get("apartMm").number(),
                    pins.get("points").required().list(TapeJson::sighting),
                    pins.get("checks")
                            .list(c -> new TwoPins.Check(
                                    c.get("from").whole(-1),
                                    c.get("to").whole(-1),
                                    c.get("mm").number()))));
        }
        if (sides.isPresent()) {
            return sides.refusingHere(() -> new FourSides(
                    sides.get("lowerMm").number(),
                    sides.get("rightMm").number(),
                    sides.get("upperMm").number(),
                    sides.get("leftMm").number(),
                    sides.get("risingMm").number(),
                    sides.get("fallingMm").number(0)));
        }
        JsonField shape = f.get("shape");
        if (shape.isPresent()) {
            JsonField measures = f.get("measures");
            Map<String, Double> given = new HashMap<>();
            measures.names().forEach(id -> given.put(id, measures.get(id).number()));
            return f.refusingHere(() -> new ShapeByMeasures(shape.word(ReadyShape.class), given));
        }
        JsonField drawn = f.get("drawn");
        if (drawn.isPresent()) {
            JsonField proof = drawn.get("proof");
            return drawn.refusingHere(() -> new DrawnOutline(
                    drawn.get("means").word(DrawnOutline.Means.class),
                    drawn.get("from").text(""),
                    OutlineJson.read(drawn.get("outline")),
                    drawn.get("toleranceMm").number(),
                    proof.isPresent()
                            ? new DrawnOutline.Proof(
                                    proof.get("drawnMm").number(),
                                    proof.get("tapedMm").number())
                            : null));
        }
        JsonField line = f.get("baseline").required();
        return line.refusingHere(() -> new Baseline(line.get("points")
                .required()
                .list(p -> new Baseline.Offset(
                        p.get("alongMm").number(),
                        p.get("rightMm").number(),
                        p.get("corner").flag(true),
                        p.get("edge").text("")))));
    }

    private static TwoPins.Sighting sighting(JsonField p) {
        return new TwoPins.Sighting(
                p.get("fromFirstMm").number(),
                p.get("fromSecondMm").number(),
                p.get("side").word(TwoPins.Where.class),
                p.get("toNextMm").number(0),
                p.get("corner").flag(true),
                p.get("edge").text(""));
    }

    static ObjectNode write(ObjectNode node, OutlineMethod method) {
        if (method instanceof Doubled doubled) {
            write(node, doubled.measured())
                    .putObject("fold")
                    .put("edge", doubled.fold())
                    .put("opened", doubled.opened())
                    .put("crease", Words.of(doubled.crease()));
        } else if (method instanceof Baseline line) {
            ArrayNode points = node.putObject("baseline").putArray("points");
            line.points()
                    .forEach(p -> points.addObject()
                            .put("alongMm", p.alongMm())
                            .put("rightMm", p.rightMm())
                            .put("corner", p.corner())
                            .put("edge", p.edge()));
        } else if (method instanceof FourSides sides) {
            node.putObject("sides")
                    .put("lowerMm", sides.lowerMm())
                    .put("rightMm", sides.rightMm())
                    .put("upperMm", sides.upperMm())
                    .put("leftMm", sides.leftMm())
                    .put("risingMm", sides.risingMm())
                    .put("fallingMm", sides.fallingMm());
        } else if (method instanceof ShapeByMeasures shape) {
            node.put("shape", Words.of(shape.shape()));
            ObjectNode measures = node.putObject("measures");
            shape.measures().forEach(measures::put);
        } else if (method instanceof DrawnOutline drawn) {
            write(node.putObject("drawn"), drawn);
        } else if (method instanceof TwoPins pins) {
            ObjectNode p = node.putObject("pins").put("apartMm", pins.apartMm());
            ArrayNode points = p.putArray("points");
            pins.points()
                    .forEach(s -> points.addObject()
                            .put("fromFirstMm", s.fromFirstMm())
                            .put("fromSecondMm", s.fromSecondMm())
                            .put("side", Words.of(s.where()))
                            .put("toNextMm", s.toNextMm())
                            .put("corner", s.corner())
                            .put("edge", s.edge()));
            ArrayNode checks = p.putArray("checks");
            pins.checks()
                    .forEach(c -> checks.addObject()
                            .put("from", c.from())
                            .put("to", c.to())
                            .put("mm", c.mm()));
        }
        return node;
    }

    private static void write(ObjectNode node, DrawnOutline drawn) {
        node.put("means", Words.of(drawn.means())).put("from", drawn.from());
        node.set("outline", OutlineJson.write(drawn.outline()));
        node.put("toleranceMm", drawn.ownToleranceMm());
        DrawnOutline.Proof proof = drawn.proof();
        if (proof != null) {
            node.putObject("proof").put("drawnMm", proof.drawnMm()).put("tapedMm", proof.tapedMm());
        }
    }
}
