package org.handdown.unpick;

/** The three things one can do to a join. */
public enum JoinDecision {
    UNPICK,
    CUT_AWAY,
    LEAVE
}
