package org.handdown.project;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.handdown.measure.Practice;
import org.handdown.measure.RefusedValueException;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;
import org.handdown.pattern.change.Change;
import org.handdown.pattern.change.Piecing;
import org.handdown.reuse.Want;

/**
 * Pieces that are cut out, whatever they come from, and the named changes on them.
 *
 * @param orders drafts; the aim's own comes first
 * @param own pieces brought in or entered as outlines
 * @param wants things that are sewn on, beside the edges of the pieces
 * @param changes on the untouched pattern, in order
 */
public record PatternPieces(List<DraftOrder> orders, List<Piece> own, List<Want> wants, List<Change> changes)
        implements Project.Pieces {
    @Override
    public <T> T fold(
            Function<PatternPieces, T> pattern, Function<LettingOut, T> lettingOut, Function<TakingIn, T> takingIn) {
        return pattern.apply(this);
    }

    public static final PatternPieces NONE = new PatternPieces(List.of(), List.of(), List.of(), List.of());

    private static final int MOST = 60;
    private static final int MOST_ORDERS = 12;

    public PatternPieces {
        orders = List.copyOf(orders);
        own = List.copyOf(own);
        wants = List.copyOf(wants);
        changes = List.copyOf(changes);
        if (wants.size() > MOST) {
            throw new RefusedValueException("wants", "A project takes 60 wants at most.");
        }
        if (own.size() > MOST) {
            throw new RefusedValueException("pieces", "A project takes 60 pieces at most.");
        }
        if (changes.size() > MOST || orders.size() > MOST_ORDERS) {
            throw new RefusedValueException("changes", "A pattern takes 12 drafts and 60 changes at most.");
        }
        if (own.stream().map(Piece::id).distinct().count() < own.size()) {
            throw new RefusedValueException("pieces", "Two pieces have the same name; rename one of them.");
        }
    }

    /**
     * Aim of a project that cuts pieces out.
     *
     * @throws RefusedValueException where there is none, or it alters the source
     */
    public static Aim aim(Project project) {
        Aim aim = project.aim();
        if (aim == null || aim.garment() != Garment.CUT_OUT) {
            throw new RefusedValueException("piece", "Say at Aim first who it is for, and that pieces are cut out.");
        }
        return aim;
    }

    /** Of a project that cuts pieces out; none yet where nothing was chosen. */
    public static PatternPieces of(Project project) {
        aim(project);
        return project.pieces() instanceof PatternPieces pattern ? pattern : NONE;
    }

    /** With these done last; refused where one of them cannot be. */
    public PatternPieces changed(List<Change> more) {
        List<Change> all = new ArrayList<>(changes);
        Design now = design("pieces");
        for (Change change : more) {
            now = change.on(now);
            all.add(change);
        }
        return withChanges(all);
    }

    public PatternPieces withOrders(List<DraftOrder> others) {
        return new PatternPieces(others, own, wants, changes);
    }

    @Override
    public PatternPieces by(Practice practice) {
        return orders.stream().allMatch(o -> o.practice().equals(practice))
                ? this
                : withOrders(orders.stream()
                        .map(o -> new DraftOrder(o.draft(), o.from(), o.choices(), o.cloth(), practice))
                        .toList());
    }

    public PatternPieces withOwn(List<Piece> others) {
        return new PatternPieces(orders, others, wants, changes);
    }

    public PatternPieces withWants(List<Want> others) {
        return new PatternPieces(orders, own, others, changes);
    }

    public PatternPieces withChanges(List<Change> others) {
        return new PatternPieces(orders, own, wants, others);
    }

    /** As drafted, brought in and entered, before any change. */
    public Design original(String name) {
        Design all = null;
        for (DraftOrder order : orders) {
            Design drawn = order.design();
            all = all == null ? drawn : all.and(drawn);
        }
        Design entered = Design.of(name, own);
        return all == null ? entered : own.isEmpty() ? all : all.and(entered);
    }

    /** Seams that pieces were given because the cloth was too small for them whole. */
    public int seamsAdded() {
        if (changes.stream().noneMatch(Piecing.class::isInstance)) {
            return 0;
        }
        Design design = design("pieced");
        return design.seams().stream()
                .filter(Piecing::isPiecing)
                .mapToInt(s -> design.piece(s.one().get(0).piece()).quantity())
                .sum();
    }

    public Design design(String name) {
        return Change.all(original(name), changes);
    }
}
