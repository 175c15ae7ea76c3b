/**
 * What a source is made of: fibre, nap, thickness, stretch, care. Read by later rules, never guessed from the fibre alone.
 */
@NullMarked
package org.handdown.cloth;

import org.jspecify.annotations.NullMarked;
