package org.handdown.formats.outline;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Segment;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.jspecify.annotations.Nullable;

/**
 * Closed shapes of an ASCII DXF drawing as outlines: polylines with their bulges, circles, ellipses, splines, lines and arcs that meet, in
 * blocks too. What is switched off, lies on a sheet of paper or is no line is left out, and told. An outline is called after its block,
 * the one text that lies in it, or its layer.
 */
final class DxfOutlines {
    private static final Map<Integer, Double> MM_A_UNIT = Map.ofEntries(
            Map.entry(1, 25.4),
            Map.entry(2, 304.8),
            Map.entry(4, 1.0),
            Map.entry(5, 10.0),
            Map.entry(6, 1000.0),
            Map.entry(8, 25.4e-6),
            Map.entry(9, 0.0254),
            Map.entry(10, 914.4),
            Map.entry(13, 0.001),
            Map.entry(14, 100.0),
            Map.entry(15, 10_000.0),
            Map.entry(21, 1_200_000.0 / 3937));
    private static final int DEEPEST = 16;
    private static final int MOST_ENTITIES = 40_000;
    /** They belong to what comes before them, or draw nothing. */
    private static final Set<String> SILENT =
            Set.of("VERTEX", "SEQEND", "VIEWPORT", "BLOCK", "ENDBLK", "ATTDEF", "ATTRIB");
    /** These lie in the plane of their own direction, all others in the drawing's. */
    private static final Set<String> TURNED_OVER = Set.of("CIRCLE", "ARC", "LWPOLYLINE", "POLYLINE", "INSERT", "TEXT");

    private static final Pattern UNICODE = Pattern.compile("\\\\U\\+([0-9A-Fa-f]{4,5})");
    private static final Map<String, List<String>> WORDS = Map.of(
            "HATCH", List.of("a hatching", "hatchings"),
            "DIMENSION", List.of("a dimension", "dimensions"),
            "POINT", List.of("a point", "points"),
            "IMAGE", List.of("a picture", "pictures"),
            "LEADER", List.of("a leader", "leaders"));

    private final DxfFile file;
    private final OutlineGathering gathering = new OutlineGathering();
    /** Runs by what they may be joined with: those of one layer in one block. */
    private final Map<Joinable, List<List<Segment>>> runs = new LinkedHashMap<>();

    private final List<Label> labels = new ArrayList<>();
    private int drawn;

    /** @param place of the block that they stand in, one for each time it is put somewhere */
    private record Joinable(String place, String block, String layer) {}

    private record Label(String text, Point at) {}

    /** Where things of a block come to lie. @param map from the block's own plane to mm */
    private record Frame(String place, String block, String layer, boolean hidden, UnaryOperator<Point> map) {}

    private DxfOutlines(DxfFile file) {
        this.file = file;
    }

    /**
     * All closed outlines.
     *
     * @param unit what one unit of the drawing is; null for the drawing's own, and a millimetre where it names none, which is told
     * @throws RefusedValueException for what is no ASCII DXF, is too large, or holds no closed outline
     */
    static Drawing read(String text, @Nullable DrawingUnit unit) {
        return new DxfOutlines(DxfFile.of(text)).all(unit);
    }

    private Drawing all(@Nullable DrawingUnit unit) {
        double mm = unit == null ? MM_A_UNIT.getOrDefault(file.unit(), 1.0) : unit.mm();
        if (unit != null) {
            gathering.tell("One unit of the drawing is taken as " + unit.words() + ", as you said.");
        } else if (!MM_A_UNIT.containsKey(file.unit())) {
            gathering.tell(
                    file.unit() == 0
                            ? "The drawing names no unit: one is taken as a millimetre."
                            : "The drawing's unit is none that cloth is drawn in: one is taken as a millimetre.");
        }
        if (file.passedOver() > 0) {
            gathering.tell(Wording.fill(
                    "%d lines of the file are no DXF and were passed over: look whether all is there.",
                    file.passedOver()));
        }
        things(file.entities(), new Frame("", "", "0", false, p -> p.times(mm)), 1);
        runs.forEach(this::gather);
        name();
        return gathering.drawing();
    }

    private void gather(Joinable group, List<List<Segment>> all) {
        String called = !group.block.isEmpty() ? group.block : group.layer.equals("0") ? "" : group.layer;
        Loops.Found found = Loops.of(all);
        found.closed().forEach(run -> gathering.take(run, called, called));
        found.open().forEach(run -> gathering.leaveOutOpen(Loops.start(run).distanceMm(Loops.end(run))));
    }

    /** A layer's name is many outlines' name; the first text that lies in an outline, and in no smaller one of its layer, is its own. */
    private void name() {
        List<FoundOutline> found = gathering.found();
        List<Region> regions = new ArrayList<>();
        for (int i = 0; i < found.size(); i++) {
            Point corner = gathering.corner(i);
            regions.add(Region.of(found.get(i).outline().ring().map(p -> p.plus(corner))));
        }
        List<String> names = found.stream().map(FoundOutline::name).toList();
        for (int i = 0; i < found.size(); i++) {
            int one = i;
            if (!names.get(i).isEmpty() && Collections.frequency(names, names.get(i)) == 1) {
                continue;
            }
            labels.stream()
                    .filter(l -> regions.get(one).covers(l.at) && isSmallest(one, l.at, names, regions))
                    .findFirst()
                    .ifPresent(l -> found.set(
                            one,
                            found.get(one).called((l.text + " " + names.get(one).toLowerCase(Locale.ROOT)).strip())));
        }
    }

    private static boolean isSmallest(int one, Point at, List<String> names, List<Region> regions) {
        for (int i = 0; i < regions.size(); i++) {
            if (names.get(i).equals(names.get(one))
                    && regions.get(i).areaMm2() < regions.get(one).areaMm2()
                    && regions.get(i).covers(at)) {
                return false;
            }
        }
        return true;
    }

    private void things(List<DxfEntity> all, Frame frame, int depth) {
        for (int i = 0; i < all.size(); i++) {
            DxfEntity e = all.get(i);
            if (SILENT.contains(e.kind()) || e.whole(67, 0) == 1) {
                if (e.whole(67, 0) == 1 && !SILENT.contains(e.kind())) {
                    gathering.leaveOut("a thing on a sheet of paper", "things on sheets of paper");
                }
                continue;
            }
            if (++drawn > MOST_ENTITIES) {
                throw new RefusedValueException(
                        "file", "The drawing has more parts than any panel; save the outline alone.");
            }
            if (frame.hidden || e.whole(60, 0) == 1 || file.isHidden(e.layer())) {
                gathering.leaveOut("a thing that is switched off", "things that are switched off");
                continue;
            }
            int end = i + 1;
            while (end < all.size() && all.get(end).kind().equals("VERTEX")) {
                end++;
            }
            thing(e, all.subList(i + 1, end), frame, depth);
        }
    }

    private void thing(DxfEntity e, List<DxfEntity> vertices, Frame frame, int depth) {
        UnaryOperator<Point> map = frame.map;
        if (Math.abs(e.number(230, 1)) < 0.999) {
            gathering.leaveOut("a thing that stands in space", "things that stand in space");
            return;
        }
        if (e.number(230, 1) < 0 && TURNED_OVER.contains(e.kind())) {
            map = p -> frame.map.apply(p.mirrored());
        }
        try {
            List<Segment> run = switch (e.kind()) {
                case "LWPOLYLINE" -> DxfCurves.lightPolyline(e);
                case "POLYLINE" -> isFlat(e) ? DxfCurves.polyline(e, vertices) : null;
                case "LINE" -> List.<Segment>of(new Segment.Line(e.point(10), e.point(11)));
                case "ARC" -> DxfCurves.arc(e);
                case "CIRCLE" -> DxfCurves.circle(e);
                case "ELLIPSE" -> DxfCurves.ellipse(e);
                case "SPLINE" -> DxfSpline.segments(e);
                default -> null;
            };
            if (run != null) {
                put(run, e.layer(), frame, map);
            } else {
                other(e, frame, map, depth);
            }
        } catch (RefusedValueException why) {
            gathering.leaveOut(e.kind().toLowerCase(Locale.ROOT) + " on layer " + e.layer(), why);
        }
    }

    /** Meshes of polygons are no lines. */
    private static boolean isFlat(DxfEntity e) {
        return !e.has(70, 16) && !e.has(70, 64);
    }

    private void put(List<Segment> run, String layer, Frame frame, UnaryOperator<Point> map) {
        gathering.count(run.size());
        if (!run.isEmpty()) {
            String own = layer.equals("0") ? frame.layer : layer;
            runs.computeIfAbsent(new Joinable(frame.place, frame.block, own), k -> new ArrayList<>())
                    .add(run.stream().map(s -> s.map(map)).toList());
        }
    }

    private void other(DxfEntity e, Frame frame, UnaryOperator<Point> map, int depth) {
        switch (e.kind()) {
            case "INSERT" -> insert(e, frame, map, depth);
            case "TEXT", "MTEXT" -> {
                String text = plain(e.text(1, ""));
                if (!text.isEmpty()) {
                    labels.add(new Label(text, map.apply(e.point(10))));
                }
                gathering.leaveOut("a text", "texts");
            }
            default -> {
                List<String> words = WORDS.getOrDefault(
                        e.kind(),
                        List.of(
                                "a " + e.kind().toLowerCase(Locale.ROOT),
                                e.kind().toLowerCase(Locale.ROOT) + "s"));
                gathering.leaveOut(words.get(0), words.get(1));
            }
        }
    }

    /** Without the signs by which a text of several lines is set. */
    private static String plain(String text) {
        String read = UNICODE.matcher(text)
                .replaceAll(m -> Matcher.quoteReplacement(Character.toString(Integer.parseInt(m.group(1), 16))));
        return read.replaceAll("\\\\[A-Za-z~][^;\\\\]*;|[{}]", "")
                .replaceAll("\\\\P|\\s+", " ")
                .strip();
    }

    private void insert(DxfEntity e, Frame frame, UnaryOperator<Point> map, int depth) {
        String name = e.text(2, "");
        if (!file.has(name)) {
            gathering.leaveOut("a block that is not in the file", "blocks that are not in the file");
            return;
        }
        if (depth >= DEEPEST) {
            throw new RefusedValueException("file", "Its blocks stand in each other without end.");
        }
        DxfFile.Block block = file.block(name);
        double across = e.number(41, 1);
        double up = e.number(42, 1);
        double turn = Math.toRadians(e.number(50, 0));
        int columns = Math.max(1, Math.min(1000, e.whole(70, 1)));
        int rows = Math.max(1, Math.min(1000, e.whole(71, 1)));
        // A block without a name of its own is the program's.
        String own = name.startsWith("*") ? frame.block : name;
        String layer = e.layer().equals("0") ? frame.layer : e.layer();
        for (int c = 0; c < columns; c++) {
            for (int r = 0; r < rows; r++) {
                double dx = c * e.number(44, 0);
                double dy = r * e.number(45, 0);
                UnaryOperator<Point> place = p -> {
                    double x = (p.x() - block.base().x()) * across + dx;
                    double y = (p.y() - block.base().y()) * up + dy;
                    return map.apply(
                            new Point(x * Math.cos(turn) - y * Math.sin(turn), x * Math.sin(turn) + y * Math.cos(turn))
                                    .plus(e.point(10)));
                };
                things(
                        block.entities(),
                        new Frame(frame.place + "/" + drawn + "." + c + "." + r, own, layer, false, place),
                        depth + 1);
            }
        }
    }
}
