/**
 * A garment as one graph: components with their edges, what is sewn along them, and the topology that follows. In: flat shapes and joins,
 * whether of a source or a design. Out: what hangs together, the rings and their girths, how a join is reached. Frames: each component has
 * its own, mm, seen from the right side, edges counter-clockwise; lengths are along the stitch line. Knows no source and no pattern.
 */
@NullMarked
package org.handdown.assembly;

import org.jspecify.annotations.NullMarked;
