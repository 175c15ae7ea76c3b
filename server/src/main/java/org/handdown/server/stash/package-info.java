/** Sources that wait in the stash. */
@NullMarked
package org.handdown.server.stash;

import org.jspecify.annotations.NullMarked;
