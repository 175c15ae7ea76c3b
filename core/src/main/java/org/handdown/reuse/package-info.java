/**
 * Keepers of the source (hems first) matched to edges of the new pieces.
 */
@NullMarked
package org.handdown.reuse;

import org.jspecify.annotations.NullMarked;
