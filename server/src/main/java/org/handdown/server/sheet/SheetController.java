package org.handdown.server.sheet;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.UUID;
import org.handdown.formats.project.ProjectJson;
import org.handdown.formats.sheet.ChalkSheet;
import org.handdown.formats.sheet.CutList;
import org.handdown.formats.sheet.LaySvg;
import org.handdown.formats.sheet.Paper;
import org.handdown.formats.sheet.PartLabels;
import org.handdown.formats.sheet.PatternTiles;
import org.handdown.measure.LengthUnit;
import org.handdown.pattern.Design;
import org.handdown.project.Aim;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.server.account.HouseholdUser;
import org.handdown.server.project.ProjectService;
import org.handdown.server.web.NotThereException;
import org.handdown.source.Source;
import org.handdown.unpick.PartLabel;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
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

    private Project project(HouseholdUser user, UUID id) {
        return projects.require(user.householdId(), id).project();
    }

    private static Project.Lay lay(Project project) {
        Project.Lay lay = project.lay();
        if (lay == null) {
            throw new NotThereException("Nothing is laid yet; lay the pieces first, then print.");
        }
        return lay;
    }

    private static Paper paper(String name) {
        return name.equalsIgnoreCase("letter") ? Paper.LETTER : Paper.A4;
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

    @GetMapping("/chalk-out.pdf")
    ResponseEntity<byte[]> chalk(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            @RequestParam(name = "paper", defaultValue = "a4") String paper) {
        Project project = project(user, id);
        Project.Lay lay = lay(project);
        Aim aim = project.aim();
        LengthUnit unit = aim == null ? LengthUnit.CM : aim.unit();
        byte[] pdf = new ChalkSheet(project.name(), lay.problem(), lay.layout(), unit, paper(paper)).pdf();
        return file(project, "chalk-out.pdf", MediaType.APPLICATION_PDF, pdf);
    }

    @GetMapping("/pattern.pdf")
    ResponseEntity<byte[]> pattern(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            @RequestParam(name = "paper", defaultValue = "a4") String paper) {
        Project project = project(user, id);
        Design design = new Workroom(project)
                .design()
                .orElseThrow(() -> new NotThereException("No pieces are drafted yet; settle the aim first."));
        byte[] pdf = new PatternTiles(project.name(), design, paper(paper)).pdf();
        return file(project, "pattern.pdf", MediaType.APPLICATION_PDF, pdf);
    }

    /** Labels for every part that comes off. */
    @GetMapping("/labels.pdf")
    ResponseEntity<byte[]> labels(
            @AuthenticationPrincipal HouseholdUser user,
            @PathVariable("id") UUID id,
            @RequestParam(name = "paper", defaultValue = "a4") String paper) {
        Project project = project(user, id);
        Source source = project.source();
        Workroom room = new Workroom(project);
        if (source == null) {
            throw new NotThereException("Say first what the source is; then its parts can be labelled.");
        }
        Aim aim = project.aim();
        LengthUnit unit = aim == null ? LengthUnit.CM : aim.unit();
        byte[] pdf = new PartLabels(source.name(), PartLabel.of(room.plan().orElseThrow()), unit, paper(paper)).pdf();
        return file(project, "labels.pdf", MediaType.APPLICATION_PDF, pdf);
    }

    @GetMapping("/lay.svg")
    ResponseEntity<byte[]> svg(@AuthenticationPrincipal HouseholdUser user, @PathVariable("id") UUID id) {
        Project project = project(user, id);
        Project.Lay lay = lay(project);
        String svg = LaySvg.of(project.name(), lay.problem(), lay.layout());
        return file(project, "lay.svg", new MediaType("image", "svg+xml"), svg.getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping("/cut-list.csv")
    ResponseEntity<byte[]> cutList(@AuthenticationPrincipal HouseholdUser user, @PathVariable("id") UUID id) {
        Project project = project(user, id);
        Project.Lay lay = lay(project);
        String csv = CutList.csv(lay.problem(), lay.layout());
        MediaType type = new MediaType("text", "csv", StandardCharsets.UTF_8);
        return file(project, "cut-list.csv", type, csv.getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping("/project.json")
    ResponseEntity<byte[]> json(@AuthenticationPrincipal HouseholdUser user, @PathVariable("id") UUID id) {
        Project project = project(user, id);
        byte[] json = ProjectJson.prettyText(project).getBytes(StandardCharsets.UTF_8);
        return file(project, "project.json", MediaType.APPLICATION_JSON, json);
    }
}
