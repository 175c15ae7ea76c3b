package org.handdown.server.lay;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import org.handdown.cloth.Cloth;
import org.handdown.formats.Json;
import org.handdown.measure.Practice;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.draft.Dimension;
import org.handdown.pattern.draft.Drafts;
import org.handdown.project.PatternPieces;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.server.project.ProjectService;
import org.handdown.shortage.Effort;
import org.handdown.shortage.LargestThatFits;
import org.handdown.shortage.LengthNeeded;
import org.handdown.shortage.Remedies;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Finds out what would help, how large a dimension may be, or how little cloth it takes; each find is stored as it comes. */
@Component
class HelpWork {
    private final ProjectService projects;
    private final SpareCloth spare;
    private final double trialSeconds;

    /** @param trialSeconds most time of one trial */
    HelpWork(ProjectService projects, SpareCloth spare, @Value("${handdown.trial-seconds}") double trialSeconds) {
        this.projects = projects;
        this.spare = spare;
        this.trialSeconds = trialSeconds;
    }

    private static Effort effort(FitRunMapper.RunRow row, double seconds, int threads) {
        return new Effort(seconds, Long.MAX_VALUE, row.id().getLeastSignificantBits(), threads);
    }

    /** @return what there is to tell at the end; may be empty */
    String work(FitRunMapper.RunRow row, RunProgress progress, int threads) {
        Project project = projects.project(row.of());
        JsonNode ask = Json.parse(row.ask());
        long end = System.nanoTime() + (long) (row.seconds() * 1e9);
        BooleanSupplier stop = () -> progress.isToStop() || System.nanoTime() > end;
        return switch (row.runKind()) {
            case REMEDIES ->
                remedies(row.of().household(), effort(row, trialSeconds, threads), project, ask, progress, stop);
            case LARGEST -> largest(effort(row, trialSeconds, threads), project, ask, progress, stop);
            case LENGTH -> length(effort(row, row.seconds() / 4, threads), project, ask, progress);
            case LAY -> throw new IllegalStateException("Impossible state: laying is no help.");
        };
    }

    private String remedies(
            UUID household, Effort effort, Project project, JsonNode ask, RunProgress progress, BooleanSupplier stop) {
        RunAnswer[] answer = {RunAnswer.NONE};
        String piece = ask.path("piece").asText();
        new Remedies(project, piece, effort, stop, remedy -> {
                    answer[0] = answer[0].and(RunAnswer.Offer.changing(
                            remedy.kind().name(), remedy.words(), remedy.kind().cost(), remedy.after()));
                    progress.answer(answer[0], "");
                })
                .find(spare.of(household, project));
        // Whatever was cut short has tried some things only; that nothing helps may be said of all of them alone.
        boolean complete = !stop.getAsBoolean();
        if (!complete) {
            return answer[0].offers().isEmpty()
                    ? "Nothing was found in the time there was; not everything was tried. Ask again to go on trying."
                    : "Not everything was tried in the time there was.";
        }
        return answer[0].offers().isEmpty()
                ? Wording.fill(
                        "Nothing that keeps the garment as it is lets the %s lie: it takes more cloth, another source or another style.",
                        Wording.spoken(piece))
                : "";
    }

    private String largest(Effort effort, Project project, JsonNode ask, RunProgress progress, BooleanSupplier stop) {
        int order = ask.path("order").asInt();
        String id = ask.path("dimension").asText();
        LargestThatFits search = new LargestThatFits(
                effort,
                stop,
                value ->
                        progress.answer(RunAnswer.NONE, Wording.fill("Trying %s …", words(project, order, id, value))));
        LargestThatFits.Largest largest = search.of(project, order, id);
        Project after = largest.after();
        if (after == null) {
            return largest.stops() + " See what would help first.";
        }
        String words = Wording.fill(
                "%s goes up to %s; now %s.",
                name(project, order, id),
                words(project, order, id, largest.value()),
                words(project, order, id, largest.from()));
        progress.answer(RunAnswer.NONE.and(RunAnswer.Offer.changing("LARGEST", words, largest.stops(), after)), "");
        return "";
    }

    private static Dimension dimension(Project project, int order, String id) {
        PatternPieces pattern = (PatternPieces) java.util.Objects.requireNonNull(project.pieces());
        return Drafts.require(pattern.orders().get(order).draft()).dimensions().stream()
                .filter(d -> d.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static String name(Project project, int order, String id) {
        return dimension(project, order, id).words();
    }

    private static String words(Project project, int order, String id, double value) {
        return switch (dimension(project, order, id).kind()) {
            case LENGTH -> Wording.fill("%.0f mm", value);
            case SHARE -> Wording.fill("%.0f %%", 100 * value);
            default -> Wording.fill("%.0f", value);
        };
    }

    private String length(Effort effort, Project project, JsonNode ask, RunProgress progress) {
        Workroom room = projects.room(project);
        Design design = room.design().orElseThrow(() -> new RefusedValueException("pieces", "Pieces come first."));
        PieceCloth role = PieceCloth.valueOf(ask.path("cloth").asText());
        Cloth cloth = served(room, role);
        double width = ask.path("widthMm").asDouble();
        double[] told = {Double.POSITIVE_INFINITY};
        LengthNeeded needed = LengthNeeded.of(
                design,
                new LengthNeeded.Bought(cloth, role, width, project.practice().of(Practice.Figure.GAP)),
                effort,
                progress::isToStop,
                length -> {
                    if (length < told[0] - 5) {
                        told[0] = length;
                        progress.answer(RunAnswer.NONE, Wording.fill("Down to %.0f mm …", length));
                    }
                });
        progress.answer(new LengthWords(needed, cloth).answer(), "");
        double printed = ask.path("printedMm").asDouble();
        return printed > 0 ? new Printed(printed, width, role).against(needed.asRulesStand(cloth), project, room) : "";
    }

    /** The cloth that serves a role, with what its tests told; where none does, one like the outer cloth is bought. */
    private static Cloth served(Workroom room, PieceCloth role) {
        return room.serving(role)
                .or(room::ground)
                .orElseThrow(() -> new RefusedValueException(
                        "cloth", "Say what the cloth is first: a source, or something brought out of the stash."));
    }
}
