package org.handdown.server.idea;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.formats.project.Aims;
import org.handdown.measure.Length;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Origin;
import org.handdown.measure.RefusedValueException;
import org.handdown.project.Aim;
import org.handdown.server.project.Typed;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Whom a household has measured already: nobody is asked for a figure that a project knows. */
@Service
class KnownWearers {
    private static final int LOOKED_AT = 500;

    private final KnownWearerMapper mapper;

    KnownWearers(KnownWearerMapper mapper) {
        this.mapper = mapper;
    }

    /** @param unit that their project shows lengths in */
    record Known(Wearer wearer, LengthUnit unit) {}

    /** Each once, by name, as the project last worked on knows them. */
    @Transactional(readOnly = true)
    List<Known> of(UUID household) {
        List<Known> known = new ArrayList<>();
        for (String aim : mapper.aims(household, LOOKED_AT)) {
            read(aim).filter(w -> !w.wearer().name().isBlank()).ifPresent(w -> {
                if (known.stream()
                        .noneMatch(k -> same(k.wearer().name(), w.wearer().name()))) {
                    known.add(w);
                }
            });
        }
        return known;
    }

    private static boolean same(String one, String other) {
        return one.strip().toLowerCase(Locale.ROOT).equals(other.strip().toLowerCase(Locale.ROOT));
    }

    /** A project that cannot be read any more knows nobody. */
    private static Optional<Known> read(String aim) {
        try {
            Aim read = Aims.of(aim);
            return Optional.of(new Known(read.wearer(), read.unit()));
        } catch (RefusedValueException e) {
            return Optional.empty();
        }
    }

    /**
     * Somebody known, or somebody new by height.
     *
     * @param height as it was typed; empty for somebody known, whose own it is then
     */
    Wearer wearer(UUID household, String name, String height, Typed typed, LocalDate today) {
        Optional<Wearer> known = of(household).stream()
                .map(Known::wearer)
                .filter(w -> same(w.name(), name))
                .findFirst();
        if (known.isPresent() && height.isEmpty()) {
            return known.get();
        }
        if (name.isEmpty()) {
            throw new RefusedValueException("wearer", "Say who will wear it.");
        }
        Length length = typed.length("height", height);
        Map<BodyMeasure, Wearer.Taken> taken = new EnumMap<>(BodyMeasure.class);
        taken.put(BodyMeasure.HEIGHT, new Wearer.Taken(length, height, Origin.TAPE, null, today));
        return new Wearer(name, taken, List.of());
    }
}
