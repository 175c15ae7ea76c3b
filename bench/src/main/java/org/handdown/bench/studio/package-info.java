/**
 * A second camera over a table, made to judge the photo survey by: it follows rays to surfaces, and shares neither code nor habits with the
 * simulated camera that ships. In: what lies on the table, mm, y up. Out: a JPEG, and the truth.
 */
@NullMarked
package org.handdown.bench.studio;

import org.jspecify.annotations.NullMarked;
