package org.handdown.project;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.handdown.alter.stack.AlterationStack;
import org.handdown.alter.stack.GarmentNow;
import org.handdown.alter.stack.ToCut;
import org.handdown.assembly.Opening;
import org.handdown.cloth.Cloth;
import org.handdown.panel.Panel;
import org.handdown.panel.survey.CutOff;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.EdgeWish;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.Role;
import org.handdown.source.Source;
import org.handdown.source.graph.Anatomy;
import org.jspecify.annotations.Nullable;

/** What follows from alterations of the project's own source; nothing without a source, nor where another garment is cut out of it. */
final class AlterRoom {
    private static final double WIDEST_MM = 100;

    private final Project project;
    private final Kept kept;
    private final ClothRoom cloth;
    private @Nullable AlterationStack stack;

    AlterRoom(Project project, Kept kept, ClothRoom cloth) {
        this.project = project;
        this.kept = kept;
        this.cloth = cloth;
    }

    Optional<AlterationStack> stack() {
        Source source = project.source();
        Aim aim = project.aim();
        if (stack == null && source != null && aim != null && aim.garment() == Garment.ALTER) {
            stack = kept.of(
                    Kept.Result.ALTERED,
                    List.of(source.construction(), source.cloth(), project.alterations()),
                    () -> AlterationStack.of(
                            start(cloth.anatomy().orElseThrow(), source.cloth()), project.alterations()));
        }
        return Optional.ofNullable(stack);
    }

    private static GarmentNow start(Anatomy anatomy, Cloth of) {
        Map<String, Double> allowances = new HashMap<>();
        anatomy.joins().forEach(j -> allowances.put(j.id(), j.allowanceMm()));
        return new GarmentNow(anatomy.assembly(), allowances, Map.of(), of);
    }

    /** What they take off, once it lies flat. */
    List<Panel> panels() {
        Source source = project.source();
        return source == null || stack().isEmpty()
                ? List.of()
                : kept.of(
                        Kept.Result.CUT_OFF,
                        List.of(source.construction(), source.cloth(), project.alterations()),
                        () -> CutOff.panels(stack().get(), cloth.anatomy().orElseThrow(), source.cloth()));
    }

    /** What is cut from cloth for them. */
    List<Piece> pieces() {
        return stack().map(AlterationStack::toCut).orElse(List.of()).stream()
                .map(AlterRoom::piece)
                .toList();
    }

    private static Piece piece(ToCut cut) {
        Map<String, Allowance> allowances = new HashMap<>();
        cut.seamMm().forEach((edge, mm) -> allowances.put(edge, Allowance.seam(Math.min(mm, WIDEST_MM))));
        Map<String, EdgeWish> wishes = new HashMap<>();
        cut.turnedMm().forEach((edge, mm) -> {
            allowances.put(edge, Allowance.turned(Math.min(mm, WIDEST_MM), "hem"));
            wishes.put(edge, EdgeWish.of(Role.HEM));
        });
        boolean isBias = cut.as().stuff() == ToCut.Stuff.BINDING;
        PieceCloth from = switch (cut.as().stuff()) {
            case OWN -> PieceCloth.SHELL;
            case LINING -> PieceCloth.LINING;
            case RIB -> PieceCloth.RIB;
            case BINDING -> PieceCloth.BINDING;
            case OTHER -> PieceCloth.OTHER;
        };
        return new Piece(
                        cut.id(),
                        cut.name(),
                        cut.outline(),
                        allowances,
                        cut.as().lengths(),
                        false,
                        isBias ? CutGrain.BIAS : CutGrain.EITHER,
                        true,
                        wishes,
                        List.of(),
                        List.of())
                .withCloth(from);
    }

    /** How the garment is put on once all of them are made. */
    List<PutOn> putOn() {
        Source source = project.source();
        Aim aim = project.aim();
        if (source == null || aim == null || stack().isEmpty()) {
            return List.of();
        }
        List<Opening> openings = Opening.of(stack().get().after().pulled());
        return PutOn.of(openings, source.cloth(), aim.wearer());
    }
}
