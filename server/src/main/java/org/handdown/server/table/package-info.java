/** What a household's sewing table has, and words that are said at it. */
@NullMarked
package org.handdown.server.table;

import org.jspecify.annotations.NullMarked;
