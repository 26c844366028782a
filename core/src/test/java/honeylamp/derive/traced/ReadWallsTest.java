package honeylamp.derive.traced;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.derive.traced.ReadWalls.Held;
import honeylamp.derive.traced.ReadWalls.Part;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.UnderlayId;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Placing;
import honeylamp.plan.Position;
import honeylamp.plan.Underlay;
import honeylamp.plan.Underlay.Picture;
import honeylamp.tracing.Proposal;
import honeylamp.tracing.Proposal.Kind;
import honeylamp.tracing.Proposal.Precision;
import honeylamp.tracing.Proposal.ProposedOpening;
import honeylamp.tracing.Proposal.ProposedWall;
import honeylamp.tracing.Proposal.Run;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is read from a picture of 10 mm a pixel, whose y points down, in plan mm whose y points up. */
class ReadWallsTest {
    private static final Underlay UNDERLAY = Underlay.of(
            new UnderlayId(1), new Picture("0".repeat(64), "scan", 2000, 1000), Placing.of(Position.ofMm(0, 0), 10, 0));

    /** A box of 10 by 5 m with a wall across at 4 m, all a few mm off; a door in the wall across, a window below. */
    static Proposal proposal() {
        return new Proposal(
                List.of(
                        wall(100, 100, 1100, 100.4, 30, Run.LYING, 1),
                        wall(1100, 99, 1100.3, 601, 30.6, Run.UPRIGHT, 1),
                        wall(1101, 600, 100, 600, 29.8, Run.LYING, 1, window()),
                        wall(100, 600, 100, 100, 30, Run.UPRIGHT, 1),
                        wall(500, 102, 500.2, 598, 10.2, Run.UPRIGHT, 0, door())),
                2,
                0,
                1);
    }

    private static ProposedOpening door() {
        return new ProposedOpening(
                Kind.DOOR,
                new Point(500, 300),
                new Point(500, 380),
                new Point(500, 300),
                new Point(580, 340),
                0.9,
                Precision.PIXELS);
    }

    private static ProposedOpening window() {
        return new ProposedOpening(
                Kind.WINDOW,
                new Point(700, 600),
                new Point(860, 600),
                new Point(700, 600),
                new Point(780, 600),
                0.95,
                Precision.PIXELS);
    }

    private static ProposedWall wall(
            double x0, double y0, double x1, double y1, double thick, Run run, int which, ProposedOpening... openings) {
        var line = new Segment(new Point(x0, y0), new Point(x1, y1));
        return new ProposedWall(
                line, line.shiftedLeft(thick / 2).middle(), run, which, List.of(openings), 0.9, Precision.PIXELS);
    }

    private static ReadWalls read() {
        return ReadWalls.of(proposal(), UNDERLAY);
    }

    private static double x(ReadWalls walls, int number) {
        return walls.wall(number).orElseThrow().line().a().x();
    }

    @Test
    void wallsAreSquareAndMeetExactly() {
        var walls = read();
        for (var w : walls.walls()) {
            var way = w.line().unit();
            assertThat(Math.min(Math.abs(way.x()), Math.abs(way.y()))).isZero();
        }
        var across = walls.wall(4).orElseThrow();
        assertThat(across.line().a().y())
                .isEqualTo(walls.wall(0).orElseThrow().line().a().y());
        assertThat(across.line().b().y())
                .isEqualTo(walls.wall(2).orElseThrow().line().a().y());
        assertThat(x(walls, 1) - x(walls, 3)).isCloseTo(10_000, within(3.0)); // 1000.15 - 100 px, to whole mm
    }

    @Test
    void wallsOfOneKindAreEquallyThick() {
        assertThat(read().walls()).extracting(w -> w.thicknessMm()).containsExactly(300.0, 300.0, 300.0, 300.0, 102.0);
    }

    @Test
    void outerWallsAreThoseWithRoomsOnOneSide() {
        assertThat(read().walls()).extracting(w -> w.outer()).containsExactly(true, true, true, true, false);
    }

    /** The leaf is hinged above in the picture, where the wall across begins, and opens to the right, which is east. */
    @Test
    void aDoorIsHungAsTheWallRuns() {
        var wall = read().wall(4).orElseThrow();
        var door = wall.openings().getFirst();
        assertThat(wall.line().a().y()).isGreaterThan(wall.line().b().y()); // from above to below
        assertThat(door.kind()).isEqualTo(OpeningKind.DOOR);
        assertThat(door.hand()).isEqualTo(Hand.FIRST);
        assertThat(door.swing()).isEqualTo(Swing.LEFT); // going south, east is on the left
        assertThat(door.widthMm()).isCloseTo(800, within(1e-6));
    }

    @Test
    void aShiftedWallTakesAlongWhatEndsOnIt() {
        var before = read();
        var walls = before.shifted(2, 250); // the wall below, drawn to the west: its left is south
        assertThat(walls.wall(4).orElseThrow().line().length())
                .isCloseTo(before.wall(4).orElseThrow().line().length() + 250, within(1e-6));
        assertThat(walls.wall(1).orElseThrow().line().b().y())
                .isEqualTo(walls.wall(2).orElseThrow().line().a().y());
    }

    /** A typed length spreads to the walls beside it, as they end on the same wall. */
    @Test
    void aTypedLengthOverridesAndSpreads() {
        var walls = read().asLong(4, 5200);
        for (var number : new int[] {1, 3, 4}) {
            assertThat(walls.wall(number).orElseThrow().line().length()).isCloseTo(5200, within(1e-6));
        }
        assertThat(walls.wall(0).orElseThrow().line())
                .isEqualTo(read().wall(0).orElseThrow().line());
    }

    private static double doorFrom(ReadWalls walls) {
        var wall = walls.wall(4).orElseThrow();
        return wall.line().along(wall.openings().getFirst().first());
    }

    @Test
    void anOpeningIsDraggedAlongItsWallAndStaysInIt() {
        var walls = read();
        var door = walls.at(new Point(5000, -3400), 100).orElseThrow();
        assertThat(door).isEqualTo(new Held(4, Part.OPENING, 0));
        // 600 mm down and 200 aside: only along the wall counts
        var moved = walls.dragged(door, new Point(5000, -3400), new Point(5200, -4000));
        assertThat(doorFrom(moved)).isCloseTo(doorFrom(walls) + 600, within(1.0));
        assertThat(moved.wall(4).orElseThrow().openings().getFirst().widthMm()).isCloseTo(800, within(1e-6));
        assertThat(walls.dragged(door, new Point(5000, -3400), new Point(5000, -9000)))
                .isEqualTo(walls);
    }

    @Test
    void aTypedWidthKeepsTheMiddleOfAnOpening() {
        var wider = read().asWide(4, 0, 1000);
        assertThat(wider.wall(4).orElseThrow().openings().getFirst().widthMm()).isCloseTo(1000, within(1e-6));
        assertThat(doorFrom(wider)).isCloseTo(doorFrom(read()) - 100, within(1e-6));
        assertThat(read().asWide(4, 0, 6000)).isEqualTo(read()); // the wall has 5 m
    }

    @Test
    void aFreeEndIsDraggedToAWallAndStaysOnIt() {
        var free = read().without(2); // the wall across ends free now
        var end = free.wall(4).orElseThrow().line().b();
        var held = free.at(end, 100).orElseThrow();
        assertThat(held.part()).isEqualTo(Part.SECOND_END);
        var shorter = free.dragged(held, end, end.plus(new Point(0, 1500)));
        assertThat(shorter.wall(4).orElseThrow().line().length())
                .isCloseTo(free.wall(4).orElseThrow().line().length() - 1500, within(1.0));
        // not past its door, which begins 2 m from its other end
        assertThat(free.dragged(held, end, end.plus(new Point(0, 3000)))).isEqualTo(free);
        // parted at its door, the upper piece ends free 2 m down; drawn 2.96 m on it reaches the wall 3 m below
        var parted = read().parted(4, 0);
        var loose = parted.wall(4).orElseThrow().line().b();
        var reaching = parted.dragged(new Held(4, Part.SECOND_END, -1), loose, loose.plus(new Point(0, -2960)));
        assertThat(reaching.wall(4).orElseThrow().endsOn()).contains(2);
        assertThat(reaching.wall(4).orElseThrow().line().b().y())
                .isEqualTo(reaching.wall(2).orElseThrow().line().a().y());
        assertThat(read().at(read().wall(4).orElseThrow().line().at(300), 100)
                        .orElseThrow()
                        .part())
                .isEqualTo(Part.BODY); // an end that lies on a wall is not dragged off it
    }

    @Test
    void aShiftThatWouldTurnAWallRoundIsNotDone() {
        var walls = read();
        assertThat(walls.shifted(2, -5000)).isEqualTo(walls); // onto the wall opposite
        assertThat(walls.asLong(4, 10)).isEqualTo(walls);
    }

    @Test
    void aTypedThicknessIsThatOfAllLikeIt() {
        assertThat(read().asThick(1, 365).walls())
                .extracting(w -> w.thicknessMm())
                .containsExactly(365.0, 365.0, 365.0, 365.0, 102.0);
    }

    @Test
    void wallsAroundARoomAreThoseItsEdgesRunAlong() {
        var walls = read();
        var west = new Point(
                x(walls, 3) + 1500, walls.wall(4).orElseThrow().line().middle().y());
        assertThat(walls.around(west)).containsExactlyInAnyOrder(0, 2, 3, 4);
        assertThat(walls.around(new Point(-90_000, 0))).isEmpty();
    }

    @Test
    void aWallIsPartedWhereAGapIsNone() {
        var walls = read().parted(4, 0);
        assertThat(walls.walls()).hasSize(6);
        var parts = walls.walls().stream().filter(w -> !w.outer()).toList();
        assertThat(parts).hasSize(2);
        assertThat(parts.get(0).line().length() + 800 + parts.get(1).line().length())
                .isCloseTo(read().wall(4).orElseThrow().line().length(), within(1e-6));
        assertThat(parts).allMatch(w -> w.openings().isEmpty());
    }

    @Test
    void whatIsRefusedIsGoneAndItsNeighboursEndFree() {
        var walls = read().without(0);
        assertThat(walls.wall(0)).isEmpty();
        assertThat(walls.wall(4).orElseThrow().startsOn()).isEmpty();
        assertThat(walls.wall(4).orElseThrow().endsOn()).hasValue(2);
        assertThat(read().closed(4, 0).wall(4).orElseThrow().openings()).isEmpty();
    }

    /** A picture that lies turned in the plan: its walls are turned with it, square to each other all the same. */
    @Test
    void wallsOfATurnedPictureAreTurnedWithIt() {
        var turned = UNDERLAY.withPlacing(UNDERLAY.placing().turned(12));
        assertThat(ReadWalls.turnDeg(proposal(), turned)).isCloseTo(12, within(0.03));
        var walls = ReadWalls.of(proposal(), turned);
        var way = walls.wall(0).orElseThrow().line().unit();
        assertThat(walls.wall(4).orElseThrow().line().unit().times(1).x() * way.x()
                        + walls.wall(4).orElseThrow().line().unit().y() * way.y())
                .isCloseTo(0, within(1e-9));
    }
}
