package org.handdown.server.idea;

import java.util.ArrayList;
import java.util.List;
import org.handdown.idea.LaidIdea;
import org.handdown.measure.Wording;
import org.handdown.source.Assessment;

/** What a person weighs of an idea, in sentences. */
final class IdeaWords {
    private static final int MOST_NAMED = 4;

    private IdeaWords() {}

    static List<String> of(LaidIdea idea) {
        List<String> all = new ArrayList<>();
        all.add(lies(idea));
        all.add(
                idea.minutesApart() < 1
                        ? "Nothing to take apart."
                        : Wording.fill("About %.0f min to take it apart.", idea.minutesApart()));
        if (!idea.kept().isEmpty()) {
            all.add(Wording.fill(
                    "Lives on: %s; that saves about %.0f min.",
                    some(idea.kept().stream().map(IdeaWords::spoken).toList()), Math.max(0, idea.keptMinutes())));
        }
        if (!idea.atHand().isEmpty()) {
            all.add("In the stash for it: " + some(idea.atHand()) + ".");
        }
        all.add(idea.bought().isEmpty() ? "Nothing to buy." : Wording.fill("To find or buy: %s.", some(idea.bought())));
        if (idea.missed() == Assessment.Missed.DEARLY) {
            all.add("What it is cut from is a treasure: try it in an old sheet first.");
        }
        all.addAll(idea.meetings());
        return all;
    }

    private static String lies(LaidIdea idea) {
        if (!idea.isWhole()) {
            return Wording.fill(
                    "%d of %d pieces lie after a few seconds; more time or more cloth may help.",
                    idea.lying(), idea.wanted());
        }
        String rest = idea.leftOut() == 0
                ? ""
                : Wording.fill(", %d that may be left out %s not", idea.leftOut(), idea.leftOut() == 1 ? "does" : "do");
        return Wording.fill(
                idea.isSure()
                        ? "All %d pieces surely lie%s; %.0f %% of the cloth is used."
                        : "All %d pieces lie%s; measure the cloth again before you cut. %.0f %% of it is used.",
                idea.wanted(),
                rest,
                100 * idea.used());
    }

    /** An edge is named by its piece, then by what it does: read out, the other way round. */
    static String spoken(String want) {
        int comma = want.lastIndexOf(", ");
        if (comma < 0) {
            return want;
        }
        String piece = want.substring(0, comma);
        String role = want.substring(comma + 2);
        return role.equals(piece) ? role : role + " of the " + piece;
    }

    private static String some(List<String> names) {
        return names.size() <= MOST_NAMED
                ? String.join(", ", names)
                : String.join(", ", names.subList(0, MOST_NAMED)) + " and more";
    }
}
