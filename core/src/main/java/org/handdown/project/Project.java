package org.handdown.project;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.handdown.alter.stack.Alteration;
import org.handdown.alter.stack.AlterationStack;
import org.handdown.body.Passage;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Practice;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.TypedWords;
import org.handdown.pattern.Neckline;
import org.handdown.pattern.change.Change;
import org.handdown.source.Source;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.Stretches;
import org.jspecify.annotations.Nullable;

/**
 * Everything a person settled, station by station; a station not reached yet is null. Each station downstream keeps what it was made
 * from, so that a change upstream shows.
 *
 * @param panels null until the legs are free and measured
 * @param pieces null until drafted
 * @param lay null until laid
 * @param kept other lays to compare it with, the oldest first
 * @param done steps checked off, by step id
 * @param practice figures of common practice that it goes by: those of the household when it was begun, or when they were taken over
 * @param typed the words in which its lengths were typed
 * @param cloths what it is cut from beside its own source
 * @param alterations of its own source, in the order they are made, where that stays sewn
 * @param aside its own source, while another one is in hand; null as a rule, and never stored otherwise
 */
public record Project(
        String name,
        @Nullable Aim aim,
        @Nullable Source source,
        Opening opening,
        @Nullable MeasuredPanels panels,
        @Nullable Pieces pieces,
        @Nullable Lay lay,
        List<KeptLay> kept,
        Workings workings,
        Map<String, Done> done,
        List<Note> log,
        Practice practice,
        TypedWords typed,
        Cloths cloths,
        List<Alteration> alterations,
        @Nullable Aside aside) {

    public static final int LONGEST_NAME = 120;

    private static final int MOST_KEPT = 6;

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
     * The project's own source with all that was settled of it, put aside while another source is in hand.
     *
     * @param inHand the other's id
     */
    public record Aside(
            String inHand,
            @Nullable Source source,
            Opening opening,
            @Nullable MeasuredPanels panels) {}

    /** Where the pieces come from. */
    public sealed interface Pieces permits PatternPieces, LettingOut, TakingIn {
        /** As they are under a household's practice; what nobody drafts is the same under any. */
        default Pieces by(Practice practice) {
            return this;
        }

        /** What another package has to say of each way to come by pieces: a new way is missed at once. */
        <T> T fold(
                Function<PatternPieces, T> pattern, Function<LettingOut, T> lettingOut, Function<TakingIn, T> takingIn);
    }

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

    /** @param minutes what it really took; null when nobody counted */
    public record Done(Instant at, @Nullable Double minutes) {}

    /** @param lesson for the pattern, to be offered as a change next time; null for a plain note */
    public record Note(Instant at, String text, @Nullable Change lesson) {
        private static final int LONGEST = 4_000;

        public Note(Instant at, String text) {
            this(at, text, null);
        }

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
        kept = List.copyOf(kept);
        if (kept.size() > MOST_KEPT) {
            throw new RefusedValueException("lay.kept", "Six lays are kept at most; let one go first.");
        }
        if (kept.stream().map(KeptLay::name).distinct().count() < kept.size()) {
            throw new RefusedValueException("lay.name", "Another kept lay has that name; choose another.");
        }
        alterations = List.copyOf(alterations);
        AlterationStack.requireAccepted(alterations);
        cloths.requireNames(aside == null ? source : aside.source);
        done = Map.copyOf(done);
        log = List.copyOf(log);
        pieces = pieces == null ? null : pieces.by(practice);
        // What is kept would be drawn by the project's practice as soon as it is taken up: it is kept so from the
        // start.
        kept = kept.stream()
                .map(k -> new KeptLay(
                        k.name(), k.at(), k.lay(), k.panels(), k.pieces().by(practice)))
                .toList();
    }

    public static Project named(String name) {
        return new Project(
                name,
                null,
                null,
                Opening.NONE,
                null,
                null,
                null,
                List.of(),
                Workings.NONE,
                Map.of(),
                List.of(),
                Practice.SHIPPED,
                TypedWords.NONE,
                Cloths.OWN_ALONE,
                List.of(),
                null);
    }

    /** @throws RefusedValueException if that is no name */
    public Project renamed(String other) {
        return new Project(
                other,
                aim,
                source,
                opening,
                panels,
                pieces,
                lay,
                kept,
                workings,
                done,
                log,
                practice,
                typed,
                cloths,
                alterations,
                aside);
    }

    /** The same plan under another name, nothing of it done yet and nothing of a stash promised to it. */
    public Project variant(String other) {
        return new Project(
                other,
                aim,
                source,
                opening,
                panels,
                pieces,
                lay,
                kept,
                workings,
                Map.of(),
                List.of(),
                practice,
                typed,
                cloths.detached(),
                alterations,
                aside);
    }

    public Project withAim(Aim other) {
        return new Project(
                name,
                other,
                source,
                opening,
                panels,
                pieces,
                lay,
                kept,
                workings,
                done,
                log,
                practice,
                typed,
                cloths,
                alterations,
                aside);
    }

    public Project withSource(Source other) {
        return new Project(
                name,
                aim,
                other,
                opening,
                panels,
                pieces,
                lay,
                kept,
                workings,
                done,
                log,
                practice,
                typed,
                cloths,
                alterations,
                aside);
    }

    public Project withOpening(Opening other) {
        return new Project(
                name,
                aim,
                source,
                other,
                panels,
                pieces,
                lay,
                kept,
                workings,
                done,
                log,
                practice,
                typed,
                cloths,
                alterations,
                aside);
    }

    public Project withPanels(MeasuredPanels others) {
        return new Project(
                name,
                aim,
                source,
                opening,
                others,
                pieces,
                lay,
                kept,
                workings,
                done,
                log,
                practice,
                typed,
                cloths,
                alterations,
                aside);
    }

    public Project withPieces(Pieces others) {
        return new Project(
                name,
                aim,
                source,
                opening,
                panels,
                others,
                lay,
                kept,
                workings,
                done,
                log,
                practice,
                typed,
                cloths,
                alterations,
                aside);
    }

    /** With nothing to cut, to let out or to take in. */
    Project withoutPieces() {
        return pieces == null
                ? this
                : new Project(
                        name,
                        aim,
                        source,
                        opening,
                        panels,
                        null,
                        lay,
                        kept,
                        workings,
                        done,
                        log,
                        practice,
                        typed,
                        cloths,
                        alterations,
                        aside);
    }

    public Project withLay(Lay other) {
        return new Project(
                name,
                aim,
                source,
                opening,
                panels,
                pieces,
                other,
                kept,
                workings,
                done,
                log,
                practice,
                typed,
                cloths,
                alterations,
                aside);
    }

    /** Keeps the lay there is beside it, under a name. */
    public Project keepingLay(String called, Instant at) {
        if (aside != null) {
            return turnedBack().keepingLay(called, at);
        }
        if (lay == null || panels == null || pieces == null) {
            throw new RefusedValueException("lay", "Nothing is laid yet; lay the pieces first.");
        }
        List<KeptLay> more = new ArrayList<>(kept);
        more.add(new KeptLay(called, at, lay, panels, pieces));
        return withKept(more);
    }

    /** With a kept lay in place of the one there is, and the panels and pieces it is of. */
    public Project takingUp(KeptLay other) {
        return turnedBack()
                .withPanels(other.panels())
                .withPieces(other.pieces())
                .withLay(other.lay());
    }

    public Project withKept(List<KeptLay> others) {
        return new Project(
                name,
                aim,
                source,
                opening,
                panels,
                pieces,
                lay,
                others,
                workings,
                done,
                log,
                practice,
                typed,
                cloths,
                alterations,
                aside);
    }

    public Project withWorkings(Workings others) {
        return new Project(
                name,
                aim,
                source,
                opening,
                panels,
                pieces,
                lay,
                kept,
                others,
                done,
                log,
                practice,
                typed,
                cloths,
                alterations,
                aside);
    }

    public Project withDone(Map<String, Done> others) {
        return new Project(
                name,
                aim,
                source,
                opening,
                panels,
                pieces,
                lay,
                kept,
                workings,
                others,
                log,
                practice,
                typed,
                cloths,
                alterations,
                aside);
    }

    /** By other figures of common practice; its drafts are drawn by them too. */
    public Project by(Practice other) {
        return new Project(
                name,
                aim,
                source,
                opening,
                panels,
                pieces,
                lay,
                kept,
                workings,
                done,
                log,
                other,
                typed,
                cloths,
                alterations,
                aside);
    }

    /** Where a bare number is meant in a unit, until its aim says another. */
    public Project meaning(LengthUnit unit) {
        return withTyped(typed.in(unit));
    }

    /** With the words of lengths that were typed since. */
    public Project remembering(TypedWords later) {
        return withTyped(typed.and(later));
    }

    private Project withTyped(TypedWords others) {
        return new Project(
                name,
                aim,
                source,
                opening,
                panels,
                pieces,
                lay,
                kept,
                workings,
                done,
                log,
                practice,
                others,
                cloths,
                alterations,
                aside);
    }

    public Project withCloths(Cloths others) {
        return new Project(
                name,
                aim,
                source,
                opening,
                panels,
                pieces,
                lay,
                kept,
                workings,
                done,
                log,
                practice,
                typed,
                others,
                alterations,
                aside);
    }

    public Project withAlterations(List<Alteration> others) {
        return new Project(
                name, aim, source, opening, panels, pieces, lay, kept, workings, done, log, practice, typed, cloths,
                others, aside);
    }

    /**
     * With another of its sources in hand: {@link #source}, {@link #opening} and {@link #panels} are that one's, everything else stays.
     * What is settled then belongs to that one.
     *
     * @param id of a source that was brought; empty for the project's own
     * @throws RefusedValueException if no such source was brought
     */
    public Project turnedTo(String id) {
        return InHand.turnedTo(this, id);
    }

    /** With its own source in hand again, and what was settled of the other one kept with that. */
    public Project turnedBack() {
        return InHand.turnedBack(this);
    }

    /** With these in place of what there is of a source. */
    Project holding(
            @Nullable Source theSource,
            Opening theOpening,
            @Nullable MeasuredPanels thePanels,
            Cloths theCloths,
            @Nullable Aside theAside) {
        return new Project(
                name,
                aim,
                theSource,
                theOpening,
                thePanels,
                pieces,
                lay,
                kept,
                workings,
                done,
                log,
                practice,
                typed,
                theCloths,
                alterations,
                theAside);
    }

    /** Which source is in hand, by its id; empty for the project's own. */
    public String inHand() {
        return aside == null ? "" : aside.inHand;
    }

    /** Begins the ids of steps and panels of the source in hand. */
    public String prefix() {
        return Brought.prefix(inHand());
    }

    public Project withLog(List<Note> others) {
        return new Project(
                name,
                aim,
                source,
                opening,
                panels,
                pieces,
                lay,
                kept,
                workings,
                done,
                others,
                practice,
                typed,
                cloths,
                alterations,
                aside);
    }
}
