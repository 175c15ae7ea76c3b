package org.handdown.alter.stack;

import java.util.ArrayList;
import java.util.List;
import org.handdown.assembly.Component;
import org.handdown.cloth.Weave;
import org.handdown.geometry.Point;

/** A worn place made on purpose: two short slits, the warp between them drawn, tried on before it grows. */
final class Distress implements Altering {
    /** The first two slits are so much shorter than the place at either end (common practice, no source). */
    private static final double FIRST_SHARE = 0.25;

    @Override
    public List<Ask> asks() {
        List<Ask> asks = new ArrayList<>(List.of(Ask.part("part", "On which part")));
        asks.addAll(Spot.asks(60, 30));
        return asks;
    }

    @Override
    public boolean offers(Ask ask, GarmentNow garment, Ask.Option option) {
        return Spot.isOffered(ask, garment, option);
    }

    @Override
    public Effect on(GarmentNow before, Told told) {
        Work work = new Work(before, told.id());
        Component part = before.assembly().component(told.pick("part"));
        Spot spot = Spot.of(part, told, false);
        work.chalkLine(part.id(), spot.line(), true);
        double left = spot.from().x() + FIRST_SHARE * spot.wideMm();
        double right = spot.from().x() + (1 - FIRST_SHARE) * spot.wideMm();
        for (double up : List.of(0.0, spot.highMm())) {
            double y = spot.from().y() + up;
            work.chalkLine(part.id(), List.of(new Point(left, y), new Point(right, y)), false);
        }
        work.say(
                "Two slits of %.0f mm first, %.0f mm apart, along the weft; then draw the warp between them and leave the weft. Where it sticks, a third slit between them.",
                right - left, spot.highMm());
        work.say(
                "Tried on again before they grow to %.0f mm, the corners in shorter cuts. A row of stitches round it stops it there; a scrap behind keeps the knee in.",
                spot.wideMm());
        if (before.cloth().weave() == Weave.KNIT) {
            work.say("A knit has no warp to draw: it ladders from the slit. Back it first, or leave it.");
        }
        work.ask("Was the place marked while it was worn, standing and sitting, and clear of pocket bags and seams?");
        return work.done();
    }
}
