package org.handdown.project;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.handdown.cloth.Cloth;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitProblem;
import org.handdown.geometry.Box;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.make.Step;
import org.handdown.measure.RefusedValueException;
import org.handdown.panel.Panel;
import org.handdown.pattern.Design;
import org.handdown.source.Source;

/**
 * A project among others: small enough to be kept beside its name, so that a list of many is told without working any of them out.
 *
 * @param shows what the picture is of
 * @param sheets cloth, parts or pieces, each in its own frame, mm, y up; thinned to what a picture of the size of a hand shows
 * @param lying cut pieces on them, in the frame of their sheet
 * @param settled how many stations from Aim to Make are settled
 * @param next the first of them that is not; empty once everything is made
 * @param sentence what is to be done there
 */
public record Glance(
        Shows shows, List<Sheet> sheets, List<Lying> lying, int settled, Optional<Station> next, String sentence) {
    /** A picture has about so many points across: what is thinner than one of them is left out. */
    private static final double POINTS_ACROSS = 250;

    /** What stands for a project. */
    public enum Shows {
        LAY,
        PANELS,
        SOURCE,
        PIECES,
        NOTHING
    }

    /** @param colour as {@code #rrggbb}; empty where nothing is known of it */
    public record Sheet(String id, Ring outline, String colour) {}

    /** @param sheet that it lies on */
    public record Lying(String sheet, Ring outline) {}

    /** A picture alone. */
    private record Picture(Shows shows, List<Sheet> sheets, List<Lying> lying) {
        static final Picture NOTHING = new Picture(Shows.NOTHING, List.of(), List.of());
    }

    public Glance {
        sheets = List.copyOf(sheets);
        lying = List.copyOf(lying);
    }

    /** Never refused: what cannot be worked out is not in it. */
    public static Glance of(Project project, Workroom room) {
        Picture picture = unlessRefused(() -> picture(project, room), Picture.NOTHING);
        List<StationState> states =
                room.stations().stream().filter(s -> s.station() != Station.LOG).toList();
        int settled = (int) states.stream()
                .filter(s -> s.stand() == StationState.Stand.SETTLED)
                .count();
        Optional<StationState> next = states.stream()
                .filter(s -> s.stand() != StationState.Stand.SETTLED)
                .findFirst();
        return new Glance(
                picture.shows,
                picture.sheets,
                picture.lying,
                settled,
                next.map(StationState::station),
                next.map(s -> s.station() == Station.MAKE ? step(project, room, s) : s.sentence())
                        .orElse("Everything is done."));
    }

    /** At the machine the next step says more than how many are left. */
    private static String step(Project project, Workroom room, StationState make) {
        return unlessRefused(
                        () -> room.steps().stream()
                                .filter(s -> !project.done().containsKey(s.id()))
                                .findFirst(),
                        Optional.<Step>empty())
                .map(s -> make.sentence() + "; next: " + s.title())
                .orElse(make.sentence());
    }

    private static <T> T unlessRefused(Supplier<T> made, T otherwise) {
        try {
            return made.get();
        } catch (RefusedValueException e) {
            return otherwise;
        }
    }

    private static Picture picture(Project project, Workroom room) {
        Lay lay = project.lay();
        if (lay != null) {
            return laid(lay, room);
        }
        List<Panel> panels = room.panelsOnTable();
        if (!panels.isEmpty()) {
            List<Sheet> sheets = panels.stream()
                    .map(p -> sheet(p.id(), p.outline().ring(), p.cloth().colour()))
                    .toList();
            return new Picture(Shows.PANELS, thinned(sheets), List.of());
        }
        Source source = project.source();
        if (source != null && room.anatomy().isPresent()) {
            List<Sheet> sheets = room.anatomy().get().parts().stream()
                    .map(p -> sheet(p.id(), p.outline().ring(), source.cloth().colour()))
                    .toList();
            return new Picture(Shows.SOURCE, thinned(sheets), List.of());
        }
        List<Sheet> pieces = room.design().map(Design::pieces).orElse(List.of()).stream()
                .map(p -> sheet(p.id(), p.cutLine().ring(), ""))
                .toList();
        return pieces.isEmpty() ? Picture.NOTHING : new Picture(Shows.PIECES, thinned(pieces), List.of());
    }

    private static Picture laid(Lay lay, Workroom room) {
        FitProblem problem = lay.problem();
        List<Sheet> sheets = new ArrayList<>();
        for (FitPanel panel : problem.panels()) {
            sheets.add(sheet(panel.id(), panel.outline(), colour(room, panel.cloth())));
        }
        double give = give(sheets);
        List<Lying> lying = lay.layout().placements().stream()
                .map(p -> new Lying(
                        p.panel(),
                        thin(
                                p.at().toPanel(problem.piece(p.piece())
                                        .variant(p.variant())
                                        .outline()),
                                give)))
                .toList();
        return new Picture(Shows.LAY, thinned(sheets), lying);
    }

    private static Sheet sheet(String id, Ring outline, String colour) {
        return new Sheet(id, outline, colour);
    }

    private static String colour(Workroom room, String cloth) {
        return room.cloth(cloth).map(Cloth::colour).orElse("");
    }

    private static List<Sheet> thinned(List<Sheet> sheets) {
        double give = give(sheets);
        return sheets.stream()
                .map(s -> new Sheet(s.id, thin(s.outline, give), s.colour))
                .toList();
    }

    /** What a picture of all of them gives away, mm. */
    private static double give(List<Sheet> sheets) {
        double area = 0;
        for (Sheet sheet : sheets) {
            Box box = sheet.outline.box();
            area += box.widthMm() * box.heightMm();
        }
        return Math.sqrt(area) / POINTS_ACROSS;
    }

    private static Ring thin(Ring ring, double give) {
        if (!ring.isSimple()) {
            return ring;
        }
        List<Ring> thin = Region.of(ring).simplified(give).outerRings();
        return thin.size() == 1 ? thin.get(0) : ring;
    }
}
