package org.handdown.server.pieces;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.formats.outline.FoundOutline;
import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.handdown.pattern.Consequences;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;
import org.handdown.pattern.change.Change;
import org.handdown.pattern.draft.Draft;
import org.handdown.pattern.draft.Drafts;
import org.handdown.project.Aim;
import org.handdown.project.DraftOrder;
import org.handdown.project.PatternPieces;
import org.handdown.project.Project;
import org.handdown.server.panels.FoundView;
import org.handdown.server.pieces.ChangeRequests.ChangeRequest;
import org.handdown.server.pieces.PatternRequests.BroughtListRequest;
import org.handdown.server.pieces.PatternRequests.ChoicesRequest;
import org.handdown.server.pieces.PatternRequests.DraftRequest;
import org.handdown.server.pieces.PatternRequests.ReferenceRequest;
import org.handdown.server.project.ProjectAt;
import org.handdown.server.project.ProjectOf;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Say;
import org.handdown.server.project.StoredProject;
import org.handdown.server.project.Typed;
import org.handdown.server.web.NotThereException;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Drafts, the named changes on a pattern, and pieces brought in. */
@RestController
@RequestMapping("/api")
class PatternController {
    private final ProjectService projects;
    private final Clock clock;

    PatternController(ProjectService projects, Clock clock) {
        this.projects = projects;
        this.clock = clock;
    }

    /** A draft in the list to choose from. */
    record DraftView(
            String id,
            String words,
            Draft.Family family,
            String familyWords,
            String about,
            String cloth,
            String formula,
            List<String> measures) {}

    @GetMapping("/drafts")
    List<DraftView> drafts() {
        return Drafts.all().stream()
                .map(d -> new DraftView(
                        d.id(),
                        d.words(),
                        d.family(),
                        d.family().words(),
                        d.about(),
                        d.cloth(),
                        LengthText.unmarked(d.formula()),
                        d.measures().stream().map(BodyMeasure::words).toList()))
                .toList();
    }

    private static LengthUnit unit(Project project) {
        Aim aim = project.aim();
        return aim == null ? LengthUnit.CM : aim.unit();
    }

    private static DraftOrder order(PatternPieces pattern, int index) {
        if (index < 0 || index >= pattern.orders().size()) {
            throw new NotThereException("There is no such draft.");
        }
        return pattern.orders().get(index);
    }

    /** One more draft beside those that are there; what it asks of the body is proposed until somebody measures it. */
    @PostMapping("/projects/{id}/pattern/drafts")
    StoredProject add(ProjectAt at, @RequestBody DraftRequest body) {
        return projects.edit(at, "a draft", project -> {
            PatternPieces now = PatternPieces.of(project);
            List<DraftOrder> orders = new ArrayList<>(now.orders());
            Draft draft = Drafts.require(Typed.text(body.draft()));
            Aim aim = PatternPieces.aim(project);
            Wearer wearer = aim.wearer().proposing(draft.measures());
            DraftOrder order = new DraftOrder(
                    draft.id(), wearer, Map.of(), projects.room(project).sheet());
            order.design();
            orders.add(order);
            return project.withAim(new Aim(aim.garment(), aim.draft(), aim.what(), wearer, aim.unit()))
                    .withPieces(now.withOrders(orders));
        });
    }

    @DeleteMapping("/projects/{id}/pattern/drafts/{index}")
    StoredProject remove(ProjectAt at, @PathVariable("index") int index) {
        return projects.edit(at, "a draft taken out", project -> {
            PatternPieces now = PatternPieces.of(project);
            order(now, index);
            List<DraftOrder> orders = new ArrayList<>(now.orders());
            orders.remove(index);
            Aim aim = PatternPieces.aim(project);
            boolean main = index == 0 && !aim.draft().isEmpty();
            Project without =
                    main ? project.withAim(new Aim(aim.garment(), "", aim.what(), aim.wearer(), aim.unit())) : project;
            return without.withPieces(now.withOrders(orders));
        });
    }

    @PutMapping("/projects/{id}/pattern/drafts/{index}/choices")
    StoredProject choose(ProjectAt at, @PathVariable("index") int index, @RequestBody ChoicesRequest body) {
        return projects.edit(at, "a dimension of the draft", project -> {
            PatternPieces now = PatternPieces.of(project);
            DraftOrder before = order(now, index);
            Draft draft = Drafts.require(before.draft());
            Map<String, Double> chosen = body.onto(before.choices(), draft, unit(project));
            // Another waist asks for another girth; it is proposed until somebody measures it.
            Aim aim = PatternPieces.aim(project);
            Wearer wearer = before.from().proposing(draft.measures(chosen));
            DraftOrder after = new DraftOrder(before.draft(), wearer, chosen, before.cloth());
            after.design();
            List<DraftOrder> orders = new ArrayList<>(now.orders());
            orders.set(index, after);
            return project.withAim(new Aim(
                            aim.garment(),
                            aim.draft(),
                            aim.what(),
                            aim.wearer().proposing(draft.measures(chosen)),
                            aim.unit()))
                    .withPieces(now.withOrders(orders));
        });
    }

    /** A garment that fits, measured level by level instead of the body. */
    @PostMapping("/projects/{id}/aim/garment")
    StoredProject garment(ProjectAt at, @RequestBody ReferenceRequest body) {
        return projects.edit(at, "measures off a garment", project -> {
            Aim aim = project.aim();
            if (aim == null) {
                throw new RefusedValueException("reference.name", "Settle the aim first; then measure the garment.");
            }
            Map<BodyMeasure, Wearer.Taken> all = new HashMap<>(aim.wearer().measures());
            all.putAll(body.toReference(aim.unit()).measures());
            Wearer wearer = new Wearer(aim.wearer().name(), all, aim.wearer().earlier());
            return project.withAim(new Aim(aim.garment(), aim.draft(), aim.what(), wearer, aim.unit()));
        });
    }

    // Changes

    /** What a change would bring with it, before it is accepted. */
    record ConsequencesView(String words, List<String> sentences) {}

    @PostMapping("/projects/{id}/pattern/changes/preview")
    ConsequencesView preview(ProjectOf of, @RequestBody ChangeRequest body) {
        Project project = projects.project(of);
        Design before = PatternPieces.of(project).design("pieces");
        Change change = body.toChange(unit(project), before);
        Say say = Say.to(project);
        List<String> all = Consequences.between(before, change.on(before));
        return new ConsequencesView(
                say.sentence(change.words()),
                all.isEmpty()
                        ? List.of("Nothing else changes.")
                        : all.stream().map(say::sentence).toList());
    }

    @PostMapping("/projects/{id}/pattern/changes")
    StoredProject change(ProjectAt at, @RequestBody ChangeRequest body) {
        return projects.edit(at, "a change of the pattern", project -> {
            PatternPieces now = PatternPieces.of(project);
            Design before = now.design("pieces");
            return project.withPieces(now.changed(List.of(body.toChange(unit(project), before))));
        });
    }

    @DeleteMapping("/projects/{id}/pattern/changes/{index}")
    StoredProject unchange(ProjectAt at, @PathVariable("index") int index) {
        return projects.edit(at, "a change taken back", project -> {
            PatternPieces now = PatternPieces.of(project);
            if (index < 0 || index >= now.changes().size()) {
                throw new NotThereException("There is no such change.");
            }
            List<Change> changes = new ArrayList<>(now.changes());
            changes.remove(index);
            return project.withPieces(now.withChanges(changes));
        });
    }

    /** A change that is not done now but written into the log as a lesson, to be offered next time. */
    @PostMapping("/projects/{id}/pattern/lessons")
    StoredProject lesson(ProjectAt at, @RequestBody ChangeRequest body) {
        return projects.edit(at, "a lesson for the pattern", project -> {
            Design now = PatternPieces.of(project).design("pieces");
            Change lesson = body.toChange(unit(project), now);
            lesson.on(now);
            List<Project.Note> log = new ArrayList<>(project.log());
            log.add(
                    0,
                    new Project.Note(
                            clock.instant().truncatedTo(ChronoUnit.SECONDS),
                            "Next time: " + Say.to(project).sentence(lesson.words()) + ".",
                            lesson));
            return project.withLog(log);
        });
    }

    /** A lesson of the log, done on the pattern. */
    @PostMapping("/projects/{id}/pattern/lessons/{note}")
    StoredProject learn(ProjectAt at, @PathVariable("note") int note) {
        return projects.edit(at, "a lesson learned", project -> {
            Change lesson = note < 0 || note >= project.log().size()
                    ? null
                    : project.log().get(note).lesson();
            if (lesson == null) {
                throw new NotThereException("That note holds no lesson for the pattern.");
            }
            return project.withPieces(PatternPieces.of(project).changed(List.of(lesson)));
        });
    }

    /** The panel's stitch line as it lies, to be brought in as a piece. */
    @GetMapping("/projects/{id}/pattern/traced/{panel}")
    List<FoundView> traced(ProjectOf of, @PathVariable("panel") String panel) {
        Project project = projects.project(of);
        return projects.room(project).panels().stream()
                .filter(p -> p.id().equals(panel))
                .map(p ->
                        FoundView.of(new FoundOutline(p.name(), p.name(), p.stitchLine(), List.of()), Say.to(project)))
                .toList();
    }

    // Brought in

    /** Outlines of a drawing, put among the project's own pieces; one of the same name is replaced. */
    @PostMapping("/projects/{id}/pattern/brought")
    StoredProject bring(ProjectAt at, @RequestBody BroughtListRequest body) {
        return projects.edit(at, "pieces brought in", project -> {
            PatternPieces now = PatternPieces.of(project);
            List<Piece> own = new ArrayList<>(now.own());
            for (Piece piece : body.toPieces(unit(project))) {
                own.removeIf(p -> p.id().equals(piece.id()));
                own.add(piece);
            }
            return project.withPieces(now.withOwn(own));
        });
    }
}
