package org.handdown.alter;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Part;
import org.handdown.source.graph.Tube;

/** A part that was shortened: by a tuck round it, or turned up at its end. */
record Shortened(Pinned pinned) {
    /** A ring this little wider than what it is sewn to is eased in without a pucker (common practice, no source). */
    private static final double EASED_SHARE = 0.05;

    TakeIn.Change tuck(TakeIn.Reading reading) {
        Part part = pinned.part(reading.where());
        TakeIn.Pinch pinch = reading.pinches().get(0);
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
        Tube tube = new Tube(pinned.anatomy(), part);
        double below = tube.girthMm(from + 0.5);
        double above = tube.girthMm(from + shorter + 0.5);
        Optional<Part> partner = pinned.partner(part);
        List<String> notes = new ArrayList<>();
        if (pinch.atMm() < 1) {
            Below.band(pinned.anatomy(), part, above).ifPresent(notes::add);
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
        Below.lining(pinned.anatomy(), part, shorter).ifPresent(notes::add);
        return new TakeIn.Change(
                reading,
                part.name(),
                reading.partnerToo() ? partner.map(Part::name).orElse("") : "",
                List.of(new TakeIn.Level(pinch.atMm(), shorter, above, below)),
                shorter,
                notes);
    }

    TakeIn.Change turnUp(TakeIn.Reading reading) {
        Join join = pinned.join(reading.where());
        if (!SeamEnds.isEnd(pinned.anatomy(), join)) {
            throw new RefusedValueException(
                    "takeIn.where", Wording.fill("The %s is no end that could be turned up.", join.name()));
        }
        double up = reading.pinches().get(0).mm();
        Part part = pinned.anatomy().part(join.runs().get(0).part());
        var box = part.outline().box();
        if (up > box.heightMm() - 30) {
            throw new RefusedValueException(
                    "takeIn.pinch", Wording.fill("The %s is only %.0f mm long.", part.name(), box.heightMm()));
        }
        Optional<Join> partner = pinned.partner(join);
        List<String> notes = new ArrayList<>();
        notes.add(Wording.fill(
                "%.0f mm of cloth lie inside then: the turn-up and the old hem. Cut away what is more than the new hem needs only after the try-on.",
                up + join.allowanceMm()));
        double before = new Tube(pinned.anatomy(), part).girthMm(box.minY() + 0.5);
        double after = new Tube(pinned.anatomy(), part).girthMm(box.minY() + up + 0.5);
        if (before > 0 && after - before > 2) {
            notes.add(Wording.fill(
                    "It tapers: the turned-up edge is %.0f mm smaller than the ring it lies against; open the seam below the fold.",
                    after - before));
        } else if (before > 0 && before - after > 2) {
            notes.add(Wording.fill(
                    "It flares: the turned-up edge is %.0f mm longer than the ring it lies against; ease it or take little folds.",
                    before - after));
        }
        Below.lining(pinned.anatomy(), part, up).ifPresent(notes::add);
        return new TakeIn.Change(
                reading,
                join.name(),
                reading.partnerToo() ? partner.map(Join::name).orElse("") : "",
                List.of(new TakeIn.Level(0, up, before, after)),
                up,
                notes);
    }
}
