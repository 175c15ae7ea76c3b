package org.handdown.server.source;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.StretchTest;
import org.handdown.fit.EdgeKind;
import org.handdown.geometry.Outline;
import org.handdown.measure.Wording;
import org.handdown.project.Aim;
import org.handdown.project.Project;
import org.handdown.project.Station;
import org.handdown.project.Workroom;
import org.handdown.reuse.Suitability;
import org.handdown.server.project.PutOnView;
import org.handdown.server.project.Say;
import org.handdown.server.project.Shown;
import org.handdown.server.source.SourceView.EdgeView;
import org.handdown.server.source.SourceView.FoldView;
import org.handdown.server.source.SourceView.JobView;
import org.handdown.server.source.SourceView.NamedLength;
import org.handdown.server.source.SourceView.PartView;
import org.handdown.server.source.SourceView.SlackView;
import org.handdown.source.Source;
import org.handdown.source.anatomy.MeasureSpec;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.FlatView;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.Part;
import org.handdown.unpick.FreedEdges;
import org.handdown.unpick.UnpickPlan;
import org.jspecify.annotations.Nullable;

/** The source and its taking apart, as the page wants them. */
public final class SourceViews {
    private final Project project;
    private final Workroom room;
    private final Say say;

    public SourceViews(Shown shown) {
        this.project = shown.project();
        this.room = shown.room();
        this.say = shown.say();
    }

    /** Works out a part that may fail by itself. */
    public interface Parts {
        <T> T part(Station station, String what, Supplier<T> part, T otherwise);
    }

    /** Nothing before there is a source. */
    public Optional<SourceView> view(Parts parts) {
        return Optional.ofNullable(project.source()).map(source -> source(source, parts));
    }

    private SourceView source(Source source, Parts parts) {
        Anatomy anatomy = room.anatomy().orElseThrow();
        UnpickPlan plan = room.plan().orElseThrow();
        return new SourceView(
                source.name(),
                source.kind(),
                source.kind().words(),
                source.what(),
                source.condition(),
                source.care(),
                source.cost(),
                source.cloth(),
                clothTexts(source.cloth()),
                source.cloth().sheet().consequences().stream()
                        .map(say::sentence)
                        .toList(),
                source.kind().measures().stream()
                        .map(s -> measure(
                                s,
                                source.measures().mm(s.id()),
                                source.assessment().proposed().contains(s.id()),
                                say))
                        .toList(),
                source.assessment().proposed().stream().sorted().toList(),
                anatomy.views().stream()
                        .map(v -> part(anatomy.part(v.part()), v, plan))
                        .toList(),
                anatomy.folds().stream().map(this::fold).toList(),
                source.faults(),
                source.construction().adjustments().stream()
                        .map(a -> say.sentence(a.words()))
                        .toList(),
                parts.part(Station.SOURCE, "What it suits", () -> jobs(source), List.of()),
                parts.part(Station.SOURCE, "How it is put on", () -> PutOnView.of(room.putOn(), say), List.of()),
                source.assessment().missed(),
                source.assessment().measured(),
                source.assessment().wantedBy() == null
                        ? ""
                        : source.assessment().wantedBy().toString(),
                parts.part(
                                Station.SOURCE,
                                "Whether to begin",
                                this::prospect,
                                Optional.<SourceView.ProspectView>empty())
                        .orElse(null));
    }

    private Optional<SourceView.ProspectView> prospect() {
        return room.prospect(LocalDate.now(ZoneId.systemDefault()))
                .map(p -> new SourceView.ProspectView(
                        p.advice(),
                        p.advice().words(),
                        p.sentences().stream().map(say::sentence).toList()));
    }

    /**
     * Lengths of the cloth for their fields, in the household's unit: {@code thickness}, and the readings of the stretch tests, {@code
     * across.gauge}, {@code along.released} and so on.
     */
    private Map<String, String> clothTexts(Cloth cloth) {
        Map<String, String> texts = new HashMap<>();
        texts.put("thickness", say.thin(cloth.thicknessMm()));
        ClothSheet sheet = cloth.sheet();
        put(texts, "across", sheet.across());
        put(texts, "along", sheet.along());
        return texts;
    }

    private void put(Map<String, String> texts, String way, @Nullable StretchTest test) {
        if (test != null) {
            Double released = test.releasedMm();
            texts.put(way + ".gauge", say.field(test.gaugeMm()));
            texts.put(way + ".stretched", say.field(test.stretchedMm()));
            texts.put(way + ".released", released == null ? "" : say.field(released));
        }
    }

    /** @param proposed an average one's: no more exact than a tape tells */
    static NamedLength measure(MeasureSpec spec, double value, boolean proposed, Say say) {
        boolean count = spec.isCount();
        String text = count ? Wording.fill("%.0f", value) : proposed ? say.length(value) : say.field(value);
        return new NamedLength(
                spec.id(),
                spec.words(),
                text,
                count ? "" : say.also(text, value),
                value,
                spec.quantity(),
                spec.options());
    }

    private static PartView part(Part part, FlatView view, UnpickPlan plan) {
        Outline outline = part.outline();
        FreedEdges edges = plan.edges(part);
        return new PartView(
                part.id(),
                part.name(),
                part.isMain(),
                part.role(),
                part.layer().words(),
                view.side(),
                view.dxMm(),
                view.dyMm(),
                Say.points(outline.ring().points()),
                outline.edges().stream()
                        .map(e -> {
                            var finish = edges.kept().get(e.name());
                            EdgeKind kind = finish == null ? EdgeKind.RAW : finish.kind();
                            return new EdgeView(e.name(), kind, Say.points(e.flattened(0.3)));
                        })
                        .toList());
    }

    private FoldView fold(Fold fold) {
        String words = Wording.fill(
                "%d %s, each %s deep",
                fold.count(),
                fold.count() == 1 ? fold.kind().words() : fold.kind().words() + "s",
                say.length(fold.depthMm()));
        return new FoldView(fold.id(), fold.part(), fold.edge(), words, say.length(fold.hiddenMm()));
    }

    private List<JobView> jobs(Source source) {
        Aim aim = project.aim();
        if (aim == null) {
            return List.of();
        }
        return Suitability.of(source, aim.wearer(), project.practice()).stream()
                .map(j -> new JobView(
                        j.name(),
                        j.verdict(),
                        j.verdict().words(),
                        say.sentence(j.why()) + proposed(j),
                        j.levels().stream()
                                .map(l -> new SlackView(
                                        l.level(),
                                        say.length(l.haveMm()),
                                        say.length(l.needMm()),
                                        say.difference(l.slackMm()),
                                        l.slackMm() >= 0,
                                        say.sentence(l.formula())))
                                .toList()))
                .toList();
    }

    private static String proposed(Suitability.Job job) {
        return job.proposed().isEmpty()
                ? ""
                : Wording.fill(
                        "; reckoned with %s as the height proposes %s",
                        String.join(", ", job.proposed()), job.proposed().size() == 1 ? "it" : "them");
    }
}
