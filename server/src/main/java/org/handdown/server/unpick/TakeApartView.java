package org.handdown.server.unpick;

import java.util.List;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.Technique;

/**
 * @param flat ids of the parts that lie flat
 * @param held why others do not, in sentences
 * @param destroyed what the plan destroys, to be confirmed
 * @param ownRates rates of the household's own log that replaced the defaults, in words
 */
public record TakeApartView(
        List<JoinView> joins,
        double minutes,
        double wonCm2,
        double lostCm2,
        List<String> flat,
        int parts,
        List<String> held,
        List<String> destroyed,
        List<String> ownRates) {
    /**
     * @param stretches where only parts of it are opened; empty for the whole
     * @param idle the lay uses nothing of what unpicking it won
     * @param turnsUp an end that can be turned up
     * @param ends what lies where it begins, and where it ends
     */
    public record JoinView(
            String id,
            String name,
            String stitch,
            String stitchNumber,
            boolean seamless,
            int rows,
            String length,
            double lengthMm,
            String allowance,
            boolean finishedEdge,
            JoinDecision decision,
            List<StretchView> stretches,
            double minutes,
            double wonCm2,
            double lostCm2,
            String won,
            String formula,
            List<String> effects,
            List<String> traits,
            List<String> how,
            List<String> cautions,
            Technique.Risk risk,
            boolean idle,
            boolean turnsUp,
            List<String> ends,
            List<RunView> runs) {}

    public record RunView(String part, String edge) {}

    /** From and to along a join. */
    public record StretchView(String from, String to) {}
}
