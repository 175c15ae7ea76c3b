/**
 * What to do when cloth is short, and how far it goes: changes that would let a piece lie, each tried by the fitter before it is
 * offered; the largest size of a free dimension that still fits; the least length of cloth by the metre.
 */
@NullMarked
package org.handdown.shortage;

import org.jspecify.annotations.NullMarked;
