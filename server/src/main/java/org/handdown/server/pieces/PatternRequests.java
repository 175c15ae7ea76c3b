package org.handdown.server.pieces;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.body.BodyMeasure;
import org.handdown.body.ReferenceGarment;
import org.handdown.formats.JsonField;
import org.handdown.formats.project.OutlineJson;
import org.handdown.geometry.Box;
import org.handdown.geometry.Outline;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Brought;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.draft.Dimension;
import org.handdown.pattern.draft.Draft;
import org.handdown.server.project.Typed;
import org.jspecify.annotations.Nullable;

/** What the page sends of drafts, changes and pieces brought in: raw texts, turned into values here. */
final class PatternRequests {
    private PatternRequests() {}

    record DraftRequest(@Nullable String draft) {}

    /** @param choices texts by dimension id; an empty one takes the usual value again */
    record ChoicesRequest(@Nullable Map<String, String> choices) {
        Map<String, Double> onto(Map<String, Double> before, Draft draft, LengthUnit unit) {
            Typed typed = new Typed(unit);
            Map<String, Double> all = new HashMap<>(before);
            Map<String, String> given = Typed.require("choices", choices);
            given.forEach((id, text) -> {
                Dimension dimension = draft.dimensions().stream()
                        .filter(d -> d.id().equals(id))
                        .findFirst()
                        .orElseThrow(() -> new RefusedValueException(
                                "choices." + id, Wording.fill("The %s has no such dimension.", draft.words())));
                if (Typed.text(text).isEmpty()) {
                    all.remove(id);
                } else {
                    all.put(id, value(typed, dimension, text));
                }
            });
            return all;
        }

        private static double value(Typed typed, Dimension d, String text) {
            String field = "choices." + d.id();
            return switch (d.kind()) {
                case LENGTH -> typed.signedMm(field, text);
                case SHARE -> share(field, d, text);
                default -> Typed.count(field, text);
            };
        }

        /** 85 % and 0.85 mean the same; a ratio above one is a plain number. */
        private static double share(String field, Dimension d, String text) {
            String plain = Typed.text(text).replace(',', '.');
            boolean isPercent = plain.contains("%") || d.most() <= 1.5 && !plain.contains(".");
            if (isPercent) {
                return Typed.percent(field, text);
            }
            if (!plain.matches("\\d{1,3}(\\.\\d{1,4})?")) {
                throw new RefusedValueException(field, Wording.fill("“%s” is no number; write 2 or 85 %%.", plain));
            }
            return Double.parseDouble(plain);
        }
    }

    /** @param ease over the body, by trying on; a leading minus where it is stretched */
    record ReferenceLevelRequest(
            @Nullable BodyMeasure measure,
            @Nullable String down,
            @Nullable String flat,
            @Nullable String ease) {}

    /** @param stretch share by which it gives in wear, as people write it */
    record ReferenceRequest(
            @Nullable String name,
            @Nullable String anchor,
            @Nullable String stretch,
            @Nullable List<ReferenceLevelRequest> levels) {
        ReferenceGarment toReference(LengthUnit unit) {
            Typed typed = new Typed(unit);
            List<ReferenceGarment.Level> read = new ArrayList<>();
            for (ReferenceLevelRequest level : Typed.require("reference.levels", levels)) {
                read.add(new ReferenceGarment.Level(
                        Typed.require("reference.measure", level.measure()),
                        Typed.text(level.down()).isEmpty() ? 0 : typed.mm("reference.down", level.down()),
                        typed.mm("reference.flat", level.flat()),
                        Typed.text(level.ease()).isEmpty() ? 0 : typed.signedMm("reference.ease", level.ease())));
            }
            return new ReferenceGarment(
                    Typed.text(name), Typed.text(anchor), Typed.percent("reference.stretch", stretch), read);
        }
    }

    /** An outline of a drawing, and what it is. */
    record BroughtRequest(
            @Nullable String name,
            @Nullable JsonNode outline,
            Brought.@Nullable Meaning meaning,
            @Nullable String allowance,
            @Nullable Integer turn,
            int quantity,
            boolean pair,
            @Nullable PieceCloth cloth) {
        Piece toPiece(Typed typed, double factor) {
            if (meaning == null) {
                throw new RefusedValueException(
                        "brought.meaning",
                        Wording.fill(
                                "Say of “%s” whether its line is the one to cut or the one to sew along; it is never guessed.",
                                Typed.text(name)));
            }
            Piece piece = new Brought(
                            Typed.id("brought.name", name),
                            Typed.text(name),
                            read(outline),
                            meaning,
                            Typed.text(allowance).isEmpty() ? 0 : typed.mm("brought.allowance", allowance),
                            factor,
                            turn == null ? 0 : turn)
                    .piece();
            return piece.cut(Math.max(1, quantity), pair).withCloth(cloth == null ? PieceCloth.SHELL : cloth);
        }
    }

    private static Outline read(@Nullable JsonNode outline) {
        return OutlineJson.read(JsonField.root(Typed.require("brought.outline", outline)));
    }

    /**
     * @param known true length of one outline across, if {@code knownAcross}, or up; empty where the drawing's unit is right
     * @param knownOutline that outline as it was drawn
     */
    record BroughtListRequest(
            @Nullable List<BroughtRequest> pieces,
            @Nullable String known,
            boolean knownAcross,
            @Nullable JsonNode knownOutline) {
        List<Piece> toPieces(LengthUnit unit) {
            Typed typed = new Typed(unit);
            double factor = 1;
            if (!Typed.text(known).isEmpty()) {
                Box box = read(knownOutline).box();
                factor = typed.mm("brought.known", known) / (knownAcross ? box.widthMm() : box.heightMm());
            }
            List<Piece> read = new ArrayList<>();
            List<BroughtRequest> given = Typed.require("brought", pieces);
            for (int i = 0; i < given.size(); i++) {
                Piece piece = Typed.require("brought[" + i + "]", given.get(i)).toPiece(typed, factor);
                if (read.stream().anyMatch(p -> p.id().equals(piece.id()))) {
                    throw new RefusedValueException(
                            "brought.name",
                            Wording.fill(
                                    "Two pieces would be called “%s”, and the second would take the place of the first. Call one of them something else.",
                                    piece.name()));
                }
                read.add(piece);
            }
            return read;
        }
    }
}
