package org.handdown.server.lay;

import org.handdown.cloth.Cloth;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Wording;
import org.handdown.shortage.LengthNeeded;
import org.jspecify.annotations.Nullable;

/** How little cloth by the metre it takes, and what every rule that is given up buys, each with its lay; lengths in mm. */
record LengthWords(LengthNeeded needed, Cloth cloth) {
    /** Cloth to buy: so much more that it is enough in whole sixteenths of an inch too. */
    static double enough(double mm) {
        return Math.ceil(mm + LengthUnit.INCH.mm() / 32);
    }

    RunAnswer answer() {
        String saved = needed.savedByTurning() < 0.005
                ? "Turning pieces round saves nothing."
                : Wording.fill("Turning pieces round saves %.0f %%.", 100 * needed.savedByTurning());
        RunAnswer answer = RunAnswer.NONE
                .and(offer("WITH_NAP", "All one way", "For pile, nap and one-way prints.", needed.withNap()))
                .and(offer("WITHOUT_NAP", "Both ways", saved, needed.withoutNap()));
        answer = given(
                answer,
                "ACROSS",
                "Along or across the grain",
                "Across it cloth hangs and gives otherwise; a main piece is cut so only where its stretch allows.",
                needed.acrossGrain());
        return given(
                answer,
                "NARROW",
                "Narrow hems and allowances",
                "The finished size stays, nothing is left to let out.",
                needed.narrowEdges());
    }

    private RunAnswer given(RunAnswer before, String kind, String how, String cost, LengthNeeded.@Nullable Need need) {
        if (need == null) {
            return before;
        }
        double buys = needed.asRulesStand(cloth).lengthMm() - need.lengthMm();
        String gain = buys < 1 ? "It saves nothing." : Wording.fill("It saves %.0f mm.", Math.floor(buys));
        return before.and(offer(kind, how, gain + " " + cost, need));
    }

    private RunAnswer.Offer offer(String kind, String how, String cost, LengthNeeded.Need need) {
        return RunAnswer.Offer.showing(
                kind,
                Wording.fill("%s: %.0f mm of cloth %.0f mm wide.", how, enough(need.lengthMm()), needed.widthMm()),
                cost,
                need.problem(),
                need.layout());
    }
}
