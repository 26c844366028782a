package honeylamp.illustrate.sketch;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.catalogue.TierSets;
import honeylamp.demo.place.SailclothYard;
import honeylamp.drawing.Mark;
import honeylamp.edit.Reach;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.ElementId.UnderlayId;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.KnownLength;
import honeylamp.plan.Placing;
import honeylamp.plan.Placing.Axes;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Underlay;
import honeylamp.units.Length;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The proofs of dimensions above the picture. */
class SumStripsTest {
    private static final PaperFrame FRAME = PaperFrame.atOrigin(50);

    private static List<Mark.Text> texts(List<Mark> marks) {
        return marks.stream()
                .filter(Mark.Text.class::isInstance)
                .map(Mark.Text.class::cast)
                .toList();
    }

    /** Three tiers on four sides: openings and walls have several parts, the overall has one. */
    @Test
    void everyTierOfSeveralPartsIsASumThatAnybodyCanDoAgain() {
        var three = TierSets.all().stream()
                .filter(s -> s.name().equals("Three tiers"))
                .findFirst()
                .orElseThrow();
        var plan = TierSets.chosen(SailclothYard.plan(), new ViewId(1), Reach.ALL, three);
        var strips = texts(SumStrips.sums(TestPlans.view(plan), FRAME, 0.2));
        assertThat(strips).hasSize(8);
        for (var strip : strips) {
            var sum = strip.text().split(" = ");
            assertThat(Arrays.stream(sum[0].split(" \\+ "))
                            .mapToInt(Integer::parseInt)
                            .sum())
                    .isEqualTo(Integer.parseInt(sum[1]));
        }
        assertThat(strips.stream().map(t -> t.at().x() + "," + t.at().y()).distinct())
                .as("none over another")
                .hasSize(8);
    }

    /** A picture of 10 mm a pixel over a room of 5,000 by 4,000 clear; a length is written between two of its marks. */
    private static List<String> said(double fromPx, double toPx, double writtenMm) {
        Plan plan = TestPlans.clearRectangle(5000, 4000);
        var picture = Underlay.of(
                new UnderlayId(90),
                new Underlay.Picture("a".repeat(64), "scan", 1000, 800),
                new Placing(Position.ofMm(-1000, 6000), 10, 10, 0, Axes.ONE));
        var known = new KnownLength(new Point(fromPx, 400), new Point(toPx, 400), Length.ofMm(writtenMm));
        var at = picture.plan(new Point(fromPx, 400));
        assertThat(at.y()).as("within the room").isBetween(500.0, 3500.0);
        return texts(SumStrips.disagreeing(
                        TestPlans.view(plan), List.of(picture.withKnownLengths(List.of(known))), FRAME, 0.2))
                .stream()
                .map(Mark.Text::text)
                .toList();
    }

    @Test
    void whatWasTracedAndIsNotAsWrittenIsMarked() {
        // from face to face: the marks lie at x = 0 and 5,000
        assertThat(said(100, 600, 5000)).isEmpty();
        assertThat(said(100, 600, 5009)).as("a pencil's width").isEmpty();
        assertThat(said(100, 600, 4850)).containsExactly("written 4850 mm, traced 5000 mm");
        assertThat(said(100, 300, 1950)).as("its far end was not traced").isEmpty();
    }
}
