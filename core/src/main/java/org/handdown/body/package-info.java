/**
 * The wearer: body measures as ISO 8559-1 defines them, each with its origin, and the ease wanted over them.
 */
@NullMarked
package org.handdown.body;

import org.jspecify.annotations.NullMarked;
