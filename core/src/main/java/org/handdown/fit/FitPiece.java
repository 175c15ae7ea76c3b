package org.handdown.fit;

import java.util.List;
import java.util.Set;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.jspecify.annotations.Nullable;

/**
 * A piece to be placed. Piece frame: mm, lengthwise grain along +y, pile or print running up.
 *
 * @param cloths cloths it may be cut from; empty for any
 * @param valueM2 what a placed copy is worth; null for the area of the chosen variant in m²
 */
public record FitPiece(
        String id,
        int quantity,
        Handed handed,
        List<String> cloths,
        PieceGrain grain,
        double grainToleranceDeg,
        boolean required,
        @Nullable Double valueM2,
        List<Variant> variants,
        List<Match> matches,
        @Nullable MotifWish motif) {
    /** Asks for no motif. */
    public FitPiece(
            String id,
            int quantity,
            Handed handed,
            List<String> cloths,
            PieceGrain grain,
            double grainToleranceDeg,
            boolean required,
            @Nullable Double valueM2,
            List<Variant> variants,
            List<Match> matches) {
        this(id, quantity, handed, cloths, grain, grainToleranceDeg, required, valueM2, variants, matches, null);
    }

    /** With other points that meet their like. */
    public FitPiece matching(List<Match> others) {
        return new FitPiece(
                id, quantity, handed, cloths, grain, grainToleranceDeg, required, valueM2, variants, others, motif);
    }

    /** One way to cut the piece. */
    public record Variant(
            String id,
            Ring outline,
            List<Ring> hidden,
            @Nullable Anchor anchor,
            double bonus) {
        public Variant {
            hidden = List.copyOf(hidden);
            FitRing.require("outline", outline);
            for (int i = 0; i < hidden.size(); i++) {
                FitRing.require("hidden[" + i + "]", hidden.get(i));
            }
            if (anchor != null) {
                FitRing.requireRun("anchor", outline, anchor.from(), anchor.to());
            }
        }
    }

    /**
     * The run of outline that must lie on one finished edge of a kind in {@code on}.
     *
     * @param except edges of panels that will not do although they are of such a kind: broken, too shallow, too weak
     */
    public record Anchor(int from, int to, Set<EdgeKind> on, Set<PanelEdge> except) {
        public Anchor {
            if (on.isEmpty()) {
                throw new RefusedValueException("anchor.on", "names no kind of edge; write for example [\"hem\"].");
            }
            on = Set.copyOf(on);
            except = Set.copyOf(except);
        }

        public Anchor(int from, int to, Set<EdgeKind> on) {
            this(from, to, on, Set.of());
        }

        /** May it lie on this edge of that panel? */
        public boolean takes(String panel, PanelRun edge) {
            return on.contains(edge.kind()) && !except.contains(new PanelEdge(panel, edge.id()));
        }
    }

    public record PanelEdge(String panel, String edge) {}

    /** A point of the piece whose place in the named repeat must agree with all others of its group. */
    public record Match(String group, String repeat, Point point) {}

    /**
     * A motif that is to come out on a spot of the piece.
     *
     * @param name of the motif for copies that lie as drawn
     * @param partner of the motif for mirrored copies: its mirror image where the cloth has one, else the same name
     * @param point spot in the piece frame, mirrored with it
     * @param withinMm farthest the motif's centre may be from it
     */
    public record MotifWish(String name, String partner, Point point, double withinMm) {
        public MotifWish {
            if (!(withinMm >= 0 && withinMm <= 1000)) {
                throw new RefusedValueException("motif.within", Wording.of("must be from 0 to 1000 mm."));
            }
        }

        public String wanted(boolean mirrored) {
            return mirrored ? partner : name;
        }
    }

    public FitPiece {
        cloths = List.copyOf(cloths);
        variants = List.copyOf(variants);
        matches = List.copyOf(matches);
        if (quantity < 1 || quantity > FitProblem.MOST_COPIES) {
            throw new RefusedValueException(
                    "quantity", Wording.fill("is %d; it must be from 1 to %d.", quantity, FitProblem.MOST_COPIES));
        }
        if (!(grainToleranceDeg >= 0 && grainToleranceDeg <= 180)) {
            throw new RefusedValueException("grainTolerance", "must be from 0 to 180 degrees.");
        }
        if (variants.isEmpty()) {
            throw new RefusedValueException("variants", "is empty; a piece needs at least one outline.");
        }
        if (variants.stream().map(Variant::id).distinct().count() < variants.size()) {
            throw new RefusedValueException("variants", "has two variants of one id; give each its own.");
        }
    }

    public FitPiece withGrain(PieceGrain other, double toleranceDeg) {
        return new FitPiece(
                id, quantity, handed, cloths, other, toleranceDeg, required, valueM2, variants, matches, motif);
    }

    public FitPiece withCloths(List<String> others) {
        return new FitPiece(
                id, quantity, handed, others, grain, grainToleranceDeg, required, valueM2, variants, matches, motif);
    }

    public FitPiece withMatches(List<Match> others) {
        return new FitPiece(
                id, quantity, handed, cloths, grain, grainToleranceDeg, required, valueM2, variants, others, motif);
    }

    public FitPiece withMotif(@Nullable MotifWish other) {
        return new FitPiece(
                id, quantity, handed, cloths, grain, grainToleranceDeg, required, valueM2, variants, matches, other);
    }

    public Variant variant(String id) {
        return variants.stream()
                .filter(v -> v.id().equals(id))
                .findFirst()
                .orElseThrow(
                        () -> new IllegalArgumentException("Piece (" + this.id + ") has no variant (" + id + ")."));
    }

    /** What one copy cut as {@code variant} is worth, bonus included. */
    public double worthM2(Variant variant) {
        return (valueM2 != null ? valueM2 : variant.outline().areaMm2() / 1e6) + variant.bonus();
    }

    /** Most copies that may lie as drawn on cloth with one right side. */
    public int mostAsDrawn() {
        return handed == Handed.PAIR ? (quantity + 1) / 2 : quantity;
    }

    /** Most copies that may lie mirrored on cloth with one right side. */
    public int mostMirrored() {
        return switch (handed) {
            case SAME -> 0;
            case PAIR -> quantity / 2;
            case FREE -> quantity;
        };
    }
}
