/**
 * What a project takes that it does not have: cloth for roles that nothing serves, elastic, buttons, zips, thread; each with its amount and
 * what of it is at hand. In: a project with its cloth, pieces and lay, and what is free in a stash. Out: amounts in mm or pieces.
 */
@NullMarked
package org.handdown.shopping;

import org.jspecify.annotations.NullMarked;
