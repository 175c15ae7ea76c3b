/**
 * What a source could become before anybody has begun: a source, a draft and a wearer put together as a project would be. In: sources,
 * drafts, wearers. Out: whether there is cloth enough by quick tests, and lays that were really made, with what they take and leave.
 * Lengths in mm, areas in m² where not said otherwise, times in minutes of work. Frame: that of the panels. Sources: no sums of its own;
 * what is a guess is said so beside it.
 */
@NullMarked
package org.handdown.idea;

import org.jspecify.annotations.NullMarked;
