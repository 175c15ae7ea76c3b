package org.handdown.server.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.formats.Json;
import org.handdown.formats.project.ProjectJson;
import org.handdown.measure.Length;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Origin;
import org.handdown.measure.Practice;
import org.handdown.project.Aim;
import org.handdown.project.Kept;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.server.project.HouseholdWays;
import org.handdown.server.project.KeptResults;
import org.handdown.server.project.StoredProject;
import org.handdown.source.Construction;
import org.handdown.source.Source;
import org.handdown.source.anatomy.GarmentMeasures;
import org.handdown.unpick.JoinDecision;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is kept is never seen: a view made from kept results is the view made anew, whatever is changed in whatever order. */
class KeptResultsTest {
    private static final UUID ID = new UUID(0, 1);

    static Stream<Path> demo() throws IOException {
        return Files.list(Path.of("../demo"))
                .filter(p -> p.toString().endsWith(".project.json"))
                .sorted();
    }

    private static Project project(Path file) throws IOException {
        return ProjectJson.read(Files.readString(file));
    }

    /** As it is sent. */
    private static String view(Project project, Kept kept) {
        return Json.MAPPER
                .valueToTree(ProjectViews.of(new StoredProject(
                        new StoredProject.Stand(ID, 1, null, null),
                        project,
                        HouseholdWays.shipped(Practice.SHIPPED),
                        kept)))
                .toString();
    }

    private static Project taller(Project project) {
        Aim aim = project.aim();
        if (aim == null) {
            return project;
        }
        Map<BodyMeasure, Wearer.Taken> measures = new EnumMap<>(aim.wearer().measures());
        measures.put(BodyMeasure.HIP, new Wearer.Taken(Length.ofMm(911), "91.1 cm", Origin.TAPE));
        return project.withAim(new Aim(
                aim.garment(), aim.draft(), aim.what(), new Wearer(aim.wearer().name(), measures), aim.unit()));
    }

    private static Project inInches(Project project) {
        Aim aim = project.aim();
        return aim == null
                ? project
                : project.withAim(new Aim(aim.garment(), aim.draft(), aim.what(), aim.wearer(), LengthUnit.INCH));
    }

    private static Project wider(Project project) {
        Source source = project.source();
        if (source == null) {
            return project;
        }
        GarmentMeasures m = source.construction().measures();
        Map<String, Double> values = new LinkedHashMap<>(m.values());
        values.merge("allowance", 1.0, Double::sum);
        if (!m.values().containsKey("allowance")) {
            values = m.values();
        }
        return project.withSource(source.withConstruction(new Construction(
                new GarmentMeasures(m.kind(), values), source.construction().adjustments())));
    }

    private static Project oneJoinLeft(Project project) {
        Map<String, JoinDecision> joins = new HashMap<>(project.opening().joins());
        joins.keySet().stream().sorted().findFirst().ifPresent(j -> joins.put(j, JoinDecision.LEAVE));
        return project.withOpening(new Project.Opening(joins, project.opening().stretches()));
    }

    private static final List<UnaryOperator<Project>> CHANGES = List.of(
            KeptResultsTest::taller,
            KeptResultsTest::wider,
            KeptResultsTest::oneJoinLeft,
            KeptResultsTest::inInches,
            p -> p.by(new Practice(Map.of(Practice.Figure.GAP, 7.0, Practice.Figure.RATE_PLAIN, 9.0))),
            p -> new Workroom(p).redoPieces(),
            p -> p.withKept(List.of()));

    @ParameterizedTest
    @MethodSource("demo")
    void keptResultsAreNeverSeen(Path file) throws IOException {
        KeptResults kept = new KeptResults();
        Project project = project(file);
        assertThat(view(project, kept)).isEqualTo(view(project, Kept.NOTHING));
        for (UnaryOperator<Project> change : CHANGES) {
            Project applied = change.apply(project);
            Project changed = ProjectJson.read(ProjectJson.text(applied));
            // What was not touched need not be read again to know what it reads back as.
            assertThat(ProjectJson.readBack(ProjectJson.write(applied), applied, project))
                    .isEqualTo(changed);
            assertThat(view(changed, kept)).isEqualTo(view(changed, Kept.NOTHING));
            // And back again, with all of it still there.
            assertThat(view(project, kept)).isEqualTo(view(project, Kept.NOTHING));
            project = changed;
        }
    }

    /** Counts what is made anew. */
    private static final class Counting implements Kept {
        private final KeptResults kept = new KeptResults();
        private final Map<Result, Integer> made = new EnumMap<>(Result.class);

        @Override
        public <T> T of(Result result, List<? extends @Nullable Object> from, Supplier<T> make) {
            return kept.of(result, from, () -> {
                made.merge(result, 1, Integer::sum);
                return make.get();
            });
        }

        Map<Result, Integer> madeBy(Project project) {
            made.clear();
            view(project, this);
            return Map.copyOf(made);
        }
    }

    /** A change of one figure makes anew only what reads it, station by station. */
    @Test
    void oneFigureMakesAnewOnlyWhatReadsIt() throws IOException {
        Project project = project(Path.of("../demo/1-dungarees.project.json"));
        Counting counting = new Counting();
        assertThat(counting.madeBy(project))
                .containsKeys(Kept.Result.ANATOMY, Kept.Result.PROBLEM, Kept.Result.LEFTOVERS);
        assertThat(counting.madeBy(ProjectJson.read(ProjectJson.text(project)))).isEmpty();
        // A girth of the body: nothing is drafted anew unasked, so only the view is put together again.
        assertThat(counting.madeBy(taller(project))).containsOnlyKeys(Kept.Result.VIEW);
        // One join: what hangs together and what lives on; no panel, no piece.
        assertThat(counting.madeBy(oneJoinLeft(project)))
                .doesNotContainKeys(Kept.Result.ANATOMY, Kept.Result.PANEL, Kept.Result.DESIGN, Kept.Result.LEFTOVERS)
                .containsKey(Kept.Result.KEEPERS);
        // A figure of practice: drafts are drawn by them, and pieces lie by them; the cloth is what it was.
        assertThat(counting.madeBy(project.by(new Practice(Map.of(Practice.Figure.GAP, 7.0)))))
                .doesNotContainKeys(Kept.Result.ANATOMY, Kept.Result.PANEL, Kept.Result.USABLE, Kept.Result.LEFTOVERS)
                .containsKey(Kept.Result.PROBLEM);
        // An allowance of the source: its anatomy; panels that were surveyed stay as they are.
        assertThat(counting.madeBy(wider(project)))
                .containsKey(Kept.Result.ANATOMY)
                .doesNotContainKeys(
                        Kept.Result.PANEL, Kept.Result.DESIGN, Kept.Result.VIEW_PIECES, Kept.Result.LEFTOVERS);
    }

    @Test
    void whatFailsIsNotKept() {
        KeptResults kept = new KeptResults();
        List<Object> key = List.of("a");
        assertThat(org.assertj.core.api.Assertions.catchThrowable(() -> kept.of(Kept.Result.DESIGN, key, () -> {
                    throw new IllegalStateException("no");
                })))
                .hasMessage("no");
        assertThat(kept.<String>of(Kept.Result.DESIGN, key, () -> "yes")).isEqualTo("yes");
        assertThat(kept.<String>of(Kept.Result.DESIGN, List.of("a"), () -> "other"))
                .isEqualTo("yes");
    }
}
