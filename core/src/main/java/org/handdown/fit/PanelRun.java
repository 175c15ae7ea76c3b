package org.handdown.fit;

/** A finished or raw edge of a panel: the run of its outline from vertex {@code from} forward to vertex {@code to}. */
public record PanelRun(String id, EdgeKind kind, int from, int to) {}
