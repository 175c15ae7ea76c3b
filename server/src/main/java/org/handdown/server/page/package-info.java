/** What there is to see of a project, put together from its stations, and how it is sent. */
@NullMarked
package org.handdown.server.page;

import org.jspecify.annotations.NullMarked;
