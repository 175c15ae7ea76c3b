/**
 * Whom a household makes things for: dated measures, who took them, and what a project was drafted from. In: readings as they were typed, and
 * what projects are told at Aim. Out: people, and what differs since. Lengths in mm.
 */
@NullMarked
package org.handdown.server.wearer;

import org.jspecify.annotations.NullMarked;
