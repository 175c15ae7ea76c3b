package org.handdown.server.stash;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.handdown.stash.StashThing;

/** What stands on the bag: a letter for what it is, and a number that no other thing of the household has. */
record StashCode(StashThing.Kind kind, int number) {
    private static final Pattern WRITTEN = Pattern.compile("([SLPRKN])[ -]?(\\d{1,6})");

    private static char letter(StashThing.Kind kind) {
        return kind.name().charAt(0);
    }

    String text() {
        return letter(kind) + String.valueOf(number);
    }

    /** As somebody typed it: r12, R 12 or R-12. */
    static Optional<StashCode> read(String text) {
        Matcher m = WRITTEN.matcher(text.strip().toUpperCase(Locale.ROOT));
        if (!m.matches()) {
            return Optional.empty();
        }
        for (StashThing.Kind kind : StashThing.Kind.values()) {
            if (letter(kind) == m.group(1).charAt(0)) {
                return Optional.of(new StashCode(kind, Integer.parseInt(m.group(2))));
            }
        }
        return Optional.empty();
    }
}
