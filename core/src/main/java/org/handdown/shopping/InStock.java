package org.handdown.shopping;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import org.handdown.pattern.Design;
import org.handdown.pattern.Supply;
import org.handdown.project.Workroom;
import org.handdown.reuse.Keeper;
import org.handdown.reuse.KeeperKind;
import org.handdown.source.Assessment;
import org.handdown.stash.LooseKeeper;
import org.handdown.stash.Notion;
import org.handdown.stash.Sought;
import org.handdown.stash.StashSearch;

/** What of a stash, and of the project's own keepers, serves a supply. */
record InStock(List<AtHand.Stocked> stock) {
    /** Elastic so much narrower or wider still goes through its casing (common practice, no source). */
    private static final double WIDTH_OFF_MM = 3;

    private static final int MOST_SHOWN = 3;

    List<AtHand> serving(Supply s, Workroom room) {
        return switch (s.kind()) {
            case ELASTIC -> notions(Notion.Sort.ELASTIC, s.sizeMm(), s.lengthMm());
            case CORD -> notions(Notion.Sort.CORD, 0, s.lengthMm());
            case TAPE -> notions(Notion.Sort.TAPE, 0, s.lengthMm());
            case ZIP -> zips(s);
            case BUTTONS -> buttons(s, room);
        };
    }

    /** Interfacing has no width that anybody told: how much of it serves is to be seen. */
    List<AtHand> interfacing() {
        return named(Notion.Sort.INTERFACING, 0);
    }

    List<AtHand> thread() {
        return named(Notion.Sort.THREAD, 1);
    }

    private List<AtHand> named(Notion.Sort sort, double counts) {
        return stock.stream()
                .filter(x -> x.free() > 0 && x.thing() instanceof Notion n && n.sort() == sort)
                .map(x -> new AtHand(x.thing().name(), x.code(), counts * x.free()))
                .toList();
    }

    /** Cloth in which the longest and the widest piece would lie: whether all do is for the lay to say. */
    List<AtHand> sheets(Design.Need need) {
        StashSearch search = new StashSearch(
                Sought.sheet(Math.max(1, Math.ceil(need.widestMm())), Math.max(1, Math.ceil(need.longestMm()))));
        List<AtHand> all = new ArrayList<>();
        for (AtHand.Stocked x : stock) {
            if (all.size() < MOST_SHOWN && search.in(x.thing(), x.free()).isPresent()) {
                all.add(new AtHand(x.thing().name(), x.code(), 0));
            }
        }
        return all;
    }

    /** @param leastMm pieces shorter than this are of no use: elastic is not joined */
    private List<AtHand> notions(Notion.Sort sort, double sizeMm, double leastMm) {
        List<AtHand> all = new ArrayList<>();
        for (AtHand.Stocked x : stock) {
            if (x.thing() instanceof Notion n && n.sort() == sort && x.free() >= leastMm) {
                OptionalDouble wide = n.sizeMm();
                boolean isWide =
                        sizeMm == 0 || wide.isPresent() && Math.abs(wide.getAsDouble() - sizeMm) <= WIDTH_OFF_MM;
                if (isWide) {
                    all.add(new AtHand(n.name(), x.code(), x.free()));
                } else if (wide.isEmpty()) {
                    all.add(new AtHand(n.name() + ", its width is not told", x.code(), 0));
                }
            }
        }
        return all;
    }

    private List<AtHand> zips(Supply s) {
        return stock.stream()
                .filter(x -> x.free() > 0
                        && x.thing() instanceof LooseKeeper k
                        && k.keeper() == KeeperKind.ZIP
                        && k.condition() != Assessment.Condition.BROKEN
                        && k.size().lengthMm() >= s.lengthMm())
                .map(x -> new AtHand(x.thing().name(), x.code(), 1))
                .toList();
    }

    /** Sets are not mixed: one that is large enough serves, a smaller one is told and does not count. */
    private List<AtHand> buttons(Supply s, Workroom room) {
        List<AtHand> all = new ArrayList<>();
        Set<String> used = new HashSet<>();
        room.uses().forEach(u -> u.keepers().forEach(k -> used.add(k.thing())));
        for (Keeper k : room.keepers()) {
            boolean isSet = k.kind() == KeeperKind.BUTTONS && !used.contains(k.thing());
            if (isSet && fits(k.buttons().diameterMm(), s)) {
                all.add(set(k.name(), "", k.count(), s));
            }
        }
        for (AtHand.Stocked x : stock) {
            if (x.free() > 0
                    && x.thing() instanceof LooseKeeper k
                    && k.keeper() == KeeperKind.BUTTONS
                    && fits(k.size().diameterMm(), s)) {
                all.add(set(k.name(), x.code(), x.free(), s));
            }
        }
        return all;
    }

    private static AtHand set(String name, String code, double count, Supply s) {
        return count >= s.count() ? new AtHand(name, code, s.count()) : new AtHand(name + ", too few", code, 0);
    }

    private static boolean fits(double diameterMm, Supply s) {
        return s.sizeMm() == 0 || Math.abs(diameterMm - s.sizeMm()) <= Sought.BUTTON_OFF_MM;
    }
}
