package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.Looks;
import honeylamp.derive.pointing.WallLines;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snags;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Arc;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.words.RoundArt;
import honeylamp.plan.ElementId.RoundDimensionId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.FreeMark.Line;
import honeylamp.plan.FreeMark.Shape;
import honeylamp.plan.Hold;
import honeylamp.plan.Motion;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoundDimension;
import honeylamp.plan.RoundDimension.Measures;
import honeylamp.plan.Sense;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import honeylamp.units.Rounding;
import honeylamp.units.ShownIn;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Angles between walls and what curved walls measure. */
class RoundDimensionEditsTest {
    /** 5,000 by 4,000 clear: inner faces at x 0 and 5,000, y 0 and 4,000; walls of 300. */
    private static final Plan ROOM = TestPlans.clearRectangle(5000, 4000);

    private static final StoreyId STOREY = TestPlans.storey(ROOM);

    private static final Segment SOUTH = new Segment(new Point(0, 0), new Point(5000, 0));

    private static RoundDimension dimension(Plan plan, RoundDimensionId id) {
        return plan.storey(STOREY).elements().find(RoundDimension.class, id).orElseThrow();
    }

    private static Wall at(Plan plan, double x, double y) {
        return plan.storeys().getFirst().walls().stream()
                .filter(w -> w.chord().middle().distance(new Point(x, y)) < 400)
                .findFirst()
                .orElseThrow();
    }

    private static Plan following(Plan before, Plan after) {
        return Following.words(before, before.storeys().getFirst(), after);
    }

    private static Added<RoundDimensionId> angle(Plan plan, Segment a, Segment b, Point within) {
        return RoundDimensionEdits.angle(plan, STOREY, a, b, within).orThrow();
    }

    /** A leg along the floor line and one at 30 degrees: which of the four angles is told depends on where it is put. */
    @Test
    void theAngleIsThatInWhichItWasPut() {
        var slanting = new Segment(new Point(0, 0), Point.direction(30).times(4000));
        for (var put : List.of(List.of(15, 30), List.of(100, 150), List.of(200, 30), List.of(300, 150))) {
            var added =
                    angle(ROOM, SOUTH, slanting, Point.direction(put.getFirst()).times(800));
            assertThat(dimension(added.plan(), added.id()).value()).isCloseTo(put.getLast(), within(1e-6));
            assertThat(dimension(added.plan(), added.id()).arc().radius()).isCloseTo(800, within(1e-3));
        }
        assertThat(RoundDimensionEdits.angle(ROOM, STOREY, SOUTH, SOUTH.shiftedLeft(900), new Point(9, 400))
                        .result())
                .as("parallel")
                .isEmpty();
        assertThat(RoundDimensionEdits.angle(ROOM, STOREY, SOUTH, slanting, new Point(900, 0))
                        .result())
                .as("on a line")
                .isEmpty();
    }

    /** The east wall's upper end goes 1,000 further east over its 4,300 between drawn joints or so: no longer 90 degrees. */
    @Test
    void anAngleFollowsItsWalls() {
        var east = new Segment(new Point(5000, 0), new Point(5000, 4000));
        var added = angle(ROOM, SOUTH, east, new Point(4200, 700));
        assertThat(dimension(added.plan(), added.id()).value()).isCloseTo(90, within(1e-6));
        var wall = at(added.plan(), 5000, 2000);
        var upper = wall.from().y().mm() > wall.to().y().mm() ? wall.from() : wall.to();
        var moved = following(
                added.plan(),
                WallEdits.moveCorner(added.plan(), STOREY, upper, upper.moved(Length.ofMm(1000), Length.ZERO))
                        .orThrow());
        var now = at(moved, 5500, 2000);
        var way = now.chord().unit();
        var leans = 90 - Math.toDegrees(Math.asin(Math.abs(way.x())));
        assertThat(dimension(moved, added.id()).value()).isCloseTo(180 - leans, within(0.01));
        assertThat(dimension(moved, added.id()).hold()).isEqualTo(Hold.HELD);
    }

    /** A half circle of 2,000 about the origin: its length is 2,000 pi, its drawn line 400 farther out. */
    @Test
    void aCurvedLineTellsItsRadiusItsDiameterAndItsLength() {
        var half = (Arc) Arc.through(new Point(2000, 0), new Point(0, 2000), new Point(-2000, 0));
        for (var line : List.of(half, half.reversed())) {
            var added = RoundDimensionEdits.of(ROOM, STOREY, Measures.RADIUS, line, 400);
            assertThat(dimension(added.plan(), added.id()).value()).isCloseTo(2000, within(1e-3));
            var diameter = RoundDimensionEdits.measuring(added.plan(), STOREY, added.id(), Measures.DIAMETER);
            assertThat(dimension(diameter, added.id()).value()).isCloseTo(4000, within(1e-3));
            assertThat(dimension(diameter, added.id()).line().length()).isCloseTo(4000, within(1e-3));
            var length = RoundDimensionEdits.measuring(diameter, STOREY, added.id(), Measures.ARC_LENGTH);
            assertThat(dimension(length, added.id()).value()).isCloseTo(2000 * Math.PI, within(1e-2));
            assertThat(dimension(length, added.id()).line().length()).isCloseTo(2400 * Math.PI, within(1e-2));
            var dragged = RoundDimensionEdits.through(length, STOREY, added.id(), new Point(0, 2900));
            assertThat(dimension(dragged, added.id()).out().mm()).isCloseTo(900, within(1e-3));
            var asRadius = RoundDimensionEdits.through(added.plan(), STOREY, added.id(), new Point(900, 900));
            assertThat(dimension(asRadius, added.id())
                            .middle()
                            .point()
                            .distance(Point.direction(45).times(2000)))
                    .isLessThan(1e-2);
        }
    }

    /** Scaled down to nothing it stays as it is: there would be no plan that holds it. */
    @Test
    void neitherADimensionNorAMarkShrinksToOneSpot() {
        var south = at(ROOM, 2500, 0);
        var bent = WallEdits.bend(ROOM, STOREY, south.id(), Length.ofMm(600)).orThrow();
        var arc = (Arc) at(bent, 2500, 0).line();
        var added = RoundDimensionEdits.of(bent, STOREY, Measures.RADIUS, arc, 400);
        var round = dimension(added.plan(), added.id());
        var tiny = Motion.of(Affine.scale(1e-10, 1e-10), Sense.AS_DRAWN, 0);
        assertThat(round.moved(tiny)).isEqualTo(round);
        var marked = FreeMarkEdits.add(
                        bent, STOREY, Shape.ARROW, Line.FULL, Position.ofMm(100, 100), Position.ofMm(900, 700))
                .orThrow();
        var mark = marked.plan().storey(STOREY).freeMarks().getLast();
        assertThat(mark.moved(tiny)).isEqualTo(mark);
        assertThat(mark.moved(Motion.of(Affine.scale(0.5, 0.5), Sense.AS_DRAWN, 0))
                        .points())
                .containsExactly(Position.ofMm(50, 50), Position.ofMm(450, 350));
    }

    /** The south wall bent by 600 over its drawn length; a dimension of its inner face follows a bend of 900. */
    @Test
    void aRadiusFollowsABendAndLosesItsHoldWhereTheWallIsStraight() {
        var south = at(ROOM, 2500, 0);
        var bent = WallEdits.bend(ROOM, STOREY, south.id(), Length.ofMm(600)).orThrow();
        var laid = LaidPlan.of(bent).pages().getFirst().views().getFirst();
        var face = WallLines.at(
                        laid.plan(),
                        laid.storey().geometry(),
                        at(bent, 2500, 0).line().at(2500),
                        400)
                .orElseThrow();
        var added = RoundDimensionEdits.of(bent, STOREY, Measures.RADIUS, (Arc) face, 400);
        var more = following(
                added.plan(),
                WallEdits.bend(added.plan(), STOREY, south.id(), Length.ofMm(900))
                        .orThrow());
        // the wall's drawn line is a chord c with a rise s: its circle has the radius c²/8s + s/2, its inner face lies
        // beside
        var chord = south.chord().length();
        var was = chord * chord / (8 * 600) + 600 / 2.0;
        var now = chord * chord / (8 * 900) + 900 / 2.0;
        var before = dimension(added.plan(), added.id()).value();
        assertThat(dimension(more, added.id()).value()).isCloseTo(before + now - was, within(0.01));
        var straight = following(
                added.plan(),
                WallEdits.bend(added.plan(), STOREY, south.id(), Length.ZERO).orThrow());
        assertThat(dimension(straight, added.id()).hold()).isEqualTo(Hold.LOST);
        assertThat(Snags.of(TestPlans.geometry(straight), straight))
                .extracting(Snag::kind)
                .contains(Snag.Kind.LOOSE_DIMENSION);
        var gone = following(added.plan(), Deletion.of(added.plan(), STOREY, Set.of(south.id())));
        assertThat(dimension(gone, added.id()).hold()).isEqualTo(Hold.LOST);
    }

    @Test
    void measuresTheSameTurnedAndMirrored() {
        var slanting = new Segment(new Point(0, 0), Point.direction(30).times(4000));
        var added = angle(ROOM, SOUTH, slanting, Point.direction(15).times(900));
        var d = dimension(added.plan(), added.id());
        for (var motion : List.of(
                Motion.turn(new Point(700, 300), 77),
                Motion.mirror(new Segment(new Point(0, 0), new Point(100, 37))))) {
            assertThat(d.moved(motion).value()).isCloseTo(30, within(1e-4));
        }
    }

    /** At 1:50 with its origin the paper's: no figure stands on its head, each says what was measured. */
    @Test
    void figuresStandOutsideTheirArcsAndAreReadFromBelowOrTheRight() {
        var half = (Arc) Arc.through(new Point(2000, 0), new Point(0, 2000), new Point(-2000, 0));
        var plan = ROOM;
        for (var measures : List.of(Measures.RADIUS, Measures.DIAMETER, Measures.ARC_LENGTH)) {
            plan = RoundDimensionEdits.of(plan, STOREY, measures, half, 400).plan();
        }
        for (var deg = 0; deg < 360; deg += 15) {
            var leg = new Segment(Point.ORIGIN, Point.direction(deg).times(3000));
            var other = new Segment(Point.ORIGIN, Point.direction(deg + 50).times(3000));
            plan = angle(plan, leg, other, Point.direction(deg + 25).times(800)).plan();
        }
        var art = new RoundArt(PaperFrame.atOrigin(50), Pens.of(Looks.DAYLIGHT, 50));
        var in = new ShownIn(Rounding.finest(plan.units()), Optional.empty());
        var texts = new ArrayList<Mark.Text>();
        art.rounds(plan.storeys().getFirst().roundDimensions(), in).stream()
                .flatMap(m -> m instanceof Mark.Text t ? Stream.of(t) : Stream.empty())
                .forEach(texts::add);
        assertThat(texts.subList(0, 3))
                .extracting(Mark.Text::text)
                .containsExactly("R 2000", "\u00d8 4000", "\u2312\u20096283");
        assertThat(texts.subList(3, texts.size())).hasSize(24).allSatisfy(t -> {
            assertThat(t.text()).isEqualTo("50\u00b0");
            assertThat(t.turnDeg()).isBetween(-90.01, 89.99);
            // the middle of its height lies outside the arc of 16 mm
            var up = Point.direction(t.turnDeg() - 90);
            assertThat(t.at().plus(up.times(t.capHeightMm() / 2)).length()).isBetween(16.5, 19.0);
        });
    }
}
