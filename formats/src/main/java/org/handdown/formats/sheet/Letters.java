package org.handdown.formats.sheet;

import com.ibm.icu.text.Transliterator;
import java.io.IOException;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.font.PDFont;

/**
 * The typefaces of a document, and which of them writes what. People name things in any script: Latin, Greek and Cyrillic letters are
 * written as they are, all others as one says them in Latin letters, for no typeface that could ship with this has them all.
 */
record Letters(PDFont regular, PDFont bold, PDFont other) {
    /** Signs of sums that no typeface here has a drawing for. */
    private static final Map<String, String> WORDS = Map.of(
            "π",
            "pi",
            "≤",
            "at most",
            "≥",
            "at least",
            "≈",
            "about",
            "✓",
            "yes",
            "°",
            "deg",
            "√",
            "root of",
            "→",
            "to");

    /** Any script into Latin letters, by the tables of the Unicode project. Made at its first use, for it takes half a second. */
    private static final class Said {
        private static final Transliterator LATIN = Transliterator.getInstance("Any-Latin; NFC");

        static String of(String text) {
            return LATIN.transliterate(text);
        }
    }

    /** A stretch of text in one typeface. */
    record Run(PDFont font, String text) {}

    List<Run> runs(String text, boolean isBold) {
        PDFont own = isBold ? bold : regular;
        if (has(own, text)) {
            return List.of(new Run(own, text));
        }
        List<Run> runs = new ArrayList<>();
        List<Integer> strange = new ArrayList<>();
        int[] signs = text.codePoints().toArray();
        for (int i = 0; i <= signs.length; i++) {
            String sign = i < signs.length ? Character.toString(signs[i]) : "";
            boolean isKnown = i == signs.length || has(own, sign) || WORDS.containsKey(sign) || isOther(sign);
            if (!isKnown) {
                strange.add(signs[i]);
                continue;
            }
            if (!strange.isEmpty()) {
                said(runs, own, strange);
                strange.clear();
            }
            if (has(own, sign)) {
                add(runs, own, sign);
            } else if (isOther(sign)) {
                add(runs, other, sign);
            } else {
                add(runs, own, WORDS.getOrDefault(sign, ""));
            }
        }
        return runs;
    }

    /** Letters only: a sign that has a word is said in words, as it always was. */
    private boolean isOther(String sign) {
        return Character.isLetter(sign.codePointAt(0))
                && !isRightToLeft(sign)
                && !WORDS.containsKey(sign)
                && has(other, sign);
    }

    private static boolean isRightToLeft(String sign) {
        byte way = Character.getDirectionality(sign.codePointAt(0));
        return way == Character.DIRECTIONALITY_RIGHT_TO_LEFT || way == Character.DIRECTIONALITY_RIGHT_TO_LEFT_ARABIC;
    }

    private void said(List<Run> runs, PDFont own, List<Integer> strange) {
        StringBuilder text = new StringBuilder();
        strange.forEach(text::appendCodePoint);
        Said.of(text.toString()).codePoints().forEach(c -> {
            String sign = Character.toString(c);
            String plain = has(own, sign)
                    ? sign
                    : Normalizer.normalize(sign, Normalizer.Form.NFD).replaceAll("\\p{M}", "");
            add(runs, own, has(own, plain) ? plain : "?");
        });
    }

    private static void add(List<Run> runs, PDFont font, String text) {
        if (text.isEmpty()) {
            return;
        }
        int last = runs.size() - 1;
        if (last >= 0 && runs.get(last).font.equals(font)) {
            runs.set(last, new Run(font, runs.get(last).text + text));
        } else {
            runs.add(new Run(font, text));
        }
    }

    private static boolean has(PDFont font, String text) {
        try {
            font.encode(text);
            return true;
        } catch (IOException | IllegalArgumentException e) {
            return false;
        }
    }
}
