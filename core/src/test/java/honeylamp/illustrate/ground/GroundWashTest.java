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
import honeylamp.plan.Look;
import honeylamp.plan.Oklch;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

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

    private static Plan withGround(Use use, double west, double south, double east, double north) {
        var plan = TestPlans.clearRectangle(5000, 4000);
        return GroundEdits.add(plan, TestPlans.storey(plan), use, corners(west, south, east, north))
                .plan();
    }

    private static List<Position> corners(double west, double south, double east, double north) {
        return List.of(
                Position.ofMm(west, south),
                Position.ofMm(east, south),
                Position.ofMm(east, north),
                Position.ofMm(west, north));
    }

    private static SiteArt art(Look look) {
        var frame = PaperFrame.atOrigin(50);
        var pens = Pens.of(look, 50);
        return new SiteArt(frame, pens, Lamp.LIT, new FloorArt(frame, pens, 1));
    }

    /** In the evening no lamp shines on what the ground passes into: there it is as dark as the ground beside it, not as by day. */
    @Test
    void inTheEveningAPlotPassesIntoTheDark() {
        var lawn = TestPlans.geometry(withGround(Use.LAWN, -4000, -3000, -300, 3000));
        var pens = Pens.of(Looks.DUSK, 50);
        var byDay = Oklch.ofRgb(pens.surface(Grounds.material(Use.LAWN).tone()).rgb());
        assertThat(art(Looks.DUSK).wash(lawn, 0)).isNotEmpty().allSatisfy(mark -> {
            var tone = Oklch.ofRgb(((Mark.Fill) mark).ink().rgb());
            assertThat(tone.lightness()).isLessThan(byDay.lightness() - 0.3);
        });
    }

    /** Strips of a mown lawn are of the look: on deep blue none is pale, and where joints are all there is, there are none. */
    @ParameterizedTest
    @CsvSource({"Night drawing, 0.5", "Daylight, 1"})
    void aMownLawnIsOfItsLook(String look, double lightest) {
        var lawn = withGround(Use.LAWN, -4000, -3000, -300, 3000).storeys().getFirst();
        var marks = fills(art(Looks.of(look)).ground(lawn)).toList();
        assertThat(marks)
                .hasSizeGreaterThan(1)
                .allSatisfy(fill ->
                        assertThat(Oklch.ofRgb(fill.ink().rgb()).lightness()).isLessThan(lightest));
        assertThat(fills(art(Looks.INK).ground(lawn)))
                .allSatisfy(fill ->
                        assertThat(Oklch.ofRgb(fill.ink().rgb()).chroma()).isLessThan(0.01));
    }

    /** The line of a setback is drawn before the shrubs of a bed, and not over them once more. */
    @Test
    void theLineOfASetbackLiesBelowShrubs() {
        var bed = withGround(Use.PLANTING, -4000, -3000, -1000, 3000);
        var plot = GroundEdits.add(bed, TestPlans.storey(bed), Use.PLOT, corners(-5000, -5000, 9000, 9000));
        var plan = GroundEdits.change(
                plot.plan(), TestPlans.storey(bed), plot.id(), g -> g.withSetback(Length.ofMm(2500)));
        var marks = art(Looks.DAYLIGHT).ground(plan.storeys().getFirst());
        var inBed = new Point(-2500.0 / 50, 0); // on the line, in the bed
        var firstLine = -1;
        var lastFill = -1;
        for (var i = 0; i < marks.size(); i++) {
            switch (marks.get(i)) {
                case Mark.Clip clip
                when clip.inside().getFirst() instanceof Mark.Stroke -> {
                    assertThat(clip.path().encloses(inBed, 8))
                            .as("the first lies in the bed, the other around it")
                            .isEqualTo(firstLine < 0);
                    firstLine = firstLine < 0 ? i : firstLine;
                }
                case Mark.Fill _ -> lastFill = i;
                default -> {}
            }
        }
        assertThat(firstLine).isPositive().isLessThan(lastFill);
    }

    private static Stream<Mark.Fill> fills(List<Mark> marks) {
        return marks.stream().flatMap(m -> switch (m) {
            case Mark.Fill fill -> Stream.of(fill);
            case Mark.Clip clip -> fills(clip.inside());
            default -> Stream.empty();
        });
    }
}
