/**
 * How a garment is put together: parts (nodes, each with an outline between its stitch lines) held by joins along their edges, with the cloth folded away
 * in them and their closures. Values only. Outlines are mm in the part's own frame, seen from its right side, y up; left and right in names
 * are the wearer's. {@code Tube} walks round it.
 */
@NullMarked
package org.handdown.source.graph;

import org.jspecify.annotations.NullMarked;
