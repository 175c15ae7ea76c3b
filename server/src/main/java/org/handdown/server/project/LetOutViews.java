package org.handdown.server.project;

import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.server.project.ProjectView.GivenView;
import org.handdown.server.project.ProjectView.LetOutView;
import org.handdown.server.project.ProjectView.OpeningView;
import org.handdown.server.project.ProjectView.RefoldView;
import org.handdown.server.project.ProjectView.SideView;
import org.handdown.source.Anatomy;
import org.handdown.unpick.LetOut;

/** Letting out, as the page wants it. */
final class LetOutViews {
    private final Project project;
    private final Workroom room;
    private final LetOut letOut;
    private final Say say;

    LetOutViews(Project project, Workroom room, LetOut letOut, Say say) {
        this.project = project;
        this.room = room;
        this.letOut = letOut;
        this.say = say;
    }

    LetOutView view() {
        LetOut.Wish wish = ((Project.LettingOut) java.util.Objects.requireNonNull(project.pieces())).wish();
        Anatomy anatomy = room.anatomy().orElseThrow();
        return new LetOutView(
                say.length(wish.waistMm()),
                say.length(wish.lengthMm()),
                say.length(wish.leastAllowanceMm()),
                say.length(wish.hemFinishMm()),
                wish.dartsToo(),
                letOut.sides().stream().map(this::side).toList(),
                side(letOut.hem()),
                letOut.refolds().stream().map(r -> refold(r, anatomy)).toList(),
                letOut.openings().entrySet().stream()
                        .map(o -> new OpeningView(
                                o.getKey(),
                                anatomy.join(o.getKey()).name(),
                                o.getValue().stream()
                                        .map(s -> "%s to %s".formatted(say.length(s.fromMm()), say.length(s.toMm())))
                                        .toList()))
                        .toList(),
                letOut.bands().entrySet().stream()
                        .map(b -> "The %s must grow by %s: an insert, or a new band."
                                .formatted(b.getKey().replace('-', ' '), say.length(b.getValue())))
                        .toList(),
                say.length(letOut.gainMm()));
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
                side.missingMm() < 0.05 ? "" : say.length(side.missingMm()));
    }

    private RefoldView refold(LetOut.Refold r, Anatomy anatomy) {
        return new RefoldView(
                "%s of the %s, along its %s"
                        .formatted(
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
