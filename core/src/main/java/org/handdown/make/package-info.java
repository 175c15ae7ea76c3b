/**
 * The order of work: steps, gates before what cannot be undone, cautions and minutes.
 */
@NullMarked
package org.handdown.make;

import org.jspecify.annotations.NullMarked;
