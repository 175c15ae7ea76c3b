package org.handdown.server.stash;

import java.util.List;
import org.handdown.cloth.ColourFamily;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Weave;
import org.handdown.server.project.Typed;
import org.handdown.server.stash.ThingMapper.Narrowing;
import org.handdown.source.Assessment;
import org.handdown.stash.Sought;
import org.handdown.stash.StashThing;
import org.jspecify.annotations.Nullable;

/** What the page looks for in the stash: raw texts, turned into what is sought and what narrows the list. */
final class SearchRequests {
    private SearchRequests() {}

    /**
     * What is looked for, all of it raw text: what it shall do, how large it must be, and what narrows the list.
     *
     * @param text in name, cloth or place, or a code
     * @param used whether what is used up is listed too
     */
    record SearchRequest(
            @Nullable String text,
            StashThing.@Nullable Kind kind,
            @Nullable String place,
            @Nullable Weave weave,
            Assessment.@Nullable Missed missed,
            @Nullable ColourFamily colour,
            Sought.@Nullable Role role,
            @Nullable SoughtSizeRequest size,
            @Nullable Boolean knit,
            @Nullable HeatLimit bears,
            @Nullable Boolean used,
            int from) {
        Narrowing narrowing(Sought sought) {
            String plain = Typed.text(text);
            StashCode code = StashCode.read(plain).orElse(null);
            boolean isFlat = sought.role() == Sought.Role.SHEET || sought.role() == Sought.Role.STRIP;
            return new Narrowing(
                    plain,
                    code == null ? null : code.number(),
                    code == null ? "" : code.kind().name(),
                    kind != null ? List.of(kind.name()) : serving(sought.role()),
                    Typed.text(place),
                    weave == null ? "" : weave.name(),
                    missed == null ? "" : missed.name(),
                    colour,
                    isFlat ? sought.acrossMm() : 0,
                    isFlat ? sought.alongMm() : 0,
                    Boolean.TRUE.equals(used));
        }

        private static List<String> serving(Sought.Role role) {
            return switch (role) {
                case ANYTHING -> List.of();
                case SHEET, STRIP -> List.of("SOURCE", "LENGTH", "PANEL", "REMNANT");
                case BUTTONS, ZIP -> List.of("KEEPER");
                case RIB, TAPE -> List.of("KEEPER", "NOTION");
            };
        }

        Sought sought(Typed typed) {
            Sought.Role wanted = role == null ? Sought.Role.ANYTHING : role;
            SoughtSizeRequest s = size == null ? new SoughtSizeRequest(null, null, null, null, null) : size;
            return new Sought(
                    wanted,
                    mm(typed, "sought.across", s.across),
                    mm(typed, "sought.along", s.along),
                    Typed.text(s.count).isEmpty() ? 0 : (int) Typed.count("sought.count", s.count),
                    Typed.text(s.diameter).isEmpty() ? 0 : typed.thin("sought.diameter", s.diameter),
                    mm(typed, "sought.passes", s.passes),
                    new Sought.ClothRules(knit, bears));
        }

        private static double mm(Typed typed, String field, @Nullable String text) {
            return Typed.text(text).isEmpty() ? 0 : typed.mm(field, text);
        }
    }

    record SoughtSizeRequest(
            @Nullable String across,
            @Nullable String along,
            @Nullable String count,
            @Nullable String diameter,
            @Nullable String passes) {}
}
