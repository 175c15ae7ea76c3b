/** What a project takes beside the cloth on its table, against what the household has. */
@NullMarked
package org.handdown.server.shopping;

import org.jspecify.annotations.NullMarked;
