package org.handdown.project;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.alter.LetOut;
import org.handdown.alter.Release;
import org.handdown.alter.TakeIn;
import org.handdown.panel.KeptPocket;
import org.handdown.panel.survey.Carried;
import org.handdown.panel.survey.LegSurvey;
import org.handdown.panel.survey.PartSurvey;
import org.handdown.panel.survey.Survey;
import org.handdown.panel.survey.TapedSurvey;
import org.handdown.source.Source;
import org.handdown.source.anatomy.TrouserLegs;
import org.handdown.source.anatomy.TrouserMeasures;
import org.handdown.source.graph.Part;
import org.handdown.source.graph.PartId;
import org.handdown.source.shape.LegShape;
import org.handdown.unpick.FreedEdges;
import org.handdown.unpick.UnpickPlan;
import org.jspecify.annotations.Nullable;

/** What a project proposes by itself when something before it changed: panels from the source and the plan, pieces from the aim. */
final class Proposal {
    private static final LettingOut FIRST_LETTING_OUT =
            new LettingOut(new LetOut.Wish(0, 0, Release.LEAST_ALLOWANCE_WOVEN_MM, 10, false));

    private final Project project;
    private final Workroom workroom;

    Proposal(Project project, Workroom workroom) {
        this.project = project;
        this.workroom = workroom;
    }

    /** As {@link Workroom#redoPanels()} tells. */
    Project withPanels() {
        Source source = project.source();
        if (source == null) {
            return project;
        }
        UnpickPlan plan = workroom.plan().orElseThrow();
        Map<String, Survey> before = new HashMap<>();
        MeasuredPanels measured = project.panels();
        if (measured != null) {
            measured.surveys().forEach(s -> before.put(s.id(), s));
        }
        boolean sameSource = measured != null && measured.construction().equals(source.construction());
        List<Survey> surveys = new ArrayList<>();
        Set<String> gone = measured == null ? Set.of() : measured.gone();
        for (String part : plan.flatParts()) {
            if (gone.contains(part)) {
                continue;
            }
            surveys.add(survey(source, plan, plan.anatomy().part(part), before.get(part), sameSource));
        }
        // Panels that were taped beside the source's own parts stay too.
        if (measured != null) {
            List<String> parts = surveys.stream().map(Survey::id).toList();
            measured.surveys().stream()
                    .filter(s -> s instanceof TapedSurvey && !parts.contains(s.id()))
                    .filter(s -> plan.anatomy().findPart(s.id()).isEmpty())
                    .forEach(surveys::add);
        }
        return project.withPanels(new MeasuredPanels(source.construction(), project.opening(), surveys, gone));
    }

    private static Survey survey(Source source, UnpickPlan plan, Part part, @Nullable Survey old, boolean sameSource) {
        if (old instanceof TapedSurvey) {
            // The tape on the cloth knows better than any proposal.
            return old;
        }
        FreedEdges edges = plan.edges(part);
        Carried before = old == null ? Carried.NOTHING : old.carried().on(part.outline());
        Carried carried = before.withFlaws(KeptPocket.flaws(plan, part, before.flaws()));
        if (TrouserLegs.isLeg(source.kind(), part.id())) {
            LegShape shape = sameSource && old instanceof LegSurvey leg
                    ? leg.shape()
                    : TrouserLegs.leg(TrouserMeasures.of(source.measures()), new PartId(part.id()).isOf("front"));
            return new LegSurvey(part.id(), shape, edges, carried);
        }
        return new PartSurvey(part.id(), part.name(), part.layer(), part.outline(), edges, carried);
    }

    /** As {@link Workroom#redoPieces()} tells. */
    Project withPieces() {
        Aim aim = project.aim();
        if (aim == null) {
            return project;
        }
        return switch (aim.garment()) {
            case CUT_OUT -> project.withPieces(redrafted(aim));
            case LET_OUT -> project.pieces() instanceof LettingOut ? project : project.withPieces(FIRST_LETTING_OUT);
            case ALTER -> project.pieces() instanceof PatternPieces ? project : project.withoutPieces();
            case TAKE_IN ->
                project.pieces() instanceof TakingIn ? project : project.withPieces(new TakingIn(TakeIn.Wish.NONE));
        };
    }

    private PatternPieces redrafted(Aim aim) {
        PatternPieces before = project.pieces() instanceof PatternPieces p ? p : PatternPieces.NONE;
        List<DraftOrder> orders = new ArrayList<>();
        List<DraftOrder> old = before.orders();
        boolean first = !old.isEmpty() && old.get(0).draft().equals(aim.draft());
        boolean other = !aim.draft().isEmpty() && !first;
        if (other) {
            orders.add(new DraftOrder(aim.draft(), aim.wearer(), Map.of(), workroom.sheet()));
        }
        for (int i = 0; i < old.size(); i++) {
            // Another aim takes the place of the one before.
            if (i > 0 || first || aim.draft().isEmpty()) {
                orders.add(new DraftOrder(
                        old.get(i).draft(), aim.wearer(), old.get(i).choices(), workroom.sheet()));
            }
        }
        return before.withOrders(orders).withChanges(other ? List.of() : before.changes());
    }
}
