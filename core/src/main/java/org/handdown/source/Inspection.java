package org.handdown.source;

import java.util.ArrayList;
import java.util.List;
import org.handdown.cloth.Weave;
import org.handdown.source.anatomy.SourceKind;

/**
 * What to look at before something is taken home: where garments of its kind wear out first, and what decides whether it can be altered
 * (common practice, no source; the washing and the warnings of coated cloth are those of the handbook of the trade §9).
 */
public final class Inspection {
    private Inspection() {}

    /** In the order in which one would look, the dearest fault first. */
    public static List<String> of(SourceKind kind, Weave weave) {
        List<String> looks = new ArrayList<>();
        looks.add(
                "Hold it against the light: thin places and moth holes show; a hole is cut round, a thin place soon tears.");
        looks.addAll(worn(kind));
        looks.addAll(made(kind));
        looks.addAll(cloth(weave));
        looks.add(
                "Wash it, or freeze it for three days, before it lies among other cloth; damp or mouldy cloth is opened outdoors.");
        return List.copyOf(looks);
    }

    private static List<String> worn(SourceKind kind) {
        return switch (kind) {
            case TROUSERS, JEANS ->
                List.of(
                        "Knees, seat and the inside of the thighs wear through first; the back of the lower legs is mostly like new.",
                        "The folded hem edge: frayed, it is cut off and its length is lost.");
            case SHIRT, T_SHIRT ->
                List.of(
                        "Under the arms: stains there stay, and the cloth is brittle.",
                        "Collar fold and cuff edges wear through first; elbows next.");
            case JUMPER, SWEATSHIRT ->
                List.of(
                        "Under the arms and at the elbows: felted or thin.",
                        "Pull rib, cuffs and neck: they must spring back to be used again.");
            case SKIRT, PLEATED_SKIRT, GATHERED_SKIRT, CIRCLE_SKIRT ->
                List.of("The seat: shiny or slack.", "The hem and the lining's hem: trodden down or torn.");
            case DRESS ->
                List.of(
                        "Under the arms: stains there stay.",
                        "The seat and the waist seam: strained stitches tear the cloth.");
            case COAT ->
                List.of(
                        "Cuff edges, pocket mouths and the edge of the front wear through first.",
                        "The lining under the arms and at the hem: torn, it is bought anew.",
                        "Pinch the front: interfacing that bubbles has come loose and stays so.");
            case BLANKET ->
                List.of(
                        "Fold lines and the edges: felted thin or moth-eaten.",
                        "Its bound edge: whole, it is a hem already.");
            case CURTAIN ->
                List.of(
                        "Sun bleaches the folds: spread it and compare the fold with the face.",
                        "Lead weights in the hem, a rubber or flame-proof coating on the back: not for clothing against the skin, nor for babies.");
            case SCARF -> List.of("Pulled threads and the fringe.");
        };
    }

    /** What alterations will ask of it. */
    private static List<String> made(SourceKind kind) {
        return switch (kind) {
            case TROUSERS, JEANS, SKIRT, PLEATED_SKIRT, GATHERED_SKIRT, CIRCLE_SKIRT, DRESS, COAT ->
                List.of(
                        "Look inside at the side seams and the waist: what is let out must lie there; trimmed or overlocked to 6 mm there is nothing.",
                        "Its zip or buttons: open and close them all; what works is kept.");
            case SHIRT -> List.of("Count the buttons, and look for the spare one at the side seam.");
            case T_SHIRT, JUMPER, SWEATSHIRT ->
                List.of("Side seams: knitted round there are none, and the twist of the cloth shows once it is cut.");
            case BLANKET, CURTAIN, SCARF -> List.of();
        };
    }

    private static List<String> cloth(Weave weave) {
        return switch (weave) {
            case CORDUROY ->
                List.of("Brush the pile: bald at the seat or knees it stays bald; its pieces all run one way.");
            case KNIT -> List.of("Pull a cut edge or a hole a little: does it ladder?");
            case BLANKET, FELT -> List.of("Felted unevenly it has shrunk unevenly: measure it at three places.");
            case STRIPED -> List.of("Follow a stripe across a seam: matched stripes ask for more cloth.");
            case PLAIN, TWILL -> List.of();
        };
    }
}
