/** The station of the flat cloth: surveyed, joined, cut out. */
@NullMarked
package org.handdown.server.panels;

import org.jspecify.annotations.NullMarked;
