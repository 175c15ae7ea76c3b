package org.handdown.server.aim;

import org.handdown.body.BodyMeasure;
import org.handdown.body.BodyTable;
import org.handdown.body.Wearer;
import org.handdown.measure.Origin;
import org.handdown.measure.Wording;
import org.handdown.project.Aim;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.server.aim.AimView.MeasureView;
import org.handdown.server.project.Say;
import org.handdown.server.project.Shown;
import org.jspecify.annotations.Nullable;

/** The aim and the measures it asks for, as the page wants them. */
public final class AimViews {
    /** A child of this height is proposed until somebody says otherwise, mm. */
    static final double FIRST_HEIGHT_MM = 1100;

    private final Project project;
    private final Workroom room;
    private final Say say;

    public AimViews(Shown shown) {
        this.project = shown.project();
        this.room = shown.room();
        this.say = shown.say();
    }

    public AimView view() {
        Aim aim = project.aim();
        double height = aim == null
                ? FIRST_HEIGHT_MM
                : aim.wearer().find(BodyMeasure.HEIGHT).map(Wearer.Taken::mm).orElse(FIRST_HEIGHT_MM);
        return new AimView(
                aim != null,
                room.garment(),
                room.garment().isCutOut(),
                aim == null ? "dungarees" : aim.draft(),
                aim == null ? "dungarees" : aim.what(),
                aim == null ? "" : aim.wearer().name(),
                room.measures().stream().map(m -> measure(m, aim, height)).toList());
    }

    private static String proposedBy(BodyMeasure measure, @Nullable Aim aim) {
        return aim == null
                ? "the height"
                : aim.wearer()
                        .proposedWith(measure)
                        .map(girth -> "height and " + girth.words())
                        .orElse("the height");
    }

    private MeasureView measure(BodyMeasure measure, @Nullable Aim aim, double height) {
        double proposal = aim != null && aim.wearer().find(BodyMeasure.HEIGHT).isPresent()
                ? aim.wearer().proposedMm(measure)
                : BodyTable.proposedMm(measure, height);
        String proposed = say.length(proposal);
        Wearer.Taken taken = aim == null ? null : aim.wearer().measures().get(measure);
        if (aim == null || taken == null) {
            return new MeasureView(
                    measure.name(),
                    measure.words(),
                    measure.landmark(),
                    measure.alone(),
                    proposed,
                    "",
                    proposal,
                    Origin.PROPOSED,
                    proposed,
                    proposedBy(measure, aim),
                    "",
                    false,
                    "",
                    say.length(project.practice().toleranceMm(Origin.PROPOSED)),
                    "");
        }
        double mm = taken.length().mm();
        // What nobody took is no more exact than a tape; it changes only by being taken, or confirmed as it is shown.
        String text = taken.origin() == Origin.PROPOSED
                ? say.length(mm)
                : taken.origin() == Origin.TAPE && !taken.typed().isEmpty() ? taken.typed() : say.field(mm);
        var again = taken.again();
        var on = taken.on();
        return new MeasureView(
                measure.name(),
                measure.words(),
                measure.landmark(),
                measure.alone(),
                text,
                taken.origin() == Origin.PROPOSED ? "" : say.also(text, mm),
                taken.mm(),
                taken.origin(),
                proposed,
                proposedBy(measure, aim),
                again == null ? "" : say.field(again.mm()),
                taken.differs(),
                on == null ? "" : on.toString(),
                say.length(taken.toleranceMm(project.practice())),
                aim.wearer()
                        .growthMmADay(measure)
                        .map(d -> Wording.fill("%s in a year at this pace", say.difference(365 * d)))
                        .orElse(""));
    }
}
