package org.handdown.alter.stack;

import java.util.List;

/** What one kind of alteration asks and does. */
interface Altering {
    List<Ask> asks();

    /** @throws org.handdown.measure.RefusedValueException where it cannot be done on this garment, saying what to mend */
    Effect on(GarmentNow before, Told told);
}
