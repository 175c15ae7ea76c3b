/** A whole project as open JSON (docs/formats/project.md): written and read without loss. */
@NullMarked
package org.handdown.formats.project;

import org.jspecify.annotations.NullMarked;
