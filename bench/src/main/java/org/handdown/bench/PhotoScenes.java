package org.handdown.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.handdown.formats.photo.KnownSheet;
import org.handdown.formats.photo.SimulatedCamera;
import org.handdown.geometry.Outline;
import org.handdown.panel.survey.ReadyShape;
import org.handdown.panel.survey.ShapeByMeasures;

/** Varied panels under the simulated camera: shapes, colours, tilt, light. */
final class PhotoScenes {
    /** Cloth and table, clearly different (made up). */
    private static final int[][] COLOURS = {
        {0xa1522e, 0xd9cbb2}, {0x2f4a6b, 0xcdbb98}, {0xe9e2d0, 0x6d5039}, {0x3d3d41, 0xb99a6c}, {0x7a2e3a, 0xdedad2},
        {0x4d6b45, 0xd8c7a8}, {0xd8b24a, 0x5a6066}, {0xf2efe8, 0x8a6a48}, {0x1f2a33, 0xe3ddd0}, {0x9c6f9e, 0xc9b48e}
    };

    private PhotoScenes() {}

    static List<SimulatedCamera.Scene> clear(
            int count, double tiltUpToDeg, double bend, double noise, KnownSheet sheet) {
        Random chance = new Random(8);
        List<SimulatedCamera.Scene> scenes = new ArrayList<>();
        ReadyShape[] shapes = ReadyShape.values();
        for (int i = 0; i < count; i++) {
            int[] colours = COLOURS[i % COLOURS.length];
            scenes.add(new SimulatedCamera.Scene(
                    usual(shapes[i % shapes.length], 0.85 + 0.3 * chance.nextDouble()),
                    colours[0],
                    colours[1],
                    -1,
                    sheet,
                    tiltUpToDeg * (0.3 + 0.7 * chance.nextDouble()),
                    360 * chance.nextDouble(),
                    i % 2 == 0 ? bend : -bend,
                    noise,
                    i % 3 != 0,
                    100 + i));
        }
        return scenes;
    }

    /** Cloth of the table's own colour, or with stripes of it: no outline is to be had. */
    static List<SimulatedCamera.Scene> hard() {
        List<SimulatedCamera.Scene> scenes = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            int table = COLOURS[i][1];
            boolean striped = i % 2 == 0;
            scenes.add(new SimulatedCamera.Scene(
                    usual(ReadyShape.values()[i], 1),
                    striped ? COLOURS[i][0] : near(table, 5 * i),
                    table,
                    striped ? near(table, 3) : -1,
                    KnownSheet.MARKER,
                    10,
                    45 * i,
                    0.01,
                    3,
                    true,
                    300 + i));
        }
        return scenes;
    }

    private static int near(int colour, int off) {
        int near = 0;
        for (int shift = 16; shift >= 0; shift -= 8) {
            near |= Math.max(0, Math.min(255, (colour >> shift & 255) - off)) << shift;
        }
        return near;
    }

    static Outline usual(ReadyShape shape, double size) {
        Map<String, Double> measures = new LinkedHashMap<>();
        for (ReadyShape.Measure m : shape.measures()) {
            if (m.kind() != ReadyShape.Kind.CHECK) {
                boolean isCount = m.kind() == ReadyShape.Kind.COUNT;
                measures.put(m.id(), isCount ? m.first() : Math.max(m.least(), Math.min(m.most(), size * m.first())));
            }
        }
        return new ShapeByMeasures(shape, measures).outline();
    }
}
