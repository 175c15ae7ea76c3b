package org.handdown.formats.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.handdown.alter.stack.Alteration;
import org.handdown.alter.stack.AlterationKind;
import org.handdown.alter.stack.AlterationStack;
import org.handdown.alter.stack.GarmentNow;
import org.handdown.alter.stack.Spread;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Weave;
import org.handdown.measure.LengthUnit;
import org.handdown.source.anatomy.GarmentMeasures;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.Anatomy;
import org.junit.jupiter.api.Test;

/** The alteration sheet says every line by tape, in the reader's unit; figures worked out by hand. */
class AlterationSheetTest {
    private static final Cloth JERSEY = new Cloth(
            "blue jersey",
            "cotton",
            Weave.KNIT,
            "#446688",
            false,
            false,
            0.9,
            HeatLimit.THREE_DOTS,
            ClothSheet.UNTESTED);

    private static String text(LengthUnit unit, Alteration... all) throws IOException {
        Anatomy anatomy = SourceKind.T_SHIRT.anatomy(GarmentMeasures.first(SourceKind.T_SHIRT));
        Map<String, Double> allowances = new HashMap<>();
        anatomy.joins().forEach(j -> allowances.put(j.id(), j.allowanceMm()));
        AlterationStack stack =
                AlterationStack.of(new GarmentNow(anatomy.assembly(), allowances, Map.of(), JERSEY), List.of(all));
        byte[] pdf = new AlterationSheet(stack, new Spread(anatomy.views()), "Blue shirt", unit, Paper.A4).pdf();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replace("\n", " ").replace("\u00a0", " ");
        }
    }

    private static Alteration told(
            int number, AlterationKind kind, Map<String, String> picks, Map<String, Double> figures) {
        return new Alteration("a" + number, kind, picks, figures, List.of());
    }

    /** 60 shorter, 25 turned: the scissors go 35 above the hem on both sides, straight across 520. */
    @Test
    void aCutIsToldFromItsCorners() throws IOException {
        String text = text(LengthUnit.CM, told(1, AlterationKind.SHORTEN, Map.of("end", "hem"), Map.of("up", 60.0)));
        assertThat(text)
                .contains("Changes to Blue shirt", "As it is", "As it becomes")
                .contains("on the front: cut along it, 52.0 cm")
                .contains("3.5 cm from its corner with the hem")
                .contains("A straight line.")
                .contains("Comes off, put by: cut off: hem.");
    }

    /** A round neck bows by its depth at the middle, and in inches it is told in inches. */
    @Test
    void aCurveIsToldAtItsQuartersInTheReadersUnit() throws IOException {
        String text = text(
                LengthUnit.INCH, told(1, AlterationKind.NEW_NECK, Map.of("part", "front"), Map.of("deeper", 50.0)));
        assertThat(text)
                .contains("at a quarter of it", "at its middle", "at three quarters")
                .doesNotContain(" cm");
    }

    @Test
    void whatCannotBeMadeSaysSoOnPaperToo() throws IOException {
        String text = text(
                LengthUnit.CM,
                told(1, AlterationKind.LET_DOWN, Map.of("end", "hem"), Map.of("down", 200.0)),
                told(2, AlterationKind.PATCH, Map.of("part", "front"), Map.of()));
        assertThat(text).contains("It cannot be made as it is told").contains("Inside the part: from 15.0 cm");
    }
}
