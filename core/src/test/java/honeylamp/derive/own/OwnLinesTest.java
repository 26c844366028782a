package honeylamp.derive.own;

import static honeylamp.TestOwn.box;
import static honeylamp.TestOwn.mm;
import static honeylamp.TestOwn.part;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.geometry.Box;
import honeylamp.geometry.Curve;
import honeylamp.plan.OwnLine;
import honeylamp.plan.OwnLine.Corner;
import honeylamp.plan.OwnLine.Ends;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;

class OwnLinesTest {
    private static OwnLine rounded(OwnLine line, double radius) {
        return line.withCorners(
                line.corners().stream().map(c -> c.withRounded(mm(radius))).toList());
    }

    @Test
    void aRoundedRectangleLosesFourCorners() {
        var line = rounded(box(0, 0, 1000, 600), 100);
        assertThat(OwnLines.ring(line).area()).isCloseTo(600_000 - (4 - Math.PI) * 10_000, within(90.0));
        assertThat(OwnLines.curves(line).stream().mapToDouble(Curve::length).sum())
                .isCloseTo(2 * 800 + 2 * 400 + 2 * Math.PI * 100, within(1e-6));
    }

    @Test
    void aRadiusThatHasNoRoomIsAsLargeAsItFits() {
        var line = rounded(box(0, 0, 1000, 600), 5000);
        // limited to half of the shorter side: a stadium
        assertThat(OwnLines.curves(line).stream().mapToDouble(Curve::length).sum())
                .isCloseTo(2 * 400 + 2 * Math.PI * 300, within(1e-6));
    }

    @Test
    void aCircleIsRound() {
        var circle = OwnLine.circle(Position.ofMm(200, 300), mm(150));
        assertThat(OwnLines.ring(circle).area()).isCloseTo(Math.PI * 22_500, within(200.0));
        var box = OwnLines.bounds(circle);
        assertThat(box.minX()).isCloseTo(50, within(1e-6));
        assertThat(box.maxY()).isCloseTo(450, within(1e-6));
        assertThat(OwnLines.ring(circle).signedArea()).isPositive();
    }

    @Test
    void aBowedSideIsAnArcAndBeatsRounding() {
        // a half circle of 500 over a base of 1,000
        var half = new OwnLine(
                List.of(
                        new Corner(Position.ofMm(0, 0), mm(50), Length.ZERO),
                        new Corner(Position.ofMm(1000, 0), mm(50), mm(-500))),
                Ends.JOINED);
        assertThat(OwnLines.ring(half).area()).isCloseTo(Math.PI * 125_000, within(250.0));
        assertThat(OwnLines.bounds(half).maxY()).isCloseTo(500, within(1e-6));
    }

    @Test
    void holesRunTheOtherWayAndAreTakenOff() {
        var part = part(box(0, 0, 1000, 600), 0, 40).withLines(List.of(box(0, 0, 1000, 600), box(100, 100, 200, 200)));
        assertThat(OwnLines.outline(part).orElseThrow().area()).isCloseTo(590_000, within(1e-6));
        assertThat(OwnLines.figure(part).bounds()).isEqualTo(new Box(0, 0, 1000, 600));
    }
}
