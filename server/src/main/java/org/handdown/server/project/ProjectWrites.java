package org.handdown.server.project;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.LongFunction;
import java.util.function.ToLongFunction;
import java.util.function.UnaryOperator;
import org.handdown.formats.project.ProjectJson;
import org.handdown.project.Aim;
import org.handdown.project.Brought;
import org.handdown.project.Project;
import org.handdown.server.project.ProjectMapper.ProjectRow;
import org.handdown.server.web.UnreadableException;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Writes projects. What a change makes of a project is worked out first, with nothing locked and no connection held; the transaction then
 * only looks whether the project still is what it was worked out from. What cannot be shown is not stored.
 */
@Component
class ProjectWrites {
    /** States kept for undo. */
    private static final int STATES_KEPT = 40;

    private final ProjectMapper mapper;
    private final ProjectReader reader;
    private final Showing showing;
    private final KeptGlances glances;
    private final TransactionOperations transaction;
    private final ApplicationEventPublisher events;

    ProjectWrites(
            ProjectMapper mapper,
            ProjectReader reader,
            Showing showing,
            KeptGlances glances,
            TransactionOperations transaction,
            ApplicationEventPublisher events) {
        this.mapper = mapper;
        this.reader = reader;
        this.showing = showing;
        this.glances = glances;
        this.transaction = transaction;
        this.events = events;
    }

    /** A document with the project it reads back as, known to be fit to be shown. */
    private record Sound(String document, Project project) {}

    /** Fit to be shown as a whole, and with the source in hand that the asker has in hand. */
    private Sound sound(ProjectOf of, String document, Project project) {
        HouseholdWays ways = reader.ways(of.household());
        showing.require(reader.unstored(project, ways));
        if (!of.inHand().isEmpty()) {
            showing.require(reader.unstored(of.turned(project), ways));
        }
        return new Sound(document, project);
    }

    private Sound sound(ProjectOf of, String document) {
        return sound(of, document, reader.readable(document));
    }

    private Sound changed(ProjectOf of, ProjectRow row, UnaryOperator<Project> change) {
        Project now = reader.project(of, row);
        Project changed = of.changed(now, change).remembering(AsTyped.words());
        ObjectNode written = ProjectJson.write(changed);
        return sound(of, written.toString(), reader.readBack(written, changed, now));
    }

    UUID create(UUID household, Project project, String what) {
        UUID id = UUID.randomUUID();
        ProjectOf of = new ProjectOf(household, id);
        Sound sound = sound(of, ProjectJson.text(project));
        transaction.executeWithoutResult(t -> {
            mapper.insert(household, id, project.name());
            mapper.insertState(household, id, 1, what, sound.document);
            stored(of, reader.row(of), sound.project);
        });
        return id;
    }

    /** A project that is begun here: what it says of its wearer is this household's. A file may speak of somebody else's child. */
    UUID begin(UUID household, Project project, String what) {
        return Objects.requireNonNull(transaction.execute(t -> {
            UUID id = create(household, project, what);
            ProjectOf of = new ProjectOf(household, id);
            if (project.aim() != null) {
                events.publishEvent(new AimChanged(of, null, project.aim()));
            }
            if (!project.cloths().brought().isEmpty()) {
                events.publishEvent(
                        new ThingsBrought(of, List.of(), project.cloths().brought()));
            }
            return id;
        }));
    }

    /**
     * @param check refuses a state that the change was not made on
     * @param what the change in words, for undo
     * @param change pure: it may be asked again if somebody wrote meanwhile
     */
    StoredProject change(ProjectOf of, Consumer<ProjectRow> check, String what, UnaryOperator<Project> change) {
        ProjectRow seen = reader.row(of);
        check.accept(seen);
        Sound first = changed(of, seen, change);
        return require(transaction.execute(t -> {
            ProjectRow row = locked(of);
            check.accept(row);
            Sound sound = row.mark().equals(seen.mark()) ? first : changed(of, row, change);
            mapper.deleteStates(of.household(), row.id(), row.seq(), row.seq() + 1 - STATES_KEPT);
            mapper.insertState(of.household(), row.id(), row.seq() + 1, what, sound.document);
            return moveTo(of, row, sound, row.seq() + 1);
        }));
    }

    /** @param where to which state; {@code document} its document, or a refusal */
    StoredProject goTo(
            ProjectOf of, Consumer<ProjectRow> check, ToLongFunction<ProjectRow> where, LongFunction<String> document) {
        ProjectRow seen = reader.row(of);
        check.accept(seen);
        Sound first = sound(of, document.apply(where.applyAsLong(seen)));
        return require(transaction.execute(t -> {
            ProjectRow row = locked(of);
            check.accept(row);
            long seq = where.applyAsLong(row);
            String text = document.apply(seq);
            return moveTo(of, row, text.equals(first.document) ? first : sound(of, text), seq);
        }));
    }

    private static StoredProject require(@Nullable StoredProject stored) {
        if (stored == null) {
            throw new IllegalStateException("Impossible state: a write came to nothing.");
        }
        return stored;
    }

    /**
     * The row of the project alone is locked first, and read again with its state afterwards: a statement that waits for the lock would
     * join the state of before, which the writer ahead has replaced.
     */
    private ProjectRow locked(ProjectOf of) {
        if (mapper.lock(of.household(), of.id()) == null) {
            throw ProjectReader.notThere();
        }
        return reader.row(of);
    }

    private StoredProject moveTo(ProjectOf of, ProjectRow row, Sound sound, long seq) {
        if (mapper.move(of.household(), row.id(), sound.project.name(), seq, row.version()) != 1) {
            throw new IllegalStateException("Impossible state: a locked project changed its version.");
        }
        Project before = before(of, row);
        List<Brought> had = before == null ? List.of() : before.cloths().brought();
        if (!had.equals(sound.project.cloths().brought())) {
            events.publishEvent(
                    new ThingsBrought(of, had, sound.project.cloths().brought()));
        }
        Aim aimed = before == null ? null : before.aim();
        if (before != null && !Objects.equals(aimed, sound.project.aim())) {
            events.publishEvent(new AimChanged(of, aimed, sound.project.aim()));
        }
        boolean isCut = CutTicked.isCut(sound.project);
        if (isCut != (before != null && CutTicked.isCut(before))) {
            events.publishEvent(new CutTicked(of, sound.project, isCut));
        }
        return stored(of, reader.row(of), sound.project);
    }

    /** What cannot be read any more was not cut, and held nothing, by anything that could be taken back. */
    private @Nullable Project before(ProjectOf of, ProjectRow row) {
        try {
            return reader.project(of, row);
        } catch (UnreadableException e) {
            return null;
        }
    }

    /** The times of a project follow its checked-off steps, through undo and redo; first, for the household's rates are made of them. */
    private StoredProject stored(ProjectOf of, ProjectRow row, Project project) {
        mapper.deleteTimes(of.household(), of.id());
        reader.room(project).unpickTimes().forEach(t -> mapper.insertTime(of.household(), of.id(), t));
        Project known = reader.known(row, project);
        StoredProject stored = reader.stored(row, of.turned(known), reader.ways(of.household()));
        showing.require(stored);
        glances.keep(of, reader.stored(row, known, reader.ways(of.household())));
        return stored;
    }
}
