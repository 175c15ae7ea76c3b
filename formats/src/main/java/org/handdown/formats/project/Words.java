package org.handdown.formats.project;

import java.util.Locale;

/** Constants as words in files. */
final class Words {
    private Words() {}

    static String of(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT);
    }
}
