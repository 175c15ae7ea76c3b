/**
 * Judges a layout by the rules of docs/formats/fit-format.md. In: a problem and a layout. Out: findings, none where the lay is sound. Works
 * on the exact outlines by overlay and distance (mm, panel frame) and shares nothing with {@code fit.room} and {@code fit.search}: a mistake
 * of the search cannot hide here.
 */
@NullMarked
package org.handdown.fit.check;

import org.jspecify.annotations.NullMarked;
