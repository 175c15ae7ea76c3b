package org.handdown.server.stash;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.handdown.formats.project.LeftoverJson;
import org.handdown.formats.project.StashedSourceJson;
import org.handdown.lay.Leftover;
import org.handdown.measure.RefusedValueException;
import org.handdown.project.Lay;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.reuse.Keeper;
import org.handdown.reuse.Losses;
import org.handdown.server.web.NotThereException;
import org.handdown.source.Assessment;
import org.handdown.source.Source;
import org.handdown.source.StashedSource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sources that wait in a household's stash. */
@Service
public class StashService {
    private final StashMapper mapper;

    StashService(StashMapper mapper) {
        this.mapper = mapper;
    }

    record Kept(UUID id, StashedSource stashed) {}

    /** A row that cannot be read any more; it hides none of its neighbours. */
    record Broken(UUID id, String what, String why) {}

    /** What lies there, and what lies there but cannot be read. */
    record Shelf<T>(List<T> whole, List<Broken> broken) {}

    private static <R, T> Shelf<T> shelf(
            List<R> rows, Function<R, T> read, Function<R, UUID> id, Function<R, String> what) {
        List<T> whole = new ArrayList<>();
        List<Broken> broken = new ArrayList<>();
        for (R row : rows) {
            try {
                whole.add(read.apply(row));
            } catch (RefusedValueException e) {
                broken.add(new Broken(id.apply(row), what.apply(row), e.field() + ": " + e.getMessage()));
            }
        }
        return new Shelf<>(List.copyOf(whole), List.copyOf(broken));
    }

    @Transactional(readOnly = true)
    Shelf<Kept> list(UUID household) {
        return shelf(
                mapper.list(household),
                StashService::kept,
                StashMapper.SourceRow::id,
                r -> StashedSourceJson.named(r.document()));
    }

    private static Kept kept(StashMapper.SourceRow row) {
        return new Kept(row.id(), StashedSourceJson.read(row.document()));
    }

    @Transactional(readOnly = true)
    Kept require(UUID household, UUID id) {
        return mapper.list(household).stream()
                .filter(r -> r.id().equals(id))
                .findFirst()
                .map(StashService::kept)
                .orElseThrow(() -> new NotThereException("There is no such source in this stash."));
    }

    @Transactional(readOnly = true)
    List<StashMapper.KeeperRow> keepers(UUID household) {
        return mapper.keepers(household);
    }

    /** Puts all keepers of a project that nothing uses into the stash; returns how many. */
    @Transactional
    int keepFree(UUID household, Project project) {
        Source source = project.source();
        if (source == null) {
            return 0;
        }
        Workroom room = new Workroom(project);
        List<Keeper> free = Losses.of(room.plan().orElseThrow(), room.keepers(), room.uses()).free().stream()
                .filter(k -> k.condition() != Assessment.Condition.BROKEN)
                .toList();
        free.forEach(k -> mapper.insertKeeper(
                household,
                new StashMapper.KeeperRow(
                        UUID.randomUUID(),
                        k.name(),
                        k.kind().words(),
                        k.restMm(),
                        k.depthMm(),
                        k.count(),
                        source.cloth().name(),
                        project.name())));
        return free.size();
    }

    /** A remnant and its row. */
    record Left(StashMapper.RemnantRow row, Leftover leftover) {}

    @Transactional(readOnly = true)
    Shelf<Left> remnants(UUID household) {
        return shelf(
                mapper.remnants(household),
                r -> new Left(r, LeftoverJson.read(r.document())),
                StashMapper.RemnantRow::id,
                r -> "remnant of " + r.cloth() + " from " + r.origin());
    }

    /**
     * Puts remnants of a project's lay into the stash; one that lies there already is not put there twice.
     *
     * @param which by their place in the lay; empty for all
     * @return how many are new
     */
    @Transactional
    int keepRemnants(UUID household, Project project, List<Integer> which) {
        Lay lay = project.lay();
        if (lay == null) {
            throw new NotThereException("Nothing is laid yet; lay the pieces first.");
        }
        List<Leftover> left = Leftover.of(lay.problem(), lay.layout());
        Set<Leftover> there = new HashSet<>();
        remnants(household).whole().stream()
                .filter(l -> l.row().origin().equals(project.name()))
                .forEach(l -> there.add(l.leftover()));
        int kept = 0;
        for (int i = 0; i < left.size(); i++) {
            // Read back, so that it compares with what is stored.
            Leftover one = LeftoverJson.read(LeftoverJson.text(left.get(i)));
            if ((which.isEmpty() || which.contains(i)) && there.add(one)) {
                mapper.insertRemnant(
                        household,
                        new StashMapper.RemnantRow(
                                UUID.randomUUID(), one.cloth(), project.name(), LeftoverJson.text(one)));
                kept++;
            }
        }
        return kept;
    }

    @Transactional
    void throwAwayRemnant(UUID household, UUID id) {
        if (mapper.deleteRemnant(household, id) != 1) {
            throw new NotThereException("There is no such remnant in this stash.");
        }
    }

    @Transactional
    void throwAwayKeeper(UUID household, UUID id) {
        if (mapper.deleteKeeper(household, id) != 1) {
            throw new NotThereException("There is no such keeper in this stash.");
        }
    }

    /** A source from its open format. */
    @Transactional
    public UUID importSource(UUID household, String text) {
        return keep(household, StashedSourceJson.read(text));
    }

    @Transactional
    public UUID keep(UUID household, StashedSource source) {
        UUID id = UUID.randomUUID();
        mapper.insert(household, id, StashedSourceJson.text(source));
        return id;
    }
}
