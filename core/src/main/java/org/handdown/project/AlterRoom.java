package org.handdown.project;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.handdown.alter.stack.AlterationStack;
import org.handdown.alter.stack.End;
import org.handdown.alter.stack.GarmentNow;
import org.handdown.assembly.Opening;
import org.handdown.cloth.Cloth;
import org.handdown.source.Source;
import org.handdown.source.graph.Anatomy;
import org.jspecify.annotations.Nullable;

/** What follows from alterations of the project's own source; nothing without a source, nor where another garment is cut out of it. */
final class AlterRoom {
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

    /** How the garment is put on once all of them are made. */
    List<PutOn> putOn() {
        Source source = project.source();
        Aim aim = project.aim();
        if (source == null || aim == null || stack().isEmpty()) {
            return List.of();
        }
        List<Opening> openings =
                stack().get().after().ends().stream().map(End::opening).toList();
        return PutOn.of(openings, source.cloth(), aim.wearer());
    }
}
