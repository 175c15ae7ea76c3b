/**
 * Flat cloth after taking apart: outline with typed edges, lengthwise grain, pile, flaw zones, and what it is good for. Panel frame: seen from the
 * right side, mm, y up along the grain unless the panel says otherwise. Knows no survey: where an outline comes from is {@code panel.survey}.
 */
@NullMarked
package org.handdown.panel;

import org.jspecify.annotations.NullMarked;
