package org.handdown.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.TreeMap;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Handed;
import org.handdown.fit.Objective;
import org.handdown.fit.PieceGrain;
import org.handdown.geometry.Ring;
import org.handdown.measure.Length;
import org.handdown.measure.Origin;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.draft.Drafts;

/** Sets of garments drafted by this program, to be laid as short as can be on cloth by the metre. */
final class GarmentSets {
    private static final double CLOTH_WIDE_MM = 1500;
    private static final double GAP_MM = 2;

    /** Garments by draft and the height of their wearers, mm. */
    record Set(String name, boolean oneWay, Map<String, List<Double>> garments) {}

    static final List<Set> ALL = List.of(
            new Set("dungarees and smock", true, Map.of("dungarees", List.of(1100.0), "smock", List.of(1100.0))),
            new Set("three T-shirts", false, Map.of("t-shirt", List.of(1100.0, 1220.0, 1400.0))),
            new Set(
                    "bodywarmer and trousers",
                    false,
                    Map.of("bodywarmer", List.of(1400.0), "elastic-trousers", List.of(1400.0, 1100.0))),
            new Set("jacket and wrap skirt", true, Map.of("jacket", List.of(1650.0), "wrap-skirt", List.of(1650.0))),
            new Set("dungarees in four sizes", false, Map.of("dungarees", List.of(920.0, 1040.0, 1160.0, 1280.0))));

    /** Whole garments, for sets drawn at random. */
    private static final List<String> GARMENTS = List.of(
            "dungarees",
            "elastic-trousers",
            "shorts",
            "pyjamas",
            "t-shirt",
            "tunic",
            "smock",
            "bodywarmer",
            "jacket",
            "apron",
            "wrap-skirt",
            "a-line-skirt",
            "beanie",
            "cap");

    private static final int FEWEST_GARMENTS = 2;
    private static final int MOST_GARMENTS = 6;
    private static final double SHORTEST_WEARER_MM = 920;
    private static final double TALLEST_WEARER_MM = 1450;

    private GarmentSets() {}

    /** What a family might cut from one length of cloth: garments, wearers and whether there is a pile all follow from the seed. */
    static Set drawn(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        Map<String, List<Double>> garments = new TreeMap<>();
        int count = FEWEST_GARMENTS + random.nextInt(MOST_GARMENTS - FEWEST_GARMENTS + 1);
        for (int i = 0; i < count; i++) {
            double height = Math.rint(random.nextDouble(SHORTEST_WEARER_MM, TALLEST_WEARER_MM));
            garments.computeIfAbsent(GARMENTS.get(random.nextInt(GARMENTS.size())), g -> new ArrayList<>())
                    .add(height);
        }
        return new Set("set " + seed + " of " + String.join(", ", garments.keySet()), random.nextBoolean(), garments);
    }

    static FitProblem problem(Set set) {
        List<FitPiece> pieces = new ArrayList<>();
        new TreeMap<>(set.garments)
                .forEach((id, heights) -> heights.stream().distinct().forEach(h -> pieces.addAll(pieces(id, h))));
        double area = pieces.stream()
                .mapToDouble(p -> p.quantity() * p.variants().get(0).outline().areaMm2())
                .sum();
        Ring cloth = Ring.rectangle(0, 0, Math.ceil(3 * area / CLOTH_WIDE_MM), CLOTH_WIDE_MM);
        FitPanel panel =
                new FitPanel("cloth", cloth, List.of(), List.of(), "cloth", 0, set.oneWay, false, List.of(), List.of());
        return new FitProblem(Objective.SHORTEST, GAP_MM, 0, List.of(panel), pieces);
    }

    private static List<FitPiece> pieces(String draft, double heightMm) {
        Wearer wearer = new Wearer(
                        "somebody",
                        Map.of(BodyMeasure.HEIGHT, new Wearer.Taken(Length.ofMm(heightMm), "", Origin.TAPE)))
                .proposing(Drafts.require(draft).measures());
        Design design = Drafts.require(draft).draw(wearer, Map.of());
        return design.pieces().stream()
                .filter(p -> p.cloth() == PieceCloth.SHELL)
                .map(p -> piece(Wording.fill("%s-%.0f-%s", draft, heightMm, p.id()), p))
                .toList();
    }

    private static FitPiece piece(String id, Piece p) {
        PieceGrain grain = switch (p.grain()) {
            case LENGTHWISE -> PieceGrain.LENGTHWISE;
            case EITHER -> PieceGrain.EITHER;
            case BIAS -> PieceGrain.BIAS;
        };
        return new FitPiece(
                id,
                p.quantity(),
                p.pair() ? Handed.PAIR : Handed.SAME,
                List.of("cloth"),
                grain,
                0,
                true,
                null,
                List.of(new FitPiece.Variant("plain", p.cutLine().ring(), List.of(), null, 0)),
                List.of());
    }
}
