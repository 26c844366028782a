package honeylamp.derive.storeys;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.StoreyEdits;
import honeylamp.edit.StructureEdits;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Structure;
import honeylamp.plan.Structure.Block;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What of the storey above stands out, and how it is seen below. */
class StandsOutTest {
    /** Two storeys alike, 5.6 by 4.6 m outside; the upper one has a balcony 3 by 1.5 m that begins in the wall's middle. */
    private static Plan withBalcony() {
        var below = TestPlans.clearRectangle(5000, 4000);
        var added = StoreyEdits.copyOnTop(below, TestPlans.storey(below), "Upper floor");
        var balcony = new Block(Structure.Kind.BALCONY, Length.ofMm(3000), Length.ofMm(1500), Length.ofMm(1000));
        return StructureEdits.add(added.plan(), added.id(), balcony, Position.ofMm(2500, -900), 0)
                .plan();
    }

    private static List<Mark> marks(Plan plan, int storey, Lamp lamp, LayerKind kind) {
        var view = LaidPlan.of(plan).pages().get(storey).views().getFirst();
        return Illustration.of(view, PaperFrame.atOrigin(50), lamp, 2).layers().stream()
                .filter(l -> l.kind() == kind)
                .flatMap(l -> l.marks().stream())
                .toList();
    }

    @Test
    void aBalconyAboveStandsOutAsFarAsItIsOutside() {
        var all = LaidPlan.of(withBalcony()).all();
        // from y -1,650 to the outer face at -300
        assertThat(all.getFirst().overhead())
                .singleElement()
                .satisfies(o -> assertThat(o.area()).isCloseTo(3000 * 1350, within(1.0)));
        assertThat(all.getLast().overhead()).isEmpty();
        assertThat(TestPlans.laid(TestPlans.clearRectangle(5000, 4000)).overhead())
                .isEmpty();
    }

    /** Three sides are dashed; its shade lies below it and never on the walls. */
    @Test
    void itsEdgeIsDashedBelowAndItThrowsShadeThere() {
        var alike = StoreyEdits.copyOnTop(
                        TestPlans.clearRectangle(5000, 4000),
                        TestPlans.storey(TestPlans.clearRectangle(5000, 4000)),
                        "Upper floor")
                .plan();
        assertThat(marks(alike, 0, Lamp.LIT, LayerKind.OVERHEAD)).isEmpty();
        var edge = marks(withBalcony(), 0, Lamp.LIT, LayerKind.OVERHEAD);
        assertThat(edge).singleElement().isInstanceOfSatisfying(Mark.Stroke.class, stroke -> {
            assertThat(stroke.pen().dashMm()).isNotEmpty();
            var box = stroke.path().bounds();
            assertThat(box.width()).isCloseTo(60, within(0.01));
            assertThat(box.height()).isCloseTo(27, within(0.01));
        });
        var shade = marks(withBalcony(), 0, Lamp.LIT, LayerKind.STRUCTURES);
        assertThat(shade).isNotEmpty().allSatisfy(m -> {
            var path = ((Mark.Fill) m).path();
            assertThat(Outline.of(path.flattened(1)).contains(new Point(50, 4))).isFalse(); // within the wall
        });
        assertThat(((Mark.Fill) shade.getFirst()).path().bounds().width()).isCloseTo(60, within(0.01));
        assertThat(marks(withBalcony(), 0, Lamp.COLOUR, LayerKind.STRUCTURES)).isEmpty();
    }
}
