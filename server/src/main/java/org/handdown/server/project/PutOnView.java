package org.handdown.server.project;

import java.util.List;
import org.handdown.body.Passage;
import org.handdown.measure.Wording;
import org.handdown.project.PutOn;
import org.jspecify.annotations.Nullable;

/**
 * A ring that a garment is put on through.
 *
 * @param over what goes through it; null where no one measure tells
 * @param body girth there, empty where nobody measured it
 * @param stretch of its cloth, as a field shows it; empty before it was pulled
 * @param opens length of its zip, placket or slit; empty where it stays closed
 */
public record PutOnView(
        String name,
        PutOn.Verdict verdict,
        String sentence,
        Passage.@Nullable Over over,
        String girth,
        String body,
        String stretch,
        String opens) {
    public static List<PutOnView> of(List<PutOn> all, Say say) {
        return all.stream()
                .map(p -> new PutOnView(
                        p.opening().name(),
                        p.verdict(),
                        say.sentence(p.sentence()),
                        p.over(),
                        say.length(p.opening().girthMm()),
                        p.bodyMm() > 0 ? say.length(p.bodyMm()) : "",
                        p.tested() ? Wording.fill("%.0f %%", 100 * p.stretch()) : "",
                        p.opening().opensMm() > 0 ? say.length(p.opening().opensMm()) : ""))
                .toList();
    }
}
