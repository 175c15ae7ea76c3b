package org.handdown.server.project;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.QuantityKind;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.reuse.ButtonRow;
import org.handdown.reuse.Coincidence;
import org.handdown.server.web.Ceiling;
import org.handdown.server.web.NotThereException;
import org.handdown.source.anatomy.GarmentMeasures;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Closure;
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

/** Answers to questions about the work; nothing is stored. */
@RestController
@RequestMapping("/api")
class AdviceController {
    private static final int ANSWERS = 4;

    private final ProjectService projects;
    private final Ceiling ceiling;

    AdviceController(ProjectService projects, Ceiling ceiling) {
        this.projects = projects;
        this.ceiling = ceiling;
    }

    private static UnpickPlan plan(Workroom room) {
        return room.plan().orElseThrow(() -> new NotThereException("Say first what the source is."));
    }

    record KindView(SourceKind kind, String words, List<ProjectView.NamedLength> measures) {}

    /** Every kind of source with what it is measured by. */
    @GetMapping("/source-kinds")
    List<KindView> kinds(@RequestParam(name = "unit", defaultValue = "CM") LengthUnit unit) {
        Say say = new Say(unit);
        return Arrays.stream(SourceKind.values())
                .map(k -> new KindView(
                        k,
                        k.words(),
                        k.measures().stream()
                                .map(s -> SourceViews.measure(
                                        s, GarmentMeasures.first(k).mm(s.id()), true, say))
                                .toList()))
                .toList();
    }

    /** @param meaning the change or size it means, as text */
    record QuantityView(
            QuantityKind kind,
            String words,
            QuantityKind.Effect effect,
            int multiplier,
            String meaning,
            String sentence) {}

    record QuantityRequest(@Nullable String text, @Nullable LengthUnit unit) {}

    /** What one number would mean, whichever kind of quantity it is. */
    @PostMapping("/quantities")
    List<QuantityView> quantities(@RequestBody QuantityRequest body) {
        LengthUnit unit = body.unit == null ? LengthUnit.CM : body.unit;
        var said = new Typed(unit).length("quantity.text", body.text);
        return Arrays.stream(QuantityKind.values())
                .map(k -> new QuantityView(
                        k,
                        k.words(),
                        k.effect(),
                        k.multiplier(),
                        new Say(unit).field(k.meaning(said).mm()),
                        k.sentence(said, unit)))
                .toList();
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
    @PostMapping("/projects/{id}/least-opening")
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
        List<LeastOpening.Answer> answers = ceiling.under(() -> body.count > 0
                ? LeastOpening.forSize(
                        anatomy,
                        body.count,
                        new Typed(unit).mm("size.width", body.width),
                        new Typed(unit).mm("size.length", body.length),
                        orNone(body.closed),
                        minutes,
                        ANSWERS)
                : new LeastOpening(anatomy, new LeastOpening.Want(flat, loose, orNone(body.closed)), minutes)
                        .best(ANSWERS));
        if (answers.isEmpty()) {
            throw new RefusedValueException(
                    "closed", "With these joins kept closed no part of it can lie flat; let one of them go.");
        }
        List<LeastView> views = new ArrayList<>();
        for (LeastOpening.Answer answer : answers) {
            Map<String, JoinDecision> joins = new HashMap<>();
            anatomy.joins().stream().filter(j -> !j.finishedEdge()).forEach(j -> joins.put(j.id(), JoinDecision.LEAVE));
            answer.open().forEach(j -> joins.put(j, java.util.Objects.requireNonNull(how.get(j))));
            double over = answer.minutes() - answers.get(0).minutes();
            views.add(new LeastView(
                    joins,
                    answer.open().stream().map(j -> anatomy.join(j).name()).toList(),
                    answer.minutes(),
                    over < 0.05
                            ? ""
                            : over < 1
                                    ? "less than a minute more than the least"
                                    : Wording.fill("%.0f min more than the least", over)));
        }
        return views;
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
    @GetMapping("/projects/{id}/sittings")
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

    record ButtonsRequest(
            @Nullable String keeper,
            @Nullable String length,
            @Nullable String top,
            @Nullable String end,
            @Nullable String fullest,
            int set) {}

    record MarkView(double mm, String at, boolean existing) {}

    record ButtonsView(
            double lengthMm,
            double oldLengthMm,
            double fromMm,
            String from,
            List<MarkView> marks,
            List<Double> oldMm,
            List<String> sentences) {}

    /** Buttons of a kept placket spaced again for a new length. */
    @PostMapping("/projects/{id}/buttons")
    ButtonsView buttons(ProjectOf of, @RequestBody ButtonsRequest body) {
        StoredProject stored = projects.require(of);
        Project project = stored.project();
        Say say = Say.to(project);
        Typed typed = new Typed(say.unit());
        Anatomy anatomy = plan(stored.room()).anatomy();
        Closure closure = anatomy.closures().stream()
                .filter(c -> (c.part() + "/" + c.edge()).equals(body.keeper))
                .findFirst()
                .orElseThrow(() -> new NotThereException("There is no such row of buttons."));
        double old = anatomy.part(closure.part()).outline().edge(closure.edge()).lengthMm();
        int set = body.set <= 0 ? closure.atMm().size() : body.set;
        ButtonRow row = ButtonRow.of(
                new ButtonRow.Need(
                        typed.mm("closure.length", body.length),
                        typed.mm("closure.top", body.top),
                        typed.mm("closure.end", body.end),
                        Typed.text(body.fullest).isEmpty() ? -1 : typed.mm("closure.fullest", body.fullest)),
                closure.atMm(),
                old,
                set,
                closure.diameterMm(),
                closure.lineMm());
        return new ButtonsView(
                typed.mm("closure.length", body.length),
                old,
                row.fromMm(),
                say.length(row.fromMm()),
                row.marks().stream()
                        .map(m -> new MarkView(m.atMm(), say.length(m.atMm()), m.existing()))
                        .toList(),
                closure.atMm(),
                row.sentences().stream().map(say::sentence).toList());
    }

    record CoincidenceRequest(
            @Nullable String distance,
            @Nullable String need,
            @Nullable String longer,
            @Nullable String shorter) {}

    record CoincidenceView(Coincidence.Verdict verdict, String sentence) {}

    /** Whether two finished edges of one panel can both live on. */
    @PostMapping("/projects/{id}/coincidence")
    CoincidenceView coincidence(ProjectOf of, @RequestBody CoincidenceRequest body) {
        Say say = Say.to(projects.project(of));
        Typed typed = new Typed(say.unit());
        Coincidence found = Coincidence.of(
                typed.mm("coincidence.distance", body.distance),
                typed.mm("coincidence.need", body.need),
                typed.mm("coincidence.longer", body.longer),
                typed.mm("coincidence.shorter", body.shorter));
        return new CoincidenceView(found.verdict(), say.sentence(found.sentence()));
    }
}
