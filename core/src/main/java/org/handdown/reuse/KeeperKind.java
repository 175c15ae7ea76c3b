package org.handdown.reuse;

import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.handdown.fit.EdgeKind;
import org.handdown.pattern.Role;
import org.handdown.source.graph.PartRole;

/** Kinds of keeper, with what each may become: a shape serves a role, not a name. */
public enum KeeperKind {
    HEM(
            "hem",
            true,
            true,
            3,
            "its lower edge",
            EnumSet.of(Role.HEM, Role.FRONT_EDGE, Role.WAISTBAND, Role.CUFF, Role.TRIM)),
    SELVEDGE("selvedge", true, true, 1, "its edge", EnumSet.of(Role.HEM, Role.FRONT_EDGE, Role.CUFF, Role.TRIM)),
    BINDING(
            "bound edge",
            true,
            true,
            1,
            "both sides of its edge",
            EnumSet.of(Role.HEM, Role.FRONT_EDGE, Role.CUFF, Role.NECKBAND, Role.TIE, Role.TRIM)),
    FRINGE("fringe", true, false, 1, "its ends", EnumSet.of(Role.HEM, Role.CUFF, Role.TRIM)),
    FOLD("fold", true, false, 2, "its fold", EnumSet.of(Role.FRONT_EDGE, Role.HEM)),
    PLACKET("placket", false, false, 4, "both sides and its edge", EnumSet.of(Role.CLOSURE, Role.FRONT_EDGE, Role.TIE)),
    ZIP("zip", false, false, 2, "its tapes", EnumSet.of(Role.CLOSURE)),
    BUTTONS("set of buttons", false, false, 0, "nothing", EnumSet.noneOf(Role.class)),
    WAISTBAND(
            "waistband", true, false, 4, "its upper edge, both sides", EnumSet.of(Role.WAISTBAND, Role.TIE, Role.TRIM)),
    COLLAR("collar", false, false, 4, "all but where it was sewn on", EnumSet.of(Role.NECKBAND, Role.TRIM)),
    CUFF("cuff", false, true, 4, "all but where it was sewn on", EnumSet.of(Role.CUFF, Role.POCKET, Role.TRIM)),
    RIB("rib", true, true, 2, "its fold", EnumSet.of(Role.CUFF, Role.NECKBAND, Role.WAISTBAND, Role.HEM, Role.TRIM)),
    POCKET("pocket", false, false, 2, "its mouth", EnumSet.of(Role.POCKET)),
    YOKE("yoke", false, false, 2, "nothing", EnumSet.of(Role.TRIM)),
    FACING("facing", false, false, 2, "nothing", EnumSet.noneOf(Role.class)),
    TAPE("tape", true, true, 1, "both edges", EnumSet.of(Role.TIE, Role.CORD, Role.TRIM)),
    SEAM_STRIP("seam strip", true, true, 4, "nothing", EnumSet.of(Role.CORD, Role.TIE, Role.TRIM)),
    WRONG_SIDE("inside worth showing", false, false, 1, "nothing", EnumSet.noneOf(Role.class)),
    AXIS("centre seam as axis", false, false, 2, "nothing", EnumSet.noneOf(Role.class));

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
    private final int layers;
    private final String finished;
    private final Set<Role> roles;

    KeeperKind(String words, boolean divisible, boolean joinable, int layers, String finished, Set<Role> roles) {
        this.words = words;
        this.divisible = divisible;
        this.joinable = joinable;
        this.layers = layers;
        this.finished = finished;
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

    /** Layers of cloth in it, as it is usually made (common practice, no source). */
    public int layers() {
        return layers;
    }

    /** Which of its sides are finished, in words. */
    public String finished() {
        return finished;
    }

    /** How thick it is where a new seam with two allowances crosses it, mm. */
    public double crossingMm(double clothMm) {
        return 2 * layers * clothMm;
    }

    public boolean serves(Role role) {
        return roles.contains(role);
    }

    /** May a piece's edge lie on it as that, without being asked? A closure is cut up for a strap only where a person wants it. */
    boolean servesUnasked(Role role) {
        return serves(role) && !(this == PLACKET && role == Role.TIE);
    }

    /** Finished edges that may serve a role where a piece lies on them. */
    public static Set<EdgeKind> edgesFor(Role role) {
        Set<EdgeKind> kinds = EnumSet.noneOf(EdgeKind.class);
        BY_EDGE.forEach((edge, kind) -> {
            if (kind.servesUnasked(role)) {
                kinds.add(edge);
            }
        });
        return kinds;
    }
}
