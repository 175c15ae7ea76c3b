package org.handdown.measure;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads and writes lengths the way people do: {@code 5 1/2"}, {@code 5½ in}, {@code 13,5 cm}, {@code 1.3 m}, {@code 2' 6"},
 * {@code 1/4 yd}. A number without a unit takes the unit handed in; nothing else is ever assumed.
 */
public final class LengthText {
    private static final String FIGURE = "(\\d+(?:\\.\\d+)?)";
    private static final Pattern MARKED =
            Pattern.compile("(?:" + FIGURE + "( to | and −?))?" + FIGURE + Wording.LENGTH_MARK + "(mm|cm|m)(?![\\w²])");
    private static final double LEAST_CONVERTED_MM = 2;
    /** Share of a step that is a slip of reckoning, not cloth. */
    private static final double FINEST = 1e-6;

    private static final String NUMBER =
            "(?:(\\d+)\\s+(\\d+)\\s*/\\s*(\\d+)|(\\d+)\\s*/\\s*(\\d+)|(\\d+(?:[.,]\\d+)?|[.,]\\d+))";
    private static final Pattern TERM = Pattern.compile("\\G\\s*" + NUMBER
            + "\\s*(mm|cm|m|inches|inch|in|\"|″|''|feet|foot|ft|'|′|yards|yard|yd)?(?![A-Za-z])\\s*");
    private static final Map<Character, String> FRACTIONS = Map.ofEntries(
            Map.entry('½', "1/2"),
            Map.entry('¼', "1/4"),
            Map.entry('¾', "3/4"),
            Map.entry('⅛', "1/8"),
            Map.entry('⅜', "3/8"),
            Map.entry('⅝', "5/8"),
            Map.entry('⅞', "7/8"),
            Map.entry('⅓', "1/3"),
            Map.entry('⅔', "2/3"));
    /** Of any width and kind, as telephones and tables put them between a figure and its unit. */
    private static final Pattern SPACES = Pattern.compile("\\p{Z}");

    private static final String HOW = "Write a number and a unit, for example “13.5 cm”, “135 mm” or “5 1/2 in”.";
    /** Longest text looked at: nobody writes a longer length, and the pattern must not be fed a novel. */
    static final int LONGEST_TEXT = 40;

    private LengthText() {}

    /**
     * Parses what a person wrote.
     *
     * @param field name of the field, for the refusal
     * @param bare unit of a number without one
     * @throws RefusedValueException if the text is no length, is negative, or divides by zero
     */
    public static Length parse(String field, String text, LengthUnit bare) {
        if (text.length() > LONGEST_TEXT) {
            throw new RefusedValueException(field, "That is too long for a length. " + HOW);
        }
        String plain =
                withPlainFractions(SPACES.matcher(text).replaceAll(" ").trim().toLowerCase(Locale.ROOT));
        if (plain.isEmpty()) {
            throw new RefusedValueException(field, "A length is missing here. " + HOW);
        }
        if (plain.startsWith("-") || plain.startsWith("−")) {
            throw new RefusedValueException(field, "“" + text.trim() + "” is below zero; a tape starts at 0.");
        }
        Matcher term = TERM.matcher(plain);
        double mm = 0;
        int end = 0;
        int terms = 0;
        while (end < plain.length() && term.find()) {
            String unit = term.group(7);
            // "5 6" would add two bare numbers: more likely a slip than a sum.
            if (unit == null && (terms > 0 || term.end() < plain.length())) {
                break;
            }
            mm += mm(field, text, term, unit == null ? bare : unit(unit));
            end = term.end();
            terms++;
        }
        if (end < plain.length() || terms == 0) {
            throw new RefusedValueException(field, "“" + text.trim() + "” is not a length I can read. " + HOW);
        }
        return new Length(mm);
    }

    /** Writes a length for the table: whole millimetres, centimetres to 1 mm, inches to the nearest sixteenth. */
    public static String format(Length length, LengthUnit unit) {
        return switch (unit) {
            case INCH, FOOT, YARD -> sixteenths(length.in(LengthUnit.INCH)) + " in";
            case CM -> decimal(length.in(LengthUnit.CM), 1) + " cm";
            case M -> decimal(length.in(LengthUnit.M), 3) + " m";
            case MM -> decimal(length.mm(), 0) + " mm";
        };
    }

    /** As {@link #format}, never shorter than it is: what must be there, or is cut, at the next mark of the tape. */
    public static String outward(Length length, LengthUnit unit) {
        double step = stepMm(unit);
        return format(Length.ofMm(Math.ceil(length.mm() / step - FINEST) * step), unit);
    }

    /** As {@link #format}, never longer than it is: what is at hand, at the mark of the tape before it. */
    public static String inward(Length length, LengthUnit unit) {
        double step = stepMm(unit);
        return format(Length.ofMm(Math.floor(length.mm() / step + FINEST) * step), unit);
    }

    /** What {@link #format} tells apart in a unit, mm. */
    private static double stepMm(LengthUnit unit) {
        return switch (unit) {
            case INCH, FOOT, YARD -> LengthUnit.INCH.mm() / 16;
            case MM, CM, M -> 1;
        };
    }

    /**
     * Writes a length for a field, so that it reads back as it is, bit for bit: what a person typed comes back as typed, or as near as
     * words allow; a field that nobody touches changes nothing. In the unit where that is exact, else in the other system, else as many
     * decimals as it takes.
     *
     * @param unit that the household reads; a value typed in the other system is shown in that one
     */
    public static String field(Length length, LengthUnit unit) {
        double mm = Math.abs(length.mm());
        List<String> ways = List.of(
                format(Length.ofMm(mm), unit),
                format(Length.ofMm(mm), unit.isMetric() ? LengthUnit.INCH : LengthUnit.CM),
                part(mm / LengthUnit.INCH.mm(), 64) + " in",
                plain(BigDecimal.valueOf(mm).movePointLeft(1).setScale(4, RoundingMode.HALF_UP)) + " cm",
                plain(BigDecimal.valueOf(mm)) + " mm");
        String text = ways.stream()
                .filter(w -> w.length() <= LONGEST_TEXT
                        && parse("field", w, LengthUnit.MM).mm() == mm)
                .findFirst()
                .orElse(ways.get(0));
        return length.mm() < 0 ? "-" + text : text;
    }

    private static String plain(BigDecimal amount) {
        return amount.stripTrailingZeros().toPlainString();
    }

    /** A typed text whose number has no unit takes the one it was typed in, so that it means the same wherever it is read again. */
    public static String withUnit(String text, LengthUnit bare) {
        String plain = text.strip();
        if (plain.isEmpty()
                || LengthText.parse("typed", plain, LengthUnit.MM).mm()
                        == LengthText.parse("typed", plain, LengthUnit.CM).mm()) {
            return plain;
        }
        String unit = switch (bare) {
            case MM -> "mm";
            case CM -> "cm";
            case M -> "m";
            case INCH -> "in";
            case FOOT -> "ft";
            case YARD -> "yd";
        };
        return plain + " " + unit;
    }

    private static String decimal(double value, int places) {
        String text = Wording.fill("%." + places + "f", value);
        return text.equals("-0") || text.equals("-0.0") ? text.substring(1) : text;
    }

    private static String sixteenths(double inches) {
        return part(inches, 16);
    }

    /** To the nearest part of an inch. */
    private static String part(double inches, int parts) {
        long total = Math.round(Math.abs(inches) * parts);
        long whole = total / parts;
        long part = total % parts;
        int denominator = parts;
        while (part > 0 && part % 2 == 0) {
            part /= 2;
            denominator /= 2;
        }
        String sign = inches < 0 && total > 0 ? "-" : "";
        if (part == 0) {
            return sign + whole;
        }
        return sign + (whole == 0 ? "" : whole + " ") + part + "/" + denominator;
    }

    /**
     * A sentence with its lengths in another unit. Only what {@link Wording} marked as a length is one: a factor, a name and somebody's
     * own words stay as they are, and so does what is finer than any tape.
     *
     * @param text for example {@code Wording.fill("%.0f mm × %.0f mm are left", 26, 40)} or {@code Wording.of("from 3 to 40 mm")}
     */
    public static String inSentence(String text, LengthUnit unit) {
        return MARKED.matcher(text).replaceAll(m -> {
            String from = m.group(1) == null ? "" : m.group(1) + m.group(2);
            if (unit.isMetric() && !m.group(4).equals("mm")) {
                return from + m.group(3) + " " + m.group(4);
            }
            double scale = unit(m.group(4)).mm();
            String least =
                    m.group(1) == null ? "" : inUnit(scale * Double.parseDouble(m.group(1)), unit, "0") + m.group(2);
            return least + inUnit(scale * Double.parseDouble(m.group(3)), unit, "0 mm");
        });
    }

    /** A sentence as it is, its lengths in mm, without the marks. */
    public static String unmarked(String text) {
        return text.replace(Wording.LENGTH_MARK, ' ');
    }

    private static String inUnit(double mm, LengthUnit unit, String nought) {
        if (mm == 0) {
            return nought;
        }
        return mm < LEAST_CONVERTED_MM ? plain(BigDecimal.valueOf(mm)) + " mm" : format(Length.ofMm(mm), unit);
    }

    private static String withPlainFractions(String text) {
        StringBuilder plain = new StringBuilder();
        for (char c : text.toCharArray()) {
            String fraction = FRACTIONS.get(c);
            if (fraction == null) {
                plain.append(c);
            } else {
                plain.append(' ').append(fraction);
            }
        }
        return plain.toString().trim();
    }

    /** The amount in mm, reckoned in decimals so that 5/8 in is 15.875 mm and nothing near it. */
    private static double mm(String field, String text, Matcher term, LengthUnit unit) {
        BigDecimal unitMm = BigDecimal.valueOf(unit.mm());
        if (term.group(6) != null) {
            return new BigDecimal(term.group(6).replace(',', '.'))
                    .multiply(unitMm)
                    .doubleValue();
        }
        boolean isMixed = term.group(1) != null;
        BigDecimal whole = isMixed ? new BigDecimal(term.group(1)) : BigDecimal.ZERO;
        BigDecimal above = new BigDecimal(term.group(isMixed ? 2 : 4));
        BigDecimal below = new BigDecimal(term.group(isMixed ? 3 : 5));
        if (below.signum() == 0) {
            throw new RefusedValueException(field, "“" + text.trim() + "” divides by nothing. " + HOW);
        }
        return whole.multiply(below)
                .add(above)
                .multiply(unitMm)
                .divide(below, MathContext.DECIMAL64)
                .doubleValue();
    }

    private static LengthUnit unit(String word) {
        return switch (word) {
            case "mm" -> LengthUnit.MM;
            case "cm" -> LengthUnit.CM;
            case "m" -> LengthUnit.M;
            case "feet", "foot", "ft", "'", "′" -> LengthUnit.FOOT;
            case "yards", "yard", "yd" -> LengthUnit.YARD;
            default -> LengthUnit.INCH;
        };
    }
}
