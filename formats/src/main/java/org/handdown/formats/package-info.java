/**
 * Open formats in and out: fitting problems and lays, whole projects, sheets for the table. Knows the core, never the server. Formats
 * are described for others in docs/formats.
 */
@NullMarked
package org.handdown.formats;

import org.jspecify.annotations.NullMarked;
