package org.handdown.formats.outline;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.handdown.geometry.Point;
import org.handdown.geometry.Segment;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/** The outlines of one drawing as they are found, and a tally of all that is left out: nothing goes without a word. */
final class OutlineGathering {
    private static final int MOST_OUTLINES = 60;
    private static final int MOST_POINTS = 60_000;
    /** So many reasons are told one by one. */
    private static final int MOST_REASONS = 4;

    private static final int LONGEST_NAME = 60;

    private final List<FoundOutline> found = new ArrayList<>();
    /** Where each of them stood in the drawing. */
    private final List<Point> corners = new ArrayList<>();

    private final Set<String> told = new LinkedHashSet<>();
    /** Kind of thing, as one and as many, and how often. */
    private final Map<List<String>, Integer> leftOut = new LinkedHashMap<>();

    private final List<String> reasons = new ArrayList<>();
    private double largestSmallMm2;
    private String largestSmall = "";
    private int small;
    private int open;
    private double widestGapMm;
    private int points;

    void tell(String sentence) {
        told.add(sentence);
    }

    /** Something that is no outline: a text, a picture. */
    void leaveOut(String one, String many) {
        leftOut.merge(List.of(one, many), 1, Integer::sum);
    }

    /** Something that should have been one, and why it is not. */
    void leaveOut(String name, RefusedValueException why) {
        reasons.add((name.isBlank() ? "An outline was left out. " : Wording.fill("“%s” was left out. ", name))
                + why.getMessage());
    }

    void leaveOutOpen(double gapMm) {
        open++;
        widestGapMm = Math.max(widestGapMm, gapMm);
    }

    /** @throws RefusedValueException where the drawing has more points than anybody draws */
    void count(int more) {
        points += more;
        if (points > MOST_POINTS) {
            throw new RefusedValueException(
                    "file", "The drawing has more than 60 000 points; simplify the line or save the outline alone.");
        }
    }

    /** One run of a drawing in mm, closed or not. */
    void take(List<Segment> run, String name, String group) {
        OutlineBuilder builder = new OutlineBuilder();
        run.forEach(builder::add);
        if (builder.isEmpty()) {
            return;
        }
        if (!builder.isClosed()) {
            leaveOutOpen(builder.gapMm());
            return;
        }
        if (builder.isTooSmall()) {
            small++;
            if (builder.boxMm2() > largestSmallMm2) {
                largestSmallMm2 = builder.boxMm2();
                largestSmall = builder.size();
            }
            return;
        }
        try {
            found.add(builder.build(shortened(name), shortened(group)));
            corners.add(builder.corner());
        } catch (RefusedValueException e) {
            leaveOut(name.isBlank() ? shortened(group) : shortened(name), e);
        }
    }

    private static String shortened(String name) {
        String plain = name.replaceAll("\\p{Cntrl}+", " ").strip();
        return plain.length() <= LONGEST_NAME
                ? plain
                : plain.substring(0, LONGEST_NAME).strip();
    }

    /** Outlines so far, for whoever finds names for them. */
    List<FoundOutline> found() {
        return found;
    }

    /** Lower left corner, in the drawing, of the outline that was found as the nth. */
    Point corner(int nth) {
        return corners.get(nth);
    }

    /** @throws RefusedValueException where nothing is left, with all the reasons */
    Drawing drawing() {
        List<String> all = new ArrayList<>(told);
        all.addAll(reasons.subList(0, Math.min(reasons.size(), MOST_REASONS)));
        if (reasons.size() > MOST_REASONS) {
            all.add(Wording.fill("%d more were left out for such reasons.", reasons.size() - MOST_REASONS));
        }
        if (small > 0) {
            all.add(
                    small == 1
                            ? Wording.fill("A closed line of %s is smaller than 1 cm² and was left out.", largestSmall)
                            : Wording.fill(
                                    "%d closed lines are smaller than 1 cm² and were left out; the largest is %s.",
                                    small, largestSmall));
        }
        if (open > 0) {
            all.add(
                    open == 1
                            ? Wording.fill(
                                    "A line does not close and was left out: %.1f mm are missing between its ends.",
                                    widestGapMm)
                            : Wording.fill(
                                    "%d lines do not close and were left out: up to %.1f mm are missing between their ends.",
                                    open, widestGapMm));
        }
        if (!leftOut.isEmpty()) {
            all.add("Left out: " + String.join(", ", counted()) + ".");
        }
        if (found.isEmpty()) {
            throw new RefusedValueException("file", nothing(all));
        }
        found.sort((a, b) -> Double.compare(areaMm2(b), areaMm2(a)));
        if (found.size() > MOST_OUTLINES) {
            all.add(Wording.fill(
                    "The drawing has %d outlines; the %d largest are here, save the others by themselves.",
                    found.size(), MOST_OUTLINES));
        }
        return new Drawing(named(found.subList(0, Math.min(found.size(), MOST_OUTLINES))), all);
    }

    private List<String> counted() {
        List<String> words = new ArrayList<>();
        leftOut.forEach((kind, often) -> words.add(often == 1 ? kind.get(0) : often + " " + kind.get(1)));
        return words;
    }

    private String nothing(List<String> all) {
        String first = small > 0 && reasons.isEmpty()
                ? "There is no closed outline of 1 cm² or more in this drawing. If it is larger in truth, say below what one unit of the drawing is."
                : reasons.isEmpty()
                        ? "There is no closed outline in this drawing; close the line that is the edge."
                        : "";
        List<String> sentences = new ArrayList<>();
        if (!first.isEmpty()) {
            sentences.add(first);
        }
        sentences.addAll(all);
        return String.join(" ", sentences);
    }

    private static double areaMm2(FoundOutline one) {
        return one.outline().ring().areaMm2();
    }

    /** None without a name, and no two of one, for by its name a piece replaces another. */
    private static List<FoundOutline> named(List<FoundOutline> found) {
        List<FoundOutline> all = new ArrayList<>();
        for (FoundOutline one : found) {
            String numbered = "outline " + (all.size() + 1);
            all.add(one.name().isBlank() ? one.called(one.group().isBlank() ? numbered : one.group()) : one);
        }
        Map<String, Integer> often = new HashMap<>();
        Set<String> taken = new HashSet<>();
        all.forEach(f -> taken.add(key(f.name())));
        List<FoundOutline> named = new ArrayList<>();
        for (FoundOutline one : all) {
            int nth = often.merge(key(one.name()), 1, Integer::sum);
            String name = one.name();
            while (nth > 1 && !taken.add(key(name = one.name() + " " + nth))) {
                nth = often.merge(key(one.name()), 1, Integer::sum);
            }
            named.add(new FoundOutline(name, one.group().isBlank() ? name : one.group(), one.outline(), one.told()));
        }
        return named;
    }

    private static String key(String name) {
        return name.toLowerCase(Locale.ROOT);
    }
}
