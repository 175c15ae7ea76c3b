/** What a household said about the outlines of its drawings. */
@NullMarked
package org.handdown.server.drawing;

import org.jspecify.annotations.NullMarked;
