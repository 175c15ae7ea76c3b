package org.handdown.server.project;

import java.util.Map;
import org.handdown.make.Toolbox;
import org.handdown.measure.Practice;
import org.handdown.source.graph.StitchType;

/**
 * What a household goes by.
 *
 * @param rates its own minutes a metre of unpicking
 * @param tools that it has
 * @param practice figures of common practice that it goes by now; a project keeps its own until somebody takes these over
 */
public record HouseholdWays(Map<StitchType, Double> rates, Toolbox tools, Practice practice) {
    public HouseholdWays {
        rates = Map.copyOf(rates);
    }

    /** One that set nothing for itself, with every tool. */
    public static HouseholdWays shipped(Practice practice) {
        return new HouseholdWays(Map.of(), Toolbox.FULL, practice);
    }
}
