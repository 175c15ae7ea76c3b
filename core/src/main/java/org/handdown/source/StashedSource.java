package org.handdown.source;

/**
 * A source that waits in the stash.
 *
 * @param idea what it may become
 */
public record StashedSource(Source source, String idea) {}
