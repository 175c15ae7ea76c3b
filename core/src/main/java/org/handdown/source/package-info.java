/**
 * Garments and household cloth before they are taken apart: parts held together by joins, with their measures.
 */
@NullMarked
package org.handdown.source;

import org.jspecify.annotations.NullMarked;
