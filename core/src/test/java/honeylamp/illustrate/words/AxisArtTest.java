package honeylamp.illustrate.words;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Mark;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Box;
import honeylamp.illustrate.Extent;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.Annotation.Axes;
import honeylamp.plan.Plan;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Axes as they are drawn around the demo plans. */
class AxisArtTest {
    private static final PaperFrame FRAME = PaperFrame.atOrigin(50);

    private static Plan drawn(Plan plan) {
        return ViewEdits.annotation(
                plan, plan.presentation().views().getFirst().id(), Reach.ALL, a -> a.withAxes(Axes.DRAWN));
    }

    private static List<Mark.Text> texts(LaidView view) {
        Drawing drawing = Illustration.of(view, FRAME, Lamp.COLOUR, 1);
        return drawing.layers().stream()
                .flatMap(l -> l.marks().stream())
                .flatMap(m -> switch (m) {
                    case Mark.Text t -> Stream.of(t);
                    case Mark.Haloed h -> Stream.of(h.text());
                    case Mark.Fill _, Mark.Stroke _, Mark.Image _, Mark.Shaded _, Mark.Picture _, Mark.Clip _ ->
                        Stream.<Mark.Text>empty();
                })
                .toList();
    }

    private static Box box(Mark.Text t) {
        var start = t.start();
        return t.turnDeg() == 0
                ? new Box(start.x(), start.y() - t.capHeightMm(), start.x() + t.widthMm(), start.y())
                : new Box(start.x() - t.capHeightMm(), start.y() - t.widthMm(), start.x(), start.y());
    }

    /** Every ring lies outside the figures of all tiers, and the extent of the view holds it. */
    @Test
    void ringsStandBeyondTheTiersWithinTheRoomTheyAskedFor() {
        for (var plan : List.of(SailclothYard.plan(), QuillbackLane.plan())) {
            for (var page : LaidPlan.of(drawn(plan)).pages()) {
                var view = page.views().getFirst();
                var names = honeylamp.derive.tiers.Axes.of(view.plan());
                var texts = texts(view);
                var extent = Extent.of(view).orElseThrow();
                var room = FRAME.paper(extent.planMm());
                for (var axis : names) {
                    var ring = texts.stream()
                            .filter(t -> t.text().equals(axis.name()))
                            .findFirst()
                            .map(AxisArtTest::box)
                            .orElseThrow()
                            .grown(2.2);
                    assertThat(ring.minY())
                            .isGreaterThan(room.minY() - extent.paper().above() - 0.1);
                    assertThat(ring.minX())
                            .isGreaterThan(room.minX() - extent.paper().left() - 0.1);
                    assertThat(texts.stream().filter(t -> !t.text().equals(axis.name())))
                            .noneMatch(t -> box(t).meets(ring));
                }
            }
        }
    }

    @Test
    void noneAreDrawnUnlessAskedForNorWithoutWords() {
        assertThat(texts(TestPlans.view(SailclothYard.plan())))
                .noneMatch(t -> t.text().equals("A"));
        assertThat(texts(TestPlans.view(drawn(SailclothYard.plan()))))
                .anyMatch(t -> t.text().equals("A"));
        var silent = ViewEdits.annotation(
                drawn(SailclothYard.plan()),
                SailclothYard.plan().presentation().views().getFirst().id(),
                Reach.ALL,
                a -> a.withWords(a.words().other()));
        assertThat(texts(TestPlans.view(silent))).isEmpty();
    }
}
