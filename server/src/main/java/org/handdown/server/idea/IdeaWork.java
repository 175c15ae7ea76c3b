package org.handdown.server.idea;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import org.handdown.formats.fit.FitLayoutJson;
import org.handdown.idea.Idea;
import org.handdown.idea.LaidIdea;
import org.handdown.measure.RefusedValueException;
import org.handdown.server.idea.IdeaAsks.Look;
import org.handdown.server.idea.IdeaMapper.IdeaRow;
import org.handdown.server.idea.IdeaMapper.SearchRow;
import org.handdown.server.idea.IdeaMapper.SearchState;
import org.handdown.server.idea.IdeaMapper.State;
import org.handdown.server.lay.WaitingRuns;
import org.handdown.server.stash.StashStock;
import org.handdown.server.web.NotThereException;
import org.handdown.shopping.AtHand;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Works on a household's question try by try. Several may be at it, at whatever instances: each takes up what nobody is at, and a try whose
 * instance was killed is taken up again after a minute. What is found is stored at once.
 */
@Component
class IdeaWork {
    private static final Logger LOG = LoggerFactory.getLogger(IdeaWork.class);

    /** So many quick tests for one lay: a first card is there soon, and what is laid first is among the best. */
    private static final int QUICK_FOR_ONE_LAY = 20;

    private static final int MOST_ATTEMPTS = 3;
    private static final long LOOK_NANOS = 300_000_000;

    private static final String BROKE =
            "It could not be tried: that is a fault of the program. Try the garment in a project of its own.";

    private final IdeaMapper mapper;
    private final IdeaAsks asks;
    private final IdeaPairs pairs;
    private final StashStock stock;
    private final WaitingRuns runs;
    private final double seconds;

    /** @param seconds most time of one lay */
    IdeaWork(
            IdeaMapper mapper,
            IdeaAsks asks,
            IdeaPairs pairs,
            StashStock stock,
            WaitingRuns runs,
            @Value("${handdown.idea-seconds}") double seconds) {
        this.mapper = mapper;
        this.asks = asks;
        this.pairs = pairs;
        this.stock = stock;
        this.runs = runs;
        this.seconds = seconds;
    }

    /** What is left once somebody stopped working on it. */
    enum Left {
        /** more to try */
        MORE,
        /** others are at the last of it */
        OTHERS,
        NOTHING
    }

    /** Works until it is to stop, all is tried, or somebody waits for a lay of a project: that goes first. */
    Left work(UUID household, BooleanSupplier toStop) {
        Look look = null;
        int lookedAt = 0;
        List<AtHand.Stocked> free = List.of();
        int quick = 0;
        while (!toStop.getAsBoolean() && !runs.isAny()) {
            SearchRow search = mapper.search(household)
                    .filter(s -> s.state() == SearchState.WORKING)
                    .orElse(null);
            if (search == null) {
                return Left.NOTHING;
            }
            if (look == null || lookedAt != search.number()) {
                look = asks.look(household);
                lookedAt = search.number();
                free = stock.free(household);
            }
            IdeaRow row = next(search, quick >= QUICK_FOR_ONE_LAY).orElse(null);
            if (row == null) {
                if (mapper.isAnyOpen(household, search.number())) {
                    return Left.OTHERS;
                }
                if (pairs.add(search, look) == 0 && !mapper.isAnyOpen(household, search.number())) {
                    mapper.setState(household, search.number(), SearchState.DONE);
                    return Left.NOTHING;
                }
            } else {
                quick = row.state() == State.WAITING ? quick + 1 : 0;
                on(row, look, Question.read(search.ask()), free, toStop);
            }
        }
        return Left.MORE;
    }

    private Optional<IdeaRow> next(SearchRow search, boolean isTimeToLay) {
        State first = isTimeToLay ? State.LIKELY : State.WAITING;
        State second = isTimeToLay ? State.WAITING : State.LIKELY;
        return mapper.claim(search.household(), search.number(), first)
                .or(() -> mapper.claim(search.household(), search.number(), second));
    }

    private void on(IdeaRow row, Look look, Question question, List<AtHand.Stocked> free, BooleanSupplier toStop) {
        try {
            if (row.attempts() > MOST_ATTEMPTS) {
                refuse(row, BROKE);
                return;
            }
            Idea.Ask ask = look.ask(question, row.thing(), row.other(), row.draft(), row.wearer());
            if (row.state() == State.WAITING) {
                quick(row, ask);
            } else {
                lay(row, ask, free, toStop);
            }
        } catch (RefusedValueException | NotThereException e) {
            refuse(row, String.valueOf(e.getMessage()));
        } catch (RuntimeException e) {
            LOG.error("{} of {} for a wearer could not be tried", row.draft(), row.thing(), e);
            refuse(row, BROKE);
        }
    }

    private void refuse(IdeaRow row, String why) {
        mapper.tried(row, State.REFUSED, why, 0, 0, 0);
    }

    private void quick(IdeaRow row, Idea.Ask ask) {
        Idea idea = Idea.of(ask);
        Idea.Quick quick = idea.quick(() -> false);
        Idea.Areas areas = idea.areas();
        boolean isRefused = quick.chance() == Idea.Chance.NO;
        mapper.tried(
                row,
                isRefused ? State.REFUSED : State.LIKELY,
                quick.sentence(),
                areas.clothMm2(),
                areas.wantedMm2(),
                place(quick.chance(), areas));
    }

    /** What takes little of its cloth is laid first: it is done soonest, and surest. */
    private static int place(Idea.Chance chance, Idea.Areas areas) {
        double share = areas.clothMm2() > 0 ? Math.min(1, areas.wantedMm2() / areas.clothMm2()) : 1;
        return (int) (1000 * share) + 1000 * chance.ordinal();
    }

    private void lay(IdeaRow row, Idea.Ask ask, List<AtHand.Stocked> free, BooleanSupplier toStop) {
        BooleanSupplier over = new Over(row, toStop);
        LaidIdea laid = Idea.best(ask, free, seconds, over);
        if (over.getAsBoolean()) {
            mapper.letGo(row.id());
            return;
        }
        String layout = FitLayoutJson.text(
                java.util.Objects.requireNonNull(laid.project().lay()).layout());
        mapper.laid(row, laid.lying(), laid.wanted(), laid.worth(), laid.opening(), layout);
    }

    /** Is the instance going down, or the question another, or taken back? Asked often, looked up now and then. */
    private final class Over implements BooleanSupplier {
        private final IdeaRow row;
        private final BooleanSupplier toStop;
        private long lookedAt = System.nanoTime();
        private boolean isOver;

        Over(IdeaRow row, BooleanSupplier toStop) {
            this.row = row;
            this.toStop = toStop;
        }

        @Override
        public synchronized boolean getAsBoolean() {
            if (!isOver && System.nanoTime() - lookedAt > LOOK_NANOS) {
                lookedAt = System.nanoTime();
                isOver = toStop.getAsBoolean()
                        || mapper.search(row.household())
                                .filter(s -> s.number() == row.search() && s.state() == SearchState.WORKING)
                                .isEmpty();
            }
            return isOver;
        }
    }
}
