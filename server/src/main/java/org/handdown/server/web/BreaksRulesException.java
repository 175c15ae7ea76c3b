package org.handdown.server.web;

import java.util.List;

/** A lay that breaks a rule and is therefore not stored. */
public final class BreaksRulesException extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final List<String> findings;

    public BreaksRulesException(List<String> findings) {
        super(String.join(" ", findings));
        this.findings = List.copyOf(findings);
    }

    public List<String> findings() {
        return findings;
    }
}
