package org.handdown.server.idea;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.formats.project.ProjectJson;
import org.handdown.idea.Idea;
import org.handdown.idea.Offered;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Practice;
import org.handdown.pattern.draft.Draft;
import org.handdown.pattern.draft.Drafts;
import org.handdown.project.Project;
import org.handdown.server.project.Typed;
import org.handdown.server.stash.StashSources;
import org.handdown.server.table.PracticeService;
import org.handdown.server.wearer.Wearers;
import org.handdown.server.web.NotThereException;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What is tried, put together from what a household has and knows as it is now. */
@Component
class IdeaAsks {
    private final StashSources stash;
    private final Wearers wearers;
    private final PracticeService practice;
    private final Clock clock;

    IdeaAsks(StashSources stash, Wearers wearers, PracticeService practice, Clock clock) {
        this.stash = stash;
        this.wearers = wearers;
        this.practice = practice;
        this.clock = clock;
    }

    /** Somebody to be dressed. @param unit that their lengths are shown in */
    record Dressed(Wearer wearer, LengthUnit unit) {
        /** What drafts read of them. */
        private String basis() {
            Map<BodyMeasure, Double> sorted = new TreeMap<>();
            wearer.measures().forEach((measure, taken) -> sorted.put(measure, taken.mm()));
            return wearer.name() + sorted;
        }
    }

    /** For one look: nothing is read twice, and nothing that changes meanwhile is seen. Not for several threads. */
    final class Look {
        private final UUID household;
        private final Practice by;
        private final Map<UUID, StashSources.Named> things = new HashMap<>();
        private final Map<String, Dressed> people = new HashMap<>();
        private final Map<String, String> bases = new HashMap<>();

        private Look(UUID household) {
            this.household = household;
            this.by = practice.of(household);
        }

        /** @throws NotThereException for what is no cloth of this stash */
        StashSources.Named thing(UUID id) {
            return things.computeIfAbsent(id, i -> stash.require(household, i));
        }

        /** What was read already is known. */
        void know(List<StashSources.Named> all) {
            all.forEach(t -> things.put(t.id(), t));
        }

        Offered offered(UUID id, @Nullable UUID other) {
            return other == null ? thing(id).offered() : stash.both(thing(id), thing(other));
        }

        Dressed dressed(Question question, String name) {
            return people.computeIfAbsent(name.strip().toLowerCase(Locale.ROOT), n -> {
                boolean isNew = !question.height().isEmpty();
                Wearer wearer = wearers.wearer(
                        household, name, question.height(), new Typed(question.unit()), LocalDate.now(clock));
                LengthUnit unit = isNew
                        ? question.unit()
                        : wearers.named(household, name)
                                .map(Wearers.Known::unit)
                                .orElse(question.unit());
                return new Dressed(wearer, unit);
            });
        }

        /** Everybody whose height is known. */
        List<Dressed> everybody() {
            return wearers.of(household).stream()
                    .filter(k -> k.wearer().find(BodyMeasure.HEIGHT).isPresent())
                    .map(k -> new Dressed(k.wearer(), k.unit()))
                    .toList();
        }

        Idea.Ask ask(Question question, UUID thing, @Nullable UUID other, String draft, String wearer) {
            Dressed dressed = dressed(question, wearer);
            return new Idea.Ask(offered(thing, other), Drafts.require(draft), dressed.wearer(), dressed.unit(), by);
        }

        /** Another one, as soon as any figure that a try reads is another. */
        UUID basis(UUID thing, @Nullable UUID other, Draft draft, Dressed dressed) {
            String offered = bases.computeIfAbsent(
                    thing + "+" + other,
                    k -> ProjectJson.digest(offered(thing, other)
                                    .in(Project.named("offered").by(by)))
                            .toString());
            String version = Optional.ofNullable(Drafts.class.getPackage().getImplementationVersion())
                    .orElse("");
            return named(offered + "|" + dressed.basis() + "|" + draft.id() + "|" + version);
        }

        private UUID named(String text) {
            return UUID.nameUUIDFromBytes(text.getBytes(StandardCharsets.UTF_8));
        }
    }

    Look look(UUID household) {
        return new Look(household);
    }
}
