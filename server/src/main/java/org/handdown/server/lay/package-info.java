/** Fitting runs in the background, and laying by hand. */
@NullMarked
package org.handdown.server.lay;

import org.jspecify.annotations.NullMarked;
