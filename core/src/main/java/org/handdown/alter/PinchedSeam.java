package org.handdown.alter;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.handdown.geometry.Edge;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Part;
import org.handdown.source.graph.Tube;
import org.jspecify.annotations.Nullable;

/** A seam that was pinched in, at one or more stations. */
record PinchedSeam(Pinned pinned) {
    /** So near an end a pinch does not run out before it. */
    private static final double END_MM = 10;

    TakeIn.Change change(TakeIn.Reading reading) {
        Join join = pinned.join(reading.where());
        if (join.finishedEdge() || join.runs().size() != 2) {
            throw new RefusedValueException(
                    "takeIn.where", Wording.fill("The %s is no seam between two edges; pinch a seam.", join.name()));
        }
        Optional<Join> partner = pinned.partner(join);
        boolean both = reading.partnerToo() && partner.isPresent();
        return new TakeIn.Change(
                reading,
                join.name(),
                both ? partner.get().name() : "",
                levels(reading, join, both ? partner.get() : null),
                0,
                notes(reading, join, partner.orElse(null)));
    }

    private List<TakeIn.Level> levels(TakeIn.Reading reading, Join join, @Nullable Join partner) {
        Join.Run run = join.runs().get(0);
        Part part = pinned.anatomy().part(run.part());
        Edge edge = part.outline().edge(run.edge());
        Tube tube = new Tube(pinned.anatomy(), part);
        List<TakeIn.Level> levels = new ArrayList<>();
        for (TakeIn.Pinch pinch : reading.pinches()) {
            double y = join.along(edge, pinch.atMm()).y();
            double before = tube.girthMm(y);
            // The partner narrows the same ring only where it lies in it: two side seams of a skirt do, two legs do
            // not.
            boolean sameRing = partner != null
                    && partner.runs().stream()
                            .anyMatch(r -> tube.partsAt(y).stream().anyMatch(p -> p.id().equals(r.part())));
            double after = before - reading.kind().quantity().multiplier() * pinch.mm() * (sameRing ? 2 : 1);
            Pinned.requireLeft(before, after, join.name());
            levels.add(new TakeIn.Level(pinch.atMm(), pinch.mm(), before, after));
        }
        return levels;
    }

    private List<String> notes(TakeIn.Reading reading, Join join, @Nullable Join partner) {
        List<String> notes = new ArrayList<>();
        double most =
                reading.pinches().stream().mapToDouble(TakeIn.Pinch::mm).max().orElse(0);
        notes.add(Wording.fill(
                "Until it is tried on the allowance is %.0f mm: the old %.0f mm and what was pinched. Trim only then.",
                join.allowanceMm() + most, join.allowanceMm()));
        notes.addAll(pastEnds(join, reading));
        if (reading.pinches().size() == 1) {
            notes.add("Read at one station only: it runs out to nothing at both ends. A tapered part wants three.");
        }
        if (reading.partnerToo() && partner == null) {
            notes.add("This seam has no partner on the other side.");
        }
        if (!reading.partnerToo() && partner != null) {
            notes.add(Wording.fill("Only this side: the %s stays as it is.", partner.name()));
        }
        return notes;
    }

    /** A pinch that reaches an end of its seam changes what is sewn across there. */
    private List<String> pastEnds(Join join, TakeIn.Reading reading) {
        List<String> ends = SeamEnds.endsOf(pinned.anatomy(), join);
        List<String> notes = new ArrayList<>();
        for (TakeIn.Pinch pinch : reading.pinches()) {
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
}
