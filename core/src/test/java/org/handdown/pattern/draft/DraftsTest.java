package org.handdown.pattern.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.assertj.core.api.SoftAssertions;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Size;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What every draft must keep for every plausible body: 300 made-up ones each. */
@Tag("long")
class DraftsTest {
    private static final int BODIES = 300;

    static Stream<Draft> drafts() {
        return Drafts.all().stream();
    }

    @ParameterizedTest
    @MethodSource("drafts")
    void outlinesAreWholeAndRunCounterClockwise(Draft draft) {
        SoftAssertions all = new SoftAssertions();
        for (int i = 0; i < BODIES; i++) {
            Design design = draft.draw(Bodies.of(i), Map.of());
            for (Piece piece : design.pieces()) {
                Ring stitch = piece.stitchLine().ring();
                Ring cut = piece.cutLine().ring();
                String what = "%s %s of body %d".formatted(draft.id(), piece.id(), i);
                all.assertThat(stitch.isSimple()).as(what).isTrue();
                all.assertThat(stitch.signedAreaMm2()).as(what).isPositive();
                all.assertThat(cut.isSimple()).as(what + ", cut").isTrue();
                all.assertThat(cut.areaMm2()).as(what + ", cut").isGreaterThanOrEqualTo(stitch.areaMm2() - 1e-6);
                all.assertThat(piece.trimLine().ring().areaMm2())
                        .as(what + ", trimmed")
                        .isLessThan(cut.areaMm2() + 1e-6);
            }
        }
        all.assertAll();
    }

    @ParameterizedTest
    @MethodSource("drafts")
    void stitchLinesOfEverySeamAgreeOrDifferAsStated(Draft draft) {
        SoftAssertions all = new SoftAssertions();
        for (int i = 0; i < BODIES; i++) {
            Design design = draft.draw(Bodies.of(i), Map.of());
            for (DesignSeam.Walk walk : design.walks()) {
                DesignSeam seam = walk.seam();
                double least = walk.oneMm() * seam.leastRatio() + seam.leastEaseMm() - 0.5;
                double most = walk.oneMm() * seam.mostRatio() + seam.mostEaseMm() + 0.5;
                all.assertThat(walk.otherMm())
                        .as("%s of %s, body %d", seam.name(), draft.id(), i)
                        .isBetween(least, most);
            }
        }
        all.assertAll();
    }

    @ParameterizedTest
    @MethodSource("drafts")
    void finishedGirthsAreBodyAndEaseAndEverythingGoesOn(Draft draft) {
        SoftAssertions all = new SoftAssertions();
        for (int i = 0; i < BODIES; i++) {
            Design design = draft.draw(Bodies.of(i), Map.of());
            assertThat(design.rules()).as(draft.id()).isNotEmpty();
            for (Size.Finished size : design.sizes()) {
                String what = "%s of %s, body %d: %s".formatted(size.what(), draft.id(), i, size.formula());
                if (size.size().kind() == Size.Kind.GIRTH && size.bodyMm() > 0) {
                    all.assertThat(size.finishedMm())
                            .as(what)
                            .isCloseTo(size.bodyMm() + size.size().easeMm(), within(1.0));
                }
                all.assertThat(size.finishedMm()).as(what).isPositive();
                all.assertThat(size.fits()).as(what).isTrue();
            }
        }
        all.assertAll();
    }

    @ParameterizedTest
    @MethodSource("drafts")
    void everyDraftSaysWhatItNeeds(Draft draft) {
        assertThat(draft.about()).isNotBlank();
        assertThat(draft.cloth()).isNotBlank();
        assertThat(draft.formula()).contains("(");
        Wearer body = Bodies.of(7);
        Design design = draft.draw(body, Map.of());
        assertThat(design.pieces().stream().map(Piece::id).toList()).containsAll(draft.whole());
        assertThat(design.needs()).isNotEmpty().allMatch(n -> n.areaMm2() > 0 && n.pieces() > 0);
        for (Dimension d : draft.dimensions()) {
            assertThat(d.usualFor(body)).as(draft.id() + " " + d.id()).isBetween(d.least(), d.most());
        }
    }

    /** Every free dimension may be moved away from its usual value by itself and still gives whole pieces or a refusal that names it. */
    @ParameterizedTest
    @MethodSource("drafts")
    void freeDimensionsCanBeMovedOneByOne(Draft draft) {
        for (long seed : List.of(3L, 11L, 42L)) {
            Wearer body = Bodies.of(seed);
            for (Dimension d : draft.dimensions()) {
                for (double share : List.of(0.0, 0.25, 0.75, 1.0)) {
                    double value = d.least() + share * (d.most() - d.least());
                    double rounded = d.isWhole() ? Math.rint(value) : value;
                    try {
                        Design design = draft.draw(body, Map.of(d.id(), rounded));
                        assertThat(design.walks())
                                .as("%s with %s %s", draft.id(), d.id(), rounded)
                                .allMatch(DesignSeam.Walk::agrees);
                    } catch (org.handdown.measure.RefusedValueException e) {
                        assertThat(e.field()).startsWith("choices");
                        assertThat(e.getMessage()).hasSizeGreaterThan(30);
                    }
                }
            }
        }
    }

    @Test
    void idsAndEdgeNamesAreToldOnce() {
        assertThat(Drafts.all().stream().map(Draft::id)).doesNotHaveDuplicates();
        for (Draft draft : Drafts.all()) {
            Design design = draft.draw(Bodies.of(1), Map.of());
            assertThat(design.pieces().stream().map(Piece::id)).doesNotHaveDuplicates();
            for (Piece piece : design.pieces()) {
                assertThat(new HashSet<>(piece.stitchLine().edges().stream()
                                .map(Edge::name)
                                .toList()))
                        .as(draft.id() + " " + piece.id())
                        .hasSameSizeAs(piece.stitchLine().edges());
                Region near = Region.of(piece.stitchLine().ring()).grown(1);
                for (Mark mark : piece.marks()) {
                    if (mark.kind() != Mark.Kind.LEVEL) {
                        assertThat(mark.points())
                                .as("%s on %s of %s", mark.label(), piece.id(), draft.id())
                                .allMatch(near::covers);
                    }
                }
                assertThat(piece.notches()).as(draft.id() + " " + piece.id()).allMatch(n -> near.covers(n.at()));
            }
        }
    }

    /** The three waists are kept apart: a skirt at the high waist is drafted from that girth and never asks for the natural one. */
    @ParameterizedTest
    @ValueSource(
            strings = {"circle-skirt", "gathered-skirt", "pleated-skirt", "a-line-skirt", "wrap-skirt", "stretch-skirt"
            })
    void aSkirtIsDraftedToTheWaistItSitsAt(String id) {
        Draft draft = Drafts.require(id);
        Map<BodyMeasure, Double> three =
                Map.of(BodyMeasure.WAIST, 640.0, BodyMeasure.HIGH_WAIST, 690.0, BodyMeasure.TROUSER_WAIST, 760.0);
        Wearer body = Bodies.tall(1650, three);
        List<BodyMeasure> levels = List.of(BodyMeasure.WAIST, BodyMeasure.HIGH_WAIST, BodyMeasure.TROUSER_WAIST);
        for (int i = 0; i < levels.size(); i++) {
            Map<String, Double> sits = Map.of("sits", (double) i);
            assertThat(draft.measures(sits)).contains(levels.get(i)).doesNotContain(levels.get((i + 1) % 3));
            double waist = body.mm(levels.get(i));
            List<Size> girths = draft.draw(body, sits).rules().stream()
                    .filter(s -> s.kind() == Size.Kind.GIRTH && s.what().startsWith("waist"))
                    .toList();
            assertThat(girths).as(id).allMatch(s -> s.bodyMm() == waist);
            assertThat(id.equals("stretch-skirt") || !girths.isEmpty()).as(id).isTrue();
        }
    }

    /** Raised above the natural waist the hip lies deeper below the upper edge, by exactly as much. */
    @Test
    void theUpperEdgeMayLieAboveTheNaturalWaist() {
        Wearer body = Bodies.tall(1650, Map.of());
        Draft draft = Drafts.require("a-line-skirt");
        Map<String, Double> raised = Map.of("sits", 1.0, "rise", 60.0, "length", 700.0);
        double hipAt = draft.draw(body, raised)
                .find("front")
                .orElseThrow()
                .level("hip")
                .orElseThrow()
                .points()
                .get(0)
                .y();
        assertThat(700 - hipAt).isCloseTo(body.mm(BodyMeasure.WAIST_TO_HIP) + 60, within(1e-6));
        assertThatThrownBy(() ->
                        draft.draw(Bodies.tall(1650, Map.of(BodyMeasure.WAIST_TO_HIP, 100.0)), Map.of("rise", -90.0)))
                .hasMessageContaining("sit higher");
    }
}
