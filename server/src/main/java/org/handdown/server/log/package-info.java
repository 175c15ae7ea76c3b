/** What was noted of a project. */
@NullMarked
package org.handdown.server.log;

import org.jspecify.annotations.NullMarked;
