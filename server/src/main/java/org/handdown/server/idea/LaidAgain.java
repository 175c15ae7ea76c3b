package org.handdown.server.idea;

import java.util.List;
import java.util.UUID;
import org.handdown.fit.FitLayout;
import org.handdown.formats.fit.FitLayoutJson;
import org.handdown.idea.Idea;
import org.handdown.idea.LaidIdea;
import org.handdown.pattern.draft.Drafts;
import org.handdown.project.Kept;
import org.handdown.server.idea.IdeaAsks.Look;
import org.handdown.server.idea.IdeaMapper.IdeaRow;
import org.handdown.server.idea.IdeaMapper.State;
import org.handdown.server.stash.StashStock;
import org.handdown.server.web.Ceiling;
import org.handdown.server.web.NotThereException;
import org.handdown.shopping.AtHand;
import org.springframework.stereotype.Component;

/** What was laid in the background, put together again as a project that could be begun. */
@Component
class LaidAgain {
    private final IdeaMapper mapper;
    private final IdeaAsks asks;
    private final StashStock stock;
    private final Ceiling ceiling;
    private final Kept kept;

    LaidAgain(IdeaMapper mapper, IdeaAsks asks, StashStock stock, Ceiling ceiling, Kept kept) {
        this.mapper = mapper;
        this.asks = asks;
        this.stock = stock;
        this.ceiling = ceiling;
        this.kept = kept;
    }

    /** A try as it was found, put together again. */
    record Again(IdeaRow row, LaidIdea laid) {}

    /** @throws NotThereException where it is gone, or a figure of it is another since */
    Again of(UUID household, UUID id) {
        IdeaRow row = mapper.find(household, id).orElseThrow(LaidAgain::gone);
        Question question =
                mapper.search(household).map(s -> Question.read(s.ask())).orElseThrow(LaidAgain::gone);
        String layout = row.layout();
        if (row.state() != State.LAID
                || layout == null
                || Drafts.find(row.draft()).isEmpty()) {
            throw gone();
        }
        Look look = asks.look(household);
        UUID basis =
                look.basis(row.thing(), row.other(), Drafts.require(row.draft()), look.dressed(question, row.wearer()));
        if (!basis.equals(row.basis())) {
            throw new NotThereException(
                    "A measure or the cloth was changed since this was laid. Try it again: only what changed is laid anew.");
        }
        Idea.Ask ask = look.ask(question, row.thing(), row.other(), row.draft(), row.wearer());
        FitLayout lies = FitLayoutJson.read(layout);
        List<AtHand.Stocked> free = stock.free(household);
        return new Again(
                row,
                kept.of(
                        Kept.Result.IDEA,
                        List.of(row.id(), row.basis(), layout, ask.unit(), free),
                        () -> ceiling.under(() -> Idea.of(ask, row.opening()).laid(lies, free))));
    }

    private static NotThereException gone() {
        return new NotThereException("That is not to be had any more: try it again.");
    }
}
