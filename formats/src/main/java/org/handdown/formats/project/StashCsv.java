package org.handdown.formats.project;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Weave;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.reuse.KeeperKind;
import org.handdown.source.Assessment;
import org.handdown.source.Construction;
import org.handdown.source.Source;
import org.handdown.source.StashedSource;
import org.handdown.source.anatomy.GarmentMeasures;
import org.handdown.source.anatomy.MeasureSpec;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.stash.LooseKeeper;
import org.handdown.stash.Notion;
import org.handdown.stash.Sheet;
import org.handdown.stash.StashItem;
import org.handdown.stash.StashThing;
import org.handdown.stash.Stock;

/**
 * A stash as a table (RFC 4180), to be looked at and filled in elsewhere. Panels and remnants go out with their size and do not come in: a
 * table has no outline. A garment comes in with an average one's measures, which are marked as proposed.
 */
public final class StashCsv {
    private static final String[] HEAD = {
        "code",
        "kind",
        "what",
        "name",
        "place",
        "cloth",
        "weave",
        "colour",
        "across mm",
        "along mm",
        "depth mm",
        "stretch %",
        "count",
        "diameter mm",
        "size",
        "washed",
        "missed",
        "cost",
        "note",
        "from"
    };
    private static final int MOST_ROWS = 2_000;
    private static final String PLAIN_COLOUR = "#9a8f7c";

    private StashCsv() {}

    /** @param items by their codes */
    public static String write(Map<String, StashItem> items) {
        StringWriter text = new StringWriter();
        try (CSVPrinter csv =
                new CSVPrinter(text, CSVFormat.RFC4180.builder().setHeader(HEAD).get())) {
            for (Map.Entry<String, StashItem> e : items.entrySet()) {
                csv.printRecord(row(e.getKey(), e.getValue()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException("Text in memory is always written.", e);
        }
        return text.toString();
    }

    private static List<String> row(String code, StashItem item) {
        StashThing thing = item.thing();
        Map<String, String> row = new LinkedHashMap<>();
        for (String column : HEAD) {
            row.put(column, "");
        }
        row.put("code", code);
        row.put("kind", Words.of(thing.kind()));
        row.put("name", harmless(thing.name()));
        row.put("place", harmless(item.tag().place()));
        row.put("washed", item.tag().washed() ? "yes" : "no");
        row.put("missed", Words.of(item.tag().missed()));
        row.put("cost", harmless(item.tag().cost()));
        row.put("note", harmless(item.tag().note()));
        row.put("from", harmless(item.descent()));
        Cloth cloth = thing.cloth();
        if (cloth != null) {
            row.put("cloth", harmless(cloth.name()));
            row.put("weave", Words.of(cloth.weave()));
            row.put("colour", cloth.colour());
        }
        List<Sheet> sheets = Sheet.of(thing);
        if (sheets.size() == 1) {
            row.put("across mm", whole(Math.floor(sheets.get(0).box().widthMm())));
            row.put("along mm", whole(Math.floor(sheets.get(0).box().heightMm())));
        }
        addOwn(row, thing);
        return List.copyOf(row.values());
    }

    /** What only things of its sort have. */
    private static void addOwn(Map<String, String> row, StashThing thing) {
        if (thing instanceof StashThing.Garment g) {
            row.put("what", Words.of(g.source().kind()));
        } else if (thing instanceof LooseKeeper k) {
            row.put("what", Words.of(k.keeper()));
            row.put("along mm", figure(k.size().lengthMm()));
            row.put("depth mm", figure(k.size().depthMm()));
            row.put("stretch %", figure(100 * k.size().stretch()));
            row.put("count", figure(k.size().count()));
            row.put("diameter mm", figure(k.size().diameterMm()));
            row.put("cloth", harmless(k.clothName()));
        } else if (thing instanceof Notion n) {
            row.put("what", Words.of(n.sort()));
            row.put("size", harmless(n.size()));
            row.put(n.sort().unit() == Stock.Unit.MM ? "along mm" : "count", figure(n.amount()));
        }
    }

    private static String figure(double value) {
        return value == 0 ? "" : Wording.fill("%.1f", value).replaceAll("\\.0$", "");
    }

    private static String whole(double value) {
        return Wording.fill("%.0f", value);
    }

    /** A table program must not take a name for a formula. */
    private static String harmless(String text) {
        return !text.isEmpty() && "=+-@".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }

    /** All rows, or none: the first that cannot be read is told with its line. */
    public static List<StashItem> read(String text) {
        List<StashItem> items = new ArrayList<>();
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        try (CSVParser rows = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .setIgnoreEmptyLines(true)
                .setDelimiter(plain.lines().findFirst().orElse("").contains(";") ? ';' : ',')
                .get()
                .parse(new StringReader(plain))) {
            for (CSVRecord row : rows) {
                if (items.size() == MOST_ROWS) {
                    throw new RefusedValueException("file", "A stash takes 2000 things at most; bring them in parts.");
                }
                items.add(item(new TableRow(row, rows.getCurrentLineNumber())));
            }
        } catch (IOException | IllegalArgumentException | IllegalStateException e) {
            throw new RefusedValueException(
                    "file", "is no table with a head and commas between its fields; export one to see how it goes.");
        }
        if (items.isEmpty()) {
            throw new RefusedValueException("file", "has no row under its head.");
        }
        return items;
    }

    private static StashItem item(TableRow row) {
        try {
            return new StashItem(
                            thing(row),
                            new StashItem.Tag(
                                    row.text("place"), isYes(row.text("washed")), "", "", Assessment.Missed.SOME),
                            row.text("from"))
                    .tagged(new StashItem.Tag(
                            row.text("place"),
                            isYes(row.text("washed")),
                            row.text("note"),
                            row.text("cost"),
                            row.word("missed", Assessment.Missed.class, Assessment.Missed.SOME)));
        } catch (RefusedValueException e) {
            throw "file".equals(e.field())
                    ? e
                    : row.refused(e.getMessage() == null ? "cannot be read." : e.getMessage());
        }
    }

    private static boolean isYes(String text) {
        return Set.of("yes", "y", "x", "1", "true").contains(text.toLowerCase(Locale.ROOT));
    }

    private static StashThing thing(TableRow row) {
        return switch (row.word("kind", StashThing.Kind.class)) {
            case LENGTH -> new StashThing.ByTheMetre(cloth(row), row.mm("across mm"), row.mm("along mm"));
            case KEEPER ->
                new LooseKeeper(
                        row.text("name"),
                        row.word("what", KeeperKind.class),
                        new LooseKeeper.Size(
                                row.mm("along mm"),
                                row.mm("stretch %") / 100,
                                row.mm("depth mm"),
                                (int) row.mm("count"),
                                row.mm("diameter mm")),
                        row.text("cloth"),
                        Assessment.Condition.SOUND);
            case NOTION -> {
                Notion.Sort sort = row.word("what", Notion.Sort.class);
                yield new Notion(
                        row.text("name"),
                        sort,
                        row.text("size"),
                        row.mm(sort.unit() == Stock.Unit.MM ? "along mm" : "count"));
            }
            case SOURCE -> garment(row);
            case PANEL, REMNANT ->
                throw row.refused("A table has no outline: bring panels and remnants by a file of things instead.");
        };
    }

    private static Cloth cloth(TableRow row) {
        String name = row.text("cloth").isEmpty() ? row.text("name") : row.text("cloth");
        return new Cloth(
                name,
                "",
                row.word("weave", Weave.class, Weave.PLAIN),
                row.text("colour").isEmpty() ? PLAIN_COLOUR : row.text("colour"),
                false,
                false,
                1,
                HeatLimit.ONE_DOT,
                ClothSheet.UNTESTED);
    }

    private static StashThing garment(TableRow row) {
        GarmentMeasures average = GarmentMeasures.first(row.word("what", SourceKind.class));
        Set<String> proposed = Set.copyOf(
                average.kind().measures().stream().map(MeasureSpec::id).toList());
        Source source = new Source(
                row.text("name"),
                "",
                "",
                "",
                "",
                cloth(row),
                new Construction(average, List.of()),
                List.of(),
                Assessment.NONE.proposing(proposed));
        return new StashThing.Garment(new StashedSource(source, ""));
    }
}
