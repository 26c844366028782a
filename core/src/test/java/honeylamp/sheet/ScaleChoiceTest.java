package honeylamp.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.Mark;
import honeylamp.edit.PageEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Plan;
import honeylamp.plan.Sheet.Paper;
import honeylamp.plan.Sheet.Way;
import honeylamp.plan.Showing;
import honeylamp.plan.View;
import honeylamp.plan.Wall.BodySide;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * A house of 12 by 9 m without dimensions on A3 across: between margins, column and gutter the page has 330 by 277 mm for
 * it, and 318 by 265 with 6 mm of air on all sides.
 */
class ScaleChoiceTest {
    private static Plan house() {
        var walls = TestPlans.start();
        walls.wall(0, 0, 12_000, 0, BodySide.LEFT, TestPlans.PARTITION);
        walls.wall(12_000, 0, 12_000, 9_000, BodySide.LEFT, TestPlans.PARTITION);
        walls.wall(12_000, 9_000, 0, 9_000, BodySide.LEFT, TestPlans.PARTITION);
        walls.wall(0, 9_000, 0, 0, BodySide.LEFT, TestPlans.PARTITION);
        var plan = walls.plan();
        plan = ViewEdits.showing(plan, Showing.Kind.DIMENSIONS, Showing.Degree.HIDDEN);
        return PageEdits.sheet(plan, s -> s.on(Paper.A3, Way.LANDSCAPE));
    }

    private static ViewId view(Plan plan) {
        return plan.presentation().views().getFirst().id();
    }

    private static LaidPage page(Plan plan) {
        return LaidPlan.of(plan).pages().getFirst();
    }

    private static double scale(Plan plan) {
        return SheetComposer.frame(page(plan), view(plan)).scale();
    }

    private static List<String> words(Plan plan) {
        var layers = SheetComposer.compose(page(plan), Lamp.LIT, 1).drawing().layers();
        return Mark.words(layers.stream().flatMap(l -> l.marks().stream()).toList())
                .map(Mark.Text::text)
                .toList();
    }

    @Test
    void aScaleThatDoesNotFitIsRefusedWithTheNearestThatDoes() {
        var plan = house();
        for (var tooLarge : List.of(20, 25)) { // 12,000 / 25 = 480 mm
            var refused = ScaleChoice.lock(LaidPlan.of(plan), view(plan), Reach.THIS, tooLarge);
            assertThat(refused.refusal())
                    .hasValueSatisfying(why -> assertThat(why)
                            .contains("1:" + tooLarge + " it does not fit A3")
                            .contains("1:50 does"));
        }
    }

    /** 1:50 needs 240 by 180 mm and their air: A4 across has 297 by 210 in all. */
    @Test
    void smallerPaperIsRefusedWhereAScaleWasLocked() {
        var plan = house();
        var small = PageEdits.sheet(plan, s -> s.on(Paper.A4, Way.LANDSCAPE));
        assertThat(ScaleChoice.keeping(LaidPlan.of(plan), small).result()).contains(small); // nothing is locked
        var locked = ScaleChoice.lock(LaidPlan.of(plan), view(plan), Reach.THIS, 50)
                .result()
                .orElseThrow();
        var smaller = PageEdits.sheet(locked, s -> s.on(Paper.A4, Way.LANDSCAPE));
        assertThat(ScaleChoice.keeping(LaidPlan.of(locked), smaller).refusal())
                .hasValueSatisfying(why -> assertThat(why)
                        .contains("locked to 1:50, would not fit A4")
                        .contains("would. Choose that scale first."));
        var larger = PageEdits.sheet(locked, s -> s.on(Paper.A2, Way.LANDSCAPE));
        assertThat(ScaleChoice.keeping(LaidPlan.of(locked), larger).result()).contains(larger);
    }

    @Test
    void aScaleThatFitsIsLocked() {
        var plan = house();
        for (var fits : List.of(50, 75, 100, 125)) {
            assertThat(scale(ScaleChoice.lock(LaidPlan.of(plan), view(plan), Reach.THIS, fits)
                            .result()
                            .orElseThrow()))
                    .isEqualTo(fits.doubleValue());
        }
    }

    @Test
    void aViewThatFillsItsRoomSaysThatItIsNotToScale() {
        var plan = house();
        var filling = ViewEdits.fit(plan, view(plan), Reach.THIS, View.Fit.FILLING);

        assertThat(scale(filling)).isCloseTo(12_000 / 318.0, within(0.01)).isGreaterThanOrEqualTo(12_000 / 318.0);
        assertThat(words(filling)).contains("Not to scale").noneMatch(w -> w.startsWith("1:"));
        assertThat(words(plan)).contains("1:50 on A3").doesNotContain("Not to scale");
        var locked = ScaleChoice.lock(LaidPlan.of(filling), view(plan), Reach.THIS, 75)
                .result()
                .orElseThrow();
        assertThat(words(locked)).contains("1:75 on A3");
    }

    @Test
    void aViewLiesWhereItWasPut() {
        var plan = house();
        var was = SheetComposer.frame(page(plan), view(plan));
        var put = ViewEdits.nudge(plan, view(plan), 12.5, -7).result().orElseThrow();
        var is = SheetComposer.frame(page(put), view(plan));

        assertThat(is.originX() - was.originX()).isCloseTo(12.5, within(1e-9));
        assertThat(is.originY() - was.originY()).isCloseTo(-7, within(1e-9));
        assertThat(is.scale()).isEqualTo(was.scale());
        assertThat(ViewEdits.nudge(plan, view(plan), 501, 0).result()).isEmpty();
        assertThat(ViewEdits.nudge(plan, view(plan), Double.NaN, 0).result()).isEmpty();
    }

    @Test
    void aViewThatWasPutOutOfItsRoomIsTold() {
        var plan = house();
        var storey = LaidPlan.of(plan).pages().getFirst().views().getFirst().storey();
        assertThat(SheetSnags.of(storey)).isEmpty();

        var away = ViewEdits.nudge(plan, view(plan), 60, 0).result().orElseThrow(); // (330 - 240) / 2 = 45 mm are free
        var snags = SheetSnags.of(
                LaidPlan.of(away).pages().getFirst().views().getFirst().storey());
        assertThat(snags).hasSize(1);
        assertThat(snags.getFirst().sentence()).contains("Put it back in the middle");
    }
}
