package org.handdown.idea;

import java.util.List;
import java.util.Set;
import org.handdown.fit.FitLayout;
import org.handdown.lay.Sureness;
import org.handdown.measure.Wording;
import org.handdown.project.Lay;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.reuse.Use;
import org.handdown.shopping.AtHand;
import org.handdown.shopping.Item;
import org.handdown.shopping.Shopping;
import org.handdown.source.Assessment;

/**
 * An idea that was really laid, with what a person weighs.
 *
 * @param project with the lay in it, ready to be begun
 * @param opening how much of its sources is opened for it
 * @param lying copies of pieces that must lie and do
 * @param wanted copies that must lie
 * @param leftOut copies that may be left out and have no place
 * @param minutesApart to take its sources apart
 * @param keptMinutes that old hems, plackets and closures save
 * @param kept wants that something old serves, by name
 * @param used share of the cloth, 0 to 1
 * @param missed how much the dearest of what it is cut from would be missed
 * @param isSure it lies even where everything was measured too large by its tolerance
 * @param meetings what to heed where unlike cloths meet
 * @param takes what it asks for beside its cloth, thread apart
 */
public record LaidIdea(
        Project project,
        Idea.Opening opening,
        int lying,
        int wanted,
        int leftOut,
        double minutesApart,
        double keptMinutes,
        List<String> kept,
        double used,
        Assessment.Missed missed,
        boolean isSure,
        List<String> meetings,
        List<Item> takes) {
    /** A minute saved weighs as much as a minute of work; cloth used up well is worth a little too (common practice, no source). */
    private static final double MINUTES_OF_ALL_CLOTH = 30;

    /** What a treasure costs beside what nobody would miss, and a lay that must be measured again first (common practice, no source). */
    private static final double MINUTES_OF_A_TREASURE = 60;

    private static final double MINUTES_OF_DOUBT = 15;
    private static final double MINUTES_OF_AN_ERRAND = 5;

    public LaidIdea {
        kept = List.copyOf(kept);
        meetings = List.copyOf(meetings);
        takes = List.copyOf(takes);
    }

    static LaidIdea of(Idea idea, FitLayout layout, List<AtHand.Stocked> stock, int lying, int wanted) {
        Project laid = idea.project().withLay(new Lay(idea.problem(), layout, false, Set.of()));
        Workroom room = new Workroom(laid);
        List<Use> uses = room.uses();
        Shopping shopping = Shopping.of(room, laid.lay(), stock);
        return new LaidIdea(
                laid,
                idea.opening(),
                lying,
                wanted,
                layout.unplaced().size() - (wanted - lying),
                room.minutesApart(),
                uses.stream().mapToDouble(Use::valueMinutes).sum(),
                uses.stream().map(u -> u.want().name()).distinct().toList(),
                layout.measures().utilisation(),
                idea.from().missed(),
                room.sureness().map(s -> s.verdict() == Sureness.Verdict.SURE).orElse(false),
                room.meetings().stream().flatMap(m -> m.sentences().stream()).toList(),
                shopping.items().stream().filter(LaidIdea::counts).toList());
    }

    private static boolean counts(Item item) {
        return item.sort() != Item.Sort.THREAD && item.sort() != Item.Sort.TAPE;
    }

    /** What it asks for that neither the cloth nor the household has, in words. */
    public List<String> bought() {
        return takes.stream().filter(i -> !i.isThere()).map(LaidIdea::words).toList();
    }

    /** What the stash has of it, with the codes it is found by. */
    public List<String> atHand() {
        return takes.stream()
                .flatMap(i -> i.atHand().stream()
                        .filter(a -> a.amount() > 0 && !a.where().isEmpty())
                        .map(a -> Wording.fill("%s (%s)", a.name(), a.where())))
                .distinct()
                .toList();
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
        double dear = MINUTES_OF_A_TREASURE * missed.ordinal() / (Assessment.Missed.values().length - 1);
        double weighed = keptMinutes
                - minutesApart
                - dear
                - (isSure ? 0 : MINUTES_OF_DOUBT)
                - MINUTES_OF_AN_ERRAND * bought().size()
                + MINUTES_OF_ALL_CLOTH * used;
        return (isWhole() ? 1e6 : share * 1e5) + weighed;
    }
}
