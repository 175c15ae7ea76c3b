package org.handdown.pattern;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.handdown.assembly.Assembly;
import org.handdown.fit.CopyId;
import org.handdown.geometry.Box;
import org.handdown.geometry.Region;
import org.handdown.measure.RefusedValueException;

/**
 * The pieces of a garment, the seams between them, how its sizes are found, and what to watch.
 *
 * @param rules for the sizes it will have when sewn
 * @param notes in sentences, lengths in mm
 * @param cautions where the design could hurt somebody, with the alternative
 * @param supplies what it takes beside its cloth
 * @param closings where it opens
 * @param laid pieces that lie on others
 */
public record Design(
        String name,
        List<Piece> pieces,
        List<DesignSeam> seams,
        List<Size> rules,
        List<String> notes,
        List<String> cautions,
        List<Supply> supplies,
        List<Closing> closings,
        List<Laid> laid) {
    private static final int MOST_PIECES = 60;

    public Design {
        pieces = List.copyOf(pieces);
        seams = List.copyOf(seams);
        rules = List.copyOf(rules);
        notes = List.copyOf(notes);
        cautions = List.copyOf(cautions);
        supplies = List.copyOf(supplies);
        closings = List.copyOf(closings);
        laid = List.copyOf(laid);
        if (pieces.size() > MOST_PIECES) {
            throw new RefusedValueException("pieces", "A project takes 60 pieces at most.");
        }
    }

    /** Takes nothing beside its cloth, opens nowhere, and no piece lies on another. */
    public Design(
            String name,
            List<Piece> pieces,
            List<DesignSeam> seams,
            List<Size> rules,
            List<String> notes,
            List<String> cautions) {
        this(name, pieces, seams, rules, notes, cautions, List.of(), List.of(), List.of());
    }

    /** With what it takes beside its cloth. */
    public Design taking(Supply... others) {
        List<Supply> more = new ArrayList<>(supplies);
        more.addAll(List.of(others));
        return withSupplies(more);
    }

    /** Opened here. */
    public Design closing(Closing... others) {
        List<Closing> more = new ArrayList<>(closings);
        more.addAll(List.of(others));
        return new Design(name, pieces, seams, rules, notes, cautions, supplies, more, laid);
    }

    /** With one piece on another, where both are there. */
    public Design laying(String piece, String onto) {
        List<Laid> more = new ArrayList<>(laid);
        if (find(piece).isPresent() && find(onto).isPresent()) {
            more.add(new Laid(piece, onto));
        }
        return new Design(name, pieces, seams, rules, notes, cautions, supplies, closings, more);
    }

    /** With other things beside its cloth. */
    public Design withSupplies(List<Supply> others) {
        return new Design(name, pieces, seams, rules, notes, cautions, others, closings, laid);
    }

    /** Sewn together otherwise. */
    public Design withSeams(List<DesignSeam> others) {
        return new Design(name, pieces, others, rules, notes, cautions, supplies, closings, laid);
    }

    /** Pieces alone: nothing is known of how they are sewn. */
    public static Design of(String name, List<Piece> pieces) {
        return new Design(name, pieces, List.of(), List.of(), List.of(), List.of());
    }

    public Piece piece(String id) {
        return find(id).orElseThrow(() -> new RefusedValueException("piece", "There is no piece (" + id + ")."));
    }

    /** The piece that a component of its assembly is a copy of. */
    public Optional<Piece> ofComponent(String component) {
        return find(CopyId.of(component).piece());
    }

    public Optional<Piece> find(String id) {
        return pieces.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    public List<DesignSeam.Walk> walks() {
        return seams.stream().map(s -> s.walk(this)).toList();
    }

    public List<Size.Finished> sizes() {
        return rules.stream().map(r -> r.taken(this)).toList();
    }

    /** Every copy sewn to the others: rings, layers and how a seam is reached are read off it. */
    public Assembly assembly() {
        return SewnDesign.of(this);
    }

    /** With one piece changed. */
    public Design with(String id, UnaryOperator<Piece> change) {
        return withPieces(pieces.stream()
                .map(p -> p.id().equals(id) ? change.apply(p) : p)
                .toList());
    }

    /** With one more sentence for whoever makes it. */
    public Design noting(String sentence) {
        List<String> more = new ArrayList<>(notes);
        more.add(sentence);
        return new Design(name, pieces, seams, rules, more, cautions, supplies, closings, laid);
    }

    /** With one more thing to look out for. */
    public Design cautioning(String sentence) {
        List<String> more = new ArrayList<>(cautions);
        more.add(sentence);
        return new Design(name, pieces, seams, rules, notes, more, supplies, closings, laid);
    }

    /** With other rules for its sizes. */
    public Design withRules(List<Size> others) {
        return new Design(name, pieces, seams, others, notes, cautions, supplies, closings, laid);
    }

    /** With other pieces; seams and sizes that name an edge or a piece that is gone fall away. */
    public Design withPieces(List<Piece> others) {
        Design bare = Design.of(name, others);
        return new Design(
                name,
                others,
                seams.stream()
                        .filter(s -> bare.has(s.one()) && bare.has(s.other()))
                        .toList(),
                rules.stream().filter(r -> bare.hasTerms(r.terms())).toList(),
                notes,
                cautions,
                supplies,
                closings.stream()
                        .filter(c -> bare.has(List.of(c.one())) && bare.has(List.of(c.other())))
                        .toList(),
                laid.stream()
                        .filter(l -> bare.find(l.piece()).isPresent()
                                && bare.find(l.onto()).isPresent())
                        .toList());
    }

    private boolean has(List<DesignSeam.Side> sides) {
        return sides.stream()
                .allMatch(s -> find(s.piece())
                        .map(p -> p.stitchLine().edges().stream()
                                .anyMatch(e -> e.name().equals(s.edge())))
                        .orElse(false));
    }

    private boolean hasTerms(List<Size.Term> terms) {
        return terms.stream()
                .allMatch(t -> find(t.piece())
                        .map(p -> p.level(t.where()).isPresent()
                                || p.stitchLine().edges().stream()
                                        .anyMatch(e -> e.name().equals(t.where())))
                        .orElse(false));
    }

    /** Both designs in one; a piece whose id is taken gets the next free number, in its seams and sizes too. */
    public Design and(Design other) {
        Set<String> taken = new HashSet<>(pieces.stream().map(Piece::id).toList());
        UnaryOperator<String> fresh = id -> {
            String free = id;
            for (int i = 2; taken.contains(free); i++) {
                free = id + "-" + i;
            }
            return free;
        };
        java.util.Map<String, String> ids = new java.util.HashMap<>();
        List<Piece> all = new ArrayList<>(pieces);
        for (Piece p : other.pieces) {
            String id = fresh.apply(p.id());
            ids.put(p.id(), id);
            taken.add(id);
            all.add(id.equals(p.id()) ? p : p.named(id, p.name() + " " + id.substring(p.id().length() + 1)));
        }
        List<DesignSeam> joined = new ArrayList<>(seams);
        other.seams.forEach(s -> joined.add(s.between(s.name(), sides(s.one(), ids), sides(s.other(), ids))));
        List<Size> sizes = new ArrayList<>(rules);
        other.rules.forEach(r -> sizes.add(r.of(r.terms().stream()
                .map(t -> new Size.Term(ids.getOrDefault(t.piece(), t.piece()), t.where(), t.times()))
                .toList())));
        List<String> said = new ArrayList<>(notes);
        other.notes.stream().filter(n -> !said.contains(n)).forEach(said::add);
        List<String> warned = new ArrayList<>(cautions);
        other.cautions.stream().filter(c -> !warned.contains(c)).forEach(warned::add);
        List<Supply> more = new ArrayList<>(supplies);
        more.addAll(other.supplies);
        List<Closing> opened = new ArrayList<>(closings);
        other.closings.forEach(c -> opened.add(new Closing(
                c.name(),
                sides(List.of(c.one()), ids).get(0),
                sides(List.of(c.other()), ids).get(0),
                c.lengthMm(),
                c.lapMm())));
        List<Laid> on = new ArrayList<>(laid);
        other.laid.forEach(
                l -> on.add(new Laid(ids.getOrDefault(l.piece(), l.piece()), ids.getOrDefault(l.onto(), l.onto()))));
        return new Design(name + " and " + other.name, all, joined, sizes, said, warned, more, opened, on);
    }

    private static List<DesignSeam.Side> sides(List<DesignSeam.Side> sides, java.util.Map<String, String> ids) {
        return sides.stream()
                .map(s -> new DesignSeam.Side(ids.getOrDefault(s.piece(), s.piece()), s.edge(), s.times()))
                .toList();
    }

    /**
     * What is cut from one cloth.
     *
     * @param pieces copies in all
     * @param areaMm2 of all cut lines; interfacing without its allowances
     * @param longestMm along the grain of the longest piece, cut
     * @param widestMm across the grain of the widest
     * @param lengthMm of cloth of the usual width, pieces in rows along the grain, the longest first: what is best to have
     */
    public record Need(
            PieceCloth cloth, int pieces, double areaMm2, double longestMm, double widestMm, double lengthMm) {
        /** Cloth by the metre is about this wide, mm (common practice, no source). */
        public static final double USUAL_WIDTH_MM = 1400;
    }

    /** Rows of pieces on cloth of the usual width, each row as long as its longest piece. */
    private static double lengthMm(List<Box> boxes) {
        List<Box> sorted = new ArrayList<>(boxes);
        sorted.sort(java.util.Comparator.comparingDouble(Box::heightMm).reversed());
        double length = 0;
        double left = 0;
        for (Box box : sorted) {
            if (left < box.widthMm()) {
                length += box.heightMm();
                left = Need.USUAL_WIDTH_MM;
            }
            left -= box.widthMm();
        }
        return length;
    }

    /** Count and area by cloth, for the tick list. */
    public List<Need> needs() {
        List<Need> needs = new ArrayList<>();
        for (PieceCloth cloth : PieceCloth.values()) {
            List<Piece> of = pieces.stream().filter(p -> p.cloth() == cloth).toList();
            if (!of.isEmpty()) {
                double area = 0;
                double longest = 0;
                double widest = 0;
                int copies = 0;
                List<Box> boxes = new ArrayList<>();
                for (Piece p : of) {
                    var ring = (cloth == PieceCloth.INTERFACING ? p.interfacingLine() : p.cutLine()).ring();
                    area += p.quantity() * Region.of(ring).areaMm2();
                    longest = Math.max(longest, ring.box().heightMm());
                    widest = Math.max(widest, ring.box().widthMm());
                    copies += p.quantity();
                    boxes.addAll(Collections.nCopies(p.quantity(), ring.box()));
                }
                needs.add(new Need(cloth, copies, area, longest, widest, lengthMm(boxes)));
            }
        }
        return needs;
    }
}
