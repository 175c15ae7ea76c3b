package org.handdown.server.stash;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.handdown.geometry.Box;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.measure.Practice;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.panel.Panel;
import org.handdown.pattern.Copying;
import org.handdown.pattern.Piece;
import org.handdown.project.Aim;
import org.handdown.project.PatternPieces;
import org.handdown.project.Project;
import org.handdown.server.account.HouseholdUser;
import org.handdown.server.project.ProjectAt;
import org.handdown.server.project.ProjectOf;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Say;
import org.handdown.server.project.StoredProject;
import org.handdown.server.project.Typed;
import org.handdown.source.Source;
import org.handdown.source.graph.Part;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Copying a part of a garment that fits as a piece of a project. */
@RestController
@RequestMapping("/api/stash/{id}")
class CopyController {
    private final StashService stash;
    private final ProjectService projects;

    CopyController(StashService stash, ProjectService projects) {
        this.stash = stash;
        this.projects = projects;
    }

    record PartChoice(String id, String name, List<String> edges) {}

    /** Parts that can be copied, with the edges that may be anchors. */
    @GetMapping("/parts")
    List<PartChoice> parts(@AuthenticationPrincipal HouseholdUser user, @PathVariable("id") UUID id) {
        return garment(user, id).construction().anatomy().mainParts().stream()
                .map(p -> new PartChoice(
                        p.id(),
                        p.name(),
                        p.outline().edges().stream()
                                .map(Edge::name)
                                .filter(e -> !e.equals("hem"))
                                .toList()))
                .toList();
    }

    private Source garment(HouseholdUser user, UUID id) {
        return stash.requireSource(user.householdId(), id);
    }

    record MarkRequest(
            @Nullable String label,
            @Nullable String edge,
            @Nullable String along) {}

    /**
     * @param garmentStretch and ownStretch: per cent in wear; empty for what the cloth sheets say may be used
     * @param onto panel of the project that it would be cut from; empty where the lay may choose
     * @param ontoEdge edge of that panel that the anchor is laid on; empty for the one of the same name
     * @param length of the part, where another garment gives it; empty for its own
     */
    record CopyRequest(
            @Nullable String part,
            @Nullable String name,
            @Nullable String anchor,
            Copying.@Nullable Place place,
            @Nullable String garmentStretch,
            @Nullable String ownStretch,
            @Nullable String allowance,
            @Nullable String trueing,
            @Nullable String length,
            int quantity,
            boolean pair,
            @Nullable String onto,
            @Nullable String ontoEdge,
            @Nullable List<MarkRequest> marks) {
        Copying copying(Source garment, Project project) {
            Typed typed = new Typed(Say.to(project).unit());
            Part copied = garment.construction().anatomy().mainParts().stream()
                    .filter(p -> p.id().equals(part))
                    .findFirst()
                    .orElseThrow(() -> new RefusedValueException("copy.part", "This garment has no such part."));
            Source source = project.source();
            double own = source == null ? 0 : usable(source, project.practice());
            List<Copying.Mark> read = new ArrayList<>();
            for (MarkRequest mark : marks == null ? List.<MarkRequest>of() : marks) {
                read.add(new Copying.Mark(
                        Typed.text(mark.label), Typed.text(mark.edge), typed.mm("copy.marks", mark.along)));
            }
            return new Copying(
                    copied,
                    new Copying.Wish(
                            Typed.text(anchor),
                            place == null ? Copying.Place.END : place,
                            share("copy.garmentStretch", garmentStretch, usable(garment, project.practice())),
                            share("copy.ownStretch", ownStretch, own),
                            typed.mm("copy.allowance", allowance),
                            Typed.text(trueing).isEmpty() ? 0 : typed.mm("copy.trueing", trueing),
                            Typed.text(length).isEmpty() ? 0 : typed.mm("copy.length", length),
                            read));
        }

        private static double usable(Source source, Practice practice) {
            return practice.of(Practice.Figure.USABLE_STRETCH)
                    * source.cloth().sheet().lastingAcross();
        }

        private static double share(String field, @Nullable String text, double otherwise) {
            return Typed.text(text).isEmpty() ? otherwise : Typed.percent(field, text);
        }

        Piece piece(Copying copying) {
            return copying.piece(Typed.id("copy.name", name), Typed.text(name), quantity, pair);
        }
    }

    record CopyView(String size, String width, List<String> lacks) {}

    /** What the copy would be and where the cloth does not reach; nothing is stored. */
    @PostMapping("/copy-to/{project}/preview")
    CopyView preview(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            ProjectOf of,
            @RequestBody CopyRequest body) {
        Project project = projects.project(of);
        Say say = Say.to(project);
        Copying copying = body.copying(garment(user, id), project);
        Piece piece = body.piece(copying);
        Box cut = piece.cutLine().ring().box();
        return new CopyView(
                say.cutSize(cut.widthMm(), cut.heightMm()),
                copying.widthFactor() == 1
                        ? "as wide as the garment"
                        : Wording.fill(
                                "%.0f %% wider than the garment lies: it gave that much more in wear",
                                100 * (copying.widthFactor() - 1)),
                lacks(copying, piece, project, body, say));
    }

    private List<String> lacks(Copying copying, Piece piece, Project project, CopyRequest body, Say say) {
        String onto = Typed.text(body.onto);
        if (onto.isEmpty()) {
            return List.of();
        }
        Panel panel = projects.room(project).panels().stream()
                .filter(p -> p.id().equals(onto))
                .findFirst()
                .orElseThrow(() -> new RefusedValueException("copy.onto", "There is no such panel yet."));
        String edge = Typed.text(body.ontoEdge);
        Point place =
                edge.isEmpty() ? copying.anchorOf(panel.stitchLine()) : copying.anchorOf(panel.stitchLine(), edge);
        return copying.lacks(piece, panel.outline().ring(), place).stream()
                .map(l -> switch (l.side()) {
                    case "above", "below" -> Wording.fill("%s too short %s", say.length(l.mm()), l.side());
                    default ->
                        Wording.fill(
                                "%s too narrow at the %s, %s %s the anchor",
                                say.length(l.mm()),
                                l.side(),
                                say.length(Math.abs(l.downMm())),
                                l.downMm() >= 0 ? "below" : "above");
                })
                .toList();
    }

    /** The copy, put among the pieces entered by hand. */
    @PostMapping("/copy-to/{project}")
    StoredProject copy(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            ProjectAt at,
            @RequestBody CopyRequest body) {
        Source garment = garment(user, id);
        return projects.edit(at, "a copied piece", project -> {
            Aim aim = project.aim();
            if (aim == null || !aim.garment().isCutOut()) {
                throw new RefusedValueException("copy.part", "Pieces are copied only where pieces are cut out.");
            }
            PatternPieces now = project.pieces() instanceof PatternPieces pattern ? pattern : PatternPieces.NONE;
            Piece piece = body.piece(body.copying(garment, project));
            List<Piece> pieces = new ArrayList<>(now.own());
            pieces.removeIf(p -> p.id().equals(piece.id()));
            pieces.add(piece);
            return project.withPieces(now.withOwn(pieces));
        });
    }
}
