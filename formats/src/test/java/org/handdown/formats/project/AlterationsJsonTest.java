package org.handdown.formats.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.alter.LetOut;
import org.handdown.alter.TakeIn;
import org.handdown.alter.stack.Alteration;
import org.handdown.alter.stack.AlterationKind;
import org.handdown.alter.stack.Pin;
import org.handdown.assembly.Layer;
import org.handdown.body.Passage;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Weave;
import org.handdown.fit.EdgeKind;
import org.handdown.fit.Motif;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Origin;
import org.handdown.measure.RefusedValueException;
import org.handdown.panel.Flaw;
import org.handdown.panel.survey.Baseline;
import org.handdown.panel.survey.Carried;
import org.handdown.panel.survey.ClothRepeat;
import org.handdown.panel.survey.Doubled;
import org.handdown.panel.survey.DrawnOutline;
import org.handdown.panel.survey.FourSides;
import org.handdown.panel.survey.Grain;
import org.handdown.panel.survey.Pressing;
import org.handdown.panel.survey.ReadyShape;
import org.handdown.panel.survey.ShapeByMeasures;
import org.handdown.panel.survey.Survey;
import org.handdown.panel.survey.TapedSurvey;
import org.handdown.panel.survey.TwoPins;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.InsertDraft;
import org.handdown.pattern.Neckline;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.project.LettingOut;
import org.handdown.project.MeasuredPanels;
import org.handdown.project.PatternPieces;
import org.handdown.project.Project;
import org.handdown.project.TakingIn;
import org.handdown.source.Assessment;
import org.handdown.source.Construction;
import org.handdown.source.Source;
import org.handdown.source.anatomy.GarmentMeasures;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.EdgeFinish;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.Stretch;
import org.handdown.unpick.Stretches;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Everything that no demo project holds reads back equal and keeps the schema. */
class AlterationsJsonTest {
    private static Schema schema;

    @BeforeAll
    static void readSchema() throws IOException {
        schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/formats/project.schema.json")));
    }

    private static void requireSame(Project project) {
        String text = ProjectJson.text(project);
        assertThat(schema.validate(text, InputFormat.JSON)).isEmpty();
        assertThat(ProjectJson.read(text)).isEqualTo(project);
    }

    private static Source source(Origin measured, boolean prettyInside) {
        ClothSheet sheet = new ClothSheet(null, null, ClothSheet.CutEdge.LADDERS, true, false, true, prettyInside);
        Cloth cloth = new Cloth(
                "grey jersey", "cotton", Weave.KNIT, "#888888", false, false, 0.9, HeatLimit.THREE_DOTS, sheet);
        return new Source(
                "jumper",
                "",
                "",
                "",
                "",
                cloth,
                new Construction(GarmentMeasures.first(SourceKind.JUMPER), List.of()),
                List.of(),
                new Assessment(Assessment.Missed.DEARLY, null, Map.of(), measured));
    }

    @Test
    void stackedAlterationsReadBackEqual() {
        requireSame(Project.named("Cardigan")
                .withSource(source(Origin.EYE, true))
                .withAlterations(List.of(
                        new Alteration(
                                "a2",
                                AlterationKind.OPEN_FRONT,
                                Map.of("part", "front", "closing", "bands"),
                                Map.of("turn", 12.5),
                                List.of()),
                        new Alteration(
                                "a1",
                                AlterationKind.MOVE_SEAM,
                                Map.of("seam", "side-left"),
                                Map.of(),
                                List.of(new Pin(0, 20), new Pin(150.25, -3))))));
    }

    @Test
    void takingInReadsBackEqual() {
        requireSame(Project.named("Shorter sleeves")
                .withSource(source(Origin.EYE, true))
                .withPieces(new TakingIn(new TakeIn.Wish(List.of(
                        new TakeIn.Reading(
                                TakeIn.Kind.SEAM,
                                "side-left",
                                List.of(new TakeIn.Pinch(100, 12.5), new TakeIn.Pinch(250, 8)),
                                false),
                        new TakeIn.Reading(
                                TakeIn.Kind.TUCK, "sleeve-left", List.of(new TakeIn.Pinch(0, 25.4)), true))))));
    }

    @Test
    void lettingOutAtOtherLevelsWithInsertsReadsBackEqual() {
        requireSame(Project.named("Wider")
                .withPieces(new LettingOut(
                        new LetOut.Wish(40, 20, 10, 10, true, Map.of("back+front/end", 30.0, "sleeve-left/top", 12.5)),
                        new InsertDraft.Wish(
                                List.of(new InsertDraft.Level(0, 25.4), new InsertDraft.Level(300, 76.2)),
                                2,
                                300,
                                6.35,
                                100,
                                true,
                                true))));
    }

    @Test
    void tapedPanelsReadBackEqualWhicheverWayTheyWereTaped() {
        Source source = source(Origin.TAPE, false);
        Map<String, EdgeFinish> hem = Map.of("hem", new EdgeFinish(EdgeKind.HEM, 30));
        Baseline line = new Baseline(List.of(
                new Baseline.Offset(0, -100, true, "hem"),
                new Baseline.Offset(0, 120, true, "right"),
                new Baseline.Offset(300, 90.5, false, ""),
                new Baseline.Offset(310, -90, true, "left")));
        TwoPins pins = new TwoPins(
                300,
                List.of(
                        new TwoPins.Sighting(400, 500, TwoPins.Where.RIGHT, 300, true, "hem"),
                        new TwoPins.Sighting(500, 400, TwoPins.Where.RIGHT, 0, false, ""),
                        new TwoPins.Sighting(600, 500, TwoPins.Where.RIGHT, 0, true, "left")),
                List.of(new TwoPins.Check(0, 2, 310)));
        List<Survey> surveys = List.of(
                new TapedSurvey("a", "remnant", Layer.SHELL, line, hem, Carried.NOTHING),
                new TapedSurvey("b", "from pins", Layer.LINING, pins, hem, Carried.NOTHING),
                new TapedSurvey(
                        "c", "sheet", Layer.SHELL, new FourSides(300, 400, 300, 400, 500, 0), Map.of(), carried()),
                new TapedSurvey(
                        "d",
                        "back",
                        Layer.SHELL,
                        new Doubled(line, "left", true, Flaw.Treatment.HIDE),
                        hem,
                        Carried.NOTHING));
        requireSame(Project.named("Taped")
                .withSource(source)
                .withPanels(new MeasuredPanels(source.construction(), Project.Opening.NONE, surveys))
                .meaning(LengthUnit.INCH));
    }

    /** Everything a cloth can carry, each kind once. */
    private static Carried carried() {
        return new Carried(
                List.of(
                        new Flaw(Flaw.Treatment.HIDE, "worn", new Point(100, 100), 30, 40),
                        new Flaw(
                                Flaw.Treatment.NOTE,
                                Flaw.Kind.CREASE,
                                "crease",
                                new Flaw.Strip(new Point(0, 50), new Point(300, 60.5), 6)),
                        new Flaw(
                                Flaw.Treatment.AVOID,
                                Flaw.Kind.CUT_OUT,
                                "hole",
                                new Flaw.Around(Ring.of(10, 10, 40, 12, 20, 45))),
                        new Flaw(
                                Flaw.Treatment.NOTE,
                                Flaw.Kind.THICK,
                                "old hem",
                                new Flaw.Strip(new Point(0, 80), new Point(300, 80), 30),
                                4)),
                new Grain.TwoPoints(new Point(0, 0), new Point(10, 200)),
                true,
                false,
                true,
                2,
                List.of(
                        new ClothRepeat("stripe", true, 24, "left", 5.5, true),
                        new ClothRepeat("cross", false, 30, "", 0, false)),
                List.of(new Motif("rose", new Point(120, 300))),
                List.of(new Pressing("washed", Pressing.Direction.ALONG, 400, 390)));
    }

    @Test
    void shapesAndDrawingsReadBackEqual() {
        Source source = source(Origin.TAPE, false);
        Outline round = new Outline(List.of(
                Edge.line("hem", new Point(0, 0), new Point(300, 0)),
                Edge.curve("head", new Point(300, 0), new Point(280, 200), new Point(20, 200), new Point(0, 0))));
        List<Survey> surveys = List.of(
                new TapedSurvey(
                        "sleeve",
                        "sleeve",
                        Layer.SHELL,
                        new ShapeByMeasures(
                                ReadyShape.FLAT_SLEEVE, Map.of("length", 480.0, "upper", 420.5, "hem", 260.0)),
                        Map.of(),
                        Carried.NOTHING.withGrain(new Grain.AlongEdge("hem"))),
                new TapedSurvey(
                        "photo",
                        "photo",
                        Layer.SHELL,
                        new DrawnOutline(DrawnOutline.Means.PHOTO, "photo", round, 2, new DrawnOutline.Proof(301, 300)),
                        Map.of(),
                        Carried.NOTHING.withGrain(new Grain.Directed(new Point(0, 0), new Point(0, -100)))),
                new TapedSurvey(
                        "file",
                        "file",
                        Layer.SHELL,
                        new DrawnOutline(DrawnOutline.Means.FILE, "remnant.svg", round, 1, null),
                        Map.of(),
                        Carried.NOTHING));
        requireSame(Project.named("Drawn")
                .withSource(source)
                .withPanels(new MeasuredPanels(
                        source.construction(), Project.Opening.NONE, surveys, Set.of("front-left"))));
    }

    @Test
    void ringsAndNecklinesReadBackEqual() {
        requireSame(Project.named("Sums")
                .withWorkings(new Project.Workings(
                        List.of(new Passage(
                                "neck",
                                Passage.Over.HEAD,
                                560,
                                List.of(
                                        new Passage.Layered("cloth", 480, 0.3),
                                        new Passage.Layered("seam thread", 480, 0.15)),
                                40)),
                        List.of(
                                new Neckline(
                                        "deeper V", Neckline.Shape.V, 180, 170, 200, new Neckline.Band(420, 25, 0.4)),
                                new Neckline("faced", Neckline.Shape.SQUARE, 200, 90, 220, null)))));
    }

    @Test
    void stretchesLiningPiecesAndNotchesReadBackEqual() {
        Point a = new Point(0, 0);
        Point b = new Point(200, 0);
        Point c = new Point(100, 180);
        Piece piece = new Piece(
                "gusset",
                "gusset",
                new Outline(List.of(Edge.line("hem", a, b), Edge.line("right", b, c), Edge.line("left", c, a))),
                Map.of("hem", new Allowance(20, "hem")),
                2,
                true,
                CutGrain.EITHER,
                false,
                Map.of(),
                List.of(),
                List.of(new Piece.Notch("anchor", new Point(150, 90))),
                PieceCloth.LINING,
                List.of(),
                Piece.Way.USUAL);
        requireSame(Project.named("Lined")
                .withSource(source(Origin.TAPE, false))
                .withOpening(new Project.Opening(
                        Map.of("side-left", JoinDecision.UNPICK, "side-right", JoinDecision.UNPICK),
                        Map.of(
                                "side-left",
                                new Stretches(List.of(new Stretch(10, 60), new Stretch(200, 260))),
                                "side-right",
                                Stretches.of(10, 60))))
                .withPieces(PatternPieces.NONE.withOwn(List.of(piece))));
    }

    /** A single stretch may stand without its list, as files of before have it. */
    @Test
    void aSingleStretchMayStandAlone() {
        String text = ProjectJson.text(Project.named("One stretch")
                .withOpening(new Project.Opening(
                        Map.of("side-left", JoinDecision.UNPICK), Map.of("side-left", Stretches.of(10, 60)))));
        String alone = text.replace("[{\"fromMm\":10.0,\"toMm\":60.0}]", "{\"fromMm\":10.0,\"toMm\":60.0}");
        assertThat(alone).isNotEqualTo(text);
        assertThat(schema.validate(alone, InputFormat.JSON)).isEmpty();
        assertThat(ProjectJson.read(alone)).isEqualTo(ProjectJson.read(text));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"kind\":\"seam\" | \"kind\":\"zip\" | pieces.takeIn.readings[0].kind",
                "\"mm\":12.5 | \"mm\":-4 | pieces.takeIn.readings[0]",
                "\"mm\":12.5 | \"mm\":4000 | pieces.takeIn.readings[0]",
                "\"atMm\":100.0 | \"atMm\":\"x\" | pieces.takeIn.readings[0].pinches[0].atMm",
                "\"over\":\"head\" | \"over\":\"moon\" | workings.passages[0].over",
                "\"stretch\":0.15 | \"stretch\":4 | workings.passages[0].layers[1]",
                "\"girthMm\":560.0 | \"girthMm\":5 | workings.passages[0]",
                "\"measured\":\"eye\" | \"measured\":\"luck\" | source.measured"
            })
    void whatCannotBeUsedIsNamed(String good, String bad, String field) {
        String text = ProjectJson.text(Project.named("Bad")
                .withSource(source(Origin.EYE, true))
                .withPieces(new TakingIn(new TakeIn.Wish(List.of(new TakeIn.Reading(
                        TakeIn.Kind.SEAM, "side-left", List.of(new TakeIn.Pinch(100, 12.5)), true)))))
                .withWorkings(new Project.Workings(
                        List.of(new Passage(
                                "neck",
                                Passage.Over.HEAD,
                                560,
                                List.of(
                                        new Passage.Layered("cloth", 480, 0.3),
                                        new Passage.Layered("seam thread", 480, 0.15)),
                                0)),
                        List.of())));
        assertThat(text).contains(good);
        assertThatThrownBy(() -> ProjectJson.read(text.replace(good, bad)))
                .extracting(e -> ((RefusedValueException) e).field())
                .asString()
                .startsWith(field);
    }
}
