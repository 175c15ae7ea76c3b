package org.handdown.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.handdown.Demo;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitProblem;
import org.handdown.fit.search.Fitter;
import org.handdown.geometry.Ring;
import org.handdown.source.anatomy.SourceKind;
import org.junit.jupiter.api.Test;

/** A project among others: its picture, thin enough for a list, and where to go on. */
class GlanceTest {
    private static Glance of(Project project) {
        return Glance.of(project, new Workroom(project));
    }

    private static Project laid() {
        Project project = Demo.project(1100);
        FitProblem problem = new Workroom(project).problem().orElseThrow();
        FitLayout layout = Fitter.fit(problem, new Fitter.Budget(Double.POSITIVE_INFINITY, 0, 1, 1));
        return project.withLay(new Lay(problem, layout, false));
    }

    @Test
    void nothingSettledShowsNothingAndBeginsAtAim() {
        Glance glance = of(Project.named("something"));
        assertThat(glance.shows()).isEqualTo(Glance.Shows.NOTHING);
        assertThat(glance.next()).contains(Station.AIM);
        assertThat(glance.settled()).isZero();
    }

    @Test
    void aSourceIsShownByItsPartsUntilItLiesFlat() {
        Project sourced = Project.named("something").withSource(Demo.source(Demo.average(SourceKind.SHIRT, Map.of())));
        Glance glance = of(sourced);
        assertThat(glance.shows()).isEqualTo(Glance.Shows.SOURCE);
        assertThat(glance.sheets())
                .hasSizeGreaterThan(5)
                .allMatch(s -> s.colour().startsWith("#"));
        assertThat(of(Demo.project(1100)).shows()).isEqualTo(Glance.Shows.PANELS);
    }

    /** What is left out is thinner than a pixel of a picture: the area of each piece stays within a hundredth. */
    @Test
    void aLayIsThinnedToWhatAPictureShows() {
        Project project = laid();
        Glance glance = of(project);
        Lay lay = java.util.Objects.requireNonNull(project.lay());
        assertThat(glance.shows()).isEqualTo(Glance.Shows.LAY);
        assertThat(glance.lying()).hasSameSizeAs(lay.layout().placements());
        int points = 0;
        for (int i = 0; i < glance.lying().size(); i++) {
            var at = lay.layout().placements().get(i);
            Ring whole = at.at()
                    .toPanel(lay.problem()
                            .piece(at.piece())
                            .variant(at.variant())
                            .outline());
            Ring thin = glance.lying().get(i).outline();
            assertThat(thin.areaMm2() / whole.areaMm2()).as(at.name()).isBetween(0.97, 1.03);
            points += thin.size();
        }
        assertThat(points).isLessThan(16 * glance.lying().size());
        assertThat(glance.next()).contains(Station.MAKE);
        assertThat(glance.sentence()).contains("steps done; next: ");
    }

    @Test
    void whatIsDoneIsDone() {
        Project project = laid();
        Map<String, Project.Done> all = new LinkedHashMap<>();
        new Workroom(project).steps().forEach(s -> all.put(s.id(), new Project.Done(Instant.EPOCH, null)));
        Glance glance = of(project.withDone(all));
        assertThat(glance.next()).isEqualTo(Optional.empty());
        assertThat(glance.settled()).isEqualTo(7);
        assertThat(glance.sentence()).isEqualTo("Everything is done.");
    }

    @Test
    void aVariantIsTheSamePlanWithNothingDone() {
        Project project = laid().withDone(Map.of("cut", new Project.Done(Instant.EPOCH, 5.0)));
        Project variant = project.variant("another");
        assertThat(variant.name()).isEqualTo("another");
        assertThat(variant.done()).isEmpty();
        assertThat(variant.lay()).isEqualTo(project.lay());
        assertThat(variant.renamed(project.name()).withDone(project.done())).isEqualTo(project);
        assertThat(List.of(variant.log(), variant.cloths().brought())).allMatch(List::isEmpty);
    }
}
