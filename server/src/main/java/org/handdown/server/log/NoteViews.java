package org.handdown.server.log;

import java.util.List;
import org.handdown.project.PatternPieces;
import org.handdown.project.Project;
import org.handdown.server.project.Shown;

/** What was noted, as the page wants it. */
public final class NoteViews {
    private NoteViews() {}

    public static List<NoteView> of(Shown shown) {
        return shown.project().log().stream().map(note -> note(shown, note)).toList();
    }

    private static NoteView note(Shown shown, Project.Note note) {
        var lesson = note.lesson();
        boolean learned = lesson != null
                && shown.project().pieces() instanceof PatternPieces pattern
                && pattern.changes().contains(lesson);
        return new NoteView(
                note.at().toString(),
                note.text(),
                lesson == null ? "" : shown.say().sentence(lesson.words()),
                learned);
    }
}
