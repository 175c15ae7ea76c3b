package org.handdown.server.lay;

import java.util.UUID;

/**
 * The right to work on a run: it lasts until somebody else takes the run over, which counts a new attempt. Whoever comes back after that, from
 * whatever held it up, writes nothing any more.
 */
record Lease(UUID run, int attempt) {}
