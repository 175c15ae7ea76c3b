package org.handdown.server.alter;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.handdown.alter.stack.Alteration;
import org.handdown.alter.stack.AlterationKind;
import org.handdown.alter.stack.AlterationStack;
import org.handdown.alter.stack.Ask;
import org.handdown.alter.stack.Consequences;
import org.handdown.alter.stack.Effect;
import org.handdown.alter.stack.ToCut;
import org.handdown.geometry.Box;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.project.Workroom;
import org.handdown.server.project.PutOnView;
import org.handdown.server.project.Say;
import org.handdown.server.project.Shown;

/** What is done to a garment that stays sewn, as the page wants it. */
public final class AlteredViews {
    private static final double NOTHING_MM = 0.5;

    private final Workroom room;
    private final Say say;

    public AlteredViews(Shown shown) {
        this.room = shown.room();
        this.say = shown.say();
    }

    /** Nothing where the garment is not altered so. */
    public Optional<AlteredView> view() {
        return room.altered().map(this::view);
    }

    private AlteredView view(AlterationStack stack) {
        GarmentSpread spread = new GarmentSpread(room.anatomy().orElseThrow().views());
        List<AlteredView.StateView> states = new ArrayList<>();
        stack.steps().forEach(s -> states.add(spread.state(s.before())));
        states.add(spread.state(stack.after()));
        return new AlteredView(
                Arrays.stream(AlterationKind.values())
                        .map(k -> new AlteredView.AlterationKindView(k, k.words(), k.meaning()))
                        .toList(),
                stack.steps().stream().map(s -> step(s, spread)).toList(),
                states,
                rings(stack.consequences()),
                PutOnView.of(room.alteredPutOn(), say),
                stack.steps().stream()
                        .flatMap(s -> Optional.ofNullable(s.effect()).stream())
                        .flatMap(e -> e.offs().stream().map(o -> off(e, o, spread)))
                        .toList(),
                stack.toCut().stream().map(this::toCut).toList(),
                room.cutOff().size());
    }

    private String toCut(ToCut piece) {
        Box box = piece.outline().box();
        int lengths = piece.as().lengths();
        return Wording.fill(
                lengths == 1 ? "%s, %s without allowances" : "%s, %s without allowances, %d times",
                piece.name(),
                say.cutSize(box.widthMm(), box.heightMm()),
                lengths);
    }

    private AlteredView.AlterationView step(AlterationStack.Step step, GarmentSpread spread) {
        Alteration told = step.alteration();
        Effect effect = step.effect();
        RefusedValueException refusal = step.refusal();
        Consequences follows = step.consequences();
        return new AlteredView.AlterationView(
                told.id(),
                told.kind(),
                told.kind().words(),
                told.kind().asks(told).stream().map(a -> ask(a, step)).toList(),
                told.picks(),
                told.pins().stream()
                        .map(p -> new AlteredView.PinView(say.field(p.atMm()), signed(p.mm())))
                        .toList(),
                refusal == null ? "" : say.sentence(Objects.requireNonNullElse(refusal.getMessage(), "")),
                refusal == null ? "" : refusal.field(),
                effect == null
                        ? List.of()
                        : effect.says().stream().map(say::sentence).toList(),
                effect == null
                        ? List.of()
                        : effect.asks().stream().map(say::sentence).toList(),
                effect == null
                        ? List.of()
                        : effect.opens().stream()
                                .map(o -> o.mm() > NOTHING_MM
                                        ? Wording.fill("%s, %s", o.name(), say.length(o.mm()))
                                        : o.name())
                                .toList(),
                effect == null
                        ? List.of()
                        : effect.sews().stream().map(this::sewn).toList(),
                effect == null
                        ? List.of()
                        : effect.cuts().stream().map(c -> cut(step, c, spread)).toList(),
                effect == null
                        ? List.of()
                        : effect.offs().stream()
                                .map(o -> off(effect, o, spread))
                                .toList(),
                rings(follows).stream().filter(AlteredView.RingView::changed).toList(),
                follows.walks().stream().map(this::walk).toList(),
                follows.lostEdges());
    }

    private String signed(double mm) {
        return mm < 0 ? "-" + say.field(-mm) : say.field(mm);
    }

    private AlteredView.AskView ask(Ask ask, AlterationStack.Step step) {
        List<AlteredView.ChoiceView> options = step.alteration().kind().options(ask, step.before()).stream()
                .map(o -> new AlteredView.ChoiceView(o.value(), o.words()))
                .toList();
        String picked = step.alteration().picks().get(ask.id());
        Double told = step.alteration().figures().get(ask.id());
        boolean isLength = ask.type() == Ask.Type.LENGTH;
        String text = isLength
                ? told == null && ask.isOptional() ? "" : signed(told == null ? ask.firstMm() : told)
                : picked == null
                        ? ask.type() == Ask.Type.CHOICE && !options.isEmpty()
                                ? options.get(0).id()
                                : ""
                        : picked;
        return new AlteredView.AskView(
                ask.id(),
                say.sentence(ask.words()),
                ask.type(),
                text,
                isLength ? told == null : picked == null,
                options);
    }

    private String sewn(Effect.Sewn sewn) {
        String length = Wording.fill("%s, %s", sewn.name(), say.length(sewn.mm()));
        return Math.abs(sewn.easeMm()) < 2
                ? length
                : Wording.fill(
                        sewn.easeMm() > 0 ? "%s, the longer side eased by %s" : "%s, the shorter side stretched by %s",
                        length,
                        say.length(Math.abs(sewn.easeMm())));
    }

    private String walk(Consequences.Walk walk) {
        return Wording.fill(
                walk.easeMm() < 0 ? "%s: one side %s shorter than the other" : "%s: one side %s longer than the other",
                walk.name(),
                say.length(Math.abs(walk.easeMm())));
    }

    private AlteredView.CutView cut(AlterationStack.Step step, Effect.CutLine cut, GarmentSpread spread) {
        return new AlteredView.CutView(
                cut.component(),
                cut.folded(),
                say.length(cut.mm()),
                spread.line(step.before(), cut.frame(), cut.line()));
    }

    private AlteredView.OffView off(Effect effect, Effect.Off off, GarmentSpread spread) {
        Box box = off.whole().components().stream()
                .max(Comparator.comparingDouble(c -> c.outline().ring().areaMm2()))
                .map(c -> c.outline().box())
                .orElseThrow();
        return new AlteredView.OffView(
                off.id(), off.name(), say.size(box.widthMm(), box.heightMm()), spread.off(effect, off));
    }

    private List<AlteredView.RingView> rings(Consequences follows) {
        return follows.rings().stream()
                .map(r -> new AlteredView.RingView(
                        r.name(),
                        r.beforeMm() > 0 ? say.length(r.beforeMm()) : "",
                        r.afterMm() > 0 ? say.length(r.afterMm()) : "",
                        r.isChanged()))
                .toList();
    }
}
