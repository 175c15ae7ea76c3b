package org.handdown.lay;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.handdown.cloth.Cloth;
import org.handdown.fit.EdgeKind;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitProblem;
import org.handdown.fit.FlawZone;
import org.handdown.fit.Motif;
import org.handdown.fit.PanelRun;
import org.handdown.fit.Repeat;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.panel.Flaw;
import org.handdown.pattern.PiecedStrips;

/**
 * A remnant as it goes back to the stash. Panel frame, mm.
 *
 * @param grainDeg direction of the lengthwise grain
 * @param edges stretches of finished edges that it still has
 * @param zones flaws on it that a lay minds
 * @param noted zones that it does not mind: only remembered, or in several layers where a piece may lie
 * @param pattern what its cloth shows: stripes and checks where they lie, motifs on it, pile, faces
 */
public record Leftover(
        FitLayout.Remnant remnant,
        String cloth,
        double grainDeg,
        List<Finished> edges,
        List<FlawZone> zones,
        List<Flaw> noted,
        Pattern pattern) {
    /** Stands for the panel of what was never part of one: cloth as it is bought. */
    public static final String SHEET = "sheet";

    /** A shorter stretch of a finished edge is no use to anybody (common practice, no source). */
    private static final double LEAST_EDGE_MM = 40;

    private static final double ON_EDGE_MM = 0.3;

    /**
     * What the cloth of a panel shows. Panel frame.
     *
     * @param oneWay pile or print runs along the grain
     * @param reversible both sides are alike
     */
    public record Pattern(boolean oneWay, boolean reversible, List<Repeat> repeats, List<Motif> motifs) {
        public static final Pattern PLAIN = new Pattern(false, false, List.of(), List.of());

        public Pattern {
            repeats = List.copyOf(repeats);
            motifs = List.copyOf(motifs);
        }
    }

    /** A stretch of an old finished edge. */
    public record Finished(EdgeKind kind, List<Point> points) {
        public Finished {
            points = List.copyOf(points);
        }

        public double lengthMm() {
            return Edge.lengthMm(points);
        }
    }

    public Leftover {
        edges = List.copyOf(edges);
        zones = List.copyOf(zones);
        noted = List.copyOf(noted);
    }

    /** With nothing noted on it. */
    public Leftover(
            FitLayout.Remnant remnant,
            String cloth,
            double grainDeg,
            List<Finished> edges,
            List<FlawZone> zones,
            Pattern pattern) {
        this(remnant, cloth, grainDeg, edges, zones, List.of(), pattern);
    }

    /** All remnants of a lay, the largest rectangle first. @param marked what people marked on the cloth */
    public static List<Leftover> of(FitProblem problem, FitLayout layout, List<Marked> marked) {
        return layout.remnants().stream()
                .map(r -> of(problem.panel(r.panel()), r, Marked.on(r.panel(), marked)))
                .toList();
    }

    private static Leftover of(FitPanel panel, FitLayout.Remnant remnant, List<Flaw> flaws) {
        Region near = Region.of(remnant.outline()).grown(ON_EDGE_MM);
        List<Finished> edges = new ArrayList<>();
        for (PanelRun run : panel.edges()) {
            if (run.kind() == EdgeKind.RAW || run.kind() == EdgeKind.SEAM) {
                continue;
            }
            near.within(panel.outline().run(run.from(), run.to())).stream()
                    .map(points -> new Finished(run.kind(), points))
                    .filter(f -> f.lengthMm() >= LEAST_EDGE_MM)
                    .forEach(edges::add);
        }
        Region area = Region.of(remnant.outline());
        List<FlawZone> zones = panel.zones().stream()
                .filter(z -> !area.intersection(Region.of(z.outline())).isEmpty())
                .toList();
        Pattern pattern = new Pattern(
                panel.oneWay(),
                panel.reversible(),
                panel.repeats(),
                panel.motifs().stream().filter(m -> area.covers(m.centre())).toList());
        List<Flaw> noted =
                flaws.stream().filter(f -> isNoted(f) && f.touches(area)).toList();
        return new Leftover(remnant, panel.cloth(), panel.grainDeg(), edges, zones, noted, pattern);
    }

    /** What is kept clear of tells all there is to know by its outline. */
    private static boolean isNoted(Flaw flaw) {
        return flaw.treatment() == Flaw.Treatment.NOTE || flaw.treatment() == Flaw.Treatment.HIDE && flaw.layers() > 1;
    }

    /** All that is known to be on it, a name each. */
    public List<String> named() {
        return Stream.concat(zones.stream().map(FlawZone::named), noted.stream().map(Flaw::named))
                .distinct()
                .toList();
    }

    /**
     * Straight strips along the grain that lie in the largest rectangle, joined end to end: what is lost at each join is the width.
     *
     * @param cutMm width of a strip
     * @return length, mm; 0 where not even one strip lies in it
     */
    public double straightMm(double cutMm) {
        FitLayout.GrainRectangle r = remnant.largestRectangle();
        if (r == null || r.widthMm() < cutMm) {
            return 0;
        }
        double strips = Math.floor(r.widthMm() / cutMm + 1e-9);
        return strips * r.heightMm() - (strips - 1) * cutMm;
    }

    /** Bias strips that really lie in it, joined on the diagonal, mm. @param cutMm width of a strip */
    public double biasMm(double cutMm) {
        return PiecedStrips.of(List.of(remnant.outline()), List.of(grainDeg), cutMm, cutMm)
                .joinedMm();
    }

    public Ring outline() {
        return remnant.outline();
    }

    /** A whole sheet of a cloth, as it is bought: selvedges at both sides, its grain up, mm. */
    public static Leftover sheet(Cloth cloth, double widthMm, double lengthMm) {
        Ring all = Ring.rectangle(0, 0, widthMm, lengthMm);
        return new Leftover(
                new FitLayout.Remnant(SHEET, all, new FitLayout.GrainRectangle(new Point(0, 0), 0, widthMm, lengthMm)),
                cloth.name(),
                90,
                List.of(new Finished(EdgeKind.SELVEDGE, all.run(1, 2)), new Finished(EdgeKind.SELVEDGE, all.run(3, 0))),
                List.of(),
                new Pattern(cloth.oneWay(), cloth.reversible(), List.of(), List.of()));
    }

    /** The same with other stripes or checks on it. */
    public Leftover striped(List<Repeat> repeats) {
        return new Leftover(
                remnant,
                cloth,
                grainDeg,
                edges,
                zones,
                noted,
                new Pattern(pattern.oneWay, pattern.reversible, repeats, pattern.motifs));
    }

    /**
     * As a panel that is cut from again, in the frame it has.
     *
     * @param name of its cloth
     */
    public FitPanel panel(String id, String name) {
        EdgedOutline.Edged edged = new EdgedOutline(outline()).with(edges);
        return new FitPanel(
                id,
                edged.outline(),
                List.of(),
                zones,
                name,
                grainDeg,
                pattern.oneWay(),
                pattern.reversible(),
                pattern.repeats(),
                edged.runs(),
                pattern.motifs());
    }
}
