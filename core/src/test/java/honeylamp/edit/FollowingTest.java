package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snags;
import honeylamp.geometry.Point;
import honeylamp.plan.Dimension;
import honeylamp.plan.Dimension.Figures;
import honeylamp.plan.ElementId;
import honeylamp.plan.Hold;
import honeylamp.plan.Motion;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/** Single dimensions stay on the faces, corners and jambs they measure. */
class FollowingTest {
    /** 5,000 by 4,000 clear: inner faces at x 0 and 5,000, y 0 and 4,000; walls of 300. */
    private static final Plan ROOM = TestPlans.clearRectangle(5000, 4000);

    private static Plan measured(Plan plan, double x0, double y0, double x1, double y1) {
        return NoteEdits.measure(
                        plan, TestPlans.storey(plan), Position.ofMm(x0, y0), Position.ofMm(x1, y1), Length.ofMm(300))
                .orThrow()
                .plan();
    }

    private static Dimension after(Plan plan, UnaryOperator<Plan> edit) {
        var edited = Following.words(plan, plan.storeys().getFirst(), edit.apply(plan));
        return edited.storeys().getFirst().dimensions().getFirst();
    }

    private static Wall at(Plan plan, double x, double y) {
        return plan.storeys().getFirst().walls().stream()
                .filter(w -> w.line().middle().distance(new Point(x, y)) < 400)
                .findFirst()
                .orElseThrow();
    }

    private static UnaryOperator<Plan> moving(Wall wall, double dx, double dy) {
        return p -> WallEdits.moveWall(p, TestPlans.storey(p), wall.id(), Length.ofMm(dx), Length.ofMm(dy))
                .orThrow();
    }

    private static void spans(Dimension dimension, double x0, double y0, double x1, double y1) {
        for (var v : List.of(
                List.of(dimension.from().point().x(), x0),
                List.of(dimension.from().point().y(), y0),
                List.of(dimension.to().point().x(), x1),
                List.of(dimension.to().point().y(), y1))) {
            assertThat(v.getFirst()).isCloseTo(v.getLast(), within(1e-5));
        }
    }

    @Test
    void aClearWidthFollowsTheWallThatMoves() {
        var east = at(ROOM, 5000, 2000);
        spans(after(measured(ROOM, 0, 1500, 5000, 1500), moving(east, 600, 0)), 0, 1500, 5600, 1500);
        spans(after(measured(ROOM, 0, 0, 5000, 0), moving(east, 600, 0)), 0, 0, 5600, 0); // from corner to corner
        spans(after(measured(ROOM, -300, -300, 5300, -300), moving(east, -200, 0)), -300, -300, 5100, -300);
        spans(after(measured(ROOM, 1000, 1000, 3000, 1000), moving(east, 600, 0)), 1000, 1000, 3000, 1000);
    }

    @Test
    void aFaceStaysMeasuredWhenTheWallGetsThicker() {
        var plan = measured(ROOM, -300, 1500, 5300, 1500);
        var type = plan.wallType(TestPlans.PARTITION).thickness().mm();
        var east = at(ROOM, 5000, 2000);
        var thinner =
                after(plan, p -> WallEdits.setType(p, TestPlans.storey(p), List.of(east.id()), TestPlans.PARTITION));
        spans(thinner, -300, 1500, 5000 + type, 1500);
    }

    /** A door 900 wide from 500 to 1,400 along the south wall, pushed on by 700. */
    @Test
    void aJambStaysMeasuredWhenItsDoorMoves() {
        var south = at(ROOM, 2500, 0);
        var added = OpeningEdits.add(
                ROOM,
                TestPlans.storey(ROOM),
                OpeningKind.DOOR,
                south.id(),
                Length.ofMm(500),
                Length.ofMm(900),
                Hand.FIRST,
                Swing.LEFT);
        var jamb = south.line().at(1400);
        var corner = south.line().at(0);
        var plan = measured(added.plan(), corner.x(), corner.y(), jamb.x(), jamb.y());
        var moved = after(plan, p -> OpeningEdits.moveTo(p, TestPlans.storey(p), added.id(), Length.ofMm(1200)));
        var there = south.line().at(2100);
        spans(moved, corner.x(), corner.y(), there.x(), there.y());
    }

    @Test
    void aDimensionThatTheEditMovedItselfIsNotMovedTwice() {
        var plan = measured(ROOM, 0, 1500, 5000, 1500);
        var all = new HashSet<ElementId>();
        plan.storeys().getFirst().walls().forEach(w -> all.add(w.id()));
        plan.storeys().getFirst().dimensions().forEach(d -> all.add(d.id()));
        var moved = after(
                plan,
                p -> PickedEdits.move(p, TestPlans.storey(p), all, Length.ofMm(1000), Length.ofMm(200))
                        .orThrow());
        spans(moved, 1000, 1700, 6000, 1700);
        var turned = after(
                plan,
                p -> PickedEdits.turn(p, TestPlans.storey(p), all, Point.ORIGIN, 90)
                        .orThrow());
        spans(turned, -1500, 0, -1500, 5000);
    }

    /** On the line x = 0: the dimension's line, 300 above y = 1,500, stays above it. */
    @Test
    void aMirroredDimensionHasItsLineOnTheMirroredSide() {
        var plan = measured(ROOM, 0, 1500, 5000, 1500);
        var id = plan.storeys().getFirst().dimensions().getFirst().id();
        var mirrored = PickedEdits.mirror(plan, TestPlans.storey(plan), Set.of(id), PickedEdits.plumb(Point.ORIGIN))
                .orThrow()
                .storeys()
                .getFirst()
                .dimensions()
                .getFirst();
        spans(mirrored, 0, 1500, -5000, 1500);
        assertThat(mirrored.line().middle().y()).isCloseTo(1800, within(1e-6));
    }

    private static Dimension chain(Plan plan, Optional<Double> along, Figures figures, double... xy) {
        var points = new ArrayList<Position>();
        for (var i = 0; i < xy.length; i += 2) {
            points.add(Position.ofMm(xy[i], xy[i + 1]));
        }
        return NoteEdits.measure(plan, TestPlans.storey(plan), points, along, figures, Length.ofMm(300))
                .orThrow()
                .plan()
                .storeys()
                .getFirst()
                .dimensions()
                .getLast();
    }

    private static Plan with(Plan plan, Dimension dimension) {
        return plan.withStorey(TestPlans.storey(plan), s -> s.with(Dimension.class, List.of(dimension)));
    }

    /** From (0, 0) to (3000, 4000): 5,000 straight, 3,000 across, 4,000 up. */
    @Test
    void aDimensionIsMeasuredStraightAcrossOrUp() {
        assertThat(chain(ROOM, Optional.empty(), Figures.EACH, 0, 0, 3000, 4000)
                        .line()
                        .length())
                .isCloseTo(5000, within(1e-9));
        var across = chain(ROOM, Optional.of(0.0), Figures.EACH, 0, 0, 3000, 4000);
        assertThat(across.line().length()).isCloseTo(3000, within(1e-9));
        assertThat(across.line().a().y()).isCloseTo(300, within(1e-9));
        assertThat(across.line().b().y()).isCloseTo(300, within(1e-9));
        assertThat(chain(ROOM, Optional.of(90.0), Figures.EACH, 0, 0, 3000, 4000)
                        .line()
                        .length())
                .isCloseTo(4000, within(1e-9));
    }

    @Test
    void theStopsOfAChainLieInOrderAndCountFromTheFirst() {
        var chain = chain(ROOM, Optional.of(0.0), Figures.FROM_FIRST, 1000, 0, 4000, 0, 500, 0, 5000, 0);
        assertThat(chain.fromFirstMm()).containsExactly(-500.0, 0.0, 3000.0, 4000.0);
        assertThat(chain.feet()).extracting(Point::x).containsExactly(500.0, 1000.0, 4000.0, 5000.0);
    }

    @Test
    void aTurnedChainIsMeasuredTheTurnedWay() {
        var across = chain(ROOM, Optional.of(0.0), Figures.EACH, 0, 0, 3000, 4000);
        var turned = across.moved(Motion.turn(new Point(0, 0), 90));
        assertThat(turned.alongDeg()).contains(90.0);
        assertThat(turned.line().length()).isCloseTo(3000, within(1e-6));
    }

    @Test
    void pointsFollowPiecesThatMoveTurnAndGrow() {
        var plan = TestPlans.with(ROOM, "wardrobe", 1000, 600, 2000, 2000, 1000, 0);
        var piece = plan.storeys().getFirst().furnishings().getFirst().id();
        var measured = with(plan, chain(plan, Optional.empty(), Figures.EACH, 0, 1000, 1500, 1000));
        var moved = after(
                measured,
                p -> FurnishingEdits.move(p, TestPlans.storey(p), List.of(piece), Length.ofMm(400), Length.ofMm(0)));
        spans(moved, 0, 1000, 1900, 1000);
    }

    @Test
    void theCentreOfAnOpeningIsFollowed() {
        var plan = TestPlans.opening(ROOM, 0, OpeningKind.DOOR, 1000, 900, Hand.FIRST, Swing.LEFT);
        var door = TestPlans.newest(plan);
        var measured = with(plan, chain(plan, Optional.empty(), Figures.EACH, 0, 0, door.middleMm(), 0));
        var moved = after(
                measured,
                p -> p.withStorey(
                        TestPlans.storey(p),
                        s -> s.change(Opening.class, door.id(), o -> o.withOffset(Length.ofMm(1600)))));
        assertThat(moved.to().point().x()).isCloseTo(door.middleMm() + 600, within(1e-6));
    }

    @Test
    void whatIsGoneIsToldAndMended() {
        var plan = TestPlans.with(ROOM, "wardrobe", 1000, 600, 2000, 2000, 1000, 0);
        var piece = plan.storeys().getFirst().furnishings().getFirst().id();
        var measured = with(plan, chain(plan, Optional.empty(), Figures.EACH, 0, 1000, 1500, 1000));
        var gone = Following.words(
                measured,
                measured.storeys().getFirst(),
                Deletion.of(measured, TestPlans.storey(measured), Set.of(piece)));
        assertThat(gone.storeys().getFirst().dimensions().getFirst().hold()).isEqualTo(Hold.LOST);
        var snag = Snags.of(TestPlans.geometry(gone), gone).stream()
                .filter(s -> s.kind() == Snag.Kind.LOOSE_DIMENSION)
                .findFirst()
                .orElseThrow();
        var mended = Mending.of(gone, TestPlans.geometry(gone), snag, Snags.USUAL_GAP_REACH)
                .orElseThrow();
        assertThat(mended.plan().storeys().getFirst().dimensions()).isEmpty();
        var held = NoteEdits.put(
                        gone,
                        TestPlans.storey(gone),
                        gone.storeys().getFirst().dimensions().getFirst().id(),
                        1,
                        Position.ofMm(5000, 1000))
                .orThrow();
        assertThat(held.storeys().getFirst().dimensions().getFirst().hold()).isEqualTo(Hold.HELD);
    }
}
