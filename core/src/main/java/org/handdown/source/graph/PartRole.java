package org.handdown.source.graph;

/** What a part is for: a panel gives flat cloth, anything else may live on as it is. */
public enum PartRole {
    PANEL,
    WAISTBAND,
    COLLAR,
    CUFF,
    RIB,
    POCKET,
    YOKE,
    ZIP,
    FACING,
    TAPE,
    TIE
}
