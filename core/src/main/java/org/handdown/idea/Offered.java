package org.handdown.idea;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.Pairing;
import org.handdown.measure.RefusedValueException;
import org.handdown.pattern.PieceCloth;
import org.handdown.project.Brought;
import org.handdown.project.Cloths;
import org.handdown.project.Project;
import org.handdown.source.Assessment;
import org.handdown.source.Source;
import org.jspecify.annotations.Nullable;

/**
 * What a garment could be cut from: a source, cloth that lies flat, or several things together.
 *
 * @param source null where flat cloth alone is offered
 * @param beside it, each under the mark and the roles that a project takes it with
 * @param missed how much the dearest of them would be missed
 */
public record Offered(@Nullable Source source, List<Brought> beside, Assessment.Missed missed) {
    public Offered {
        beside = List.copyOf(beside);
        if (source == null && beside.isEmpty()) {
            throw new RefusedValueException("source", "Say what it would be cut from.");
        }
    }

    /** A source alone. */
    public static Offered of(Source source) {
        return new Offered(source, List.of(), source.assessment().missed());
    }

    /** Is there nothing to take apart? */
    boolean isFlat() {
        return source == null && beside.stream().noneMatch(b -> b instanceof Brought.OtherSource);
    }

    /** In words, as the things are named. */
    public String name() {
        return Stream.concat(
                        source == null ? Stream.of() : Stream.of(source.name()),
                        beside.stream().map(Brought::name))
                .collect(Collectors.joining(" and "));
    }

    /** A project with all of it on the table, nothing opened yet. */
    public Project in(Project project) {
        Project with = source == null ? project : project.withSource(source);
        return with.withCloths(new Cloths(Set.of(PieceCloth.SHELL), beside));
    }

    /** Do any two outer cloths of it go into one garment without what no machine sews? */
    public boolean goesTogether() {
        List<Cloth> all = Stream.concat(
                        source == null ? Stream.of() : Stream.of(source.cloth()),
                        beside.stream().flatMap(b -> {
                            Cloth cloth = b.cloth();
                            return cloth == null ? Stream.of() : Stream.of(cloth);
                        }))
                .toList();
        for (int i = 0; i < all.size(); i++) {
            for (int j = i + 1; j < all.size(); j++) {
                if (Pairing.of(all.get(i), all.get(j)).verdict() == Pairing.Verdict.NO) {
                    return false;
                }
            }
        }
        return true;
    }
}
