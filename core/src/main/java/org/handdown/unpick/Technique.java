package org.handdown.unpick;

import java.util.ArrayList;
import java.util.List;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.Weave;
import org.handdown.measure.Wording;
import org.handdown.source.graph.Join;

/**
 * How to open a join of this stitch in this cloth (handbook of the trade §7–8; common practice, no source).
 *
 * @param how in the order of doing
 * @param cautions where the cloth can come to harm
 * @param risk none, some, or much danger of losing cloth
 */
public record Technique(List<String> how, List<String> cautions, Risk risk) {
    public enum Risk {
        NONE,
        SOME,
        MUCH
    }

    public static Technique of(Join join, Cloth cloth, JoinDecision decision) {
        List<String> how = new ArrayList<>();
        List<String> cautions = new ArrayList<>();
        if (decision == JoinDecision.CUT_AWAY) {
            how.add("Cut close beside the stitches, on the side of the strip; the allowance goes with it.");
            if (join.isFused()) {
                how.add("What is fused stays on the strip.");
            }
        } else {
            unpick(join, how);
        }
        boolean knit = cloth.weave() == Weave.KNIT || cloth.weave() == Weave.FELT;
        boolean ladders = cloth.sheet().edge() == ClothSheet.CutEdge.LADDERS;
        if (ladders) {
            cautions.add("Loops run: never pull the seam open; catch loose loops with a thread at once.");
        } else if (knit) {
            cautions.add("Do not pull the seam apart: open loops stretch and may run.");
        }
        if (cloth.sheet().pinMarks() || cloth.thicknessMm() < 0.35) {
            cautions.add("Fine cloth marks: cut every stitch, do not tear the thread out.");
        }
        if (join.rivets() > 0) {
            cautions.add(
                    "Eyes covered when a rivet is cut: metal flies. No needle, blade or iron ever meets one that is left in.");
        }
        if (join.isSeamless()) {
            cautions.add(
                    "This is a cut into whole cloth and cannot be taken back: look first whether the wide panel serves you better.");
        }
        if (join.isFused() && decision == JoinDecision.UNPICK) {
            cautions.add("Fused joins do not come apart clean; warm steam loosens the glue, if the cloth bears it.");
        }
        if (cloth.sheet().edge() == ClothSheet.CutEdge.FRAYS_FAST) {
            cautions.add("Overcast the freed edges before anything else touches them.");
        }
        Risk risk = ladders || join.isFused() && decision == JoinDecision.UNPICK
                ? Risk.MUCH
                : knit || cautions.size() > 0 ? Risk.SOME : Risk.NONE;
        return new Technique(List.copyOf(how), List.copyOf(cautions), risk);
    }

    private static void unpick(Join join, List<String> how) {
        if (join.isSeamless()) {
            how.add("Lay it flat with its sides true to the rows of the knit, chalk the fold and cut along it.");
            return;
        }
        if (join.rivets() > 0) {
            how.add(
                    "Rivets first: nip the rim off at the back with end-cutting pliers, or leave them and cut wide round each.");
        }
        if (join.barTacks() > 0) {
            how.add(Wording.fill(
                    "Cut the %s first, from the wrong side.",
                    join.barTacks() == 1 ? "bar tack" : join.barTacks() + " bar tacks"));
        }
        if (join.traits().contains(Join.Trait.TOPSTITCHED)) {
            how.add("Take the topstitching out first, then the seam below it.");
        }
        if (join.traits().contains(Join.Trait.TAPED)) {
            how.add("Lift the tape on the inside before the seam.");
        }
        switch (join.stitch()) {
            case CHAIN, COVER ->
                how.add("Find the end it was sewn to, free the last loop and pull: it runs out by itself.");
            case OVERLOCKED ->
                how.add("Run the unpicker under the loops along the edge, then draw the straight threads.");
            case FELLED -> how.add("Open the outer row, unfold, then the inner one.");
            case HAND -> how.add("Cut every third stitch and draw the thread.");
            default -> how.add("Cut every fourth stitch on one side, draw the thread from the other.");
        }
        if (join.rows() > 1) {
            how.add(Wording.fill("%d rows: the one sewn last comes out first.", join.rows()));
        }
        how.add("Pick out all thread ends before pressing.");
    }
}
