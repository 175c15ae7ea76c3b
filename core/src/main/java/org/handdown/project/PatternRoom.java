package org.handdown.project;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.handdown.alter.LetOut;
import org.handdown.alter.TakeIn;
import org.handdown.assembly.Opening;
import org.handdown.body.BodyMeasure;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.measure.LengthUnit;
import org.handdown.pattern.Design;
import org.handdown.pattern.InsertDraft;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.draft.Drafts;
import org.handdown.reuse.BestUse;
import org.handdown.reuse.Use;
import org.handdown.reuse.Want;
import org.jspecify.annotations.Nullable;

/** What follows from the aim and the pieces: the design, what is let out or taken in, what needs finishing and by which keepers. */
final class PatternRoom {
    private static final List<BodyMeasure> BODY = List.of(
            BodyMeasure.CHEST,
            BodyMeasure.WAIST,
            BodyMeasure.HIP,
            BodyMeasure.WAIST_TO_FLOOR,
            BodyMeasure.INSIDE_LEG,
            BodyMeasure.BACK_WAIST,
            BodyMeasure.HEEL_GIRTH);

    private final Project project;
    private final Kept kept;
    private final ClothRoom cloth;
    private final TableCloth table;
    private @Nullable Design design;
    private @Nullable LetOut letOut;
    private @Nullable TakeIn takeIn;
    private @Nullable List<Use> uses;

    PatternRoom(Project project, Kept kept, ClothRoom cloth, TableCloth table) {
        this.project = project;
        this.kept = kept;
        this.cloth = cloth;
        this.table = table;
    }

    Optional<Design> design() {
        if (design == null && project.pieces() instanceof PatternPieces pattern) {
            design = kept.of(Kept.Result.DESIGN, List.of(pattern, what()), () -> pattern.design(what()));
        }
        List<Piece> altered = table.altered().pieces();
        if (!altered.isEmpty()) {
            return Optional.of(
                    design == null
                            ? Design.of("changes", altered)
                            : design.withPieces(Stream.concat(design.pieces().stream(), altered.stream())
                                    .toList()));
        }
        if (design != null) {
            return design.pieces().isEmpty() ? Optional.empty() : Optional.of(design);
        }
        return inserts().map(i -> Design.of("inserts", i.pieces()));
    }

    /** How what is cut out is put on, once it is sewn; nothing before something is drafted. */
    List<PutOn> putOn() {
        Aim aim = project.aim();
        Design now = design().orElse(null);
        if (now == null || !(project.pieces() instanceof PatternPieces)) {
            return List.of();
        }
        List<Opening> openings = kept.of(Kept.Result.OPENINGS, List.of(now), () -> Opening.of(now.assembly()));
        return openings.stream()
                .map(o -> PutOn.of(o, clothOf(now, o), aim == null ? null : aim.wearer()))
                .toList();
    }

    /** Where seams cross once it is sewn, the thickest first. */
    List<ThickCrossing> crossings() {
        Design now = design().orElse(null);
        return now == null || !(project.pieces() instanceof PatternPieces)
                ? List.of()
                : kept.of(
                        Kept.Result.CROSSINGS,
                        List.of(now, table.roles(), table.cloths()),
                        () -> ThickCrossing.of(now, this::thickMm));
    }

    private double thickMm(PieceCloth role) {
        return table.roles().serving(role).stream()
                .flatMap(name -> table.cloth(name).stream())
                .mapToDouble(Cloth::thicknessMm)
                .max()
                .orElse(0);
    }

    /** The cloth that a ring is of: a rib's neckband gives as the rib does. Null where nothing there serves its role. */
    private @Nullable Cloth clothOf(Design now, Opening opening) {
        return now.ofComponent(opening.component())
                .flatMap(p -> table.roles().serving(p.cloth()).stream().findFirst())
                .flatMap(table::cloth)
                .orElse(null);
    }

    String what() {
        Aim aim = project.aim();
        return aim == null ? project.name() : aim.what();
    }

    /** Pieces as people named them, by id. */
    Map<String, String> pieceNames() {
        Map<String, String> names = new HashMap<>();
        design().ifPresent(d -> d.pieces().forEach(p -> names.put(p.id(), p.name())));
        return names;
    }

    /** Inserts let into a source that cannot be let out far enough. */
    Optional<InsertDraft> inserts() {
        return project.pieces() instanceof LettingOut letting && letting.inserts() != null
                ? Optional.of(new InsertDraft(letting.inserts()))
                : Optional.empty();
    }

    Garment garment() {
        Aim aim = project.aim();
        return aim == null ? Garment.CUT_OUT : aim.garment();
    }

    /** Measures of the body that are asked for: those that the drafts need, or, without a draft, those that tell whether a source suits. */
    List<BodyMeasure> measures() {
        Aim aim = project.aim();
        return measures(aim == null ? "dungarees" : aim.draft(), project.pieces());
    }

    /** @param draft of the aim; empty for none */
    static List<BodyMeasure> measures(String draft, Project.@Nullable Pieces pieces) {
        Set<BodyMeasure> asked = EnumSet.of(BodyMeasure.HEIGHT);
        List<DraftOrder> orders = pieces instanceof PatternPieces pattern ? pattern.orders() : List.of();
        if (orders.isEmpty() || !orders.get(0).draft().equals(draft)) {
            Drafts.find(draft).ifPresent(d -> asked.addAll(d.measures()));
        }
        for (int i = 0; i < orders.size(); i++) {
            // The first one belongs to the aim before and goes when another is aimed at.
            if (i > 0 || draft.isEmpty() || orders.get(0).draft().equals(draft)) {
                asked.addAll(orders.get(i).measures());
            }
        }
        if (asked.size() == 1) {
            asked.addAll(BODY);
        }
        return asked.stream().sorted().toList();
    }

    /** How the source is let out; present when that is the aim and something was asked for. */
    Optional<LetOut> letOut() {
        if (letOut == null && project.pieces() instanceof LettingOut letting) {
            letOut = cloth.anatomy().map(a -> new LetOut(a, letting.wish())).orElse(null);
        }
        return Optional.ofNullable(letOut);
    }

    /** How the source is taken in or shortened; present when that is the aim. */
    Optional<TakeIn> takeIn() {
        if (takeIn == null && project.pieces() instanceof TakingIn taking) {
            takeIn = cloth.anatomy().map(a -> new TakeIn(a, taking.wish())).orElse(null);
        }
        return Optional.ofNullable(takeIn);
    }

    /** What the design needs finished: edges of its pieces that may lie on something, and things asked for by hand. */
    List<Want> wants() {
        List<Want> wants = new ArrayList<>(design().map(Want::of).orElse(List.of()));
        design().map(Want::ofSupplies).ifPresent(wants::addAll);
        if (project.pieces() instanceof PatternPieces pattern) {
            wants.addAll(pattern.wants());
        }
        return wants;
    }

    /** The best use of the keepers. */
    List<Use> uses() {
        if (uses == null) {
            List<Want> wants = wants();
            uses = kept.of(Kept.Result.USES, List.of(wants, table.keepers()), () -> BestUse.of(wants, table.keepers()));
        }
        return uses;
    }

    /** Are all drafts drawn from the measures as they now stand? */
    boolean isDraftedFromTheAim() {
        Aim aim = project.aim();
        if (aim == null || !(project.pieces() instanceof PatternPieces pattern)) {
            return true;
        }
        boolean own = aim.draft().isEmpty()
                || !pattern.orders().isEmpty()
                        && pattern.orders().get(0).draft().equals(aim.draft());
        return own && pattern.orders().stream().allMatch(o -> o.from().agrees(aim.wearer(), o.measures()));
    }

    /** Are all drafts drawn for the cloth as its tests now tell? Those that were drawn before anybody asked the cloth are left in peace. */
    boolean isDraftedForTheCloth() {
        ClothSheet now = table.sheet();
        return !(project.pieces() instanceof PatternPieces pattern)
                || pattern.orders().stream()
                        .allMatch(o -> o.cloth() == null
                                || o.told().equals(Drafts.require(o.draft()).told(now)));
    }

    LengthUnit unit() {
        Aim aim = project.aim();
        return aim == null ? LengthUnit.CM : aim.unit();
    }
}
