package org.handdown.project;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.handdown.alter.LetOut;
import org.handdown.alter.stack.AlterationStack;
import org.handdown.body.BodyMeasure;
import org.handdown.make.Step;
import org.handdown.measure.Length;
import org.handdown.measure.LengthText;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;
import org.handdown.pattern.draft.Drafts;
import org.handdown.source.Source;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.UnpickPlan;

/** How each station of a project stands, in a sentence. */
final class StationBoard {
    private final Project project;
    private final Workroom room;

    StationBoard(Project project, Workroom room) {
        this.project = project;
        this.room = room;
    }

    List<StationState> states() {
        return List.of(
                told(Station.AIM, this::aim),
                told(Station.SOURCE, this::source),
                told(Station.TAKE_APART, this::takeApart),
                told(Station.PANELS, this::panelsState),
                told(Station.PIECES, this::piecesState),
                told(Station.LAY, this::lay),
                told(Station.MAKE, this::make),
                told(Station.LOG, this::logState));
    }

    /** As {@link #states()}. @throws RefusedValueException by the first that cannot be worked out */
    List<StationState> requireStates() {
        return List.of(aim(), source(), takeApart(), panelsState(), piecesState(), lay(), make(), logState());
    }

    /** A station that cannot be worked out says so and leaves the others in peace. */
    private static StationState told(Station station, Supplier<StationState> state) {
        try {
            return state.get();
        } catch (RefusedValueException e) {
            return open(station, "Cannot be worked out: " + e.getMessage());
        }
    }

    private static StationState settled(Station station, String sentence) {
        return new StationState(station, StationState.Stand.SETTLED, sentence);
    }

    private static StationState open(Station station, String sentence) {
        return new StationState(station, StationState.Stand.OPEN, sentence);
    }

    private static StationState stale(Station station, String sentence) {
        return new StationState(station, StationState.Stand.STALE, sentence);
    }

    private String length(double mm) {
        return LengthText.format(Length.ofMm(mm), room.unit());
    }

    private StationState aim() {
        Aim aim = project.aim();
        if (aim == null) {
            return open(Station.AIM, "Who is it for, and what will it be?");
        }
        String what =
                aim.what().substring(0, 1).toUpperCase(Locale.ROOT) + aim.what().substring(1);
        String tall = aim.wearer()
                .find(BodyMeasure.HEIGHT)
                .filter(t -> aim.draft().isEmpty()
                        || Drafts.require(aim.draft()).measures().contains(BodyMeasure.HEIGHT))
                .filter(t -> !aim.draft().isEmpty())
                .map(t -> Wording.fill(", %s tall", length(t.mm())))
                .orElse("");
        return settled(
                Station.AIM, Wording.fill("%s for %s%s", what, aim.wearer().name(), tall));
    }

    /** One source after the other: what is still to be done for any of them is to be done; else it is told of them all. */
    private StationState ofEach(Station station, Function<ClothRoom, StationState> one) {
        List<String> told = new ArrayList<>();
        for (ClothRoom its : room.sources()) {
            if (its.project().source() == null && !isNothingSewn()) {
                // There is no source of the project's own: those that were brought tell.
                continue;
            }
            StationState state = one.apply(its);
            boolean isOwn = its.project().inHand().isEmpty();
            String of = isOwn ? "" : named(its.project()) + ": ";
            if (state.stand() != StationState.Stand.SETTLED) {
                return new StationState(station, state.stand(), of + state.sentence());
            }
            told.add(of + state.sentence());
        }
        return settled(station, String.join("; ", told));
    }

    private boolean isNothingSewn() {
        return room.sources().stream().allMatch(its -> its.project().source() == null);
    }

    private static String named(Project project) {
        Source source = project.source();
        return source == null ? "the source" : source.name();
    }

    private StationState source() {
        Source source = project.source();
        int more = project.cloths().brought().size();
        String beside = more == 0 ? "" : Wording.fill("; %d thing%s beside it", more, more == 1 ? "" : "s");
        if (source == null && room.hasCloth()) {
            return settled(
                    Station.SOURCE,
                    project.cloths().brought().stream().map(Brought::name).collect(Collectors.joining(", ")));
        }
        return source == null
                ? open(Station.SOURCE, "What will be taken apart, or is there cloth that lies flat?")
                : settled(
                        Station.SOURCE,
                        Wording.fill(
                                "%s, %s%s%s",
                                source.name(),
                                source.cloth().name(),
                                source.assessment().proposed().isEmpty()
                                        ? ""
                                        : Wording.fill(
                                                "; %d of its measures only proposed",
                                                source.assessment().proposed().size()),
                                beside));
    }

    private StationState takeApart() {
        if (isNothingSewn()) {
            return room.hasCloth()
                    ? settled(Station.TAKE_APART, "Not needed: nothing is sewn together.")
                    : open(Station.TAKE_APART, "Waits for the source.");
        }
        return ofEach(Station.TAKE_APART, this::takeApart);
    }

    private StationState takeApart(ClothRoom its) {
        UnpickPlan plan = its.plan().orElseThrow();
        if (!room.garment().isCutOut()) {
            long opened = plan.outcomes().stream()
                    .filter(o -> o.decision() != JoinDecision.LEAVE)
                    .count();
            return opened == 0 && room.garment() == Garment.LET_OUT
                    ? open(Station.TAKE_APART, "Decide which joins to open.")
                    : settled(
                            Station.TAKE_APART,
                            opened == 0
                                    ? "Nothing to open."
                                    : Wording.fill(
                                            "%d join%s opened, about %.0f min",
                                            opened, opened == 1 ? "" : "s", plan.minutes()));
        }
        int flat = plan.flatParts().size();
        int all = plan.anatomy().mainParts().size();
        return flat == 0
                ? open(Station.TAKE_APART, "Decide which joins to open.")
                : settled(
                        Station.TAKE_APART,
                        plan.minutes() == 0
                                ? all == 1
                                        ? "it lies flat, nothing to open"
                                        : Wording.fill("%d of %d parts lie flat, nothing to open", flat, all)
                                : Wording.fill("%d of %d parts lie flat, about %.0f min", flat, all, plan.minutes()));
    }

    private StationState panelsState() {
        if (!room.garment().isCutOut()) {
            int off = room.cutOff().size();
            return settled(
                    Station.PANELS,
                    off == 0
                            ? "Not needed: nothing is cut out."
                            : Wording.fill(
                                    off == 1
                                            ? "%d part that comes off can be cut from"
                                            : "%d parts that come off can be cut from",
                                    off));
        }
        if (isNothingSewn() && room.hasCloth()) {
            return settled(Station.PANELS, "All of it lies flat already.");
        }
        return ofEach(Station.PANELS, its -> panelsState(its.project()));
    }

    private static StationState panelsState(Project of) {
        MeasuredPanels measured = of.panels();
        Source source = of.source();
        if (measured == null || source == null) {
            return open(Station.PANELS, "Measure the parts once they lie flat.");
        }
        if (!measured.construction().equals(source.construction())) {
            return stale(Station.PANELS, "The source was measured anew since.");
        }
        if (!measured.opening().equals(of.opening())) {
            return stale(Station.PANELS, "Other joins are opened since.");
        }
        int count = measured.surveys().size();
        return settled(Station.PANELS, Wording.fill("%d panel%s", count, count == 1 ? "" : "s"));
    }

    private StationState altered(AlterationStack stack) {
        int all = stack.steps().size();
        long cannot = stack.steps().stream().filter(s -> s.effect() == null).count();
        return all == 0
                ? open(Station.PIECES, "Say what is to be changed.")
                : cannot > 0
                        ? open(
                                Station.PIECES,
                                Wording.fill("%d of %d changes cannot be made as they are told", cannot, all))
                        : settled(Station.PIECES, Wording.fill("%d change%s", all, all == 1 ? "" : "s"));
    }

    private StationState piecesState() {
        if (room.garment() == Garment.ALTER) {
            return room.altered().map(this::altered).orElseGet(() -> open(Station.PIECES, "Waits for the source."));
        }
        Project.Pieces pieces = project.pieces();
        if (pieces != null) {
            return pieces.fold(pattern -> drafted(), letting -> lettingOut(), this::takingIn);
        }
        Aim aim = project.aim();
        return open(
                Station.PIECES,
                aim != null && aim.draft().isEmpty()
                        ? "Draft, bring in or enter the pieces."
                        : "Draft the pieces from the measures.");
    }

    private StationState takingIn(TakingIn taking) {
        int readings = taking.wish().readings().size();
        return readings == 0
                ? open(Station.PIECES, "Say where it was pinned, and how deep.")
                : settled(
                        Station.PIECES,
                        Wording.fill("%d place%s taken in or shortened", readings, readings == 1 ? "" : "s"));
    }

    private StationState drafted() {
        if (!room.isDraftedFromTheAim()) {
            return stale(Station.PIECES, "Drafted before the measures changed.");
        }
        if (!room.isDraftedForTheCloth()) {
            return stale(Station.PIECES, "Drafted before the cloth was tested as it now is.");
        }
        Optional<Design> found = room.design();
        if (found.isEmpty()) {
            return open(Station.PIECES, "Draft, bring in or enter the pieces.");
        }
        Design design = found.get();
        long off = design.walks().stream().filter(w -> !w.agrees()).count();
        int copies = design.pieces().stream().mapToInt(Piece::quantity).sum();
        String pieceWords = copies == 1 ? "1 piece" : copies + " pieces";
        return settled(
                Station.PIECES,
                design.seams().isEmpty()
                        ? pieceWords + ", no seams told yet"
                        : off == 0
                                ? pieceWords + ", all seams agree"
                                : Wording.fill(
                                        "%s, %d seam%s differ%s",
                                        pieceWords, off, off == 1 ? "" : "s", off == 1 ? "s" : ""));
    }

    private StationState lettingOut() {
        Optional<LetOut> letOut = room.letOut();
        if (letOut.isEmpty()) {
            return open(Station.PIECES, "Waits for the source.");
        }
        double missing = letOut.get().sides().stream()
                        .mapToDouble(LetOut.Side::shortMm)
                        .max()
                        .orElse(0)
                + letOut.get().hem().shortMm();
        String gain = Wording.fill(
                "%s wider, %s longer",
                length(letOut.get().gainMm()), length(letOut.get().hem().gainMm()));
        return missing > 0.5
                ? open(Station.PIECES, Wording.fill("%s; %s are missing", gain, length(missing)))
                : letOut.get().gainMm() + letOut.get().hem().gainMm() == 0
                        ? open(Station.PIECES, "Say how much to let out.")
                        : settled(Station.PIECES, gain);
    }

    private StationState lay() {
        boolean isChanged = room.altered().isPresent() && room.design().isPresent();
        if (!room.garment().isCutOut() && !isChanged) {
            return settled(Station.LAY, "Not needed: nothing is cut out.");
        }
        if (isChanged && !room.hasCloth()) {
            return open(Station.LAY, "There is no cloth for what is cut for the changes: bring some at Source.");
        }
        Lay lay = project.lay();
        if (lay == null) {
            return open(Station.LAY, "Lay the pieces on the panels.");
        }
        boolean upstream = panelsState().stand() == StationState.Stand.STALE
                || piecesState().stand() == StationState.Stand.STALE;
        if (upstream || !room.isFor(lay)) {
            return stale(Station.LAY, "Panels or pieces changed since.");
        }
        int unplaced = lay.layout().unplaced().size();
        long needed = lay.layout().unplaced().stream()
                .filter(u -> lay.problem().piece(u.piece()).required())
                .count();
        String used = Wording.fill(
                "%.0f %% of the cloth used", 100 * lay.layout().measures().utilisation());
        if (unplaced > 0 && needed == 0) {
            return settled(
                    Station.LAY,
                    Wording.fill(
                                    "All that it needs lies, %d that may be left out %s not, ",
                                    unplaced, unplaced == 1 ? "does" : "do")
                            + used);
        }
        return unplaced == 0
                ? settled(Station.LAY, "All pieces lie, " + used)
                : open(Station.LAY, Wording.fill("%d piece%s without a place", unplaced, unplaced == 1 ? "" : "s"));
    }

    private StationState make() {
        List<Step> steps = room.steps();
        if (steps.isEmpty()) {
            return open(Station.MAKE, "The order of work follows from the pieces.");
        }
        long done =
                steps.stream().filter(s -> project.done().containsKey(s.id())).count();
        return done == steps.size()
                ? settled(Station.MAKE, Wording.fill("All %d steps done", done))
                : open(Station.MAKE, Wording.fill("%d of %d steps done", done, steps.size()));
    }

    private StationState logState() {
        int notes = project.log().size();
        return notes == 0
                ? open(Station.LOG, "Nothing written yet.")
                : settled(Station.LOG, Wording.fill("%d note%s", notes, notes == 1 ? "" : "s"));
    }
}
