package org.handdown.pattern.change;

import java.util.List;
import java.util.Locale;
import org.handdown.geometry.Edge;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;

/** One named change on a pattern. */
public sealed interface Change
        permits Lengthen,
                Widen,
                EdgeLedger,
                LeaveOut,
                Recut,
                FacingFrom,
                LayerFrom,
                MergeAlong,
                MockUp,
                Sample,
                SewTogether,
                Marked,
                TrueUp,
                TurnGrain,
                Piecing,
                ShowMotif,
                BindEdges,
                CutStrip,
                ButtonsAlong,
                Takes {
    int LONGEST_NAME = 80;

    /** As its owner calls it. */
    String name();

    /** What it does, in words; lengths in mm. */
    String words();

    /** @throws RefusedValueException if the pattern has no such piece or edge, or the change would leave no whole piece */
    Design on(Design design);

    /** What another package has to say of each kind of change: one function a kind, so that a new kind is missed at once. */
    interface Reader<T> {
        T lengthen(Lengthen change);

        T widen(Widen change);

        T ledger(EdgeLedger change);

        T leaveOut(LeaveOut change);

        T recut(Recut change);

        T facing(FacingFrom change);

        T layer(LayerFrom change);

        T merge(MergeAlong change);

        T mockUp(MockUp change);

        T sample(Sample change);

        T seam(SewTogether change);

        T mark(Marked change);

        T trueUp(TrueUp change);

        T grain(TurnGrain change);

        T piecing(Piecing change);

        T motif(ShowMotif change);

        T bind(BindEdges change);

        T strip(CutStrip change);

        T buttons(ButtonsAlong change);

        T takes(Takes change);
    }

    <T> T read(Reader<T> reader);

    /** All changes, one after the other; one that no longer finds its piece is refused by its number. */
    static Design all(Design original, List<Change> changes) {
        Design now = original;
        Derived.Trail trail = new Derived.Trail();
        for (int i = 0; i < changes.size(); i++) {
            try {
                now = changes.get(i).on(now);
                if (changes.get(i) instanceof Derived derived) {
                    trail.note(derived, now);
                }
            } catch (RefusedValueException e) {
                throw new RefusedValueException(
                        "changes[" + i + "]",
                        Wording.fill(
                                "“%s” cannot be done any more: %s Take that change out, or the one before it.",
                                changes.get(i).name(), e.getMessage()));
            }
        }
        return trail.follow(now);
    }

    static String requireName(String name) {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new RefusedValueException("change.name", "Name the change in up to 80 characters.");
        }
        return name;
    }

    /** Of a piece that a change makes, from what it is called. */
    static String id(String called) {
        String id =
                called.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-+|-+$", "");
        return id.isEmpty() ? "piece" : id.length() > 60 ? id.substring(0, 60) : id;
    }

    static Piece piece(Design design, String id) {
        return design.find(id)
                .orElseThrow(() -> new RefusedValueException(
                        "change.piece", Wording.fill("There is no piece “%s” any more.", Wording.spoken(id))));
    }

    static Edge edge(Piece piece, String name) {
        return piece.stitchLine().edges().stream()
                .filter(e -> e.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new RefusedValueException(
                        "change.edge",
                        Wording.fill(
                                "The %s has no edge “%s”; it has %s.",
                                piece.name(),
                                name,
                                String.join(
                                        ", ",
                                        piece.stitchLine().edges().stream()
                                                .map(Edge::name)
                                                .toList()))));
    }

    /** Refuses a piece whose lines cross themselves. */
    static Piece whole(Piece piece) {
        if (!piece.stitchLine().ring().isSimple() || !piece.cutLine().ring().isSimple()) {
            throw new RefusedValueException(
                    "change", Wording.fill("That leaves no whole %s: its outline would cross itself.", piece.name()));
        }
        return piece;
    }
}
