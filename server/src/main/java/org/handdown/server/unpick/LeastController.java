package org.handdown.server.unpick;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.project.Workroom;
import org.handdown.server.project.ProjectOf;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Say;
import org.handdown.server.project.StoredProject;
import org.handdown.server.project.Typed;
import org.handdown.server.web.Ceiling;
import org.handdown.server.web.NotThereException;
import org.handdown.source.graph.Anatomy;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.LeastOpening;
import org.handdown.unpick.OpeningOrder;
import org.handdown.unpick.UnpickPlan;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** How little has to be opened, and in which order; nothing is stored. */
@RestController
@RequestMapping("/api/projects/{id}")
class LeastController {
    private final ProjectService projects;
    private final Ceiling ceiling;

    LeastController(ProjectService projects, Ceiling ceiling) {
        this.projects = projects;
        this.ceiling = ceiling;
    }

    private static final int ANSWERS = 4;

    private static UnpickPlan plan(Workroom room) {
        return room.plan().orElseThrow(() -> new NotThereException("Say first what the source is."));
    }

    /**
     * @param flat parts that must lie flat
     * @param loose parts that must come off altogether
     * @param closed joins that must stay closed
     * @param cutAway cutting beside the stitches is allowed where it is quicker
     * @param clothWorth minutes that a square decimetre of won cloth is worth
     * @param count how many panels of a size are wanted, whichever parts give them; 0 where parts are named
     * @param width and length: of such a panel
     */
    record LeastRequest(
            @Nullable Set<String> flat,
            @Nullable Set<String> loose,
            @Nullable Set<String> closed,
            boolean cutAway,
            double clothWorth,
            int count,
            @Nullable String width,
            @Nullable String length) {}

    record LeastView(Map<String, JoinDecision> joins, List<String> names, double minutes, String more) {}

    /** The least work that gives what is wanted, and the next best ways. */
    @PostMapping("/least-opening")
    List<LeastView> least(ProjectOf of, @RequestBody LeastRequest body) {
        if (!(body.clothWorth >= 0 && body.clothWorth <= 1000)) {
            throw new RefusedValueException("clothWorth", "must be from 0 to 1000 minutes.");
        }
        StoredProject stored = projects.require(of);
        UnpickPlan plan = plan(stored.room());
        Anatomy anatomy = plan.anatomy();
        Set<String> flat = orNone(body.flat);
        Set<String> loose = orNone(body.loose);
        for (String part : flat) {
            requirePart(anatomy, part);
        }
        for (String part : loose) {
            requirePart(anatomy, part);
        }
        Map<String, Double> minutes = new HashMap<>();
        Map<String, JoinDecision> how = new HashMap<>();
        anatomy.joins().forEach(j -> {
            double unpick = plan.minutes(j, JoinDecision.UNPICK);
            double lostDm2 = j.lengthMm() * j.allowanceMm() * j.runs().size() / 10_000;
            double cut = plan.minutes(j, JoinDecision.CUT_AWAY) + lostDm2 * body.clothWorth;
            boolean cutting = body.cutAway && cut < unpick;
            how.put(j.id(), cutting ? JoinDecision.CUT_AWAY : JoinDecision.UNPICK);
            minutes.put(j.id(), cutting ? cut : unpick);
        });
        LengthUnit unit = Say.to(stored.project()).unit();
        boolean isForSize = body.count > 0;
        LeastOpening search = new LeastOpening(
                anatomy,
                new LeastOpening.Want(isForSize ? Set.of() : flat, isForSize ? Set.of() : loose, orNone(body.closed)),
                minutes);
        List<LeastOpening.Answer> answers = ceiling.under(() -> isForSize
                ? search.forSize(
                        body.count,
                        new Typed(unit).mm("size.width", body.width),
                        new Typed(unit).mm("size.length", body.length),
                        ANSWERS)
                : search.best(ANSWERS));
        if (answers.isEmpty()) {
            throw new RefusedValueException(
                    "closed", "With these joins kept closed no part of it can lie flat; let one of them go.");
        }
        double least = answers.get(0).minutes();
        return answers.stream().map(a -> view(anatomy, a, how, least)).toList();
    }

    private static LeastView view(
            Anatomy anatomy, LeastOpening.Answer answer, Map<String, JoinDecision> how, double least) {
        Map<String, JoinDecision> joins = new HashMap<>();
        anatomy.joins().stream().filter(j -> !j.finishedEdge()).forEach(j -> joins.put(j.id(), JoinDecision.LEAVE));
        answer.open().forEach(j -> joins.put(j, java.util.Objects.requireNonNull(how.get(j))));
        double over = answer.minutes() - least;
        return new LeastView(
                joins,
                answer.open().stream().map(j -> anatomy.join(j).name()).toList(),
                answer.minutes(),
                over < 0.05
                        ? ""
                        : over < 1
                                ? "less than a minute more than the least"
                                : Wording.fill("%.0f min more than the least", over));
    }

    private static Set<String> orNone(@Nullable Set<String> some) {
        return some == null ? Set.of() : some;
    }

    private static void requirePart(Anatomy anatomy, String part) {
        if (anatomy.findPart(part).isEmpty()) {
            throw new RefusedValueException("flat", Wording.fill("This source has no part “%s”.", part));
        }
    }

    record SittingView(List<SittingJoin> joins, double minutes, String safeEnd) {}

    record SittingJoin(String id, String name, boolean seamless, JoinDecision decision, double minutes, boolean done) {}

    /** The joins in the order they are opened, cut into sittings. */
    @GetMapping("/sittings")
    List<SittingView> sittings(ProjectOf of, @RequestParam(name = "minutes", defaultValue = "30") double minutes) {
        StoredProject stored = projects.require(of);
        Workroom room = stored.room();
        return OpeningOrder.sittings(OpeningOrder.of(plan(room)), minutes).stream()
                .map(s -> new SittingView(
                        s.outcomes().stream()
                                .map(o -> new SittingJoin(
                                        o.join().id(),
                                        o.join().name(),
                                        o.join().isSeamless(),
                                        o.decision(),
                                        o.minutes(),
                                        stored.project()
                                                .done()
                                                .containsKey("open-" + o.join().id())))
                                .toList(),
                        s.minutes(),
                        s.safeEnd()))
                .toList();
    }
}
