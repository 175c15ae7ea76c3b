package org.handdown.server.page;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.handdown.measure.Practice;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.project.Kept;
import org.handdown.project.Station;
import org.handdown.project.StationState;
import org.handdown.server.aim.AimViews;
import org.handdown.server.alter.AlteredViews;
import org.handdown.server.lay.LayViews;
import org.handdown.server.log.NoteViews;
import org.handdown.server.make.StepViews;
import org.handdown.server.page.ProjectView.PracticeView;
import org.handdown.server.page.ProjectView.TroubleView;
import org.handdown.server.panels.PanelViews;
import org.handdown.server.pieces.KeepView;
import org.handdown.server.pieces.KeepViews;
import org.handdown.server.pieces.LetOutViews;
import org.handdown.server.pieces.PatternViews;
import org.handdown.server.project.PutOnView;
import org.handdown.server.project.Shown;
import org.handdown.server.project.StoredProject;
import org.handdown.server.source.ClothViews;
import org.handdown.server.source.SourceViews;
import org.handdown.server.table.PracticeText;
import org.handdown.server.unpick.JoinViews;
import org.handdown.server.workings.WorkingViews;
import org.handdown.server.workings.WorkingsView;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Puts the view of a project together from those of its stations. */
final class ProjectViews {
    private static final Logger LOG = LoggerFactory.getLogger(ProjectViews.class);

    private final StoredProject stored;
    private final Shown shown;
    private final List<TroubleView> troubles = new ArrayList<>();

    private ProjectViews(StoredProject stored) {
        this.stored = stored;
        this.shown = Shown.of(stored.project(), stored.room());
    }

    /** Made once for a project as it stands, by the ways of a household, on a day. */
    static ProjectView of(StoredProject stored) {
        return stored.kept()
                .of(
                        Kept.Result.VIEW,
                        List.of(stored.project(), stored.ways(), LocalDate.now(ZoneId.systemDefault())),
                        () -> new ProjectViews(stored).view())
                .at(stored.at());
    }

    /** A part of the view. One that fails says so in its own place and never keeps the rest from being seen. */
    private <T> T part(Station station, String what, Supplier<T> part, T otherwise) {
        try {
            return part.get();
        } catch (RefusedValueException e) {
            troubles.add(
                    new TroubleView(station, Wording.fill("%s could not be worked out: %s", what, e.getMessage())));
        } catch (RuntimeException e) {
            LOG.error("{} of project {} failed", what, stored.at().id(), e);
            troubles.add(new TroubleView(
                    station, what + " could not be worked out; that is a fault of the program, not of your figures."));
        }
        return otherwise;
    }

    private final class SideParts implements SourceViews.Parts {
        @Override
        public <T> T part(Station station, String what, Supplier<T> part, T otherwise) {
            return ProjectViews.this.part(station, what, part, otherwise);
        }
    }

    private <T> @Nullable T orNothing(Station station, String what, Supplier<Optional<T>> part) {
        return part(station, what, part, Optional.<T>empty()).orElse(null);
    }

    private ProjectView view() {
        List<StationState> stations = shown.room().stations();
        WorkingViews workings = new WorkingViews(shown);
        ClothViews cloths = new ClothViews(shown);
        return new ProjectView(
                "",
                0,
                shown.project().name(),
                shown.say().unit(),
                null,
                null,
                stations,
                new AimViews(shown).view(),
                shown.project().inHand(),
                part(Station.SOURCE, "What was brought beside the source", cloths::all, List.of()),
                part(Station.PIECES, "What asks for which cloth", cloths::roles, List.of()),
                part(Station.PIECES, "Where cloths meet", cloths::meetings, List.of()),
                orNothing(
                        Station.SOURCE,
                        "The drawing of the source",
                        () -> new SourceViews(shown).view(new SideParts())),
                orNothing(Station.TAKE_APART, "The joins", () -> new JoinViews(shown).view()),
                part(Station.PANELS, "The panels", () -> PanelViews.all(shown), List.of()),
                part(Station.PANELS, "How much of the cloth can be used", () -> PanelViews.usableShare(shown), ""),
                orNothing(Station.PIECES, "The pieces", () -> PatternViews.of(shown)),
                part(
                        Station.PIECES,
                        "How it is put on",
                        () -> PutOnView.of(shown.room().designPutOn(), shown.say()),
                        List.of()),
                part(
                        Station.PIECES,
                        "Where seams cross",
                        () -> shown.room().crossings().stream()
                                .map(c -> new ProjectView.CrossingView(c.seam(), c.sentence(shown.say()::thin)))
                                .toList(),
                        List.of()),
                orNothing(Station.PIECES, "What letting out gives", () -> LetOutViews.of(shown)),
                orNothing(Station.PIECES, "What is taken in", workings::takenIn),
                orNothing(Station.PIECES, "What is changed of the garment", () -> new AlteredViews(shown).view()),
                part(Station.PIECES, "Rings and necklines", workings::workings, new WorkingsView(List.of(), List.of())),
                part(
                        Station.PIECES,
                        "What lives on",
                        () -> new KeepViews(shown).view(),
                        new KeepView(List.of(), List.of(), 0, List.of())),
                orNothing(Station.PIECES, "Whether there is cloth enough", () -> LayViews.enough(shown)),
                orNothing(Station.LAY, "The lay", () -> LayViews.atWork(shown, stations)),
                part(Station.LAY, "The kept lays", () -> LayViews.figures(shown), List.of()),
                orNothing(Station.LAY, "How sure the lay is", () -> LayViews.sureness(shown)),
                part(Station.MAKE, "The order of work", () -> StepViews.of(shown), List.of()),
                NoteViews.of(shown),
                practice(),
                List.copyOf(troubles));
    }

    /** Figures of practice by which the project goes otherwise than its household does now. */
    private List<PracticeView> practice() {
        Practice own = shown.project().practice();
        Practice household = stored.ways().practice();
        return Arrays.stream(Practice.Figure.values())
                .filter(f -> own.of(f) != household.of(f))
                .map(f ->
                        new PracticeView(f.words(), PracticeText.of(f, own.of(f)), PracticeText.of(f, household.of(f))))
                .toList();
    }
}
