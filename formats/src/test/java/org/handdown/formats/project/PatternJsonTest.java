package org.handdown.formats.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.body.BodyMeasure;
import org.handdown.body.BodyTable;
import org.handdown.body.Wearer;
import org.handdown.geometry.Point;
import org.handdown.measure.Length;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Origin;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.Mark;
import org.handdown.pattern.MotifSpot;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.Supply;
import org.handdown.pattern.change.BindEdges;
import org.handdown.pattern.change.ButtonsAlong;
import org.handdown.pattern.change.Change;
import org.handdown.pattern.change.CutStrip;
import org.handdown.pattern.change.EdgeLedger;
import org.handdown.pattern.change.FacingFrom;
import org.handdown.pattern.change.LayerFrom;
import org.handdown.pattern.change.LeaveOut;
import org.handdown.pattern.change.Lengthen;
import org.handdown.pattern.change.Marked;
import org.handdown.pattern.change.MergeAlong;
import org.handdown.pattern.change.MockUp;
import org.handdown.pattern.change.Piecing;
import org.handdown.pattern.change.Recut;
import org.handdown.pattern.change.Sample;
import org.handdown.pattern.change.SewTogether;
import org.handdown.pattern.change.ShowMotif;
import org.handdown.pattern.change.Takes;
import org.handdown.pattern.change.TrueUp;
import org.handdown.pattern.change.TurnGrain;
import org.handdown.pattern.change.Widen;
import org.handdown.pattern.draft.Draft;
import org.handdown.pattern.draft.Drafts;
import org.handdown.project.Aim;
import org.handdown.project.DraftOrder;
import org.handdown.project.Garment;
import org.handdown.project.PatternPieces;
import org.handdown.project.Project;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Drafts, their choices and changes on them come back as they were, and keep the published schema. */
class PatternJsonTest {
    private static final Schema SCHEMA = schema();

    private static Schema schema() {
        try {
            return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(Files.readString(Path.of("../docs/formats/project.schema.json")));
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Wearer wearer() {
        Map<BodyMeasure, Wearer.Taken> taken = new HashMap<>();
        for (BodyMeasure m : BodyMeasure.values()) {
            taken.put(
                    m,
                    new Wearer.Taken(
                            Length.ofMm(BodyTable.proposedMm(m, 1400)),
                            "as taped",
                            Origin.TAPE,
                            m == BodyMeasure.HIP ? Length.ofMm(731) : null,
                            LocalDate.of(2025, 11, 3)));
        }
        return new Wearer(
                "Runa",
                taken,
                List.of(new Wearer.Earlier(BodyMeasure.HEIGHT, Length.ofMm(1340), LocalDate.of(2024, 11, 3))));
    }

    private static void requireSame(Project project) {
        String text = ProjectJson.text(project);
        assertThat(SCHEMA.validate(text, InputFormat.JSON)).isEmpty();
        assertThat(ProjectJson.read(text)).isEqualTo(project);
    }

    private static Project project(String draft, Map<String, Double> choices, List<Change> changes) {
        return Project.named("Runa's")
                .withAim(new Aim(Garment.CUT_OUT, draft, draft, wearer(), LengthUnit.CM))
                .withPieces(new PatternPieces(
                        List.of(new DraftOrder(draft, wearer(), choices)), List.of(), List.of(), changes));
    }

    static List<Draft> drafts() {
        return Drafts.all();
    }

    @ParameterizedTest
    @MethodSource("drafts")
    void everyDraftReadsBackEqualAndDrawsTheSame(Draft draft) {
        Project project = project(draft.id(), draft.figures(wearer(), Map.of()).values(), List.of());
        requireSame(project);
        Project back = ProjectJson.read(ProjectJson.text(project));
        Design before = ((PatternPieces) java.util.Objects.requireNonNull(project.pieces())).design("x");
        Design after = ((PatternPieces) java.util.Objects.requireNonNull(back.pieces())).design("x");
        for (Piece piece : before.pieces()) {
            var ring = piece.cutLine().ring();
            var same = after.piece(piece.id()).cutLine().ring();
            for (int i = 0; i < ring.size(); i++) {
                assertThat(same.at(i).distanceMm(ring.at(i))).isLessThan(0.1);
            }
        }
    }

    @Test
    void everyKindOfChangeReadsBackEqual() {
        DesignSeam seam = DesignSeam.byRatio(
                "frill",
                List.of(new DesignSeam.Side("front", "hem", 2)),
                List.of(new DesignSeam.Side("back", "hem", 1)),
                1.9,
                2.1);
        requireSame(project(
                "a-line-skirt",
                Map.of("length", 412.5),
                List.of(
                        new Lengthen("longer", List.of("front", "back"), 120, -15),
                        new Widen("wider", "front", 0, 12.5, true),
                        new EdgeLedger(
                                "slip",
                                "front",
                                "hem",
                                new Allowance(
                                        30, 25.4, 6.35, "why", new Allowance.Turn(Allowance.Turn.Kind.CASING, 8))),
                        new LeaveOut("plain", "waistband"),
                        new Recut("inside out", "front", 2, true, PieceCloth.LINING, true, true),
                        new FacingFrom("facing", "front", "waist", 45),
                        new FacingFrom("stay", "front", "waist", 30, PieceCloth.INTERFACING),
                        new LayerFrom("lining", "front", PieceCloth.LINING),
                        new LayerFrom("lining", "back", PieceCloth.LINING, 25),
                        new BindEdges(
                                "edging",
                                List.of(new BindEdges.Bound("front", "hem"), new BindEdges.Bound("back", "hem")),
                                PieceCloth.CONTRAST,
                                CutGrain.BIAS,
                                12.5,
                                3),
                        new CutStrip("tie", PieceCloth.RIB, CutGrain.EITHER, 450, 30, 2, 8, 4),
                        new ButtonsAlong("row", "front", "side", 12, 60, 5, 15.24, 3, 200.5, true),
                        new ButtonsAlong("other row", "front", "side", 12, 60, 5, 15.24, 3, null, false),
                        new Takes("zip", Supply.of(Supply.Kind.ZIP, "side opening", 125)),
                        new MergeAlong("one", "front", "hem", "back", "hem"),
                        new MockUp("trial", "front", true),
                        new Sample("buttonhole", 120, 60.5, 4),
                        new SewTogether("frill", seam),
                        new Marked(
                                "dart",
                                "front",
                                new Mark(
                                        Mark.Kind.DART,
                                        "dart",
                                        List.of(new Point(10, 400), new Point(0, 300), new Point(-10, 400)))),
                        new TrueUp("true", "front"),
                        new TurnGrain("across", "waistband", CutGrain.EITHER),
                        Piecing.across("short cloth", "back", 140.5, 12),
                        new ShowMotif(
                                "rose", "front", new MotifSpot("rose", "rose turned over", new Point(0, 200), 5)))));
    }

    @Test
    void filesFromBeforeDraftsHadNamesAreReadAsDungarees() {
        ObjectNode file = ProjectJson.write(project("dungarees", Map.of(), List.of()));
        ObjectNode aim = (ObjectNode) file.path("aim");
        aim.remove("draft");
        aim.put("garment", "dungarees");
        aim.putObject("ease")
                .put("hipMm", 90)
                .put("aboveFloorMm", 20)
                .put("seamMm", 12)
                .put("hemMm", 25);
        file.putObject("pieces").set("draftedFrom", aim.deepCopy());
        String text = file.toString();
        PatternPieces pattern = (PatternPieces)
                java.util.Objects.requireNonNull(ProjectJson.read(text).pieces());
        assertThat(pattern.orders()).hasSize(1);
        assertThat(pattern.orders().get(0).choices())
                .containsEntry("hipEase", 90.0)
                .containsEntry("hem", 25.0);
        assertThat(pattern.design("x").sizes().get(0).finishedMm())
                .isCloseTo(wearer().mm(BodyMeasure.HIP) + 90, within(1e-6));
    }

    @Test
    void anUnknownDraftIsRefusedByItsPlace() {
        String text = ProjectJson.text(project("beanie", Map.of(), List.of()))
                .replace("\"draft\":\"beanie\",\"from\"", "\"draft\":\"spacesuit\",\"from\"");
        assertThatThrownBy(() -> ProjectJson.read(text)).hasMessageContaining("no draft “spacesuit”");
    }
}
