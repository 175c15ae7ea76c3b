package org.handdown.server.idea;

import java.util.List;
import java.util.UUID;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.draft.Drafts;
import org.handdown.server.idea.WishMapper.WishRow;
import org.handdown.server.wearer.Wearers;
import org.handdown.server.web.NotThereException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A household's list of wishes: a draft for somebody whom it knows. */
@Service
class Wishes {
    private static final int MOST = 60;

    private final WishMapper mapper;
    private final Wearers wearers;

    Wishes(WishMapper mapper, Wearers wearers) {
        this.mapper = mapper;
        this.wearers = wearers;
    }

    /** A wish for a draft that another version of the program knew is not shown. */
    @Transactional(readOnly = true)
    List<WishRow> of(UUID household) {
        return mapper.all(household).stream()
                .filter(w -> Drafts.find(w.draft()).isPresent())
                .toList();
    }

    @Transactional
    void keep(UUID household, String draft, String wearer) {
        Drafts.require(draft);
        if (wearers.named(household, wearer).isEmpty()) {
            throw new RefusedValueException(
                    "wearer", "Whoever wishes must be known: measure them under Wearers first, a height is enough.");
        }
        if (mapper.all(household).size() >= MOST) {
            throw new RefusedValueException(
                    "draft", Wording.fill("%d wishes are kept at most; let one go first.", MOST));
        }
        mapper.insert(household, UUID.randomUUID(), draft, wearer);
    }

    @Transactional
    void drop(UUID household, UUID id) {
        if (mapper.delete(household, id) != 1) {
            throw new NotThereException("That wish is gone already.");
        }
    }
}
