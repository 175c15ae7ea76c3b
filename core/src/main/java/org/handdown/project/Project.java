package org.handdown.project;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.body.Passage;
import org.handdown.lay.FitLayout;
import org.handdown.lay.FitProblem;
import org.handdown.measure.RefusedValueException;
import org.handdown.panel.Survey;
import org.handdown.pattern.InsertDraft;
import org.handdown.pattern.Neckline;
import org.handdown.pattern.Piece;
import org.handdown.reuse.Want;
import org.handdown.source.Construction;
import org.handdown.source.Source;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.LetOut;
import org.handdown.unpick.Stretches;
import org.handdown.unpick.TakeIn;
import org.jspecify.annotations.Nullable;

/**
 * Everything a person settled, station by station; a station not reached yet is null. Each station downstream keeps what it was made
 * from, so that a change upstream shows.
 *
 * @param panels null until the legs are free and measured
 * @param pieces null until drafted
 * @param lay null until laid
 * @param done steps checked off, by step id
 */
public record Project(
        String name,
        @Nullable Aim aim,
        @Nullable Source source,
        Opening opening,
        @Nullable MeasuredPanels panels,
        @Nullable Pieces pieces,
        @Nullable Lay lay,
        Workings workings,
        Map<String, Done> done,
        List<Note> log) {
    private static final int LONGEST_NAME = 120;

    /**
     * What to do with each join.
     *
     * @param joins by join id; one that is not named is left closed
     * @param stretches of joins that are unpicked in part only
     */
    public record Opening(Map<String, JoinDecision> joins, Map<String, Stretches> stretches) {
        public static final Opening NONE = new Opening(Map.of(), Map.of());

        public Opening {
            joins = Map.copyOf(joins);
            stretches = Map.copyOf(stretches);
        }
    }

    /**
     * @param construction and opening: what the surveys were first proposed from
     * @param gone flat parts that were pieced to others; they are not proposed again
     */
    public record MeasuredPanels(Construction construction, Opening opening, List<Survey> surveys, Set<String> gone) {
        public MeasuredPanels(Construction construction, Opening opening, List<Survey> surveys) {
            this(construction, opening, surveys, Set.of());
        }

        public MeasuredPanels {
            surveys = List.copyOf(surveys);
            gone = Set.copyOf(gone);
            if (surveys.stream().map(Survey::id).distinct().count() < surveys.size()) {
                throw new RefusedValueException("panels.surveys", "The same part is there twice; keep one of them.");
            }
        }

        public MeasuredPanels with(List<Survey> others) {
            return new MeasuredPanels(construction, opening, others, gone);
        }

        public MeasuredPanels without(Set<String> parts) {
            return new MeasuredPanels(construction, opening, surveys, parts);
        }
    }

    /** Where the pieces come from. */
    public sealed interface Pieces permits Drafted, ByHand, LettingOut, TakingIn {}

    /** @param from the aim that the pieces were drafted from */
    public record Drafted(Aim from) implements Pieces {}

    /**
     * The source itself is let out; nothing is cut out of it.
     *
     * @param inserts let into it where nothing more is hidden; null without any
     */
    public record LettingOut(LetOut.Wish wish, InsertDraft.@Nullable Wish inserts) implements Pieces {
        public LettingOut(LetOut.Wish wish) {
            this(wish, null);
        }
    }

    /** The source itself is taken in or shortened; nothing is cut out. */
    public record TakingIn(TakeIn.Wish wish) implements Pieces {}

    /**
     * Sums kept with the project.
     *
     * @param passages rings and the part of the body that each must pass
     * @param necklines cut into the garment
     */
    public record Workings(List<Passage> passages, List<Neckline> necklines) {
        public static final Workings NONE = new Workings(List.of(), List.of());

        private static final int MOST = 20;

        public Workings {
            passages = List.copyOf(passages);
            necklines = List.copyOf(necklines);
            if (passages.size() > MOST || necklines.size() > MOST) {
                throw new RefusedValueException("workings", "20 rings and 20 necklines at most.");
            }
            if (passages.stream().map(Passage::name).distinct().count() < passages.size()
                    || necklines.stream().map(Neckline::name).distinct().count() < necklines.size()) {
                throw new RefusedValueException("workings", "Two have the same name; rename one of them.");
            }
        }
    }

    /**
     * Pieces entered as outlines.
     *
     * @param wants things that are sewn on, beside the edges of the pieces
     */
    public record ByHand(List<Piece> pieces, List<Want> wants) implements Pieces {
        private static final int MOST = 60;

        public ByHand {
            pieces = List.copyOf(pieces);
            wants = List.copyOf(wants);
            if (wants.size() > MOST) {
                throw new RefusedValueException("wants", "A project takes 60 wants at most.");
            }
            if (pieces.size() > MOST) {
                throw new RefusedValueException("pieces", "A project takes 60 pieces at most.");
            }
            if (pieces.stream().map(Piece::id).distinct().count() < pieces.size()) {
                throw new RefusedValueException("pieces", "Two pieces have the same name; rename one of them.");
            }
        }
    }

    /** @param problem the panels and pieces as they were when laid */
    public record Lay(FitProblem problem, FitLayout layout, boolean movedByHand) {}

    /** @param minutes what it really took; null when nobody counted */
    public record Done(Instant at, @Nullable Double minutes) {}

    public record Note(Instant at, String text) {
        private static final int LONGEST = 4_000;

        public Note {
            if (text.isBlank() || text.length() > LONGEST) {
                throw new RefusedValueException("log.text", "A note has from 1 to 4000 characters.");
            }
        }
    }

    public Project {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new RefusedValueException("name", "A project's name has from 1 to 120 characters.");
        }
        done = Map.copyOf(done);
        log = List.copyOf(log);
    }

    public static Project named(String name) {
        return new Project(name, null, null, Opening.NONE, null, null, null, Workings.NONE, Map.of(), List.of());
    }

    public Project withAim(Aim other) {
        return new Project(name, other, source, opening, panels, pieces, lay, workings, done, log);
    }

    public Project withSource(Source other) {
        return new Project(name, aim, other, opening, panels, pieces, lay, workings, done, log);
    }

    public Project withOpening(Opening other) {
        return new Project(name, aim, source, other, panels, pieces, lay, workings, done, log);
    }

    public Project withPanels(MeasuredPanels others) {
        return new Project(name, aim, source, opening, others, pieces, lay, workings, done, log);
    }

    public Project withPieces(Pieces others) {
        return new Project(name, aim, source, opening, panels, others, lay, workings, done, log);
    }

    public Project withLay(Lay other) {
        return new Project(name, aim, source, opening, panels, pieces, other, workings, done, log);
    }

    public Project withWorkings(Workings others) {
        return new Project(name, aim, source, opening, panels, pieces, lay, others, done, log);
    }

    public Project withDone(Map<String, Done> others) {
        return new Project(name, aim, source, opening, panels, pieces, lay, workings, others, log);
    }

    public Project withLog(List<Note> others) {
        return new Project(name, aim, source, opening, panels, pieces, lay, workings, done, others);
    }
}
