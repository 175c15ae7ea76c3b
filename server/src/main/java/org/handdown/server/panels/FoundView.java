package org.handdown.server.panels;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import org.handdown.formats.outline.Drawing;
import org.handdown.formats.outline.FoundOutline;
import org.handdown.formats.project.OutlineJson;
import org.handdown.geometry.Box;
import org.handdown.geometry.Outline;
import org.handdown.server.project.Say;

/** An outline of a drawing: as a project file has it, and as points to show. */
public record FoundView(
        String name,
        String group,
        JsonNode outline,
        List<double[]> points,
        String width,
        String height,
        List<TapeController.DrawnEdgeView> edges,
        List<String> told) {
    /** All outlines of a drawing. @param told what was guessed, and what was left out and why */
    record Drawn(List<FoundView> outlines, List<String> told) {
        static Drawn of(Drawing drawing, Say say) {
            return new Drawn(
                    drawing.outlines().stream().map(f -> FoundView.of(f, say)).toList(),
                    drawing.told().stream().map(say::sentence).toList());
        }
    }

    public static FoundView of(FoundOutline f, Say say) {
        Box box = f.outline().box();
        return new FoundView(
                f.name(),
                f.group(),
                OutlineJson.write(f.outline()),
                Say.points(f.outline().ring().points()),
                say.length(box.widthMm()),
                say.length(box.heightMm()),
                edges(f.outline(), say),
                f.told().stream().map(say::sentence).toList());
    }

    static List<TapeController.DrawnEdgeView> edges(Outline outline, Say say) {
        return outline.edges().stream()
                .map(e -> new TapeController.DrawnEdgeView(
                        e.name(), say.length(e.lengthMm()), Say.points(e.flattened(0.5))))
                .toList();
    }
}
