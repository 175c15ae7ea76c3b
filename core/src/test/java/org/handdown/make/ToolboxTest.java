package org.handdown.make;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import org.handdown.Demo;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ToolboxTest {
    private static final Project PROJECT = Demo.project(1100);

    private static String how(Toolbox tools, String step) {
        return new Workroom(PROJECT, Map.of(), tools)
                .steps().stream()
                        .filter(s -> s.id().equals(step))
                        .findFirst()
                        .orElseThrow()
                        .how();
    }

    @Test
    void aFullTableChangesNothing() {
        assertThat(new Workroom(PROJECT, Map.of(), Toolbox.FULL).steps()).isEqualTo(new Workroom(PROJECT).steps());
    }

    /** X5 of the capabilities: overlocker → zigzag; straight stitch alone → binding, felling or by hand; iron → finger press. */
    @Test
    void whatIsMissingIsReplacedWhereItIsAskedFor() {
        EnumSet<Tool> some = EnumSet.allOf(Tool.class);
        some.remove(Tool.OVERLOCKER);
        some.remove(Tool.IRON);
        Toolbox tools = new Toolbox(some);
        assertThat(how(tools, "side-seams")).contains("zigzag the edges");
        assertThat(how(tools, "press")).contains("finger-press");
        assertThat(how(Toolbox.FULL, "press")).doesNotContain("finger-press");
        assertThat(how(tools, "baste")).isEqualTo(how(Toolbox.FULL, "baste"));
    }

    @Test
    void anEmptyTableStillHasAPlan() {
        List<Step> bare = new Workroom(PROJECT, Map.of(), new Toolbox(EnumSet.noneOf(Tool.class))).steps();
        assertThat(bare).hasSameSizeAs(new Workroom(PROJECT).steps());
        assertThat(bare)
                .allSatisfy(s -> s.tools().forEach(t -> assertThat(s.how()).contains(t.instead())));
    }

    @ParameterizedTest
    @EnumSource(Tool.class)
    void everyToolHasSomethingThatServesInstead(Tool tool) {
        assertThat(tool.instead()).endsWith(".").hasSizeGreaterThan(20);
        assertThat(tool.words()).isNotBlank();
    }
}
