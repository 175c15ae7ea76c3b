package org.handdown.project;

import java.util.function.Function;
import org.handdown.alter.LetOut;
import org.handdown.pattern.InsertDraft;
import org.jspecify.annotations.Nullable;

/**
 * The source itself is let out; nothing is cut out of it.
 *
 * @param inserts let into it where nothing more is hidden; null without any
 */
public record LettingOut(LetOut.Wish wish, InsertDraft.@Nullable Wish inserts) implements Project.Pieces {
    @Override
    public <T> T fold(
            Function<PatternPieces, T> pattern, Function<LettingOut, T> lettingOut, Function<TakingIn, T> takingIn) {
        return lettingOut.apply(this);
    }

    public LettingOut(LetOut.Wish wish) {
        this(wish, null);
    }
}
