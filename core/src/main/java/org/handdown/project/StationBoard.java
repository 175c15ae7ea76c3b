package org.handdown.project;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.handdown.body.BodyMeasure;
import org.handdown.make.Step;
import org.handdown.measure.Length;
import org.handdown.measure.LengthText;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;
import org.handdown.pattern.draft.Drafts;
import org.handdown.source.Source;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.LetOut;
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
        return List.of(aim(), source(), takeApart(), panelsState(), piecesState(), lay(), make(), logState());
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
                .map(t -> ", %s tall".formatted(length(t.mm())))
                .orElse("");
        return settled(Station.AIM, "%s for %s%s".formatted(what, aim.wearer().name(), tall));
    }

    private StationState source() {
        Source source = project.source();
        return source == null
                ? open(Station.SOURCE, "What will be taken apart?")
                : settled(
                        Station.SOURCE,
                        "%s, %s".formatted(source.name(), source.cloth().name()));
    }

    private StationState takeApart() {
        if (project.source() == null) {
            return open(Station.TAKE_APART, "Waits for the source.");
        }
        UnpickPlan plan = room.plan().orElseThrow();
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
                                    : "%d join%s opened, about %.0f min"
                                            .formatted(opened, opened == 1 ? "" : "s", plan.minutes()));
        }
        int flat = plan.flatParts().size();
        int all = plan.anatomy().mainParts().size();
        return flat == 0
                ? open(Station.TAKE_APART, "Decide which joins to open.")
                : settled(
                        Station.TAKE_APART,
                        plan.minutes() == 0
                                ? "%d of %d parts lie flat, nothing to open".formatted(flat, all)
                                : "%d of %d parts lie flat, about %.0f min".formatted(flat, all, plan.minutes()));
    }

    private StationState panelsState() {
        if (!room.garment().isCutOut()) {
            return settled(Station.PANELS, "Not needed: nothing is cut out.");
        }
        Project.MeasuredPanels measured = project.panels();
        Source source = project.source();
        if (measured == null || source == null) {
            return open(Station.PANELS, "Measure the parts once they lie flat.");
        }
        if (!measured.construction().equals(source.construction())) {
            return stale(Station.PANELS, "The source was measured anew since.");
        }
        if (!measured.opening().equals(project.opening())) {
            return stale(Station.PANELS, "Other joins are opened since.");
        }
        int count = measured.surveys().size();
        return settled(Station.PANELS, "%d panel%s".formatted(count, count == 1 ? "" : "s"));
    }

    private StationState piecesState() {
        Project.Pieces pieces = project.pieces();
        if (pieces instanceof Project.LettingOut) {
            return lettingOut();
        }
        if (pieces instanceof Project.TakingIn taking) {
            int readings = taking.wish().readings().size();
            return readings == 0
                    ? open(Station.PIECES, "Say where it was pinned, and how deep.")
                    : settled(
                            Station.PIECES,
                            "%d place%s taken in or shortened".formatted(readings, readings == 1 ? "" : "s"));
        }
        if (!(pieces instanceof Project.Pattern)) {
            Aim aim = project.aim();
            return open(
                    Station.PIECES,
                    aim != null && aim.draft().isEmpty()
                            ? "Draft, bring in or enter the pieces."
                            : "Draft the pieces from the measures.");
        }
        if (!room.isDraftedFromTheAim()) {
            return stale(Station.PIECES, "Drafted before the measures changed.");
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
                                : "%s, %d seam%s differ%s"
                                        .formatted(pieceWords, off, off == 1 ? "" : "s", off == 1 ? "s" : ""));
    }

    private StationState lettingOut() {
        Optional<LetOut> letOut = room.letOut();
        if (letOut.isEmpty()) {
            return open(Station.PIECES, "Waits for the source.");
        }
        double missing = letOut.get().sides().stream()
                        .mapToDouble(LetOut.Side::missingMm)
                        .max()
                        .orElse(0)
                + letOut.get().hem().missingMm();
        String gain = "%s wider, %s longer"
                .formatted(
                        length(letOut.get().gainMm()), length(letOut.get().hem().gainMm()));
        return missing > 0.5
                ? open(Station.PIECES, "%s; %s are missing".formatted(gain, length(missing)))
                : letOut.get().gainMm() + letOut.get().hem().gainMm() == 0
                        ? open(Station.PIECES, "Say how much to let out.")
                        : settled(Station.PIECES, gain);
    }

    private StationState lay() {
        if (!room.garment().isCutOut()) {
            return settled(Station.LAY, "Not needed: nothing is cut out.");
        }
        Project.Lay lay = project.lay();
        if (lay == null) {
            return open(Station.LAY, "Lay the pieces on the panels.");
        }
        boolean upstream = panelsState().stand() == StationState.Stand.STALE
                || piecesState().stand() == StationState.Stand.STALE;
        if (upstream || !room.problem().map(lay.problem()::equals).orElse(false)) {
            return stale(Station.LAY, "Panels or pieces changed since.");
        }
        int unplaced = lay.layout().unplaced().size();
        String used = "%.0f %% of the cloth used"
                .formatted(100 * lay.layout().measures().utilisation());
        return unplaced == 0
                ? settled(Station.LAY, "All pieces lie, " + used)
                : open(Station.LAY, "%d piece%s without a place".formatted(unplaced, unplaced == 1 ? "" : "s"));
    }

    private StationState make() {
        List<Step> steps = room.steps();
        if (steps.isEmpty()) {
            return open(Station.MAKE, "The order of work follows from the pieces.");
        }
        long done =
                steps.stream().filter(s -> project.done().containsKey(s.id())).count();
        return done == steps.size()
                ? settled(Station.MAKE, "All %d steps done".formatted(done))
                : open(Station.MAKE, "%d of %d steps done".formatted(done, steps.size()));
    }

    private StationState logState() {
        int notes = project.log().size();
        return notes == 0
                ? open(Station.LOG, "Nothing written yet.")
                : settled(Station.LOG, "%d note%s".formatted(notes, notes == 1 ? "" : "s"));
    }
}
