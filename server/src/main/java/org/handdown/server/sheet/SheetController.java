package org.handdown.server.sheet;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.handdown.alter.stack.AlterationStack;
import org.handdown.alter.stack.Spread;
import org.handdown.fit.Placed;
import org.handdown.formats.outline.PieceFile;
import org.handdown.formats.project.ProjectJson;
import org.handdown.formats.sheet.AlterationSheet;
import org.handdown.formats.sheet.ChalkSheet;
import org.handdown.formats.sheet.CutList;
import org.handdown.formats.sheet.DraftPage;
import org.handdown.formats.sheet.LaySvg;
import org.handdown.formats.sheet.Paper;
import org.handdown.formats.sheet.PartLabels;
import org.handdown.formats.sheet.PatternTiles;
import org.handdown.lay.VariantId;
import org.handdown.measure.Length;
import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Range;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.KeptEdge;
import org.handdown.pattern.Piece;
import org.handdown.project.Aim;
import org.handdown.project.DraftOrder;
import org.handdown.project.Lay;
import org.handdown.project.PatternPieces;
import org.handdown.project.Project;
import org.handdown.project.Station;
import org.handdown.project.StationState;
import org.handdown.project.Workroom;
import org.handdown.server.project.ProjectOf;
import org.handdown.server.project.ProjectService;
import org.handdown.server.web.NotThereException;
import org.handdown.source.Source;
import org.handdown.unpick.PartLabel;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Files to take to the table. */
@RestController
@RequestMapping("/api/projects/{id}/sheets")
class SheetController {
    private final ProjectService projects;

    SheetController(ProjectService projects) {
        this.projects = projects;
    }

    private Project project(ProjectOf of) {
        return projects.project(of);
    }

    private static Lay lay(Project project) {
        Lay lay = project.lay();
        if (lay == null) {
            throw new NotThereException("Nothing is laid yet; lay the pieces first, then print.");
        }
        return lay;
    }

    private static ResponseEntity<byte[]> file(Project project, String ending, MediaType type, byte[] content) {
        String stem = project.name()
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        String name = (stem.isEmpty() ? "project" : stem) + "-" + ending;
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(content);
    }

    /** @param cloth the name of one; empty for all, one after the other */
    @GetMapping("/chalk-out.pdf")
    ResponseEntity<byte[]> chalk(
            ProjectOf of,
            @RequestParam(name = "paper", defaultValue = "a4") String paper,
            @RequestParam(name = "cloth", defaultValue = "") String cloth) {
        Project project = project(of);
        Lay lay = lay(project);
        LengthUnit unit = unit(project);
        Workroom room = projects.room(project);
        byte[] pdf = new ChalkSheet(
                        project.name(),
                        lay.problem(),
                        lay.layoutOn(cloth),
                        room.design().map(Design::pieces).orElse(List.of()),
                        room.panelNames(),
                        unit,
                        Paper.named(paper))
                .pdf();
        return file(project, "chalk-out.pdf", MediaType.APPLICATION_PDF, pdf);
    }

    /** @param piece its id; empty for all. @param roll width of the paper, for one long page; empty for tiles */
    @GetMapping("/pattern.pdf")
    ResponseEntity<byte[]> pattern(
            ProjectOf of,
            @RequestParam(name = "paper", defaultValue = "a4") String paper,
            @RequestParam(name = "piece", defaultValue = "") String piece,
            @RequestParam(name = "roll", defaultValue = "") String roll) {
        Project project = project(of);
        Design design = design(project);
        Design printed = piece.isEmpty() ? design : Design.of(design.name(), List.of(piece(design, piece)));
        byte[] pdf = roll.isEmpty()
                ? new PatternTiles(project.name(), printed, kept(project, printed), unit(project), Paper.named(paper))
                        .pdf()
                : PatternTiles.roll(project.name(), printed, kept(project, printed), unit(project), rollMm(roll));
        return file(project, "pattern.pdf", MediaType.APPLICATION_PDF, pdf);
    }

    private static LengthUnit unit(Project project) {
        Aim aim = project.aim();
        return aim == null ? LengthUnit.CM : aim.unit();
    }

    /** What lies on an old finish in the lay there is, by piece; nothing while the lay is of other pieces. */
    private Map<String, KeptEdge> kept(Project project, Design design) {
        Lay lay = project.lay();
        Map<String, KeptEdge> kept = new HashMap<>();
        boolean stale = projects.room(project).stations().stream()
                .anyMatch(s -> s.station() == Station.LAY && s.stand() == StationState.Stand.STALE);
        if (lay == null || stale) {
            return kept;
        }
        for (Piece piece : design.pieces()) {
            List<Placed> copies = lay.layout().placements().stream()
                    .filter(p -> p.piece().equals(piece.id()))
                    .toList();
            piece.wishes().forEach((edge, wish) -> {
                int on = (int) copies.stream()
                        .filter(p ->
                                p.variant().equals(VariantId.keeping(edge, wish).text()))
                        .count();
                if (on > 0) {
                    kept.put(piece.id(), new KeptEdge(edge, on, copies.size()));
                }
            });
        }
        return kept;
    }

    private static Piece piece(Design design, String id) {
        return design.find(id).orElseThrow(() -> new NotThereException("There is no such piece."));
    }

    private static double rollMm(String text) {
        Length wide = LengthText.parse("roll", text, LengthUnit.MM);
        return new Range(200, 2000).require("roll", wide).mm();
    }

    private Design design(Project project) {
        return projects.room(project)
                .design()
                .orElseThrow(() -> new NotThereException("No pieces are there yet; draft, bring in or enter them."));
    }

    /** Pieces for other programs. @param piece its id; empty for all */
    @GetMapping("/pieces.svg")
    ResponseEntity<byte[]> piecesSvg(ProjectOf of, @RequestParam(name = "piece", defaultValue = "") String piece) {
        Project project = project(of);
        Design design = design(project);
        List<Piece> pieces = piece.isEmpty() ? design.pieces() : List.of(piece(design, piece));
        String svg = PieceFile.svg(project.name(), pieces, kept(project, design));
        return file(project, "pieces.svg", new MediaType("image", "svg+xml"), svg.getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping("/pieces.dxf")
    ResponseEntity<byte[]> piecesDxf(ProjectOf of, @RequestParam(name = "piece", defaultValue = "") String piece) {
        Project project = project(of);
        Design design = design(project);
        List<Piece> pieces = piece.isEmpty() ? design.pieces() : List.of(piece(design, piece));
        String dxf = PieceFile.dxf(pieces, kept(project, design));
        return file(project, "pieces.dxf", new MediaType("image", "vnd.dxf"), dxf.getBytes(StandardCharsets.UTF_8));
    }

    /** The page of a draft. @param draft its place in the list of the project's drafts */
    @GetMapping("/draft.pdf")
    ResponseEntity<byte[]> draft(
            ProjectOf of,
            @RequestParam(name = "draft", defaultValue = "0") int draft,
            @RequestParam(name = "paper", defaultValue = "a4") String paper) {
        Project project = project(of);
        if (!(project.pieces() instanceof PatternPieces pattern)
                || draft < 0
                || draft >= pattern.orders().size()) {
            throw new NotThereException("There is no such draft.");
        }
        DraftOrder order = pattern.orders().get(draft);
        LengthUnit unit = unit(project);
        byte[] pdf = new DraftPage(order, kept(project, order.design()), unit, Paper.named(paper)).pdf();
        return file(project, "draft.pdf", MediaType.APPLICATION_PDF, pdf);
    }

    /** Every change of a garment that stays sewn, drawn and told by tape. */
    @GetMapping("/changes.pdf")
    ResponseEntity<byte[]> changes(ProjectOf of, @RequestParam(name = "paper", defaultValue = "a4") String paper) {
        Project project = project(of);
        Source source = project.source();
        Workroom room = projects.room(project);
        AlterationStack stack = room.altered()
                .filter(s -> !s.steps().isEmpty())
                .orElseThrow(() -> new NotThereException("Nothing is changed on a garment that stays sewn."));
        Spread spread = new Spread(room.anatomy().orElseThrow().views());
        String name = source == null ? project.name() : source.name();
        byte[] pdf = new AlterationSheet(stack, spread, name, unit(project), Paper.named(paper)).pdf();
        return file(project, "changes.pdf", MediaType.APPLICATION_PDF, pdf);
    }

    /** Labels for every part that comes off. */
    @GetMapping("/labels.pdf")
    ResponseEntity<byte[]> labels(ProjectOf of, @RequestParam(name = "paper", defaultValue = "a4") String paper) {
        Project project = project(of);
        Source source = project.source();
        Workroom room = projects.room(project);
        if (source == null) {
            throw new NotThereException("Say first what the source is; then its parts can be labelled.");
        }
        LengthUnit unit = unit(project);
        byte[] pdf = new PartLabels(
                        source.name(),
                        PartLabel.of(room.plan().orElseThrow()),
                        becomes(project),
                        unit,
                        Paper.named(paper))
                .pdf();
        return file(project, "labels.pdf", MediaType.APPLICATION_PDF, pdf);
    }

    /** What the lay cuts from each panel, by the part that the panel was. */
    private Map<String, List<String>> becomes(Project project) {
        Lay lay = project.lay();
        Map<String, String> names = projects.room(project).pieceNames();
        return lay == null
                ? Map.of()
                : lay.layout().placements().stream()
                        .collect(Collectors.groupingBy(
                                Placed::panel,
                                Collectors.mapping(
                                        p -> names.getOrDefault(p.piece(), Wording.spoken(p.piece())),
                                        Collectors.collectingAndThen(
                                                Collectors.toCollection(LinkedHashSet::new), List::copyOf))));
    }

    @GetMapping("/lay.svg")
    ResponseEntity<byte[]> svg(ProjectOf of) {
        Project project = project(of);
        Lay lay = lay(project);
        Workroom room = projects.room(project);
        String svg = LaySvg.of(project.name(), lay.problem(), lay.layout(), room.pieceNames(), room.panelNames());
        return file(project, "lay.svg", new MediaType("image", "svg+xml"), svg.getBytes(StandardCharsets.UTF_8));
    }

    /** @param cloth the name of one; empty for all, with what is cut from what is bought */
    @GetMapping("/cut-list.csv")
    ResponseEntity<byte[]> cutList(ProjectOf of, @RequestParam(name = "cloth", defaultValue = "") String cloth) {
        Project project = project(of);
        Lay lay = lay(project);
        Workroom room = projects.room(project);
        List<Piece> bought = cloth.isEmpty()
                ? room.design().map(Design::pieces).orElse(List.of()).stream()
                        .filter(p -> !room.roles().isLaid(p.cloth()))
                        .toList()
                : List.of();
        String csv = CutList.csv(lay.problem(), lay.layoutOn(cloth), room.pieceNames(), room.panelNames(), bought);
        MediaType type = new MediaType("text", "csv", StandardCharsets.UTF_8);
        return file(project, "cut-list.csv", type, csv.getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping("/project.json")
    ResponseEntity<byte[]> json(ProjectOf of) {
        Project project = project(of);
        byte[] json = ProjectJson.prettyText(project).getBytes(StandardCharsets.UTF_8);
        return file(project, "project.json", MediaType.APPLICATION_JSON, json);
    }
}
