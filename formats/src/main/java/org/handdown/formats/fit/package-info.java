/** The fitting problem and its lay as JSON (docs/formats/fit-format.md), and the command that turns one into the other. */
@NullMarked
package org.handdown.formats.fit;

import org.jspecify.annotations.NullMarked;
