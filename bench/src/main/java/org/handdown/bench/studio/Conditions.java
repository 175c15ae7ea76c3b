package org.handdown.bench.studio;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.Consumer;

/** Twenty-nine kinds of picture that people take, seven of each. Colours are made up. */
final class Conditions {
    private static final int EACH = 7;
    private static final int[] CLOTHS = {0x8c3b2a, 0x2c4566, 0x4d6b45, 0xd1a83f, 0x6b2f52, 0x33383f, 0x8a79a8};
    private static final int[] TABLES = {0xd6c7ab, 0xcab891, 0xdcd3c2, 0x5b6168, 0xc9bda4, 0xc7a877, 0x6a4f39};
    private static final int SKIN = 0xc99a78;

    private final Map<String, Consumer<Setting>> plain = new LinkedHashMap<>();
    private final Map<String, Consumer<Setting>> traps = new LinkedHashMap<>();

    /** Another number of thousands is another set of pictures of the same kinds: figures chosen on one are judged by the next. */
    private static final long SET = 1_000_000L * Long.getLong("handdown.studio.set", 0);

    private Conditions() {
        plain.put("plain", s -> {});
        plain.put("tilted by 24°", s -> s.tiltDeg = 24);
        plain.put("wide lens, barrel", s -> {
            s.focal = 0.8;
            s.k1 = -0.045;
            s.k2 = 0.006;
        });
        plain.put("lens off its axis", s -> {
            s.k1 = 0.02;
            s.p1 = 0.0015;
            s.p2 = -0.001;
        });
        plain.put("out of focus", s -> s.blurPx = 2.6);
        plain.put("shaken", s -> s.shakenPx = 4);
        plain.put("hard shadow", s -> s.shades.add(shade(s, 0.55, 4)));
        plain.put("soft shadow, lamp aside", s -> {
            s.shades.add(shade(s, 0.6, 60));
            s.gradient = 0.3;
        });
        plain.put("dim and noisy", s -> {
            s.exposure = 0.28;
            s.noise = 0.03;
        });
        plain.put("warm light, small file", s -> {
            s.white = new double[] {1, 0.82, 0.58};
            s.quality = 0.55f;
        });
        plain.put("wood", s -> s.table = Surface.wood(0xa9794a, s.seed));
        plain.put("carpet", s -> s.table = Surface.carpet(0x8f8678, s.seed));
        plain.put("tiles", s -> s.table = Surface.tiles(0xd9d4ca, 0x8d877c, 200, s.seed));
        plain.put("checked table cloth", s -> s.table = Surface.checked(0xe8e2d4, 0xb9c4c9, 36, s.seed));
        plain.put("striped", s -> s.face = Surface.striped(cloth(s), 0x9aa4ad, 30, 0.4, s.seed));
        plain.put("checked", s -> s.face = Surface.checked(cloth(s), 0x7f8790, 44, s.seed));
        plain.put("dotted", s -> s.face = Surface.dotted(cloth(s), 0xe8dfcf, 46, s.seed));
        plain.put("wrinkled", s -> s.wrinkled = 0.06);
        plain.put("sheet creased", s -> s.ridgeMm = 1);
        plain.put("A4 creased and bowed", s -> {
            s.isMarked = false;
            s.ridgeMm = 0.7;
            s.bowMm = 0.7;
        });
        plain.put("A4", s -> s.isMarked = false);
        plain.put("A4 on wood", s -> {
            s.isMarked = false;
            s.table = Surface.wood(0x8b5e3a, s.seed);
        });
        plain.put("white table", s -> s.table = Surface.woven(0xefece6, s.seed));
        plain.put("cut down afterwards", s -> {
            s.offX = 0.07;
            s.offY = -0.05;
            s.fills = 0.78;
        });
        plain.put("corners put by hand", s -> s.byHandPx = 6);
        traps.put("folded over, pale wrong side", s -> folded(s, true));
        traps.put("folded over, like wrong side", s -> folded(s, false));
        traps.put("hand over the edge", s -> s.things.add(new Setting.Thing(hand(s), Surface.woven(SKIN, s.seed))));
        traps.put("dark thing on dark cloth", s -> {
            s.face = Surface.woven(0x2b2e34, s.seed);
            s.table = Surface.woven(0xd6c7ab, s.seed + 1);
            s.things.add(new Setting.Thing(atEdge(s, -90, -35, 90, -35, 90, 35, -90, 35), Surface.plain(0x1d1d20)));
        });
        traps.put(
                "two like cloths",
                s -> s.things.add(new Setting.Thing(
                        atEdge(s, -60, -110, 150, -100, 160, 120, -50, 100), Surface.woven(cloth(s), s.seed + 40))));
        traps.put("out of the picture", s -> s.fills = 1.12);
        traps.put("cloth of the table's colour", s -> s.face = Surface.woven(table(s), s.seed + 3));
    }

    static List<Setting> all() {
        Conditions all = new Conditions();
        List<Setting> settings = new ArrayList<>();
        int n = 0;
        for (Map<String, Consumer<Setting>> some : List.of(all.plain, all.traps)) {
            for (Map.Entry<String, Consumer<Setting>> one : some.entrySet()) {
                for (int i = 0; i < EACH; i++) {
                    Setting s = usual(one.getKey(), all.plain.containsKey(one.getKey()), SET + 1000L * n + i, i);
                    one.getValue().accept(s);
                    settings.add(s);
                }
                n++;
            }
        }
        return settings;
    }

    private static int cloth(Setting s) {
        return CLOTHS[(int) (s.seed % 1000)];
    }

    private static int table(Setting s) {
        return TABLES[(int) (s.seed % 1000)];
    }

    private static Setting usual(String condition, boolean isPlain, long seed, int i) {
        Random chance = new Random(seed * 7919 + 13);
        Setting s = new Setting(condition, isPlain, seed);
        s.cloth = Shapes.of(i + (int) (seed / 1000), chance);
        s.face = Surface.woven(cloth(s), seed);
        s.table = Surface.woven(table(s), seed + 1);
        double[] box = s.cloth.box();
        boolean isTall = box[3] - box[1] > 1.3 * (box[2] - box[0]);
        if (isTall || i % 2 == 0) {
            s.paperX = box[2] + 150 + 40 * chance.nextDouble();
            s.paperY = box[1] + (box[3] - box[1]) * chance.nextDouble();
        } else {
            s.paperX = box[0] + (box[2] - box[0]) * chance.nextDouble();
            s.paperY = box[3] + 190 + 30 * chance.nextDouble();
        }
        s.paperTurnDeg = 24 * chance.nextDouble() - 12;
        s.tiltDeg = 2 + 9 * chance.nextDouble();
        s.towardsDeg = 360 * chance.nextDouble();
        s.rollDeg = 16 * chance.nextDouble() - 8;
        s.focal = 1.1 + 0.25 * chance.nextDouble();
        s.k1 = 0.008 * (chance.nextDouble() - 0.5);
        s.gradientDeg = 360 * chance.nextDouble();
        return s;
    }

    private static Setting.Shade shade(Setting s, double light, double soft) {
        double[] b = s.cloth.box();
        double w = b[2] - b[0];
        double h = b[3] - b[1];
        return new Setting.Shade(
                Shapes.placed(
                        b[0] + 0.3 * w,
                        b[1] - 0.4 * h,
                        12 + 3 * (s.seed % 1000),
                        0,
                        0,
                        0.5 * w,
                        0,
                        0.6 * w,
                        1.1 * h,
                        0.1 * w,
                        1.1 * h),
                light,
                soft);
    }

    /** A corner comes back over the cloth. */
    private static void folded(Setting s, boolean isPale) {
        double[] b = s.cloth.box();
        double a = Math.toRadians(40 + 20 * (s.seed % 1000));
        double nx = Math.cos(a);
        double ny = Math.sin(a);
        double most = -1e9;
        for (double[] p : s.cloth.ring()) {
            most = Math.max(most, nx * p[0] + ny * p[1]);
        }
        s.fold = new double[] {nx, ny, most - 0.12 * Math.hypot(b[2] - b[0], b[3] - b[1])};
        int c = cloth(s);
        int pale = 0;
        for (int shift = 16; shift >= 0; shift -= 8) {
            int v = c >> shift & 255;
            pale |= (isPale ? v + (235 - v) * 2 / 5 : v) << shift;
        }
        s.wrongSide = Surface.woven(pale, s.seed + 8);
    }

    private static Patch hand(Setting s) {
        return atEdge(
                s, -25, -160, 25, -160, 45, -40, 60, 20, 48, 26, 36, -8, 34, 60, 20, 62, 16, 4, 8, 74, -6, 74, -8, 4,
                -20, 62, -32, 58, -28, -4, -52, 30, -62, 24, -48, -50);
    }

    /** A thing that lies half over the cloth's edge, in the middle of a side. */
    private static Patch atEdge(Setting s, double... xy) {
        List<double[]> ring = s.cloth.ring();
        double[] a = ring.get(0);
        double[] b = ring.get(1);
        double longest = 0;
        for (int i = 0; i < ring.size(); i++) {
            double[] p = ring.get(i);
            double[] q = ring.get((i + 1) % ring.size());
            if (Math.hypot(q[0] - p[0], q[1] - p[1]) > longest) {
                longest = Math.hypot(q[0] - p[0], q[1] - p[1]);
                a = p;
                b = q;
            }
        }
        double turn = Math.toDegrees(Math.atan2(b[1] - a[1], b[0] - a[0]));
        return Shapes.placed((a[0] + b[0]) / 2, (a[1] + b[1]) / 2, turn, xy);
    }
}
