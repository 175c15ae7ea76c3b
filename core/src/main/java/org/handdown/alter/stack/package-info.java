/**
 * Alterations stacked on a garment that stays sewn. Each is a value that turns one assembly into another and says what it did: what is
 * opened, cut, sewn, what comes off, what must be cut from cloth. In: an assembly and what was told; out: assemblies, in the frames of their
 * components, mm. Knows assemblies, geometry, cloth and measure only.
 */
@NullMarked
package org.handdown.alter.stack;

import org.jspecify.annotations.NullMarked;
