package honeylamp.derive.storeys;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.catalogue.NewPlan;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snags;
import honeylamp.edit.Mending;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.AreaBasis;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A partition that comes down to the return of an outer wall and ends anywhere in the square of that corner. */
class CornerSquareTest {
    private static final int STEPS = 6;
    private static final Length REACH = Length.ofMm(400);

    /** A plan of walls of two thicknesses, and its storey. */
    private record Drawing(Plan plan, StoreyId storey, WallTypeId outer, WallTypeId inner) {
        static Drawing of(double outerMm, double innerMm) {
            var plan = NewPlan.in(UnitSystem.MM);
            plan = plan.withWallTypes(List.of(
                    plan.wallTypes().get(0).withLayers(List.of()).withThickness(Length.ofMm(outerMm)),
                    plan.wallTypes().get(1).withLayers(List.of()).withThickness(Length.ofMm(innerMm))));
            return new Drawing(
                    plan,
                    plan.storeys().getFirst().id(),
                    plan.wallTypes().get(0).id(),
                    plan.wallTypes().get(1).id());
        }

        Drawing wall(Point a, Point b, BodySide body, WallTypeId type) {
            return new Drawing(
                    WallEdits.add(plan, storey, Position.of(a), Position.of(b), body, type)
                            .orThrow()
                            .plan(),
                    storey,
                    outer,
                    inner);
        }

        StoreyGeometry geometry() {
            return StoreyGeometry.of(plan, plan.storey(storey));
        }
    }

    private static double offset(BodySide body, double thickness) {
        return thickness * body.leftShare(); // of the inner face, left of the drawn line
    }

    /** The ring of corners, each edge shifted to the left; exact mitres. */
    private static Ring shifted(List<Point> corners, double left) {
        var out = new ArrayList<Point>();
        for (var i = 0; i < corners.size(); i++) {
            var before =
                    new Segment(corners.get(Math.floorMod(i - 1, corners.size())), corners.get(i)).shiftedLeft(left);
            var after = new Segment(corners.get(i), corners.get((i + 1) % corners.size())).shiftedLeft(left);
            out.add(before.lineCrossing(after).orElseThrow());
        }
        return new Ring(out);
    }

    /** The return at the origin: walls lead off to the east and, so many degrees clockwise from there, to the south. */
    private static List<Point> outline(double degrees) {
        var south = Point.direction(-degrees).times(4000);
        return List.of(
                new Point(0, 0),
                new Point(4000, 0),
                new Point(4000, 5000),
                new Point(-5000, 5000),
                new Point(-5000, south.y()),
                south);
    }

    @ParameterizedTest
    @CsvSource({
        "90, 300, 120",
        "90, 120, 300",
        "60, 300, 120",
        "60, 120, 300",
        "120, 300, 120",
        "120, 120, 300",
        "90, 300, 100"
    })
    void itJoinsWhereverItsBodyTouches(double degrees, double thick, double thin) {
        var soft = new SoftAssertions();
        for (var body : BodySide.values()) {
            var corners = outline(degrees);
            var inner = shifted(corners, offset(body, thick));
            var outer = shifted(corners, offset(body, thick) - thick);
            var out = outer.corners().getFirst();
            var in = inner.corners().getFirst();
            var east = new Segment(inner.corners().get(0), inner.corners().get(1));
            var footEast = east.at(east.along(out));
            var southern = new Segment(inner.corners().get(5), inner.corners().get(0));
            var footSouth = southern.at(southern.along(out));
            var heights = DoubleStream.of(in.y(), out.y(), footEast.y(), footSouth.y())
                    .summaryStatistics();
            var span = new Segment(new Point(0, heights.getMin()), new Point(0, heights.getMax()));
            var drawn = Drawing.of(thick, thin);
            for (var i = 0; i < corners.size(); i++) {
                drawn = drawn.wall(corners.get(i), corners.get((i + 1) % corners.size()), body, drawn.outer);
            }
            for (var i = 0; i <= STEPS; i++) {
                for (var j = 0; j <= STEPS; j++) {
                    var s = i / (double) STEPS;
                    var t = j / (double) STEPS;
                    var low = footSouth.towards(out, s);
                    var high = in.towards(footEast, s);
                    var end = low.towards(high, t);
                    var what = "%s at %.0f degrees, %.0f over %.0f, ending %.3f;%.3f"
                            .formatted(body, degrees, thick, thin, end.x(), end.y());
                    var here = drawn;
                    soft.check(() -> check(
                            here, end, thick, thin, inner, outer, out.towards(in, 0.5), span, degrees == 90, what));
                }
            }
        }
        soft.assertAll();
    }

    private static void check(
            Drawing outer,
            Point end,
            double thick,
            double thin,
            Ring innerRing,
            Ring outerRing,
            Point inCorner,
            Segment span,
            boolean square,
            String what) {
        var top = new Point(end.x(), innerRing.corners().get(2).y());
        var drawn = outer.wall(top, end, BodySide.CENTRE, outer.inner);
        var geometry = drawn.geometry();
        assertThat(geometry.rooms()).as(what).hasSize(2);
        assertThat(geometry.poche()).as(what).hasSize(1);
        assertThat(geometry.poche().getFirst().contains(inCorner)).as(what).isTrue();
        // By surfaces: what the walls leave of the inside, less the partition, which may be carried on through the
        // square, at a slant with the triangle under its end, and cut back where it runs on beside the corner.
        var through = left(innerRing, end.x(), thin, top.y(), span.a().y() - (square ? 0 : thin));
        var toCorner = left(innerRing, end.x(), thin, top.y(), span.b().y());
        // unequal walls at a slant taper into each other: that may give a little room back
        var slack = square ? 1 : thick * thin;
        assertThat(geometry.netAreaMm2()).as(what).isBetween(through - 1, toCorner + slack);
        var snags = Snags.of(geometry, drawn.plan, REACH);
        if (snags.stream().anyMatch(x -> x.kind() == Snag.Kind.WALL_ON_WALL || x.kind() == Snag.Kind.OVERSHOOT)) {
            return; // the partition lies on the line of the return, and a person is told
        }
        assertThat(geometry.grossAreaMm2()).as(what).isGreaterThan(outerRing.area() - slack);
        if (thin < thick) {
            assertThat(geometry.grossAreaMm2()).as(what).isCloseTo(outerRing.area(), within(slack));
        }
        for (var snag : snags) {
            Mending.of(drawn.plan, geometry, snag, REACH)
                    .ifPresent(m -> assertThat(directions(m.plan()))
                            .as(what + ": " + m.words())
                            .isSubsetOf(directions(drawn.plan)));
        }
        assertThat(geometry.network().openEnds()).as(what).isEmpty();
    }

    /** A boundary from anywhere in the square of the corner to the far side parts the room. */
    @Test
    void aBoundaryToSuchACornerPartsTheRoom() {
        for (double degrees : new double[] {60, 90, 120}) {
            for (var body : BodySide.values()) {
                var corners = outline(degrees);
                var clear = shifted(corners, offset(body, 300)).corners();
                var inner = clear.getFirst();
                var outer = shifted(corners, offset(body, 300) - 300).corners().getFirst();
                var drawn = Drawing.of(300, 120);
                for (var i = 0; i < corners.size(); i++) {
                    drawn = drawn.wall(corners.get(i), corners.get((i + 1) % corners.size()), body, drawn.outer);
                }
                var whole = drawn.geometry().netAreaMm2();
                for (var i = 0; i <= STEPS; i++) {
                    var from = Position.of(inner.towards(outer, i / (double) STEPS));
                    for (var to : List.of(
                            new Position(from.x(), Length.ofMm(clear.get(2).y())),
                            new Position(Length.ofMm(clear.get(3).x()), from.y()))) {
                        var bound = RoomEdits.bound(drawn.plan, drawn.storey, from, to)
                                .orThrow()
                                .plan();
                        var geometry = StoreyGeometry.of(bound, bound.storey(drawn.storey));
                        var what = body + " at " + degrees + " from " + from + " to " + to;
                        assertThat(geometry.rooms()).as(what).hasSize(2);
                        assertThat(geometry.netAreaMm2()).as(what).isCloseTo(whole, within(1.0));
                        var areas = Areas.of(bound, geometry);
                        assertThat(areas.rooms().stream()
                                        .mapToDouble(r -> r.getOrDefault(AreaBasis.OUTER_FACES, 0.0))
                                        .sum())
                                .as(what)
                                .isCloseTo(geometry.grossAreaMm2(), within(1.0));
                    }
                }
            }
        }
    }

    private static Set<Long> directions(Plan plan) {
        return plan.storeys().getFirst().walls().stream()
                .map(w -> Math.round(w.chord().unit().angleDeg() * 1e6))
                .collect(Collectors.toSet());
    }

    private static double left(Ring inner, double x, double thin, double top, double end) {
        if (end >= top) {
            return inner.area();
        }
        var partition = Outline.of(Ring.of(
                new Point(x - thin / 2, top),
                new Point(x - thin / 2, end),
                new Point(x + thin / 2, end),
                new Point(x + thin / 2, top)));
        return Regions.difference(List.of(Outline.of(inner)), List.of(partition)).stream()
                .mapToDouble(Outline::area)
                .sum();
    }

    /** The everyday case: outer walls of 300 by their outer face, a partition of 120 in line with the return. */
    @Test
    void aPartitionInLineWithTheReturnOfAnOuterCorner() {
        var corners = List.of(
                new Point(0, 0),
                new Point(0, -8200),
                new Point(6600, -8200),
                new Point(6600, -6400),
                new Point(10_400, -6400),
                new Point(10_400, 0));
        for (double beside : new double[] {60, 61.5, 63, 66}) {
            for (double beyond : new double[] {0, 0.4, 60, 150, 299, 300}) {
                var drawn = Drawing.of(300, 120);
                for (var i = 0; i < corners.size(); i++) {
                    drawn = drawn.wall(
                            corners.get(i), corners.get((i + 1) % corners.size()), BodySide.LEFT, drawn.outer);
                }
                var x = 6300 + beside;
                drawn = drawn.wall(new Point(x, -300), new Point(x, -6100 - beyond), BodySide.CENTRE, drawn.inner);
                var geometry = drawn.geometry();
                var what = beside + " beside, " + beyond + " beyond";
                // 6000 x 7600 and 3800 x 5800 clear, less 120 x 5800 of partition and what the return takes of 300
                var right = (10_100 - (x + 60)) * 5800;
                var left = (x - 60 - 300) * 5800 + 6000 * 1800;
                assertThat(geometry.rooms().stream()
                                .mapToDouble(Room::areaMm2)
                                .sorted()
                                .toArray())
                        .as(what)
                        .containsExactly(new double[] {right, left}, within(1.0));
                assertThat(Snags.of(geometry, drawn.plan, REACH).stream()
                                .filter(s -> s.kind() != Snag.Kind.UNNAMED_ROOM))
                        .as(what)
                        .isEmpty();
            }
        }
    }
}
