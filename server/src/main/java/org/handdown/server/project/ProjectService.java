package org.handdown.server.project;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.handdown.fit.check.Finding;
import org.handdown.fit.check.RuleChecker;
import org.handdown.formats.project.ProjectJson;
import org.handdown.measure.Practice;
import org.handdown.measure.RefusedValueException;
import org.handdown.project.Brought;
import org.handdown.project.KeptLay;
import org.handdown.project.Lay;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.server.account.AccountService;
import org.handdown.server.web.StaleVersionException;
import org.handdown.server.web.UnreadableException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Projects of a household; every write is one transaction, names the version it was made on, and can be undone. */
@Service
public class ProjectService {
    private final ProjectMapper mapper;
    private final ProjectReader reader;
    private final ProjectWrites writes;
    private final Showing showing;
    private final AccountService accounts;

    ProjectService(
            ProjectMapper mapper,
            ProjectReader reader,
            ProjectWrites writes,
            Showing showing,
            AccountService accounts) {
        this.mapper = mapper;
        this.reader = reader;
        this.writes = writes;
        this.showing = showing;
        this.accounts = accounts;
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
    public StoredProject require(ProjectOf of) {
        ProjectMapper.ProjectRow row = reader.row(of);
        return reader.stored(row, of.turned(reader.project(of, row)), reader.ways(of.household()));
    }

    /** The project alone, without what its household goes by. */
    public Project project(ProjectOf of) {
        return of.turned(reader.project(of, reader.row(of)));
    }

    /** Can its document be read? */
    public boolean isReadable(ProjectOf of) {
        try {
            project(of);
            return true;
        } catch (UnreadableException e) {
            return false;
        }
    }

    /** What follows from a project, as far as it does not speak of minutes; from results that are kept. */
    public Workroom room(Project project) {
        return reader.room(project);
    }

    public UUID create(UUID household, Project project, String what) {
        return writes.create(household, project, what);
    }

    /** A project that is begun here: it goes by the household's figures of common practice and thinks in its unit. */
    public UUID begin(UUID household, Project project, String what) {
        return writes.begin(
                household, project.by(reader.ways(household).practice()).meaning(accounts.unit(household)), what);
    }

    /** The figures of common practice that the household goes by now, for a project that was begun under others. */
    public StoredProject takeOverPractice(ProjectAt at) {
        Practice now = reader.ways(at.of().household()).practice();
        return edit(at, "the household's figures taken over", project -> project.by(now));
    }

    /** A project from its open format. */
    public UUID importProject(UUID household, String text) {
        return create(household, requireSound(text), "import");
    }

    /**
     * A project from its open format, whole and fit to be shown. A lay in it must keep every rule, as any lay must.
     *
     * @throws RefusedValueException naming the field that is at fault
     */
    Project requireSound(String text) {
        Project read = ProjectJson.read(text);
        // What its things are in another stash means nothing in this one.
        Project project = read.withCloths(read.cloths().detached());
        reader.room(project).requireWorkable();
        List<Lay> lays =
                new ArrayList<>(project.kept().stream().map(KeptLay::lay).toList());
        Lay current = project.lay();
        if (current != null) {
            lays.add(current);
        }
        for (Lay lay : lays) {
            List<Finding> findings = RuleChecker.check(lay.problem(), lay.layout());
            if (!findings.isEmpty()) {
                throw new RefusedValueException(
                        "lay.layout",
                        "breaks a rule: " + findings.get(0).message() + " Lay the pieces anew before exporting.");
            }
        }
        showing.require(reader.unstored(project, HouseholdWays.shipped(project.practice())));
        for (Brought b : project.cloths().brought()) {
            if (b instanceof Brought.OtherSource) {
                Project turned = project.turnedTo(b.id());
                showing.require(reader.unstored(turned, HouseholdWays.shipped(project.practice())));
            }
        }
        return project;
    }

    /**
     * Changes a project.
     *
     * @param what the change in words, for undo
     * @param change pure: it may be asked again
     * @return the project as it stands now
     * @throws StaleVersionException if somebody wrote meanwhile
     */
    public StoredProject edit(ProjectAt at, String what, UnaryOperator<Project> change) {
        return writes.change(at.of(), at::requireVersion, what, change);
    }

    /** Changes a project whatever its version: for work in the background that adds without overwriting. */
    public StoredProject editLatest(ProjectOf of, String what, UnaryOperator<Project> change) {
        return writes.change(of, row -> {}, what, change);
    }

    /** The document as it is stored, whether or not it can be read. */
    @Transactional(readOnly = true)
    String document(ProjectOf of) {
        return reader.document(of, reader.row(of).seq());
    }

    @Transactional
    public void throwAway(ProjectOf of) {
        if (mapper.softDelete(of.household(), of.id()) != 1) {
            throw ProjectReader.notThere();
        }
    }

    @Transactional
    public void takeBack(ProjectOf of) {
        if (mapper.restore(of.household(), of.id()) != 1) {
            throw ProjectReader.notThere();
        }
    }
}
