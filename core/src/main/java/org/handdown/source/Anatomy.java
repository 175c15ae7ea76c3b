package org.handdown.source;

import java.util.List;

/** How a source is built: parts held together by joins. */
public record Anatomy(List<Part> parts, List<Join> joins) {
    public Anatomy {
        parts = List.copyOf(parts);
        joins = List.copyOf(joins);
    }

    public Part part(String id) {
        return parts.stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no part (" + id + ")."));
    }
}
