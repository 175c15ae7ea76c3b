/** How fast the computing core is, always beside a named reference measured in the same run. */
@NullMarked
package org.handdown.bench;

import org.jspecify.annotations.NullMarked;
