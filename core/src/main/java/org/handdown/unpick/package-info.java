/**
 * What to do with each join of a source (unpick, cut away, leave), what it costs in minutes and wins in cloth.
 */
@NullMarked
package org.handdown.unpick;

import org.jspecify.annotations.NullMarked;
