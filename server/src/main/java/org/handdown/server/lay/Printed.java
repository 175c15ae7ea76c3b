package org.handdown.server.lay;

import java.util.List;
import org.handdown.measure.Wording;
import org.handdown.pattern.PieceCloth;
import org.handdown.project.Lay;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.shortage.LengthNeeded;
import org.jspecify.annotations.Nullable;

/**
 * What a pattern asks for in print, mm. It is one lay of many on one width: neither the least, nor to be compared on another width.
 *
 * @param of what is cut from it
 */
record Printed(double lengthMm, double widthMm, PieceCloth of) {
    String against(LengthNeeded.Need need, Project project, Workroom room) {
        double takes = LengthWords.enough(need.lengthMm());
        double less = lengthMm - takes;
        String own = less >= 1
                ? Wording.fill("these pieces take %.0f mm of that width, %.0f mm less.", takes, less)
                : less <= -1
                        ? Wording.fill("these pieces take %.0f mm of that width, %.0f mm more.", takes, -less)
                        : "these pieces take just that.";
        return Wording.fill("Printed: %.0f mm of cloth %.0f mm wide; %s", lengthMm, widthMm, own)
                + here(project.lay(), room);
    }

    /** How far the cloth that there is falls short of what is printed, and whether that matters. */
    private String here(@Nullable Lay lay, Workroom room) {
        List<String> names = room.roles().serving(of);
        double there = room.problem().stream()
                .flatMap(p -> p.panels().stream())
                .filter(p -> names.contains(p.cloth()))
                .mapToDouble(p -> p.outline().areaMm2())
                .sum();
        if (there == 0) {
            return "";
        }
        double asked = lengthMm * widthMm;
        String stock = there < asked
                ? Wording.fill(
                        " The %s on the table is %.2f m², %.2f m² short of what is printed",
                        of.words(), there / 1e6, (asked - there) / 1e6)
                : Wording.fill(
                        " The %s on the table is %.2f m², more than the %.2f m² printed",
                        of.words(), there / 1e6, asked / 1e6);
        if (lay == null) {
            return stock + ": lay the pieces to see whether they lie on it.";
        }
        long without = lay.layout().unplaced().stream()
                .filter(u -> lay.problem().piece(u.piece()).cloths().stream().anyMatch(names::contains))
                .count();
        return stock
                + (without == 0
                        ? ", and all the pieces lie on it."
                        : Wording.fill(", and %d of the pieces do not lie on it.", without));
    }
}
