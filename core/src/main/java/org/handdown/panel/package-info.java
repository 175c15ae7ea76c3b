/**
 * Flat cloth after taking apart: outline with typed edges, lengthwise grain, pile, flaw zones. Panel frame: seen from the
 * right side, mm, y up along the crease unless the panel says otherwise.
 */
@NullMarked
package org.handdown.panel;

import org.jspecify.annotations.NullMarked;
