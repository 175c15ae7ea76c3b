/**
 * The ready anatomies by kind: what each is asked ({@code SourceKind.measures}) and the parts, joins, folds and closures that follow, in the order of
 * sewing. In: mm and counts, checked by {@code GarmentMeasures}; out: a {@code graph.Anatomy}. A new kind is a class here and a line in {@code SourceKind}.
 * Proportions that nobody measures are common practice, no source.
 */
@NullMarked
package org.handdown.source.anatomy;

import org.jspecify.annotations.NullMarked;
