/** Sheets and files to take to the table. */
@NullMarked
package org.handdown.server.sheet;

import org.jspecify.annotations.NullMarked;
