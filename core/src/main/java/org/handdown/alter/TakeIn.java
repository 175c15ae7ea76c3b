package org.handdown.alter;

import java.util.ArrayList;
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
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Part;
import org.handdown.source.graph.Tube;
import org.handdown.unpick.JoinDecision;

/**
 * Taking a source in and shortening it: what each pin reading on the body means for the seam, for its partner and for every girth, and
 * what the rib, cuff or lining below then needs. Nothing is trimmed before the try-on.
 */
public final class TakeIn {

    /** A ring this little wider than what it is sewn to is eased in without a pucker (common practice, no source). */
    private static final double EASED_SHARE = 0.05;

    /** So near an end a pinch does not run out before it. */
    private static final double END_MM = 10;

    private static final int MOST = 40;

    private final Anatomy anatomy;

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
        this.wish = wish;
    }

    public List<Change> changes() {
        return wish.readings().stream().map(this::change).toList();
    }

    private Change change(Reading reading) {
        return switch (reading.kind()) {
            case SEAM -> seam(reading);
            case TUCK -> tuck(reading);
            case TURN_UP -> turnUp(reading);
            case DART -> dart(reading);
        };
    }

    private Change seam(Reading reading) {
        Join join = join(reading.where());
        if (join.finishedEdge() || join.runs().size() != 2) {
            throw new RefusedValueException(
                    "takeIn.where", Wording.fill("The %s is no seam between two edges; pinch a seam.", join.name()));
        }
        Optional<Join> partner = SeamEnds.partner(join.id()).flatMap(this::findJoin);
        boolean both = reading.partnerToo() && partner.isPresent();
        Join.Run run = join.runs().get(0);
        Part part = anatomy.part(run.part());
        Edge edge = part.outline().edge(run.edge());
        Tube tube = new Tube(anatomy, part);
        List<Level> levels = new ArrayList<>();
        for (Pinch pinch : reading.pinches()) {
            double y = join.along(edge, pinch.atMm()).y();
            double before = tube.girthMm(y);
            // The partner narrows the same ring only where it lies in it: two side seams of a skirt do, two legs do
            // not.
            boolean sameRing = both
                    && partner.get().runs().stream()
                            .anyMatch(r -> tube.partsAt(y).stream().anyMatch(p -> p.id().equals(r.part())));
            double after = before - reading.kind().quantity().multiplier() * pinch.mm() * (sameRing ? 2 : 1);
            requireLeft(before, after, join.name());
            levels.add(new Level(pinch.atMm(), pinch.mm(), before, after));
        }
        List<String> notes = new ArrayList<>();
        double most = reading.pinches().stream().mapToDouble(Pinch::mm).max().orElse(0);
        notes.add(Wording.fill(
                "Until it is tried on the allowance is %.0f mm: the old %.0f mm and what was pinched. Trim only then.",
                join.allowanceMm() + most, join.allowanceMm()));
        notes.addAll(pastEnds(join, reading));
        if (reading.pinches().size() == 1) {
            notes.add("Read at one station only: it runs out to nothing at both ends. A tapered part wants three.");
        }
        if (reading.partnerToo() && partner.isEmpty()) {
            notes.add("This seam has no partner on the other side.");
        }
        if (!reading.partnerToo() && partner.isPresent()) {
            notes.add(Wording.fill(
                    "Only this side: the %s stays as it is.", partner.get().name()));
        }
        return new Change(reading, join.name(), both ? partner.get().name() : "", levels, 0, notes);
    }

    private Change tuck(Reading reading) {
        Part part = part(reading.where());
        Pinch pinch = reading.pinches().get(0);
        double shorter = reading.kind().quantity().multiplier() * pinch.mm();
        var box = part.outline().box();
        double from = box.minY() + pinch.atMm();
        double high = box.heightMm();
        if (pinch.atMm() + shorter > high - 30) {
            throw new RefusedValueException(
                    "takeIn.pinch",
                    Wording.fill(
                            "A tuck of %.0f mm takes %.0f mm; only %.0f mm lie above it on the %s.",
                            pinch.mm(), shorter, high - pinch.atMm(), part.name()));
        }
        Tube tube = new Tube(anatomy, part);
        double below = tube.girthMm(from + 0.5);
        double above = tube.girthMm(from + shorter + 0.5);
        Optional<Part> partner = SeamEnds.partner(part.id()).flatMap(anatomy::findPart);
        List<String> notes = new ArrayList<>();
        if (pinch.atMm() < 1) {
            Below.band(anatomy, part, above).ifPresent(notes::add);
        } else if (above - below > 0.5) {
            notes.add(Wording.fill(
                    "The upper ring is %.0f mm wider than the lower one: %s",
                    above - below,
                    above <= below * (1 + EASED_SHARE)
                            ? "ease it in."
                            : Wording.fill(
                                    "let the seams taper by %.0f mm each layer towards the cut.",
                                    (above - below) / 4)));
        }
        notes.add(Wording.fill(
                "Cut out %.0f mm, from %.0f mm to %.0f mm above the lower end, each edge with its own allowance left on.",
                shorter, pinch.atMm(), pinch.atMm() + shorter));
        Below.lining(anatomy, part, shorter).ifPresent(notes::add);
        return new Change(
                reading,
                part.name(),
                reading.partnerToo() ? partner.map(Part::name).orElse("") : "",
                List.of(new Level(pinch.atMm(), shorter, above, below)),
                shorter,
                notes);
    }

    private Change turnUp(Reading reading) {
        Join join = join(reading.where());
        if (!SeamEnds.isEnd(anatomy, join)) {
            throw new RefusedValueException(
                    "takeIn.where", Wording.fill("The %s is no end that could be turned up.", join.name()));
        }
        double up = reading.pinches().get(0).mm();
        Part part = anatomy.part(join.runs().get(0).part());
        var box = part.outline().box();
        if (up > box.heightMm() - 30) {
            throw new RefusedValueException(
                    "takeIn.pinch", Wording.fill("The %s is only %.0f mm long.", part.name(), box.heightMm()));
        }
        Optional<Join> partner = SeamEnds.partner(join.id()).flatMap(this::findJoin);
        List<String> notes = new ArrayList<>();
        notes.add(Wording.fill(
                "%.0f mm of cloth lie inside then: the turn-up and the old hem. Cut away what is more than the new hem needs only after the try-on.",
                up + join.allowanceMm()));
        double before = new Tube(anatomy, part).girthMm(box.minY() + 0.5);
        double after = new Tube(anatomy, part).girthMm(box.minY() + up + 0.5);
        if (before > 0 && after - before > 2) {
            notes.add(Wording.fill(
                    "It tapers: the turned-up edge is %.0f mm smaller than the ring it lies against; open the seam below the fold.",
                    after - before));
        } else if (before > 0 && before - after > 2) {
            notes.add(Wording.fill(
                    "It flares: the turned-up edge is %.0f mm longer than the ring it lies against; ease it or take little folds.",
                    before - after));
        }
        Below.lining(anatomy, part, up).ifPresent(notes::add);
        return new Change(
                reading,
                join.name(),
                reading.partnerToo() ? partner.map(Join::name).orElse("") : "",
                List.of(new Level(0, up, before, after)),
                up,
                notes);
    }

    private Change dart(Reading reading) {
        Part part = part(reading.where());
        double depth = reading.pinches().get(0).mm();
        var box = part.outline().box();
        double edge = new Tube(anatomy, part).girthMm(box.maxY() - 0.5);
        Optional<Part> partner = SeamEnds.partner(part.id()).flatMap(anatomy::findPart);
        int darts = reading.partnerToo() ? 2 : 1;
        double narrower = reading.kind().quantity().multiplier() * depth * darts;
        requireLeft(edge, edge - narrower, part.name());
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

    private static void requireLeft(double before, double after, String name) {
        if (before > 0 && after < 0.4 * before) {
            throw new RefusedValueException(
                    "takeIn.pinch",
                    Wording.fill(
                            "%s: of %.0f mm only %.0f mm would be left. Is the figure the pinch itself, and in the right unit?",
                            name, before, after));
        }
    }

    static String words(Edge edge) {
        return edge.name().replace('-', ' ');
    }

    /** A pinch that reaches an end of its seam changes what is sewn across there. */
    private List<String> pastEnds(Join join, Reading reading) {
        List<String> ends = SeamEnds.endsOf(anatomy, join);
        List<String> notes = new ArrayList<>();
        for (Pinch pinch : reading.pinches()) {
            boolean atStart = pinch.atMm() <= END_MM;
            boolean atEnd = pinch.atMm() >= join.lengthMm() - END_MM;
            if (pinch.mm() >= 1 && (atStart || atEnd) && ends.size() == 2) {
                notes.add(Wording.fill(
                        "The pinch at the %s goes over the end of this seam: the edge there becomes %.0f mm shorter. "
                                + "Open what is sewn to it, hem or seam, 50 mm to each side first, and take it in by as much.",
                        ends.get(atStart ? 0 : 1), 2 * pinch.mm()));
            }
        }
        return notes;
    }

    /** Joins to open for it: hems that are turned up anew. Seams are sewn inside the old line first, and undone after. */
    public Map<String, JoinDecision> openings() {
        Map<String, JoinDecision> open = new java.util.LinkedHashMap<>();
        for (Reading reading : wish.readings()) {
            if (reading.kind() == Kind.TURN_UP) {
                open.put(reading.where(), JoinDecision.UNPICK);
                if (reading.partnerToo()) {
                    SeamEnds.partner(reading.where())
                            .flatMap(this::findJoin)
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

    private Optional<Join> findJoin(String id) {
        return anatomy.joins().stream().filter(j -> j.id().equals(id)).findFirst();
    }

    private Join join(String id) {
        return findJoin(id)
                .orElseThrow(() -> new RefusedValueException(
                        "takeIn.where", Wording.fill("This source has no seam or hem “%s”.", id)));
    }

    private Part part(String id) {
        return anatomy.findPart(id)
                .filter(Part::isMain)
                .orElseThrow(() -> new RefusedValueException(
                        "takeIn.where", Wording.fill("This source has no panel “%s” to pinch.", id)));
    }
}
