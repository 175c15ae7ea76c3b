/**
 * A project as a line of stations: what a person settled at each, what follows from it, and what a change upstream made stale. Holds no
 * rule of the job itself; asks the other groups.
 */
@NullMarked
package org.handdown.project;

import org.jspecify.annotations.NullMarked;
