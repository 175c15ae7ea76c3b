package org.handdown.server.panels;

import java.util.Arrays;
import java.util.List;
import org.handdown.formats.outline.DrawingUnit;
import org.handdown.formats.sheet.MarkerPage;
import org.handdown.formats.sheet.Paper;
import org.handdown.formats.sheet.SurveySheet;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Wording;
import org.handdown.panel.survey.ReadyShape;
import org.handdown.server.project.Say;
import org.handdown.server.project.Typed;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What there is to measure a panel by: ready shapes, units of drawings, sheets to fill in. */
@RestController
@RequestMapping("/api")
class SurveySheetController {
    record ShapeMeasureView(String id, String words, ReadyShape.Kind kind, String first) {}

    /** A ready shape and what it asks for, in the order one measures. */
    record ShapeView(ReadyShape shape, String words, List<ShapeMeasureView> measures) {}

    @GetMapping("/tape/shapes")
    List<ShapeView> shapes(@RequestParam(name = "unit", defaultValue = "CM") LengthUnit unit) {
        Say say = new Say(unit);
        return Arrays.stream(ReadyShape.values())
                .map(s -> new ShapeView(
                        s,
                        s.words(),
                        s.measures().stream()
                                .map(m -> new ShapeMeasureView(
                                        m.id(),
                                        m.words(),
                                        m.kind(),
                                        switch (m.kind()) {
                                            case LENGTH -> say.length(m.first());
                                            case COUNT -> Wording.fill("%.0f", m.first());
                                            case CHECK -> "";
                                        }))
                                .toList()))
                .toList();
    }

    /** What one unit of a drawing may be said to be. */
    record DrawingUnitView(DrawingUnit unit, String words) {}

    @GetMapping("/tape/drawing-units")
    List<DrawingUnitView> drawingUnits() {
        return Arrays.stream(DrawingUnit.values())
                .map(u -> new DrawingUnitView(u, u.words()))
                .toList();
    }

    private static ResponseEntity<byte[]> pdf(String name, byte[] pdf) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(pdf);
    }

    /** The sheet to lay beside the cloth in a photo. */
    @GetMapping("/tape/marker-sheet.pdf")
    ResponseEntity<byte[]> markerSheet(@RequestParam(name = "paper", defaultValue = "a4") String paper) {
        return pdf("sheet-for-photos.pdf", MarkerPage.pdf(Paper.named(paper)));
    }

    /** A sheet to fill in at the table. @param shape of a panel by its measures; not needed for the other ways */
    @GetMapping("/tape/survey-sheet.pdf")
    ResponseEntity<byte[]> surveySheet(
            @RequestParam("way") TapeRequests.Way way,
            @RequestParam(name = "shape", required = false) @Nullable ReadyShape shape,
            @RequestParam(name = "paper", defaultValue = "a4") String paper) {
        byte[] sheet = switch (way) {
            case SHAPE -> SurveySheet.pdf(Typed.require("shape", shape), Paper.named(paper));
            case BASELINE ->
                SurveySheet.table(
                        "Baseline and offsets",
                        "A straight tape along a thread; each point once round: how far along, how far square to its right (− left).",
                        List.of("along", "to the right", "corner or curve", "edge from here"),
                        Paper.named(paper));
            case PINS ->
                SurveySheet.table(
                        "Two pins",
                        "Between the pins: __________   Each point once round, from both pins and to the next point.",
                        List.of("first pin", "second pin", "left/right", "to the next", "edge"),
                        Paper.named(paper));
            default ->
                SurveySheet.table(
                        "Four sides and diagonals",
                        "Lower, right, upper, left side; diagonals from the lower left and from the upper left corner.",
                        List.of("what", "length", "again"),
                        Paper.named(paper));
        };
        return pdf("survey-sheet.pdf", sheet);
    }
}
