/** Where a garment that stays sewn is changed. */
@NullMarked
package org.handdown.server.alter;

import org.jspecify.annotations.NullMarked;
