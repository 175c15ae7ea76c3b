/** The station of what will be taken apart. */
@NullMarked
package org.handdown.server.source;

import org.jspecify.annotations.NullMarked;
