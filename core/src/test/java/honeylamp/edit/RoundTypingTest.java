package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.edit.RoundTyping.Giving;
import honeylamp.geometry.Arc;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.RoundDimensionId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoundDimension;
import honeylamp.plan.RoundDimension.Measures;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import org.junit.jupiter.api.Test;

/** Angles and radii that are typed over. */
class RoundTypingTest {
    /** Two partitions at a right angle from the origin: 4,000 to the east and 3,000 to the north. */
    private static final Plan CORNER = TestPlans.start()
            .wall(0, 0, 4000, 0, BodySide.CENTRE, TestPlans.PARTITION)
            .wall(0, 0, 0, 3000, BodySide.CENTRE, TestPlans.PARTITION)
            .plan();

    private static final StoreyId STOREY = TestPlans.storey(CORNER);

    private static Added<RoundDimensionId> measured() {
        var east = new Segment(new Point(0, 0), new Point(4000, 0));
        var north = new Segment(new Point(0, 0), new Point(0, 3000));
        return RoundDimensionEdits.angle(CORNER, STOREY, east, north, new Point(700, 700))
                .orThrow();
    }

    private static double value(Plan before, Plan after, RoundDimensionId id) {
        return Following.words(before, before.storeys().getFirst(), after)
                .storey(STOREY)
                .elements()
                .find(RoundDimension.class, id)
                .orElseThrow()
                .value();
    }

    /** 60 degrees between them: the northern one ends at 3,000 · cos 60, 3,000 · sin 60; or the eastern at 30 degrees up. */
    @Test
    void theOneThatGivesTurnsAboutTheCorner() {
        var added = measured();
        var second = RoundTyping.angle(added.plan(), STOREY, added.id(), Giving.SECOND, 60)
                .orThrow();
        var north = second.storeys().getFirst().walls().getLast().to().point();
        assertThat(north.x()).isCloseTo(1500, within(0.01));
        assertThat(north.y()).isCloseTo(3000 * Math.sqrt(3) / 2, within(0.01));
        assertThat(value(added.plan(), second, added.id())).isCloseTo(60, within(1e-3));
        var first = RoundTyping.angle(added.plan(), STOREY, added.id(), Giving.FIRST, 60)
                .orThrow();
        var east = first.storeys().getFirst().walls().getFirst().to().point();
        assertThat(east.x()).isCloseTo(4000 * Math.sqrt(3) / 2, within(0.01));
        assertThat(east.y()).isCloseTo(2000, within(0.01));
        assertThat(value(added.plan(), first, added.id())).isCloseTo(60, within(1e-3));
    }

    @Test
    void whatIsNoAngleIsRefusedAndChangesNothing() {
        var added = measured();
        for (var deg : new double[] {0, -5, 180, 400, Double.NaN}) {
            assertThat(RoundTyping.angle(added.plan(), STOREY, added.id(), Giving.FIRST, deg)
                            .refusal()
                            .orElseThrow())
                    .contains("less than 180");
        }
        var alone = added.plan().withStorey(STOREY, s -> s.with(honeylamp.plan.Wall.class, java.util.List.of()));
        assertThat(RoundTyping.angle(alone, STOREY, added.id(), Giving.FIRST, 60)
                        .refusal()
                        .orElseThrow())
                .contains("no straight wall");
    }

    /** A bow of 1,000 over a chord of 4,000 has a radius of (2,000² + 1,000²) / 2,000 = 2,500. */
    @Test
    void aRadiusBendsItsWall() {
        var start = TestPlans.start().plan();
        var bowed = WallEdits.addArc(
                        start,
                        STOREY,
                        Position.ofMm(0, 0),
                        Position.ofMm(4000, 0),
                        Length.ofMm(1000),
                        BodySide.CENTRE,
                        TestPlans.PARTITION)
                .orThrow()
                .plan();
        var arc = (Arc) bowed.storeys().getFirst().walls().getFirst().line();
        assertThat(arc.radius()).isCloseTo(2500, within(1e-6));
        var radius = RoundDimensionEdits.of(bowed, STOREY, Measures.RADIUS, arc, 400);
        var flat = RoundTyping.radius(radius.plan(), STOREY, radius.id(), Length.ofMm(3000))
                .orThrow();
        assertThat(((Arc) flat.storeys().getFirst().walls().getFirst().line()).radius())
                .isCloseTo(3000, within(1e-3));
        var face = RoundDimensionEdits.of(bowed, STOREY, Measures.DIAMETER, arc.shiftedLeft(50), 400);
        var measured = face.plan()
                .storey(STOREY)
                .elements()
                .find(RoundDimension.class, face.id())
                .orElseThrow();
        var wider = RoundTyping.radius(face.plan(), STOREY, face.id(), Length.ofMm(measured.value() + 1000))
                .orThrow();
        assertThat(((Arc) wider.storeys().getFirst().walls().getFirst().line()).radius())
                .isCloseTo(3000, within(1e-3));
        assertThat(RoundTyping.radius(radius.plan(), STOREY, radius.id(), Length.ofMm(1900))
                        .refusal()
                        .orElseThrow())
                .contains("does not reach");
    }
}
