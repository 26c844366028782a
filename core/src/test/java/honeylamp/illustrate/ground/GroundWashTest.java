package honeylamp.illustrate.ground;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.catalogue.Grounds;
import honeylamp.catalogue.Looks;
import honeylamp.drawing.Mark;
import honeylamp.edit.GroundEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Ground.Use;
import honeylamp.plan.Position;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The toned ground around a building. */
class GroundWashTest {
    private static List<Mark> wash(double strength, Lamp lamp) {
        var frame = PaperFrame.atOrigin(50);
        var pens = Pens.of(Looks.DAYLIGHT, 50);
        return new SiteArt(frame, pens, lamp, new FloorArt(frame, pens, 1))
                .wash(TestPlans.geometry(TestPlans.clearRectangle(5000, 4000)), strength);
    }

    /** How much covers a point beside the middle of the left wall, so many paper mm from its outer face. */
    private static double covered(List<Mark> marks, double mm) {
        var at = new Point(-300.0 / 50 - mm, -40); // walls are 300 thick
        return marks.stream()
                .map(Mark.Fill.class::cast)
                .filter(fill -> fill.path().encloses(at, 8))
                .mapToDouble(fill -> fill.ink().opacity())
                .sum();
    }

    @Test
    void itPassesIntoThePaperBeforeFiguresBegin() {
        var marks = wash(1, Lamp.LIT);
        assertThat(covered(marks, 0.5)).isGreaterThan(covered(marks, 3));
        assertThat(covered(marks, 3)).isGreaterThan(covered(marks, 6));
        assertThat(covered(marks, 7.1)).isPositive().isLessThan(0.05);
        assertThat(covered(marks, 8)).isZero();
        assertThat(covered(marks, 0.5)).as("words over it are read").isLessThan(0.25);
    }

    @Test
    void bareGroundAndDraftsHaveNone() {
        assertThat(wash(0, Lamp.LIT)).isEmpty();
        assertThat(wash(1, Lamp.DRAFT)).isEmpty();
    }

    /** A lawn is as green as grass at its edge and passes into the paper over 4.5 mm. */
    @Test
    void aPlotPassesIntoThePaper() {
        var plan = TestPlans.clearRectangle(5000, 4000);
        var lawn = GroundEdits.add(
                        plan,
                        TestPlans.storey(plan),
                        Use.LAWN,
                        List.of(
                                Position.ofMm(-4000, -3000),
                                Position.ofMm(-300, -3000),
                                Position.ofMm(-300, 3000),
                                Position.ofMm(-4000, 3000)))
                .plan();
        var frame = PaperFrame.atOrigin(50);
        var pens = Pens.of(Looks.DAYLIGHT, 50);
        var green = pens.surface(Grounds.material(Use.LAWN).tone()).rgb();
        var marks = new SiteArt(frame, pens, Lamp.LIT, new FloorArt(frame, pens, 1))
                .wash(TestPlans.geometry(lawn), 1).stream()
                        .filter(m -> ((Mark.Fill) m).ink().rgb() == green)
                        .toList();
        var beside = new double[] {0.2, 1.5, 3, 4.2, 4.8};
        var covers = Arrays.stream(beside)
                .map(mm -> marks.stream()
                        .map(Mark.Fill.class::cast)
                        .filter(fill -> fill.path().encloses(new Point(-80 - mm, 0), 8))
                        .mapToDouble(fill -> fill.ink().opacity())
                        .sum())
                .toArray();
        assertThat(covers[0]).isGreaterThan(0.9);
        for (var i = 1; i < covers.length; i++) {
            assertThat(covers[i]).isLessThan(covers[i - 1]);
        }
        assertThat(covers[covers.length - 1]).isZero();
    }
}
