package org.handdown.alter;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.handdown.geometry.Edge;
import org.handdown.measure.Length;
import org.handdown.measure.QuantityKind;
import org.handdown.measure.Range;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Part;
import org.handdown.source.graph.Tube;
import org.handdown.unpick.JoinDecision;

/**
 * Taking a source in and shortening it: what each pin reading on the body means for the seam, for its partner and for every girth, and
 * what the rib, cuff or lining below then needs. Nothing is trimmed before the try-on.
 */
public final class TakeIn {

    private static final int MOST = 40;

    private final Anatomy anatomy;

    private final Pinned pinned;

    private final Wish wish;

    /** How the cloth was pinned or turned. */
    public enum Kind {
        SEAM("pinched along a seam", QuantityKind.SEAM_PINCH),
        TUCK("a tuck pinched round it, above what stays", QuantityKind.PINCHED_TUCK),
        TURN_UP("turned up at its end", QuantityKind.TURN_UP),
        DART("a dart pinched into the edge", QuantityKind.DART_DEPTH);

        private final String words;
        private final QuantityKind quantity;

        Kind(String words, QuantityKind quantity) {
            this.words = words;
            this.quantity = quantity;
        }

        public String words() {
            return words;
        }

        public QuantityKind quantity() {
            return quantity;
        }
    }

    /** @param atMm along the seam from its start, or up from the lower end of the part; mm is the folded depth */
    public record Pinch(double atMm, double mm) {
        public Pinch {
            new Range(0, 3000).require("takeIn.at", Length.ofMm(atMm));
            new Range(0, 300).require("takeIn.pinch", Length.ofMm(mm));
        }
    }

    /**
     * One place that was pinned, at one or more stations.
     *
     * @param where a join for a seam or a turn-up, a part for a tuck or a dart
     * @param partnerToo the same on the other side of the body; false where the body differs
     */
    public record Reading(Kind kind, String where, List<Pinch> pinches, boolean partnerToo) {
        public Reading {
            pinches = pinches.stream()
                    .sorted(java.util.Comparator.comparingDouble(Pinch::atMm))
                    .toList();
            if (pinches.isEmpty() || pinches.size() > MOST) {
                throw new RefusedValueException("takeIn.pinches", "A reading has from 1 to 40 stations.");
            }
            if (kind != Kind.SEAM && pinches.size() > 1) {
                throw new RefusedValueException(
                        "takeIn.pinches",
                        Wording.fill("Only a seam is read at several stations; %s is one figure.", kind.words()));
            }
        }
    }

    public record Wish(List<Reading> readings) {
        public static final Wish NONE = new Wish(List.of());

        public Wish {
            readings = List.copyOf(readings);
            if (readings.size() > MOST) {
                throw new RefusedValueException("takeIn.readings", "40 readings at most.");
            }
        }
    }

    /**
     * What a reading does at one height.
     *
     * @param inMm the new stitch line lies this far inside the old, on each layer
     * @param beforeMm and afterMm: whole girth
     */
    public record Level(double atMm, double inMm, double beforeMm, double afterMm) {}

    /**
     * A reading worked out.
     *
     * @param partner what is changed alike; empty without one
     * @param shorterMm the part becomes shorter by this
     * @param notes what follows: rib, cuff, lining, allowances
     */
    public record Change(
            Reading reading, String name, String partner, List<Level> levels, double shorterMm, List<String> notes) {}

    public TakeIn(Anatomy anatomy, Wish wish) {
        this.anatomy = anatomy;
        this.pinned = new Pinned(anatomy);
        this.wish = wish;
    }

    public List<Change> changes() {
        return wish.readings().stream().map(this::change).toList();
    }

    private Change change(Reading reading) {
        return switch (reading.kind()) {
            case SEAM -> new PinchedSeam(pinned).change(reading);
            case TUCK -> new Shortened(pinned).tuck(reading);
            case TURN_UP -> new Shortened(pinned).turnUp(reading);
            case DART -> dart(reading);
        };
    }

    static String words(Edge edge) {
        return Wording.spoken(edge.name());
    }

    /** Joins to open for it: hems that are turned up anew. Seams are sewn inside the old line first, and undone after. */
    public Map<String, JoinDecision> openings() {
        Map<String, JoinDecision> open = new java.util.LinkedHashMap<>();
        for (Reading reading : wish.readings()) {
            if (reading.kind() == Kind.TURN_UP) {
                open.put(reading.where(), JoinDecision.UNPICK);
                if (reading.partnerToo()) {
                    SeamEnds.partner(reading.where())
                            .flatMap(pinned::findJoin)
                            .ifPresent(j -> open.put(j.id(), JoinDecision.UNPICK));
                }
            }
        }
        return open;
    }

    /**
     * What each seam takes of a surplus round a ring, so that no single one takes all.
     *
     * @return distance of the new stitch line from the old, mm: half a seam's share on each layer
     */
    public static double perSeamMm(double surplusMm, int seams) {
        if (seams < 1) {
            throw new RefusedValueException("takeIn.seams", "A surplus needs a seam to go into.");
        }
        return surplusMm / (2 * seams);
    }

    private Change dart(Reading reading) {
        Part part = pinned.part(reading.where());
        double depth = reading.pinches().get(0).mm();
        var box = part.outline().box();
        double edge = new Tube(anatomy, part).girthMm(box.maxY() - 0.5);
        Optional<Part> partner = pinned.partner(part);
        int darts = reading.partnerToo() ? 2 : 1;
        double narrower = reading.kind().quantity().multiplier() * depth * darts;
        Pinned.requireLeft(edge, edge - narrower, part.name());
        return new Change(
                reading,
                part.name(),
                reading.partnerToo() ? partner.map(Part::name).orElse("its other half") : "",
                List.of(new Level(reading.pinches().get(0).atMm(), depth, edge, edge - narrower)),
                0,
                List.of(
                        "Run the dart out to nothing along the thread; press it towards the centre.",
                        "Whatever is joined to this edge is measured again after the darts, never before."));
    }
}
