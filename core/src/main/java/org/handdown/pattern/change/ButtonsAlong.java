package org.handdown.pattern.change;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Supply;
import org.handdown.pattern.closing.ButtonPlan;
import org.jspecify.annotations.Nullable;

/**
 * A row of buttons or buttonholes along an edge of a piece, spaced by the edge as it is: a longer front spaces them anew. Each lies half a
 * button and 6 mm inside the stitch line; a hole begins 3 mm nearer the edge than the button's centre, since it is drawn that way
 * (common practice, no source).
 *
 * @param topMm from the higher end of the edge to the first, and {@code endMm} from the last to the lower end
 * @param fullestMm place under most strain, from the higher end; null where there is none
 * @param holes buttonholes; else the places of the buttons
 */
public record ButtonsAlong(
        String name,
        String piece,
        String edge,
        double topMm,
        double endMm,
        int count,
        double diameterMm,
        double thicknessMm,
        @Nullable Double fullestMm,
        boolean holes)
        implements Change, Derived {
    private static final double PULL_MM = 3;

    public ButtonsAlong {
        Change.requireName(name);
        if (count < 1 || count > 40) {
            throw new RefusedValueException("closing.count", "From 1 to 40 buttons.");
        }
    }

    @Override
    public String words() {
        return Wording.fill(
                "%d %s of %.1f mm along the %s of the %s",
                count,
                holes ? "buttonholes for buttons" : "buttons",
                diameterMm,
                Wording.spoken(edge),
                Wording.spoken(piece));
    }

    @Override
    public List<String> follows() {
        return List.of(piece);
    }

    @Override
    public String made() {
        return piece;
    }

    private ButtonPlan plan(double lengthMm) {
        double fullest = fullestMm == null ? -1 : fullestMm;
        return new ButtonPlan(lengthMm, topMm, endMm, count, count, diameterMm, thicknessMm, fullest, 0, 0);
    }

    @Override
    public Design on(Design design) {
        Piece on = Change.piece(design, piece);
        Edge along = Change.edge(on, edge);
        List<Point> line = along.flattened(0.05);
        ButtonPlan plan = plan(Edge.lengthMm(line));
        boolean down = along.start().y() > along.end().y();
        List<Mark> marks = new ArrayList<>(on.marks());
        marks.removeIf(m -> m.label().startsWith(name + " "));
        int i = 1;
        for (double mm : plan.marksMm()) {
            double share = mm / plan.lengthMm();
            marks.add(mark(plan, line, down ? share : 1 - share, i++));
        }
        Design marked = design.with(piece, p -> p.withMarks(marks));
        return Takes.with(marked, Supply.buttons(name, count, diameterMm));
    }

    private Mark mark(ButtonPlan plan, List<Point> line, double share, int number) {
        Point on = Edge.at(line, share);
        Point way = Edge.at(line, Math.min(1, share + 0.005))
                .minus(Edge.at(line, Math.max(0, share - 0.005)))
                .unit();
        // The inside of a counter-clockwise outline lies to the left.
        Point in = way.left();
        Point centre = on.plus(in.times(plan.beyondMm()));
        String label = name + " " + number;
        return holes
                ? new Mark(
                        Mark.Kind.BUTTONHOLE,
                        label,
                        List.of(centre.minus(in.times(PULL_MM)), centre.plus(in.times(plan.holeMm() - PULL_MM))))
                : new Mark(Mark.Kind.BUTTON, label, List.of(centre));
    }

    @Override
    public <T> T read(Reader<T> reader) {
        return reader.buttons(this);
    }
}
