package org.handdown.alter.stack;

import java.util.List;

/** What one kind of alteration asks and does. */
interface Altering {
    List<Ask> asks();

    /** Is it what one would pick first? */
    default boolean suits(Ask ask, GarmentNow garment, Ask.Option option) {
        return switch (ask.type()) {
            case END -> !option.value().equals("neck") && !option.value().equals("waist");
            case SEAM -> option.value().startsWith("side");
            case PART -> option.value().startsWith("front");
            case CLOSURE, CHOICE, LENGTH, PINS -> true;
        };
    }

    /** Can it be answered so at all? */
    default boolean offers(Ask ask, GarmentNow garment, Ask.Option option) {
        return true;
    }

    /** @throws org.handdown.measure.RefusedValueException where it cannot be done on this garment, saying what to mend */
    Effect on(GarmentNow before, Told told);
}
