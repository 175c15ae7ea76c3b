package org.handdown.shortage;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import org.handdown.fit.FitProblem;
import org.handdown.fit.room.FitsAlone;
import org.handdown.geometry.Box;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.panel.Flaw;
import org.handdown.panel.survey.Survey;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.change.Change;
import org.handdown.pattern.change.LeaveOut;
import org.handdown.pattern.change.Lengthen;
import org.handdown.pattern.change.Piecing;
import org.handdown.pattern.change.Recut;
import org.handdown.pattern.change.TurnGrain;
import org.handdown.pattern.draft.Dimension;
import org.handdown.pattern.draft.Drafts;
import org.handdown.project.DraftOrder;
import org.handdown.project.Lay;
import org.handdown.project.MeasuredPanels;
import org.handdown.project.PatternPieces;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.source.Source;
import org.jspecify.annotations.Nullable;

/**
 * What would let a piece lie that has no place, in order of how little the garment changes. Each is tried by the fitter from the lay
 * there is, everything else that lies must still lie, and only what worked is offered.
 */
public final class Remedies {
    /** No garment is shortened by more of a piece's length than this without being another garment (common practice, no source). */
    private static final double MOST_SHORTER = 0.15;

    private static final double MOST_SHORTER_MM = 120;

    /** From one size to the next girths grow by 4 cm (EN 13402-3, from memory). */
    private static final double SIZE_STEP_MM = 40;

    /** Piecing lines that are tried, the shortest seam first. */
    private static final int MOST_LINES = 12;

    private final Project project;
    private final String piece;
    private final Effort effort;
    private final BooleanSupplier cancelled;
    private final Consumer<Remedy> found;
    private final Trial trial;
    private final List<Remedy> offered = new ArrayList<>();
    private final HashMap<String, Integer> lying;
    private final Design design;
    private final Piece whole;

    /**
     * @param project with a lay in which the piece has no place
     * @param piece id of it
     * @param cancelled asked often; true ends the search with what was found so far
     * @param found told of each remedy as it comes
     * @throws RefusedValueException if there is no lay, or no such piece in the design
     */
    public Remedies(Project project, String piece, Effort effort, BooleanSupplier cancelled, Consumer<Remedy> found) {
        this.project = project;
        this.piece = piece;
        this.effort = effort;
        this.cancelled = cancelled;
        this.found = found;
        this.trial = new Trial(effort, cancelled);
        Lay lay = project.lay();
        if (lay == null || !(project.pieces() instanceof PatternPieces)) {
            throw new RefusedValueException("lay", "Lay the pieces first; then what has no place can be helped.");
        }
        this.lying = new HashMap<>(Trial.count(lay.layout()));
        this.design = new Workroom(project).design().orElseThrow();
        this.whole = design.find(piece)
                .orElseThrow(() -> new RefusedValueException("piece", "There is no such piece in the pattern."));
    }

    /** All that would help. */
    public List<Remedy> find() {
        rearrange();
        hideFlaws();
        insideTheGarment();
        narrower();
        shorter();
        leaveOut();
        smaller();
        pieced();
        return List.copyOf(offered);
    }

    private PatternPieces pattern() {
        return (PatternPieces) java.util.Objects.requireNonNull(project.pieces());
    }

    private Project changed(List<? extends Change> changes) {
        List<Change> all = new ArrayList<>(pattern().changes());
        all.addAll(changes);
        return project.withPieces(pattern().withChanges(all));
    }

    /** What must lie: all that lies now, and the piece itself as often as it is wanted. */
    private HashMap<String, Integer> wanted() {
        HashMap<String, Integer> wanted = new HashMap<>(lying);
        wanted.put(piece, whole.quantity());
        return wanted;
    }

    private boolean offer(Remedy.Kind kind, String words, Project changed, HashMap<String, Integer> wanted) {
        return offer(kind, words, changed, wanted, effort.seconds());
    }

    private boolean offer(
            Remedy.Kind kind, String words, Project changed, HashMap<String, Integer> wanted, double seconds) {
        if (cancelled.getAsBoolean() || !couldFit(changed, wanted)) {
            return false;
        }
        return trial.of(changed, Trial.atLeast(wanted), seconds)
                .map(outcome -> {
                    Remedy remedy = new Remedy(kind, words, outcome.project());
                    offered.add(remedy);
                    found.accept(remedy);
                    return true;
                })
                .orElse(false);
    }

    /** Does every piece that is wanted and did not lie fit at least on the empty panels? */
    private boolean couldFit(Project changed, HashMap<String, Integer> wanted) {
        try {
            FitProblem problem = Trial.problem(changed).orElse(null);
            return problem != null
                    && problem.pieces().stream()
                            .filter(p -> wanted.getOrDefault(p.id(), 0) > lying.getOrDefault(p.id(), 0))
                            .allMatch(p -> FitsAlone.on(problem, p));
        } catch (RefusedValueException refused) {
            // The change cannot be made on this piece.
            return false;
        }
    }

    private void rearrange() {
        offer(
                Remedy.Kind.REARRANGE,
                "Laid again with more patience it finds a place.",
                project,
                wanted(),
                3 * effort.seconds());
    }

    private void hideFlaws() {
        MeasuredPanels panels = project.panels();
        if (panels == null) {
            return;
        }
        for (Survey survey : panels.surveys()) {
            for (Flaw flaw : survey.flaws()) {
                if (flaw.treatment() != Flaw.Treatment.AVOID || flaw.kind() == Flaw.Kind.HOLE) {
                    continue;
                }
                List<Flaw> flaws = survey.flaws().stream()
                        .map(f -> f.equals(flaw) ? new Flaw(Flaw.Treatment.HIDE, f.kind(), f.what(), f.extent()) : f)
                        .toList();
                List<Survey> surveys = panels.surveys().stream()
                        .map(s -> s.id().equals(survey.id()) ? s.withFlaws(flaws) : s)
                        .toList();
                offer(
                        Remedy.Kind.HIDE_FLAW,
                        Wording.fill(
                                "Let the %s on the %s lie in an allowance, or under a pocket or facing.",
                                flaw.what(), survey.name()),
                        project.withPanels(panels.with(surveys)),
                        wanted());
            }
        }
    }

    /** Nobody sees a lining, a facing, a stay or a pocket bag from outside. */
    private boolean isInside() {
        String id = whole.id();
        return whole.cloth() == PieceCloth.LINING
                || id.contains("facing")
                || id.contains("lining")
                || id.contains("stay")
                || id.contains("bag");
    }

    private void insideTheGarment() {
        if (!isInside()) {
            return;
        }
        if (whole.grain() == CutGrain.LENGTHWISE) {
            offer(
                    Remedy.Kind.TURN_GRAIN,
                    Wording.fill("Cut the %s across the grain.", whole.name()),
                    changed(List.of(new TurnGrain(whole.name() + " across the grain", piece, CutGrain.EITHER))),
                    wanted());
        }
        Source source = project.source();
        boolean lined = source != null && whole.cloth() == PieceCloth.SHELL;
        if (lined) {
            offer(
                    Remedy.Kind.OTHER_CLOTH,
                    Wording.fill("Cut the %s from the lining.", whole.name()),
                    changed(List.of(recut(PieceCloth.LINING))),
                    wanted());
        }
        HashMap<String, Integer> without = new HashMap<>(lying);
        without.remove(piece);
        offer(
                Remedy.Kind.OTHER_CLOTH,
                Wording.fill("Cut the %s from another cloth.", whole.name()),
                changed(List.of(recut(PieceCloth.OTHER))),
                without);
    }

    private Recut recut(PieceCloth cloth) {
        return new Recut(
                Wording.fill("%s from %s", whole.name(), cloth.words()),
                piece,
                whole.quantity(),
                whole.pair(),
                cloth,
                whole.way().wrongSideOut(),
                whole.way().uneven());
    }

    private void narrower() {
        Source source = project.source();
        NarrowerEdges edges = NarrowerEdges.of(whole, source == null ? null : source.cloth());
        boolean helped = !edges.hems().isEmpty()
                && offer(
                        Remedy.Kind.NARROWER,
                        Wording.fill("Turn the hem of the %s only %.0f mm.", whole.name(), NarrowerEdges.LEAST_HEM_MM),
                        changed(edges.hems()),
                        wanted());
        helped |= !edges.seams().isEmpty()
                && offer(
                        Remedy.Kind.NARROWER,
                        Wording.fill(
                                "Narrow the allowances of the %s to %.0f mm; sew on the stitch line, its partners keep theirs.",
                                whole.name(), edges.leastMm()),
                        changed(edges.seams()),
                        wanted());
        if (!helped && !edges.hems().isEmpty() && !edges.seams().isEmpty()) {
            offer(
                    Remedy.Kind.NARROWER,
                    Wording.fill(
                            "Turn the hem of the %s only %.0f mm and narrow its allowances to %.0f mm; sew on the stitch line.",
                            whole.name(), NarrowerEdges.LEAST_HEM_MM, edges.leastMm()),
                    changed(edges.both()),
                    wanted());
        }
    }

    /** The piece and all that is sewn to it along an upright edge, so that the seams still agree. */
    private List<String> together() {
        Set<String> pieces = new java.util.LinkedHashSet<>(List.of(piece));
        for (DesignSeam seam : design.seams()) {
            List<DesignSeam.Side> sides = new ArrayList<>(seam.one());
            sides.addAll(seam.other());
            boolean upright = sides.stream()
                    .allMatch(s -> design.find(s.piece())
                            .map(p -> p.stitchLine().edge(s.edge()).isUpright())
                            .orElse(false));
            if (upright && sides.stream().anyMatch(s -> s.piece().equals(piece))) {
                sides.forEach(s -> pieces.add(s.piece()));
            }
        }
        return List.copyOf(pieces);
    }

    private void shorter() {
        Box box = whole.stitchLine().box();
        double most = Math.min(MOST_SHORTER_MM, Math.floor(MOST_SHORTER * box.heightMm()));
        List<String> pieces = together();
        @Nullable Project best = null;
        double low = 0;
        double high = most;
        // From the most that is thinkable down to the least that helps, to 1 mm.
        for (double by = most;
                high - low >= 1 && by >= 1 && !cancelled.getAsBoolean();
                by = Math.floor((low + high) / 2)) {
            Project shorter = shortened(pieces, by);
            Project laid = shorter == null || !couldFit(shorter, wanted())
                    ? null
                    : trial.of(shorter, Trial.atLeast(wanted()), effort.seconds())
                            .map(Trial.Outcome::project)
                            .orElse(null);
            if (laid == null) {
                if (by == most) {
                    return;
                }
                low = by;
            } else {
                best = laid;
                high = by;
            }
            if (high - low <= 1) {
                break;
            }
        }
        if (best != null) {
            Remedy remedy = new Remedy(
                    Remedy.Kind.SHORTER,
                    Wording.fill(
                            "Make the %s %.0f mm shorter.",
                            String.join(" and the ", pieces).replace('-', ' '), high),
                    best);
            offered.add(remedy);
            found.accept(remedy);
        }
    }

    /** Folded away wherever no corner of any of the pieces stands in the way; null where there is no such place. */
    private @Nullable Project shortened(List<String> pieces, double by) {
        Box box = whole.stitchLine().box();
        for (double share : new double[] {0.15, 0.25, 0.4, 0.55, 0.7, 0.05, 0.85}) {
            double at = share * box.heightMm();
            Project shorter = changed(List.of(new Lengthen("shorter, cloth is short", pieces, at, -by)));
            try {
                new Workroom(shorter).design();
                return shorter;
            } catch (RefusedValueException cornerInTheWay) {
                // The next height.
            }
        }
        return null;
    }

    private void leaveOut() {
        design.pieces().stream()
                .filter(p -> !p.required() && lying.containsKey(p.id()) && !p.id().equals(piece))
                .sorted(Comparator.comparingDouble(p -> p.stitchLine().ring().areaMm2()))
                .forEach(p -> {
                    HashMap<String, Integer> wanted = wanted();
                    wanted.remove(p.id());
                    offer(
                            Remedy.Kind.LEAVE_OUT,
                            Wording.fill("Leave the %s out.", p.name()),
                            changed(List.of(new LeaveOut("without the " + p.name(), p.id()))),
                            wanted);
                });
    }

    /** The draft with the least room that it allows, where room is one of its free dimensions. */
    private void smaller() {
        List<DraftOrder> orders = pattern().orders();
        for (int i = 0; i < orders.size(); i++) {
            DraftOrder order = orders.get(i);
            for (Dimension d : Drafts.require(order.draft()).dimensions()) {
                boolean room = d.kind() == Dimension.Kind.LENGTH
                        && d.id().toLowerCase(Locale.ROOT).endsWith("ease");
                double now = order.choices().getOrDefault(d.id(), order.usual(d));
                double less = Math.max(d.least(), now - SIZE_STEP_MM);
                if (!room || less >= now - 1) {
                    continue;
                }
                HashMap<String, Double> choices = new HashMap<>(order.choices());
                choices.put(d.id(), less);
                List<DraftOrder> others = new ArrayList<>(orders);
                others.set(i, order.withChoices(choices));
                offer(
                        Remedy.Kind.SMALLER,
                        Wording.fill(
                                "One size smaller: %s %.0f mm instead of %.0f mm.",
                                d.words().toLowerCase(Locale.ROOT), less, now),
                        project.withPieces(pattern().withOrders(others)),
                        wanted());
            }
        }
    }

    private void pieced() {
        boolean kept = pattern().orders().stream()
                .anyMatch(o -> Drafts.require(o.draft()).whole().contains(piece));
        if (kept) {
            return;
        }
        int offers = 0;
        List<Piecing> lines = PiecingLines.of(whole);
        for (Piecing line : lines.subList(0, Math.min(MOST_LINES, lines.size()))) {
            Design split;
            try {
                split = line.on(design);
            } catch (RefusedValueException tooNear) {
                continue;
            }
            HashMap<String, Integer> wanted = new HashMap<>(lying);
            wanted.remove(piece);
            split.pieces().stream()
                    .filter(p -> design.find(p.id()).isEmpty())
                    .forEach(p -> wanted.put(p.id(), p.quantity()));
            if (offer(Remedy.Kind.PIECED, capital(line.words()) + ".", changed(List.of(line)), wanted)
                    && ++offers == 2) {
                return;
            }
        }
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
