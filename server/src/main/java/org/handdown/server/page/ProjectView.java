package org.handdown.server.page;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.handdown.measure.LengthUnit;
import org.handdown.project.Station;
import org.handdown.project.StationState;
import org.handdown.server.aim.AimView;
import org.handdown.server.alter.AlteredView;
import org.handdown.server.lay.LayFigures;
import org.handdown.server.lay.LayView;
import org.handdown.server.lay.LayView.EnoughView;
import org.handdown.server.lay.LayView.SurenessView;
import org.handdown.server.log.NoteView;
import org.handdown.server.make.StepView;
import org.handdown.server.panels.PanelView;
import org.handdown.server.pieces.KeepView;
import org.handdown.server.pieces.LetOutView;
import org.handdown.server.pieces.PatternView;
import org.handdown.server.project.PutOnView;
import org.handdown.server.project.StoredProject;
import org.handdown.server.source.ClothView;
import org.handdown.server.source.SourceView;
import org.handdown.server.unpick.TakeApartView;
import org.handdown.server.workings.TakeInView;
import org.handdown.server.workings.WorkingsView;
import org.jspecify.annotations.Nullable;

/**
 * A project with all that follows from it, ready to be drawn. Lengths come twice: in mm for the drawing, and as text in the household's
 * unit. Points are [x, y] in mm, y up.
 */
public record ProjectView(
        String id,
        long version,
        String name,
        LengthUnit unit,
        @Schema(types = {"string", "null"}) @Nullable String undoWhat,
        @Schema(types = {"string", "null"}) @Nullable String redoWhat,
        List<StationState> stations,
        AimView aim,
        String inHand,
        List<ClothView> cloths,
        List<ClothView.RoleView> roles,
        List<ClothView.MeetingView> meetings,
        @Nullable SourceView source,
        @Nullable TakeApartView takeApart,
        List<PanelView> panels,
        String usableShare,
        @Nullable PatternView pieces,
        List<PutOnView> putOn,
        List<CrossingView> crossings,
        @Nullable LetOutView letOut,
        @Nullable TakeInView takeIn,
        @Nullable AlteredView altered,
        WorkingsView workings,
        KeepView keep,
        @Nullable EnoughView enough,
        @Nullable LayView lay,
        List<LayFigures> lays,
        @Nullable SurenessView sureness,
        List<StepView> steps,
        List<NoteView> log,
        List<PracticeView> practice,
        List<TroubleView> troubles) {
    /** What there is to see, where it stands among its states. */
    ProjectView at(StoredProject.Stand stand) {
        return new ProjectView(
                stand.id().toString(),
                stand.version(),
                name,
                unit,
                stand.undoWhat(),
                stand.redoWhat(),
                stations,
                aim,
                inHand,
                cloths,
                roles,
                meetings,
                source,
                takeApart,
                panels,
                usableShare,
                pieces,
                putOn,
                crossings,
                letOut,
                takeIn,
                altered,
                workings,
                keep,
                enough,
                lay,
                lays,
                sureness,
                steps,
                log,
                practice,
                troubles);
    }
    /** What lies under the needle where a seam runs over others. */
    public record CrossingView(String seam, String sentence) {}

    /** A figure of common practice that the project goes by, and the household goes by otherwise since. */
    public record PracticeView(String words, String here, String household) {}
    /** Something beside the work that could not be worked out, at the station where it would stand. */
    public record TroubleView(Station station, String sentence) {}
}
