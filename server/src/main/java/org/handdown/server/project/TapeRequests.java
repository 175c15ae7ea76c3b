package org.handdown.server.project;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.handdown.panel.Baseline;
import org.handdown.panel.FourSides;
import org.handdown.panel.TapeMethod;
import org.handdown.panel.TwoPins;
import org.handdown.source.EdgeFinish;
import org.handdown.source.EdgeKind;
import org.jspecify.annotations.Nullable;

/** What the page sends of a panel measured with a tape: raw texts, turned into values here so that a refusal names the field. */
final class TapeRequests {
    private TapeRequests() {}

    /** How it is measured. */
    enum Way {
        BASELINE,
        PINS,
        SIDES
    }

    /**
     * A point as it was walked; which texts are read depends on the way.
     *
     * @param curve true where the edge runs smoothly through it
     * @param finish of the edge that begins here
     */
    record PointRequest(
            @Nullable String along,
            @Nullable String right,
            @Nullable String fromFirst,
            @Nullable String fromSecond,
            TwoPins.@Nullable Where side,
            @Nullable String toNext,
            boolean curve,
            @Nullable String edge,
            @Nullable EdgeKind finish,
            @Nullable String depth) {}

    record CheckRequest(int from, int to, @Nullable String mm) {}

    record TapeRequest(
            @Nullable Way way,
            @Nullable String name,
            @Nullable List<PointRequest> points,
            @Nullable String apart,
            @Nullable List<CheckRequest> checks,
            @Nullable Map<String, String> sides) {
        TapeMethod toMethod(LengthUnit unit) {
            Typed typed = new Typed(unit);
            return switch (Typed.require("tape.way", way)) {
                case BASELINE -> baseline(typed);
                case PINS -> pins(typed);
                case SIDES -> fourSides(typed);
            };
        }

        private List<PointRequest> walked() {
            return points == null ? List.of() : points;
        }

        private Baseline baseline(Typed typed) {
            List<Baseline.Offset> read = new ArrayList<>();
            for (int i = 0; i < walked().size(); i++) {
                PointRequest p = walked().get(i);
                read.add(new Baseline.Offset(
                        typed.signedMm("points[" + i + "].along", p.along()),
                        typed.signedMm("points[" + i + "].right", p.right()),
                        !p.curve(),
                        Typed.text(p.edge())));
            }
            return new Baseline(read);
        }

        private TwoPins pins(Typed typed) {
            List<TwoPins.Sighting> read = new ArrayList<>();
            for (int i = 0; i < walked().size(); i++) {
                PointRequest p = walked().get(i);
                String field = "points[" + i + "]";
                read.add(new TwoPins.Sighting(
                        typed.mm(field + ".fromFirst", p.fromFirst()),
                        typed.mm(field + ".fromSecond", p.fromSecond()),
                        p.side() == null ? TwoPins.Where.RIGHT : p.side(),
                        Typed.text(p.toNext()).isEmpty() ? 0 : typed.mm(field + ".toNext", p.toNext()),
                        !p.curve(),
                        Typed.text(p.edge())));
            }
            List<TwoPins.Check> across = new ArrayList<>();
            for (CheckRequest c : checks == null ? List.<CheckRequest>of() : checks) {
                across.add(new TwoPins.Check(
                        c.from() - 1, c.to() - 1, typed.mm("pins.checks[" + across.size() + "]", c.mm())));
            }
            return new TwoPins(typed.mm("pins.apart", apart), read, across);
        }

        private FourSides fourSides(Typed typed) {
            Map<String, String> given = sides == null ? Map.of() : sides;
            String falling = Typed.text(given.get("falling"));
            return new FourSides(
                    typed.mm("sides.lower", given.get("lower")),
                    typed.mm("sides.right", given.get("right")),
                    typed.mm("sides.upper", given.get("upper")),
                    typed.mm("sides.left", given.get("left")),
                    typed.mm("sides.rising", given.get("rising")),
                    falling.isEmpty() ? 0 : typed.mm("sides.falling", falling));
        }

        /** Finishes of the edges that were named with one; those of four sides come as points of their names. */
        Map<String, EdgeFinish> finishes(LengthUnit unit) {
            Typed typed = new Typed(unit);
            Map<String, EdgeFinish> finishes = new HashMap<>();
            for (int i = 0; i < walked().size(); i++) {
                PointRequest p = walked().get(i);
                if (p.finish() != null && p.finish() != EdgeKind.RAW) {
                    String edge = Typed.text(p.edge());
                    if (edge.isEmpty()) {
                        throw new RefusedValueException(
                                "points[" + i + "].edge", "A finished edge needs a name: hem, left side, front.");
                    }
                    double depth = Typed.text(p.depth()).isEmpty() ? 0 : typed.mm("points[" + i + "].depth", p.depth());
                    finishes.put(edge, new EdgeFinish(p.finish(), depth));
                }
            }
            return finishes;
        }
    }
}
