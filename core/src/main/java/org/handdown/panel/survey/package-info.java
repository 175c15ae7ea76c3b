/**
 * How a panel is measured: from its part and what unpicking freed ({@code PartSurvey, LegSurvey}), or by tape, pins, four sides, a shape or a
 * drawing ({@code TapedSurvey} with its {@code OutlineMethod}); and what its cloth carries. In: mm by tape, with how far off they may be; out: a
 * {@code Panel} with its tolerance. Sources of adjustments stand at {@code PinAdjustment}.
 */
@NullMarked
package org.handdown.panel.survey;

import org.jspecify.annotations.NullMarked;
