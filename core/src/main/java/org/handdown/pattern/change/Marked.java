package org.handdown.pattern.change;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.Mark;

/** Draws a mark on a piece. */
public record Marked(String name, String piece, Mark mark) implements Change {
    private static final double BESIDE_MM = 150;

    public Marked {
        Change.requireName(name);
    }

    @Override
    public String words() {
        return Wording.fill("%s “%s” on the %s", mark.kind().words(), mark.label(), Wording.spoken(piece));
    }

    @Override
    public Design on(Design design) {
        var box = Change.piece(design, piece).stitchLine().box();
        for (Point p : mark.points()) {
            boolean near = p.x() > box.minX() - BESIDE_MM
                    && p.x() < box.maxX() + BESIDE_MM
                    && p.y() > box.minY() - BESIDE_MM
                    && p.y() < box.maxY() + BESIDE_MM;
            if (!near) {
                throw new RefusedValueException("change.mark", "The mark lies off the piece; check its place.");
            }
        }
        return design.with(piece, p -> {
            List<Mark> marks = new ArrayList<>(p.marks());
            marks.add(mark);
            return p.withMarks(marks);
        });
    }

    @Override
    public <T> T read(Reader<T> reader) {
        return reader.mark(this);
    }
}
