/** Taking in, rings, necklines and sums that stand beside the pieces. */
@NullMarked
package org.handdown.server.workings;

import org.jspecify.annotations.NullMarked;
