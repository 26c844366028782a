package honeylamp.illustrate.words;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.derive.listing.FloorSteps.Step;
import honeylamp.derive.openings.LeafSweep;
import honeylamp.drawing.Mark;
import honeylamp.edit.NoteEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.ground.StepArt;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Annotation;
import honeylamp.plan.BuildUpLayer;
import honeylamp.plan.ElementId.RegionId;
import honeylamp.plan.Finish;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import honeylamp.units.Rounding;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** How high steps of floors are is written where nothing else is. */
class StepHeightsTest {
    private static final PaperFrame FRAME = PaperFrame.atOrigin(50);

    /** Two rooms of 2.44 by 4 m with an opening of 900 between them; the western floor is 95 thick, the other 80. */
    private static Plan stepped(OpeningKind kind, Swing swing) {
        var walls = TestPlans.clearRectangle(5000, 4000);
        var parted = TestPlans.walled(walls, 2500, 0, 2500, 4000, TestPlans.PARTITION);
        var open = TestPlans.opening(parted, 4, kind, 1500, 900, Hand.FIRST, swing);
        return floor(floor(open, 1000, "Bath", 95), 4000, "Hall", 80);
    }

    private static Plan floor(Plan plan, double x, String name, double thickMm) {
        var at = TestPlans.storey(plan);
        var named = RoomEdits.mark(plan, at, Position.ofMm(x, 1000), name, Finish.of("bare"))
                .plan();
        var id = named.storeys().getFirst().rooms().getLast().id();
        var layers = List.of(new BuildUpLayer("Layer", Length.ofMm(thickMm)));
        return RoomEdits.change(named, at, id, m -> m.withFit(m.fit().withFloorLayers(layers)));
    }

    private static OtherWords words(Plan plan) {
        var view = TestPlans.view(plan);
        return OtherWords.of(view, FRAME, Pens.of(view.look(), FRAME.scale()));
    }

    private static List<Mark.Text> heights(Plan plan) {
        return Mark.words(words(plan).stairs()).toList();
    }

    private static double shared(Mark.Text text, Outline other) {
        return Regions.intersection(List.of(Outline.of(text.ring())), List.of(other)).stream()
                .mapToDouble(Outline::area)
                .sum();
    }

    private static Outline onPaper(Outline onPlan) {
        return Outline.of(
                new Ring(onPlan.shell().corners().stream().map(FRAME::paper).toList()).counterClockwise());
    }

    /** 95 less 80 is 15. Whichever way the leaf swings, its height lies clear of it and of the wall. */
    @ParameterizedTest
    @EnumSource
    void theHeightOfAStepInADoorwayIsClearOfItsLeaf(Swing swing) {
        var plan = stepped(OpeningKind.DOOR, swing);
        assertThat(heights(plan)).singleElement().satisfies(text -> {
            assertThat(text.text()).isEqualTo("15");
            TestPlans.geometry(plan).cuts().stream()
                    .flatMap(c -> LeafSweep.of(c).stream())
                    .forEach(leaf ->
                            assertThat(shared(text, onPaper(leaf.area()))).isZero());
            var box = text.ring().bounds(); // the wall stands south of 1,500 and north of 2,400
            assertThat(FRAME.plan(box.centre()).y()).isBetween(1500.0, 2400.0);
            assertThat(FRAME.plan(new Point(0, box.minY())).y()).isLessThan(2400);
            assertThat(FRAME.plan(new Point(0, box.maxY())).y()).isGreaterThan(1500);
        });
    }

    /** Around a region one step says how high it is: the longest has no place, so the next says its own height, not that. */
    @Test
    void ofStepsAroundARegionTheOneWithAPlaceSaysItsOwnHeight() {
        var around = Optional.of(new RegionId(7));
        var longest = new Step(new Segment(new Point(0, 0), new Point(3000, 0)), 15, around);
        var next = new Step(new Segment(new Point(0, 2000), new Point(2000, 2000)), 40, around);
        var pens = Pens.of(TestPlans.view(TestPlans.clearRectangle(5000, 4000)).look(), FRAME.scale());
        var heights = new StepArt(FRAME, pens)
                .heights(
                        List.of(longest, next),
                        Rounding.finest(UnitSystem.MM),
                        List.of(o -> o.bounds().minY() > 1000));
        assertThat(Mark.words(heights.marks()).map(Mark.Text::text)).containsExactly("40");
        assertThat(heights.without()).isEmpty();
    }

    @Test
    void itGivesWayToWhatAHandWrote() {
        var plan = stepped(OpeningKind.PLAIN, Swing.LEFT);
        var before = heights(plan).getFirst();
        var middle = FRAME.plan(before.ring().bounds().centre());
        var noted = NoteEdits.add(plan, TestPlans.storey(plan), Position.of(middle), "Bx")
                .plan();
        var after = heights(noted).getFirst();
        assertThat(after.text()).isEqualTo("15");
        var note = Mark.words(words(noted).notes()).findFirst().orElseThrow();
        assertThat(shared(after, Outline.of(note.ring()))).isZero();
    }

    @Test
    void withoutAnyPlaceItIsLeftOutAndToldAndWithoutWordsItGoes() {
        var plan = stepped(OpeningKind.PLAIN, Swing.LEFT);
        var full = plan;
        for (var y = 1300; y <= 2700; y += 90) {
            full = NoteEdits.add(full, TestPlans.storey(full), Position.of(new Point(2650, y)), "Words and words")
                    .plan();
        }
        assertThat(heights(full)).isEmpty();
        assertThat(words(full).leftOut().steps()).hasSize(1);
        var without = ViewEdits.annotation(
                plan, TestPlans.view(plan).view().id(), Reach.ALL, a -> a.withWords(Annotation.Words.LEFT_OUT));
        assertThat(heights(without)).isEmpty();
        assertThat(words(without).leftOut().steps()).isEmpty();
    }
}
