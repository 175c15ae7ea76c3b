package org.handdown.server.pieces;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Point;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.Mark;
import org.handdown.pattern.MotifSpot;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.change.BindEdges;
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
import org.handdown.pattern.change.TrueUp;
import org.handdown.pattern.change.TurnGrain;
import org.handdown.pattern.change.Widen;
import org.handdown.server.project.Say;
import org.handdown.server.project.Typed;
import org.jspecify.annotations.Nullable;

/** What the page sends of a change to the pattern: raw texts, turned into values here so that a refusal names the field. */
final class ChangeRequests {
    private ChangeRequests() {}

    /** What a change may be. */
    enum ChangeKind {
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
        STRIP
    }

    /** How copies meet in a seam that is told: as the design has it, or all of both sides in one line of stitches. */
    enum SewnCopies {
        EACH_SIDE,
        ITSELF,
        RING,
        ROW,
        BEHIND,
        ALIKE,
        TOGETHER
    }

    /** A piecing seam's allowance where none is told, mm. */
    private static final double PIECING_MM = 10;

    /** An edge of a piece. */
    record EdgeRequest(@Nullable String piece, @Nullable String edge) {}

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
            @Nullable String partner,
            @Nullable List<EdgeRequest> edges,
            @Nullable Integer folds,
            @Nullable SewnCopies copies) {
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
                case FACING ->
                    new FacingFrom(or(called, "facing"), on, Typed.text(edge), typed.mm("change.by", by), cloth);
                case LAYER ->
                    new LayerFrom(
                            or(called, "another layer"),
                            on,
                            cloth == null ? PieceCloth.LINING : cloth,
                            Typed.text(by).isEmpty() ? 0 : typed.mm("change.by", by));
                case BIND ->
                    new BindEdges(
                            or(called, "binding"),
                            bound(),
                            cloth == null ? PieceCloth.BINDING : cloth,
                            grain == null ? CutGrain.BIAS : grain,
                            typed.mm("change.by", by),
                            quantity == null ? 1 : quantity);
                case STRIP ->
                    new CutStrip(
                            or(called, "strip"),
                            cloth == null ? PieceCloth.SHELL : cloth,
                            grain == null ? CutGrain.LENGTHWISE : grain,
                            typed.mm("change.at", at),
                            typed.mm("change.by", by),
                            folds == null ? 1 : folds,
                            Typed.text(drawn).isEmpty() ? PIECING_MM : typed.mm("change.allowance", drawn),
                            quantity == null ? 1 : quantity);
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
                case SEAM -> seam(typed, or(called, "seam"), on, design);
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

        private List<BindEdges.Bound> bound() {
            return (edges == null ? List.<EdgeRequest>of() : edges)
                    .stream()
                            .map(e -> new BindEdges.Bound(Typed.text(e.piece), Typed.text(e.edge)))
                            .toList();
        }

        private MotifSpot spot(Typed typed) {
            String wanted = Typed.text(motif);
            return new MotifSpot(
                    wanted, or(Typed.text(partner), wanted), points(typed).get(0), typed.mm("change.within", by));
        }

        private Change seam(Typed typed, String called, String on, Design design) {
            double eased = Typed.text(ease).isEmpty() ? 0 : typed.signedMm("change.ease", ease);
            double by = Typed.text(ratio).isEmpty() ? 1 : number("change.ratio", ratio);
            List<DesignSeam.Side> one = List.of(side(design, on, Typed.text(edge)));
            List<DesignSeam.Side> two = List.of(side(design, Typed.text(other), Typed.text(otherEdge)));
            DesignSeam seam = by == 1
                    ? new DesignSeam(called, one, two, eased, eased)
                    : DesignSeam.byRatio(called, one, two, by - 0.05, by + 0.05);
            return new SewTogether(
                    called,
                    copies == null || copies == SewnCopies.TOGETHER
                            ? seam
                            : seam.with(DesignSeam.Copies.valueOf(copies.name())));
        }

        private DesignSeam.Side side(Design design, String of, String called) {
            int times = copies == SewnCopies.TOGETHER
                    ? design.find(of).map(Piece::quantity).orElse(1)
                    : 1;
            return new DesignSeam.Side(of, called, times);
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
}
