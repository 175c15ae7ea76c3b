/**
 * What will be taken apart: a garment or household cloth with its cloth, faults and condition. In: a kind with its measures and where this one
 * differs ({@code Construction}); out: its {@code Anatomy}. Lengths are mm as the tape said them, closed and lying flat; girths are whole.
 */
@NullMarked
package org.handdown.source;

import org.jspecify.annotations.NullMarked;
