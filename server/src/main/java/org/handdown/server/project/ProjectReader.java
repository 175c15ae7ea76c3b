package org.handdown.server.project;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
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
    Project readable(String document) {
        try {
            return asked(kept.of(Kept.Result.DOCUMENT, List.of(document), () -> ProjectJson.read(document)));
        } catch (RefusedValueException e) {
            throw new UnreadableException(e.field() + ": " + e.getMessage());
        }
    }

    /** A document whose project is known already, for those who will read it. */
    Project known(String document, Project project) {
        return asked(kept.of(Kept.Result.DOCUMENT, List.of(document), () -> project));
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
