package org.handdown.stash;

import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Weave;
import org.handdown.measure.Length;
import org.handdown.measure.Range;
import org.handdown.measure.RefusedValueException;
import org.jspecify.annotations.Nullable;

/**
 * What somebody looks for, by what it shall do and how large it must be.
 *
 * @param across and along: least size, mm; across the grain and along it, where it has one. A strip's width and length, a zip's length
 * @param count buttons or pieces at least
 * @param diameterMm of a button, give or take {@value #BUTTON_OFF_MM} mm
 * @param passesMm a girth that a rib or elastic must pass, stretched
 */
public record Sought(
        Role role, double acrossMm, double alongMm, int count, double diameterMm, double passesMm, ClothRules cloth) {
    private static final Range SIZE = new Range(0, 20_000);
    /** A buttonhole takes a button that is so much off (common practice, no source). */
    public static final int BUTTON_OFF_MM = 1;

    /** What it shall do. */
    public enum Role {
        ANYTHING("anything"),
        SHEET("a sheet of cloth"),
        STRIP("a strip along the grain"),
        BUTTONS("buttons"),
        RIB("a rib or elastic"),
        ZIP("a zip"),
        TAPE("tape, cord or binding");

        private final String words;

        Role(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * What its cloth must be.
     *
     * @param knit null where either will do; felt and blanket count as woven cloth here, for they do not run
     * @param bears the iron that it must bear at least
     */
    public record ClothRules(
            @Nullable Boolean knit, @Nullable HeatLimit bears) {
        public static final ClothRules ANY = new ClothRules(null, null);

        boolean allow(Weave weave, HeatLimit heat) {
            boolean way = knit == null || knit == (weave == Weave.KNIT);
            return way && (bears == null || heat.celsius() >= bears.celsius());
        }
    }

    public Sought {
        SIZE.require("sought.across", Length.ofMm(acrossMm));
        SIZE.require("sought.along", Length.ofMm(alongMm));
        SIZE.require("sought.diameter", Length.ofMm(diameterMm));
        SIZE.require("sought.passes", Length.ofMm(passesMm));
        if (count < 0 || count > 1000) {
            throw new RefusedValueException("sought.count", "must be from 0 to 1000.");
        }
        boolean unsized = switch (role) {
            case ANYTHING -> false;
            case SHEET, STRIP -> acrossMm == 0 || alongMm == 0;
            case BUTTONS -> count == 0;
            case RIB -> passesMm == 0;
            case ZIP, TAPE -> alongMm == 0;
        };
        if (unsized) {
            throw new RefusedValueException("sought", "Say how large it must be, and what to look for.");
        }
    }

    public static Sought sheet(double acrossMm, double alongMm) {
        return new Sought(Role.SHEET, acrossMm, alongMm, 0, 0, 0, ClothRules.ANY);
    }

    public static Sought strip(double wideMm, double longMm) {
        return new Sought(Role.STRIP, wideMm, longMm, 0, 0, 0, ClothRules.ANY);
    }

    public static Sought buttons(int count, double diameterMm) {
        return new Sought(Role.BUTTONS, 0, 0, count, diameterMm, 0, ClothRules.ANY);
    }

    public static Sought rib(double passesMm) {
        return new Sought(Role.RIB, 0, 0, 0, 0, passesMm, ClothRules.ANY);
    }

    public Sought of(ClothRules rules) {
        return new Sought(role, acrossMm, alongMm, count, diameterMm, passesMm, rules);
    }
}
