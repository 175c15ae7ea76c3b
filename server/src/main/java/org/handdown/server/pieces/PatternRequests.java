package org.handdown.server.pieces;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.body.BodyMeasure;
import org.handdown.body.ReferenceGarment;
import org.handdown.formats.JsonField;
import org.handdown.formats.project.OutlineJson;
import org.handdown.geometry.Box;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.Brought;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.Mark;
import org.handdown.pattern.MotifSpot;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.change.Change;
import org.handdown.pattern.change.EdgeLedger;
import org.handdown.pattern.change.FacingFrom;
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
import org.handdown.pattern.change.TrueUp;
import org.handdown.pattern.change.TurnGrain;
import org.handdown.pattern.change.Widen;
import org.handdown.pattern.draft.Dimension;
import org.handdown.pattern.draft.Draft;
import org.handdown.server.project.Say;
import org.handdown.server.project.Typed;
import org.jspecify.annotations.Nullable;

/** What the page sends of drafts, changes and pieces brought in: raw texts, turned into values here. */
final class PatternRequests {
    private PatternRequests() {}

    record DraftRequest(@Nullable String draft) {}

    /** @param choices texts by dimension id; an empty one takes the usual value again */
    record ChoicesRequest(@Nullable Map<String, String> choices) {
        Map<String, Double> onto(Map<String, Double> before, Draft draft, LengthUnit unit) {
            Typed typed = new Typed(unit);
            Map<String, Double> all = new HashMap<>(before);
            Map<String, String> given = Typed.require("choices", choices);
            given.forEach((id, text) -> {
                Dimension dimension = draft.dimensions().stream()
                        .filter(d -> d.id().equals(id))
                        .findFirst()
                        .orElseThrow(() -> new RefusedValueException(
                                "choices." + id, Wording.fill("The %s has no such dimension.", draft.words())));
                if (Typed.text(text).isEmpty()) {
                    all.remove(id);
                } else {
                    all.put(id, value(typed, dimension, text));
                }
            });
            return all;
        }

        private static double value(Typed typed, Dimension d, String text) {
            String field = "choices." + d.id();
            return switch (d.kind()) {
                case LENGTH -> typed.signedMm(field, text);
                case SHARE -> share(field, d, text);
                default -> Typed.count(field, text);
            };
        }

        /** 85 % and 0.85 mean the same; a ratio above one is a plain number. */
        private static double share(String field, Dimension d, String text) {
            String plain = Typed.text(text).replace(',', '.');
            boolean isPercent = plain.contains("%") || d.most() <= 1.5 && !plain.contains(".");
            if (isPercent) {
                return Typed.percent(field, text);
            }
            if (!plain.matches("\\d{1,3}(\\.\\d{1,4})?")) {
                throw new RefusedValueException(field, Wording.fill("“%s” is no number; write 2 or 85 %%.", plain));
            }
            return Double.parseDouble(plain);
        }
    }

    /** @param ease over the body, by trying on; a leading minus where it is stretched */
    record ReferenceLevelRequest(
            @Nullable BodyMeasure measure,
            @Nullable String down,
            @Nullable String flat,
            @Nullable String ease) {}

    /** @param stretch share by which it gives in wear, as people write it */
    record ReferenceRequest(
            @Nullable String name,
            @Nullable String anchor,
            @Nullable String stretch,
            @Nullable List<ReferenceLevelRequest> levels) {
        ReferenceGarment toReference(LengthUnit unit) {
            Typed typed = new Typed(unit);
            List<ReferenceGarment.Level> read = new ArrayList<>();
            for (ReferenceLevelRequest level : Typed.require("reference.levels", levels)) {
                read.add(new ReferenceGarment.Level(
                        Typed.require("reference.measure", level.measure()),
                        Typed.text(level.down()).isEmpty() ? 0 : typed.mm("reference.down", level.down()),
                        typed.mm("reference.flat", level.flat()),
                        Typed.text(level.ease()).isEmpty() ? 0 : typed.signedMm("reference.ease", level.ease())));
            }
            return new ReferenceGarment(
                    Typed.text(name), Typed.text(anchor), Typed.percent("reference.stretch", stretch), read);
        }
    }

    /** What a change may be. */
    enum ChangeKind {
        LENGTHEN,
        WIDEN,
        LEDGER,
        LEAVE_OUT,
        RECUT,
        FACING,
        MERGE,
        MOCK_UP,
        SAMPLE,
        SEAM,
        MARK,
        TRUE_UP,
        GRAIN,
        PIECING,
        MOTIF
    }

    /** A piecing seam's allowance where none is told, mm. */
    private static final double PIECING_MM = 10;

    /** Which fields are read depends on the kind; the rest are left out. */
    record ChangeRequest(
            @Nullable ChangeKind kind,
            @Nullable String name,
            @Nullable String piece,
            @Nullable List<String> pieces,
            @Nullable String edge,
            @Nullable String other,
            @Nullable String otherEdge,
            @Nullable String at,
            @Nullable String by,
            boolean bothSides,
            @Nullable String drawn,
            @Nullable String sew,
            @Nullable String trim,
            @Nullable String why,
            Allowance.Turn.@Nullable Kind turn,
            @Nullable String under,
            @Nullable Integer quantity,
            boolean pair,
            @Nullable PieceCloth cloth,
            boolean wrongSideOut,
            boolean uneven,
            @Nullable String ease,
            @Nullable String ratio,
            Mark.@Nullable Kind mark,
            @Nullable String points,
            @Nullable CutGrain grain,
            boolean along,
            @Nullable String motif,
            @Nullable String partner) {
        Change toChange(LengthUnit unit, Design design) {
            Typed typed = new Typed(unit);
            String on = Typed.text(piece);
            String called = Typed.text(name);
            return switch (Typed.require("change.kind", kind)) {
                case LENGTHEN ->
                    new Lengthen(
                            or(called, "longer or shorter"),
                            pieces == null || pieces.isEmpty() ? List.of(on) : pieces,
                            typed.mm("change.at", at),
                            typed.signedMm("change.by", by));
                case WIDEN ->
                    new Widen(
                            or(called, "wider or narrower"),
                            on,
                            Typed.text(at).isEmpty() ? 0 : typed.mm("change.at", at),
                            typed.signedMm("change.by", by),
                            bothSides);
                case LEDGER ->
                    new EdgeLedger(or(called, "allowance"), on, Typed.text(edge), allowance(typed, design, on));
                case LEAVE_OUT -> new LeaveOut(or(called, "simpler"), on);
                case RECUT ->
                    new Recut(
                            or(called, "cut otherwise"),
                            on,
                            quantity == null ? 1 : quantity,
                            pair,
                            cloth == null ? PieceCloth.SHELL : cloth,
                            wrongSideOut,
                            uneven);
                case FACING -> new FacingFrom(or(called, "facing"), on, Typed.text(edge), typed.mm("change.by", by));
                case MERGE ->
                    new MergeAlong(
                            or(called, "in one piece"), on, Typed.text(edge), Typed.text(other), Typed.text(otherEdge));
                case MOCK_UP -> new MockUp(or(called, "trial first"), on, bothSides);
                case SAMPLE ->
                    new Sample(
                            or(called, "sample"),
                            typed.mm("change.at", at),
                            typed.mm("change.by", by),
                            quantity == null ? 1 : quantity);
                case SEAM -> seam(typed, or(called, "seam"), on);
                case MARK ->
                    new Marked(
                            or(called, "mark"),
                            on,
                            new Mark(Typed.require("change.mark", mark), or(called, "mark"), points(typed)));
                case TRUE_UP -> new TrueUp(or(called, "halves alike"), on);
                case GRAIN -> new TurnGrain(or(called, "other grain"), on, Typed.require("change.grain", grain));
                case PIECING -> piecing(typed, or(called, "pieced"), on);
                case MOTIF -> new ShowMotif(or(called, "motif"), on, spot(typed));
            };
        }

        private static String or(String text, String otherwise) {
            return text.isEmpty() ? otherwise : text;
        }

        private Allowance allowance(Typed typed, Design design, String on) {
            Allowance old =
                    design.find(on).map(p -> p.allowance(Typed.text(edge))).orElse(Allowance.seam(10));
            double mm = Typed.text(drawn).isEmpty() ? old.mm() : typed.mm("change.drawn", drawn);
            double sewn = Typed.text(sew).isEmpty() ? mm : typed.mm("change.sew", sew);
            double left = Typed.text(trim).isEmpty() ? mm : typed.mm("change.trim", trim);
            return new Allowance(mm, sewn, left, reason(typed, old, mm), turn(typed));
        }

        /** A reason that comes back as it was shown is the one there was, with its lengths. */
        private String reason(Typed typed, Allowance old, double mm) {
            String told = Typed.text(why);
            if (told.isEmpty()) {
                return mm == 0 ? "none on purpose" : old.why();
            }
            return told.equals(new Say(typed.unit()).sentence(old.why())) ? old.why() : told;
        }

        private Allowance.Turn turn(Typed typed) {
            if (turn == null || turn == Allowance.Turn.Kind.FLAT) {
                return Allowance.Turn.NONE;
            }
            return new Allowance.Turn(turn, Typed.text(under).isEmpty() ? 0 : typed.mm("change.under", under));
        }

        private Change piecing(Typed typed, String called, String on) {
            double line = typed.signedMm("change.at", at);
            double allowance = Typed.text(drawn).isEmpty() ? PIECING_MM : typed.mm("change.allowance", drawn);
            return along ? Piecing.along(called, on, line, allowance) : Piecing.across(called, on, line, allowance);
        }

        private MotifSpot spot(Typed typed) {
            String wanted = Typed.text(motif);
            return new MotifSpot(
                    wanted, or(Typed.text(partner), wanted), points(typed).get(0), typed.mm("change.within", by));
        }

        private Change seam(Typed typed, String called, String on) {
            double eased = Typed.text(ease).isEmpty() ? 0 : typed.signedMm("change.ease", ease);
            double by = Typed.text(ratio).isEmpty() ? 1 : number("change.ratio", ratio);
            List<DesignSeam.Side> one = List.of(new DesignSeam.Side(on, Typed.text(edge), 1));
            List<DesignSeam.Side> two = List.of(new DesignSeam.Side(Typed.text(other), Typed.text(otherEdge), 1));
            return new SewTogether(
                    called,
                    by == 1
                            ? new DesignSeam(called, one, two, eased, eased)
                            : DesignSeam.byRatio(called, one, two, by - 0.05, by + 0.05));
        }

        /** Pairs of across and up, apart by semicolons: 10 cm / 5 cm; 12 cm / 5 cm. */
        private List<Point> points(Typed typed) {
            List<Point> read = new ArrayList<>();
            for (String pair : Typed.text(points).split(";")) {
                String[] both = pair.split("/");
                if (both.length != 2) {
                    throw new RefusedValueException(
                            "change.points",
                            "Write each point as across / up, apart by “;”: 10 cm / 5 cm; 12 cm / 5 cm.");
                }
                read.add(new Point(typed.signedMm("change.points", both[0]), typed.signedMm("change.points", both[1])));
            }
            return read;
        }

        private static double number(String field, @Nullable String text) {
            String plain = Typed.text(text).replace(',', '.');
            if (!plain.matches("\\d{1,2}(\\.\\d{1,3})?")) {
                throw new RefusedValueException(field, Wording.fill("“%s” is no ratio; write 2 or 0.85.", plain));
            }
            return Double.parseDouble(plain);
        }
    }

    /** An outline of a drawing, and what it is. */
    record BroughtRequest(
            @Nullable String name,
            @Nullable JsonNode outline,
            Brought.@Nullable Meaning meaning,
            @Nullable String allowance,
            @Nullable Integer turn,
            int quantity,
            boolean pair,
            @Nullable PieceCloth cloth) {
        Piece toPiece(Typed typed, double factor) {
            if (meaning == null) {
                throw new RefusedValueException(
                        "brought.meaning",
                        Wording.fill(
                                "Say of “%s” whether its line is the one to cut or the one to sew along; it is never guessed.",
                                Typed.text(name)));
            }
            Piece piece = new Brought(
                            Typed.id("brought.name", name),
                            Typed.text(name),
                            read(outline),
                            meaning,
                            Typed.text(allowance).isEmpty() ? 0 : typed.mm("brought.allowance", allowance),
                            factor,
                            turn == null ? 0 : turn)
                    .piece();
            return piece.cut(Math.max(1, quantity), pair).withCloth(cloth == null ? PieceCloth.SHELL : cloth);
        }
    }

    private static Outline read(@Nullable JsonNode outline) {
        return OutlineJson.read(JsonField.root(Typed.require("brought.outline", outline)));
    }

    /**
     * @param known true length of one outline across, if {@code knownAcross}, or up; empty where the drawing's unit is right
     * @param knownOutline that outline as it was drawn
     */
    record BroughtListRequest(
            @Nullable List<BroughtRequest> pieces,
            @Nullable String known,
            boolean knownAcross,
            @Nullable JsonNode knownOutline) {
        List<Piece> toPieces(LengthUnit unit) {
            Typed typed = new Typed(unit);
            double factor = 1;
            if (!Typed.text(known).isEmpty()) {
                Box box = read(knownOutline).flattened().ring().box();
                factor = typed.mm("brought.known", known) / (knownAcross ? box.widthMm() : box.heightMm());
            }
            List<Piece> read = new ArrayList<>();
            List<BroughtRequest> given = Typed.require("brought", pieces);
            for (int i = 0; i < given.size(); i++) {
                Piece piece = Typed.require("brought[" + i + "]", given.get(i)).toPiece(typed, factor);
                if (read.stream().anyMatch(p -> p.id().equals(piece.id()))) {
                    throw new RefusedValueException(
                            "brought.name",
                            Wording.fill(
                                    "Two pieces would be called “%s”, and the second would take the place of the first. Call one of them something else.",
                                    piece.name()));
                }
                read.add(piece);
            }
            return read;
        }
    }
}
