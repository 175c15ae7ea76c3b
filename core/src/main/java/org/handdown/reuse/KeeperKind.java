package org.handdown.reuse;

import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.handdown.pattern.Role;
import org.handdown.source.EdgeKind;
import org.handdown.source.PartRole;

/** Kinds of keeper, with what each may become: a shape serves a role, not a name. */
public enum KeeperKind {
    HEM("hem", true, true, EnumSet.of(Role.HEM, Role.FRONT_EDGE, Role.WAISTBAND, Role.CUFF, Role.TRIM)),
    SELVEDGE("selvedge", true, true, EnumSet.of(Role.HEM, Role.FRONT_EDGE, Role.TRIM)),
    BINDING("bound edge", true, true, EnumSet.of(Role.HEM, Role.FRONT_EDGE, Role.NECKBAND, Role.TIE, Role.TRIM)),
    FRINGE("fringe", true, false, EnumSet.of(Role.HEM, Role.TRIM)),
    FOLD("fold", true, false, EnumSet.of(Role.FRONT_EDGE, Role.HEM)),
    PLACKET("placket", false, false, EnumSet.of(Role.CLOSURE, Role.FRONT_EDGE, Role.TIE)),
    ZIP("zip", false, false, EnumSet.of(Role.CLOSURE)),
    BUTTONS("set of buttons", false, false, EnumSet.noneOf(Role.class)),
    WAISTBAND("waistband", true, false, EnumSet.of(Role.WAISTBAND, Role.TIE, Role.TRIM)),
    COLLAR("collar", false, false, EnumSet.of(Role.NECKBAND, Role.TRIM)),
    CUFF("cuff", false, true, EnumSet.of(Role.CUFF, Role.POCKET, Role.TRIM)),
    RIB("rib", true, true, EnumSet.of(Role.CUFF, Role.NECKBAND, Role.WAISTBAND, Role.HEM, Role.TRIM)),
    POCKET("pocket", false, false, EnumSet.of(Role.POCKET)),
    YOKE("yoke", false, false, EnumSet.of(Role.TRIM)),
    FACING("facing", false, false, EnumSet.noneOf(Role.class)),
    TAPE("tape", true, true, EnumSet.of(Role.TIE, Role.CORD, Role.TRIM)),
    SEAM_STRIP("seam strip", true, true, EnumSet.of(Role.CORD, Role.TIE, Role.TRIM));

    private static final Map<EdgeKind, KeeperKind> BY_EDGE = Map.ofEntries(
            Map.entry(EdgeKind.HEM, HEM),
            Map.entry(EdgeKind.SELVEDGE, SELVEDGE),
            Map.entry(EdgeKind.FOLD, FOLD),
            Map.entry(EdgeKind.PLACKET, PLACKET),
            Map.entry(EdgeKind.ZIP, ZIP),
            Map.entry(EdgeKind.WAISTBAND, WAISTBAND),
            Map.entry(EdgeKind.CUFF, CUFF),
            Map.entry(EdgeKind.RIB, RIB),
            Map.entry(EdgeKind.COLLAR, COLLAR),
            Map.entry(EdgeKind.FRINGE, FRINGE),
            Map.entry(EdgeKind.BINDING, BINDING));
    private static final Map<PartRole, KeeperKind> BY_ROLE = Map.of(
            PartRole.WAISTBAND, WAISTBAND,
            PartRole.COLLAR, COLLAR,
            PartRole.CUFF, CUFF,
            PartRole.RIB, RIB,
            PartRole.POCKET, POCKET,
            PartRole.YOKE, YOKE,
            PartRole.ZIP, ZIP,
            PartRole.FACING, FACING,
            PartRole.TAPE, TAPE,
            PartRole.TIE, TAPE);

    private final String words;
    private final boolean divisible;
    private final boolean joinable;
    private final Set<Role> roles;

    KeeperKind(String words, boolean divisible, boolean joinable, Set<Role> roles) {
        this.words = words;
        this.divisible = divisible;
        this.joinable = joinable;
        this.roles = roles;
    }

    /** What a finished edge is as a keeper; raw edges and seams are none. */
    static Optional<KeeperKind> of(EdgeKind edge) {
        return Optional.ofNullable(BY_EDGE.get(edge));
    }

    static Optional<KeeperKind> of(PartRole role) {
        return Optional.ofNullable(BY_ROLE.get(role));
    }

    public String words() {
        return words;
    }

    /** May be cut for several wants. */
    public boolean isDivisible() {
        return divisible;
    }

    /** Several may be joined for one want. */
    public boolean isJoinable() {
        return joinable;
    }

    public boolean serves(Role role) {
        return roles.contains(role);
    }

    /** Finished edges that may serve a role where a piece lies on them. */
    public static Set<EdgeKind> edgesFor(Role role) {
        Set<EdgeKind> kinds = EnumSet.noneOf(EdgeKind.class);
        BY_EDGE.forEach((edge, kind) -> {
            if (kind.serves(role)) {
                kinds.add(edge);
            }
        });
        return kinds;
    }
}
