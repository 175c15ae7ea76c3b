package org.handdown.shortage;

import java.util.HashMap;
import java.util.List;
import org.handdown.measure.Wording;
import org.handdown.panel.Flaw;
import org.handdown.panel.survey.Survey;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.change.Recut;
import org.handdown.pattern.change.TurnGrain;
import org.handdown.project.MeasuredPanels;
import org.handdown.source.Source;
import org.handdown.source.graph.PartId;

/** What the cloth allows: more patience, a flaw that nobody sees, another cloth or grain inside, narrower allowances. */
record ClothRemedies(Attempts attempts) {
    void find() {
        rearrange();
        hideFlaws();
        insideTheGarment();
        narrower();
    }

    private void rearrange() {
        attempts.offerPatiently(
                Remedy.Kind.REARRANGE, "Laid again with more patience it finds a place.", attempts.project());
    }

    private void hideFlaws() {
        MeasuredPanels panels = attempts.project().panels();
        if (panels == null) {
            return;
        }
        for (Survey survey : panels.surveys()) {
            for (Flaw flaw : survey.flaws()) {
                boolean stays = flaw.kind() == Flaw.Kind.HOLE || flaw.kind() == Flaw.Kind.ELASTIC;
                if (flaw.treatment() != Flaw.Treatment.AVOID || stays) {
                    continue;
                }
                List<Flaw> flaws = survey.flaws().stream()
                        .map(f -> f.equals(flaw) ? f.treated(Flaw.Treatment.HIDE) : f)
                        .toList();
                List<Survey> surveys = panels.surveys().stream()
                        .map(s -> s.id().equals(survey.id()) ? s.withFlaws(flaws) : s)
                        .toList();
                attempts.offer(
                        Remedy.Kind.HIDE_FLAW,
                        Wording.fill(
                                "Let the %s on the %s lie in an allowance, or under a pocket or facing.",
                                flaw.what(), survey.name()),
                        attempts.project().withPanels(panels.with(surveys)),
                        attempts.wanted());
            }
        }
    }

    /** Nobody sees a lining, a facing, a stay or a pocket bag from outside. */
    private boolean isInside() {
        PartId id = new PartId(attempts.whole().id());
        return attempts.whole().cloth() == PieceCloth.LINING
                || id.says("interfacing")
                || id.says("facing")
                || id.says("lining")
                || id.says("stay")
                || id.says("bag");
    }

    private void insideTheGarment() {
        if (!isInside()) {
            return;
        }
        if (attempts.whole().grain() == CutGrain.LENGTHWISE) {
            attempts.offer(
                    Remedy.Kind.TURN_GRAIN,
                    Wording.fill(
                            "Cut the %s across the grain.", attempts.whole().name()),
                    attempts.changed(List.of(new TurnGrain(
                            attempts.whole().name() + " across the grain", attempts.piece(), CutGrain.EITHER))),
                    attempts.wanted());
        }
        Source source = attempts.project().source();
        boolean lined = source != null && attempts.whole().cloth() == PieceCloth.SHELL;
        if (lined) {
            attempts.offer(
                    Remedy.Kind.OTHER_CLOTH,
                    Wording.fill("Cut the %s from the lining.", attempts.whole().name()),
                    attempts.changed(List.of(recut(PieceCloth.LINING))),
                    attempts.wanted());
        }
        HashMap<String, Integer> without = attempts.lying();
        without.remove(attempts.piece());
        attempts.offer(
                Remedy.Kind.OTHER_CLOTH,
                Wording.fill("Cut the %s from another cloth.", attempts.whole().name()),
                attempts.changed(List.of(recut(PieceCloth.OTHER))),
                without);
    }

    private Recut recut(PieceCloth cloth) {
        return new Recut(
                Wording.fill("%s from %s", attempts.whole().name(), cloth.words()),
                attempts.piece(),
                attempts.whole().quantity(),
                attempts.whole().pair(),
                cloth,
                attempts.whole().way().wrongSideOut(),
                attempts.whole().way().uneven());
    }

    private void narrower() {
        Source source = attempts.project().source();
        NarrowerEdges edges = NarrowerEdges.of(attempts.whole(), source == null ? null : source.cloth());
        boolean helped = !edges.hems().isEmpty()
                && attempts.offer(
                        Remedy.Kind.NARROWER,
                        Wording.fill(
                                "Turn the hem of the %s only %.0f mm.",
                                attempts.whole().name(), NarrowerEdges.LEAST_HEM_MM),
                        attempts.changed(edges.hems()),
                        attempts.wanted());
        helped |= !edges.seams().isEmpty()
                && attempts.offer(
                        Remedy.Kind.NARROWER,
                        Wording.fill(
                                "Narrow the allowances of the %s to %.0f mm; sew on the stitch line, its partners keep theirs.",
                                attempts.whole().name(), edges.leastMm()),
                        attempts.changed(edges.seams()),
                        attempts.wanted());
        if (!helped && !edges.hems().isEmpty() && !edges.seams().isEmpty()) {
            attempts.offer(
                    Remedy.Kind.NARROWER,
                    Wording.fill(
                            "Turn the hem of the %s only %.0f mm and narrow its allowances to %.0f mm; sew on the stitch line.",
                            attempts.whole().name(), NarrowerEdges.LEAST_HEM_MM, edges.leastMm()),
                    attempts.changed(edges.both()),
                    attempts.wanted());
        }
    }
}
