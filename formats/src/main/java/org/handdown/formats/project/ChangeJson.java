package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import org.handdown.formats.Json;
import org.handdown.formats.JsonField;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.Mark;
import org.handdown.pattern.MotifSpot;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.Supply;
import org.handdown.pattern.change.BindEdges;
import org.handdown.pattern.change.ButtonsAlong;
import org.handdown.pattern.change.Change;
import org.handdown.pattern.change.CutStrip;
import org.handdown.pattern.change.EdgeLedger;
import org.handdown.pattern.change.FacingFrom;
import org.handdown.pattern.change.LayerFrom;
import org.handdown.pattern.change.LeaveOut;
import org.handdown.pattern.change.Lengthen;
import org.handdown.pattern.change.Marked;
import org.handdown.pattern.change.MergeAlong;
import org.handdown.pattern.change.MockUp;
import org.handdown.pattern.change.Piecing;
import org.handdown.pattern.change.Recut;
import org.handdown.pattern.change.Sample;
import org.handdown.pattern.change.SewTogether;
import org.handdown.pattern.change.ShowMotif;
import org.handdown.pattern.change.Takes;
import org.handdown.pattern.change.TrueUp;
import org.handdown.pattern.change.TurnGrain;
import org.handdown.pattern.change.Widen;

/** Named changes on a pattern, as JSON: each says its kind and its name. */
final class ChangeJson {

    private ChangeJson() {}

    /** The kinds as they are written. */
    enum Kind {
        LENGTHEN,
        WIDEN,
        LEDGER,
        LEAVE_OUT,
        RECUT,
        FACING,
        LAYER,
        MERGE,
        MOCK_UP,
        SAMPLE,
        SEAM,
        MARK,
        TRUE_UP,
        GRAIN,
        PIECING,
        MOTIF,
        BIND,
        STRIP,
        BUTTONS,
        TAKES
    }

    static Change read(JsonField f) {
        String name = f.get("name").name();
        return f.refusingHere(() -> switch (f.get("kind").word(Kind.class)) {
            case LENGTHEN ->
                new Lengthen(
                        name,
                        f.get("pieces").list(JsonField::name),
                        f.get("atMm").number(),
                        f.get("byMm").number());
            case WIDEN ->
                new Widen(
                        name,
                        piece(f),
                        f.get("atMm").number(0),
                        f.get("byMm").number(),
                        f.get("bothSides").flag(false));
            case LEDGER ->
                new EdgeLedger(
                        name,
                        f.get("piece").text(""),
                        f.get("edge").text(""),
                        allowance(f.get("allowance").required()));
            case LEAVE_OUT -> new LeaveOut(name, piece(f));
            case RECUT ->
                new Recut(
                        name,
                        piece(f),
                        f.get("quantity").whole(),
                        f.get("pair").flag(false),
                        f.get("cloth").word(PieceCloth.class, PieceCloth.SHELL),
                        f.get("wrongSideOut").flag(false),
                        f.get("uneven").flag(false));
            case FACING ->
                new FacingFrom(
                        name,
                        piece(f),
                        f.get("edge").name(),
                        f.get("deepMm").number(),
                        f.get("cloth").isPresent() ? f.get("cloth").word(PieceCloth.class) : null);
            case LAYER ->
                new LayerFrom(
                        name,
                        piece(f),
                        f.get("cloth").word(PieceCloth.class),
                        f.get("shorterMm").number(0));
            case MERGE ->
                new MergeAlong(
                        name,
                        piece(f),
                        f.get("edge").name(),
                        f.get("other").name(),
                        f.get("otherEdge").name());
            case MOCK_UP -> new MockUp(name, piece(f), f.get("becomesLining").flag(false));
            case SAMPLE ->
                new Sample(
                        name,
                        f.get("wideMm").number(),
                        f.get("highMm").number(),
                        f.get("layers").whole(1));
            case SEAM -> new SewTogether(name, seam(f.get("seam").required()));
            case MARK -> new Marked(name, piece(f), mark(f.get("mark").required()));
            case TRUE_UP -> new TrueUp(name, piece(f));
            case MOTIF -> new ShowMotif(name, piece(f), motif(f));
            case GRAIN -> new TurnGrain(name, piece(f), f.get("grain").word(CutGrain.class));
            case PIECING ->
                new Piecing(
                        name,
                        piece(f),
                        OutlineJson.point(f.get("from").required()),
                        OutlineJson.point(f.get("to").required()),
                        f.get("allowanceMm").number());
            case BIND ->
                new BindEdges(
                        name,
                        f.get("edges")
                                .list(e -> new BindEdges.Bound(
                                        e.get("piece").name(), e.get("edge").name())),
                        f.get("cloth").word(PieceCloth.class),
                        f.get("grain").word(CutGrain.class, CutGrain.BIAS),
                        f.get("finishedMm").number(),
                        f.get("strips").whole(1));
            case STRIP ->
                new CutStrip(
                        name,
                        f.get("cloth").word(PieceCloth.class, PieceCloth.SHELL),
                        f.get("grain").word(CutGrain.class, CutGrain.LENGTHWISE),
                        f.get("lengthMm").number(),
                        f.get("finishedMm").number(),
                        f.get("folds").whole(1),
                        f.get("allowanceMm").number(),
                        f.get("quantity").whole(1));
            case BUTTONS -> buttons(name, f);
            case TAKES -> new Takes(name, supply(f.get("supply").required()));
        });
    }

    private static ButtonsAlong buttons(String name, JsonField f) {
        return new ButtonsAlong(
                name,
                piece(f),
                f.get("edge").name(),
                f.get("topMm").number(),
                f.get("endMm").number(),
                f.get("count").whole(),
                f.get("diameterMm").number(),
                f.get("thicknessMm").number(0),
                f.get("fullestMm").isPresent() ? f.get("fullestMm").number() : null,
                f.get("holes").flag(false));
    }

    private static Supply supply(JsonField f) {
        return f.refusingHere(() -> new Supply(
                f.get("kind").word(Supply.Kind.class),
                f.get("use").name(),
                f.get("count").whole(1),
                f.get("lengthMm").number(0),
                f.get("sizeMm").number(0)));
    }

    static ObjectNode write(Supply supply) {
        ObjectNode node = Json.MAPPER.createObjectNode().put("kind", Words.of(supply.kind()));
        node.put("use", supply.use()).put("count", supply.count());
        return node.put("lengthMm", supply.lengthMm()).put("sizeMm", supply.sizeMm());
    }

    private static String piece(JsonField f) {
        return f.get("piece").name();
    }

    static Allowance allowance(JsonField f) {
        double mm = f.get("mm").number();
        return f.refusingHere(() -> new Allowance(
                mm,
                f.get("sewMm").number(mm),
                f.get("trimMm").number(mm),
                f.get("why").text(""),
                turn(f)));
    }

    private static Allowance.Turn turn(JsonField f) {
        if (!f.get("turned").flag(false)) {
            return Allowance.Turn.NONE;
        }
        return new Allowance.Turn(
                f.get("casing").flag(false) ? Allowance.Turn.Kind.CASING : Allowance.Turn.Kind.HEM,
                f.get("underMm").number(0));
    }

    static ObjectNode write(Allowance a) {
        ObjectNode node = Json.MAPPER.createObjectNode().put("mm", a.mm()).put("why", a.why());
        if (a.sewMm() != a.mm()) {
            node.put("sewMm", a.sewMm());
        }
        if (a.trimMm() != a.mm()) {
            node.put("trimMm", a.trimMm());
        }
        if (a.turned()) {
            node.put("turned", true);
        }
        if (a.turn().kind() == Allowance.Turn.Kind.CASING) {
            node.put("casing", true);
        }
        if (a.turn().underMm() > 0) {
            node.put("underMm", a.turn().underMm());
        }
        return node;
    }

    static Mark mark(JsonField f) {
        return f.refusingHere(() -> new Mark(
                f.get("kind").word(Mark.Kind.class),
                f.get("label").name(),
                f.get("points").list(OutlineJson::point)));
    }

    static ObjectNode write(Mark mark) {
        ObjectNode node = Json.MAPPER.createObjectNode();
        node.put("kind", Words.of(mark.kind())).put("label", mark.label());
        ArrayNode points = node.putArray("points");
        mark.points().forEach(p -> points.add(OutlineJson.write(p)));
        return node;
    }

    static DesignSeam seam(JsonField f) {
        return new DesignSeam(
                f.get("name").name(),
                sides(f.get("one")),
                sides(f.get("other")),
                f.get("leastEaseMm").number(0),
                f.get("mostEaseMm").number(0),
                f.get("leastRatio").number(1),
                f.get("mostRatio").number(1),
                f.get("copies").word(DesignSeam.Copies.class, DesignSeam.Copies.EACH_SIDE));
    }

    private static List<DesignSeam.Side> sides(JsonField f) {
        return f.required()
                .list(s -> new DesignSeam.Side(
                        s.get("piece").name(),
                        s.get("edge").name(),
                        s.get("times").whole(1)));
    }

    static ObjectNode write(Change change) {
        return change.read(new ChangeWriter());
    }

    static MotifSpot motif(JsonField f) {
        String motif = f.get("motif").name();
        return new MotifSpot(
                motif,
                f.get("partner").text(motif),
                OutlineJson.point(f.get("at").required()),
                f.get("withinMm").number());
    }

    static void write(ObjectNode node, MotifSpot spot) {
        node.put("motif", spot.motif()).put("partner", spot.partner());
        node.set("at", OutlineJson.write(spot.at()));
        node.put("withinMm", spot.withinMm());
    }

    static ObjectNode kind(Kind kind, Change change) {
        return Json.MAPPER.createObjectNode().put("kind", Words.of(kind)).put("name", change.name());
    }

    static ObjectNode write(DesignSeam seam) {
        ObjectNode node = Json.MAPPER.createObjectNode().put("name", seam.name());
        write(node.putArray("one"), seam.one());
        write(node.putArray("other"), seam.other());
        node.put("leastEaseMm", seam.leastEaseMm()).put("mostEaseMm", seam.mostEaseMm());
        node.put("leastRatio", seam.leastRatio()).put("mostRatio", seam.mostRatio());
        return seam.copies() == DesignSeam.Copies.EACH_SIDE ? node : node.put("copies", Words.of(seam.copies()));
    }

    private static void write(ArrayNode list, List<DesignSeam.Side> sides) {
        sides.forEach(s ->
                list.addObject().put("piece", s.piece()).put("edge", s.edge()).put("times", s.times()));
    }
}
