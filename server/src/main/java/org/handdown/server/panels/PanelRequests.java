package org.handdown.server.panels;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.handdown.fit.Motif;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.panel.Flaw;
import org.handdown.panel.Panel;
import org.handdown.panel.reshape.Reshaping;
import org.handdown.panel.survey.Carried;
import org.handdown.panel.survey.ClothRepeat;
import org.handdown.panel.survey.Doubled;
import org.handdown.panel.survey.Grain;
import org.handdown.panel.survey.LegSurvey;
import org.handdown.panel.survey.Pressing;
import org.handdown.panel.survey.Survey;
import org.handdown.panel.survey.TapedSurvey;
import org.handdown.server.panels.PanelView.ExtentKind;
import org.handdown.server.panels.PanelView.GrainBy;
import org.handdown.server.project.Typed;
import org.handdown.source.shape.LegShape;
import org.jspecify.annotations.Nullable;

/** What the page sends of a panel's cloth, raw, turned into values here so that a refusal names the field. */
final class PanelRequests {
    private PanelRequests() {}

    private static List<Point> points(String field, List<double[]> given) {
        List<Point> points = new ArrayList<>();
        for (double[] p : given) {
            if (p == null || p.length != 2 || !Double.isFinite(p[0] + p[1])) {
                throw new RefusedValueException(field, "A point is two numbers.");
            }
            points.add(new Point(p[0], p[1]));
        }
        return points;
    }

    /** @param outline points of one walked round, panel frame, mm */
    record FlawRequest(
            Flaw.@Nullable Treatment treatment,
            Flaw.@Nullable Kind kind,
            @Nullable String what,
            @Nullable ExtentKind extent,
            @Nullable String x,
            @Nullable String y,
            @Nullable String toX,
            @Nullable String toY,
            @Nullable String width,
            @Nullable String height,
            @Nullable List<double[]> outline,
            @Nullable Integer layers) {
        Flaw toFlaw(String field, Typed typed) {
            Flaw.Kind of = kind == null ? Flaw.Kind.OTHER : kind;
            return new Flaw(
                    Typed.require(field + ".treatment", treatment),
                    of,
                    Typed.text(what),
                    extent(field, typed),
                    layers == null ? of.layers() : layers);
        }

        private Flaw.Extent extent(String field, Typed typed) {
            ExtentKind how = extent == null ? ExtentKind.OVAL : extent;
            if (how == ExtentKind.AROUND) {
                List<Point> points = points(field + ".outline", Typed.require(field + ".outline", outline));
                if (points.size() < 3) {
                    throw new RefusedValueException(field + ".outline", "Walk round it with at least three points.");
                }
                return new Flaw.Around(new Ring(points).counterClockwise());
            }
            Point at = new Point(typed.signedMm(field + ".x", x), typed.signedMm(field + ".y", y));
            return how == ExtentKind.STRIP
                    ? new Flaw.Strip(
                            at,
                            new Point(typed.signedMm(field + ".toX", toX), typed.signedMm(field + ".toY", toY)),
                            typed.mm(field + ".width", width))
                    : new Flaw.Oval(at, typed.mm(field + ".width", width), typed.mm(field + ".height", height));
        }
    }

    record RepeatRequest(
            @Nullable String name,
            boolean across,
            @Nullable String period,
            @Nullable String edge,
            @Nullable String first,
            boolean matched) {
        ClothRepeat toRepeat(String field, Typed typed) {
            return new ClothRepeat(
                    Typed.text(name),
                    across,
                    typed.mm(field + ".period", period),
                    Typed.text(edge),
                    Typed.text(first).isEmpty() ? 0 : typed.signedMm(field + ".first", first),
                    matched);
        }
    }

    record MotifRequest(
            @Nullable String name,
            @Nullable String x,
            @Nullable String y) {
        Motif toMotif(String field, Typed typed) {
            return new Motif(
                    Typed.text(name), new Point(typed.signedMm(field + ".x", x), typed.signedMm(field + ".y", y)));
        }
    }

    /** All a panel carries but its flaws and pressings. */
    record CarriedRequest(
            @Nullable GrainBy grain,
            @Nullable String grainEdge,
            @Nullable String fromX,
            @Nullable String fromY,
            @Nullable String toX,
            @Nullable String toY,
            boolean pileDown,
            @Nullable Boolean alike,
            boolean wrongSideUp,
            int layers,
            @Nullable List<RepeatRequest> repeats,
            @Nullable List<MotifRequest> motifs) {
        Carried toCarried(Carried before, LengthUnit unit) {
            Typed typed = new Typed(unit);
            List<ClothRepeat> stripes = new ArrayList<>();
            for (RepeatRequest r : repeats == null ? List.<RepeatRequest>of() : repeats) {
                String field = "repeats[" + stripes.size() + "]";
                stripes.add(Typed.require(field, r).toRepeat(field, typed));
            }
            List<Motif> wanted = new ArrayList<>();
            for (MotifRequest m : motifs == null ? List.<MotifRequest>of() : motifs) {
                String field = "motifs[" + wanted.size() + "]";
                wanted.add(Typed.require(field, m).toMotif(field, typed));
            }
            return new Carried(
                    before.flaws(),
                    grain(before, typed),
                    pileDown,
                    alike,
                    wrongSideUp,
                    layers,
                    stripes,
                    wanted,
                    before.pressings());
        }

        private @Nullable Grain grain(Carried before, Typed typed) {
            GrainBy by = grain == null ? GrainBy.UP : grain;
            if (by == GrainBy.UP) {
                return null;
            }
            if (by == GrainBy.EDGE) {
                return new Grain.AlongEdge(Typed.text(grainEdge));
            }
            Point from = new Point(typed.signedMm("grain.fromX", fromX), typed.signedMm("grain.fromY", fromY));
            Point to = new Point(typed.signedMm("grain.toX", toX), typed.signedMm("grain.toY", toY));
            // A direction that came with a panel made of others is kept while nobody moves it.
            return before.grain() instanceof Grain.Directed way
                            && way.from().distanceMm(from) < 0.1
                            && way.to().distanceMm(to) < 0.1
                    ? way
                    : new Grain.TwoPoints(from, to);
        }
    }

    /**
     * Cloth that was measured lying double.
     *
     * @param edge that is the fold
     * @param opened whether it lies single now
     * @param crease how the old fold is minded once it is opened
     */
    record DoublingRequest(@Nullable String edge, boolean opened, Flaw.@Nullable Treatment crease) {
        Survey toSurvey(Panel panel, Survey before) {
            String fold = Typed.text(edge);
            Flaw.Treatment minded = crease == null ? Flaw.Treatment.NOTE : crease;
            TapedSurvey taped = before instanceof TapedSurvey t ? t : Reshaping.taken(panel, before.layer());
            if (taped.method() instanceof Doubled d && d.fold().equals(fold)) {
                return taped.lying(opened, minded);
            }
            if (taped.method() instanceof Doubled d) {
                if (!d.opened()) {
                    throw new RefusedValueException(
                            "fold",
                            Wording.fill(
                                    "It lies double on “%s” already. Open it there first; then it may lie double on another edge.",
                                    d.fold()));
                }
                taped = Reshaping.taken(panel, before.layer());
            }
            return taped.doubledAt(fold, minded).lying(opened, minded);
        }
    }

    record PressingRequest(
            @Nullable String what,
            Pressing.@Nullable Direction direction,
            @Nullable String before,
            @Nullable String after) {
        Pressing toPressing(LengthUnit unit) {
            Typed typed = new Typed(unit);
            return new Pressing(
                    Typed.text(what),
                    direction == null ? Pressing.Direction.BOTH : direction,
                    typed.mm("pressing.before", before),
                    typed.mm("pressing.after", after));
        }
    }

    /** Another panel like it. @param same not turned over */
    record LikeRequest(@Nullable String name, boolean same) {}

    /** Two points of a straight cut. */
    record SplitRequest(
            @Nullable String x,
            @Nullable String y,
            @Nullable String toX,
            @Nullable String toY) {}

    /** A rectangle, or points walked round. */
    record CutOutRequest(
            @Nullable String x,
            @Nullable String y,
            @Nullable String width,
            @Nullable String height,
            @Nullable List<double[]> outline) {
        Ring toRing(LengthUnit unit) {
            if (outline != null && outline.size() >= 3) {
                return new Ring(points("cutOut.outline", outline)).counterClockwise();
            }
            Typed typed = new Typed(unit);
            return Ring.rectangle(
                    typed.signedMm("cutOut.x", x),
                    typed.signedMm("cutOut.y", y),
                    typed.mm("cutOut.width", width),
                    typed.mm("cutOut.height", height));
        }
    }

    /** @param sewn whether they still hang together there, at an old seam; then nothing is taken by another */
    record JoinRequest(
            @Nullable String edge,
            @Nullable String other,
            @Nullable String otherEdge,
            @Nullable String allowance,
            boolean sewn) {}

    record StationRequest(
            @Nullable String height,
            @Nullable String width,
            @Nullable String toSide) {
        LegShape.Station toStation(String field, LegShape.Station old, Typed typed) {
            return new LegShape.Station(
                    height == null ? old.heightMm() : typed.mm(field + ".height", height),
                    width == null ? old.widthMm() : typed.mm(field + ".width", width),
                    toSide == null ? old.toSideMm() : typed.mm(field + ".toSide", toSide));
        }
    }

    record PanelRequest(
            @Nullable Map<String, StationRequest> stations,
            @Nullable List<FlawRequest> flaws) {
        Survey toSurvey(Survey before, LengthUnit unit) {
            Typed typed = new Typed(unit);
            Survey measured = before instanceof LegSurvey leg ? leg.withShape(shape(leg.shape(), typed)) : before;
            List<FlawRequest> given = flaws;
            if (given == null) {
                return measured;
            }
            List<Flaw> read = new ArrayList<>();
            for (int i = 0; i < given.size(); i++) {
                String field = "flaws[" + i + "]";
                read.add(Typed.require(field, given.get(i)).toFlaw(field, typed));
            }
            return measured.withFlaws(read);
        }

        private LegShape shape(LegShape old, Typed typed) {
            return new LegShape(
                    station("hem", old.hem(), typed),
                    station("knee", old.knee(), typed),
                    station("thigh", old.thigh(), typed),
                    station("seat", old.seat(), typed),
                    station("waist", old.waist(), typed),
                    old.centreLiftMm());
        }

        private LegShape.Station station(String id, LegShape.Station old, Typed typed) {
            StationRequest given = stations == null ? null : stations.get(id);
            return given == null ? old : given.toStation("stations." + id, old, typed);
        }
    }
}
