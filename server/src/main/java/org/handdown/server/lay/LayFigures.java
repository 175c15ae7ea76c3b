package org.handdown.server.lay;

/**
 * What tells one lay from another.
 *
 * @param name empty for the lay at work
 * @param at when it was kept; empty for the lay at work
 * @param left area that is left
 * @param largest rectangle along the grain that is left in one piece
 * @param wholePanels panels that nothing lies on
 * @param keptEdges copies that lie on an old finished edge
 * @param seamsAdded by piecing
 */
public record LayFigures(
        String name,
        String at,
        int placed,
        int wanted,
        String used,
        String left,
        String largest,
        int wholePanels,
        int keptEdges,
        double minutesSaved,
        int seamsAdded) {}
