package org.handdown.project;

import java.util.List;
import java.util.Set;
import org.handdown.cloth.Cloth;
import org.handdown.fit.Repeat;
import org.handdown.geometry.Point;
import org.handdown.lay.Leftover;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.panel.survey.ClothRepeat;
import org.handdown.pattern.PieceCloth;
import org.handdown.source.Source;
import org.handdown.stash.LooseKeeper;
import org.jspecify.annotations.Nullable;

/** What is brought to a project beside its own source: another source, cloth that lies flat, a loose keeper. */
public sealed interface Brought permits Brought.OtherSource, Brought.FlatSheet, Brought.Loose {
    /** A letter of its own in the project; begins the ids of all that comes of it. */
    String id();

    String name();

    /** The thing of the stash that it is, by its id there; empty for one that was entered here. */
    String thing();

    /** What is cut from it; nothing where it is no cloth. */
    Set<PieceCloth> roles();

    /** Null for what nothing is cut from. */
    @Nullable
    Cloth cloth();

    Brought as(Set<PieceCloth> others);

    /** The same, of no stash. */
    Brought detached();

    /** Another garment or household cloth, taken apart and measured like the project's own. */
    record OtherSource(
            String id,
            String thing,
            Source source,
            Project.Opening opening,
            @Nullable MeasuredPanels panels,
            Set<PieceCloth> roles)
            implements Brought {
        public OtherSource {
            requireId(id);
            roles = requireRoles(roles);
        }

        @Override
        public String name() {
            return source.name();
        }

        @Override
        public Cloth cloth() {
            return source.cloth();
        }

        @Override
        public OtherSource as(Set<PieceCloth> others) {
            return new OtherSource(id, thing, source, opening, panels, others);
        }

        @Override
        public OtherSource detached() {
            return new OtherSource(id, "", source, opening, panels, roles);
        }
    }

    /**
     * Cloth by the metre, a panel of another garment, a remnant.
     *
     * @param shape its outline with all that it carries, in a frame of its own, mm
     * @param washed since it came: as it will be later
     * @param matched its stripes meet where pieces are sewn together
     */
    record FlatSheet(
            String id,
            String thing,
            String name,
            Cloth cloth,
            Leftover shape,
            boolean washed,
            Set<PieceCloth> roles,
            boolean matched)
            implements Brought {
        /** Its stripes, if it has any, need not meet. */
        public FlatSheet(
                String id,
                String thing,
                String name,
                Cloth cloth,
                Leftover shape,
                boolean washed,
                Set<PieceCloth> roles) {
            this(id, thing, name, cloth, shape, washed, roles, false);
        }

        public FlatSheet {
            requireId(id);
            roles = requireRoles(roles);
            if (name.isBlank() || name.length() > 80) {
                throw new RefusedValueException("cloths.name", "Say in up to 80 characters what it is.");
            }
        }

        @Override
        public FlatSheet as(Set<PieceCloth> others) {
            return new FlatSheet(id, thing, name, cloth, shape, washed, others, matched);
        }

        @Override
        public FlatSheet detached() {
            return new FlatSheet(id, "", name, cloth, shape, washed, roles, matched);
        }

        /** With stripes, each counted from the sheet's left or lower end; they meet at the seams where one of them is to. */
        public FlatSheet striped(List<ClothRepeat> stripes) {
            List<Repeat> repeats = stripes.stream().map(this::repeat).toList();
            boolean meeting = stripes.stream().anyMatch(ClothRepeat::matched);
            return new FlatSheet(id, thing, name, cloth, shape.striped(repeats), washed, roles, meeting);
        }

        private Repeat repeat(ClothRepeat stripe) {
            double directionDeg = stripe.directionDeg(shape.grainDeg());
            double phase = (endMm(directionDeg) + stripe.firstMm()) % stripe.periodMm();
            return new Repeat(
                    stripe.name(), directionDeg, stripe.periodMm(), phase < 0 ? phase + stripe.periodMm() : phase);
        }

        private double endMm(double directionDeg) {
            Point way = Point.unit(directionDeg);
            return shape.outline().points().stream()
                    .mapToDouble(p -> p.dot(way))
                    .min()
                    .orElse(0);
        }

        /** Its stripes as they were told. */
        public List<ClothRepeat> stripes() {
            return shape.pattern().repeats().stream()
                    .map(r -> {
                        boolean isAcross =
                                Math.abs(Point.unit(r.directionDeg()).dot(Point.unit(shape.grainDeg()))) < 0.5;
                        double first = (r.phaseMm() - endMm(r.directionDeg())) % r.periodMm();
                        return new ClothRepeat(
                                r.id(),
                                isAcross,
                                r.periodMm(),
                                "",
                                first < -1e-9 ? first + r.periodMm() : Math.max(0, first),
                                matched);
                    })
                    .toList();
        }
    }

    /** A finished edge, closure or small part that is off its garment. */
    record Loose(String id, String thing, LooseKeeper keeper) implements Brought {
        public Loose {
            requireId(id);
        }

        @Override
        public String name() {
            return keeper.name();
        }

        @Override
        public Set<PieceCloth> roles() {
            return Set.of();
        }

        @Override
        public @Nullable Cloth cloth() {
            return null;
        }

        @Override
        public Loose as(Set<PieceCloth> others) {
            return this;
        }

        @Override
        public Loose detached() {
            return new Loose(id, "", keeper);
        }
    }

    /** Begins the ids of what comes of it: panels, keepers, steps. */
    default String prefix() {
        return prefix(id());
    }

    /** @param id of what was brought; empty for the project's own source */
    static String prefix(String id) {
        return id.isEmpty() ? "" : id + ".";
    }

    private static void requireId(String id) {
        if (!id.matches("[b-z]")) {
            throw new RefusedValueException("cloths.id", "A cloth's mark is one letter from b to z.");
        }
    }

    private static Set<PieceCloth> requireRoles(Set<PieceCloth> roles) {
        List<String> wrong =
                roles.stream().filter(r -> !r.isServed()).map(PieceCloth::words).toList();
        if (!wrong.isEmpty()) {
            throw new RefusedValueException(
                    "cloths.roles", Wording.fill("No cloth is said to serve as %s.", wrong.get(0)));
        }
        return Set.copyOf(roles);
    }
}
