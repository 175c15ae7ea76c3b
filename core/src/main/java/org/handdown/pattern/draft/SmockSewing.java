package org.handdown.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Movement;
import org.handdown.measure.Wording;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.Size;
import org.handdown.pattern.Supply;

/** Seams, finished sizes and notes of a smock. */
record SmockSewing(SmockBody body) {
    List<DesignSeam> seams() {
        String frontSide = body.opensInFront() ? "side" : "side right";
        String backSide = body.opensInFront() ? "side left" : "side";
        String frontHole = body.opensInFront() ? "armhole" : "armhole right";
        String backHole = body.opensInFront() ? "armhole left" : "armhole";
        String frontShoulder = body.opensInFront() ? "shoulder" : "shoulder right";
        String backShoulder = body.opensInFront() ? "shoulder left" : "shoulder";
        List<DesignSeam> seams = new ArrayList<>(List.of(
                TopBlock.sides(body.front(), frontSide, backSide),
                Join.equal("shoulder seams", "front", frontShoulder, "back", backShoulder),
                Join.eased(
                        "sleeve head in the armhole",
                        List.of(Join.side("front", frontHole), Join.side("back", backHole)),
                        List.of(Join.side("sleeve", "head")),
                        10,
                        40),
                Join.itself("underarm seam", "sleeve", "right", "left"),
                neckSeam()));
        if (body.f().is("collar")) {
            for (String edge : List.of("right", "upper", "left")) {
                seams.add(Join.centre("both layers of the collar, " + edge, "collar", edge));
            }
        }
        return seams;
    }

    private DesignSeam neckSeam() {
        List<DesignSeam.Side> neck = List.of(
                Join.side("front", "neck", body.opensInFront() ? 2 : 1),
                Join.side("back", "neck", body.opensInFront() ? 1 : 2));
        return body.f().is("collar")
                ? Join.equal("collar on the neck", neck, List.of(Join.side("collar", "hem")))
                : Join.ratio(
                        "binding on the neck",
                        neck,
                        List.of(Join.side("neck-binding", "left")),
                        SmockDraft.BINDING_SHARE);
    }

    List<Size> sizes() {
        int fronts = body.opensInFront() ? 2 : 1;
        Size chest = Size.girth(
                        "chest",
                        body.f().body(BodyMeasure.CHEST),
                        body.f().of("ease"),
                        0,
                        new Size.Term("front", "chest", fronts),
                        new Size.Term("back", "chest", 3 - fronts))
                .plus(-2 * body.beyond(), "overlap");
        return List.of(
                chest,
                Size.opening(
                        "sleeve end before the elastic, which must pass the hand",
                        body.f().body(BodyMeasure.HAND_GIRTH),
                        0,
                        new Size.Term("sleeve", "hem", 1)),
                Size.opening(
                        "upper arm", body.f().body(BodyMeasure.UPPER_ARM), 0, new Size.Term("sleeve", "upper arm", 1)),
                Size.length("side", 0, new Size.Term("front", body.opensInFront() ? "side" : "side right", 1)));
    }

    List<String> notes(double neck) {
        double apart = body.spanMm(body.opened()) / (body.f().count("buttons") - 1);
        List<String> notes = new ArrayList<>();
        notes.add(Wording.fill(
                "%d buttons, the first %.0f mm below the neck, then every %.0f mm; the centre lines lie on each other, each side runs on %.0f mm.",
                body.f().count("buttons"), SmockBody.FIRST_BUTTON_MM, apart, body.beyond()));
        notes.add(
                body.isGathered()
                        ? Wording.fill(
                                "Elastic for each sleeve: %s.",
                                body.f().practice().elastic(body.f().body(BodyMeasure.WRIST)))
                        : Wording.fill(
                                "Elastic for each sleeve as long as the arm where it ends and 20 mm: the upper arm measures %.0f mm.",
                                body.f().body(BodyMeasure.UPPER_ARM)));
        notes.add(
                body.f().is("collar")
                        ? "Two collars and one interfacing: the inner one is turned in and felled over the seam by hand."
                        : Wording.fill(
                                "Bias strip for the neck: 24 mm wide, %.0f mm long and the ends turned in; stretch it a little round the curve.",
                                SmockDraft.BINDING_SHARE * neck));
        notes.addAll(body.front().bustNotes());
        notes.add(Movement.reaching(body.f().body(BodyMeasure.CHEST), body.f().of("ease"), 0));
        notes.add("A kept placket goes with its line of buttons on the centre line, not with its edge.");
        return notes;
    }

    Supply[] supplies() {
        double sleeve = body.isGathered()
                ? body.f().practice().elasticMm(body.f().body(BodyMeasure.WRIST))
                : body.f().body(BodyMeasure.UPPER_ARM) + 20;
        return new Supply[] {
            Supply.buttons("opening", body.f().count("buttons"), body.f().of("button")),
            Supply.elastic("sleeves", 2, sleeve, body.f().of("elastic"))
        };
    }

    List<String> cautions() {
        return body.f().body(BodyMeasure.HEIGHT) < BodyLimits.UNDER_THREE_MM ? List.of(BodyLimits.BUTTONS) : List.of();
    }
}
