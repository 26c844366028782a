package honeylamp.derive.walls;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.catalogue.NewPlan;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Outline;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Arcs as walls; type 1 is 300 thick, type 3 is 100. */
class CurvedWallsTest {
    private static final WallTypeId OUTER = new WallTypeId(1);
    private static final WallTypeId PARTITION = new WallTypeId(3);

    private static Wall arc(int number, double x1, double y1, double x2, double y2, double sagitta, BodySide body) {
        return new Wall(
                new WallId(number),
                Position.ofMm(x1, y1),
                Position.ofMm(x2, y2),
                body,
                OUTER,
                Length.ofMm(2600),
                Length.ofMm(sagitta),
                Wall.Works.EXISTING);
    }

    private static Wall straight(int number, double x1, double y1, double x2, double y2, WallTypeId type) {
        return arc(number, x1, y1, x2, y2, 0, BodySide.CENTRE).withType(type);
    }

    private static StoreyGeometry of(List<Wall> walls, List<Opening> openings) {
        Plan plan = NewPlan.in(UnitSystem.MM);
        var storey = plan.storeys().getFirst().with(Wall.class, walls).with(Opening.class, openings);
        return StoreyGeometry.of(plan, storey);
    }

    private static double poche(StoreyGeometry geometry) {
        return geometry.poche().stream().mapToDouble(Outline::area).sum();
    }

    /** Two half circles of radius 2500 drawn in their middle: the room has a radius of 2350. */
    @Test
    void aRoundRoomHasTheAreaOfItsCircle() {
        var geometry = of(
                List.of(
                        arc(10, -2500, 0, 2500, 0, 2500, BodySide.CENTRE),
                        arc(11, 2500, 0, -2500, 0, 2500, BodySide.CENTRE)),
                List.of());
        assertThat(geometry.rooms()).hasSize(1);
        assertThat(geometry.rooms().getFirst().areaMm2()).isCloseTo(Math.PI * 2350 * 2350, within(1.0));
        assertThat(poche(geometry)).isCloseTo(Math.PI * (2650.0 * 2650 - 2350 * 2350), within(2000.0));
        assertThat(geometry.network().openEnds()).isEmpty();
    }

    /** A room 4000 by 3000 within its faces, with half a circle of radius 1500 for its fourth side. */
    @Test
    void anApseClosesARoom() {
        var t = 150;
        var geometry = of(
                List.of(
                        straight(10, 0, -t, 4000, -t, OUTER),
                        straight(11, 0, 3000 + t, 4000, 3000 + t, OUTER),
                        straight(12, -t, -t, -t, 3000 + t, OUTER),
                        straight(13, -t, -t, 0, -t, OUTER),
                        straight(14, -t, 3000 + t, 0, 3000 + t, OUTER),
                        // from south to north, rising to the east, that is to its right
                        arc(15, 4000, -t, 4000, 3000 + t, -(1500 + t), BodySide.CENTRE)),
                List.of());
        assertThat(geometry.rooms()).hasSize(1);
        assertThat(geometry.rooms().getFirst().areaMm2())
                .isCloseTo(4000.0 * 3000 + Math.PI * 1500 * 1500 / 2, within(1.0));
    }

    /** A partition across a round room: two D-shaped rooms and no snag-like open end. */
    @Test
    void aStraightWallMeetsArcs() {
        var geometry = of(
                List.of(
                        arc(10, -2500, 0, 2500, 0, 2500, BodySide.CENTRE),
                        arc(11, 2500, 0, -2500, 0, 2500, BodySide.CENTRE),
                        straight(12, 0, -2500, 0, 2500, PARTITION)),
                List.of());
        assertThat(geometry.rooms()).hasSize(2);
        // each half: half the circle less the strip of 50 beside the middle line, the integral of 2·sqrt(r² - x²) over
        // 0..50
        var half = Math.PI * 2350 * 2350 / 2
                - (50 * Math.sqrt(2350 * 2350 - 50 * 50) + 2350.0 * 2350 * Math.asin(50 / 2350.0));
        assertThat(geometry.rooms().getFirst().areaMm2()).isCloseTo(half, within(2.0));
        assertThat(geometry.rooms().getLast().areaMm2()).isCloseTo(half, within(2.0));
        assertThat(geometry.network().openEnds()).isEmpty();
    }

    /** A stub that stops in the body of an arc is carried on to its line. */
    @Test
    void anEndInTheBodyOfAnArcIsAJoint() {
        var geometry = of(
                List.of(arc(10, -2500, 0, 2500, 0, 2500, BodySide.CENTRE), straight(11, 0, 0, 0, 2400, PARTITION)),
                List.of());
        assertThat(geometry.network().openEnds()).hasSize(3);
    }

    /** An opening of 1000 on the line of an arc of radius 2500: its cut is 0.4 of the ring's radian area. */
    @Test
    void anOpeningCutsAnArcAlongItsLine() {
        var wall = arc(10, -2500, 0, 2500, 0, 2500, BodySide.CENTRE);
        var window = new Opening(
                new OpeningId(20),
                OpeningKind.CASEMENT_WINDOW,
                wall.id(),
                Length.ofMm(3000),
                Length.ofMm(1000),
                Length.ofMm(900),
                Length.ofMm(2100),
                Hand.FIRST,
                Swing.LEFT);
        var whole = poche(of(List.of(wall), List.of()));
        var cut = poche(of(List.of(wall), List.of(window)));
        assertThat(whole - cut).isCloseTo(0.4 * (2650.0 * 2650 - 2350 * 2350) / 2, within(800.0));
    }

    @Test
    void lengthAndReversalOfAnArc() {
        var wall = arc(10, 0, 0, 2000, 0, 1000, BodySide.LEFT);
        assertThat(wall.length().mm()).isCloseTo(1000 * Math.PI, within(1e-6));
        assertThat(wall.line().middle().y()).isCloseTo(1000, within(1e-9));
        assertThat(wall.reversed().line().middle().y()).isCloseTo(1000, within(1e-9));
        assertThat(wall.reversed().body()).isEqualTo(BodySide.RIGHT);
    }
}
