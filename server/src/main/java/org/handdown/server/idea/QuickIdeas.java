package org.handdown.server.idea;

import java.util.List;
import org.handdown.idea.Idea;
import org.handdown.measure.RefusedValueException;
import org.handdown.pattern.draft.Draft;
import org.handdown.pattern.draft.Drafts;
import org.handdown.project.Kept;
import org.springframework.stereotype.Component;

/** What could become of what by quick tests alone; kept until the source, the draft, the wearer or a figure of practice is another. */
@Component
class QuickIdeas {
    private final Kept kept;

    QuickIdeas(Kept kept) {
        this.kept = kept;
    }

    /** Whole garments alone: bands, pockets and inserts are parts of one. */
    static List<Draft> garments() {
        return Drafts.all().stream()
                .filter(d -> switch (d.family()) {
                    case LEGS, TOPS, SKIRTS, SMALL -> true;
                    case PARTS, INSERTS, POCKETS -> false;
                })
                .toList();
    }

    /** @param end of {@link System#nanoTime()}: later tests say less */
    Idea.Quick of(Idea.Ask ask, long end) {
        return kept.of(Kept.Result.IDEA, List.of(ask.from(), ask.draft().id(), ask.wearer(), ask.practice()), () -> {
            try {
                return Idea.of(ask)
                        .quick(() -> System.nanoTime() > end
                                || Thread.currentThread().isInterrupted());
            } catch (RefusedValueException e) {
                return new Idea.Quick(Idea.Chance.NO, String.valueOf(e.getMessage()));
            }
        });
    }
}
