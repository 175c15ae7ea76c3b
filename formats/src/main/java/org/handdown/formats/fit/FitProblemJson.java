package org.handdown.formats.fit;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.handdown.fit.EdgeKind;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.FlawZone;
import org.handdown.fit.Handed;
import org.handdown.fit.Motif;
import org.handdown.fit.Objective;
import org.handdown.fit.PanelRun;
import org.handdown.fit.PieceGrain;
import org.handdown.fit.Repeat;
import org.handdown.formats.Json;
import org.handdown.formats.JsonField;
import org.handdown.measure.RefusedValueException;
import org.jspecify.annotations.Nullable;

/** Reads and writes {@code handdown-fit-problem/1}. */
public final class FitProblemJson {
    public static final String FORMAT = "handdown-fit-problem/1";

    private FitProblemJson() {}

    /** @throws RefusedValueException naming the field that cannot be used */
    public static FitProblem read(String text) {
        return read(Json.parse(text));
    }

    public static FitProblem read(JsonNode node) {
        JsonField file = JsonField.root(node);
        Json.requireFormat(file, FORMAT);
        JsonField panels = file.get("panels").required();
        if (panels.node().isArray() && panels.node().isEmpty()) {
            throw panels.refusal("is empty; give at least one panel to lay the pieces on.");
        }
        return new FitProblem(
                file.get("objective").word(Objective.class),
                file.get("gap").number(0),
                file.get("margin").number(0),
                panels.list(FitProblemJson::panel),
                file.get("pieces").required().list(FitProblemJson::piece),
                file.get("pinned").list(FitLayoutJson::placed));
    }

    private static FitPanel panel(JsonField f) {
        return f.refusingHere(() -> new FitPanel(
                f.get("id").name(),
                f.get("outline").ring(),
                f.get("holes").list(JsonField::ring),
                f.get("zones")
                        .list(z -> new FlawZone(
                                z.get("kind").word(FlawZone.Kind.class),
                                z.get("outline").ring(),
                                z.get("what").text(""))),
                f.get("cloth").text(""),
                f.get("grain").number(90),
                f.get("oneWay").flag(false),
                f.get("reversible").flag(false),
                repeats(f),
                f.get("edges")
                        .list(e -> new PanelRun(
                                e.get("id").text(""),
                                e.get("kind").word(EdgeKind.class),
                                e.get("from").whole(),
                                e.get("to").whole())),
                motifs(f)));
    }

    /** Stripes and checks of a panel, or of what is left of one. */
    public static List<Repeat> repeats(JsonField f) {
        return f.get("repeats").list(r -> r.refusingHere(() -> repeat(r)));
    }

    public static List<Motif> motifs(JsonField f) {
        return f.get("motifs")
                .list(m -> m.refusingHere(
                        () -> new Motif(m.get("name").name(), m.get("centre").point())));
    }

    private static Repeat repeat(JsonField f) {
        return new Repeat(
                f.get("id").name(),
                f.get("direction").number(),
                f.get("period").number(),
                f.get("phase").number(0));
    }

    private static FitPiece piece(JsonField f) {
        JsonField value = f.get("value");
        return f.refusingHere(() -> new FitPiece(
                f.get("id").name(),
                f.get("quantity").whole(1),
                f.get("handed").word(Handed.class, Handed.SAME),
                f.get("cloths").list(JsonField::text),
                f.get("grain").word(PieceGrain.class, PieceGrain.ANY),
                f.get("grainTolerance").number(0),
                f.get("required").flag(true),
                value.isPresent() ? value.number() : null,
                f.get("variants").required().list(FitProblemJson::variant),
                f.get("match")
                        .list(m -> new FitPiece.Match(
                                m.get("group").name(),
                                m.get("repeat").name(),
                                m.get("point").point())),
                motif(f.get("motif"))));
    }

    private static FitPiece.@Nullable MotifWish motif(JsonField f) {
        if (!f.isPresent()) {
            return null;
        }
        String name = f.get("name").name();
        return f.refusingHere(() -> new FitPiece.MotifWish(
                name,
                f.get("partner").text(name),
                f.get("point").point(),
                f.get("within").number()));
    }

    private static FitPiece.Variant variant(JsonField f) {
        return f.refusingHere(() -> new FitPiece.Variant(
                f.get("id").name(),
                f.get("outline").ring(),
                f.get("hidden").list(JsonField::ring),
                anchor(f.get("anchor")),
                f.get("bonus").number(0)));
    }

    private static FitPiece.@Nullable Anchor anchor(JsonField f) {
        if (!f.isPresent()) {
            return null;
        }
        Set<EdgeKind> on = f.get("on").required().list(k -> k.word(EdgeKind.class)).stream()
                .collect(Collectors.toUnmodifiableSet());
        Set<FitPiece.PanelEdge> except =
                f
                        .get("except")
                        .list(e -> new FitPiece.PanelEdge(
                                e.get("panel").name(), e.get("edge").name()))
                        .stream()
                        .collect(Collectors.toUnmodifiableSet());
        return new FitPiece.Anchor(f.get("from").whole(), f.get("to").whole(), on, except);
    }

    /** The whole problem as JSON; reading it back gives an equal problem. */
    public static ObjectNode write(FitProblem problem) {
        ObjectNode file = Json.MAPPER.createObjectNode().put("format", FORMAT);
        file.put("objective", word(problem.objective()));
        file.put("gap", problem.gapMm()).put("margin", problem.marginMm());
        ArrayNode panels = file.putArray("panels");
        problem.panels().forEach(p -> panels.add(write(p)));
        ArrayNode pieces = file.putArray("pieces");
        problem.pieces().forEach(p -> pieces.add(write(p)));
        if (!problem.pinned().isEmpty()) {
            ArrayNode pinned = file.putArray("pinned");
            problem.pinned().forEach(p -> pinned.add(FitLayoutJson.write(p)));
        }
        return file;
    }

    private static ObjectNode write(FitPanel panel) {
        ObjectNode node = Json.MAPPER.createObjectNode().put("id", panel.id());
        node.set("outline", Json.ring(panel.outline()));
        ArrayNode holes = node.putArray("holes");
        panel.holes().forEach(h -> holes.add(Json.ring(h)));
        ArrayNode zones = node.putArray("zones");
        for (FlawZone zone : panel.zones()) {
            ObjectNode z = zones.addObject().put("kind", word(zone.kind()));
            z.set("outline", Json.ring(zone.outline()));
            z.put("what", zone.what());
        }
        node.put("cloth", panel.cloth()).put("grain", panel.grainDeg());
        node.put("oneWay", panel.oneWay()).put("reversible", panel.reversible());
        writeRepeats(node, panel.repeats());
        ArrayNode edges = node.putArray("edges");
        for (PanelRun e : panel.edges()) {
            edges.addObject()
                    .put("id", e.id())
                    .put("kind", word(e.kind()))
                    .put("from", e.from())
                    .put("to", e.to());
        }
        writeMotifs(node, panel.motifs());
        return node;
    }

    public static void writeRepeats(ObjectNode node, List<Repeat> all) {
        ArrayNode repeats = node.putArray("repeats");
        for (Repeat r : all) {
            repeats.addObject()
                    .put("id", r.id())
                    .put("direction", r.directionDeg())
                    .put("period", r.periodMm())
                    .put("phase", r.phaseMm());
        }
    }

    /** Nothing where there are none. */
    public static void writeMotifs(ObjectNode node, List<Motif> all) {
        if (!all.isEmpty()) {
            ArrayNode motifs = node.putArray("motifs");
            all.forEach(m -> motifs.addObject().put("name", m.name()).set("centre", Json.point(m.centre())));
        }
    }

    private static ObjectNode write(FitPiece piece) {
        ObjectNode node = Json.MAPPER.createObjectNode().put("id", piece.id()).put("quantity", piece.quantity());
        node.put("handed", word(piece.handed()));
        ArrayNode cloths = node.putArray("cloths");
        piece.cloths().forEach(cloths::add);
        node.put("grain", word(piece.grain())).put("grainTolerance", piece.grainToleranceDeg());
        node.put("required", piece.required());
        Double value = piece.valueM2();
        if (value != null) {
            node.put("value", value);
        }
        ArrayNode variants = node.putArray("variants");
        piece.variants().forEach(v -> variants.add(write(v)));
        ArrayNode match = node.putArray("match");
        for (FitPiece.Match m : piece.matches()) {
            match.addObject().put("group", m.group()).put("repeat", m.repeat()).set("point", Json.point(m.point()));
        }
        FitPiece.MotifWish motif = piece.motif();
        if (motif != null) {
            ObjectNode m = node.putObject("motif").put("name", motif.name()).put("partner", motif.partner());
            m.set("point", Json.point(motif.point()));
            m.put("within", motif.withinMm());
        }
        return node;
    }

    private static ObjectNode write(FitPiece.Variant variant) {
        ObjectNode node = Json.MAPPER.createObjectNode().put("id", variant.id());
        node.set("outline", Json.ring(variant.outline()));
        ArrayNode hidden = node.putArray("hidden");
        variant.hidden().forEach(h -> hidden.add(Json.ring(h)));
        FitPiece.Anchor anchor = variant.anchor();
        if (anchor != null) {
            ObjectNode a = node.putObject("anchor").put("from", anchor.from()).put("to", anchor.to());
            ArrayNode on = a.putArray("on");
            anchor.on().stream().sorted().forEach(k -> on.add(word(k)));
            if (!anchor.except().isEmpty()) {
                ArrayNode except = a.putArray("except");
                anchor.except().stream()
                        .sorted(Comparator.comparing(FitPiece.PanelEdge::panel).thenComparing(FitPiece.PanelEdge::edge))
                        .forEach(e -> except.addObject().put("panel", e.panel()).put("edge", e.edge()));
            }
        }
        return node.put("bonus", variant.bonus());
    }

    private static String word(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT);
    }
}
