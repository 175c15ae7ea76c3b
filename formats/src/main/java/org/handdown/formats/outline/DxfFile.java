package org.handdown.formats.outline;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.jspecify.annotations.Nullable;

/**
 * An ASCII DXF taken apart into what it holds. No kept library reads these on this platform; group codes after the published DXF
 * reference, from memory.
 *
 * @param unit code of what one unit is, 0 for none named
 * @param hiddenLayers that are off or frozen
 * @param passedOver lines that stand where only a group code may
 */
record DxfFile(
        int unit, Set<String> hiddenLayers, Map<String, Block> blocks, List<DxfEntity> entities, int passedOver) {
    private static final int MOST_ENTITIES = 20_000;
    private static final int MOST_PASSED_OVER = 400;
    private static final Pattern CODE = Pattern.compile("\\s*-?\\d{1,4}\\s*");
    /** Things that can be put in several places at once. @param base what of it comes to lie where it is put */
    record Block(Point base, List<DxfEntity> entities) {}

    /** @throws RefusedValueException for what is no ASCII DXF, or has too many parts */
    static DxfFile of(String text) {
        return new Reading().read(text.split("\\R", -1));
    }

    Block block(String name) {
        return blocks.getOrDefault(key(name), new Block(new Point(0, 0), List.of()));
    }

    boolean has(String block) {
        return blocks.containsKey(key(block));
    }

    boolean isHidden(String layer) {
        return hiddenLayers.contains(key(layer));
    }

    private static String key(String name) {
        return name.toLowerCase(Locale.ROOT);
    }

    private static final class Reading {
        private final Set<String> hidden = new HashSet<>();
        private final Map<String, Block> blocks = new HashMap<>();
        private final List<DxfEntity> entities = new ArrayList<>();
        private String section = "";
        private String variable = "";
        private int unit;
        private int count;
        private @Nullable DxfEntity open;
        private @Nullable DxfEntity head;
        private List<DxfEntity> inBlock = new ArrayList<>();
        private boolean seen;

        DxfFile read(String[] lines) {
            int passed = 0;
            for (int i = 0; i + 1 < lines.length; i += 2) {
                // Some programs write lines of another format between; a group code follows them again.
                while (seen && passed <= MOST_PASSED_OVER && i + 2 < lines.length && !isCode(lines[i])) {
                    passed++;
                    i++;
                }
                if (!isCode(lines[i])) {
                    throw new RefusedValueException(
                            "file",
                            seen
                                    ? Wording.fill(
                                            "Line %d of the DXF is no group code: the file is damaged, save it again.",
                                            i + 1)
                                    : DrawingFile.NO_DRAWING);
                }
                pair(Integer.parseInt(lines[i].strip()), lines[i + 1].strip());
            }
            if (!seen) {
                throw new RefusedValueException("file", DrawingFile.NO_DRAWING);
            }
            finish();
            return new DxfFile(unit, hidden, blocks, entities, passed);
        }

        private static boolean isCode(String line) {
            return CODE.matcher(line).matches();
        }

        private void pair(int code, String value) {
            if (code == 0) {
                seen = true;
                begin(value);
            } else if (code == 2 && section.equals("?")) {
                section = value;
            } else if (section.equals("HEADER")) {
                if (code == 9) {
                    variable = value;
                } else if (variable.equals("$INSUNITS") && code == 70) {
                    unit = (int) DxfEntity.number(value);
                }
            } else if (open != null) {
                open.add(code, value);
            }
        }

        private void begin(String value) {
            finish();
            switch (value) {
                case "SECTION" -> section = "?";
                case "ENDSEC", "EOF" -> section = "";
                default -> thing(value);
            }
        }

        private void thing(String kind) {
            if (section.equals("ENTITIES")
                    || section.equals("BLOCKS")
                    || section.equals("TABLES") && kind.equals("LAYER")) {
                if (++count > MOST_ENTITIES) {
                    throw new RefusedValueException(
                            "file", "The drawing has more parts than any panel; save the outline alone.");
                }
                open = new DxfEntity(kind);
            }
        }

        /** Puts away what was read last. */
        private void finish() {
            DxfEntity done = open;
            open = null;
            if (done == null) {
                return;
            }
            switch (section) {
                case "ENTITIES" -> entities.add(done);
                case "BLOCKS" -> ofBlock(done);
                default -> {
                    if (done.number(62, 7) < 0 || done.has(70, 1)) {
                        hidden.add(key(done.text(2, "")));
                    }
                }
            }
        }

        private void ofBlock(DxfEntity done) {
            switch (done.kind()) {
                case "BLOCK" -> {
                    head = done;
                    inBlock = new ArrayList<>();
                }
                case "ENDBLK" -> {
                    if (head != null) {
                        blocks.put(key(head.text(2, "")), new Block(head.point(10), inBlock));
                    }
                    head = null;
                }
                default -> inBlock.add(done);
            }
        }
    }
}
