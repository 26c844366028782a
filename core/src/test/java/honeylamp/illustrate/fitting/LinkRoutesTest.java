package honeylamp.illustrate.fitting;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.derive.openings.LeafSweep;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.drawing.Mark;
import honeylamp.edit.RoomEdits;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Finish;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.takeoff.lighting.StarterLights;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Links keep off doors and words, whatever stands where; the same papers give the same curves. */
class LinkRoutesTest {
    /** A paper of doors, as quarter circles, and words, as boxes, with ends of links beside them. */
    private record Paper(List<Ring> hard, List<Point> ends) {
        static Paper of(long seed) {
            var random = new Random(seed);
            var hard = new ArrayList<Ring>();
            while (hard.size() < 20) {
                var x = 200 * random.nextDouble();
                var y = 150 * random.nextDouble();
                var next = hard.size() < 12
                        ? new Box(x, y, x + 6 + 14 * random.nextDouble(), y + 2 + 3 * random.nextDouble()).ring()
                        : door(new Point(x, y), 12 + 8 * random.nextDouble(), 90 * random.nextInt(4));
                // nothing shuts a place in: there is always a way
                if (hard.stream().noneMatch(r -> r.bounds().grown(1.5).meets(next.bounds()))) {
                    hard.add(next);
                }
            }
            var ends = new ArrayList<Point>();
            while (ends.size() < 16) {
                var p = new Point(-10 + 220 * random.nextDouble(), -10 + 170 * random.nextDouble());
                if (hard.stream().allMatch(r -> !r.contains(p) && r.edgeDistance(p) > 2)) {
                    ends.add(p);
                }
            }
            return new Paper(hard, ends);
        }

        private static Ring door(Point hinge, double wide, double fromDeg) {
            var corners = new ArrayList<Point>();
            corners.add(hinge);
            for (var i = 0; i <= 8; i++) {
                corners.add(hinge.plus(Point.direction(fromDeg + 90.0 * i / 8).times(wide)));
            }
            return new Ring(corners);
        }

        List<Figure> links() {
            return laid(LaidLinks.NONE).routes().stream()
                    .map(LinkRoutes.Route::path)
                    .toList();
        }

        LaidLinks laid(LaidLinks before) {
            var asked = IntStream.range(0, ends.size() / 2)
                    .mapToObj(i -> new LinkRoutes.Ends(ends.get(2 * i), ends.get(2 * i + 1)))
                    .toList();
            return LinkRoutes.all(asked, hard, List.of(), before);
        }

        /** Something else: a word or a door less or moved, an end moved, a link less or more. */
        Paper edited(Random random) {
            var h = new ArrayList<>(hard);
            var e = new ArrayList<>(ends);
            switch (random.nextInt(6)) {
                case 0 -> h.remove(random.nextInt(h.size()));
                case 1 -> h.set(0, h.getFirst().through(Affine.move(3 * random.nextDouble(), 2)));
                case 2 -> e.set(random.nextInt(e.size()), new Point(210, 160 * random.nextDouble()));
                case 3 -> {
                    e.removeFirst();
                    e.removeFirst();
                }
                case 4 -> { // asked in another order, as where groups have other numbers
                    var first = List.of(e.removeFirst(), e.removeFirst());
                    e.addAll(2 * random.nextInt(e.size() / 2), first);
                }
                default -> {
                    e.add(2, new Point(-5, 150 * random.nextDouble()));
                    e.add(2, new Point(205, 150 * random.nextDouble()));
                }
            }
            return new Paper(h, e);
        }
    }

    private static List<Point> points(Figure curve) {
        var out = new ArrayList<Point>();
        curve.walk(new Figure.Walker() {
            private Point at = Point.ORIGIN;

            @Override
            public void moveTo(double x, double y) {
                at = new Point(x, y);
                out.add(at);
            }

            @Override
            public void lineTo(double x, double y) {
                curveTo(at.x(), at.y(), x, y, x, y);
            }

            @Override
            public void curveTo(double x1, double y1, double x2, double y2, double x, double y) {
                for (var i = 1; i <= 200; i++) { // de Casteljau, finer than the routes look
                    var t = i / 200.0;
                    var a = at.towards(new Point(x1, y1), t);
                    var b = new Point(x1, y1).towards(new Point(x2, y2), t);
                    var c = new Point(x2, y2).towards(new Point(x, y), t);
                    out.add(a.towards(b, t).towards(b.towards(c, t), t));
                }
                at = new Point(x, y);
            }

            @Override
            public void close() {}
        });
        return out;
    }

    @Test
    void noneCrossesADoorOrAWordOnAHundredPapers() {
        for (var seed = 0; seed < 100; seed++) {
            var paper = Paper.of(seed);
            var links = paper.links();
            assertThat(links).hasSize(8);
            for (var i = 0; i < links.size(); i++) {
                var points = points(links.get(i));
                assertThat(points.getFirst()).isEqualTo(paper.ends.get(2 * i));
                assertThat(points.getLast().distance(paper.ends.get(2 * i + 1))).isLessThan(1e-9);
                for (var ring : paper.hard) {
                    assertThat(points).as("paper %d, link %d", seed, i).noneMatch(ring::contains);
                }
            }
            assertThat(paper.links()).isEqualTo(links);
        }
    }

    /** From what was laid before the same comes out as from nothing, after any edits; what is far from them stays. */
    @Test
    void whatIsKeptFromBeforeIsWhatWouldBeFoundAnew() {
        for (var seed = 0; seed < 40; seed++) {
            var random = new Random(seed);
            var paper = Paper.of(seed);
            var laid = paper.laid(LaidLinks.NONE);
            for (var step = 0; step < 6; step++) {
                paper = paper.edited(random);
                laid = paper.laid(laid);
                assertThat(laid.routes())
                        .as("paper %d, edit %d", seed, step)
                        .isEqualTo(paper.laid(LaidLinks.NONE).routes());
            }
        }
    }

    /** Two rows of rooms of any widths with doors anywhere, lit by first lights, with names written in them. */
    private static Plan randomHouse(Random random) {
        var wide = 9000 + random.nextInt(6000);
        var plan = TestPlans.clearRectangle(wide, 8000);
        plan = TestPlans.walled(plan, 0, 4000, wide, 4000, TestPlans.PARTITION);
        var at = 2600 + random.nextInt(2000);
        while (at < wide - 2500) {
            plan = TestPlans.walled(plan, at, 0, at, 4000, TestPlans.PARTITION);
            var wall = plan.storeys().getFirst().walls().size() - 1;
            plan = TestPlans.opening(
                    plan,
                    wall,
                    OpeningKind.DOOR,
                    300 + random.nextInt(2500),
                    885,
                    random.nextBoolean() ? Hand.FIRST : Hand.SECOND,
                    random.nextBoolean() ? Swing.LEFT : Swing.RIGHT);
            at += 2600 + random.nextInt(2500);
        }
        plan = TestPlans.opening(plan, 4, OpeningKind.DOOR, 400 + random.nextInt(1800), 885, Hand.FIRST, Swing.LEFT);
        for (var room : TestPlans.geometry(plan).rooms()) {
            var middle = room.outline().bounds().centre();
            plan = RoomEdits.mark(
                            plan,
                            TestPlans.storey(plan),
                            Position.of(middle),
                            "Room " + Math.round(middle.x()),
                            Finish.of("wide-oak"))
                    .plan();
        }
        return StarterLights.of(plan, TestPlans.laid(plan));
    }

    private static boolean isOff(Ring ring, Point end) {
        return !ring.contains(end) && ring.edgeDistance(end) >= 0.5;
    }

    /** A name near a place, where no symbol is. */
    private static Optional<Box> freeWord(Point near, List<Box> symbols) {
        return Stream.of(0, 6, -6, 12, -12, 18, -18)
                .map(y -> new Box(near.x() - 9, near.y() + y - 2, near.x() + 9, near.y() + y + 2))
                .filter(box -> symbols.stream().noneMatch(box.grown(2.5)::meets))
                .findFirst();
    }

    @Test
    void noneCrossesALeafOrAWordOnAHundredHouses() {
        var frame = PaperFrame.atOrigin(50);
        for (var seed = 0; seed < 100; seed++) {
            var geometry = TestPlans.geometry(randomHouse(new Random(seed)));
            var symbols = FittingPlaces.on(geometry).stream()
                    .map(new FittingArt(frame, Pens.usual(50))::box)
                    .toList();
            var words = geometry.rooms().stream()
                    .flatMap(r -> freeWord(frame.paper(r.outline().bounds().centre()), symbols).stream())
                    .toList();
            var art = new LinkArt(frame, Pens.usual(50));
            var links = art.links(geometry, words, LaidLinks.NONE).marks();
            assertThat(links)
                    .isNotEmpty()
                    .isEqualTo(art.links(geometry, words, LaidLinks.NONE).marks());
            for (var link : links) {
                var points = points(((Mark.Stroke) link).path());
                for (var word : words) {
                    assertThat(points).as("house %d", seed).noneMatch(word::contains);
                }
                for (var cut : geometry.cuts()) {
                    for (var leaf : LeafSweep.of(cut)) {
                        var ring = leaf.area().shell().through(frame.toPaper());
                        // a light that hangs over a leaf is reached over it, and no other link crosses it
                        if (isOff(ring, points.getFirst()) && isOff(ring, points.getLast())) {
                            assertThat(points).as("house %d", seed).noneMatch(ring::contains);
                        }
                    }
                }
            }
        }
    }

    @Test
    void whatNothingStandsBetweenIsOneCalmBow() {
        var link = new LinkRoutes(List.of(), List.of())
                .route(new Point(0, 0), new Point(40, 0))
                .path();
        var points = points(link);
        assertThat(points).allSatisfy(p -> assertThat(Math.abs(p.y())).isLessThanOrEqualTo(0.16 * 40));
        assertThat(points).allSatisfy(p -> assertThat(p.x()).isBetween(0.0, 40.0));
    }

    @Test
    void theSecondLinkGoesRoundTheFirstWhereItCan() {
        var routes = new LinkRoutes(List.of(), List.of());
        var first = points(routes.route(new Point(0, 0), new Point(40, 0)).path());
        var side = Math.signum(first.get(100).y());
        var second =
                points(routes.route(new Point(20, side * 3), new Point(60, 0)).path());
        for (var i = 1; i < first.size(); i++) {
            var a = first.get(i);
            assertThat(second).noneMatch(p -> p.distance(a) < 0.02);
        }
    }
}
