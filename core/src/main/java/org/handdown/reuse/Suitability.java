package org.handdown.reuse;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.handdown.alter.Release;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.measure.Origin;
import org.handdown.measure.Practice;
import org.handdown.measure.QuantityKind;
import org.handdown.measure.Wording;
import org.handdown.source.Source;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Part;

/** Whether a source can become what is wanted, by measured slack at each level, never by the size on its label. */
public final class Suitability {
    private static final double WORK_MARGIN_MM = 15;

    private final Source source;
    private final Wearer wearer;
    private final Practice practice;
    private final Anatomy anatomy;
    /** A girth is read flat and doubled, and its error with it. */
    private final double toleranceMm;
    /** Of the job at hand. */
    private final Set<String> proposed = new LinkedHashSet<>();

    /** How well a source suits a job. */
    public enum Verdict {
        PASS("suits"),
        EXTRA_WORK("with extra work"),
        FAIL("does not suit");

        private final String words;

        Verdict(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * What there is at one level against what the job needs.
     *
     * @param haveMm as the tape found it
     * @param needMm body and ease, or the longest piece
     */
    public record Slack(String level, double haveMm, double needMm, String formula) {
        public double slackMm() {
            return haveMm - needMm;
        }
    }

    /**
     * A job with its levels; the worst one decides.
     *
     * @param proposed measures of the body in it that nobody took yet: the height proposes them
     */
    public record Job(String name, Verdict verdict, List<Slack> levels, String why, List<String> proposed) {}

    private Suitability(Source source, Wearer wearer, Practice practice) {
        this.source = source;
        this.practice = practice;
        this.wearer = wearer;
        this.anatomy = source.construction().anatomy();
        this.toleranceMm = source.assessment().toleranceMm(practice) * QuantityKind.FLAT_HALF.multiplier();
    }

    /** Every job that makes sense for such a source, the best suited first. */
    public static List<Job> of(Source source, Wearer wearer, Practice practice) {
        Suitability suits = new Suitability(source, wearer, practice);
        List<Job> jobs = new ArrayList<>();
        suits.addAll(jobs);
        jobs.sort(Comparator.comparing(Job::verdict));
        return jobs;
    }

    private static final Set<SourceKind> SKIRTS =
            Set.of(SourceKind.SKIRT, SourceKind.PLEATED_SKIRT, SourceKind.GATHERED_SKIRT, SourceKind.CIRCLE_SKIRT);
    private static final Set<SourceKind> LEGS = Set.of(SourceKind.TROUSERS, SourceKind.JEANS);
    private static final Set<SourceKind> RIBBED = Set.of(SourceKind.JUMPER, SourceKind.SWEATSHIRT);

    /** A measure that this draft never asked for is proposed from the height, and named with the job. */
    private double body(BodyMeasure measure) {
        Optional<Wearer.Taken> taken =
                wearer.find(measure).filter(t -> t.origin() != Origin.PROPOSED || measure == BodyMeasure.HEIGHT);
        if (taken.isEmpty()) {
            proposed.add(measure.words());
        }
        return taken.or(() -> wearer.find(measure)).map(Wearer.Taken::mm).orElseGet(() -> wearer.proposedMm(measure));
    }

    private double source(String id) {
        return source.measures().mm(id);
    }

    /** Longest and widest extent of any main part, with nothing won yet. */
    private double longest() {
        return extents().stream().mapToDouble(e -> Math.max(e[0], e[1])).max().orElse(0);
    }

    private double widest() {
        return extents().stream().mapToDouble(e -> Math.min(e[0], e[1])).max().orElse(0);
    }

    private List<double[]> extents() {
        return anatomy.mainParts().stream()
                .map(Part::outline)
                .map(o -> o.box())
                .map(b -> new double[] {b.widthMm(), b.heightMm()})
                .toList();
    }

    private void addAll(List<Job> jobs) {
        if (LEGS.contains(source.kind())) {
            fromLegs(jobs);
        }
        if (SKIRTS.contains(source.kind()) || source.kind() == SourceKind.DRESS) {
            double releases = Release.atWaist(anatomy, Release.LEAST_ALLOWANCE_WOVEN_MM).stream()
                    .filter(r -> r.side().equals("skirt"))
                    .mapToDouble(Release::mostMm)
                    .sum();
            jobs.add(job(
                    "let out at the waist for another year",
                    slack(
                            "waist, all let out",
                            source("waist") + releases,
                            body(BodyMeasure.WAIST) + 10,
                            Wording.fill("%.0f mm now + %.0f mm hidden", source("waist"), releases))));
        }
        if (RIBBED.contains(source.kind())) {
            fromRibs(jobs);
        }
        if (source.kind() == SourceKind.SHIRT) {
            jobs.add(job(
                    "art smock with the placket behind",
                    slack(
                            "placket",
                            anatomy.part("front-left").outline().edge("centre").lengthMm(),
                            body(BodyMeasure.BACK_WAIST) + 220,
                            Wording.of("back waist + 220 mm")),
                    slack(
                            "chest",
                            source("chest"),
                            body(BodyMeasure.CHEST) + 240,
                            Wording.of("chest + 240 mm over other clothes"))));
        }
        fromFlatCloth(jobs);
    }

    private void fromFlatCloth(List<Job> jobs) {
        double skirtLength = body(BodyMeasure.WAIST_TO_FLOOR) * 0.55;
        jobs.add(job(
                "wrap skirt",
                slack(
                        "width",
                        Math.max(widest(), longest()),
                        body(BodyMeasure.HIP) * 0.6,
                        "60 % of the hip for one of two panels"),
                slack(
                        "length",
                        Math.min(longest(), Math.max(longest(), widest())),
                        skirtLength,
                        "55 % of waist to floor")));
        double bodyLength = body(BodyMeasure.BACK_WAIST) + 150;
        jobs.add(job(
                "bodywarmer",
                slack(
                        "width of the back",
                        widest(),
                        (body(BodyMeasure.CHEST) + 200) / 2,
                        Wording.of("(chest + 200 mm ease)/2")),
                slack("length", longest(), bodyLength, Wording.of("back waist + 150 mm"))));
    }

    private void fromRibs(List<Job> jobs) {
        double rib = source("cuffRibGirth");
        double usable = practice.of(Practice.Figure.USABLE_STRETCH)
                * source.cloth().sheet().lastingAcross();
        jobs.add(job(
                "leg warmers from the sleeves, ribs kept",
                slack("sleeve length", source("sleeve"), 260, Wording.of("at least 260 mm")),
                slack(
                        "cuff rib over the heel",
                        rib * (1 + usable),
                        body(BodyMeasure.HEEL_GIRTH),
                        Wording.fill("rib %.0f mm × (1 + %.2f)", rib, usable))));
        jobs.add(job(
                "baby's hat with the hem rib as its band",
                slack(
                        "hem rib",
                        source("hemRibGirth") / 2 * (1 + usable),
                        420,
                        Wording.of("half of the rib, stretched, round a head of 420 mm"))));
    }

    private void fromLegs(List<Job> jobs) {
        double leg = body(BodyMeasure.WAIST_TO_FLOOR) + 60;
        double half = (body(BodyMeasure.HIP) + 80) / 4 + 20 + 40;
        jobs.add(job(
                "dungarees cut from the legs",
                slack("length of a leg", source("outsideLeg"), leg, Wording.of("waist to floor + hem and seam, 60 mm")),
                slack(
                        "width at the seat",
                        source("seat") / 4,
                        half,
                        Wording.of("(hip + 80 mm ease)/4 + crotch and seams, 60 mm"))));
        jobs.add(job(
                "skirt for the same waist",
                slack(
                        "waist",
                        source("waist"),
                        body(BodyMeasure.WAIST) + 10,
                        Wording.of("waist + 10 mm ease; a skirt cannot be let in there")),
                slack("hip", source("seat"), body(BodyMeasure.HIP) + 40, Wording.of("hip + 40 mm ease")),
                slack(
                        "leg ends for the front wedge",
                        source("insideLeg"),
                        300,
                        Wording.of("a wedge at least 300 mm high"))));
    }

    private static Slack slack(String level, double have, double need, String formula) {
        return new Slack(level, have, need, formula);
    }

    private Job job(String name, Slack... levels) {
        List<Slack> all = List.of(levels);
        Slack worst =
                all.stream().min(Comparator.comparingDouble(Slack::slackMm)).orElseThrow();
        boolean close = Math.abs(worst.slackMm()) < toleranceMm;
        Verdict verdict = !close && worst.slackMm() >= WORK_MARGIN_MM
                ? Verdict.PASS
                : close || worst.slackMm() >= -0.1 * worst.needMm() ? Verdict.EXTRA_WORK : Verdict.FAIL;
        String why = switch (verdict) {
            case PASS -> Wording.fill("least slack %.0f mm, at the %s", worst.slackMm(), worst.level());
            case EXTRA_WORK ->
                Wording.fill(
                        close
                                ? "%.0f mm either way at the %s is less than the measures may be off: measure it again"
                                : worst.slackMm() < 0
                                        ? "%.0f mm are missing at the %s: piece it or insert"
                                        : "only %.0f mm over at the %s: measure it twice",
                        Math.abs(worst.slackMm()),
                        worst.level());
            case FAIL -> Wording.fill("%.0f mm are missing at the %s", -worst.slackMm(), worst.level());
        };
        List<String> guessed = List.copyOf(proposed);
        proposed.clear();
        return new Job(name, verdict, all, why, guessed);
    }

    /** Names of the jobs that it suits, for a source that fails what is wanted. */
    public static List<String> instead(List<Job> jobs) {
        return jobs.stream()
                .filter(j -> j.verdict() == Verdict.PASS)
                .map(Job::name)
                .toList();
    }
}
