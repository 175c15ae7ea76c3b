/** The station of the pieces: drafted, brought in, changed; and what lives on. */
@NullMarked
package org.handdown.server.pieces;

import org.jspecify.annotations.NullMarked;
