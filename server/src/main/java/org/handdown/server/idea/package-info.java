/** What the stash could become: sources put to drafts and wearers, tried quickly, then really laid. */
@NullMarked
package org.handdown.server.idea;

import org.jspecify.annotations.NullMarked;
