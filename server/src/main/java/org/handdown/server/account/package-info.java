/** Households, their users, signing in and out. */
@NullMarked
package org.handdown.server.account;

import org.jspecify.annotations.NullMarked;
