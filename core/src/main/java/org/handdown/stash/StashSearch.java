package org.handdown.stash;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.handdown.cloth.Cloth;
import org.handdown.geometry.Ring;
import org.handdown.measure.Wording;
import org.handdown.reuse.KeeperKind;
import org.jspecify.annotations.Nullable;

/** Whether a thing serves what somebody looks for, with the slack; only what really lies in the cloth is offered as lying there. */
public record StashSearch(Sought sought) {
    /**
     * A thing that serves.
     *
     * @param slack how much more there is than is needed, in words; lengths marked; of cloth empty until {@link #withSlack}
     * @param spareMm by how much it is too large, for the order: what fits most closely comes first
     * @param sheet that it is cut from, null for what is no cloth
     * @param place where the part lies on the sheet
     */
    public record Served(
            String slack,
            double spareMm,
            @Nullable Sheet sheet,
            @Nullable Ring place) {}

    /**
     * Empty where it does not serve.
     *
     * @param free how much of it nobody else was promised, in its own count
     */
    public Optional<Served> in(StashThing thing, double free) {
        return in(thing, free, Sheet::of);
    }

    /** @param sheets of a thing, for those who keep them */
    public Optional<Served> in(StashThing thing, double free, Function<StashThing, List<Sheet>> sheets) {
        if (free <= 0) {
            return Optional.empty();
        }
        return switch (sought.role()) {
            case ANYTHING -> Optional.of(new Served("", 0, null, null));
            case SHEET, STRIP -> inCloth(thing, free, sheets);
            case BUTTONS -> buttons(thing, free);
            case RIB -> rib(thing, free);
            case ZIP -> keeper(thing, KeeperKind.ZIP, free);
            case TAPE -> tape(thing, free);
        };
    }

    private Optional<Served> inCloth(StashThing thing, double free, Function<StashThing, List<Sheet>> sheets) {
        Cloth cloth = thing.cloth();
        if (cloth == null || !sought.cloth().allow(cloth.weave(), cloth.heat())) {
            return Optional.empty();
        }
        StashThing left = thing instanceof StashThing.ByTheMetre m && free < m.lengthMm() && free >= 50
                ? new StashThing.ByTheMetre(cloth, m.widthMm(), free)
                : thing;
        List<Sheet> smallestFirst = sheets.apply(left).stream()
                .sorted(Comparator.comparingDouble(s -> s.outline().areaMm2()))
                .toList();
        // Of those on which it is seen to lie the smallest will do; only where there is none, each is searched.
        return first(smallestFirst, s -> s.seen(sought.acrossMm(), sought.alongMm()))
                .or(() -> first(smallestFirst, s -> s.place(sought.acrossMm(), sought.alongMm())));
    }

    private static Optional<Served> first(List<Sheet> sheets, Function<Sheet, Optional<Ring>> lies) {
        return sheets.stream()
                .flatMap(s -> lies.apply(s).map(at -> new Served("", s.outline().areaMm2() / 1000, s, at)).stream())
                .findFirst();
    }

    /** With how much larger it might be on its sheet: measured only for what is shown, since it takes longer than to find it. */
    public Served withSlack(Served served) {
        Sheet sheet = served.sheet;
        if (sheet == null) {
            return served;
        }
        double along = sheet.longestMm(sought.acrossMm(), sought.alongMm()) - sought.alongMm();
        double across = sheet.widestMm(sought.alongMm(), sought.acrossMm()) - sought.acrossMm();
        String slack = Wording.fill(
                "%.0f mm to spare along the grain, or %.0f mm across",
                Math.max(0, Math.floor(along)), Math.max(0, Math.floor(across)));
        return new Served(sheet.told("on") + slack, served.spareMm, sheet, served.place);
    }

    private Optional<Served> buttons(StashThing thing, double free) {
        if (!(thing instanceof LooseKeeper k) || k.keeper() != KeeperKind.BUTTONS || free < sought.count()) {
            return Optional.empty();
        }
        double off = k.size().diameterMm() - sought.diameterMm();
        if (sought.diameterMm() > 0 && Math.abs(off) > Sought.BUTTON_OFF_MM) {
            return Optional.empty();
        }
        double more = free - sought.count();
        return Optional.of(
                new Served(more == 0 ? "just as many" : Wording.fill("%.0f more than needed", more), more, null, null));
    }

    /** Stretched it must pass the girth; how far it gives was tested, or is not counted on. */
    private Optional<Served> rib(StashThing thing, double free) {
        boolean isRib =
                thing instanceof LooseKeeper k && (k.keeper() == KeeperKind.RIB || k.keeper() == KeeperKind.CUFF);
        if (isRib) {
            LooseKeeper k = (LooseKeeper) thing;
            double passes = Math.min(free, k.size().lengthMm()) * (1 + k.size().stretch());
            return k.stock().unit() == Stock.Unit.WHOLE
                    ? spare(k.reachesMm() - sought.passesMm(), "%.0f mm more than it must pass, stretched")
                    : spare(passes - sought.passesMm(), "%.0f mm more than it must pass, stretched");
        }
        boolean isElastic = thing instanceof Notion n && n.sort() == Notion.Sort.ELASTIC;
        return isElastic
                ? spare(free - sought.passesMm(), "%.0f mm more than the girth, unstretched")
                : Optional.empty();
    }

    private Optional<Served> tape(StashThing thing, double free) {
        boolean isNotion = thing instanceof Notion n
                && (n.sort() == Notion.Sort.TAPE || n.sort() == Notion.Sort.CORD || n.sort() == Notion.Sort.ELASTIC);
        boolean isKeeper = thing instanceof LooseKeeper k
                && switch (k.keeper()) {
                    case TAPE, BINDING, SEAM_STRIP, FRINGE, SELVEDGE -> true;
                    default -> false;
                };
        return isNotion || isKeeper ? spare(free - sought.alongMm(), "%.0f mm longer than needed") : Optional.empty();
    }

    private Optional<Served> keeper(StashThing thing, KeeperKind kind, double free) {
        return thing instanceof LooseKeeper k && k.keeper() == kind
                ? spare(k.size().lengthMm() - sought.alongMm(), "%.0f mm longer than needed")
                : Optional.empty();
    }

    private static Optional<Served> spare(double mm, String words) {
        return mm < 0 ? Optional.empty() : Optional.of(new Served(Wording.fill(words, Math.floor(mm)), mm, null, null));
    }
}
