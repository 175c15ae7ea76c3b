package org.handdown.project;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.handdown.alter.LetOut;
import org.handdown.alter.TakeIn;
import org.handdown.alter.stack.AlterationStack;
import org.handdown.body.BodyMeasure;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.fit.FitProblem;
import org.handdown.lay.ClothRoles;
import org.handdown.lay.Enough;
import org.handdown.lay.Marked;
import org.handdown.lay.Sureness;
import org.handdown.make.Prospect;
import org.handdown.make.Step;
import org.handdown.make.Toolbox;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.panel.Panel;
import org.handdown.pattern.Design;
import org.handdown.pattern.InsertDraft;
import org.handdown.pattern.PieceCloth;
import org.handdown.reuse.Keeper;
import org.handdown.reuse.Use;
import org.handdown.reuse.Want;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.StitchType;
import org.handdown.unpick.UnpickPlan;
import org.jspecify.annotations.Nullable;

/** What follows from a project, station by station; what costs most is worked out once for one look, and only if somebody asks. Not for several threads. */
public final class Workroom {
    /** Refusals of drafts and changes already say what to mend. */
    private static final Pattern PATTERN_FIELDS = Pattern.compile("^(choices|change|draft|aim)");

    /** What geometry says of a shape that is none. */
    private static final Set<String> OUTLINE_FIELDS = Set.of("outline", "edge");

    private final Project project;
    private final Map<StitchType, Double> rates;
    private final Kept kept;
    private final ClothRoom cloth;
    private final TableCloth table;
    private final PatternRoom pattern;
    private final LayRoom lay;
    private final MakeRoom make;
    private final AlterRoom altered;

    public Workroom(Project project) {
        this(project, Map.of(), Toolbox.FULL);
    }

    /**
     * @param rates the household's own minutes a metre, over the defaults
     * @param tools that the household has
     */
    public Workroom(Project project, Map<StitchType, Double> rates, Toolbox tools) {
        this(project, rates, tools, Kept.NOTHING);
    }

    /** @param kept results of others that were asked the same */
    public Workroom(Project project, Map<StitchType, Double> rates, Toolbox tools, Kept kept) {
        this.project = project;
        this.rates = Map.copyOf(rates);
        this.kept = kept;
        cloth = new ClothRoom(project, this.rates, kept);
        table = new TableCloth(project, this.rates, kept, cloth);
        // Pieces, lay and work are those of the whole project, whichever of its sources is in hand.
        Project whole = project.turnedBack();
        pattern = new PatternRoom(whole, kept, table.own(), table);
        lay = new LayRoom(whole, kept, table, pattern);
        altered = table.altered();
        make = new MakeRoom(whole, this.rates, tools, kept, table.own(), table, pattern, altered);
    }

    /** Where what is made of this project may be kept. */
    public Kept kept() {
        return kept;
    }

    public Map<StitchType, Double> ownRates() {
        return rates;
    }

    /** A join that was unpicked against the clock. */
    public record UnpickTime(String join, StitchType stitch, double rowMetres, double minutes) {}

    /** Checked-off unpicking with its minutes: what the household's own rates are made of. */
    public List<UnpickTime> unpickTimes() {
        return table.unpickTimes();
    }

    public Optional<Anatomy> anatomy() {
        return cloth.anatomy();
    }

    /** The own source with its alterations, one after the other; present when that is the aim. */
    public Optional<AlterationStack> altered() {
        return altered.stack();
    }

    /** What alterations take off the own source, once it lies flat. */
    public List<Panel> cutOff() {
        return altered.panels();
    }

    /** How the altered source is put on, ring by ring. */
    public List<PutOn> alteredPutOn() {
        return altered.putOn();
    }

    /** How what is cut out is put on, ring by ring. */
    public List<PutOn> designPutOn() {
        return pattern.putOn();
    }

    /** Where seams of what is cut out cross, the thickest first. */
    public List<ThickCrossing> crossings() {
        return pattern.crossings();
    }

    /** How the source is put on as it is, ring by ring. */
    public List<PutOn> putOn() {
        return cloth.putOn();
    }

    public Optional<UnpickPlan> plan() {
        return cloth.plan();
    }

    /** To take all sources of the project apart as it is settled, minutes of work. */
    public double minutesApart() {
        return table.sources().stream()
                .flatMap(r -> r.plan().stream())
                .mapToDouble(UnpickPlan::minutes)
                .sum();
    }

    /** Main parts that can be laid flat as things now hang together. */
    public List<String> flatParts() {
        return cloth.flatParts();
    }

    public List<Panel> panels() {
        return cloth.panels();
    }

    /** Panels of all sources under the ids that they have on the table, those of the project's own first. */
    public List<Panel> allPanels() {
        return table.panels();
    }

    /** What people marked on whatever there is to lay on. */
    public List<Marked> marked() {
        return table.marked();
    }

    /** Panels of the source in hand under the ids that they have on the table, among those of all sources. */
    public List<Panel> panelsOnTable() {
        return table.panels().stream()
                .filter(p -> isOf(project.prefix(), p.id()))
                .toList();
    }

    private boolean isOf(String prefix, String id) {
        return prefix.isEmpty()
                ? project.cloths().brought().stream().noneMatch(b -> id.startsWith(b.prefix()))
                : id.startsWith(prefix);
    }

    /** What follows from each source of the project, its own first. */
    List<ClothRoom> sources() {
        return table.sources();
    }

    /** Is there any cloth to lay on, of whatever source? */
    public boolean hasCloth() {
        return table.isAny();
    }

    /** Panels of all sources, and cloth that was brought flat, as people named them, by id. */
    public Map<String, String> panelNames() {
        return table.names();
    }

    /** How far the edges of each of them may be off: by how it was surveyed, or, where it was drawn from a source's measures, by how those were taken. */
    public Map<String, Double> tolerances() {
        return table.tolerances();
    }

    /** Keepers of all sources under their plans of taking apart, and those that were brought loose. */
    public List<Keeper> keepers() {
        return table.keepers();
    }

    /** Keepers of the source in hand alone. */
    public List<Keeper> ownKeepers() {
        return cloth.keepers();
    }

    /** A cloth of the project by its name: of its own source, a lining, or one that was brought. */
    public Optional<Cloth> cloth(String name) {
        return table.cloth(name);
    }

    /** Which cloths serve which role in the garment. */
    public ClothRoles roles() {
        return table.roles();
    }

    /** The outer cloth of the garment: of its own source, or the first that was brought to serve as one. */
    public Optional<Cloth> ground() {
        return table.ground();
    }

    /** The cloth that serves a role, the first of several; none where it is bought. */
    public Optional<Cloth> serving(PieceCloth role) {
        return roles().serving(role).stream()
                .flatMap(name -> cloth(name).stream())
                .findFirst();
    }

    /** What quick tests told of the garment's outer cloth; nothing before there is one. */
    public ClothSheet sheet() {
        return table.sheet();
    }

    public Optional<Design> design() {
        return pattern.design();
    }

    /** Pieces as people named them, by id. */
    public Map<String, String> pieceNames() {
        return pattern.pieceNames();
    }

    /** Inserts let into a source that cannot be let out far enough. */
    public Optional<InsertDraft> inserts() {
        return pattern.inserts();
    }

    public Garment garment() {
        return pattern.garment();
    }

    /** Measures of the body that are asked for: those that the drafts need, or, without a draft, those that tell whether a source suits. */
    public List<BodyMeasure> measures() {
        return pattern.measures();
    }

    /** @param draft of the aim; empty for none */
    public static List<BodyMeasure> measures(String draft, Project.@Nullable Pieces pieces) {
        return PatternRoom.measures(draft, pieces);
    }

    /** How the source is let out; present when that is the aim and something was asked for. */
    public Optional<LetOut> letOut() {
        return pattern.letOut();
    }

    /** How the source is taken in or shortened; present when that is the aim. */
    public Optional<TakeIn> takeIn() {
        return pattern.takeIn();
    }

    /** What the design needs finished: edges of its pieces that may lie on something, and things asked for by hand. */
    public List<Want> wants() {
        return pattern.wants();
    }

    /** The best use of the keepers. */
    public List<Use> uses() {
        return pattern.uses();
    }

    /** Are all drafts drawn from the measures as they now stand? */
    boolean isDraftedFromTheAim() {
        return pattern.isDraftedFromTheAim();
    }

    /** Are all drafts drawn for the cloth as its tests now tell? Those that were drawn before anybody asked the cloth are left in peace. */
    boolean isDraftedForTheCloth() {
        return pattern.isDraftedForTheCloth();
    }

    LengthUnit unit() {
        return pattern.unit();
    }

    /** Was this laid for panels and pieces as they now stand, or for more than they ask? */
    public boolean isFor(Lay laid) {
        return problem().map(laid.problem()::asksAllOf).orElse(false);
    }

    /** The fitting problem as panels and pieces now stand, with the margin that the last lay kept. */
    public Optional<FitProblem> problem() {
        return lay.problem();
    }

    /** @param marginMm to be kept from the panels' edges */
    public Optional<FitProblem> problem(double marginMm) {
        return lay.problem(marginMm);
    }

    /** As {@link #problem()}, with what is pinned held where it lies; a pin whose piece is gone is let go. */
    public Optional<FitProblem> pinnedProblem() {
        return lay.pinnedProblem();
    }

    /** With the margin told and what is pinned held where it lies. */
    public Optional<FitProblem> pinnedProblem(double marginMm) {
        return lay.pinnedProblem(marginMm);
    }

    /** Whether there is cloth enough, by quick tests before anything is laid; trials take what is left and ask for none. */
    public Optional<Enough> enough() {
        return lay.enough();
    }

    /** How far the lay may be trusted, by how the source was measured. */
    public Optional<Sureness> sureness() {
        return lay.sureness();
    }

    /** In order, with what serves instead of a tool that this table lacks. */
    public List<Step> steps() {
        return make.steps();
    }

    /** Where cloths of the project meet in a seam, and what to heed there. */
    public List<ClothMeeting> meetings() {
        return make.meetings();
    }

    /** Whether to begin, as of a day. */
    public Optional<Prospect> prospect(LocalDate today) {
        return make.prospect(today);
    }

    /**
     * Panels proposed from the source's measures and what was decided for each join; flaws already marked stay, and so do widths already
     * taken by tape unless the source itself was measured anew.
     */
    public Project redoPanels() {
        return new Proposal(project, this).withPanels();
    }

    /** Pieces drafted from the aim as it now stands; pieces brought in or entered stay as they are, and so do all choices and changes. */
    public Project redoPieces() {
        return new Proposal(project, this).withPieces();
    }

    /**
     * Refuses a project that could not be shown: a change that gets past every single figure may still make a panel that crosses itself.
     *
     * @throws RefusedValueException saying so
     */
    public void requireWorkable() {
        try {
            new StationBoard(project.turnedBack(), this).requireStates();
            problem();
            keepers();
            letOut().ifPresent(l -> {
                l.refolds();
                l.levels();
            });
            inserts().ifPresent(InsertDraft::pieces);
            design().ifPresent(Design::sizes);
            design().ifPresent(Design::walks);
            takeIn().ifPresent(TakeIn::changes);
        } catch (RefusedValueException e) {
            if (PATTERN_FIELDS.matcher(e.field()).find()) {
                throw e;
            }
            String why = OUTLINE_FIELDS.contains(e.field()) ? "The outline crosses itself." : e.getMessage();
            throw new RefusedValueException(
                    "measures",
                    Wording.fill("These measures make no whole panel or piece. %s Check the figures.", why));
        }
    }

    public List<StationState> stations() {
        return new StationBoard(project.turnedBack(), this).states();
    }
}
