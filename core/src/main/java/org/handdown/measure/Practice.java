package org.handdown.measure;

import java.math.BigDecimal;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * Figures of common practice that a household may set for itself: nobody's measure, everybody's habit. Where nothing is set the figure
 * is the one that is shipped.
 *
 * @param own by figure, in mm, as a share, or in minutes a metre; shipped ones are left out
 */
public record Practice(Map<Figure, Double> own) {
    public static final Practice SHIPPED = new Practice(Map.of());

    private static final double ELASTIC_OVERLAP_MM = 20;

    /** What a figure is counted in. */
    public enum Kind {
        LENGTH,
        SHARE,
        /** Minutes for a metre of one row of stitches. */
        RATE
    }

    /** What it is for. */
    public enum Group {
        CLOTH("what cloth gives"),
        TABLE("at the cutting table"),
        TAPE("how far a figure may be off, either way"),
        UNPICKING("minutes to unpick a metre, until your own times are known");

        private final String words;

        Group(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Each with its shipped value and its bounds; all of them common practice, no source, but where the handbook of the trade is named. */
    public enum Figure {
        /** Handbook of the trade §4. */
        USABLE_STRETCH(
                Group.CLOTH,
                Kind.SHARE,
                "Stretch that wear may use",
                "of the stretch that springs back; less keeps its shape longer",
                0.6,
                0.2,
                1),
        ELASTIC(
                Group.CLOTH,
                Kind.SHARE,
                "Elastic, of the girth it goes round",
                "before the overlap; less holds tighter",
                0.9,
                0.5,
                1),
        STRIDE(
                Group.CLOTH,
                Kind.SHARE,
                "An easy step, of the inside leg",
                "from heel to heel; decides whether a skirt needs a slit",
                0.75,
                0.3,
                1.2),
        GAP(Group.TABLE, Kind.LENGTH, "Between two pieces", "room for chalk and scissors in a lay", 2, 0, 30),
        /** Handbook of the trade §3: about ½ in. */
        OPEN_PAST(
                Group.TABLE,
                Kind.LENGTH,
                "Opened past each end",
                "where a seam is opened in part: room for fingers and machine",
                12.7,
                0,
                100),
        RESTART(
                Group.TABLE,
                Kind.LENGTH,
                "Sewn over the old stitching",
                "where a seam is closed again, or it runs",
                12.7,
                3,
                60),
        OFF_PATTERN(Group.TAPE, Kind.LENGTH, "Off a pattern sheet", "", 1, 0, 10),
        OFF_TAPE(Group.TAPE, Kind.LENGTH, "By tape", "also the outlines of panels that were taped", 3, 0.5, 20),
        OFF_GARMENT(Group.TAPE, Kind.LENGTH, "Off another garment", "", 6, 1, 40),
        OFF_PRINTED(Group.TAPE, Kind.LENGTH, "As printed or told", "", 10, 1, 60),
        OFF_EYE(Group.TAPE, Kind.LENGTH, "By eye", "", 20, 3, 100),
        OFF_PROPOSED(Group.TAPE, Kind.LENGTH, "Proposed, nobody measured yet", "", 30, 3, 150),
        /** Rates: handbook of the trade §8. */
        RATE_PLAIN(Group.UNPICKING, Kind.RATE, "Plain machine seam", "", 4, 0.2, 60),
        RATE_TOPSTITCHED(Group.UNPICKING, Kind.RATE, "Topstitched machine seam", "", 7, 0.2, 60),
        RATE_CHAIN(Group.UNPICKING, Kind.RATE, "Chain stitch", "", 1.5, 0.2, 60),
        RATE_COVER(Group.UNPICKING, Kind.RATE, "Cover stitch", "", 1.5, 0.2, 60),
        RATE_OVERLOCKED(Group.UNPICKING, Kind.RATE, "Overlock", "", 5, 0.2, 60),
        RATE_FELLED(Group.UNPICKING, Kind.RATE, "Flat-felled seam", "", 10, 0.2, 60),
        RATE_HAND(Group.UNPICKING, Kind.RATE, "Hand stitches", "", 3, 0.2, 60),
        /** With shears (common practice, no source). */
        RATE_CUT(Group.UNPICKING, Kind.RATE, "Cutting", "beside the stitches, or along a fold", 1, 0.1, 20);

        private final Group group;
        private final Kind kind;
        private final String words;
        private final String why;
        private final double shipped;
        private final double least;
        private final double most;

        Figure(Group group, Kind kind, String words, String why, double shipped, double least, double most) {
            this.group = group;
            this.kind = kind;
            this.words = words;
            this.why = why;
            this.shipped = shipped;
            this.least = least;
            this.most = most;
        }

        public Group group() {
            return group;
        }

        public Kind kind() {
            return kind;
        }

        public String words() {
            return words;
        }

        /** What it does; empty where its words say it. */
        public String why() {
            return why;
        }

        /** In mm, as a share, or in minutes a metre. */
        public double shipped() {
            return shipped;
        }

        /** Does anybody work by such a figure? */
        public boolean takes(double value) {
            return value >= least && value <= most;
        }

        private void require(double value) {
            if (!takes(value)) {
                throw new RefusedValueException(
                        "practice." + name(),
                        switch (kind) {
                            case LENGTH ->
                                Wording.fill("%s: from %s to %s mm. Check the unit.", words, plain(least), plain(most));
                            case SHARE -> Wording.fill("%s: from %.0f to %.0f %%.", words, 100 * least, 100 * most);
                            case RATE ->
                                Wording.fill("%s: from %s to %s minutes a metre.", words, plain(least), plain(most));
                        });
            }
        }

        /** By its name in a file or a table; empty for one that is not known here. */
        public static Optional<Figure> find(String name) {
            for (Figure figure : values()) {
                if (figure.name().equals(name)) {
                    return Optional.of(figure);
                }
            }
            return Optional.empty();
        }
    }

    /** @throws RefusedValueException naming the first figure that is out of its bounds */
    public Practice {
        Map<Figure, Double> set = new EnumMap<>(Figure.class);
        own.forEach((figure, value) -> {
            figure.require(value);
            if (value != figure.shipped) {
                set.put(figure, value);
            }
        });
        own = Map.copyOf(set);
    }

    /** In mm, as a share, or in minutes a metre. */
    public double of(Figure figure) {
        return own.getOrDefault(figure, figure.shipped);
    }

    /** How far one reading may be off, either way, mm. */
    public double toleranceMm(Origin origin) {
        return of(origin.tolerance());
    }

    /** Elastic that goes round a girth, mm. */
    public double elasticMm(double girthMm) {
        return of(Figure.ELASTIC) * girthMm + ELASTIC_OVERLAP_MM;
    }

    /** The sum behind {@link #elasticMm}, in words with lengths in mm. */
    public String elastic(double girthMm) {
        return Wording.fill(
                "%s × %.0f mm + %.0f mm to overlap = %.0f mm",
                plain(of(Figure.ELASTIC)), girthMm, ELASTIC_OVERLAP_MM, elasticMm(girthMm));
    }

    private static String plain(double value) {
        return new BigDecimal(Wording.fill("%.3f", value)).stripTrailingZeros().toPlainString();
    }
}
