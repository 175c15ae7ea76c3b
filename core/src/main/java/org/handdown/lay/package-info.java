/**
 * Pieces placed on panels: the fitting problem and its layout, the rule checker, the fitter, reasons and remnants. Frames and
 * rules are those of docs/formats/fit-format.md. The checker shares no code with the fitter but plane geometry.
 */
@NullMarked
package org.handdown.lay;

import org.jspecify.annotations.NullMarked;
