package org.handdown.shortage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.handdown.geometry.Point;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.change.Piecing;
import org.junit.jupiter.api.Test;

class PiecingLinesTest {
    private static boolean isAcross(Piecing line) {
        return line.from().y() == line.to().y();
    }

    /** A piece of 300 by 400: across it a seam is 300 long, along it 400. */
    @Test
    void theShortestSeamInTheMiddleComesFirst() {
        List<Piecing> lines =
                PiecingLines.of(Short.rectangle("back", 300, 400, Allowance.turned(40, "hem"), Allowance.seam(12)));
        assertThat(lines).hasSize(10);
        assertThat(lines.subList(0, 5)).allMatch(PiecingLinesTest::isAcross);
        assertThat(lines.subList(5, 10)).noneMatch(PiecingLinesTest::isAcross);
        assertThat(lines.get(0).from().y()).isEqualTo(200);
        assertThat(lines.get(5).from().x()).isEqualTo(150);
        assertThat(lines).as("as its seams have").allMatch(l -> l.allowanceMm() == 12);
    }

    @Test
    void aWidePieceIsPiecedAlongTheGrainFirst() {
        List<Piecing> lines = PiecingLines.of(Short.bare("yoke", 500, 200));
        assertThat(isAcross(lines.get(0))).isFalse();
        assertThat(lines.get(0).from().x()).isEqualTo(250);
        assertThat(lines).as("no seam to go by").allMatch(l -> l.allowanceMm() == 10);
    }

    @Test
    void aStyleLineThatIsDrawnGoesBeforeAll() {
        Point from = new Point(0, 130);
        Point to = new Point(300, 150);
        Piece back = Short.bare("back", 300, 400)
                .withMarks(List.of(
                        new Mark(Mark.Kind.DOT, "dot", List.of(new Point(10, 10))),
                        new Mark(Mark.Kind.GUIDE, "yoke seam", List.of(from, to))));
        List<Piecing> lines = PiecingLines.of(back);
        assertThat(lines).hasSize(11);
        assertThat(lines.get(0).from()).isEqualTo(from);
        assertThat(lines.get(0).to()).isEqualTo(to);
    }
}
