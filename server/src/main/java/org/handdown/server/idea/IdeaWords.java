package org.handdown.server.idea;

import java.util.ArrayList;
import java.util.List;
import org.handdown.idea.LaidIdea;
import org.handdown.measure.Wording;

/** What a person weighs of an idea, in sentences. */
final class IdeaWords {
    private static final int MOST_NAMED = 4;

    private IdeaWords() {}

    static List<String> of(LaidIdea idea) {
        List<String> all = new ArrayList<>();
        all.add(
                idea.isWhole()
                        ? Wording.fill(
                                "All %d pieces lie; %.0f %% of the cloth is used.", idea.wanted(), 100 * idea.used())
                        : Wording.fill(
                                "%d of %d pieces lie after a few seconds; more time or more cloth may help.",
                                idea.lying(), idea.wanted()));
        all.add(
                idea.minutesApart() < 1
                        ? "Nothing to take apart."
                        : Wording.fill("About %.0f min to take it apart.", idea.minutesApart()));
        if (!idea.kept().isEmpty()) {
            all.add(Wording.fill(
                    "Lives on: %s; that saves about %.0f min.", some(idea.kept()), Math.max(0, idea.keptMinutes())));
        }
        all.add(idea.bought().isEmpty() ? "Nothing to buy." : Wording.fill("To find or buy: %s.", some(idea.bought())));
        return all;
    }

    private static String some(List<String> names) {
        return names.size() <= MOST_NAMED
                ? String.join(", ", names)
                : String.join(", ", names.subList(0, MOST_NAMED)) + " and more";
    }
}
