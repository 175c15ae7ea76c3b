package org.handdown.shortage;

import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import org.handdown.cloth.Cloth;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Objective;
import org.handdown.fit.Placed;
import org.handdown.fit.search.Fitter;
import org.handdown.geometry.Box;
import org.handdown.geometry.Ring;
import org.handdown.lay.ClothRoles;
import org.handdown.lay.DesignLay;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.change.EdgeLedger;
import org.jspecify.annotations.Nullable;

/**
 * How little cloth by the metre a design needs: the least length found at a given width, as the rules stand and with one of them given up
 * at a time, so that each tells what it costs. Panel frame of the lays: the lengthwise grain and the length run along +x.
 *
 * @param widthMm of the cloth, selvedges left out
 * @param withNap one way: for nap, pile, print
 * @param withoutNap both ways, never longer than one way
 * @param acrossGrain pieces may lie across the grain too; null where none is asked to lie along it
 * @param narrowEdges hems and allowances as narrow as the cloth holds; null where none can be narrower
 */
public record LengthNeeded(
        double widthMm,
        Need withNap,
        Need withoutNap,
        @Nullable Need acrossGrain,
        @Nullable Need narrowEdges) {
    private static final double NARROWEST_MM = 100;
    private static final double WIDEST_MM = 4000;

    /** The length, and the lay that it was found with. */
    public record Need(double lengthMm, FitProblem problem, FitLayout layout) {}

    /**
     * Cloth by the metre.
     *
     * @param of what it is bought for
     * @param gapMm room between two pieces
     */
    public record Bought(Cloth cloth, PieceCloth of, double widthMm, double gapMm) {
        public Bought {
            if (!(widthMm >= NARROWEST_MM && widthMm <= WIDEST_MM)) {
                throw new RefusedValueException("width", Wording.of("Cloth is from 10 cm to 4 m wide."));
            }
        }

        private List<FitPiece> pieces(Design design) {
            ClothRoles serving = new ClothRoles(Map.of(of, List.of(cloth.name())));
            return DesignLay.problem(design, new DesignLay.Table(List.of(), List.of(), serving, List.of()), gapMm, 0)
                    .pieces()
                    .stream()
                    // Cloth by the metre is not known yet: it has no panel's name and no motif in a known place.
                    .map(p -> p.withCloths(List.of()).withMotif(null))
                    .toList();
        }

        private FitProblem problem(List<FitPiece> pieces, boolean nap) {
            FitPanel panel = new FitPanel(
                    "cloth",
                    Ring.rectangle(0, 0, enoughMm(pieces, gapMm), widthMm),
                    List.of(),
                    List.of(),
                    "",
                    0,
                    nap,
                    false,
                    List.of(),
                    List.of());
            return new FitProblem(Objective.SHORTEST, gapMm, 0, List.of(panel), pieces);
        }
    }

    /**
     * Finds all of them.
     *
     * @param shorter told of each better length
     * @throws RefusedValueException if a piece is wider than the cloth, or none is cut from it
     */
    public static LengthNeeded of(
            Design design, Bought bought, Effort effort, BooleanSupplier cancelled, DoubleConsumer shorter) {
        PieceCloth of = bought.of;
        Design wanted = design.withPieces(
                design.pieces().stream().filter(p -> p.cloth() == of).toList());
        if (wanted.pieces().isEmpty()) {
            throw new RefusedValueException("cloth", Wording.fill("No piece is cut from %s.", of.words()));
        }
        Work work = new Work(effort, cancelled, shorter);
        Need one = work.need(bought.problem(bought.pieces(wanted), true), List.of());
        Need both = work.need(bought.problem(bought.pieces(wanted), false), one.layout.placements());
        boolean nap = bought.cloth.oneWay();
        Need rules = nap ? one : both;
        return new LengthNeeded(
                bought.widthMm,
                one,
                both,
                relaxed(wanted, onEitherGrain(wanted), bought, nap, rules, work),
                relaxed(wanted, withNarrowEdges(wanted, bought.cloth), bought, nap, rules, work));
    }

    /** Never longer than as the rules stand: their lay is one of those that are allowed then. */
    private static @Nullable Need relaxed(
            Design wanted, Design given, Bought bought, boolean nap, Need rules, Work work) {
        return given.equals(wanted)
                ? null
                : work.need(bought.problem(bought.pieces(given), nap), rules.layout.placements());
    }

    private static Design onEitherGrain(Design design) {
        return design.withPieces(design.pieces().stream()
                .map(p -> p.grain() == CutGrain.LENGTHWISE ? p.onGrain(CutGrain.EITHER) : p)
                .toList());
    }

    private static Design withNarrowEdges(Design design, Cloth cloth) {
        Design now = design;
        for (Piece piece : design.pieces()) {
            for (EdgeLedger narrower : NarrowerEdges.of(piece, cloth).both()) {
                now = narrower.on(now);
            }
        }
        return now;
    }

    /** As the rules of this cloth stand: one way where its pile or print asks for it. */
    public Need asRulesStand(Cloth cloth) {
        return cloth.oneWay() ? withNap : withoutNap;
    }

    /** @param cancelled asked often; true ends it with the best length so far */
    private record Work(Effort effort, BooleanSupplier cancelled, DoubleConsumer shorter) {
        /** @param before a lay of the same pieces to begin with */
        Need need(FitProblem problem, List<Placed> before) {
            FitLayout layout = new Fitter(
                            problem,
                            new Fitter.Budget(effort.seconds(), effort.steps(), effort.seed(), effort.threads()),
                            before,
                            System::nanoTime,
                            cancelled,
                            better -> {
                                Double length = better.measures().lengthMm();
                                if (length != null) {
                                    shorter.accept(length);
                                }
                            })
                    .fit();
            if (!layout.unplaced().isEmpty()) {
                FitLayout.Unplaced first = layout.unplaced().get(0);
                throw new RefusedValueException(
                        "width",
                        Wording.fill(
                                "The %s does not lie on cloth %.0f mm wide: %s.",
                                Wording.spoken(first.piece()),
                                problem.panels().get(0).outline().box().heightMm(),
                                first.reason()));
            }
            Double length = layout.measures().lengthMm();
            return new Need(length == null ? 0 : length, problem, layout);
        }
    }

    /** Long enough for all pieces one behind the other. */
    private static double enoughMm(List<FitPiece> pieces, double gapMm) {
        double sum = 0;
        for (FitPiece piece : pieces) {
            Box box = piece.variants().get(0).outline().box();
            sum += piece.quantity() * (Math.hypot(box.widthMm(), box.heightMm()) + 2 * gapMm);
        }
        return Math.min(sum + 100, 150_000);
    }

    /** Share of the one-way length that is saved where both ways are allowed. */
    public double savedByTurning() {
        return withNap.lengthMm == 0 ? 0 : 1 - withoutNap.lengthMm / withNap.lengthMm;
    }
}
