package org.handdown.measure;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** Words of the sewing room: one concept each, with the loose words people say for it and what goes wrong when they are mixed up. */
public final class Glossary {
    private Glossary() {}

    /**
     * A concept.
     *
     * @param said loose or other words for it, in small letters
     * @param watch what a mix-up would cost; empty where there is none
     * @param picture id of a small drawing; empty for none
     */
    public record Term(String term, String meaning, List<String> said, String watch, String picture) {}

    private static Term term(String term, String meaning, String said, String watch, String picture) {
        List<String> words = said.isEmpty() ? List.of() : Arrays.asList(said.split(", "));
        return new Term(term, meaning, words, watch, picture);
    }

    private static final List<Term> TERMS = List.of(
            term(
                    "seam",
                    "two cloth edges sewn together along their stitch lines",
                    "hem, hem together, join",
                    "“Hem the pieces together” means a seam: no hem depth is added for it.",
                    "seam"),
            term(
                    "hem",
                    "a free edge turned up and sewn down; its depth is cloth inside",
                    "bottom edge, turn-up, cuff of trousers",
                    "Its depth is added once for a single fold, twice for a double one.",
                    "hem"),
            term(
                    "allowance",
                    "cloth between the stitch line and the cut line",
                    "seam allowance, seam, margin, zigzag width, extra",
                    "The width of a zigzag is not the allowance: it lies inside it.",
                    "allowance"),
            term(
                    "girth",
                    "the whole way round, measured level",
                    "diameter, width, circumference, around, size",
                    "A “diameter” said for a girth must not be multiplied by π; a width measured flat is half a girth.",
                    "girth"),
            term(
                    "flat half",
                    "half of a girth, as the tape finds it across a closed, flat garment",
                    "half, pit to pit, across, flat width",
                    "Double it for the girth; half of it again lies on each side of the centre.",
                    "half"),
            term(
                    "pinched tuck",
                    "a fold pinched round a tube; it takes twice its depth",
                    "tuck, pinch, fold",
                    "1 in pinched makes it 2 in shorter; 1 in turned up makes it 1 in shorter.",
                    "tuck"),
            term(
                    "dart",
                    "a fold sewn to nothing at its point, for shape",
                    "tuck, pleat",
                    "A dart ½ in deep takes 1 in of the edge.",
                    "dart"),
            term(
                    "pleat",
                    "a fold held at one edge only",
                    "tuck, fold, gather",
                    "A pleat takes twice its depth of the edge.",
                    "dart"),
            term(
                    "gathers",
                    "an edge drawn up on a thread to a shorter one",
                    "ruching, ruffle, frill, bunched",
                    "Ruching is gathered on both sides; shirring on elastic thread, in rows.",
                    "gathers"),
            term(
                    "shirring",
                    "rows of stitches with elastic thread below that draw a panel in",
                    "ruching, smocking, elastic rows",
                    "All rows are drawn on the flat cloth before the first is sewn.",
                    "gathers"),
            term(
                    "stay stitch",
                    "a row inside the allowance that keeps a curve or slanted edge from growing",
                    "under-stitch, understitch, hold stitch",
                    "Sewn before anything else, on the single layer.",
                    "allowance"),
            term(
                    "under-stitch",
                    "allowances sewn to the facing or lining, so that it rolls inside",
                    "stay stitch, understitching",
                    "Sewn after the seam, and never through the outer cloth.",
                    "seam"),
            term(
                    "topstitch",
                    "a row that shows on the right side, beside a seam or edge",
                    "edge stitch, decorative stitch",
                    "",
                    "seam"),
            term(
                    "finished edge",
                    "a hem, selvedge, binding or rib that need not be finished again",
                    "edge, border, clean edge",
                    "",
                    "hem"),
            term(
                    "keeper",
                    "a hem, closure, band, pocket or set of buttons worth keeping as it is",
                    "detail, feature, existing hem",
                    "",
                    "hem"),
            term(
                    "placket",
                    "the strips along an opening that carry buttons and holes",
                    "button band, front band",
                    "The line of buttons is the centre front, not the edge.",
                    "placket"),
            term(
                    "casing",
                    "a channel for elastic or cord",
                    "tunnel, channel, drawstring hem",
                    "Its depth is the elastic and 3 mm, twice, and the allowances.",
                    "hem"),
            term(
                    "bodkin",
                    "a blunt needle that draws cord or elastic through a casing",
                    "threader, safety pin",
                    "It must be narrower than the casing.",
                    ""),
            term(
                    "grain",
                    "the direction of the lengthwise threads, or of the ribs of a knit",
                    "straight, warp, thread line",
                    "",
                    "grain"),
            term(
                    "bias",
                    "45° to the grain, where woven cloth stretches",
                    "diagonal, slanted, on the cross",
                    "It grows when hung: a day before the hem.",
                    "grain"),
            term(
                    "nap",
                    "pile or print that runs one way",
                    "pile, direction, fur, velvet side",
                    "Pieces turned round look lighter or darker.",
                    "grain"),
            term(
                    "right side",
                    "the side that will show; a choice for each piece",
                    "face, good side, outside, pretty side",
                    "",
                    ""),
            term("ease", "finished girth less the body's", "room, looseness, comfort", "", "girth"),
            term(
                    "negative ease",
                    "a finished girth smaller than the body: the cloth stretches in wear",
                    "tight fit, stretch fit, snug",
                    "Only as far as its stretch springs back.",
                    "girth"),
            term(
                    "gusset",
                    "a piece let into a seam for room to move",
                    "insert, triangle, underarm patch",
                    "",
                    "insert"),
            term("godet", "a wedge let into a slit or seam, for a wider hem", "insert, triangle, flare", "", "insert"),
            term(
                    "insert",
                    "a strip let into a seam or cut",
                    "panel, side stripe, wedge",
                    "Its width is the whole width; half of it lies on each side of its centre line.",
                    "insert"),
            term(
                    "facing",
                    "a piece that finishes an edge from inside, in its shape",
                    "lining, backing, inner band",
                    "",
                    ""),
            term(
                    "interfacing",
                    "a stiffening layer behind the cloth",
                    "fusible, stiffener, iron-on",
                    "Cut short of the allowance.",
                    ""),
            term(
                    "lining",
                    "the layer inside, with seams of its own",
                    "inside, inner, underlayer",
                    "It stays a little longer than the turned-up shell.",
                    ""),
            term("selvedge", "the cloth's own woven edge", "edge of the fabric, fabric end", "", "grain"),
            term("remnant", "cloth left after cutting, worth keeping", "scrap, offcut, leftover", "", ""),
            term(
                    "piecing",
                    "one piece made of two or more with extra seams",
                    "patching, joining scraps",
                    "Each seam costs twice its allowance.",
                    "seam"),
            term(
                    "unpick",
                    "open the stitches and win back the allowance",
                    "take apart, seam rip, undo",
                    "Cutting beside the stitches is quicker and loses the allowance.",
                    "seam"),
            term("gate", "a stop before something that cannot be undone", "check, stop, test", "", ""));

    public static List<Term> all() {
        return TERMS;
    }

    /**
     * Concepts that somebody may mean, the likeliest first: named so, said so, or with the words in the meaning.
     *
     * @param said any words; blank for all
     */
    public static List<Term> meant(String said) {
        String words = said.strip().toLowerCase(Locale.ROOT);
        if (words.isEmpty()) {
            return TERMS;
        }
        return TERMS.stream()
                .filter(t -> rank(t, words) < Integer.MAX_VALUE)
                .sorted(java.util.Comparator.comparingInt(t -> rank(t, words)))
                .toList();
    }

    private static int rank(Term term, String words) {
        if (term.term().equals(words)) {
            return 0;
        }
        if (term.said().contains(words)) {
            return 1;
        }
        if (term.term().contains(words) || term.said().stream().anyMatch(s -> s.contains(words))) {
            return 2;
        }
        return words.length() > 3 && term.meaning().contains(words) ? 3 : Integer.MAX_VALUE;
    }
}
