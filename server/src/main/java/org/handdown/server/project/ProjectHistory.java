package org.handdown.server.project;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import org.handdown.measure.RefusedValueException;
import org.handdown.server.web.NotThereException;
import org.handdown.server.web.UnreadableException;
import org.springframework.stereotype.Service;

/** Earlier states of a project, and the way back to them: for undo, and for where a project cannot be opened as it is. */
@Service
public class ProjectHistory {
    /** The newest states are tried for whether they can be shown; older ones only for whether they can be read. */
    private static final int WORKED_OUT = 6;

    private final ProjectMapper mapper;
    private final ProjectReader reader;
    private final ProjectWrites writes;

    ProjectHistory(ProjectMapper mapper, ProjectReader reader, ProjectWrites writes) {
        this.mapper = mapper;
        this.reader = reader;
        this.writes = writes;
    }

    public StoredProject undo(ProjectAt at) {
        return step(at, -1);
    }

    public StoredProject redo(ProjectAt at) {
        return step(at, 1);
    }

    private StoredProject step(ProjectAt at, int by) {
        return writes.goTo(
                at.of(),
                at::requireVersion,
                row -> row.seq() + by,
                seq -> mapper.state(at.of().household(), at.of().id(), seq)
                        .orElseThrow(
                                () -> new NotThereException("There is nothing to " + (by < 0 ? "undo." : "redo."))));
    }

    /** Goes back to a state that is kept; redo comes back from there. */
    public StoredProject goTo(ProjectOf of, long seq) {
        return writes.goTo(
                of,
                row -> {},
                row -> seq,
                wanted -> mapper.state(of.household(), of.id(), wanted)
                        .orElseThrow(() -> new NotThereException("That state is not kept any more; choose another.")));
    }

    /**
     * An earlier state of a project.
     *
     * @param what was done to come to it
     * @param trouble why it cannot be opened; empty where it can
     */
    public record State(long seq, String what, OffsetDateTime at, boolean current, String trouble) {}

    /** All states that are kept, the newest first. */
    public List<State> states(ProjectOf of) {
        long current = reader.row(of).seq();
        List<State> states = new ArrayList<>();
        for (ProjectMapper.StateRow s : mapper.states(of.household(), of.id())) {
            String trouble = trouble(s.document(), states.size() < WORKED_OUT);
            states.add(new State(s.seq(), s.what(), s.madeAt(), s.seq() == current, trouble));
        }
        return List.copyOf(states);
    }

    private String trouble(String document, boolean workedOut) {
        try {
            var project = reader.readable(document);
            if (workedOut) {
                reader.room(project).requireWorkable();
            }
            return "";
        } catch (UnreadableException | RefusedValueException e) {
            return String.valueOf(e.getMessage());
        }
    }
}
