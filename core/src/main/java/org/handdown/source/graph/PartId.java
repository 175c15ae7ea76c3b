package org.handdown.source.graph;

import java.util.Arrays;
import java.util.Optional;

/**
 * The name of a part or join within its garment, read for what it says: words joined by hyphens, the side of the wearer's body among them.
 *
 * @param text as it is written
 */
public record PartId(String text) {
    /** The wearer's. */
    public enum BodySide {
        LEFT,
        RIGHT;

        public String words() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }

        BodySide other() {
            return this == LEFT ? RIGHT : LEFT;
        }
    }

    /** Is it one of the words that it is made of? */
    public boolean says(String word) {
        return Arrays.asList(text.split("-")).contains(word);
    }

    /** Does it begin with this word? */
    public boolean isOf(String word) {
        return text.equals(word) || text.startsWith(word + "-");
    }

    /** None for what lies across the middle, or is there once. */
    public Optional<BodySide> side() {
        return Arrays.stream(BodySide.values()).filter(s -> says(s.words())).findFirst();
    }

    /** The like on the other side of the body. */
    public Optional<PartId> partner() {
        return side().map(s -> new PartId(String.join(
                "-",
                Arrays.stream(text.split("-"))
                        .map(w -> w.equals(s.words()) ? s.other().words() : w)
                        .toList())));
    }
}
