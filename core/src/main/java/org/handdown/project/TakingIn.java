package org.handdown.project;

import java.util.function.Function;
import org.handdown.alter.TakeIn;

/** The source itself is taken in or shortened; nothing is cut out. */
public record TakingIn(TakeIn.Wish wish) implements Project.Pieces {
    @Override
    public <T> T fold(
            Function<PatternPieces, T> pattern, Function<LettingOut, T> lettingOut, Function<TakingIn, T> takingIn) {
        return takingIn.apply(this);
    }
}
