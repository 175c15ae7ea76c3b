package org.handdown.project;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.fit.FitPanel;
import org.handdown.lay.ClothRoles;
import org.handdown.lay.DesignLay;
import org.handdown.lay.Marked;
import org.handdown.panel.Panel;
import org.handdown.pattern.PieceCloth;
import org.handdown.reuse.Keeper;
import org.handdown.source.Source;
import org.handdown.source.graph.StitchType;
import org.handdown.unpick.UnpickPlan;
import org.jspecify.annotations.Nullable;

/** Everything that a project may be cut from and made with, of all its sources, under ids that meet nowhere. */
final class TableCloth {
    /** Nobody measures cloth that lies flat nearer than this (common practice, no source). */
    private static final double FLAT_TOLERANCE_MM = 2;

    private final Project project;
    /** What follows from each source, by its id; the project's own comes first, under the empty one. */
    private final Map<String, ClothRoom> rooms = new LinkedHashMap<>();

    private final AlterRoom altered;
    private @Nullable List<Panel> panels;
    private @Nullable List<Keeper> keepers;

    /** @param inHand what follows from the source in hand, which is not worked out twice */
    TableCloth(Project shown, Map<StitchType, Double> rates, Kept kept, ClothRoom inHand) {
        project = shown.turnedBack();
        rooms.put("", shown.inHand().isEmpty() ? inHand : new ClothRoom(project, rates, kept));
        altered = new AlterRoom(project, kept, own());
        for (Brought b : project.cloths().brought()) {
            if (b instanceof Brought.OtherSource) {
                rooms.put(
                        b.id(),
                        b.id().equals(shown.inHand()) ? inHand : new ClothRoom(project.turnedTo(b.id()), rates, kept));
            }
        }
    }

    /** A source that was brought, with the plan of taking it apart. */
    record Apart(String prefix, Source source, UnpickPlan plan) {}

    /** All sources that were brought. */
    List<Apart> others() {
        List<Apart> all = new ArrayList<>();
        for (Brought b : project.cloths().brought()) {
            if (b instanceof Brought.OtherSource other) {
                room(b.id()).plan().ifPresent(plan -> all.add(new Apart(b.prefix(), other.source(), plan)));
            }
        }
        return all;
    }

    /** What follows from the project's own source. */
    ClothRoom own() {
        return room("");
    }

    /** What follows from alterations of the project's own source. */
    AlterRoom altered() {
        return altered;
    }

    /** What follows from each source, the project's own first. */
    List<ClothRoom> sources() {
        return List.copyOf(rooms.values());
    }

    /** Checked-off unpicking of all sources. */
    List<Workroom.UnpickTime> unpickTimes() {
        return rooms.values().stream().flatMap(r -> r.unpickTimes().stream()).toList();
    }

    private ClothRoom room(String id) {
        return java.util.Objects.requireNonNull(rooms.get(id));
    }

    private Optional<Brought> brought(String id) {
        return project.cloths().find(id);
    }

    /** Panels of all sources, those of the project's own first; of one that stays sewn what its alterations take off. */
    List<Panel> panels() {
        if (panels == null) {
            List<Panel> all = new ArrayList<>(altered.stack().isPresent() ? altered.panels() : own().panels());
            for (String id : rooms.keySet()) {
                if (!id.isEmpty()) {
                    String of = brought(id).map(Brought::name).orElse("");
                    room(id).panels()
                            .forEach(p -> all.add(p.called(Brought.prefix(id) + p.id(), p.name() + ", " + of)));
                }
            }
            panels = List.copyOf(all);
        }
        return panels;
    }

    private List<Brought.FlatSheet> sheets() {
        List<Brought.FlatSheet> all = new ArrayList<>();
        for (Brought b : project.cloths().brought()) {
            if (b instanceof Brought.FlatSheet sheet) {
                all.add(sheet);
            }
        }
        return all;
    }

    /** Is there any cloth to lay on? */
    boolean isAny() {
        return !panels().isEmpty() || !sheets().isEmpty();
    }

    private List<FitPanel> flat() {
        return sheets().stream()
                .map(s -> s.shape().panel(s.id(), s.cloth().name()))
                .toList();
    }

    /** Panels and sheets as people named them, by id. */
    Map<String, String> names() {
        Map<String, String> names = new HashMap<>();
        panels().forEach(p -> names.put(p.id(), p.name()));
        sheets().forEach(s -> names.put(s.id(), s.name()));
        return names;
    }

    /** What people marked on all of them. */
    List<Marked> marked() {
        List<Marked> all = new ArrayList<>(Marked.of(panels()));
        sheets().forEach(s -> all.add(new Marked(s.id(), s.cloth(), s.shape().noted())));
        return all;
    }

    /** How far the edges of each may be off, mm by id. */
    Map<String, Double> tolerances() {
        Map<String, Double> all = new HashMap<>();
        rooms.forEach((id, room) -> room.tolerances().forEach((panel, mm) -> all.put(Brought.prefix(id) + panel, mm)));
        Source own = project.source();
        if (own != null) {
            double drawn = own.assessment().toleranceMm(project.practice());
            altered.panels().forEach(p -> all.put(p.id(), drawn));
        }
        sheets().forEach(s -> all.put(s.id(), FLAT_TOLERANCE_MM));
        return all;
    }

    /** Keepers of all sources under their plans, and those that were brought loose. */
    List<Keeper> keepers() {
        if (keepers == null) {
            List<Keeper> all = new ArrayList<>(own().keepers());
            for (Brought b : project.cloths().brought()) {
                if (b instanceof Brought.OtherSource) {
                    room(b.id()).keepers().forEach(k -> all.add(k.from(b.prefix(), b.name())));
                } else if (b instanceof Brought.Loose loose) {
                    all.add(loose.keeper().keeper(b.prefix() + "loose"));
                }
            }
            keepers = List.copyOf(all);
        }
        return keepers;
    }

    /** Every cloth there is, by its name. */
    Optional<Cloth> cloth(String name) {
        return cloths().stream().filter(c -> c.name().equals(name)).findFirst();
    }

    /** The outer cloth of the garment: the first that serves as one, the project's own before what was brought. */
    Optional<Cloth> ground() {
        Source own = project.source();
        Stream<Cloth> first =
                own != null && project.cloths().own().contains(PieceCloth.SHELL) ? Stream.of(own.cloth()) : Stream.of();
        Stream<Cloth> outer = project.cloths().brought().stream()
                .filter(b -> b.roles().contains(PieceCloth.SHELL))
                .flatMap(b -> Optional.ofNullable(b.cloth()).stream());
        return Stream.of(first, outer, cloths().stream()).flatMap(s -> s).findFirst();
    }

    /** What quick tests told of the outer cloth; nothing before there is one. */
    ClothSheet sheet() {
        return ground().map(Cloth::sheet).orElse(ClothSheet.UNTESTED);
    }

    /** Of all that is there. */
    List<Cloth> cloths() {
        List<Cloth> all = new ArrayList<>();
        Source own = project.source();
        if (own != null) {
            all.add(own.cloth());
            all.add(own.cloth().lining());
        }
        for (Brought b : project.cloths().brought()) {
            Cloth cloth = b.cloth();
            if (cloth != null) {
                all.add(cloth);
                if (b instanceof Brought.OtherSource) {
                    all.add(cloth.lining());
                }
            }
        }
        return all;
    }

    /** Which cloths serve which role. */
    ClothRoles roles() {
        ClothRoles all = new ClothRoles(Map.of());
        Source own = project.source();
        if (own != null) {
            all = all.and(serving(own.cloth(), project.cloths().own(), true));
        }
        for (Brought b : project.cloths().brought()) {
            Cloth cloth = b.cloth();
            if (cloth != null) {
                all = all.and(serving(cloth, b.roles(), b instanceof Brought.OtherSource));
            }
        }
        return all;
    }

    /** @param isLined it may have a lining, which serves as one */
    private static ClothRoles serving(Cloth cloth, Set<PieceCloth> roles, boolean isLined) {
        Map<PieceCloth, List<String>> names = new EnumMap<>(PieceCloth.class);
        roles.forEach(role -> names.put(role, List.of(cloth.name())));
        ClothRoles all = new ClothRoles(names);
        return isLined
                ? all.and(new ClothRoles(
                        Map.of(PieceCloth.LINING, List.of(cloth.lining().name()))))
                : all;
    }

    DesignLay.Table table() {
        Set<String> meeting = sheets().stream()
                .filter(Brought.FlatSheet::matched)
                .map(Brought.FlatSheet::id)
                .collect(java.util.stream.Collectors.toSet());
        return new DesignLay.Table(panels(), flat(), roles(), keepers(), meeting);
    }

    /** Sheets that must be washed by themselves before they are cut. */
    List<Brought.FlatSheet> unwashed() {
        return sheets().stream().filter(s -> !s.washed()).toList();
    }
}
