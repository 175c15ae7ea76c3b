package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.handdown.formats.Json;
import org.handdown.formats.JsonField;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.EdgeWish;
import org.handdown.pattern.InsertDraft;
import org.handdown.pattern.MotifSpot;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.Role;
import org.handdown.project.DraftOrder;
import org.handdown.project.LettingOut;
import org.handdown.project.PatternPieces;
import org.handdown.project.Project;
import org.handdown.project.TakingIn;
import org.handdown.reuse.Side;
import org.handdown.reuse.Want;

/** Pieces and wants entered by hand, and what is to be let out, as JSON. */
final class PieceJson {
    private PieceJson() {}

    static Project.Pieces read(JsonField f) {
        if (f.get("letOut").isPresent()) {
            return new LettingOut(AlterationJson.letOut(f.get("letOut")), AlterationJson.inserts(f.get("inserts")));
        }
        if (f.get("takeIn").isPresent()) {
            return new TakingIn(AlterationJson.takeIn(f.get("takeIn")));
        }
        if (f.get("draftedFrom").isPresent()) {
            return before(f.get("draftedFrom"));
        }
        return f.refusingHere(() -> new PatternPieces(
                f.get("drafts").list(d -> d.refusingHere(() -> order(d))),
                f.get("byHand").list(p -> p.refusingHere(() -> piece(p))),
                f.get("wants").list(w -> w.refusingHere(() -> want(w))),
                f.get("changes").list(ChangeJson::read)));
    }

    /** Files written before drafts had free dimensions say the dungarees' ease in the aim they were drafted from. */
    private static PatternPieces before(JsonField aim) {
        JsonField ease = aim.get("ease").required();
        Map<String, Double> choices = new HashMap<>();
        for (String id : List.of("hip", "aboveFloor", "seam", "hem")) {
            choices.put(id.equals("hip") ? "hipEase" : id, ease.get(id + "Mm").number());
        }
        return PatternPieces.NONE.withOrders(
                List.of(new DraftOrder(AimJson.read(aim).draft(), WearerJson.read(aim), choices)));
    }

    private static DraftOrder order(JsonField f) {
        Map<String, Double> choices = new HashMap<>();
        JsonField given = f.get("choices");
        given.names().forEach(id -> choices.put(id, given.get(id).number()));
        return new DraftOrder(
                f.get("draft").name(),
                WearerJson.read(f.get("from").required()),
                choices,
                f.get("cloth").isPresent() ? SourceJson.sheet(f.get("cloth")) : null);
    }

    private static ObjectNode write(DraftOrder order) {
        ObjectNode node = Json.MAPPER.createObjectNode().put("draft", order.draft());
        WearerJson.write(node.putObject("from"), order.from());
        ObjectNode choices = node.putObject("choices");
        new TreeMap<>(order.choices()).forEach(choices::put);
        var sheet = order.cloth();
        if (sheet != null) {
            SourceJson.write(node.putObject("cloth"), sheet);
        }
        return node;
    }

    private static Piece piece(JsonField f) {
        Outline outline = OutlineJson.read(f.get("outline"));
        List<String> edges = outline.edges().stream().map(Edge::name).toList();
        if (edges.stream().distinct().count() < edges.size()) {
            throw f.get("outline").refusal("has two edges of one name.");
        }
        Map<String, Allowance> allowances = new HashMap<>();
        JsonField given = f.get("allowances");
        for (String edge : given.names()) {
            requireEdge(given.get(edge), edges, edge);
            allowances.put(edge, ChangeJson.allowance(given.get(edge)));
        }
        Map<String, EdgeWish> wishes = new HashMap<>();
        JsonField wished = f.get("wishes");
        for (String edge : wished.names()) {
            requireEdge(wished.get(edge), edges, edge);
            wishes.put(
                    edge,
                    new EdgeWish(
                            wished.get(edge).get("role").word(Role.class),
                            wished.get(edge).get("lapMm").number(0),
                            wished.get(edge).get("stretchesToMm").number(0)));
        }
        return new Piece(
                f.get("id").name(),
                f.get("name").name(),
                outline,
                allowances,
                f.get("quantity").whole(1),
                f.get("pair").flag(false),
                f.get("grain").word(CutGrain.class, CutGrain.LENGTHWISE),
                f.get("required").flag(true),
                wishes,
                List.of(),
                f.get("notches").list(n -> new Piece.Notch(n.get("label").name(), OutlineJson.point(n.get("at")))),
                f.get("layer").word(PieceCloth.class, PieceCloth.SHELL),
                f.get("marks").list(ChangeJson::mark),
                new Piece.Way(
                        f.get("wrongSideOut").flag(false),
                        f.get("uneven").flag(false),
                        f.get("shows").isPresent() ? ChangeJson.motif(f.get("shows")) : null));
    }

    private static void requireEdge(JsonField f, List<String> edges, String edge) {
        if (!edges.contains(edge)) {
            throw f.refusal(Wording.fill("names no edge of this piece; it has %s.", String.join(", ", edges)));
        }
    }

    private static Want want(JsonField f) {
        return new Want(
                f.get("id").name(),
                f.get("name").name(),
                f.get("role").word(Role.class),
                "",
                "",
                f.get("lengthMm").number(),
                f.get("stretchesToMm").number(0),
                f.get("leastDepthMm").number(0),
                f.get("mostDepthMm").number(400),
                0,
                Side.NONE);
    }

    static ObjectNode write(Project.Pieces pieces) {
        return pieces.fold(PieceJson::write, PieceJson::write, PieceJson::write);
    }

    private static ObjectNode write(LettingOut letting) {
        ObjectNode node = Json.MAPPER.createObjectNode();
        AlterationJson.write(node, letting.wish());
        InsertDraft.Wish inserts = letting.inserts();
        if (inserts != null) {
            AlterationJson.write(node, inserts);
        }
        return node;
    }

    private static ObjectNode write(TakingIn taking) {
        ObjectNode node = Json.MAPPER.createObjectNode();
        AlterationJson.write(node, taking.wish());
        return node;
    }

    private static ObjectNode write(PatternPieces pattern) {
        ObjectNode node = Json.MAPPER.createObjectNode();
        if (!pattern.orders().isEmpty()) {
            ArrayNode drafts = node.putArray("drafts");
            pattern.orders().forEach(o -> drafts.add(write(o)));
        }
        ArrayNode list = node.putArray("byHand");
        pattern.own().forEach(p -> list.add(write(p)));
        ArrayNode wants = node.putArray("wants");
        pattern.wants()
                .forEach(w -> wants.addObject()
                        .put("id", w.id())
                        .put("name", w.name())
                        .put("role", Words.of(w.role()))
                        .put("lengthMm", w.lengthMm())
                        .put("stretchesToMm", w.stretchesToMm())
                        .put("leastDepthMm", w.leastDepthMm())
                        .put("mostDepthMm", w.mostDepthMm()));
        if (!pattern.changes().isEmpty()) {
            ArrayNode changes = node.putArray("changes");
            pattern.changes().forEach(c -> changes.add(ChangeJson.write(c)));
        }
        return node;
    }

    private static ObjectNode write(Piece piece) {
        ObjectNode node = Json.MAPPER.createObjectNode().put("id", piece.id()).put("name", piece.name());
        node.put("quantity", piece.quantity()).put("pair", piece.pair());
        node.put("grain", Words.of(piece.grain())).put("required", piece.required());
        node.set("outline", OutlineJson.write(piece.stitchLine()));
        ObjectNode allowances = node.putObject("allowances");
        new TreeMap<>(piece.allowances()).forEach((edge, a) -> allowances.set(edge, ChangeJson.write(a)));
        ObjectNode wishes = node.putObject("wishes");
        new TreeMap<>(piece.wishes())
                .forEach((edge, w) -> wishes.putObject(edge)
                        .put("role", Words.of(w.role()))
                        .put("lapMm", w.lapMm())
                        .put("stretchesToMm", w.stretchesToMm()));
        if (!piece.notches().isEmpty()) {
            ArrayNode notches = node.putArray("notches");
            piece.notches()
                    .forEach(n -> notches.addObject().put("label", n.label()).set("at", OutlineJson.write(n.at())));
        }
        if (piece.cloth() != PieceCloth.SHELL) {
            node.put("layer", Words.of(piece.cloth()));
        }
        if (!piece.marks().isEmpty()) {
            ArrayNode marks = node.putArray("marks");
            piece.marks().forEach(m -> marks.add(ChangeJson.write(m)));
        }
        if (piece.way().wrongSideOut()) {
            node.put("wrongSideOut", true);
        }
        if (piece.way().uneven()) {
            node.put("uneven", true);
        }
        MotifSpot motif = piece.way().motif();
        if (motif != null) {
            ChangeJson.write(node.putObject("shows"), motif);
        }
        return node;
    }
}
