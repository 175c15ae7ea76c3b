package org.handdown.project;

import org.handdown.body.Wearer;
import org.handdown.measure.LengthUnit;
import org.handdown.pattern.DungareesEase;

/**
 * What to make, for whom, and how roomy.
 *
 * @param unit in which this household reads its lengths
 */
public record Aim(Wearer wearer, DungareesEase ease, LengthUnit unit) {}
