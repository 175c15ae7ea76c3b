/** The station of the work itself. */
@NullMarked
package org.handdown.server.make;

import org.jspecify.annotations.NullMarked;
