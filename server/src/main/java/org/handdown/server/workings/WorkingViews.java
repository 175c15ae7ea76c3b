package org.handdown.server.workings;

import java.util.List;
import java.util.Optional;
import org.handdown.alter.NewLines;
import org.handdown.alter.TakeIn;
import org.handdown.body.Passage;
import org.handdown.cloth.ClothSheet;
import org.handdown.measure.Length;
import org.handdown.measure.Wording;
import org.handdown.pattern.Neckline;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.reuse.Keeper;
import org.handdown.reuse.KeeperKind;
import org.handdown.server.project.Say;
import org.handdown.server.project.Shown;
import org.handdown.server.workings.TakeInView.ChalkView;
import org.handdown.server.workings.TakeInView.LevelView;
import org.handdown.server.workings.TakeInView.PinchView;
import org.handdown.server.workings.TakeInView.ReadingView;
import org.handdown.server.workings.WorkingsView.BandView;
import org.handdown.server.workings.WorkingsView.NecklineView;
import org.handdown.server.workings.WorkingsView.PassageView;
import org.handdown.server.workings.WorkingsView.RingLayerView;

/** Taking in, rings and necklines, as the page wants them. */
public final class WorkingViews {
    private final Project project;
    private final Workroom room;
    private final Say say;

    public WorkingViews(Shown shown) {
        this.project = shown.project();
        this.room = shown.room();
        this.say = shown.say();
    }

    public Optional<TakeInView> takenIn() {
        return room.takeIn().map(this::takeIn);
    }

    private TakeInView takeIn(TakeIn takeIn) {
        List<TakeIn.Change> changes = takeIn.changes();
        NewLines lines = new NewLines(room.anatomy().orElseThrow());
        return new TakeInView(
                changes.stream().map(this::reading).toList(),
                changes.stream()
                        .flatMap(c -> lines.of(c).stream())
                        .map(l -> new ChalkView(l.part(), l.what(), Say.points(l.points())))
                        .toList());
    }

    private ReadingView reading(TakeIn.Change change) {
        TakeIn.Reading reading = change.reading();
        TakeIn.Pinch deepest = reading.pinches().stream()
                .max(java.util.Comparator.comparingDouble(TakeIn.Pinch::mm))
                .orElseThrow();
        return new ReadingView(
                reading.kind(),
                reading.kind().words(),
                reading.where(),
                change.name(),
                change.partner(),
                reading.partnerToo(),
                reading.pinches().stream()
                        .map(p -> new PinchView(say.length(p.atMm()), say.length(p.mm())))
                        .toList(),
                change.levels().stream()
                        .map(l -> new LevelView(
                                say.length(l.atMm()),
                                say.length(l.inMm()),
                                say.length(l.beforeMm()),
                                say.length(l.afterMm())))
                        .toList(),
                change.shorterMm() == 0 ? "" : say.length(change.shorterMm()),
                reading.kind().quantity().sentence(Length.ofMm(deepest.mm()), say.unit()),
                change.notes().stream().map(say::sentence).toList());
    }

    public WorkingsView workings() {
        return new WorkingsView(
                project.workings().passages().stream().map(this::passage).toList(),
                project.workings().necklines().stream().map(this::neckline).toList());
    }

    private PassageView passage(Passage passage) {
        double opening = passage.openingMm();
        return new PassageView(
                passage.name(),
                passage.over(),
                passage.over().words(),
                say.length(passage.girthMm()),
                passage.opensMm() == 0 ? "" : say.length(passage.opensMm()),
                passage.layers().stream()
                        .map(l -> new RingLayerView(l.what(), say.length(l.lengthMm()), percent(l.stretch())))
                        .toList(),
                passage.passes(),
                say.sentence(passage.sentence()),
                passage.passes()
                        ? List.of()
                        : room.keepers().stream()
                                .filter(k -> k.kind() == KeeperKind.ZIP || k.kind() == KeeperKind.PLACKET)
                                .filter(k -> k.lengthMm() >= opening)
                                .map(this::closure)
                                .toList());
    }

    private String closure(Keeper keeper) {
        return Wording.fill("%s, %s long", keeper.name(), say.length(keeper.lengthMm()));
    }

    private static String percent(double share) {
        return Wording.fill("%.0f %%", 100 * share);
    }

    private NecklineView neckline(Neckline neck) {
        Neckline.Band band = neck.band();
        ClothSheet sheet = room.sheet();
        return new NecklineView(
                neck.name(),
                neck.shape(),
                neck.shape().words(),
                say.length(neck.widthMm()),
                say.length(neck.depthMm()),
                say.length(neck.backMm()),
                band == null
                        ? null
                        : new BandView(say.length(band.restMm()), say.length(band.depthMm()), percent(band.stretch())),
                neck.serves(),
                neck.verdict().stream().map(say::sentence).toList(),
                neck.order(sheet.edge() == ClothSheet.CutEdge.LADDERS).stream()
                        .map(say::sentence)
                        .toList(),
                neck.widthMm(),
                neck.depthMm(),
                Say.points(neck.chalkPoints()),
                neck.chalkPoints().stream()
                        .map(p -> Wording.fill("%s from the centre, %s down", say.length(p.x()), say.length(-p.y())))
                        .toList(),
                neck.notchBaseMm(),
                band == null ? 0 : band.depthMm());
    }
}
