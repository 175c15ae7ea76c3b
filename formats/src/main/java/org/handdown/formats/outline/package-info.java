/** Outlines of panels from and to drawings: SVG and DXF. Lengths leave and enter as mm, y up. */
@NullMarked
package org.handdown.formats.outline;

import org.jspecify.annotations.NullMarked;
