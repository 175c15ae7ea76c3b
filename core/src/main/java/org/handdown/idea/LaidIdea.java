package org.handdown.idea;

import java.util.List;
import java.util.Set;
import org.handdown.fit.FitLayout;
import org.handdown.measure.Wording;
import org.handdown.project.Lay;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.reuse.Use;
import org.handdown.shopping.Item;
import org.handdown.shopping.Shopping;
import org.handdown.unpick.UnpickPlan;

/**
 * An idea that was really laid, with what a person weighs.
 *
 * @param project with the lay in it, ready to be begun
 * @param lying copies of pieces that must lie and do
 * @param wanted copies that must lie
 * @param minutesApart to take the source apart, by the least work
 * @param keptMinutes that old hems, plackets and closures save
 * @param kept wants that something old serves, by name
 * @param used share of the cloth, 0 to 1
 * @param bought what it asks for that the source does not have
 */
public record LaidIdea(
        Project project,
        int lying,
        int wanted,
        double minutesApart,
        double keptMinutes,
        List<String> kept,
        double used,
        List<String> bought) {
    /** A minute saved weighs as much as a minute of work; cloth used up well is worth a little too (common practice, no source). */
    private static final double MINUTES_OF_ALL_CLOTH = 30;

    public LaidIdea {
        kept = List.copyOf(kept);
        bought = List.copyOf(bought);
    }

    static LaidIdea of(Idea idea, FitLayout layout, int lying, int wanted) {
        Project laid = idea.project().withLay(new Lay(idea.problem(), layout, false, Set.of()));
        Workroom room = new Workroom(laid);
        List<Use> uses = room.uses();
        List<String> bought = Shopping.of(room, laid.lay(), List.of()).missing().stream()
                .filter(i -> i.sort() != Item.Sort.THREAD && i.sort() != Item.Sort.TAPE)
                .map(LaidIdea::words)
                .toList();
        return new LaidIdea(
                laid,
                lying,
                wanted,
                room.plan().map(UnpickPlan::minutes).orElse(0.0),
                uses.stream().mapToDouble(Use::valueMinutes).sum(),
                uses.stream().map(u -> u.want().name()).distinct().toList(),
                layout.measures().utilisation(),
                bought);
    }

    /** Thread is at hand in every house; of the rest it is told how much. */
    private static String words(Item item) {
        return switch (item.unit()) {
            case MM -> Wording.fill("%s, %.0f mm", item.what(), item.missing());
            case PIECES -> Wording.fill("%.0f %s", item.missing(), item.what());
            case WHOLE -> Wording.fill("%s %s", item.what(), item.size());
        };
    }

    public boolean isWhole() {
        return lying == wanted;
    }

    /** The more the better: whatever lies whole first, then by what it saves against what it takes. */
    public double worth() {
        double share = wanted == 0 ? 0 : (double) lying / wanted;
        double weighed = keptMinutes - minutesApart - 5.0 * bought.size() + MINUTES_OF_ALL_CLOTH * used;
        return (isWhole() ? 1e6 : share * 1e5) + weighed;
    }
}
