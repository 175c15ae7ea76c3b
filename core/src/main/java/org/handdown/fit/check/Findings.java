package org.handdown.fit.check;

import java.util.ArrayList;
import java.util.List;
import org.handdown.fit.CopyId;
import org.handdown.fit.check.Finding.Rule;

/** What the rules found, in the order they were asked. */
final class Findings {
    private final List<Finding> all = new ArrayList<>();

    /** @param what of the copy, after its name */
    void add(Laid one, Rule rule, String what, double byMm) {
        add(rule, List.of(one.copy()), one.panel().id(), one.called() + " " + what, byMm);
    }

    void add(Rule rule, List<CopyId> copies, String panel, String message, double byMm) {
        all.add(new Finding(rule, copies.stream().map(CopyId::name).toList(), panel, message, byMm));
    }

    List<Finding> all() {
        return List.copyOf(all);
    }
}
