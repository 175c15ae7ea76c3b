package org.handdown.server.stash;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ColourFamily;
import org.handdown.formats.project.StashItemJson;
import org.handdown.geometry.Box;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.project.Kept.Result;
import org.handdown.server.stash.ThingMapper.Columns;
import org.handdown.server.stash.ThingMapper.Narrowing;
import org.handdown.server.stash.ThingMapper.ThingRow;
import org.handdown.server.web.NotThereException;
import org.handdown.server.web.UnreadableException;
import org.handdown.source.Source;
import org.handdown.source.StashedSource;
import org.handdown.stash.LooseKeeper;
import org.handdown.stash.Sheet;
import org.handdown.stash.StashItem;
import org.handdown.stash.StashSearch;
import org.handdown.stash.StashThing;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What lies in a household's stash: put in, looked for, changed, thrown away and taken back. */
@Service
public class StashService {
    /** A household's stash takes so many things; a list shows so many at once. */
    static final int MOST_THINGS = 2_000;

    static final int A_PAGE = 60;
    /** Of what serves so many are shown, those that fit most closely: how much each has to spare is measured. */
    private static final int BEST = 30;

    /** Of what could serve by its size so many are looked at closely at once, the smallest first, until a page is full. */
    private static final int LOOKED_AT = 80;

    /** Others of the program are given so many of a kind at most. */
    private static final int MOST_OF_A_KIND = 400;

    private final ThingMapper mapper;
    private final org.handdown.project.Kept results;

    StashService(ThingMapper mapper, org.handdown.project.Kept results) {
        this.mapper = mapper;
        this.results = results;
    }

    private List<Sheet> sheets(StashThing thing) {
        return results.of(Result.SHEETS, List.of(thing), () -> Sheet.of(thing));
    }

    /** A thing with its row. @param served where something was looked for: how well it serves */
    record Kept(ThingRow row, StashItem item, Optional<StashSearch.Served> served) {
        double free() {
            return Math.max(0, row.amount() - row.promised());
        }

        String code() {
            return new StashCode(StashThing.Kind.valueOf(row.kind()), row.number()).text();
        }
    }

    /** A row that cannot be read any more; it hides none of its neighbours. */
    record Broken(UUID id, String what, String why) {}

    /** What was found. @param count of all that the narrowing leaves, for the next page */
    record Shelf(List<Kept> whole, List<Broken> broken, int count) {}

    /** Reading one draws its garment, to know that it can be: what was read once is known. */
    private Kept kept(ThingRow row) {
        String document = row.document();
        StashItem item = results.of(Result.THING, List.of(document), () -> StashItemJson.read(document));
        return new Kept(row, item, Optional.empty());
    }

    private void read(ThingRow row, List<Kept> whole, List<Broken> broken) {
        try {
            whole.add(kept(row));
        } catch (RefusedValueException e) {
            String code = new StashCode(StashThing.Kind.valueOf(row.kind()), row.number()).text();
            broken.add(new Broken(row.id(), "thing " + code, e.field() + ": " + e.getMessage()));
        }
    }

    /** A page of what a narrowing leaves. */
    @Transactional(readOnly = true)
    Shelf list(UUID household, Narrowing by, int from) {
        List<Kept> whole = new ArrayList<>();
        List<Broken> broken = new ArrayList<>();
        List<String> colours = colours(household, by);
        mapper.list(household, by, colours, from, A_PAGE).forEach(r -> read(r, whole, broken));
        return new Shelf(whole, broken, mapper.count(household, by, colours));
    }

    /** What this household has in the colour that is asked for: which colours those are, only the rule knows. */
    private List<String> colours(UUID household, Narrowing by) {
        return by.colour() == null
                ? List.of()
                : mapper.colours(household).stream()
                        .filter(c -> ColourFamily.of(c) == by.colour())
                        .toList();
    }

    /** All that serves, the closest fit first. */
    @Transactional(readOnly = true)
    Shelf serving(UUID household, Narrowing by, StashSearch search) {
        List<Kept> serving = new ArrayList<>();
        List<Broken> broken = new ArrayList<>();
        List<String> colours = colours(household, by);
        int there = mapper.count(household, by, colours);
        for (int from = 0; from < there && serving.size() < BEST; from += LOOKED_AT) {
            List<Kept> near = new ArrayList<>();
            mapper.list(household, by, colours, from, LOOKED_AT).forEach(r -> read(r, near, broken));
            near.stream()
                    .map(k -> new Kept(k.row, k.item, search.in(k.item.thing(), k.free(), this::sheets)))
                    .filter(k -> k.served.isPresent())
                    .forEach(serving::add);
        }
        serving.sort(Comparator.comparingDouble(k -> k.served.orElseThrow().spareMm()));
        List<Kept> shown = serving.stream()
                .limit(BEST)
                .map(k -> new Kept(k.row, k.item, k.served.map(search::withSlack)))
                .toList();
        return new Shelf(shown, broken, serving.size());
    }

    /** Cloth that lies flat, the newest first, no more than are looked at in one go. */
    @Transactional(readOnly = true)
    List<Kept> flat(UUID household) {
        return of(household, List.of("LENGTH", "PANEL", "REMNANT"));
    }

    /** Garments and household cloths, likewise. */
    @Transactional(readOnly = true)
    List<Kept> garments(UUID household) {
        return of(household, List.of("SOURCE"));
    }

    /** All but whole garments, likewise: what a list of things to buy is held against. */
    @Transactional(readOnly = true)
    List<Kept> suppliesAndCloth(UUID household) {
        return of(household, List.of("NOTION", "KEEPER", "LENGTH", "PANEL", "REMNANT"));
    }

    private List<Kept> of(UUID household, List<String> kinds) {
        List<Kept> whole = new ArrayList<>();
        Narrowing by = new Narrowing("", null, "", kinds, "", "", "", null, 0, 0, false);
        mapper.list(household, by, List.of(), 0, MOST_OF_A_KIND).forEach(r -> read(r, whole, new ArrayList<>()));
        return whole;
    }

    @Transactional(readOnly = true)
    List<String> places(UUID household) {
        return mapper.places(household);
    }

    @Transactional(readOnly = true)
    List<ThingMapper.ThrownRow> thrownAway(UUID household) {
        return mapper.thrownAway(household);
    }

    /** @throws UnreadableException where what is stored is damaged */
    @Transactional(readOnly = true)
    Kept require(UUID household, UUID id) {
        ThingRow row = mapper.find(household, id)
                .orElseThrow(() -> new NotThereException("There is no such thing in this stash."));
        try {
            return kept(row);
        } catch (RefusedValueException e) {
            throw new UnreadableException(e.field() + ": " + e.getMessage());
        }
    }

    Source requireSource(UUID household, UUID id) {
        StashThing thing = require(household, id).item().thing();
        if (thing instanceof StashThing.Garment g) {
            return g.source();
        }
        throw new NotThereException("There is no such source in this stash.");
    }

    private static Columns columns(StashItem item) {
        StashThing thing = item.thing();
        Cloth cloth = thing.cloth();
        double widest = 0;
        double longest = 0;
        for (Sheet sheet : Sheet.of(thing)) {
            Box box = sheet.box();
            widest = Math.max(widest, box.widthMm());
            longest = Math.max(longest, box.heightMm());
        }
        String clothName = thing instanceof LooseKeeper k ? k.clothName() : cloth == null ? "" : cloth.name();
        return new Columns(
                thing.kind().name(),
                thing.name(),
                item.tag().place(),
                clothName,
                cloth == null ? "" : cloth.weave().name(),
                item.tag().missed().name(),
                item.tag().washed(),
                thing.stock().amount(),
                widest,
                longest);
    }

    /** The next number of its kind; whoever else puts something in waits. */
    @Transactional
    public UUID keep(UUID household, StashItem item) {
        return keepAll(household, List.of(item)).get(0);
    }

    @Transactional
    public List<UUID> keepAll(UUID household, List<StashItem> items) {
        return keepAll(household, items, null);
    }

    /** @param from the project that they came out of; null for what was brought in */
    @Transactional
    List<UUID> keepAll(UUID household, List<StashItem> items, @Nullable UUID from) {
        mapper.lock(household);
        if (mapper.all(household) + items.size() > MOST_THINGS) {
            throw new RefusedValueException(
                    "stash", Wording.fill("A stash takes %d things; let some go first.", MOST_THINGS));
        }
        List<UUID> ids = new ArrayList<>();
        for (StashItem item : items) {
            UUID id = UUID.randomUUID();
            Columns columns = columns(item);
            mapper.insert(
                    household,
                    id,
                    mapper.nextNumber(household, columns.kind()),
                    columns,
                    StashItemJson.text(item),
                    from);
            ids.add(id);
        }
        return ids;
    }

    /** A source from its open format. */
    @Transactional
    public UUID importSource(UUID household, String text) {
        return keep(household, StashItemJson.read(text));
    }

    /** @param version that was looked at; a thing that was changed since is not written over */
    @Transactional
    void change(UUID household, UUID id, long version, StashItem item) {
        Kept before = require(household, id);
        mapper.remember(household, id);
        mapper.forgetOld(household, id);
        if (!before.row.kind().equals(item.thing().kind().name())) {
            throw new RefusedValueException("thing.kind", "stays what it is; throw it away and add another instead.");
        }
        if (mapper.update(household, id, version, columns(item), StashItemJson.text(item)) != 1) {
            throw new RefusedValueException(
                    "thing",
                    "This thing was changed elsewhere since you opened it. Nothing of yours was stored; look at it as it is now, and do it again.");
        }
    }

    /** As it was before its last change. */
    @Transactional
    void undo(UUID household, UUID id) {
        Kept now = require(household, id);
        String before = mapper.lastState(household, id)
                .orElseThrow(() -> new RefusedValueException("thing", "Nothing was changed that could be undone."));
        mapper.update(household, id, now.row.version(), columns(StashItemJson.read(before)), before);
        mapper.forgetLast(household, id);
    }

    @Transactional(readOnly = true)
    boolean canUndo(UUID household, UUID id) {
        return mapper.lastState(household, id).isPresent();
    }

    @Transactional
    void throwAway(UUID household, UUID id) {
        if (mapper.delete(household, id) != 1) {
            throw new NotThereException("There is no such thing in this stash.");
        }
    }

    @Transactional
    void takeBack(UUID household, UUID id) {
        if (mapper.takeBack(household, id) != 1) {
            throw new NotThereException("It is no longer to be had.");
        }
    }

    /** All readable things, for a file or a table. */
    @Transactional(readOnly = true)
    List<Kept> all(UUID household) {
        List<Kept> whole = new ArrayList<>();
        Narrowing any = new Narrowing("", null, "", List.of(), "", "", "", null, 0, 0, true);
        mapper.list(household, any, List.of(), 0, MOST_THINGS + 1).forEach(r -> read(r, whole, new ArrayList<>()));
        return whole;
    }

    /** A source with its idea, as it was kept before there were things. */
    @Transactional
    public UUID keep(UUID household, StashedSource source) {
        return keep(household, StashItem.of(new StashThing.Garment(source)));
    }
}
