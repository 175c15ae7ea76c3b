package org.handdown.source;

/** What a source was before. */
public enum SourceKind {
    TROUSERS,
    CURTAIN,
    BLANKET,
    SHIRT,
    SKIRT,
    JUMPER
}
