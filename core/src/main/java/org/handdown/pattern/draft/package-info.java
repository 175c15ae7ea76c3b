/**
 * Drafts: one small class for each garment or part that can be drafted from measures, listed in {@link
 * org.handdown.pattern.draft.Drafts}. In: a wearer with the measures that a draft asks for, and a value for each of its free
 * dimensions. Out: pieces that are whole, seams that agree or differ by a stated ease, gather or stretch, sizes that come out as body
 * plus ease, and notes. Lengths mm, angles rad counter-clockwise; piece frame: lengthwise grain along +y. Finished sizes exclude
 * allowances. Formulas stand at each draft with their source.
 */
@NullMarked
package org.handdown.pattern.draft;

import org.jspecify.annotations.NullMarked;
