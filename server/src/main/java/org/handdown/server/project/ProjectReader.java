package org.handdown.server.project;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import org.handdown.formats.project.ProjectJson;
import org.handdown.make.Toolbox;
import org.handdown.measure.RefusedValueException;
import org.handdown.project.Kept;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.server.table.PracticeService;
import org.handdown.server.table.TableService;
import org.handdown.server.web.AskedIn;
import org.handdown.server.web.NotThereException;
import org.handdown.server.web.UnreadableException;
import org.handdown.source.graph.StitchType;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Reads projects, and what their household goes by. */
@Component
class ProjectReader {
    private final ProjectMapper mapper;
    private final TableService table;
    private final PracticeService practice;
    private final Kept kept;

    ProjectReader(ProjectMapper mapper, TableService table, PracticeService practice, Kept kept) {
        this.mapper = mapper;
        this.table = table;
        this.practice = practice;
        this.kept = kept;
    }

    static NotThereException notThere() {
        return new NotThereException("There is no such project in this household; it may have been thrown away.");
    }

    ProjectMapper.ProjectRow row(ProjectOf of) {
        return mapper.find(of.household(), of.id()).orElseThrow(ProjectReader::notThere);
    }

    /** @throws UnreadableException if it cannot be read any more */
    Project project(ProjectOf of, ProjectMapper.ProjectRow row) {
        return unlessUnreadable(() ->
                kept.of(Kept.Result.DOCUMENT, key(row), () -> ProjectJson.read(document(of, row.seq()))));
    }

    private static List<Object> key(ProjectMapper.ProjectRow row) {
        return List.of(row.id(), row.seq(), row.mark());
    }

    String document(ProjectOf of, long seq) {
        return mapper.state(of.household(), of.id(), seq).orElseThrow(ProjectReader::notThere);
    }

    /** @throws UnreadableException if it cannot be read any more */
    Project readable(String document) {
        return unlessUnreadable(() -> ProjectJson.read(document));
    }

    /** What a changed project reads back as. */
    Project readBack(JsonNode written, Project changed, Project proven) {
        return unlessUnreadable(() -> ProjectJson.readBack(written, changed, proven));
    }

    private static Project unlessUnreadable(Supplier<Project> read) {
        try {
            return asked(read.get());
        } catch (RefusedValueException e) {
            throw new UnreadableException(e.field() + ": " + e.getMessage());
        }
    }

    /** A state whose project is known already, for those who will read it. */
    Project known(ProjectMapper.ProjectRow row, Project project) {
        return asked(kept.of(Kept.Result.DOCUMENT, key(row), () -> project));
    }

    private static Project asked(Project project) {
        AskedIn.unit(Say.to(project).unit());
        return project;
    }

    StoredProject stored(ProjectMapper.ProjectRow row, Project project, HouseholdWays ways) {
        return new StoredProject(
                new StoredProject.Stand(row.id(), row.version(), row.undoWhat(), row.redoWhat()), project, ways, kept);
    }

    /** One that is not stored yet. */
    StoredProject unstored(Project project, HouseholdWays ways) {
        return new StoredProject(StoredProject.Stand.NOWHERE, project, ways, kept);
    }

    @Transactional(readOnly = true)
    HouseholdWays ways(UUID household) {
        Map<StitchType, Double> rates = new EnumMap<>(StitchType.class);
        mapper.rates(household).forEach(r -> rates.put(r.stitch(), r.minutesPerMetre()));
        return new HouseholdWays(rates, table.toolbox(household), practice.of(household));
    }

    /** What follows from a project, by shipped rates and every tool: whatever does not speak of minutes. */
    Workroom room(Project project) {
        return new Workroom(project, Map.of(), Toolbox.FULL, kept);
    }
}
