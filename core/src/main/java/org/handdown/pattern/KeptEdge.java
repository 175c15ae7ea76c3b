package org.handdown.pattern;

import org.handdown.geometry.Outline;
import org.handdown.measure.Wording;

/**
 * An edge of a piece that lies on an old finish in the lay there is, and so needs no allowance there.
 *
 * @param edge its name in the stitch line
 * @param copies of the piece that lie so, at least one
 * @param of all copies that are laid
 */
public record KeptEdge(String edge, int copies, int of) {
    /** Do all copies lie so? Then none is cut otherwise. */
    public boolean isAll() {
        return copies == of;
    }

    /** The line that every copy of the piece is cut along: without the allowance only where all of them lie on the old finish. */
    public Outline.Flat cutLine(Piece piece) {
        return isAll() ? piece.cutLineKeeping(edge) : piece.cutLine();
    }

    /** What is spared, in a sentence. */
    public String words() {
        String called = Wording.spoken(edge);
        return isAll()
                ? called + " on the old finish: nothing to add"
                : called + ": " + copies + " of " + of + " on the old finish, cut there without the allowance";
    }
}
