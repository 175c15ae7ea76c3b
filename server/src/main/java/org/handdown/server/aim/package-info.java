/** The station where is said what is made, and for whom it is measured. */
@NullMarked
package org.handdown.server.aim;

import org.jspecify.annotations.NullMarked;
