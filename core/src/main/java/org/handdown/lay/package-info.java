/**
 * The lay in the words of the table: from panels and pieces to a fitting problem ({@code DesignLay}), whether there is cloth enough, how sure a lay is,
 * what strips and left-overs it makes of keepers. In: panels, a design and its uses; out: values of {@code fit} and sentences. Lengths are mm in the
 * panel's frame.
 */
@NullMarked
package org.handdown.lay;

import org.jspecify.annotations.NullMarked;
