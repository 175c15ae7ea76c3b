package org.handdown.server.pieces;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.handdown.body.Fit;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.InnerEdge;
import org.handdown.pattern.Piece;
import org.handdown.pattern.SeamProposals;
import org.handdown.pattern.Size;
import org.handdown.pattern.Symmetry;
import org.handdown.project.Kept;
import org.handdown.project.PatternPieces;
import org.handdown.project.Project;
import org.handdown.server.project.Say;
import org.handdown.server.project.Shown;

/** Puts a design into words and points. */
public final class PatternViews {
    private final Project project;
    private final Say say;

    private PatternViews(Shown shown) {
        this.project = shown.project();
        this.say = shown.say();
    }

    /** Present once anything is drafted, brought in or entered, and while drafts are ordered whose pieces are all left out. */
    public static Optional<PatternView> of(Shown shown) {
        Project project = shown.project();
        boolean ordered = project.pieces() instanceof PatternPieces pattern
                && (!pattern.orders().isEmpty() || !pattern.changes().isEmpty());
        return shown.room()
                .design()
                .or(() -> ordered ? Optional.of(Design.of(project.name(), List.of())) : Optional.empty())
                .map(design -> shown.kept(
                        Kept.Result.VIEW_PIECES,
                        Arrays.asList(project.pieces(), design),
                        told -> new PatternViews(told).view(design)));
    }

    private PatternView view(Design design) {
        return new PatternView(
                design.pieces().stream().map(this::piece).toList(),
                design.walks().stream().map(w -> walk(w, design)).toList(),
                proposed(design),
                design.sizes().stream().map(this::size).toList(),
                design.notes().stream().map(say::sentence).toList(),
                design.cautions().stream().map(say::sentence).toList(),
                design.needs().stream()
                        .map(n -> new PatternView.ClothNeedView(
                                n.cloth(),
                                n.cloth().words(),
                                n.pieces(),
                                Say.area(n.areaMm2()),
                                say.outward(n.longestMm()),
                                say.outward(n.widestMm()),
                                byTheMetre(n)))
                        .toList(),
                project.pieces() instanceof PatternPieces pattern
                        ? pattern.orders().stream()
                                .map(new DraftViews(say)::order)
                                .toList()
                        : List.of(),
                project.pieces() instanceof PatternPieces pattern
                        ? pattern.changes().stream()
                                .map(c -> new PatternView.ChangeView(c.name(), say.sentence(c.words())))
                                .toList()
                        : List.of());
    }

    private String byTheMetre(Design.Need need) {
        return need.widestMm() > Design.Need.USUAL_WIDTH_MM
                ? ""
                : Wording.fill(
                        "about %s of cloth %s wide",
                        say.outward(need.lengthMm()), say.length(Design.Need.USUAL_WIDTH_MM));
    }

    private PatternView.WalkView walk(DesignSeam.Walk walk, Design design) {
        return new PatternView.WalkView(
                walk.seam().name(),
                say.length(walk.oneMm()),
                say.length(walk.otherMm()),
                say.difference(walk.differenceMm()),
                walk.agrees(),
                say.sentence(walk.sentence()),
                sides(walk.seam().one()),
                sides(walk.seam().other()),
                walk.stretches().stream()
                        .map(s -> new PatternView.WalkedStretchView(
                                s.from(),
                                s.to(),
                                say.length(s.oneMm()),
                                say.length(s.otherMm()),
                                say.difference(s.otherMm() - s.oneMm())))
                        .toList());
    }

    /** Of drafts every seam is told; of what was brought in or entered none is. */
    private List<PatternView.ProposedSeamView> proposed(Design design) {
        Set<String> own = project.pieces() instanceof PatternPieces pattern
                ? pattern.own().stream().map(Piece::id).collect(Collectors.toSet())
                : Set.of();
        if (own.isEmpty()) {
            return List.of();
        }
        return SeamProposals.of(design).stream()
                .filter(s -> own.contains(s.one().get(0).piece())
                        || own.contains(s.other().get(0).piece()))
                .map(s -> new PatternView.ProposedSeamView(
                        s.name(),
                        sides(s.one()).get(0),
                        sides(s.other()).get(0),
                        s.copies(),
                        say.length(design.piece(s.one().get(0).piece())
                                .stitchLine()
                                .edge(s.one().get(0).edge())
                                .lengthMm())))
                .toList();
    }

    private static List<PatternView.SeamSideView> sides(List<DesignSeam.Side> sides) {
        return sides.stream()
                .map(s -> new PatternView.SeamSideView(s.piece(), s.edge(), s.times()))
                .toList();
    }

    private PatternView.SizeView size(Size.Finished s) {
        boolean round = s.size().kind() != Size.Kind.LENGTH && s.bodyMm() > 0;
        return new PatternView.SizeView(
                s.what(),
                s.size().kind(),
                say.length(s.finishedMm()),
                s.finishedMm(),
                say.length(s.toleranceMm()),
                s.bodyMm() > 0 ? say.length(s.bodyMm()) : "",
                s.bodyMm(),
                s.bodyMm() > 0 ? say.difference(s.finishedMm() - s.bodyMm()) : "",
                say.sentence(s.formula()),
                s.fits(),
                !s.fits() || s.fitsSurely(),
                s.fit(),
                round ? s.fit().words() : "",
                round && s.size().stretch() > 0
                        ? say.sentence(Fit.sentence(
                                s.finishedMm(), s.bodyMm(), s.size().comfortable()))
                        : "",
                woven(s, round));
    }

    private String woven(Size.Finished s, boolean round) {
        double add = Fit.toAddMm(s.finishedMm(), s.bodyMm(), 0);
        return round && s.size().kind() == Size.Kind.GIRTH && s.size().stretch() > 0 && add > 0.5
                ? Wording.fill("in cloth that does not stretch it would need %s more here", say.length(add))
                : "";
    }

    private PatternView.PieceView piece(Piece piece) {
        var cut = piece.cutLine().ring();
        boolean trims = piece.allowances().values().stream().anyMatch(a -> a.trimMm() != a.mm());
        return new PatternView.PieceView(
                piece.id(),
                piece.name(),
                piece.quantity(),
                piece.pair(),
                switch (piece.grain()) {
                    case LENGTHWISE -> "lengthwise, pile up";
                    case EITHER -> "lengthwise or crosswise";
                    case BIAS -> "on the bias, 45° to the grain";
                },
                piece.required(),
                Say.points(cut.points()),
                Say.points(piece.stitchLine().ring().points()),
                trims ? Say.points(piece.trimLine().ring().points()) : List.of(),
                piece.notches().stream()
                        .map(n -> new PatternView.NotchView(n.label(), n.at().x(), n.at().y()))
                        .toList(),
                piece.marks().stream()
                        .map(m -> new PatternView.PieceMarkView(
                                m.kind(),
                                m.kind().words(),
                                m.label(),
                                m.kind().until().words(),
                                Say.points(m.points())))
                        .toList(),
                piece.stitchLine().edges().stream()
                        .map(e -> allowance(piece, e))
                        .toList(),
                InnerEdge.of(piece).stream().map(this::inner).toList(),
                piece.covered().stream().map(r -> Say.points(r.points())).toList(),
                say.cutSize(cut.box().widthMm(), cut.box().heightMm()),
                own(piece).isPresent(),
                piece.wishes().entrySet().stream()
                        .map(w -> new PatternView.WishView(
                                w.getKey(),
                                w.getValue().role(),
                                w.getValue().role().words(),
                                say.field(w.getValue().lapMm()),
                                Say.points(piece.stitchLine().edge(w.getKey()).flattened(0.3))))
                        .sorted(java.util.Comparator.comparing(PatternView.WishView::edge))
                        .toList(),
                corners(piece),
                piece.cloth(),
                piece.cloth().words(),
                piece.way().wrongSideOut(),
                piece.way().uneven(),
                piece.way().uneven() || piece.pair()
                        ? ""
                        : say.sentence(Symmetry.of(piece).sentence()));
    }

    private Optional<Piece> own(Piece piece) {
        return project.pieces() instanceof PatternPieces pattern
                ? pattern.own().stream().filter(p -> p.id().equals(piece.id())).findFirst()
                : Optional.empty();
    }

    /** As it was entered: what changes did to it is done again after it was edited. */
    private List<PatternView.CornerView> corners(Piece piece) {
        Piece entered = own(piece).orElse(piece);
        return entered.stitchLine().edges().stream()
                .map(e -> corner(e, entered))
                .toList();
    }

    private PatternView.CornerView corner(Edge edge, Piece piece) {
        String mark = piece.notches().stream()
                .filter(n -> n.at().distanceMm(edge.at(0.5)) < 0.5)
                .findFirst()
                .map(Piece.Notch::label)
                .orElse("");
        double bow = edge.bowMm();
        return new PatternView.CornerView(
                say.field(edge.start().x()),
                say.field(edge.start().y()),
                edge.name(),
                Math.abs(bow) < 0.005 ? "" : say.field(bow),
                mark);
    }

    private PatternView.InnerEdgeView inner(InnerEdge edge) {
        return new PatternView.InnerEdgeView(
                edge.kind(),
                edge.kind().words(),
                edge.words(),
                edge.of(),
                say.length(edge.lengthMm()),
                say.sentence(edge.sentence()),
                edge.isForced(),
                Say.points(edge.line()));
    }

    private PatternView.AllowanceView allowance(Piece piece, Edge edge) {
        Allowance a = piece.allowance(edge.name());
        Point middle = edge.at(0.5);
        double slip = a.slipMm() * piece.quantity();
        return new PatternView.AllowanceView(
                edge.name(),
                say.length(edge.lengthMm()),
                say.field(a.mm()),
                a.sewMm() == a.mm() ? "" : say.field(a.sewMm()),
                a.trimMm() == a.mm() ? "" : say.field(a.trimMm()),
                say.sentence(a.why()),
                a.turn().kind(),
                a.turn().underMm() == 0 ? "" : say.field(a.turn().underMm()),
                a.isTrimmedTooFar(),
                slip == 0
                        ? ""
                        : Wording.fill(
                                "%s on every girth that crosses it, over %d piece%s",
                                say.difference(slip), piece.quantity(), piece.quantity() == 1 ? "" : "s"),
                middle.x(),
                middle.y(),
                Say.points(edge.flattened(0.3)));
    }
}
