package org.handdown.server.stash;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.handdown.measure.RefusedValueException;
import org.handdown.panel.survey.ClothRepeat;
import org.handdown.pattern.PieceCloth;
import org.handdown.project.Brought;
import org.handdown.project.Cloths;
import org.handdown.project.Project;
import org.handdown.server.project.ProjectAt;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Say;
import org.handdown.server.project.StoredProject;
import org.handdown.server.project.Typed;
import org.handdown.server.web.NotThereException;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is brought to a project out of the stash beside its own source, and what each cloth of it serves as. */
@RestController
@RequestMapping("/api/projects/{id}/cloths")
class BringController {
    private final ProjectService projects;
    private final StashService stash;

    BringController(ProjectService projects, StashService stash) {
        this.projects = projects;
        this.stash = stash;
    }

    /**
     * @param thing of the stash, by its id there
     * @param roles that its cloth serves; none named: what it is mostly brought for
     * @param amount as it was typed, of what is measured or counted; empty for all that is free
     */
    record BringRequest(
            @Nullable UUID thing,
            @Nullable List<PieceCloth> roles,
            @Nullable String amount) {}

    /** Brings a thing of the stash to the project; it is reserved in the same step. */
    @PostMapping
    StoredProject bring(ProjectAt at, @RequestBody BringRequest body) {
        if (body.thing == null) {
            throw new RefusedValueException("thing", "Choose something of the stash.");
        }
        UUID thing = body.thing;
        StashService.Kept kept = stash.require(at.of().household(), thing);
        return projects.edit(at, "brought: " + kept.item().thing().name(), shown -> {
            Project project = shown.turnedBack();
            String text = Typed.text(body.amount);
            double amount =
                    BroughtThing.amount(kept, text, new Typed(Say.to(project).unit()));
            Set<PieceCloth> roles = body.roles == null ? Set.of() : Set.copyOf(body.roles);
            Brought brought = new BroughtThing(thing.toString(), kept.item(), amount).in(project, roles);
            return project.withCloths(project.cloths().with(brought));
        });
    }

    record RolesRequest(@Nullable List<PieceCloth> roles) {}

    /** What the outer cloth of the project's own source serves as. */
    @PutMapping("/own")
    StoredProject ownRoles(ProjectAt at, @RequestBody RolesRequest body) {
        return serving(at, "", body);
    }

    @PutMapping("/{mark}")
    StoredProject roles(ProjectAt at, @PathVariable("mark") String mark, @RequestBody RolesRequest body) {
        return serving(at, mark, body);
    }

    /** Lines of a cloth that lies flat. @param first from its left or lower end */
    record SheetStripeRequest(
            boolean across,
            @Nullable String period,
            @Nullable String first,
            boolean matched) {}

    record SheetStripesRequest(@Nullable List<SheetStripeRequest> stripes) {}

    /** Stripes of flat cloth that was brought, two of them a check; none takes them off. */
    @PutMapping("/{mark}/stripes")
    StoredProject stripes(ProjectAt at, @PathVariable("mark") String mark, @RequestBody SheetStripesRequest body) {
        List<SheetStripeRequest> told = body.stripes == null ? List.of() : body.stripes;
        if (told.size() > 2) {
            throw new RefusedValueException("stripes", "A cloth has stripes one way, or both ways: two at most.");
        }
        return projects.edit(at, "stripes of a cloth", shown -> {
            Project project = shown.turnedBack();
            Typed typed = new Typed(Say.to(project).unit());
            List<ClothRepeat> stripes = told.stream().map(t -> stripe(t, typed)).toList();
            Cloths cloths = project.cloths();
            if (cloths.find(mark).orElse(null) instanceof Brought.FlatSheet sheet) {
                return project.withCloths(cloths.changing(sheet.striped(stripes)));
            }
            throw new NotThereException("There is no such flat cloth in this project.");
        });
    }

    /** Along the grain and across it are told apart by name: both ways they are a check. */
    private static ClothRepeat stripe(SheetStripeRequest told, Typed typed) {
        return new ClothRepeat(
                told.across ? "stripes along the grain" : "stripes across the grain",
                told.across,
                typed.mm("stripes.period", told.period),
                "",
                Typed.text(told.first).isEmpty() ? 0 : typed.mm("stripes.first", told.first),
                told.matched);
    }

    private StoredProject serving(ProjectAt at, String mark, RolesRequest body) {
        Set<PieceCloth> roles = body.roles == null ? Set.of() : Set.copyOf(body.roles);
        return projects.edit(at, "what a cloth serves as", shown -> {
            Project project = shown.turnedBack();
            return project.withCloths(project.cloths().serving(mark, roles));
        });
    }

    /** Takes it out again: the stash has it back, and what was settled of it goes with it. */
    @DeleteMapping("/{mark}")
    StoredProject takeOut(ProjectAt at, @PathVariable("mark") String mark) {
        return projects.edit(at, "taken out again", shown -> {
            Project project = shown.turnedBack();
            return project.withCloths(project.cloths().without(mark));
        });
    }
}
