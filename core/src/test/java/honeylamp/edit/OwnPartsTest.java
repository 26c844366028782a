package honeylamp.edit;

import static honeylamp.TestOwn.box;
import static honeylamp.TestOwn.line;
import static honeylamp.TestOwn.mm;
import static honeylamp.TestOwn.part;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.derive.own.OwnLines;
import honeylamp.geometry.Arc;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.plan.OwnLine;
import honeylamp.plan.OwnLine.Corner;
import honeylamp.plan.OwnLine.Ends;
import honeylamp.plan.OwnPart;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;

class OwnPartsTest {
    private static Box around(OwnPart part) {
        return OwnLines.bounds(List.of(part));
    }

    private static double area(OwnPart part) {
        return OwnLines.outline(part).orElseThrow().area();
    }

    @Test
    void aParallelLiesSoFarInsideOrOutside() {
        var top = part(box(0, 0, 1000, 600), 0, 40);
        assertThat(around(OwnParts.parallel(top, mm(50)).orThrow())).isEqualTo(new Box(50, 50, 950, 550));
        assertThat(around(OwnParts.parallel(top, mm(-50)).orThrow())).isEqualTo(new Box(-50, -50, 1050, 650));
        assertThat(OwnParts.parallel(top, mm(300)).refusal().orElseThrow()).contains("nothing is left");
        assertThat(OwnParts.parallel(top, mm(420)).refusal()).isPresent();
    }

    @Test
    void aParallelOfAnAngleFollowsItsCornersIn() {
        var angle = part(line(0, 0, 1000, 0, 1000, 400, 400, 400, 400, 1000, 0, 1000), 0, 40);
        var inner = OwnParts.parallel(angle, mm(50)).orThrow();
        assertThat(inner.outer().corners())
                .extracting(Corner::at)
                .containsExactly(
                        Position.ofMm(50, 50),
                        Position.ofMm(950, 50),
                        Position.ofMm(950, 350),
                        Position.ofMm(350, 350),
                        Position.ofMm(350, 950),
                        Position.ofMm(50, 950));
        assertThat(OwnParts.parallel(angle, mm(210)).refusal())
                .as("an arm is 400 wide")
                .isPresent();
    }

    @Test
    void aParallelKeepsCentres() {
        var soft = OwnParts.rounded(part(box(0, 0, 1000, 600), 0, 40), mm(80));
        var inner = OwnParts.parallel(soft, mm(30)).orThrow();
        assertThat(inner.outer().corners())
                .allSatisfy(c -> assertThat(c.rounded().mm()).isCloseTo(50, within(1e-6)));
        var outer = OwnParts.parallel(soft, mm(-30)).orThrow();
        assertThat(outer.outer().corners())
                .allSatisfy(c -> assertThat(c.rounded().mm()).isCloseTo(110, within(1e-6)));
        var circle = part(OwnLine.circle(Position.ofMm(0, 0), mm(200)), 0, 40);
        assertThat(around(OwnParts.parallel(circle, mm(30)).orThrow()).width()).isCloseTo(340, within(1e-6));
        assertThat(OwnParts.parallel(circle, mm(200)).refusal()).isPresent();
        var arc = new OwnPart(
                "",
                List.of(new OwnLine(
                        List.of(
                                new Corner(Position.ofMm(0, 0), Length.ZERO, mm(-300)),
                                Corner.at(Position.ofMm(1000, 0))),
                        Ends.OPEN)),
                java.util.Optional.empty(),
                OwnPart.Pen.FINE,
                Length.ZERO,
                Length.ZERO);
        var before = (Arc) OwnLines.curves(arc.outer()).getFirst();
        var after =
                (Arc) OwnLines.curves(OwnParts.parallel(arc, mm(40)).orThrow().outer())
                        .getFirst();
        assertThat(after.centre().distance(before.centre())).isLessThan(1e-3);
        assertThat(before.radius() - after.radius()).isCloseTo(40, within(1e-3));
    }

    @Test
    void whatIsCutOutWithinKeepsItsLine() {
        var top = part(box(0, 0, 2000, 600), 860, 900);
        var bowl = part(OwnLine.circle(Position.ofMm(500, 300), mm(200)), 700, 900);
        var cut = OwnParts.without(List.of(top), bowl).orThrow();
        assertThat(cut).singleElement().satisfies(p -> {
            assertThat(p.lines()).hasSize(2);
            assertThat(p.lines().get(1)).isEqualTo(bowl.outer());
            assertThat(area(p)).isCloseTo(1_200_000 - Math.PI * 40_000, within(300.0));
        });
    }

    @Test
    void whatIsCutAcrossLeavesBothSides() {
        var top = part(box(0, 0, 2000, 600), 860, 900);
        var across = part(box(900, -10, 1100, 610), 860, 900);
        var cut = OwnParts.without(List.of(top), across).orThrow();
        assertThat(cut)
                .extracting(OwnPartsTest::around)
                .containsExactly(new Box(0, 0, 900, 600), new Box(1100, 0, 2000, 600));
        var corner = OwnParts.without(List.of(top), part(box(1700, 400, 2100, 700), 860, 900))
                .orThrow();
        assertThat(area(corner.getFirst())).isCloseTo(1_200_000 - 300 * 200, within(1e-3));
    }

    @Test
    void nothingIsCutFromWhatLiesElsewhere() {
        var top = part(box(0, 0, 2000, 600), 860, 900);
        assertThat(OwnParts.without(List.of(top), part(box(2100, 0, 2200, 100), 860, 900))
                        .refusal()
                        .orElseThrow())
                .contains("no part");
        assertThat(OwnParts.without(List.of(top), part(box(100, 100, 200, 200), 0, 500))
                        .refusal())
                .as("below it")
                .isPresent();
    }

    @Test
    void partsAreMirroredTurnedSizedAndRounded() {
        var angle = part(line(0, 0, 1000, 0, 1000, 400, 400, 400, 400, 1000, 0, 1000), 0, 40);
        assertThat(OwnParts.mirrored(OwnParts.mirrored(angle))).isEqualTo(angle);
        assertThat(OwnParts.mirrored(angle).outer().corners().get(3).at()).isEqualTo(Position.ofMm(600, 400));
        var round = OwnParts.turned(OwnParts.turned(OwnParts.turned(OwnParts.turned(angle, 90), 90), 90), 90);
        for (var i = 0; i < 6; i++) {
            var there = round.outer().corners().get(i).at().point();
            assertThat(there.distance(angle.outer().corners().get(i).at().point()))
                    .isLessThan(1e-4);
        }
        var wide = OwnParts.wide(angle, mm(1500)).orThrow();
        assertThat(around(wide)).isEqualTo(new Box(0, 0, 1500, 1000));
        assertThat(OwnParts.deep(angle, Length.ZERO).refusal()).isPresent();
        var circle = part(OwnLine.circle(Position.ofMm(200, 200), mm(200)), 0, 40);
        assertThat(around(OwnParts.wide(circle, mm(600)).orThrow()).height()).isCloseTo(600, within(1e-6));
        var one = OwnParts.rounded(angle, new Point(990, 390), mm(60));
        assertThat(one.outer().corners())
                .extracting(c -> c.rounded().mm())
                .containsExactly(0.0, 0.0, 60.0, 0.0, 0.0, 0.0);
        assertThat(OwnParts.between(angle, mm(50), mm(40)).refusal().orElseThrow())
                .contains("below its bottom");
    }
}
