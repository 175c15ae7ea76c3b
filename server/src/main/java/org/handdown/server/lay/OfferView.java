package org.handdown.server.lay;

import java.util.List;
import org.handdown.server.project.Say;

/**
 * Something that a run found out.
 *
 * @param words what it is
 * @param cost what it costs, or what stops it
 * @param changes whether it can be taken over into the project
 */
record OfferView(String kind, String words, String cost, boolean changes) {
    static List<OfferView> of(FitRunMapper.RunRow row, Say say) {
        return row.runKind() == RunKind.LAY
                ? List.of()
                : RunAnswer.read(row.answer()).offers().stream()
                        .map(o -> new OfferView(
                                o.kind(), say.sentence(o.words()), say.sentence(o.cost()), o.after() != null))
                        .toList();
    }
}
