package org.handdown.pattern;

/** What a finished edge or closure does for a garment. */
public enum Role {
    HEM("hem"),
    FRONT_EDGE("finished front edge"),
    CLOSURE("closure"),
    WAISTBAND("waistband"),
    CUFF("cuff or sleeve end"),
    NECKBAND("neckband"),
    POCKET("pocket"),
    TIE("tie or strap"),
    CORD("cord"),
    TRIM("trim");

    private final String words;

    Role(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
