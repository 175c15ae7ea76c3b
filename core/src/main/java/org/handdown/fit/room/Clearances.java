package org.handdown.fit.room;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.FitTolerance;
import org.handdown.fit.FlawZone;
import org.handdown.fit.PanelRun;
import org.handdown.geometry.FlatRegion;
import org.handdown.geometry.NoFitPolygon;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;

/**
 * Where shapes may lie: against the panel and its flaws, and against each other. Everything is an exact no-fit or inner-fit polygon,
 * made once and kept; safe for several threads. Slack is taken so that touching counts as free and an exact fit has room, well
 * within the depth that the fit format allows.
 */
public final class Clearances {
    /** Slack at the panel's outline, of what is allowed. */
    private static final double OUTLINE_SLACK_MM = 0.4 * FitTolerance.DEPTH_MM;
    /** Slack on gap and margin, of what is allowed. */
    private static final double DISTANCE_SLACK_MM = 0.5 * FitTolerance.DEPTH_MM;

    private static final double NEAR_ANCHOR_MM = 0.15;

    /** Round corners of a gap or margin need no more points than this, of the slack above. */
    private static final double ARC_MM = 0.02;

    /** Candidate positions are looked for on rims this far inside the no-fit polygon, and tested this much deeper. */
    static final double RIM_MM = 0.02;

    static final double TEST_MM = 0.01;

    /** Slack on the distance to a motif, of what is allowed: an exact spot leaves room to move by a hair. */
    private static final double MOTIF_SLACK_MM = 0.5 * FitTolerance.DEPTH_MM;

    private static final int DISC_CORNERS = 48;

    private final FitProblem problem;

    private final NoFits pairs;

    /** Holes and flaws with the margin round them. */
    private final Map<Ring, List<Ring>> withMargin = new ConcurrentHashMap<>();

    /** Each shape a hair smaller. */
    private final Map<Integer, Ring> smaller = new ConcurrentHashMap<>();

    private final Map<String, Region> usable = new ConcurrentHashMap<>();
    private final Map<Long, InnerFit> rooms = new ConcurrentHashMap<>();

    public Clearances(FitProblem problem) {
        this.problem = problem;
        this.pairs = new NoFits(gapMm());
    }

    /** Where the moving shape would lie on the fixed one, or nearer than the gap, both at the origin. */
    public NoFit between(Shape fixed, Shape moving) {
        return pairs.between(fixed, moving);
    }

    /** Shifts at which the moving shape would lie on the fixed one, both at the origin. */
    Region meeting(Shape fixed, Shape moving) {
        return meeting(Region.of(fixed.lean), gapMm(), moving.lean);
    }

    /** Shifts at which the moving shape would lie on a hole or a flaw, or within the margin of it. */
    Region meeting(Ring zone, Shape moving) {
        return meeting(Region.of(zone), marginMm(), moving.lean);
    }

    public InnerFit on(int panelIndex, Shape shape) {
        Long key = key(panelIndex, shape.index);
        InnerFit known = rooms.get(key);
        if (known == null) {
            Region free = free(problem.panels().get(panelIndex), shape);
            known = new InnerFit(FlatRegion.of(free), FlatRegion.drawnIn(free, -TEST_MM), free.areaMm2());
            rooms.put(key, known);
        }
        return known;
    }

    /** Shifts at which the shape may lie on the panel while nothing else does. */
    Region free(FitPanel panel, Shape shape) {
        Region inside = shape.variant.anchor() == null ? insidePanel(panel, shape) : onFinishedEdge(panel, shape);
        inside = nearMotif(inside, panel, shape);
        if (inside.isEmpty()) {
            return inside;
        }
        for (Ring hole : panel.holes()) {
            inside = inside.minus(barred(hole, shape));
        }
        for (FlawZone zone : panel.zones()) {
            if (zone.kind() == FlawZone.Kind.AVOID) {
                inside = inside.minus(barred(zone.outline(), shape));
            } else {
                for (Ring seen : shape.seen().ringsWithoutHoles()) {
                    inside = inside.minus(meeting(Region.of(zone.outline()), 0, seen));
                }
            }
        }
        return inside;
    }

    /**
     * Shifts that a hole or a flaw bars, but for the slack that every rim has. Without a margin to take the slack from, it is the piece that
     * is taken a hair smaller: a flaw may be as thin as a slit and would be lost.
     */
    private Region barred(Ring zone, Shape moving) {
        double margin = marginMm() - RIM_MM;
        return margin >= 0
                ? meeting(withMargin.computeIfAbsent(zone, z -> grown(Region.of(z), margin)), moving.lean)
                : NoFitPolygon.of(zone, smaller.computeIfAbsent(moving.index, i -> smaller(moving.lean)));
    }

    private static Ring smaller(Ring shape) {
        Ring drawn = shape.counterClockwise().drawnIn(RIM_MM);
        return drawn.isSimple() ? drawn : shape;
    }

    private double gapMm() {
        return Math.max(0, problem.gapMm() - DISTANCE_SLACK_MM);
    }

    private double marginMm() {
        return Math.max(0, problem.marginMm() - DISTANCE_SLACK_MM);
    }

    /** Of the shifts, those that bring the wanted spot of the piece near enough to a motif of the wanted name. */
    private Region nearMotif(Region inside, FitPanel panel, Shape shape) {
        FitPiece.MotifWish wish = problem.pieces().get(shape.piece).motif();
        if (wish == null || inside.isEmpty()) {
            return inside;
        }
        Point spot = shape.at(0, 0).toPanel(wish.point());
        List<Region> discs = panel.motifs().stream()
                .filter(m -> m.name().equals(wish.wanted(shape.mirrored)))
                .map(m ->
                        Region.of(Ring.regular(m.centre().minus(spot), wish.withinMm() + MOTIF_SLACK_MM, DISC_CORNERS)))
                .toList();
        return inside.intersection(Region.unionOf(discs));
    }

    private Region insidePanel(FitPanel panel, Shape shape) {
        return within(usable.computeIfAbsent(panel.id(), id -> usable(panel)), shape.lean);
    }

    /** The cloth of a panel less the margin, or with the slack. */
    private Region usable(FitPanel panel) {
        double margin = marginMm();
        Region cloth = Thinned.inside(panel.outline());
        return margin > 0 ? cloth.grown(-margin).simplified(ARC_MM) : cloth.grownBevelled(OUTLINE_SLACK_MM);
    }

    /** As near on the finished edge as a tape can tell, or within what the format allows where that is needed. */
    private Region onFinishedEdge(FitPanel panel, Shape shape) {
        Region near = alongFinishedEdges(panel, shape, NEAR_ANCHOR_MM);
        return near.isEmpty() ? alongFinishedEdges(panel, shape, FitTolerance.ANCHOR_MM - 0.03) : near;
    }

    private Region alongFinishedEdges(FitPanel panel, Shape shape, double reachMm) {
        FitPiece.Anchor anchor = java.util.Objects.requireNonNull(shape.variant.anchor());
        List<Point> run = shape.ring.run(anchor.from(), anchor.to());
        Region inside = within(Region.of(panel.outline()).grownBevelled(OUTLINE_SLACK_MM), shape.lean);
        List<Region> loci = new ArrayList<>();
        for (PanelRun edge : panel.edges()) {
            if (!anchor.takes(panel.id(), edge) || inside.isEmpty()) {
                continue;
            }
            Region band = Region.along(panel.outline().run(edge.from(), edge.to()), reachMm);
            Region locus = inside.intersection(
                    NoFitPolygon.lineWithin(band.outerRings().get(0), run));
            if (marginMm() > 0 && !locus.isEmpty()) {
                Region rest = Region.along(panel.outline().run(edge.to(), edge.from()), marginMm());
                locus = locus.minus(meeting(rest, 0, shape.lean));
            }
            loci.add(locus);
        }
        return Region.unionOf(loci);
    }

    private static Region within(Region container, Ring moving) {
        return Region.unionOf(
                container.parts().stream().map(part -> withinOne(part, moving)).toList());
    }

    private static Region withinOne(Region part, Ring moving) {
        Region inside = NoFitPolygon.within(part.outerRings().get(0), moving);
        for (Ring hole : part.holes()) {
            inside = inside.minus(NoFitPolygon.of(hole, moving));
        }
        return inside;
    }

    private static Region meeting(Region fixed, double distanceMm, Ring moving) {
        return meeting(grown(fixed, distanceMm), moving);
    }

    static Region meeting(List<Ring> fixed, Ring moving) {
        return fixed.size() == 1
                ? NoFitPolygon.of(fixed.get(0), moving)
                : Region.unionOf(
                        fixed.stream().map(r -> NoFitPolygon.of(r, moving)).toList());
    }

    static List<Ring> grown(Region fixed, double distanceMm) {
        Region grown = distanceMm > 0 ? fixed.grown(distanceMm).simplified(ARC_MM) : fixed;
        return grown.ringsWithoutHoles();
    }

    private static long key(int a, int b) {
        return ((long) a << 32) | b;
    }
}
