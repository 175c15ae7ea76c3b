/** The station where is decided what is opened. */
@NullMarked
package org.handdown.server.unpick;

import org.jspecify.annotations.NullMarked;
