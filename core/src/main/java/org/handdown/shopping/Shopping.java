package org.handdown.shopping;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.Supply;
import org.handdown.project.Lay;
import org.handdown.project.Workroom;
import org.handdown.reuse.Use;
import org.handdown.reuse.Want;
import org.handdown.stash.Stock;
import org.jspecify.annotations.Nullable;

/** One list of what a project takes beside the cloth on its table, with amounts, against what is at hand. */
public record Shopping(List<Item> items) {
    /** A spool of sewing thread (common practice, no source). */
    public static final double SPOOL_M = 200;

    private static final String PIECED = ", or strips pieced from offcuts: see Pieces, Sums";

    public Shopping {
        items = items.stream().sorted(Comparator.comparing(Item::sort)).toList();
    }

    /**
     * @param lay that there is; null while nothing is laid
     * @param stock of the household, what is free of it
     */
    public static Shopping of(Workroom room, @Nullable Lay lay, List<AtHand.Stocked> stock) {
        Optional<Design> design = room.design();
        if (design.isEmpty()) {
            return new Shopping(List.of());
        }
        InStock shelf = new InStock(stock);
        List<Item> items = new ArrayList<>(cloth(design.get(), room, shelf));
        if (lay != null) {
            items.addAll(unplaced(design.get(), lay, room, shelf));
        }
        items.addAll(supplies(design.get(), room, shelf));
        items.addAll(wanted(room));
        items.add(thread(design.get(), room, shelf));
        return new Shopping(items);
    }

    /** What is not there yet. */
    public List<Item> missing() {
        return items.stream().filter(i -> !i.isThere()).toList();
    }

    /** Roles that no cloth of the project serves. */
    private static List<Item> cloth(Design design, Workroom room, InStock shelf) {
        List<Item> items = new ArrayList<>();
        for (Design.Need need : design.needs()) {
            if (!room.roles().isLaid(need.cloth())) {
                boolean isInterfacing = need.cloth() == PieceCloth.INTERFACING;
                items.add(ofCloth(
                        need,
                        Wording.fill("%d piece%s", need.pieces(), need.pieces() == 1 ? "" : "s")
                                + (need.cloth() == PieceCloth.BINDING ? PIECED : ""),
                        isInterfacing ? shelf.interfacing() : shelf.sheets(need)));
            }
        }
        return items;
    }

    private static Item ofCloth(Design.Need need, String use, List<AtHand> atHand) {
        return new Item(
                need.cloth() == PieceCloth.INTERFACING ? Item.Sort.INTERFACING : Item.Sort.CLOTH,
                need.cloth().words(),
                use,
                Math.ceil(need.lengthMm()),
                Stock.Unit.MM,
                Wording.fill(
                        "%.0f mm wide; the longest piece %.0f mm, the widest %.0f mm",
                        Design.Need.USUAL_WIDTH_MM, Math.ceil(need.longestMm()), Math.ceil(need.widestMm())),
                atHand);
    }

    /** Pieces without a place, by their cloth: more of it, or something else that takes them. */
    private static List<Item> unplaced(Design design, Lay lay, Workroom room, InStock shelf) {
        Map<String, Long> without = lay.layout().unplaced().stream()
                .collect(Collectors.groupingBy(u -> u.piece(), LinkedHashMap::new, Collectors.counting()));
        Map<PieceCloth, List<Piece>> short_ = new LinkedHashMap<>();
        without.forEach((id, copies) -> design.find(id)
                .filter(p -> p.cloth() != PieceCloth.REMNANT)
                .filter(p -> room.roles().isLaid(p.cloth()))
                .ifPresent(p -> short_.computeIfAbsent(p.cloth(), c -> new ArrayList<>())
                        .add(p.cut(copies.intValue(), false))));
        List<Item> items = new ArrayList<>();
        short_.forEach((role, pieces) -> Design.of("short", pieces)
                .needs()
                .forEach(need -> items.add(ofCloth(
                        need,
                        "for what has no place: "
                                + pieces.stream().map(Piece::name).collect(Collectors.joining(", ")),
                        shelf.sheets(need)))));
        return items;
    }

    private static List<Item> supplies(Design design, Workroom room, InStock shelf) {
        List<Item> items = new ArrayList<>();
        Map<String, Use> served = new HashMap<>();
        room.uses().forEach(u -> served.put(u.want().id(), u));
        List<Supply> supplies = design.supplies();
        for (int i = 0; i < supplies.size(); i++) {
            Supply s = supplies.get(i);
            Use use = served.get(Want.idOfSupply(i));
            List<AtHand> atHand = use == null
                    ? shelf.serving(s, room)
                    : List.of(new AtHand(use.keepers().get(0).name(), "", amount(s)));
            items.add(new Item(sort(s.kind()), s.kind().words(), s.use(), amount(s), unit(s.kind()), size(s), atHand));
        }
        return items;
    }

    private static double amount(Supply s) {
        return switch (s.kind()) {
            case BUTTONS -> s.count();
            case ZIP -> 1;
            case ELASTIC, CORD, TAPE -> Math.ceil(s.togetherMm());
        };
    }

    private static Stock.Unit unit(Supply.Kind kind) {
        return switch (kind) {
            case BUTTONS -> Stock.Unit.PIECES;
            case ZIP -> Stock.Unit.WHOLE;
            case ELASTIC, CORD, TAPE -> Stock.Unit.MM;
        };
    }

    private static Item.Sort sort(Supply.Kind kind) {
        return switch (kind) {
            case BUTTONS -> Item.Sort.BUTTONS;
            case ZIP -> Item.Sort.CLOSURE;
            case ELASTIC -> Item.Sort.ELASTIC;
            case CORD -> Item.Sort.CORD;
            case TAPE -> Item.Sort.TAPE;
        };
    }

    private static String size(Supply s) {
        return switch (s.kind()) {
            case BUTTONS -> s.sizeMm() == 0 ? "" : Wording.fill("%.0f mm across", s.sizeMm());
            case ZIP -> Wording.fill("at least %.0f mm long", Math.ceil(s.lengthMm()));
            case ELASTIC, CORD, TAPE -> {
                String wide = s.sizeMm() == 0 ? "" : Wording.fill("%.0f mm wide", s.sizeMm());
                String each =
                        s.count() == 1 ? "" : Wording.fill("%d times %.0f mm", s.count(), Math.ceil(s.lengthMm()));
                yield wide.isEmpty() || each.isEmpty() ? wide + each : wide + ", " + each;
            }
        };
    }

    /** What somebody asked for beside the draft and no keeper serves. */
    private static List<Item> wanted(Workroom room) {
        List<String> served = room.uses().stream().map(u -> u.want().id()).toList();
        return room.wants().stream()
                .filter(w -> !w.isEdge() && !w.isOfSupply() && !served.contains(w.id()))
                .map(w -> new Item(
                        Item.Sort.OTHER,
                        w.name(),
                        w.role().words(),
                        1,
                        Stock.Unit.WHOLE,
                        Wording.fill("%.0f mm long", w.lengthMm()),
                        List.of()))
                .toList();
    }

    private static Item thread(Design design, Workroom room, InStock shelf) {
        double metres = Thread.of(design, room::serving).metres();
        return new Item(
                Item.Sort.THREAD,
                "thread, spools",
                "all seams, hems and edges",
                Math.ceil(metres / SPOOL_M),
                Stock.Unit.PIECES,
                Wording.fill("about %.0f m; a spool has %.0f m", Math.ceil(metres), SPOOL_M),
                shelf.thread());
    }
}
