package org.handdown.lay;

import java.util.ArrayList;
import java.util.List;
import org.handdown.cloth.Cloth;
import org.handdown.panel.Flaw;
import org.handdown.panel.Panel;

/**
 * What people marked on a cloth that pieces are laid on, beyond what a fit problem knows of it. Panel frame, mm.
 *
 * @param id of the panel or sheet on the table
 */
public record Marked(String id, Cloth cloth, List<Flaw> flaws) {
    public Marked {
        flaws = List.copyOf(flaws);
    }

    public static List<Marked> of(List<Panel> panels) {
        List<Marked> all = new ArrayList<>();
        panels.forEach(p -> all.add(new Marked(p.id(), p.cloth(), p.flaws())));
        return all;
    }

    /** What is marked on one of them; nothing where it is not among them. */
    static List<Flaw> on(String id, List<Marked> all) {
        return all.stream()
                .filter(m -> m.id.equals(id))
                .findFirst()
                .map(Marked::flaws)
                .orElse(List.of());
    }
}
