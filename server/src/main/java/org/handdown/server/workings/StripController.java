package org.handdown.server.workings;

import java.util.ArrayList;
import java.util.List;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitProblem;
import org.handdown.geometry.Ring;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.PiecedStrips;
import org.handdown.pattern.change.Change;
import org.handdown.pattern.change.CutStrip;
import org.handdown.project.Lay;
import org.handdown.project.PatternPieces;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.server.project.ProjectAt;
import org.handdown.server.project.ProjectOf;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Say;
import org.handdown.server.project.StoredProject;
import org.handdown.server.project.Typed;
import org.handdown.server.stash.StashStock;
import org.handdown.server.web.NotThereException;
import org.handdown.shopping.AtHand;
import org.handdown.stash.FlatCloth;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Bands, ties and bindings pieced from offcuts: strips really inside them, with joins and length before the first cut. */
@RestController
class StripController {
    private static final int MOST_SCRAPS = 40;

    private final ProjectService projects;
    private final StashStock stock;

    StripController(ProjectService projects, StashStock stock) {
        this.projects = projects;
        this.stock = stock;
    }

    /** Where strips may be cut. */
    enum Offcuts {
        LEFT,
        PANELS,
        STASH
    }

    /**
     * @param finished width of the binding or band, or the cord's girth
     * @param folds 4 for a double-fold binding, 1 for piping
     * @param way to the grain; on the bias where nothing is said
     * @param joining where nothing is said on the diagonal for bias, else straight
     * @param from what the lay leaves, where nothing is said
     * @param cloth the role that its cloth serves; any where nothing is said
     * @param name of the strips once they are pieces
     */
    record StripRequest(
            @Nullable String finished,
            int folds,
            @Nullable String allowance,
            @Nullable String wanted,
            PiecedStrips.@Nullable Way way,
            PiecedStrips.@Nullable Joining joining,
            @Nullable Offcuts from,
            @Nullable PieceCloth cloth,
            @Nullable String name) {}

    record StripView(int scrap, String length, List<double[]> outline) {}

    record ScrapView(String name, List<double[]> outline) {}

    record StripsView(String width, List<String> sentences, List<StripView> strips, List<ScrapView> scraps) {}

    /** @param grainDeg of its lengthwise grain */
    private record Scrap(String name, Ring ring, double grainDeg) {}

    /** What was found for a request. */
    private record Found(
            PiecedStrips strips, PiecedStrips.Way way, double allowanceMm, double wantedMm, List<Scrap> scraps) {}

    @PostMapping("/api/projects/{id}/sums/strips")
    StripsView strips(ProjectOf of, @RequestBody StripRequest body) {
        Project project = projects.project(of).turnedBack();
        Say say = Say.to(project);
        Found found = found(of, project, body);
        return new StripsView(
                say.length(found.strips.cutMm()),
                found
                        .strips
                        .sentences(
                                found.wantedMm,
                                found.way,
                                found.scraps.stream().map(Scrap::name).toList())
                        .stream()
                        .map(say::sentence)
                        .toList(),
                found.strips.strips().stream()
                        .map(s -> new StripView(
                                s.scrap(),
                                say.length(s.lengthMm()),
                                Say.points(s.outline().points())))
                        .toList(),
                found.scraps.stream()
                        .map(s -> new ScrapView(s.name, Say.points(s.ring.points())))
                        .toList());
    }

    /** The strips of which the wanted length is pieced, as pieces of the pattern. */
    @PostMapping("/api/projects/{id}/sums/strips/put")
    StoredProject put(ProjectAt at, @RequestBody StripRequest body) {
        return projects.edit(at, "strips put into the pattern", project -> {
            Found found = found(at.of(), project.turnedBack(), body);
            if (found.strips.forLength(found.wantedMm).isEmpty()) {
                throw new RefusedValueException(
                        "strips.wanted",
                        Wording.fill(
                                "The scraps give %.0f mm joined; ask for less, or take them from whole panels.",
                                found.strips.joinedMm()));
            }
            return project.withPieces(PatternPieces.of(project).changed(pieces(found, body, Say.to(project))));
        });
    }

    private static List<Change> pieces(Found found, StripRequest body, Say say) {
        double finished = new Typed(say.unit()).mm("strips.finished", body.finished);
        String name = Typed.text(body.name).isEmpty() ? "strip" : Typed.text(body.name);
        List<PiecedStrips.Strip> taken = found.strips.forLength(found.wantedMm);
        double left = found.wantedMm;
        List<Change> all = new ArrayList<>();
        for (PiecedStrips.Strip strip : taken) {
            // Of the last only what is still missing; every other gives its own length, of which the join takes some.
            double length = Math.min(Math.floor(strip.lengthMm()), Math.ceil(left));
            left -= length - found.strips.joinMm();
            all.add(new CutStrip(
                    taken.size() == 1 ? name : name + " " + (all.size() + 1),
                    body.cloth == null ? PieceCloth.SHELL : body.cloth,
                    grain(found.way),
                    length - 2 * found.allowanceMm,
                    finished,
                    Math.max(1, body.folds),
                    found.allowanceMm,
                    1));
        }
        return all;
    }

    private static CutGrain grain(PiecedStrips.Way way) {
        return switch (way) {
            case BIAS -> CutGrain.BIAS;
            case ALONG -> CutGrain.LENGTHWISE;
            case ACROSS, EITHER -> CutGrain.EITHER;
        };
    }

    private Found found(ProjectOf of, Project project, StripRequest body) {
        Typed typed = new Typed(Say.to(project).unit());
        double allowance = typed.mm("strips.allowance", body.allowance);
        double cut =
                PiecedStrips.cutWidthMm(typed.mm("strips.finished", body.finished), Math.max(1, body.folds), allowance);
        PiecedStrips.Way way = body.way == null ? PiecedStrips.Way.BIAS : body.way;
        PiecedStrips.Joining usual =
                way == PiecedStrips.Way.BIAS ? PiecedStrips.Joining.DIAGONAL : PiecedStrips.Joining.STRAIGHT;
        double join = (body.joining == null ? usual : body.joining).costMm(cut, allowance);
        List<Scrap> scraps = scraps(of, project, body);
        if (scraps.isEmpty()) {
            throw new NotThereException(
                    body.from == Offcuts.STASH
                            ? "No panel and no remnant lies free in the stash."
                            : "There is no such cloth on the table yet: measure panels, or lay the pieces first.");
        }
        PiecedStrips strips = PiecedStrips.of(
                scraps.stream().map(Scrap::ring).toList(),
                scraps.stream().map(Scrap::grainDeg).toList(),
                way,
                cut,
                join);
        double wanted = Typed.text(body.wanted).isEmpty() ? 0 : typed.mm("strips.wanted", body.wanted);
        return new Found(strips, way, allowance, wanted, scraps);
    }

    private List<Scrap> scraps(ProjectOf of, Project project, StripRequest body) {
        List<Scrap> all = body.from == Offcuts.STASH ? ofStash(of) : ofTable(project, body);
        return all.size() > MOST_SCRAPS ? all.subList(0, MOST_SCRAPS) : all;
    }

    private List<Scrap> ofStash(ProjectOf of) {
        List<Scrap> all = new ArrayList<>();
        for (AtHand.Stocked s : stock.free(of.household())) {
            if (s.thing() instanceof FlatCloth flat) {
                all.add(new Scrap(
                        flat.name() + " (" + s.code() + ")",
                        flat.leftover().outline(),
                        flat.leftover().grainDeg()));
            }
        }
        return all;
    }

    private List<Scrap> ofTable(Project project, StripRequest body) {
        Workroom room = projects.room(project);
        Lay lay = project.lay();
        List<String> names = body.cloth == null ? List.of() : room.roles().serving(body.cloth);
        List<Scrap> all = new ArrayList<>();
        if (body.from == Offcuts.PANELS || lay == null) {
            room.problem().map(FitProblem::panels).orElse(List.of()).stream()
                    .filter(p -> names.isEmpty() || names.contains(p.cloth()))
                    .forEach(p -> all.add(scrap(room, p, p.outline())));
        } else {
            lay.layout().remnants().forEach(r -> {
                FitPanel panel = lay.problem().panel(r.panel());
                if (names.isEmpty() || names.contains(panel.cloth())) {
                    all.add(scrap(room, panel, r.outline()));
                }
            });
        }
        return all;
    }

    private static Scrap scrap(Workroom room, FitPanel panel, Ring ring) {
        return new Scrap("the " + room.panelNames().getOrDefault(panel.id(), panel.id()), ring, panel.grainDeg());
    }
}
