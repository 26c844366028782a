package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.FreeMarkId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.FreeMark;
import honeylamp.plan.FreeMark.Line;
import honeylamp.plan.FreeMark.Shape;
import honeylamp.plan.Motion;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Marks that are no part of the plan. */
class FreeMarkEditsTest {
    private static final Plan ROOM = TestPlans.clearRectangle(6000, 4000);
    private static final StoreyId STOREY = ROOM.storeys().getFirst().id();

    private static Position at(double x, double y) {
        return Position.of(new Point(x, y));
    }

    private static Added<FreeMarkId> drawn(Shape shape) {
        return FreeMarkEdits.add(ROOM, STOREY, shape, Line.FULL, at(1000, 500), at(3000, 1500))
                .orThrow();
    }

    private static FreeMark mark(Plan plan, FreeMarkId id) {
        return plan.storey(STOREY).elements().find(FreeMark.class, id).orElseThrow();
    }

    @Test
    void aBoxHasFourSquareCornersAndStaysSquareWhenOneIsDragged() {
        var added = drawn(Shape.BOX);
        assertThat(mark(added.plan(), added.id()).points())
                .containsExactly(at(1000, 500), at(3000, 500), at(3000, 1500), at(1000, 1500));
        // its third corner out: the first stays, the others follow
        var dragged = FreeMarkEdits.put(added.plan(), STOREY, added.id(), 2, at(3500, 2500))
                .orThrow();
        assertThat(mark(dragged, added.id()).points())
                .containsExactly(at(1000, 500), at(3500, 500), at(3500, 2500), at(1000, 2500));
        assertThat(FreeMarkEdits.put(added.plan(), STOREY, added.id(), 2, at(1000, 2500))
                        .result())
                .as("no width")
                .isEmpty();
    }

    @Test
    void aTurnedBoxStaysSquareToo() {
        var added = drawn(Shape.CLOUD);
        var turned = mark(added.plan(), added.id()).moved(Motion.turn(new Point(1000, 500), 30));
        var plan = added.plan().withStorey(STOREY, s -> s.change(FreeMark.class, added.id(), _ -> turned));
        var points = mark(
                        FreeMarkEdits.put(plan, STOREY, added.id(), 2, at(3000, 3000))
                                .orThrow(),
                        added.id())
                .points();
        for (var i = 0; i < 4; i++) {
            var a = points.get(i).point();
            var b = points.get((i + 1) % 4).point();
            var c = points.get((i + 2) % 4).point();
            assertThat(b.minus(a).unit().dot(c.minus(b).unit())).isCloseTo(0, within(1e-5));
        }
        assertThat(points.getFirst()).isEqualTo(turned.points().getFirst());
    }

    @Test
    void theMiddleOfACircleTakesItAlongAndItsEdgeChangesIt() {
        var added = FreeMarkEdits.add(ROOM, STOREY, Shape.CIRCLE, Line.DASHED, at(0, 0), at(300, 400))
                .orThrow();
        assertThat(mark(added.plan(), added.id()).radiusMm()).isEqualTo(500);
        var moved = FreeMarkEdits.put(added.plan(), STOREY, added.id(), 0, at(1000, 0))
                .orThrow();
        assertThat(mark(moved, added.id()).points()).containsExactly(at(1000, 0), at(1300, 400));
        var wider = FreeMarkEdits.put(moved, STOREY, added.id(), 1, at(2000, 0)).orThrow();
        assertThat(mark(wider, added.id()).radiusMm()).isEqualTo(1000);
        // its length along the chords is a little less than round the circle
        var round = mark(wider, added.id()).lines().stream()
                .mapToDouble(l -> l.length())
                .sum();
        assertThat(round).isBetween(2 * Math.PI * 995, 2 * Math.PI * 1000);
    }

    @Test
    void whatIsNoMarkIsRefused() {
        assertThat(FreeMarkEdits.add(ROOM, STOREY, Shape.LINE, Line.FULL, at(1, 1), at(1, 1))
                        .result())
                .isEmpty();
        assertThat(FreeMarkEdits.add(ROOM, STOREY, Shape.BOX, Line.FULL, at(1, 1), at(1, 900))
                        .result())
                .isEmpty();
        var spot = List.of(new Point(5, 5), new Point(5, 5), new Point(5, 5));
        assertThat(FreeMarkEdits.add(ROOM, STOREY, Line.FULL, spot, 5).result()).isEmpty();
    }

    /** A quarter of a circle by hand in steps of a degree, within 5 mm: far fewer points, none farther than that away. */
    @Test
    void aLineByHandKeepsItsShapeWithFewerPoints() {
        var run = new ArrayList<Point>();
        for (var deg = 0; deg <= 90; deg++) {
            run.add(Point.direction(deg).times(2000));
        }
        var added = FreeMarkEdits.add(ROOM, STOREY, Line.FULL, run, 5).orThrow();
        var mark = mark(added.plan(), added.id());
        assertThat(mark.points()).hasSizeBetween(5, 30);
        assertThat(mark.points().getFirst()).isEqualTo(Position.of(run.getFirst()));
        for (var p : run) {
            assertThat(mark.lines().stream()
                            .mapToDouble(l -> l.distance(p))
                            .min()
                            .orElseThrow())
                    .isLessThanOrEqualTo(5.001);
        }
    }

    @Test
    void sectionsTakeTheNextLetterAndAnyOfFour() {
        var a = drawn(Shape.SECTION);
        var b = FreeMarkEdits.add(a.plan(), STOREY, Shape.SECTION, Line.FULL, at(0, 0), at(0, 900))
                .orThrow();
        assertThat(mark(b.plan(), a.id()).word()).isEqualTo("A");
        assertThat(mark(b.plan(), b.id()).word()).isEqualTo("B");
        var gone = Deletion.of(b.plan(), STOREY, Set.of(a.id()));
        var again = FreeMarkEdits.add(gone, STOREY, Shape.SECTION, Line.FULL, at(0, 0), at(900, 0))
                .orThrow();
        assertThat(mark(again.plan(), again.id()).word()).isEqualTo("A");
        assertThat(mark(
                                FreeMarkEdits.name(again.plan(), STOREY, again.id(), " S1 ")
                                        .orThrow(),
                                again.id())
                        .word())
                .isEqualTo("S1");
        assertThat(FreeMarkEdits.name(again.plan(), STOREY, again.id(), "SOUTH").result())
                .isEmpty();
    }

    @Test
    void marksAreMovedAndMirroredWithWhatIsPicked() {
        var added = drawn(Shape.ARROW);
        var moved = PickedEdits.move(added.plan(), STOREY, Set.of(added.id()), Length.ofMm(100), Length.ofMm(-50))
                .orThrow();
        assertThat(mark(moved, added.id()).points()).containsExactly(at(1100, 450), at(3100, 1450));
    }
}
