package org.handdown.server.shopping;

import org.handdown.formats.sheet.Paper;
import org.handdown.formats.sheet.ShoppingSheet;
import org.handdown.project.Project;
import org.handdown.server.project.ProjectOf;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Say;
import org.handdown.server.stash.StashStock;
import org.handdown.shopping.Shopping;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What must be bought, and what of it the household has. */
@RestController
@RequestMapping("/api/projects/{id}")
class ShoppingController {
    private final ProjectService projects;
    private final StashStock stock;

    ShoppingController(ProjectService projects, StashStock stock) {
        this.projects = projects;
        this.stock = stock;
    }

    private Shopping shopping(ProjectOf of, Project project) {
        Project whole = project.turnedBack();
        return Shopping.of(projects.room(whole), whole.lay(), stock.free(of, whole));
    }

    @GetMapping("/shopping")
    ShoppingView list(ProjectOf of) {
        Project project = projects.project(of);
        Shopping shopping = shopping(of, project);
        return ShoppingView.of(shopping, stock.isUnreserved(of, shopping.items()), Say.to(project));
    }

    /** Reserves whatever of the stash serves it and nobody else was promised. */
    @PostMapping("/shopping/reserve")
    ShoppingView reserve(ProjectOf of) {
        Project project = projects.project(of);
        stock.reserve(of, shopping(of, project).items());
        return list(of);
    }

    /** The same on paper, with boxes to tick. */
    @GetMapping("/sheets/shopping.pdf")
    ResponseEntity<byte[]> sheet(ProjectOf of, @RequestParam(name = "paper", defaultValue = "a4") String paper) {
        Project project = projects.project(of);
        byte[] pdf = new ShoppingSheet(
                        project.name(), shopping(of, project), Say.to(project).unit(), Paper.named(paper))
                .pdf();
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"shopping.pdf\"")
                .body(pdf);
    }
}
