package org.handdown.server.pieces;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.alter.LetOut;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.handdown.pattern.InsertDraft;
import org.handdown.pattern.Piece;
import org.handdown.project.Aim;
import org.handdown.project.Garment;
import org.handdown.project.LettingOut;
import org.handdown.project.PatternPieces;
import org.handdown.project.Project;
import org.handdown.reuse.Want;
import org.handdown.server.pieces.PieceRequests.InsertsRequest;
import org.handdown.server.pieces.PieceRequests.LetOutRequest;
import org.handdown.server.pieces.PieceRequests.PieceRequest;
import org.handdown.server.pieces.PieceRequests.WantRequest;
import org.handdown.server.project.ProjectAt;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.StoredProject;
import org.handdown.server.web.NotThereException;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.Stretches;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Pieces and wants entered by hand, and what is let out. */
@RestController
@RequestMapping("/api/projects/{id}/pieces")
class PieceController {
    private final ProjectService projects;

    PieceController(ProjectService projects) {
        this.projects = projects;
    }

    private static LengthUnit unit(Project project) {
        Aim aim = project.aim();
        return aim == null ? LengthUnit.CM : aim.unit();
    }

    /** A new piece, or one of the same name anew. */
    @PostMapping("/by-hand")
    StoredProject put(ProjectAt at, @RequestBody PieceRequest body) {
        return projects.edit(at, "a piece", project -> {
            PatternPieces now = PatternPieces.of(project);
            Piece piece = body.toPiece(unit(project));
            List<Piece> pieces = new ArrayList<>(now.own());
            int place = pieces.stream().map(Piece::id).toList().indexOf(piece.id());
            if (place >= 0) {
                pieces.set(place, piece.keepingCurvesOf(pieces.get(place)));
            } else {
                pieces.add(piece);
            }
            return project.withPieces(now.withOwn(pieces));
        });
    }

    @DeleteMapping("/by-hand/{piece}")
    StoredProject take(ProjectAt at, @PathVariable("piece") String piece) {
        return projects.edit(at, "a piece taken out", project -> {
            PatternPieces now = PatternPieces.of(project);
            List<Piece> pieces =
                    now.own().stream().filter(p -> !p.id().equals(piece)).toList();
            if (pieces.size() == now.own().size()) {
                throw new NotThereException("There is no such piece.");
            }
            return project.withPieces(now.withOwn(pieces));
        });
    }

    @PostMapping("/wants")
    StoredProject want(ProjectAt at, @RequestBody WantRequest body) {
        return projects.edit(at, "a want", project -> {
            PatternPieces now = PatternPieces.of(project);
            Want want = body.toWant(unit(project));
            List<Want> wants = new ArrayList<>(
                    now.wants().stream().filter(w -> !w.id().equals(want.id())).toList());
            wants.add(want);
            return project.withPieces(now.withWants(wants));
        });
    }

    @DeleteMapping("/wants/{want}")
    StoredProject unwant(ProjectAt at, @PathVariable("want") String want) {
        return projects.edit(at, "a want taken out", project -> {
            PatternPieces now = PatternPieces.of(project);
            List<Want> wants =
                    now.wants().stream().filter(w -> !w.id().equals(want)).toList();
            if (wants.size() == now.wants().size()) {
                throw new NotThereException("There is no such want.");
            }
            return project.withPieces(now.withWants(wants));
        });
    }

    @PutMapping("/let-out")
    StoredProject letOut(ProjectAt at, @RequestBody LetOutRequest body) {
        return projects.edit(at, "how much to let out", project -> {
            Aim aim = project.aim();
            if (aim == null || aim.garment() != Garment.LET_OUT) {
                throw new RefusedValueException(
                        "letOut.waist", "Say at Aim first that the source itself will be let out.");
            }
            LetOut.Wish wish = body.toWish(unit(project));
            // Worked out once here, so that a level that is not there is refused by its own field.
            projects.room(project).anatomy().ifPresent(anatomy -> new LetOut(anatomy, wish).levels());
            InsertDraft.Wish inserts = project.pieces() instanceof LettingOut before ? before.inserts() : null;
            return project.withPieces(new LettingOut(wish, inserts));
        });
    }

    private static LettingOut lettingOut(Project project) {
        if (project.pieces() instanceof LettingOut letting) {
            return letting;
        }
        throw new RefusedValueException("insert.levels", "Say at Aim first that the source itself will be let out.");
    }

    /** Inserts where nothing more can be let out. */
    @PutMapping("/inserts")
    StoredProject inserts(ProjectAt at, @RequestBody InsertsRequest body) {
        return projects.edit(at, "inserts", project -> {
            InsertDraft.Wish wish = body.toWish(unit(project));
            new InsertDraft(wish).pieces();
            return project.withPieces(new LettingOut(lettingOut(project).wish(), wish));
        });
    }

    @DeleteMapping("/inserts")
    StoredProject withoutInserts(ProjectAt at) {
        return projects.edit(
                at,
                "no inserts",
                project -> project.withPieces(new LettingOut(lettingOut(project).wish())));
    }

    /** Opens just what the letting out needs. */
    @PostMapping("/let-out/openings")
    StoredProject openFor(ProjectAt at) {
        return projects.edit(at, "which joins to open", project -> {
            LetOut letOut = projects.room(project)
                    .letOut()
                    .orElseThrow(() -> new NotThereException("Say first how much to let out."));
            Map<String, JoinDecision> joins = new HashMap<>();
            Map<String, Stretches> stretches = new HashMap<>();
            letOut.openings().forEach((join, parts) -> {
                joins.put(join, JoinDecision.UNPICK);
                parts.ifPresent(p -> stretches.put(join, p));
            });
            return project.withOpening(new Project.Opening(joins, stretches));
        });
    }

    /** Pieces drafted anew from the aim. */
    @PostMapping("/redo")
    StoredProject redoPieces(ProjectAt at) {
        return projects.edit(
                at, "pieces drafted anew", project -> projects.room(project).redoPieces());
    }
}
