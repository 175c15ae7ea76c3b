package org.handdown.source.anatomy;

import static org.handdown.source.anatomy.AnatomyBuilder.run;

import java.util.List;
import java.util.Set;
import org.handdown.geometry.Edge;
import org.handdown.measure.Wording;
import org.handdown.source.graph.Closure;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.PartId;
import org.handdown.source.graph.StitchType;

/** The joins of trousers and jeans, in the order they were sewn. */
final class TrouserSeams {
    private final TrouserMeasures m;
    private final AnatomyBuilder build;
    private final TrouserPockets pocketry;

    TrouserSeams(TrouserMeasures m, AnatomyBuilder build, TrouserPockets pocketry) {
        this.m = m;
        this.build = build;
        this.pocketry = pocketry;
    }

    void order() {
        StitchType felled = m.isWhole() ? StitchType.CHAIN : StitchType.FELLED;
        pocketry.backPockets();
        pocketry.frontPockets();
        if (m.isJeans()) {
            if (m.yokeMm() > 0) {
                for (String side : List.of("left", "right")) {
                    build.sew("yoke-" + side, side + " yoke seam", felled)
                            .rows(2)
                            .with(Join.Trait.TOPSTITCHED)
                            .along("back-" + side, "yoke")
                            .along("yoke-" + side, "yoke");
                }
            }
            seat(felled, 2);
            front(felled, 2);
            flyJoin();
            // Felled through from hem to hem; the side is closed last, so that it can be fitted.
            inseams(felled, 2, Set.of());
            sides(StitchType.OVERLOCKED, m.isWhole() ? 1 : 2, Set.of());
        } else if (m.isWhole()) {
            // Pressed open: the edges were overcast before they were sewn, and that stays in.
            Set<Join.Trait> overcast = Set.of(Join.Trait.OVERCAST);
            front(StitchType.PLAIN, 1);
            flyJoin();
            sides(StitchType.PLAIN, 1, overcast);
            inseams(StitchType.PLAIN, 1, overcast);
            seat(StitchType.PLAIN, 2);
        } else {
            flyJoin();
            sides(StitchType.OVERLOCKED, 2, Set.of());
            inseams(StitchType.OVERLOCKED, 2, Set.of());
            front(StitchType.OVERLOCKED, 2);
            seat(StitchType.OVERLOCKED, 2);
        }
        waistband();
    }

    private void flyJoin() {
        build.sew("fly", "zip fly", StitchType.TOPSTITCHED)
                .rows(2)
                .longMm(m.flyMm())
                .allowance(0)
                .tacks(2)
                .with(Join.Trait.TOPSTITCHED)
                .along("front-" + m.over(), "fly")
                .along("fly", "left")
                .then()
                .closure(new Closure("fly", Closure.Kind.ZIP, "front-" + m.over(), "centre", List.of(), 0, 0));
        if (m.isWhole()) {
            build.sew("fly-facing", "fly facing", StitchType.PLAIN)
                    .longMm(m.flyMm())
                    .allowance(m.allowanceMm())
                    .with(Join.Trait.FUSED)
                    .along("fly", "lower")
                    .along("fly-facing", "left")
                    .then()
                    .sew("fly-shield", "fly shield", StitchType.PLAIN)
                    .longMm(m.flyMm())
                    .allowance(m.allowanceMm())
                    .tacks(1)
                    .along("front-" + m.under(), "fly")
                    .along("fly", "right")
                    .along("fly-shield", "left");
        }
    }

    private void sides(StitchType stitch, int rows, Set<Join.Trait> traits) {
        for (String side : List.of("left", "right")) {
            // Beside a yoke the seam goes on as the yoke's own.
            build.sew("side-" + side, side + " side seam", stitch)
                    .rows(rows)
                    .longMm(build.part("back-" + side).outline().edge("side").lengthMm())
                    .allowance(m.allowanceMm())
                    .with(traits)
                    .along("front-" + side, "side")
                    .along("back-" + side, "side");
        }
    }

    private void inseams(StitchType stitch, int rows, Set<Join.Trait> traits) {
        for (String side : List.of("left", "right")) {
            build.sew("inseam-" + side, side + " inseam", stitch)
                    .rows(rows)
                    .with(traits)
                    .along("front-" + side, "inseam")
                    .along("back-" + side, "inseam");
        }
    }

    private void front(StitchType stitch, int rows) {
        build.sew("centre-front", "centre front seam", stitch)
                .rows(rows)
                .along("front-left", "centre")
                .along("front-right", "centre");
    }

    private void seat(StitchType stitch, int rows) {
        build.sew("centre-back", "seat seam", stitch)
                .rows(rows)
                .along("back-left", "centre")
                .along("back-right", "centre");
        if (m.yokeMm() > 0) {
            build.sew("yoke-centre", "seat seam of the yoke", stitch)
                    .rows(rows)
                    .along("yoke-left", "centre")
                    .along("yoke-right", "centre");
        }
    }

    /** One join a leg, so that the band can stay on where it serves. */
    private void waistband() {
        for (String leg : TrouserLegs.LEGS) {
            String on = m.yokeMm() > 0 ? leg.replace("back-", "yoke-") : leg;
            Edge waist = build.part(on).outline().edge("waist");
            double folded = new PartId(leg).isOf("back") ? m.backDartMm() : 0;
            build.sew(
                            "waistband-" + leg,
                            "waistband to the " + Wording.spoken(leg),
                            m.isJeans() && m.isWhole() ? StitchType.CHAIN : StitchType.TOPSTITCHED)
                    .rows(2)
                    .longMm(waist.lengthMm() - folded)
                    .allowance(m.allowanceMm())
                    .tacks(1)
                    .with(Join.Trait.TOPSTITCHED)
                    .along(on, "waist")
                    .along("waistband", "lower");
        }
        if (m.yokeMm() > 0) {
            for (String side : List.of("left", "right")) {
                build.sew("yoke-side-" + side, side + " side seam of the yoke", StitchType.OVERLOCKED)
                        .along("yoke-" + side, "side")
                        .along("front-" + side, "side");
            }
        }
        if (m.isWhole()) {
            innerBand();
        }
    }

    private void innerBand() {
        build.sew("waistband-inner", "inner waistband along the top", StitchType.PLAIN)
                .longMm(m.bandMm())
                .allowance(m.allowanceMm())
                .with(Join.Trait.FUSED)
                .along("waistband", "upper")
                .along("waistband-inner", "upper")
                .then()
                .sew("belt-loops", "belt loops", StitchType.TOPSTITCHED)
                .rows(2)
                .longMm(m.loops() * TrouserParts.LOOP_WIDE_MM)
                .allowance(0)
                .tacks(2 * m.loops())
                .along("waistband", "upper")
                .along("belt-loops", "upper")
                .then()
                .closure(new Closure(
                        "waist-fastening",
                        m.isJeans() ? Closure.Kind.BUTTONS : Closure.Kind.HOOKS,
                        "waistband",
                        m.under(),
                        List.of(m.waistbandMm() / 2),
                        20,
                        m.isJeans() ? 17 : 12));
    }

    void hems() {
        StitchType stitch = !m.isWhole() ? StitchType.PLAIN : m.isJeans() ? StitchType.TOPSTITCHED : StitchType.HAND;
        for (String side : List.of("left", "right")) {
            build.hem(
                    "hem-" + side,
                    side + " hem",
                    stitch,
                    m.hemDepthMm(),
                    run("front-" + side, "hem"),
                    run("back-" + side, "hem"));
        }
    }
}
