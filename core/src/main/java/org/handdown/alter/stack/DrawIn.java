package org.handdown.alter.stack;

import java.util.List;
import java.util.Map;
import org.handdown.assembly.Fold;
import org.handdown.assembly.Join;
import org.handdown.assembly.Run;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/** An end drawn in: elastic or a cord in a channel, rows of elastic thread, or gathers that a tape holds. */
final class DrawIn implements Altering {
    /** The channel is wider than what runs in it by so much (common practice, no source). */
    private static final double ROOM_MM = 4;

    /** Of a hem above the row that closes the channel (common practice, no source). */
    private static final double BELOW_MM = 2;

    private static final double SEAM_MM = 7;
    private static final double OVERLAP_MM = 20;
    private static final double KNOTS_MM = 400;
    private static final double ROW_MM = 10;
    /** Where nobody says how far: common practice, no source. */
    private static final double FIRST_SHARE = 0.85;

    @Override
    public List<Ask> asks() {
        return List.of(
                Ask.end("end", "Which end"),
                Ask.choice(
                        "by",
                        "Drawn in by",
                        "elastic",
                        "elastic in a channel",
                        "cord",
                        "a cord in a channel",
                        "rows",
                        "rows of elastic thread",
                        "tape",
                        "gathers, held by a tape"),
                Ask.optional("round", "Then all round, relaxed", 60, 3000),
                Ask.length("wide", "Width of the elastic or cord", 3, 80, 20).when("by", "elastic", "cord"),
                Ask.choice(
                                "channel",
                                "It runs in",
                                "hem",
                                "the hem that is there",
                                "strip",
                                "a strip sewn inside, nothing gets shorter")
                        .when("by", "elastic", "cord"),
                Ask.choice("rows", "How many rows", "3", "three", "5", "five", "8", "eight", "12", "twelve")
                        .when("by", "rows"),
                Ask.sides());
    }

    @Override
    public boolean suits(Ask ask, GarmentNow garment, Ask.Option option) {
        return ask.type() != Ask.Type.END
                || option.value().contains("sleeve")
                || option.value().equals("waist");
    }

    @Override
    public Effect on(GarmentNow before, Told told) {
        Work work = new Work(before, told.id());
        told.ends("end").forEach(end -> draw(work, before, told, end));
        work.ask("Pinned to that length and worn, sitting and moving: does it hold without cutting in?");
        return work.done();
    }

    private static void draw(Work work, GarmentNow before, Told told, End end) {
        List<Run> along = work.along(end);
        double edge = along.stream().mapToDouble(work.garment()::sewnMm).sum();
        double round = told.has("round") ? told.mm("round") : Math.rint(edge * FIRST_SHARE);
        if (round >= edge) {
            throw new RefusedValueException(
                    "figures.round",
                    Wording.fill("The %s is %.0f mm round; drawn in it must be less.", end.name(), edge));
        }
        switch (told.pick("by")) {
            case "elastic", "cord" -> channel(work, before, told, end, edge, round);
            case "rows" -> rows(work, told, end, edge, round);
            default -> {
                work.sewn(told.id() + "-tape-" + end.id(), "tape on the " + end.name(), round);
                work.say(
                        "Two rows of long stitches draw %.0f mm onto a tape of %.0f mm and its ends; quarters marked on both. It gives no more: it must pass as it is.",
                        edge, round);
            }
        }
        boolean gives = !told.is("by", "tape");
        for (Run run : along) {
            double takes = work.garment().sewnMm(run) * (1 - round / edge);
            work.fold(new Fold(
                    told.id() + "-drawn-" + run.component() + "-" + run.edge(),
                    run.component(),
                    run.edge(),
                    takes,
                    gives));
        }
    }

    private static void channel(Work work, GarmentNow before, Told told, End end, double edge, double round) {
        double wide = told.mm("wide");
        double channel = wide + ROOM_MM;
        if (told.is("channel", "hem")) {
            double depth = Work.on(work.garment(), end.edges()).stream()
                    .filter(Join::isTurned)
                    .mapToDouble(j -> before.allowanceMm(j.id()))
                    .min()
                    .orElse(0);
            if (depth < channel + BELOW_MM) {
                throw new RefusedValueException(
                        "figures.wide",
                        Wording.fill(
                                "The hem is %.0f mm deep, a channel for %.0f mm needs %.0f mm: take it %.0f mm wide at most, a strip inside, or turn a deeper hem first.",
                                depth, wide, channel + BELOW_MM, Math.max(0, depth - BELOW_MM - ROOM_MM)));
            }
            work.open(told.id() + "-gap", "hem, one gap beside a seam", 2 * wide);
            work.sewn(told.id() + "-gap-" + end.id(), "the gap again", 2 * wide);
        } else {
            work.need(new ToCut(
                    told.id() + "-channel-" + end.id(),
                    "channel of the " + end.name(),
                    ToCut.strip(edge, channel, "outer"),
                    Map.of("sewn", SEAM_MM, "outer", SEAM_MM, "left", SEAM_MM, "right", SEAM_MM),
                    Map.of(),
                    ToCut.As.ONCE));
            work.sewn(told.id() + "-channel-" + end.id(), "both edges of the channel", 2 * edge);
        }
        boolean isElastic = told.is("by", "elastic");
        work.say(
                isElastic
                        ? "Elastic: %.0f mm, of them %.0f mm overlap; it must stretch to %.0f mm to pass as wide as the cloth."
                        : "Cord: %.0f mm, of them %.0f mm for ends and knots; pulled open the end is %.0f mm round.",
                isElastic ? round + OVERLAP_MM : edge + KNOTS_MM,
                isElastic ? OVERLAP_MM : KNOTS_MM,
                edge);
        work.say(
                "The channel is %.0f mm wide inside; the bodkin or pin may be %.0f mm wide at most. Seams that cross it are pressed and sewn down first.",
                channel, channel - 1);
    }

    private static void rows(Work work, Told told, End end, double edge, double round) {
        int rows = Integer.parseInt(told.pick("rows"));
        work.sewn(told.id() + "-rows-" + end.id(), "rows of elastic thread at the " + end.name(), rows * edge);
        work.say(
                "%d rows %.0f mm apart, chalked before the first: %.0f mm of seam, the band is %.0f mm deep. Elastic thread on the bobbin, wound by hand; each row draws in more, so try %.0f mm on a scrap.",
                rows, ROW_MM, rows * edge, (rows - 1) * ROW_MM, round);
        work.say("Leave no later seam across them: it would cut the elastic.");
    }
}
