package org.handdown.server.lay;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import org.handdown.formats.Json;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.PieceCloth;
import org.handdown.project.Lay;
import org.handdown.project.PatternPieces;
import org.handdown.project.Project;
import org.handdown.server.project.ProjectAt;
import org.handdown.server.project.ProjectOf;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Say;
import org.handdown.server.project.Shown;
import org.handdown.server.project.StoredProject;
import org.handdown.server.project.Typed;
import org.handdown.server.web.NotThereException;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What would help a piece that has no place, how large a dimension may be, how little cloth it takes; and taking a find over. */
@RestController
@RequestMapping("/api/projects/{id}/lay/help")
class HelpController {
    private final ProjectService projects;
    private final FitRunService runs;

    HelpController(ProjectService projects, FitRunService runs) {
        this.projects = projects;
        this.runs = runs;
    }

    record RemedyRequest(@Nullable String piece) {}

    /** What would let the piece lie. */
    @PostMapping("/remedies")
    @ResponseStatus(HttpStatus.ACCEPTED)
    void remedies(ProjectOf of, @RequestBody RemedyRequest body) {
        Lay lay = lay(projects.project(of));
        String piece = Typed.text(body.piece);
        if (lay.layout().unplaced().stream().noneMatch(u -> u.piece().equals(piece))) {
            throw new RefusedValueException(
                    "piece", "is not one that has no place; choose one that is told to have none.");
        }
        find(of, RunKind.REMEDIES, Json.MAPPER.createObjectNode().put("piece", piece));
    }

    /** @param order place of the draft in the pattern */
    record LargestRequest(int order, @Nullable String dimension) {}

    /** How far a free dimension of a draft may go. */
    @PostMapping("/largest")
    @ResponseStatus(HttpStatus.ACCEPTED)
    void largest(ProjectOf of, @RequestBody LargestRequest body) {
        Project project = projects.project(of);
        lay(project);
        String dimension = Typed.text(body.dimension);
        boolean known = project.pieces() instanceof PatternPieces pattern
                && body.order >= 0
                && body.order < pattern.orders().size()
                && pattern.orders().get(body.order).isFree(dimension);
        if (!known) {
            throw new RefusedValueException("dimension", "Choose a size that the draft leaves free.");
        }
        find(
                of,
                RunKind.LARGEST,
                Json.MAPPER.createObjectNode().put("order", body.order).put("dimension", dimension));
    }

    /**
     * @param width of the cloth, as it was written
     * @param cloth that is bought; outer cloth where nothing is said
     * @param printed length that a pattern asks for at that width; nothing where none is known
     */
    record LengthRequest(
            @Nullable String width,
            @Nullable PieceCloth cloth,
            @Nullable String printed) {}

    /** How little cloth by the metre the pieces take. */
    @PostMapping("/length")
    @ResponseStatus(HttpStatus.ACCEPTED)
    void length(ProjectOf of, @RequestBody LengthRequest body) {
        Project project = projects.project(of);
        if (!(project.pieces() instanceof PatternPieces)) {
            throw new RefusedValueException(
                    "pieces", "Pieces come first; then it can be told how little cloth they take.");
        }
        Typed typed = new Typed(Say.to(project).unit());
        double width = typed.mm("width", body.width);
        if (!(width >= 100 && width <= 4000)) {
            throw new RefusedValueException("width", Wording.of("Cloth is from 10 cm to 4 m wide."));
        }
        double printed = body.printed == null || body.printed.isBlank() ? 0 : typed.mm("printed", body.printed);
        if (printed != 0 && !(printed >= 50 && printed <= 50_000)) {
            throw new RefusedValueException("printed", Wording.of("A printed demand is from 5 cm to 50 m long."));
        }
        PieceCloth cloth = body.cloth == null ? PieceCloth.SHELL : body.cloth;
        find(
                of,
                RunKind.LENGTH,
                Json.MAPPER
                        .createObjectNode()
                        .put("widthMm", width)
                        .put("printedMm", printed)
                        .put("cloth", cloth.name()));
    }

    private void find(ProjectOf of, RunKind kind, ObjectNode ask) {
        runs.find(of, kind, ask);
    }

    private static Lay lay(Project project) {
        Lay lay = project.lay();
        if (lay == null) {
            throw new NotThereException("Nothing is laid yet; lay the pieces first.");
        }
        return lay;
    }

    /**
     * The latest thing that was to be found out.
     *
     * @param kind null where nothing was asked yet
     * @param holds whether the project still is what it was found for
     */
    record HelpView(@Nullable RunKind kind, boolean running, String message, boolean holds, List<OfferView> offers) {}

    @GetMapping
    HelpView latest(ProjectOf of) {
        Project project = projects.project(of);
        Say say = Say.to(project);
        return runs.latestHelp(of)
                .map(r -> new HelpView(
                        r.runKind(), !r.isOver(), say.sentence(r.message()), holds(r, project), OfferView.of(r, say)))
                .orElse(new HelpView(null, false, "", false, List.of()));
    }

    private static boolean holds(FitRunMapper.RunRow run, Project project) {
        return Json.parse(run.ask()).path("basis").asText().equals(FitRunService.basis(project));
    }

    private RunAnswer.Offer offer(ProjectOf of, int index) {
        List<RunAnswer.Offer> offers = runs.latestHelp(of)
                .map(r -> RunAnswer.read(r.answer()).offers())
                .orElse(List.of());
        if (index < 0 || index >= offers.size()) {
            throw new NotThereException("That find is gone; ask again.");
        }
        return offers.get(index);
    }

    /** How it would lie. */
    @GetMapping("/{index}/lay")
    LayView show(ProjectOf of, @PathVariable("index") int index) {
        Project project = projects.project(of);
        Lay lay = offer(of, index).lay();
        if (lay == null) {
            throw new NotThereException("There is no lay to show for it.");
        }
        return LayViews.alone(Shown.of(project, projects.room(project)), lay);
    }

    /** Takes the find over: the change and the lay with it. */
    @PutMapping("/{index}")
    StoredProject take(ProjectAt at, @PathVariable("index") int index) {
        RunAnswer.Offer offer = offer(at.of(), index);
        Project after = offer.after();
        FitRunMapper.RunRow run = runs.latestHelp(at.of()).orElseThrow();
        if (after == null) {
            throw new RefusedValueException("index", "There is nothing to take over from it.");
        }
        return projects.edit(at, "what helps", shown -> {
            Project project = shown.turnedBack();
            if (!holds(run, project)) {
                throw new RefusedValueException(
                        "index", "Panels, pieces or the lay have changed since this was found; ask again.");
            }
            var panels = after.panels();
            var pieces = after.pieces();
            Project changed = panels == null ? project : project.withPanels(panels);
            changed = pieces == null ? changed : changed.withPieces(pieces);
            return changed.withCloths(after.cloths()).withLay(lay(after));
        });
    }
}
