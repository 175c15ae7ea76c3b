package org.handdown.server.project;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.handdown.formats.project.ProjectJson;
import org.handdown.lay.Finding;
import org.handdown.lay.RuleChecker;
import org.handdown.measure.RefusedValueException;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.server.table.TableService;
import org.handdown.server.web.NotThereException;
import org.handdown.server.web.StaleVersionException;
import org.handdown.source.StitchType;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Projects of a household; every write is one transaction, names the version it was made on, and can be undone. */
@Service
public class ProjectService {
    /** States kept for undo. */
    private static final int STATES_KEPT = 40;

    private final ProjectMapper mapper;
    private final TableService table;

    ProjectService(ProjectMapper mapper, TableService table) {
        this.mapper = mapper;
        this.table = table;
    }

    @Transactional(readOnly = true)
    List<ProjectMapper.TitleRow> list(UUID household) {
        return mapper.list(household);
    }

    @Transactional(readOnly = true)
    public StoredProject require(UUID household, UUID id) {
        ProjectMapper.ProjectRow row = mapper.find(household, id).orElseThrow(ProjectService::notThere);
        return new StoredProject(
                row.id(),
                row.version(),
                ProjectJson.read(row.document()),
                row.undoWhat(),
                row.redoWhat(),
                rates(household),
                table.toolbox(household));
    }

    private Map<StitchType, Double> rates(UUID household) {
        Map<StitchType, Double> rates = new EnumMap<>(StitchType.class);
        mapper.rates(household).forEach(r -> rates.put(r.stitch(), r.minutesPerMetre()));
        return rates;
    }

    /** The times of a project follow its checked-off steps, through undo and redo. */
    private void storeTimes(UUID household, UUID id, Project project) {
        mapper.deleteTimes(household, id);
        new Workroom(project).unpickTimes().forEach(t -> mapper.insertTime(household, id, t));
    }

    private static NotThereException notThere() {
        return new NotThereException("There is no such project in this household; it may have been thrown away.");
    }

    @Transactional
    public UUID create(UUID household, Project project, String what) {
        UUID id = UUID.randomUUID();
        mapper.insert(household, id, project.name());
        mapper.insertState(household, id, 1, what, ProjectJson.text(project));
        storeTimes(household, id, project);
        return id;
    }

    /** A project from its open format. A lay in it must keep every rule, as any lay must. */
    @Transactional
    public UUID importProject(UUID household, String text) {
        Project project = ProjectJson.read(text);
        new Workroom(project).requireWorkable();
        List<Project.Lay> lays = new ArrayList<>(
                project.kept().stream().map(Project.KeptLay::lay).toList());
        Project.Lay current = project.lay();
        if (current != null) {
            lays.add(current);
        }
        for (Project.Lay lay : lays) {
            List<Finding> findings = RuleChecker.check(lay.problem(), lay.layout());
            if (!findings.isEmpty()) {
                throw new RefusedValueException(
                        "lay.layout",
                        "breaks a rule: " + findings.get(0).message() + " Lay the pieces anew before exporting.");
            }
        }
        return create(household, project, "import");
    }

    /**
     * Changes a project.
     *
     * @param version the version the change was made on
     * @param what the change in words, for undo
     * @throws StaleVersionException if somebody wrote meanwhile
     */
    @Transactional
    public StoredProject edit(UUID household, UUID id, long version, String what, UnaryOperator<Project> change) {
        ProjectMapper.ProjectRow row = requireLocked(household, id, version);
        Project changed = change.apply(ProjectJson.read(row.document()));
        new Workroom(changed).requireWorkable();
        mapper.deleteStates(household, id, row.seq(), row.seq() + 1 - STATES_KEPT);
        mapper.insertState(household, id, row.seq() + 1, what, ProjectJson.text(changed));
        moveTo(household, row, changed, row.seq() + 1);
        return require(household, id);
    }

    /** Changes a project whatever its version: for work in the background that adds without overwriting. */
    @Transactional
    public StoredProject editLatest(UUID household, UUID id, String what, UnaryOperator<Project> change) {
        long version = mapper.findLocked(household, id)
                .orElseThrow(ProjectService::notThere)
                .version();
        return edit(household, id, version, what, change);
    }

    @Transactional
    public StoredProject undo(UUID household, UUID id, long version) {
        return step(household, id, version, -1);
    }

    @Transactional
    public StoredProject redo(UUID household, UUID id, long version) {
        return step(household, id, version, 1);
    }

    private StoredProject step(UUID household, UUID id, long version, int by) {
        ProjectMapper.ProjectRow row = requireLocked(household, id, version);
        String document = mapper.state(household, id, row.seq() + by)
                .orElseThrow(() -> new NotThereException("There is nothing to " + (by < 0 ? "undo." : "redo.")));
        moveTo(household, row, ProjectJson.read(document), row.seq() + by);
        return require(household, id);
    }

    private ProjectMapper.ProjectRow requireLocked(UUID household, UUID id, long version) {
        ProjectMapper.ProjectRow row = mapper.findLocked(household, id).orElseThrow(ProjectService::notThere);
        if (row.version() != version) {
            throw new StaleVersionException(java.util.Objects.requireNonNullElse(row.undoWhat(), "an undo"));
        }
        return row;
    }

    private void moveTo(UUID household, ProjectMapper.ProjectRow row, Project project, long seq) {
        if (mapper.move(household, row.id(), project.name(), seq, row.version()) != 1) {
            throw new IllegalStateException("Impossible state: a locked project changed its version.");
        }
        storeTimes(household, row.id(), project);
    }

    @Transactional
    public void throwAway(UUID household, UUID id) {
        if (mapper.softDelete(household, id) != 1) {
            throw notThere();
        }
    }

    @Transactional
    public void takeBack(UUID household, UUID id) {
        if (mapper.restore(household, id) != 1) {
            throw notThere();
        }
    }
}
