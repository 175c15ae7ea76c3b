package org.handdown.server.lay;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.util.List;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Placed;
import org.handdown.fit.check.Finding;
import org.handdown.fit.room.AllowedSpots;
import org.handdown.fit.room.HandLay;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Ring;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.project.Lay;
import org.handdown.project.Project;
import org.handdown.server.project.ProjectAt;
import org.handdown.server.project.ProjectOf;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Say;
import org.handdown.server.project.StoredProject;
import org.handdown.server.web.BreaksRulesException;
import org.handdown.server.web.Ceiling;
import org.handdown.server.web.NotThereException;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Laying by computation and by hand. */
@RestController
@RequestMapping("/api/projects/{id}/lay")
class LayController {
    /** A piece that is let go this near a spot where it may lie slides there. */
    private static final double SNAP_MM = 30;

    private final ProjectService projects;
    private final FitRunService runs;
    private final FitEvents events;
    private final Ceiling ceiling;

    LayController(ProjectService projects, FitRunService runs, FitEvents events, Ceiling ceiling) {
        this.projects = projects;
        this.runs = runs;
        this.events = events;
        this.ceiling = ceiling;
    }

    /** @param sure keeps the pieces as far off the panels' edges as their measures may be off */
    record FitRequest(double seconds, boolean sure) {}

    @PostMapping("/runs")
    @ResponseStatus(HttpStatus.ACCEPTED)
    void start(ProjectOf of, @RequestBody FitRequest body) {
        runs.start(of, body.seconds, body.sure);
    }

    @DeleteMapping("/runs")
    @ResponseStatus(HttpStatus.ACCEPTED)
    void cancel(ProjectOf of) {
        runs.cancel(of);
    }

    record LatestRun(boolean running) {}

    @GetMapping("/runs/latest")
    LatestRun latest(ProjectOf of) {
        return new LatestRun(runs.latest(of).map(r -> !r.isOver()).orElse(false));
    }

    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = MediaType.TEXT_EVENT_STREAM_VALUE,
                            schema = @Schema(implementation = FitEvents.FitEvent.class)))
    @GetMapping(path = "/runs/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter watch(ProjectOf of) {
        projects.require(of);
        return events.watch(of);
    }

    /** Where a hand holds a copy; panel frame, mm and degrees. */
    record MoveRequest(
            @Nullable String piece,
            int copy,
            @Nullable String variant,
            @Nullable String panel,
            double x,
            double y,
            double rotation,
            boolean mirrored) {
        private static final double FARTHEST = 100_000;

        Placed toPlaced(FitProblem problem) {
            if (!(Math.abs(x) <= FARTHEST && Math.abs(y) <= FARTHEST && Math.abs(rotation) <= FARTHEST)) {
                throw new RefusedValueException("x", "lies far off every panel.");
            }
            FitPiece asked = problem.pieces().stream()
                    .filter(p -> p.id().equals(piece))
                    .findFirst()
                    .orElseThrow(() -> new RefusedValueException("piece", "is not one of this lay's pieces."));
            if (copy < 0 || copy >= asked.quantity()) {
                throw new RefusedValueException("copy", Wording.fill("must be from 0 to %d.", asked.quantity() - 1));
            }
            boolean knownVariant = asked.variants().stream().anyMatch(v -> v.id().equals(variant));
            boolean knownPanel = problem.panels().stream().anyMatch(p -> p.id().equals(panel));
            if (!knownVariant || !knownPanel) {
                throw new RefusedValueException(knownVariant ? "panel" : "variant", "is not known in this lay.");
            }
            return new Placed(
                    asked.id(),
                    copy,
                    String.valueOf(variant),
                    String.valueOf(panel),
                    new Placement(x, y, rotation, mirrored));
        }
    }

    record SpotView(double x, double y) {}

    /**
     * @param reasons why not, in words; empty when it may lie there
     * @param slidesTo a spot near by where it may lie, null where there is none
     */
    record VerdictView(
            boolean allowed,
            List<String> reasons,

            @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) @Nullable
            SpotView slidesTo) {}

    /** May the copy lie there? Nothing is stored. */
    @PostMapping("/verdict")
    VerdictView verdict(ProjectOf of, @RequestBody MoveRequest body) {
        Project project = projects.project(of);
        Lay lay = lay(project);
        HandLay hand = new HandLay(lay.problem(), lay.layout());
        Placed held = body.toPlaced(lay.problem());
        List<Finding> findings = hand.findings(held);
        SpotView spot = findings.isEmpty()
                ? null
                : hand.nearest(held, SNAP_MM)
                        .map(p -> new SpotView(p.at().x(), p.at().y()))
                        .orElse(null);
        return new VerdictView(findings.isEmpty(), words(project, findings), spot);
    }

    /** What forbids a spot, with the shifts it forbids. */
    record BanView(String what, List<List<double[]>> shifts) {}

    /**
     * Every spot where the copy may lie in its turn on that panel, as shifts: areas, lines along a finished edge or a pattern, knots.
     *
     * @param never why it may lie nowhere there; empty where it may
     * @param elsewhere what is wrong with a spot that neither is allowed nor in a ban
     */
    record AllowedView(
            List<List<double[]>> areas,
            List<List<double[]>> lines,
            List<double[]> points,
            List<BanView> bans,
            List<String> never,
            String elsewhere) {}

    /** The whole set of spots, once at the start of a drag; nothing is stored. */
    @PostMapping("/allowed")
    AllowedView allowed(ProjectOf of, @RequestBody MoveRequest body) {
        Project project = projects.project(of);
        Lay lay = lay(project);
        Say say = Say.to(project);
        AllowedSpots spots = ceiling.under(
                Ceiling.PATIENT_MILLIS,
                () -> new HandLay(lay.problem(), lay.layout()).allowed(body.toPlaced(lay.problem())));
        return new AllowedView(
                rings(spots.areas()),
                spots.lines().stream().map(Say::points).toList(),
                Say.points(spots.points()),
                spots.bans().stream()
                        .map(b -> new BanView(say.sentence(b.what()), rings(b.shifts())))
                        .toList(),
                spots.never().stream().map(say::sentence).toList(),
                say.sentence(spots.elsewhere()));
    }

    private static List<List<double[]>> rings(List<Ring> rings) {
        return rings.stream().map(r -> Say.points(r.points())).toList();
    }

    private static List<String> words(Project project, List<Finding> findings) {
        Say say = Say.to(project);
        return findings.stream()
                .map(Finding::message)
                .map(say::sentence)
                .distinct()
                .toList();
    }

    private static Lay lay(Project project) {
        Lay lay = project.lay();
        if (lay == null) {
            throw new NotThereException("Nothing is laid yet; lay the pieces first.");
        }
        return lay;
    }

    /** Puts a copy where the hand holds it, if no rule forbids it. */
    @PutMapping("/placements")
    StoredProject put(ProjectAt at, @RequestBody MoveRequest body) {
        return projects.edit(at, "a piece moved", project -> {
            Lay lay = lay(project);
            HandLay hand = new HandLay(lay.problem(), lay.layout());
            Placed held = body.toPlaced(lay.problem());
            List<Finding> findings = hand.findings(held);
            if (!findings.isEmpty()) {
                throw new BreaksRulesException(words(project, findings));
            }
            return project.withLay(lay.movedTo(hand.with(held)));
        });
    }

    /** Takes a copy off the cloth. */
    @DeleteMapping("/placements/{piece}/{copy}")
    StoredProject takeOff(ProjectAt at, @PathVariable("piece") String piece, @PathVariable("copy") int copy) {
        return projects.edit(at, "a piece taken off", project -> {
            Lay lay = lay(project);
            HandLay hand = new HandLay(lay.problem(), lay.layout());
            return project.withLay(lay.movedTo(hand.without(piece, copy)));
        });
    }
}
