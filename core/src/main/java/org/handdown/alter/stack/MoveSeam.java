package org.handdown.alter.stack;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import org.handdown.assembly.Assembly;
import org.handdown.assembly.Component;
import org.handdown.assembly.Cutting;
import org.handdown.assembly.Join;
import org.handdown.assembly.Meeting;
import org.handdown.assembly.Run;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.source.graph.PartId;

/** A seam sewn again farther in, as it was pinned at stations along it, or let out into its allowances. Both its sides move alike. */
final class MoveSeam implements Altering {
    /** A seam needs this much cloth behind it (handbook of the trade §3; common practice, no source). */
    private static final double LEAST_ALLOWANCE_MM = 7;

    private static final double NOTHING_MM = 0.05;
    private static final double END_MM = 2;

    @Override
    public List<Ask> asks() {
        return List.of(
                Ask.seam("seam", "Which seam"),
                Ask.pins(
                        "pins",
                        "How deep it is pinched, up from its lower end; below nought what each side is let out"),
                Ask.sides());
    }

    @Override
    public Effect on(GarmentNow before, Told told) {
        if (told.pins().isEmpty()) {
            throw new RefusedValueException("pins", "Say at one place at least how deep it is pinned.");
        }
        boolean isIn = told.pins().stream().anyMatch(p -> p.mm() > 0);
        boolean isOut = told.pins().stream().anyMatch(p -> p.mm() < 0);
        if (isIn && isOut) {
            throw new RefusedValueException(
                    "pins", "Taken in at one place and let out at another: make two changes of it.");
        }
        Work work = new Work(before, told.id());
        String seam = told.pick("seam");
        move(work, before, told, seam);
        Optional<String> partner = new PartId(seam).partner().map(PartId::text);
        if (told.is("sides", "both")
                && partner.filter(work.garment().joinIds()::contains).isPresent()) {
            move(work, before, told, partner.get());
        }
        work.ask(
                isOut
                        ? "Are the old stitch line and its holes gone once it is pressed, where they will show?"
                        : "Basted and tried on, moving: is it right at every pin? Nothing behind the seam is trimmed before.");
        return work.done();
    }

    private static void move(Work work, GarmentNow before, Told told, String id) {
        Join join = work.garment().join(id);
        double length =
                join.meetings().stream().mapToDouble(m -> m.one().flatMm()).sum();
        Profile profile = new Profile(told.pins(), length);
        boolean isOut = told.pins().stream().anyMatch(p -> p.mm() < 0);
        double allowance = before.allowanceMm(id);
        double most = told.pins().stream().mapToDouble(p -> -p.mm()).max().orElse(0);
        if (isOut && most > allowance - LEAST_ALLOWANCE_MM + 1e-9) {
            throw new RefusedValueException(
                    "pins",
                    Wording.fill(
                            "Behind the %s lie %.0f mm on each side; %.0f mm must stay, so at most %.0f mm can be let out of each.",
                            join.name(), allowance, LEAST_ALLOWANCE_MM, Math.max(0, allowance - LEAST_ALLOWANCE_MM)));
        }
        work.open(join.id(), join.name(), profile.lengthMm());
        work.without(id);
        List<Meeting> again = new ArrayList<>();
        double at = 0;
        boolean rises = isRising(work.garment(), join);
        for (Meeting m : join.meetings()) {
            double from = at;
            double to = at + m.one().flatMm();
            Run one = moved(work, m.one(), s -> profile.at(up(rises, from + s, length)), isOut);
            double second = m.other().flatMm();
            double share = (to - from) / second;
            // The other side runs against the first.
            Run other = moved(work, m.other(), s -> profile.at(up(rises, to - s * share, length)), isOut);
            again.add(new Meeting(List.of(one, other), m.caught()));
            at = to;
        }
        work.seamAgain(id, join.name(), again);
        if (isOut) {
            work.allowance(id, allowance - most);
        }
        say(work, told, join, profile);
    }

    private static void say(Work work, Told told, Join join, Profile profile) {
        for (Pin pin : told.pins()) {
            if (pin.mm() != 0) {
                work.say(
                        pin.mm() > 0
                                ? "%.0f mm up the %s: %.0f mm pinched, the ring there is %.0f mm smaller."
                                : "%.0f mm up the %s: each side let out %.0f mm, the ring there is %.0f mm larger.",
                        pin.atMm(),
                        join.name(),
                        Math.abs(pin.mm()),
                        2 * Math.abs(pin.mm()));
            }
        }
        if (profile.lengthMm() < profile.length - END_MM) {
            work.say("Run out to nothing at both ends of it, over %.0f mm in all.", profile.lengthMm());
        }
    }

    private static double up(boolean rises, double along, double length) {
        return rises ? along : length - along;
    }

    private static boolean isRising(Assembly garment, Join join) {
        Run first = join.meetings().get(0).one();
        Run last = join.meetings().get(join.meetings().size() - 1).one();
        return point(garment, last, last.toMm()).y()
                >= point(garment, first, first.fromMm()).y();
    }

    private static Point point(Assembly garment, Run run, double mm) {
        Edge edge = garment.component(run.component()).outline().edge(run.edge());
        return edge.at(Math.min(1, mm / edge.lengthMm()));
    }

    /**
     * How far each side moves in, by the way up the seam; straight between pins, level beyond the first and last of them.
     *
     * @param length of the seam, mm
     */
    private record Profile(List<Pin> pins, double length) {
        Profile {
            for (Pin pin : pins) {
                if (pin.atMm() > length + 1) {
                    throw new RefusedValueException(
                            "pins",
                            Wording.fill("The seam is %.0f mm long; %.0f mm lies past its end.", length, pin.atMm()));
                }
            }
        }

        double at(double up) {
            Pin first = pins.get(0);
            if (up <= first.atMm()) {
                return first.mm();
            }
            for (int i = 0; i + 1 < pins.size(); i++) {
                Pin a = pins.get(i);
                Pin b = pins.get(i + 1);
                if (up <= b.atMm()) {
                    double share = b.atMm() == a.atMm() ? 1 : (up - a.atMm()) / (b.atMm() - a.atMm());
                    return a.mm() + share * (b.mm() - a.mm());
                }
            }
            return pins.get(pins.size() - 1).mm();
        }

        /** Of the seam that is sewn anew. */
        double lengthMm() {
            int steps = 400;
            int moved = 0;
            for (int i = 0; i < steps; i++) {
                moved += Math.abs(at((i + 0.5) * length / steps)) > NOTHING_MM ? 1 : 0;
            }
            return length * moved / steps;
        }
    }

    /** An edge moved; returns its stretch that is sewn again. */
    private static Run moved(Work work, Run run, DoubleUnaryOperator in, boolean isOut) {
        Component c = work.garment().component(run.component());
        Edge edge = c.outline().edge(run.edge());
        double length = edge.lengthMm();
        boolean isOpen = run.fromMm() >= END_MM && in.applyAsDouble(0) != 0
                || run.toMm() <= length - END_MM && in.applyAsDouble(run.flatMm()) != 0;
        if (isOpen) {
            throw new RefusedValueException(
                    "pins",
                    Wording.fill(
                            "The %s of the %s goes on past this seam, into a slit, a pocket or a zip: pin it with 0 at that end.",
                            Wording.spoken(edge.name()), Wording.spoken(c.name())));
        }
        DoubleUnaryOperator whole = s -> s < run.fromMm() || s > run.toMm()
                ? in.applyAsDouble(Math.max(0, Math.min(run.flatMm(), s - run.fromMm())))
                : in.applyAsDouble(s - run.fromMm());
        return isOut ? out(work, c, edge, run, whole) : in(work, c, edge, run, whole);
    }

    private static Run out(Work work, Component c, Edge edge, Run run, DoubleUnaryOperator in) {
        Edge moved = work.moveOut(c.id(), edge.name(), in);
        double scale = moved.lengthMm() / edge.lengthMm();
        return new Run(c.id(), edge.name(), run.fromMm() * scale, Math.min(moved.lengthMm(), run.toMm() * scale));
    }

    private static Run in(Work work, Component c, Edge edge, Run run, DoubleUnaryOperator in) {
        List<Point> line = edge.flattened(0.05);
        double length = edge.lengthMm();
        // Only where it moves: the line leaves the cloth where it comes to nothing.
        List<Point> path = Level.offsetByPins(line, in).stream()
                .filter(p -> p.distanceMm(line) > NOTHING_MM)
                .toList();
        if (path.size() < 2) {
            return run;
        }
        Work.Cut cut = work.cut(List.of(new Cutting.Line(c.id(), path)));
        work.dropClosingUp(cut.off());
        String name = work.rename(c.id(), edge.name());
        work.chalk(List.of(c.id()), name, true);
        work.merge(c.id(), edge.name());
        Run all = work.whole(c.id(), edge.name());
        return run.fromMm() < END_MM && run.toMm() > length - END_MM
                ? all
                : new Run(c.id(), edge.name(), run.fromMm(), all.flatMm() - (length - run.toMm()));
    }
}
