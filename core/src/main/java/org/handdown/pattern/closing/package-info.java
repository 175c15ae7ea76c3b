/**
 * Closures planned before anything is cut: buttons, loops, zips and ties. In: what is there (the length, the gap, the box of buttons) and
 * what is wanted. Out: where each goes, what the fronts gain or lose by it, what it takes of cord or tape, and sentences that say what
 * does not come out. Lengths mm. Formulas after the handbook of the trade §4 unless said otherwise.
 */
@NullMarked
package org.handdown.pattern.closing;

import org.jspecify.annotations.NullMarked;
