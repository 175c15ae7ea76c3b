package org.handdown.project;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.handdown.cloth.Cloth;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.PieceCloth;
import org.handdown.source.Source;
import org.jspecify.annotations.Nullable;

/**
 * What a project is cut from beside its own source, and what each cloth serves as.
 *
 * @param own what is cut from the outer cloth of the project's own source; its lining always serves as lining
 * @param brought in the order it came
 */
public record Cloths(Set<PieceCloth> own, List<Brought> brought) {
    public static final Cloths OWN_ALONE = new Cloths(Set.of(PieceCloth.SHELL), List.of());

    private static final int MOST = 12;

    public Cloths {
        own = Set.copyOf(own);
        brought = List.copyOf(brought);
        if (brought.size() > MOST) {
            throw new RefusedValueException("cloths", "A project takes 12 things beside its own source at most.");
        }
        if (own.stream().anyMatch(r -> !r.isServed())) {
            throw new RefusedValueException("cloths.own", "No cloth is said to serve as that.");
        }
        if (brought.stream().map(Brought::id).distinct().count() < brought.size()) {
            throw new RefusedValueException("cloths.id", "Two things have the same mark.");
        }
    }

    public Optional<Brought> find(String id) {
        return brought.stream().filter(b -> b.id().equals(id)).findFirst();
    }

    /** @throws RefusedValueException if nothing like that was brought */
    public Brought require(String id) {
        return find(id).orElseThrow(() ->
                new RefusedValueException("cloths.id", "Nothing with this mark is in the project any more."));
    }

    /** The first letter that nothing has yet. */
    public String freeId() {
        for (char c = 'b'; c <= 'z'; c++) {
            String id = String.valueOf(c);
            if (find(id).isEmpty()) {
                return id;
            }
        }
        throw new RefusedValueException("cloths", "A project takes 12 things beside its own source at most.");
    }

    public Cloths with(Brought more) {
        List<Brought> all = new ArrayList<>(brought);
        all.add(more);
        return new Cloths(own, all);
    }

    public Cloths without(String id) {
        require(id);
        return new Cloths(own, brought.stream().filter(b -> !b.id().equals(id)).toList());
    }

    /** The same of no stash: as a file brings them to another household. */
    public Cloths detached() {
        return new Cloths(own, brought.stream().map(Brought::detached).toList());
    }

    /** With one of them as it is now. */
    public Cloths changing(Brought now) {
        return new Cloths(
                own,
                brought.stream().map(b -> b.id().equals(now.id()) ? now : b).toList());
    }

    /** @param id of what was brought; empty for the project's own source */
    public Cloths serving(String id, Set<PieceCloth> roles) {
        if (id.isEmpty()) {
            return new Cloths(roles, brought);
        }
        Brought asked = require(id);
        return new Cloths(
                own,
                brought.stream()
                        .map(b -> b.equals(asked) || isOfOneCloth(b, asked) ? b.as(roles) : b)
                        .toList());
    }

    /** Are both flat pieces of the very same cloth, serving alike? Then they share its name. */
    private static boolean isOfOneCloth(Brought one, Brought other) {
        return one instanceof Brought.FlatSheet a
                && other instanceof Brought.FlatSheet b
                && a.cloth().equals(b.cloth())
                && a.roles().equals(b.roles());
    }

    /** Every cloth by its name: panels and pieces meet by it, so two that differ may not share one. */
    void requireNames(@Nullable Source ofOwn) {
        Set<String> names = names(ofOwn);
        for (int i = 0; i < brought.size(); i++) {
            Brought b = brought.get(i);
            Cloth cloth = b.cloth();
            boolean isMore = brought.subList(0, i).stream().anyMatch(o -> isOfOneCloth(o, b));
            if (cloth != null && !isMore && !names.add(cloth.name())) {
                throw new RefusedValueException(
                        "cloth.name",
                        Wording.fill(
                                "Another cloth of this project is called “%s”; call one of them otherwise.",
                                cloth.name()));
            }
        }
    }

    private static Set<String> names(@Nullable Source ofOwn) {
        return ofOwn == null
                ? new HashSet<>()
                : new HashSet<>(
                        List.of(ofOwn.cloth().name(), ofOwn.cloth().lining().name()));
    }

    /** The name that a flat piece goes by: that of the very same cloth which serves alike already, else a free one. */
    public String nameOf(Cloth wanted, Set<PieceCloth> roles, String of, @Nullable Source ofOwn) {
        for (Brought b : brought) {
            if (b instanceof Brought.FlatSheet sheet
                    && sheet.cloth().called(wanted.name()).equals(wanted)
                    && sheet.roles().equals(roles)) {
                return sheet.cloth().name();
            }
        }
        return freeName(wanted, of, ofOwn);
    }

    /** A name that no cloth of the project has: its own, else with what it is of behind it. */
    public String freeName(Cloth wanted, String of, @Nullable Source ofOwn) {
        Set<String> names = names(ofOwn);
        for (Brought b : brought) {
            Cloth cloth = b.cloth();
            if (cloth != null) {
                names.add(cloth.name());
            }
        }
        String name = wanted.name();
        for (int i = 1; names.contains(name); i++) {
            name = wanted.name() + " (" + of + (i == 1 ? "" : " " + i) + ")";
        }
        return name;
    }
}
