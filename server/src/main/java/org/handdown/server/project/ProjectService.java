package org.handdown.server.project;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.handdown.fit.check.Finding;
import org.handdown.fit.check.RuleChecker;
import org.handdown.formats.project.ProjectJson;
import org.handdown.make.Toolbox;
import org.handdown.measure.Practice;
import org.handdown.measure.RefusedValueException;
import org.handdown.project.Kept;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.server.table.PracticeService;
import org.handdown.server.table.TableService;
import org.handdown.server.web.AskedIn;
import org.handdown.server.web.NotThereException;
import org.handdown.server.web.StaleVersionException;
import org.handdown.server.web.UnreadableException;
import org.handdown.source.graph.StitchType;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Projects of a household; every write is one transaction, names the version it was made on, and can be undone. What cannot be shown is
 * not stored: the answer is made from the document as it would be read again, before the transaction ends.
 */
@Service
public class ProjectService {
    /** States kept for undo. */
    private static final int STATES_KEPT = 40;

    /** Of them the newest are tried for whether they can be shown; older ones only for whether they can be read. */
    private static final int WORKED_OUT = 6;

    private final ProjectMapper mapper;
    private final TableService table;
    private final PracticeService practice;
    private final Kept kept;

    ProjectService(ProjectMapper mapper, TableService table, PracticeService practice, Kept kept) {
        this.mapper = mapper;
        this.table = table;
        this.practice = practice;
        this.kept = kept;
    }

    @Transactional(readOnly = true)
    List<ProjectMapper.TitleRow> list(UUID household) {
        return mapper.list(household);
    }

    @Transactional(readOnly = true)
    List<ProjectMapper.TitleRow> listThrownAway(UUID household) {
        return mapper.listThrownAway(household);
    }

    /** @throws UnreadableException if its document cannot be read any more */
    @Transactional(readOnly = true)
    public StoredProject require(UUID household, UUID id) {
        ProjectMapper.ProjectRow row = mapper.find(household, id).orElseThrow(ProjectService::notThere);
        return new StoredProject(
                row.id(),
                row.version(),
                readable(row.document()),
                row.undoWhat(),
                row.redoWhat(),
                rates(household),
                table.toolbox(household),
                practice.of(household),
                kept);
    }

    private Project readable(String document) {
        try {
            Project project = kept.of(Kept.Result.DOCUMENT, List.of(document), () -> ProjectJson.read(document));
            AskedIn.unit(Say.to(project).unit());
            return project;
        } catch (RefusedValueException e) {
            throw new UnreadableException(e.field() + ": " + e.getMessage());
        }
    }

    private Map<StitchType, Double> rates(UUID household) {
        Map<StitchType, Double> rates = new EnumMap<>(StitchType.class);
        mapper.rates(household).forEach(r -> rates.put(r.stitch(), r.minutesPerMetre()));
        return rates;
    }

    /** The times of a project follow its checked-off steps, through undo and redo. */
    private void storeTimes(UUID household, UUID id, Workroom room) {
        mapper.deleteTimes(household, id);
        room.unpickTimes().forEach(t -> mapper.insertTime(household, id, t));
    }

    private static NotThereException notThere() {
        return new NotThereException("There is no such project in this household; it may have been thrown away.");
    }

    @Transactional
    public UUID create(UUID household, Project project, String what) {
        UUID id = UUID.randomUUID();
        String document = ProjectJson.text(project);
        mapper.insert(household, id, project.name());
        mapper.insertState(household, id, 1, what, document);
        shown(household, new Move(id, 1, null, null), document);
        return id;
    }

    /** A project that is begun here: it goes by the household's figures of common practice. */
    @Transactional
    public UUID begin(UUID household, Project project, String what) {
        return create(household, project.by(practice.of(household)), what);
    }

    /** The figures of common practice that the household goes by now, for a project that was begun under others. */
    @Transactional
    public ProjectView takeOverPractice(UUID household, UUID id, long version) {
        Practice now = practice.of(household);
        return edit(household, id, version, "the household's figures taken over", project -> project.by(now));
    }

    /** A project from its open format. */
    @Transactional
    public UUID importProject(UUID household, String text) {
        return create(household, requireSound(text), "import");
    }

    /**
     * A project from its open format, whole and fit to be shown. A lay in it must keep every rule, as any lay must.
     *
     * @throws RefusedValueException naming the field that is at fault
     */
    static Project requireSound(String text) {
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
        ProjectViews.of(new StoredProject(
                UUID.randomUUID(), 1, project, null, null, Map.of(), Toolbox.FULL, project.practice(), Kept.NOTHING));
        return project;
    }

    /**
     * Changes a project.
     *
     * @param version the version the change was made on
     * @param what the change in words, for undo
     * @return what there is to see of it now
     * @throws StaleVersionException if somebody wrote meanwhile
     */
    @Transactional
    public ProjectView edit(UUID household, UUID id, long version, String what, UnaryOperator<Project> change) {
        return edit(household, requireLocked(household, id, version), what, change);
    }

    /** Changes a project whatever its version: for work in the background that adds without overwriting. */
    @Transactional
    public ProjectView editLatest(UUID household, UUID id, String what, UnaryOperator<Project> change) {
        return edit(household, requireLocked(household, id), what, change);
    }

    private ProjectView edit(UUID household, ProjectMapper.ProjectRow row, String what, UnaryOperator<Project> change) {
        Project changed = change.apply(readable(row.document()));
        String document = ProjectJson.text(changed.remembering(AsTyped.words()));
        mapper.deleteStates(household, row.id(), row.seq(), row.seq() + 1 - STATES_KEPT);
        mapper.insertState(household, row.id(), row.seq() + 1, what, document);
        return moveTo(household, row, document, row.seq() + 1);
    }

    @Transactional
    public ProjectView undo(UUID household, UUID id, long version) {
        return step(household, requireLocked(household, id, version), -1);
    }

    @Transactional
    public ProjectView redo(UUID household, UUID id, long version) {
        return step(household, requireLocked(household, id, version), 1);
    }

    private ProjectView step(UUID household, ProjectMapper.ProjectRow row, int by) {
        String document = mapper.state(household, row.id(), row.seq() + by)
                .orElseThrow(() -> new NotThereException("There is nothing to " + (by < 0 ? "undo." : "redo.")));
        return moveTo(household, row, document, row.seq() + by);
    }

    /**
     * An earlier state of a project.
     *
     * @param what was done to come to it
     * @param trouble why it cannot be opened; empty where it can
     */
    public record State(long seq, String what, OffsetDateTime at, boolean current, String trouble) {}

    /** All states that are kept, the newest first. */
    @Transactional(readOnly = true)
    public List<State> states(UUID household, UUID id) {
        long current =
                mapper.find(household, id).orElseThrow(ProjectService::notThere).seq();
        List<State> states = new ArrayList<>();
        for (ProjectMapper.StateRow s : mapper.states(household, id)) {
            String trouble = trouble(s.document(), states.size() < WORKED_OUT);
            states.add(new State(s.seq(), s.what(), s.madeAt(), s.seq() == current, trouble));
        }
        return List.copyOf(states);
    }

    private String trouble(String document, boolean workedOut) {
        try {
            Project project = readable(document);
            if (workedOut) {
                new Workroom(project).requireWorkable();
            }
            return "";
        } catch (UnreadableException | RefusedValueException e) {
            return String.valueOf(e.getMessage());
        }
    }

    /** Goes back to a state that is kept; redo comes back from there. */
    @Transactional
    public ProjectView goTo(UUID household, UUID id, long seq) {
        ProjectMapper.ProjectRow row = requireLocked(household, id);
        String document = mapper.state(household, id, seq)
                .orElseThrow(() -> new NotThereException("That state is not kept any more; choose another."));
        return moveTo(household, row, document, seq);
    }

    /** The document as it is stored, whether or not it can be read. */
    @Transactional(readOnly = true)
    String document(UUID household, UUID id) {
        return mapper.find(household, id).orElseThrow(ProjectService::notThere).document();
    }

    private ProjectMapper.ProjectRow requireLocked(UUID household, UUID id, long version) {
        ProjectMapper.ProjectRow row = requireLocked(household, id);
        if (row.version() != version) {
            throw new StaleVersionException(Objects.requireNonNullElse(row.undoWhat(), "an undo"));
        }
        return row;
    }

    /**
     * The row of the project alone is locked first, and read again with its state afterwards: a statement that waits for the lock would
     * join the state of before, which the writer ahead has replaced.
     */
    private ProjectMapper.ProjectRow requireLocked(UUID household, UUID id) {
        if (mapper.lock(household, id) == null) {
            throw notThere();
        }
        return mapper.find(household, id).orElseThrow(ProjectService::notThere);
    }

    private ProjectView moveTo(UUID household, ProjectMapper.ProjectRow row, String document, long seq) {
        if (mapper.move(household, row.id(), readable(document).name(), seq, row.version()) != 1) {
            throw new IllegalStateException("Impossible state: a locked project changed its version.");
        }
        ProjectMapper.ProjectRow moved = mapper.find(household, row.id()).orElseThrow();
        return shown(household, new Move(row.id(), moved.version(), moved.undoWhat(), moved.redoWhat()), document);
    }

    /** Where a project stands after a write. */
    private record Move(
            UUID id,
            long version,
            @org.jspecify.annotations.Nullable String undoWhat,
            @org.jspecify.annotations.Nullable String redoWhat) {}

    /** What there is to see after a write, made before the transaction ends. */
    private ProjectView shown(UUID household, Move at, String document) {
        Project project = readable(document);
        // First: the household's rates, read below, are made of these times too.
        storeTimes(household, at.id, new Workroom(project, Map.of(), Toolbox.FULL, kept));
        StoredProject stored = new StoredProject(
                at.id,
                at.version,
                project,
                at.undoWhat,
                at.redoWhat,
                rates(household),
                table.toolbox(household),
                practice.of(household),
                kept);
        Workroom room = stored.room();
        room.requireWorkable();
        return ProjectViews.of(stored, room);
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
