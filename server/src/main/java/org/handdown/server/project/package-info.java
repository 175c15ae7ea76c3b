/** Projects and their stations: reading, settling, undoing, importing and exporting. */
@NullMarked
package org.handdown.server.project;

import org.jspecify.annotations.NullMarked;
