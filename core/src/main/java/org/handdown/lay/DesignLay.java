package org.handdown.lay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.handdown.cloth.Cloth;
import org.handdown.fit.EdgeKind;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.FlawZone;
import org.handdown.fit.Handed;
import org.handdown.fit.Objective;
import org.handdown.fit.PanelRun;
import org.handdown.fit.PieceGrain;
import org.handdown.fit.Repeat;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.measure.Wording;
import org.handdown.panel.Flaw;
import org.handdown.panel.Panel;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.Design;
import org.handdown.pattern.EdgeWish;
import org.handdown.pattern.MotifSpot;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.reuse.BestUse;
import org.handdown.reuse.Keeper;
import org.handdown.reuse.KeeperKind;
import org.handdown.reuse.Savings;
import org.handdown.reuse.Want;
import org.jspecify.annotations.Nullable;

/** Turns a design and the panels there are into a fitting problem. Edges that may lie on an old hem get a variant of their own. */
public final class DesignLay {
    /** Main pieces keep the grain within about this much (handbook of the trade §5). */
    private static final double GRAIN_TOLERANCE_DEG = 2;

    /** Half the width of a row of needle holes (common practice, no source). */
    private static final double NEEDLE_MM = 1;

    /** A trial is cut from what is left: it never takes the place of a real piece. */
    private static final double TRIAL_WORTH = 1e-3;

    private static final String SEWN = "hemmed anew";

    /** Cosine from which an edge runs across stripes rather than along them. */
    private static final double RUNS_ACROSS = 0.6;

    private static final double ON_EDGE_MM = 1;

    private DesignLay() {}

    /**
     * @param cloth that the pieces are cut from; pieces of a lining come from the lining behind it
     * @param gapMm room for chalk and scissors between pieces
     * @param marginMm kept from the panels' edges, because they were measured with some tolerance
     */
    public static FitProblem problem(Design design, List<Panel> panels, Cloth cloth, double gapMm, double marginMm) {
        return problem(design, panels, cloth, List.of(), gapMm, marginMm);
    }

    /** @param keepers as people judged them: what they refuse no piece is laid on */
    public static FitProblem problem(
            Design design, List<Panel> panels, Cloth cloth, List<Keeper> keepers, double gapMm, double marginMm) {
        return problem(design, new Table(panels, List.of(), ClothRoles.of(cloth), keepers), gapMm, marginMm);
    }

    /**
     * What is on the table to be cut from.
     *
     * @param flat cloth that lies flat already
     * @param keepers as people judged them: what they refuse no piece is laid on
     * @param meeting ids of the flat cloth whose stripes meet where pieces are sewn together
     */
    public record Table(
            List<Panel> panels, List<FitPanel> flat, ClothRoles roles, List<Keeper> keepers, Set<String> meeting) {
        public Table {
            panels = List.copyOf(panels);
            flat = List.copyOf(flat);
            keepers = List.copyOf(keepers);
            meeting = Set.copyOf(meeting);
        }

        /** Stripes of flat cloth need not meet. */
        public Table(List<Panel> panels, List<FitPanel> flat, ClothRoles roles, List<Keeper> keepers) {
            this(panels, flat, roles, keepers, Set.of());
        }

        List<FitPanel> all() {
            List<FitPanel> all =
                    new ArrayList<>(panels.stream().map(p -> panel(p, panels)).toList());
            for (FitPanel sheet : flat) {
                List<Repeat> repeats =
                        sheet.repeats().stream().map(r -> named(r, all)).toList();
                all.add(sheet.withRepeats(repeats));
            }
            return all;
        }

        /** A repeat shares its name with those of equal period alone. */
        private static Repeat named(Repeat repeat, List<FitPanel> before) {
            double usual = before.stream()
                    .flatMap(p -> p.repeats().stream())
                    .filter(r -> r.id().equals(repeat.id()))
                    .findFirst()
                    .orElse(repeat)
                    .periodMm();
            return usual == repeat.periodMm()
                    ? repeat
                    : new Repeat(
                            byPeriod(repeat.id(), repeat.periodMm()),
                            repeat.directionDeg(),
                            repeat.periodMm(),
                            repeat.phaseMm());
        }
    }

    public static FitProblem problem(Design design, Table table, double gapMm, double marginMm) {
        Map<BestUse.PieceEdge, Set<BestUse.PieceEdge>> refused = BestUse.refused(Want.of(design), table.keepers);
        List<FitPanel> all = table.all();
        return new FitProblem(
                Objective.FILL,
                gapMm,
                marginMm,
                all,
                design.pieces().stream()
                        .filter(p -> table.roles.isLaid(p.cloth()))
                        .map(p -> piece(p, table, all, refused))
                        .toList());
    }

    private static FitPanel panel(Panel panel, List<Panel> all) {
        List<FlawZone> zones = new ArrayList<>();
        for (Flaw flaw : panel.flaws()) {
            if (flaw.treatment() != Flaw.Treatment.NOTE) {
                FlawZone.Kind kind =
                        flaw.treatment() == Flaw.Treatment.AVOID ? FlawZone.Kind.AVOID : FlawZone.Kind.HIDE;
                zones.add(new FlawZone(kind, flaw.outline(), flaw.what()));
            }
        }
        zones.addAll(needleHoles(panel));
        List<PanelRun> edges = new ArrayList<>();
        panel.outline().runs().forEach((name, run) -> {
            EdgeKind kind = panel.kind(name);
            edges.add(new PanelRun(name, kind, run.from(), run.to()));
        });
        return new FitPanel(
                panel.id(),
                panel.outline().ring(),
                List.of(),
                zones,
                panel.cloth().name(),
                panel.grainDeg(),
                panel.cloth().oneWay(),
                panel.cloth().reversible(),
                panel.stripes().stream()
                        .map(s -> new Repeat(repeat(s, all), s.directionDeg(), s.periodMm(), s.phaseMm()))
                        .toList(),
                edges,
                panel.motifs());
    }

    /** Panels share a repeat while they share its period; stripes that were pressed narrower on one panel match nothing on the others. */
    private static String repeat(Panel.Stripes stripes, List<Panel> all) {
        double usual = all.stream()
                .flatMap(p -> p.stripes().stream())
                .filter(s -> s.name().equals(stripes.name()))
                .findFirst()
                .orElse(stripes)
                .periodMm();
        return usual == stripes.periodMm() ? stripes.name() : byPeriod(stripes.name(), stripes.periodMm());
    }

    private static String byPeriod(String name, double periodMm) {
        return Wording.fill("%s every %s mm", name, periodMm);
    }

    /** Where pieces meet at a notch, stripes that are to be matched have the same phase there: on the stitch line, not on the cut edge. */
    private static List<FitPiece.Match> matches(Piece piece, Table table, List<FitPanel> all) {
        List<Panel> panels = table.panels;
        // By the repeat, the way one counts from line to line with the piece's grain up.
        Map<String, Point> matched = new TreeMap<>();
        panels.forEach(p -> p.stripes().stream()
                .filter(Panel.Stripes::matched)
                .forEach(s -> matched.put(repeat(s, panels), Point.unit(90 + s.directionDeg() - p.grainDeg()))));
        all.stream()
                .filter(p -> table.meeting.contains(p.id()))
                .forEach(p -> p.repeats()
                        .forEach(r -> matched.put(r.id(), Point.unit(90 + r.directionDeg() - p.grainDeg()))));
        List<FitPiece.Match> matches = new ArrayList<>();
        matched.forEach((repeat, way) ->
                meeting(piece, way).forEach(n -> matches.add(new FitPiece.Match(n.label(), repeat, n.at()))));
        return matches;
    }

    /**
     * Notches at which stripes can meet: on an edge that runs across them, one an edge, since two edges that are not alike meet at one place
     * only. What may lie across the grain meets nowhere.
     */
    private static List<Piece.Notch> meeting(Piece piece, Point way) {
        if (piece.grain() != CutGrain.LENGTHWISE) {
            return List.of();
        }
        List<Piece.Notch> meeting = new ArrayList<>();
        for (Edge edge : piece.stitchLine().edges()) {
            Point along = edge.end().minus(edge.start()).unit();
            List<Point> line = edge.flattened(0.1);
            if (Math.abs(along.dot(way)) > RUNS_ACROSS) {
                piece.notches().stream()
                        .filter(n -> n.at().distanceMm(line) < ON_EDGE_MM)
                        .min(Comparator.comparing(Piece.Notch::label))
                        .ifPresent(meeting::add);
            }
        }
        return meeting;
    }

    /** Where needles leave marks, the old stitch lines of opened seams may only lie where nobody looks. */
    private static List<FlawZone> needleHoles(Panel panel) {
        List<FlawZone> zones = new ArrayList<>();
        if (panel.cloth().sheet().pinMarks()) {
            for (Edge edge : panel.stitchLine().edges()) {
                Outline.Run run = panel.outline().runs().get(edge.name());
                boolean opened = run != null
                        && edge.at(0.5).distanceMm(panel.outline().ring().run(run.from(), run.to())) > NEEDLE_MM;
                if (opened) {
                    Region.along(edge.flattened(0.5), NEEDLE_MM)
                            .ringsWithoutHoles()
                            .forEach(r -> zones.add(new FlawZone(FlawZone.Kind.HIDE, r, "needle holes")));
                }
            }
        }
        return zones;
    }

    private static FitPiece piece(
            Piece piece, Table table, List<FitPanel> all, Map<BestUse.PieceEdge, Set<BestUse.PieceEdge>> refused) {
        List<String> cloths = table.roles.serving(piece.cloth(), all);
        Set<EdgeKind> finished = new LinkedHashSet<>();
        all.stream()
                .filter(p -> cloths.contains(p.cloth()))
                .flatMap(p -> p.edges().stream())
                .map(PanelRun::kind)
                .filter(k -> k != EdgeKind.RAW)
                .forEach(finished::add);
        List<FitPiece.Variant> variants = new ArrayList<>();
        variants.add(variant(piece, SEWN, piece.cutLine(), null, 0));
        boolean trial = piece.cloth() == PieceCloth.REMNANT;
        new TreeMap<>(trial ? Map.<String, EdgeWish>of() : piece.wishes()).forEach((edge, wish) -> {
            Set<EdgeKind> on = new TreeSet<>(KeeperKind.edgesFor(wish.role()));
            on.retainAll(finished);
            if (!on.isEmpty()) {
                Outline.Flat cut = piece.cutLineKeeping(edge);
                Outline.Run run = java.util.Objects.requireNonNull(cut.runs().get(edge));
                FitPiece.Anchor anchor = new FitPiece.Anchor(
                        run.from(),
                        run.to(),
                        on,
                        except(table.panels, on, refused.get(new BestUse.PieceEdge(piece.id(), edge))));
                double bonus = Savings.bonusM2(
                        wish.role(), piece.stitchLine().edge(edge).lengthMm());
                variants.add(variant(piece, VariantId.keeping(edge, wish).text(), cut, anchor, bonus));
            }
        });
        PieceGrain grain = switch (piece.grain()) {
            case LENGTHWISE -> PieceGrain.LENGTHWISE;
            case EITHER -> PieceGrain.EITHER;
            case BIAS -> PieceGrain.BIAS;
        };
        return new FitPiece(
                piece.id(),
                piece.quantity(),
                piece.pair() ? Handed.PAIR : Handed.SAME,
                cloths,
                grain,
                GRAIN_TOLERANCE_DEG,
                piece.required() && !trial,
                // Every variant is worth the same cloth, so that only the kept hem tells them apart.
                Region.of(piece.stitchLine().ring()).areaMm2() / 1e6 * (trial ? TRIAL_WORTH : 1),
                variants,
                trial ? List.of() : matches(piece, table, all),
                motif(piece));
    }

    /** Of the edges that will not do, those that the anchor would otherwise take. */
    private static Set<FitPiece.PanelEdge> except(
            List<Panel> panels, Set<EdgeKind> on, @Nullable Set<BestUse.PieceEdge> refused) {
        Set<FitPiece.PanelEdge> except = new LinkedHashSet<>();
        if (refused != null) {
            for (Panel panel : panels) {
                panel.edgeKinds().forEach((edge, kind) -> {
                    if (on.contains(kind) && refused.contains(new BestUse.PieceEdge(panel.id(), edge))) {
                        except.add(new FitPiece.PanelEdge(panel.id(), edge));
                    }
                });
            }
        }
        return except;
    }

    private static FitPiece.@Nullable MotifWish motif(Piece piece) {
        MotifSpot spot = piece.way().motif();
        // A trial or a lining copied from the piece shows nothing.
        return spot == null || piece.cloth() != PieceCloth.SHELL
                ? null
                : new FitPiece.MotifWish(spot.motif(), spot.partner(), spot.at(), spot.withinMm());
    }

    private static FitPiece.Variant variant(
            Piece piece, String id, Outline.Flat cut, FitPiece.@Nullable Anchor anchor, double bonus) {
        Region allowances =
                Region.of(cut.ring()).minus(Region.of(piece.stitchLine().ring()));
        List<Ring> hidden = new ArrayList<>(allowances.ringsWithoutHoles());
        hidden.addAll(piece.covered());
        hidden.removeIf(ring -> !ring.isSimple());
        return new FitPiece.Variant(id, cut.ring(), hidden, anchor, bonus);
    }
}
