package org.handdown.server.workings;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.Supplier;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.StripMarks;
import org.handdown.pattern.Supply;
import org.handdown.pattern.WedgeSum;
import org.handdown.pattern.change.ButtonsAlong;
import org.handdown.pattern.change.Change;
import org.handdown.pattern.change.CutStrip;
import org.handdown.pattern.change.Takes;
import org.handdown.pattern.closing.ButtonPlan;
import org.handdown.pattern.closing.LoopPlan;
import org.handdown.pattern.closing.TiePlan;
import org.handdown.pattern.closing.ZipPlan;
import org.handdown.server.project.Typed;
import org.jspecify.annotations.Nullable;

/** Small sums that a person makes at the table before cutting: what each asks for, and what comes out. */
enum Sums {
    BUTTONS(
            "buttons on a front",
            List.of(
                    Field.length("length", "front edge, end to end", "440 mm"),
                    Field.length("top", "first button from the top", "12 mm"),
                    Field.length("end", "last button from the end", "60 mm"),
                    Field.count("count", "buttons wanted", "5"),
                    Field.count("box", "buttons in the box", "5"),
                    Field.length("diameter", "diameter", "15.24 mm"),
                    Field.length("thickness", "thickness", "3 mm"),
                    Field.length("fullest", "fullest place from the top", ""),
                    Field.length("turn", "turned under at each front", "25 mm"),
                    Field.count("slant", "front slants by, degrees", "0")),
            in -> {
                ButtonPlan plan = new ButtonPlan(
                        in.mm("length"),
                        in.mm("top"),
                        in.mm("end"),
                        in.count("count"),
                        in.count("box"),
                        in.mm("diameter"),
                        in.mm("thickness"),
                        in.has("fullest") ? in.mm("fullest") : -1,
                        in.mm("turn"),
                        in.count("slant"));
                return new Result(plan.sentences(), plan.marksMm(), plan.lengthMm())
                        .giving(() -> List.of(new ButtonsAlong(
                                in.name("buttons"),
                                in.text("onPiece"),
                                in.text("onEdge"),
                                plan.topMm(),
                                plan.endMm(),
                                plan.used(),
                                plan.diameterMm(),
                                plan.thicknessMm(),
                                in.has("fullest") ? plan.fullestMm() : null,
                                !in.text("holes").equals("no"))));
            }),
    LOOPS(
            "loops over buttons",
            List.of(
                    Field.count("count", "loops", "4"),
                    Field.length("gap", "gap between the fronts", "50 mm"),
                    Field.length("edge", "edge to the button’s centre", "13 mm"),
                    Field.length("diameter", "diameter", "32 mm"),
                    Field.length("thickness", "thickness", "4 mm"),
                    Field.length("anchor", "sewn in at each end", "13 mm"),
                    Field.length("cord", "cord at hand", "")),
            in -> {
                LoopPlan plan = new LoopPlan(
                        in.count("count"),
                        in.mm("gap"),
                        in.mm("edge"),
                        in.mm("diameter"),
                        in.mm("thickness"),
                        in.mm("anchor"),
                        in.has("cord") ? in.mm("cord") : 0);
                return new Result(plan.sentences())
                        .giving(() -> List.of(
                                new Takes(
                                        in.name("loops"),
                                        Supply.of(Supply.Kind.CORD, in.name("loops"), plan.cordAllMm())),
                                new Takes(
                                        in.name("loops") + ", buttons",
                                        Supply.buttons(in.name("loops"), plan.count(), plan.diameterMm()))));
            }),
    ZIP(
            "zip or slit",
            List.of(
                    Field.length("ring", "girth closed", "700 mm"),
                    Field.length("passes", "must pass", "950 mm"),
                    Field.length("zip", "zip at hand", "")),
            in -> {
                ZipPlan plan = new ZipPlan(in.mm("ring"), in.mm("passes"), in.has("zip") ? in.mm("zip") : 0);
                Result result = new Result(plan.sentences());
                return plan.openingMm() == 0
                        ? result
                        : result.giving(() -> List.of(new Takes(
                                in.name("zip"),
                                Supply.of(Supply.Kind.ZIP, in.name("zip"), Math.ceil(plan.openingMm())))));
            }),
    TIES(
            "ties",
            List.of(
                    Field.length("reach", "seam to knot, round the body", "400 mm"),
                    Field.length("width", "finished width", "30 mm"),
                    Field.count("count", "ties", "2")),
            in -> {
                TiePlan plan = new TiePlan(in.mm("reach"), in.mm("width"));
                return new Result(plan.sentences())
                        .giving(() -> List.of(new CutStrip(
                                in.name("tie"),
                                PieceCloth.SHELL,
                                CutGrain.LENGTHWISE,
                                plan.reachMm() + plan.bowMm(),
                                plan.widthMm(),
                                2,
                                TiePlan.SEAM_MM,
                                in.count("count"))));
            }),
    STRIPS(
            "strips out of a panel",
            List.of(
                    Field.length("panel", "panel, across the strips", "300 mm"),
                    Field.length("width", "width of a strip, cut", "63.5 mm"),
                    Field.length("long", "length of a strip", "400 mm"),
                    Field.count("count", "strips", "4"),
                    Field.length("allowance", "seam, if they become tubes", "6.35 mm")),
            in -> {
                StripMarks plan = new StripMarks(in.mm("panel"), in.mm("width"), in.count("count"));
                double tube = plan.tubeMm(in.mm("allowance"));
                return new Result(
                                List.of(
                                        Wording.fill(
                                                "All marks from one end, never each from the last; %.1f mm are left.",
                                                plan.leftMm()),
                                        tube > 0
                                                ? Wording.fill("As a tube each is %.1f mm wide.", tube)
                                                : "Too narrow for a tube with that seam."),
                                plan.marksMm(),
                                plan.panelMm())
                        .giving(() -> List.of(new CutStrip(
                                in.name("strip"),
                                PieceCloth.SHELL,
                                CutGrain.LENGTHWISE,
                                in.mm("long"),
                                in.mm("width"),
                                1,
                                0,
                                in.count("count"))));
            }),
    WEDGES(
            "wedges from sleeves or legs",
            List.of(
                    Field.length("wide", "wide end, opened flat", "500 mm"),
                    Field.length("narrow", "narrow end", "300 mm"),
                    Field.length("length", "length", "500 mm"),
                    Field.count("count", "how many", "4"),
                    Field.count("degrees", "together they should make, degrees", "180")),
            in -> new Result(new WedgeSum(in.mm("wide"), in.mm("narrow"), in.mm("length"), in.count("count"))
                    .sentences(in.count("degrees"))));

    /** @param usual as a person would write it; empty where it may stay empty */
    record Field(String id, String words, boolean length, String usual) {
        static Field length(String id, String words, String usual) {
            return new Field(id, words, true, usual);
        }

        static Field count(String id, String words, String usual) {
            return new Field(id, words, false, usual);
        }
    }

    /**
     * @param marksMm along a line of {@code lineMm}; empty where there is nothing to mark
     * @param changes that put it into a pattern; null where nothing follows for one
     */
    record Result(
            List<String> sentences,
            List<Double> marksMm,
            double lineMm,
            @Nullable Supplier<List<Change>> changes) {
        Result(List<String> sentences) {
            this(sentences, List.of(), 0);
        }

        Result(List<String> sentences, List<Double> marksMm, double lineMm) {
            this(sentences, marksMm, lineMm, null);
        }

        Result giving(Supplier<List<Change>> made) {
            return new Result(sentences, marksMm, lineMm, made);
        }

        boolean gives() {
            return changes != null;
        }

        List<Change> made() {
            return changes == null ? List.of() : changes.get();
        }
    }

    /** What was typed, read by field. */
    record Input(Typed typed, Map<String, String> texts) {
        boolean has(String field) {
            return !Typed.text(texts.get(field)).isEmpty();
        }

        double mm(String field) {
            return typed.mm("sum." + field, texts.get(field));
        }

        String text(String field) {
            return Typed.text(texts.get(field));
        }

        /** What the person calls it, or what it is. */
        String name(String otherwise) {
            return text("name").isEmpty() ? otherwise : text("name");
        }

        int count(String field) {
            return (int) Typed.count("sum." + field, texts.get(field));
        }
    }

    private final String words;
    private final List<Field> fields;
    private final Function<Input, Result> sum;

    Sums(String words, List<Field> fields, Function<Input, Result> sum) {
        this.words = words;
        this.fields = fields;
        this.sum = sum;
    }

    String words() {
        return words;
    }

    List<Field> fields() {
        return fields;
    }

    /** @throws RefusedValueException naming the field by {@code sum.…} */
    Result work(Input input) {
        try {
            return sum.apply(input);
        } catch (RefusedValueException e) {
            String field = e.field().replaceFirst("^(closing|strips|wedge)\\.", "sum.");
            throw new RefusedValueException(field, String.valueOf(e.getMessage()));
        }
    }
}
