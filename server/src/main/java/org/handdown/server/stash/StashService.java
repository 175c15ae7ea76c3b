package org.handdown.server.stash;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.handdown.formats.project.LeftoverJson;
import org.handdown.formats.project.StashedSourceJson;
import org.handdown.lay.Leftover;
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

    @Transactional(readOnly = true)
    List<Kept> list(UUID household) {
        return mapper.list(household).stream()
                .map(r -> new Kept(r.id(), StashedSourceJson.read(r.document())))
                .toList();
    }

    @Transactional(readOnly = true)
    Kept require(UUID household, UUID id) {
        return list(household).stream()
                .filter(k -> k.id().equals(id))
                .findFirst()
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

    @Transactional(readOnly = true)
    List<StashMapper.RemnantRow> remnants(UUID household) {
        return mapper.remnants(household);
    }

    /**
     * Puts remnants of a project's lay into the stash; one that lies there already is not put there twice.
     *
     * @param which by their place in the lay; empty for all
     * @return how many are new
     */
    @Transactional
    int keepRemnants(UUID household, Project project, List<Integer> which) {
        Project.Lay lay = project.lay();
        if (lay == null) {
            throw new NotThereException("Nothing is laid yet; lay the pieces first.");
        }
        List<Leftover> left = Leftover.of(lay.problem(), lay.layout());
        Set<Leftover> there = new HashSet<>();
        mapper.remnants(household).stream()
                .filter(r -> r.origin().equals(project.name()))
                .forEach(r -> there.add(LeftoverJson.read(r.document())));
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
        UUID id = UUID.randomUUID();
        mapper.insert(household, id, StashedSourceJson.text(StashedSourceJson.read(text)));
        return id;
    }
}
