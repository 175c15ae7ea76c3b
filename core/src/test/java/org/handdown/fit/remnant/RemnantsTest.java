package org.handdown.fit.remnant;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Objects;
import org.handdown.fit.Fit;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FlawZone;
import org.handdown.fit.Placed;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Test;

/** What is left of a panel, by plane arithmetic. */
class RemnantsTest {
    private static final FitPanel SHEET = Fit.panel("p", Ring.rectangle(0, 0, 500, 300));

    private static List<FitLayout.Remnant> left(FitPanel panel, Placed... placed) {
        return new Remnants(Fit.fill(List.of(panel), Fit.piece("a", Fit.SQUARE_100, 20))).of(List.of(placed));
    }

    private static FitLayout.GrainRectangle rectangle(FitLayout.Remnant remnant) {
        return Objects.requireNonNull(remnant.largestRectangle());
    }

    @Test
    void whatIsLeftIsThePanelLessThePieces() {
        assertThat(left(SHEET, Fit.at("a", 0, 0, 0))).singleElement().satisfies(r -> {
            assertThat(r.outline().areaMm2()).isCloseTo(500 * 300 - 100 * 100, within(50.0));
            // Beside the piece 400 × 300, above it 500 × 200.
            assertThat(rectangle(r).areaMm2()).isCloseTo(120_000, within(200.0));
        });
    }

    @Test
    void theLargestComesFirst() {
        List<FitLayout.Remnant> two =
                left(SHEET, Fit.at("a", 0, 100, 0), Fit.at("a", 1, 100, 100), Fit.at("a", 2, 100, 200));
        assertThat(two).hasSize(2);
        assertThat(two.get(0).outline().areaMm2()).isCloseTo(300 * 300, within(50.0));
        assertThat(two.get(1).outline().areaMm2()).isCloseTo(100 * 300, within(50.0));
    }

    /** A strip of 8 mm between two pieces is waste: a bias binding wants more. */
    @Test
    void sliversAreNotTold() {
        FitPanel narrow = Fit.panel("p", Ring.rectangle(0, 0, 208, 100));
        assertThat(left(narrow, Fit.at("a", 0, 0, 0), Fit.at("a", 1, 108, 0))).isEmpty();
        FitPanel wider = Fit.panel("p", Ring.rectangle(0, 0, 230, 100));
        assertThat(left(wider, Fit.at("a", 0, 0, 0), Fit.at("a", 1, 130, 0))).hasSize(1);
    }

    @Test
    void holesAndWhatIsToBeAvoidedAreGone() {
        FlawZone stain = new FlawZone(FlawZone.Kind.AVOID, Ring.rectangle(400, 200, 100, 100), "stain");
        FlawZone fade = new FlawZone(FlawZone.Kind.HIDE, Ring.rectangle(0, 200, 100, 100), "fade");
        FitPanel panel = Fit.with(SHEET, List.of(Ring.rectangle(200, 100, 50, 50)), List.of(stain, fade));
        assertThat(Remnants.usable(panel).areaMm2()).isCloseTo(150_000 - 2_500 - 10_000, within(1e-6));
        double told =
                left(panel).stream().mapToDouble(r -> r.outline().areaMm2()).sum();
        assertThat(told).isCloseTo(137_500, within(100.0));
    }

    /** The rectangle lies along the grain, not along the panel. */
    @Test
    void theRectangleFollowsTheGrain() {
        FitPanel turned = Fit.with(
                Fit.panel(
                        "p",
                        Region.of(Ring.rectangle(0, 0, 400, 100))
                                .turned(30)
                                .outerRings()
                                .get(0)),
                true,
                false,
                120);
        assertThat(left(turned)).singleElement().satisfies(r -> {
            assertThat(rectangle(r).rotationDeg()).isCloseTo(30, within(1e-6));
            assertThat(rectangle(r).widthMm()).isCloseTo(400, within(2.0));
            assertThat(rectangle(r).heightMm()).isCloseTo(100, within(2.0));
        });
    }

    @Test
    void nothingIsLeftOfAPanelThatIsFull() {
        assertThat(left(Fit.panel("p", Fit.SQUARE_100), Fit.at("a", 0, 0, 0))).isEmpty();
    }
}
