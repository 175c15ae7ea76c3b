/** What all features share at the edge: problem details, security, the single page. */
@NullMarked
package org.handdown.server.web;

import org.jspecify.annotations.NullMarked;
