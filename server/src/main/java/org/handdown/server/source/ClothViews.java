package org.handdown.server.source;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.handdown.geometry.Box;
import org.handdown.measure.Wording;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.project.Brought;
import org.handdown.project.MeasuredPanels;
import org.handdown.project.Project;
import org.handdown.server.project.Say;
import org.handdown.server.project.Shown;
import org.handdown.server.source.ClothView.MeetingView;
import org.handdown.server.source.ClothView.RoleView;
import org.handdown.source.Source;
import org.handdown.stash.LooseKeeper;
import org.jspecify.annotations.Nullable;

/** All that a project is cut from, its own source first. */
public final class ClothViews {
    private final Shown shown;
    private final Project project;
    private final Say say;

    public ClothViews(Shown shown) {
        this.shown = shown;
        this.project = shown.project().turnedBack();
        this.say = shown.say();
    }

    public List<ClothView> all() {
        List<ClothView> all = new ArrayList<>();
        Source own = project.source();
        if (own != null) {
            all.add(source("", "", own, project.panels(), project.cloths().own()));
        }
        for (Brought b : project.cloths().brought()) {
            if (b instanceof Brought.OtherSource o) {
                all.add(source(o.id(), o.thing(), o.source(), o.panels(), o.roles()));
            } else if (b instanceof Brought.FlatSheet f) {
                all.add(sheet(f));
            } else if (b instanceof Brought.Loose k) {
                all.add(new ClothView(
                        k.id(),
                        ClothView.Kind.KEEPER,
                        k.name(),
                        "",
                        "",
                        List.of(),
                        k.thing(),
                        size(k.keeper()),
                        List.of(),
                        List.of()));
            }
        }
        return all;
    }

    private static ClothView source(
            String mark, String thing, Source source, @Nullable MeasuredPanels panels, Set<PieceCloth> roles) {
        int count = panels == null ? 0 : panels.surveys().size();
        return new ClothView(
                mark,
                ClothView.Kind.SOURCE,
                source.name(),
                source.cloth().name(),
                source.cloth().colour(),
                roles.stream().sorted().toList(),
                thing,
                panels == null
                        ? "to be taken apart and measured"
                        : Wording.fill("%d panel%s", count, count == 1 ? "" : "s"),
                List.of(),
                List.of());
    }

    private ClothView sheet(Brought.FlatSheet sheet) {
        Box box = sheet.shape().outline().box();
        return new ClothView(
                sheet.id(),
                ClothView.Kind.SHEET,
                sheet.name(),
                sheet.cloth().name(),
                sheet.cloth().colour(),
                sheet.roles().stream().sorted().toList(),
                sheet.thing(),
                Wording.fill(
                        "%s × %s%s",
                        say.length(box.widthMm()),
                        say.length(box.heightMm()),
                        sheet.washed() ? "" : ", not washed yet"),
                Say.points(sheet.shape().outline().points()),
                sheet.stripes().stream()
                        .map(r -> new ClothView.SheetStripeView(
                                r.across(), say.field(r.periodMm()), say.length(r.firstMm()), r.matched()))
                        .toList());
    }

    private String size(LooseKeeper keeper) {
        return keeper.size().count() > 0
                ? Wording.fill(
                        "%d, %s across",
                        keeper.size().count(), say.thin(keeper.size().diameterMm()))
                : say.length(keeper.size().lengthMm());
    }

    /** Where cloths meet in seams. */
    public List<MeetingView> meetings() {
        return shown.room().meetings().stream()
                .map(m -> new MeetingView(
                        m.one().name(),
                        m.other().name(),
                        m.seams(),
                        m.pairing().sentences().stream().map(say::sentence).toList()))
                .toList();
    }

    /** Roles that a cloth can serve, with how many pieces ask for each. */
    public List<RoleView> roles() {
        List<Piece> pieces = shown.room().design().map(d -> d.pieces()).orElse(List.of());
        return Arrays.stream(PieceCloth.values())
                .filter(PieceCloth::isServed)
                .map(r -> new RoleView(
                        r,
                        r.words(),
                        pieces.stream()
                                .filter(p -> p.cloth() == r)
                                .mapToInt(Piece::quantity)
                                .sum()))
                .toList();
    }
}
