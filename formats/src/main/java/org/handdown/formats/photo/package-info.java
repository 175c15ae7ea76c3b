/**
 * Panels off a photo: the picture is read with care, brought square by a sheet of known size that lies beside the cloth, and the cloth's
 * edge is followed. Picture frame: pixels, x to the right, y down. Table frame: mm, x to the right, y up, as the picture is held.
 */
@NullMarked
package org.handdown.formats.photo;

import org.jspecify.annotations.NullMarked;
