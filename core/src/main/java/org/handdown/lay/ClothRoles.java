package org.handdown.lay;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.cloth.Cloth;
import org.handdown.fit.FitPanel;
import org.handdown.pattern.PieceCloth;

/**
 * Which cloths serve each role in a garment, by their names.
 *
 * @param names of the cloths, those of the source first; a role that is not named is served by none
 */
public record ClothRoles(Map<PieceCloth, List<String>> names) {
    public ClothRoles {
        Map<PieceCloth, List<String>> copy = new EnumMap<>(PieceCloth.class);
        names.forEach((role, of) -> copy.put(role, List.copyOf(of)));
        names = Map.copyOf(copy);
    }

    /** One source alone: pieces of a lining come from the lining behind it. */
    public static ClothRoles of(Cloth cloth) {
        return new ClothRoles(Map.of(
                PieceCloth.SHELL, List.of(cloth.name()),
                PieceCloth.LINING, List.of(cloth.lining().name())));
    }

    /** These and the cloths that serve roles besides. */
    public ClothRoles and(ClothRoles others) {
        Map<PieceCloth, List<String>> all = new EnumMap<>(PieceCloth.class);
        for (PieceCloth role : PieceCloth.values()) {
            Set<String> both = new LinkedHashSet<>(names.getOrDefault(role, List.of()));
            both.addAll(others.names.getOrDefault(role, List.of()));
            if (!both.isEmpty()) {
                all.put(role, new ArrayList<>(both));
            }
        }
        return new ClothRoles(all);
    }

    /** The cloths that a piece of this role may be cut from; a trial is cut from what is left of any outer cloth. */
    public List<String> serving(PieceCloth role) {
        return names.getOrDefault(role == PieceCloth.REMNANT ? PieceCloth.SHELL : role, List.of());
    }

    /** As {@link #serving(PieceCloth)}, of those that lie on the table; all of them where none does, so that the lay says what is missing. */
    List<String> serving(PieceCloth role, List<FitPanel> table) {
        List<String> all = serving(role);
        List<String> there = all.stream()
                .filter(name -> table.stream().anyMatch(p -> p.cloth().equals(name)))
                .toList();
        return there.isEmpty() ? all : there;
    }

    /** What a cloth mostly serves as: outer cloth where it is said to serve as nothing. */
    public PieceCloth roleOf(String cloth) {
        return Arrays.stream(PieceCloth.values())
                .filter(role -> names.getOrDefault(role, List.of()).contains(cloth))
                .findFirst()
                .orElse(PieceCloth.SHELL);
    }

    /** Is a piece of this role laid: must it find a place, or is it cut from what is bought? */
    public boolean isLaid(PieceCloth role) {
        return role.isLaid() || !serving(role).isEmpty();
    }
}
