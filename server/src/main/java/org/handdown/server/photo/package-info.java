/** Photos of panels: stored, brought square, traced; and the simulated camera that takes them where there is none. */
@NullMarked
package org.handdown.server.photo;

import org.jspecify.annotations.NullMarked;
