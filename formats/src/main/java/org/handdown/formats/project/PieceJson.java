package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.handdown.formats.JsonField;
import org.handdown.formats.fit.FitProblemJson;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.EdgeWish;
import org.handdown.pattern.InsertDraft;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Role;
import org.handdown.project.Project;
import org.handdown.reuse.Side;
import org.handdown.reuse.Want;
import org.handdown.source.Layer;

/** Pieces and wants entered by hand, and what is to be let out, as JSON. */
final class PieceJson {
    private PieceJson() {}

    static Project.Pieces read(JsonField f) {
        if (f.get("letOut").isPresent()) {
            return new Project.LettingOut(
                    AlterationJson.letOut(f.get("letOut")), AlterationJson.inserts(f.get("inserts")));
        }
        if (f.get("takeIn").isPresent()) {
            return new Project.TakingIn(AlterationJson.takeIn(f.get("takeIn")));
        }
        if (f.get("byHand").isPresent()) {
            return f.refusingHere(() -> new Project.ByHand(
                    f.get("byHand").list(p -> p.refusingHere(() -> piece(p))),
                    f.get("wants").list(w -> w.refusingHere(() -> want(w)))));
        }
        return new Project.Drafted(AimJson.read(f.get("draftedFrom").required()));
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
            allowances.put(
                    edge,
                    new Allowance(
                            given.get(edge).get("mm").number(),
                            given.get(edge).get("why").text("")));
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
                f.get("layer").word(Layer.class, Layer.SHELL));
    }

    private static void requireEdge(JsonField f, List<String> edges, String edge) {
        if (!edges.contains(edge)) {
            throw f.refusal("names no edge of this piece; it has %s.".formatted(String.join(", ", edges)));
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
        ObjectNode node = FitProblemJson.JSON.createObjectNode();
        if (pieces instanceof Project.Drafted drafted) {
            node.set("draftedFrom", AimJson.write(drafted.from()));
        } else if (pieces instanceof Project.LettingOut letting) {
            AlterationJson.write(node, letting.wish());
            InsertDraft.Wish inserts = letting.inserts();
            if (inserts != null) {
                AlterationJson.write(node, inserts);
            }
        } else if (pieces instanceof Project.TakingIn taking) {
            AlterationJson.write(node, taking.wish());
        } else if (pieces instanceof Project.ByHand byHand) {
            ArrayNode list = node.putArray("byHand");
            byHand.pieces().forEach(p -> list.add(write(p)));
            ArrayNode wants = node.putArray("wants");
            byHand.wants()
                    .forEach(w -> wants.addObject()
                            .put("id", w.id())
                            .put("name", w.name())
                            .put("role", Words.of(w.role()))
                            .put("lengthMm", w.lengthMm())
                            .put("stretchesToMm", w.stretchesToMm())
                            .put("leastDepthMm", w.leastDepthMm())
                            .put("mostDepthMm", w.mostDepthMm()));
        }
        return node;
    }

    private static ObjectNode write(Piece piece) {
        ObjectNode node =
                FitProblemJson.JSON.createObjectNode().put("id", piece.id()).put("name", piece.name());
        node.put("quantity", piece.quantity()).put("pair", piece.pair());
        node.put("grain", Words.of(piece.grain())).put("required", piece.required());
        node.set("outline", OutlineJson.write(piece.stitchLine()));
        ObjectNode allowances = node.putObject("allowances");
        new TreeMap<>(piece.allowances())
                .forEach((edge, a) ->
                        allowances.putObject(edge).put("mm", a.mm()).put("why", a.why()));
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
        if (piece.layer() != Layer.SHELL) {
            node.put("layer", Words.of(piece.layer()));
        }
        return node;
    }
}
