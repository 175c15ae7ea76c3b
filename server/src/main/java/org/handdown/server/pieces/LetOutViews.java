package org.handdown.server.pieces;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.handdown.alter.LetOut;
import org.handdown.alter.ReleaseBudget;
import org.handdown.measure.Wording;
import org.handdown.pattern.InsertDraft;
import org.handdown.project.LettingOut;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.server.pieces.LetOutView.BudgetView;
import org.handdown.server.pieces.LetOutView.GivenView;
import org.handdown.server.pieces.LetOutView.InsertLevelView;
import org.handdown.server.pieces.LetOutView.InsertsView;
import org.handdown.server.pieces.LetOutView.OpeningView;
import org.handdown.server.pieces.LetOutView.RefoldView;
import org.handdown.server.pieces.LetOutView.SideView;
import org.handdown.server.project.Say;
import org.handdown.server.project.Shown;
import org.handdown.source.graph.Anatomy;
import org.handdown.unpick.Stretches;
import org.jspecify.annotations.Nullable;

/** Letting out, as the page wants it. */
public final class LetOutViews {
    private final Project project;
    private final Workroom room;
    private final LetOut letOut;
    private final Say say;

    private LetOutViews(Shown shown, LetOut letOut) {
        this.project = shown.project();
        this.room = shown.room();
        this.letOut = letOut;
        this.say = shown.say();
    }

    /** Present where the source itself is let out. */
    public static Optional<LetOutView> of(Shown shown) {
        return shown.room().letOut().map(letOut -> new LetOutViews(shown, letOut).view());
    }

    private LetOutView view() {
        LetOut.Wish wish = ((LettingOut) Objects.requireNonNull(project.pieces())).wish();
        Anatomy anatomy = room.anatomy().orElseThrow();
        return new LetOutView(
                say.field(wish.waistMm()),
                say.field(wish.lengthMm()),
                say.field(wish.leastAllowanceMm()),
                say.field(wish.hemFinishMm()),
                wish.dartsToo(),
                letOut.sides().stream().map(this::side).toList(),
                side(letOut.hem()),
                letOut.refolds().stream().map(r -> refold(r, anatomy)).toList(),
                letOut.openings().entrySet().stream()
                        .map(o -> new OpeningView(
                                o.getKey(),
                                anatomy.join(o.getKey()).name(),
                                o.getValue().map(Stretches::parts).orElse(List.of()).stream()
                                        .map(s ->
                                                Wording.fill("%s to %s", say.length(s.fromMm()), say.length(s.toMm())))
                                        .toList()))
                        .toList(),
                letOut.bands().entrySet().stream()
                        .map(b -> Wording.fill(
                                "The %s must grow by %s: an insert, or a new band.",
                                Wording.spoken(b.getKey()), say.length(b.getValue())))
                        .toList(),
                say.length(letOut.gainMm()),
                letOut.budget().levels().stream().map(l -> budget(l, wish)).toList(),
                letOut.levels().stream().map(this::side).toList(),
                inserts());
    }

    private BudgetView budget(ReleaseBudget.Level level, LetOut.Wish wish) {
        double wanted = wish.levels().getOrDefault(level.id(), 0.0);
        return new BudgetView(
                level.id(),
                level.name(),
                level.girthMm() == 0 ? "" : say.length(level.girthMm()),
                say.inward(level.mostMm()),
                wanted == 0 ? "" : say.field(wanted),
                level.releases().stream()
                        .map(r -> Wording.fill("%s: %s", r.name(), say.inward(r.mostMm())))
                        .toList());
    }

    private @Nullable InsertsView inserts() {
        InsertDraft.Wish wish = ((LettingOut) Objects.requireNonNull(project.pieces())).inserts();
        return wish == null
                ? null
                : new InsertsView(
                        wish.levels().stream()
                                .map(l -> new InsertLevelView(
                                        say.field(l.downMm()), say.field(l.gainMm()), say.length(wish.widthMm(l))))
                                .toList(),
                        wish.seams(),
                        say.field(wish.seamMm()),
                        say.field(wish.allowanceMm()),
                        wish.sleeveSeamMm() == 0 ? "" : say.field(wish.sleeveSeamMm()),
                        wish.lined(),
                        wish.piped(),
                        new InsertDraft(wish)
                                .notes().stream().map(say::sentence).toList());
    }

    private SideView side(LetOut.Side side) {
        return new SideView(
                side.name(),
                side.given().stream()
                        .map(g -> new GivenView(
                                g.release().name(),
                                say.length(g.mm()),
                                say.length(g.release().mostMm()),
                                say.length(g.perEachMm()),
                                g.release().shows()))
                        .toList(),
                say.length(side.gainMm()),
                side.shortMm() == 0 ? "" : say.outward(side.shortMm()));
    }

    private RefoldView refold(LetOut.Refold r, Anatomy anatomy) {
        return new RefoldView(
                Wording.fill(
                        "%s of the %s, along its %s",
                        r.fold().kind().words() + "s",
                        anatomy.part(r.fold().part()).name(),
                        r.fold().edge()),
                r.fold().part(),
                r.flatMm(),
                r.middlesMm(),
                r.oldDepthMm(),
                r.newDepthMm(),
                say.length(r.oldDepthMm()),
                say.length(r.newDepthMm()),
                say.length(r.oldFoldedMm()),
                say.length(r.foldedMm()));
    }
}
