package org.handdown.pattern.change;

import java.util.ArrayList;
import java.util.List;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;

/** Says which edges will be sewn together, so that they can be walked: what a pattern that was brought in does not tell. */
public record SewTogether(String name, DesignSeam seam) implements Change {
    public SewTogether {
        Change.requireName(name);
        if (seam.one().isEmpty() || seam.other().isEmpty()) {
            throw new RefusedValueException("change.seam", "A seam has two sides.");
        }
        if (!(seam.leastRatio() > 0.3 && seam.mostRatio() < 6 && Math.abs(seam.mostEaseMm()) < 500)) {
            throw new RefusedValueException(
                    "change.seam", Wording.of("Gather up to 6 to 1, stretch to a third, ease less than 50 cm."));
        }
    }

    @Override
    public String words() {
        return seam.name() + " is sewn";
    }

    @Override
    public Design on(Design design) {
        for (DesignSeam.Side side : seam.one()) {
            Change.edge(Change.piece(design, side.piece()), side.edge());
        }
        for (DesignSeam.Side side : seam.other()) {
            Change.edge(Change.piece(design, side.piece()), side.edge());
        }
        List<DesignSeam> seams = new ArrayList<>(design.seams());
        seams.removeIf(s -> s.name().equals(seam.name()));
        seams.add(seam);
        return design.withSeams(seams);
    }

    @Override
    public <T> T read(Reader<T> reader) {
        return reader.seam(this);
    }
}
