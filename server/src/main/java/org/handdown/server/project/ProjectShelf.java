package org.handdown.server.project;

import java.util.List;
import java.util.UUID;
import org.handdown.project.Project;
import org.handdown.server.project.ProjectMapper.ShelfRow;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The projects of a household side by side: told from what was kept of each when it was written, none of them worked out. */
@Service
class ProjectShelf {
    static final int A_PAGE = 24;

    private final ProjectMapper mapper;
    private final ProjectService projects;
    private final KeptGlances glances;

    ProjectShelf(ProjectMapper mapper, ProjectService projects, KeptGlances glances) {
        this.mapper = mapper;
        this.projects = projects;
        this.glances = glances;
    }

    /** @param glance null where it was not made yet, or was written by another version */
    record Standing(ShelfRow row, @Nullable GlanceView glance) {}

    /** @param count of all that were asked for, of which this is a page */
    record Page(List<Standing> standing, int count) {}

    /**
     * @param text that the name holds; empty for all
     * @param aside those that were set aside, or those on the table
     */
    @Transactional(readOnly = true)
    Page page(UUID household, String text, boolean aside, int from) {
        String like = text.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_");
        List<Standing> standing = mapper.shelf(household, like, aside, Math.max(0, from), A_PAGE).stream()
                .map(row -> new Standing(row, glances.read(row.glance()).orElse(null)))
                .toList();
        return new Page(standing, mapper.shelfCount(household, like, aside));
    }

    /** Made now, and kept. */
    GlanceView glance(ProjectOf of) {
        ProjectOf whole = new ProjectOf(of.household(), of.id());
        return glances.keep(whole, projects.require(whole));
    }

    StoredProject rename(ProjectAt at, String name) {
        return projects.edit(at, "the name", project -> project.renamed(name));
    }

    /** @param name of the copy; empty for one made of the project's own */
    UUID copy(ProjectOf of, String name) {
        Project project = projects.project(new ProjectOf(of.household(), of.id()));
        String called = name.isEmpty() ? variant(project.name()) : name;
        return projects.create(of.household(), project.variant(called), "copied from “" + project.name() + "”");
    }

    private static String variant(String name) {
        String ending = ", a variant";
        return name.substring(0, Math.min(name.length(), Project.LONGEST_NAME - ending.length())) + ending;
    }

    @Transactional
    void setAside(ProjectOf of, boolean aside) {
        if (mapper.setAside(of.household(), of.id(), aside) != 1) {
            throw ProjectReader.notThere();
        }
    }
}
