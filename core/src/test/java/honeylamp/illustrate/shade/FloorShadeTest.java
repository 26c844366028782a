package honeylamp.illustrate.shade;

import static honeylamp.TestPlans.OUTER;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Blend;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.output.RasterPainter;
import honeylamp.plan.Finish;
import honeylamp.plan.Light;
import honeylamp.plan.Light.Falls;
import honeylamp.plan.Look;
import honeylamp.plan.Oklch;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Role;
import honeylamp.plan.Showing;
import honeylamp.plan.Sun;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.awt.image.BufferedImage;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Shade on floors: where it lies, how dark, and that it is soft; against marches and means computed here anew. */
class FloorShadeTest {
    private static final PaperFrame FRAME = PaperFrame.atOrigin(50);
    private static final Plan DEMO = SailclothYard.plan();

    private static Drawing picture(Plan plan, Lamp lamp) {
        return Illustration.of(TestPlans.view(plan), FRAME, lamp, 3);
    }

    private static Mark.Picture picture(Layer layer) {
        var clip = (Mark.Clip) layer.marks().getFirst();
        return (Mark.Picture) clip.inside().getFirst();
    }

    @Test
    void nothingStandsHigherThanTheLookLetsItForItsShade() {
        var solids = Solids.of(
                TestPlans.geometry(DEMO),
                DEMO.storeys().getFirst().furnishings(),
                FixedParts.on(DEMO, DEMO.storeys().getFirst()),
                Showing.USUAL,
                1100,
                new Remembered());
        assertThat(solids.all())
                .isNotEmpty()
                .allSatisfy(s -> assertThat(s.heightMm()).isLessThanOrEqualTo(1100));
    }

    /** A column of 1 × 1 m and 0.8 m height in a large room: its shadow on the floor, by hand. */
    @Test
    void aCastShadowIsAsLongAsHeightOverTangent() {
        var plan = blockInRoom(0.8);
        // from due west at 45°: the shadow runs 800 mm east of the block's right face
        var lit = ViewEdits.look(ViewEdits.light(plan, new Light(270, 45)), l -> l.withCornerShade(0));
        var image = raster(lit);
        assertThat(darkness(image, new Point(1500, 0))).isZero();
        assertThat(darkness(image, new Point(900, 0))).isPositive();
        assertThat(darkness(image, new Point(1100, 0))).isPositive();
        assertThat(darkness(image, new Point(-900, 0))).isZero();
        assertThat(darkness(image, new Point(900, 620))).isZero();
        assertThat(TestPlans.light(lit).shadowPerHeight()).isCloseTo(1, within(1e-9));
        assertThat(TestPlans.light(lit).fall().x()).isCloseTo(1, within(1e-9));
    }

    /** The shade agrees with marching every floor pixel towards the light. */
    @Test
    void castShadowsAgreeWithAMarchTowardsTheLight() {
        var plan = ViewEdits.light(blockInRoom(0.8), new Light(320, 48));
        var flat = ViewEdits.look(plan, l -> l.withCornerShade(0));
        var image = raster(flat);
        var toLight = TestPlans.light(flat).fall().times(-1);
        var wrong = 0;
        var tested = 0;
        for (var x = -2800; x <= 2800; x += 130) {
            for (var y = -2800; y <= 2800; y += 130) {
                var p = new Point(x, y);
                if (block().grown(90).contains(p)) {
                    continue;
                }
                var reach = marched(p, toLight, TestPlans.light(flat).shadowPerHeight());
                if (Math.abs(reach - 1) < 0.25 || nearEdge(p, toLight)) {
                    continue; // the soft edge
                }
                tested++;
                if (darkness(image, p) > 0 != reach < 1) {
                    wrong++;
                }
            }
        }
        assertThat(tested).isGreaterThan(900);
        assertThat(wrong).isZero();
    }

    /** How far along its shadow a point lies: below 1 it is in shade, of the block or of a wall. */
    private static double marched(Point p, Point toLight, double perHeight) {
        for (var t = 0.0; t < 4000; t += 5) {
            var q = p.plus(toLight.times(t));
            if (block().contains(q)) {
                return t / (800 * perHeight);
            }
            if (Math.abs(q.x()) > 3000 || Math.abs(q.y()) > 3000) {
                return t / (1100 * perHeight);
            }
        }
        return 9;
    }

    private static boolean nearEdge(Point p, Point toLight) {
        var side = toLight.left();
        return marched(p.plus(side.times(40)), toLight, 1) == 9 != (marched(p.minus(side.times(40)), toLight, 1) == 9)
                || marched(p.plus(side.times(60)), toLight, 1) < 1.3
                        != marched(p.minus(side.times(60)), toLight, 1) < 1.3;
    }

    private static Box block() {
        return new Box(-500, -500, 500, 500);
    }

    /** A room of clear 6 × 6 m about the origin with a block in the middle. */
    private static Plan blockInRoom(double heightM) {
        var walls = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, -3000, -3000, 3000, -3000, 3000, 3000, -3000, 3000)
                .plan();
        var storey = TestPlans.storey(walls);
        var floored = RoomEdits.mark(walls, storey, Position.ofMm(2000, 2000), "", Finish.of("bare"))
                .plan();
        return FurnishingEdits.add(
                        floored,
                        storey,
                        "counter",
                        Length.ofMm(1000),
                        Length.ofMm(1000),
                        Length.ofMm(1000 * heightM),
                        Position.ORIGIN,
                        0)
                .plan();
    }

    private static BufferedImage raster(Plan plan) {
        return raster(plan, 5);
    }

    private static BufferedImage raster(Plan plan, double pxPerMm) {
        var image = new BufferedImage(700, 700, BufferedImage.TYPE_INT_RGB);
        var shade = picture(plan, Lamp.LIT).only(k -> k == LayerKind.SHADE);
        var g = image.createGraphics();
        g.setColor(java.awt.Color.WHITE);
        g.fillRect(0, 0, 700, 700);
        g.dispose();
        RasterPainter.paint(shade, image, new Affine(pxPerMm, 0, 0, pxPerMm, 350, 350));
        return image;
    }

    private static int darkness(BufferedImage image, Point plan) {
        return darkness(image, plan, 5);
    }

    private static int darkness(BufferedImage image, Point plan, double pxPerMm) {
        var p = FRAME.paper(plan);
        return 255 - (image.getRGB((int) (350 + pxPerMm * p.x()), (int) (350 + pxPerMm * p.y())) & 0xff);
    }

    /** From due west at 45° a block of 800 mm throws its shade 800 mm: its end is as broad as the light is wide. */
    @Test
    void softerEdgesPassOverALongerStretch() {
        var lit = ViewEdits.light(blockInRoom(0.8), new Light(270, 45));
        var wide = new ArrayList<Integer>();
        for (var softness : List.of(0.1, 0.5, 1.0)) {
            var image = raster(ViewEdits.look(
                    lit, l -> l.withCornerShade(0).withEdges(l.edges().withSoftness(softness))));
            var full = darkness(image, new Point(750, 0));
            var half = 0;
            for (var x = 700; x < 2200; x += 10) {
                var d = darkness(image, new Point(x, 0));
                half += d > full / 8 && d < full * 7 / 8 ? 1 : 0;
            }
            wide.add(half);
        }
        assertThat(wide).isSorted().doesNotHaveDuplicates();
        assertThat(wide.getLast()).isGreaterThan(2 * wide.getFirst());
    }

    /** Right below the block's edge that faces the light: no shade of its own, only what its contact has. */
    @Test
    void contactShadeHasItsStrengthAndReach() {
        var lit = ViewEdits.look(ViewEdits.light(blockInRoom(0.8), new Light(270, 45)), l -> l.withCornerShade(0));
        var beside = new Point(-520, 0);
        var farther = new Point(-620, 0);
        var usual = raster(lit);
        var none = raster(ViewEdits.look(lit, l -> l.withEdges(l.edges().withContact(0))));
        var strong = raster(ViewEdits.look(lit, l -> l.withEdges(l.edges().withContact(1))));
        var wide = raster(ViewEdits.look(lit, l -> l.withEdges(l.edges().withReach(Length.ofMm(200)))));
        assertThat(darkness(none, beside)).isZero();
        assertThat(darkness(usual, beside)).isPositive();
        assertThat(darkness(strong, beside)).isGreaterThan(darkness(usual, beside));
        assertThat(darkness(usual, farther)).isZero();
        assertThat(darkness(wide, farther)).isPositive();
    }

    /** A blue shadow: of white is left more blue than red, and of the light as a whole as much as in grey. */
    @Test
    void shadeHasTheColourItsLookGivesIt() {
        var lit = ViewEdits.look(
                ViewEdits.light(blockInRoom(0.8), new Light(270, 45)),
                l -> l.withCornerShade(0).withCastShadow(1));
        var blue = ViewEdits.look(
                lit, l -> l.withPalette(l.palette().with(Map.of(Role.SHADOW, new Oklch(0.50, 0.09, 265)))));
        var grey = raster(lit);
        var tinted = raster(blue);
        var p = FRAME.paper(new Point(900, 0));
        var x = (int) (350 + 5 * p.x());
        var y = (int) (350 + 5 * p.y());
        var colour = tinted.getRGB(x, y);
        assertThat(colour & 0xff).isGreaterThan((colour >> 16 & 0xff) + 20);
        assertThat(luminance(colour)).isCloseTo(luminance(grey.getRGB(x, y)), within(0.02));
        assertThat(tinted.getRGB(x + 60, y)).as("no shade, no colour").isEqualTo(grey.getRGB(x + 60, y));
    }

    private static double luminance(int rgb) {
        return 0.2126 * Math.pow((rgb >> 16 & 0xff) / 255.0, 2.2)
                + 0.7152 * Math.pow((rgb >> 8 & 0xff) / 255.0, 2.2)
                + 0.0722 * Math.pow((rgb & 0xff) / 255.0, 2.2);
    }

    @Test
    void cornerShadeIsDarkestInCornersAndFadesAtItsReach() {
        var walls = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, -3000, -3000, 3000, -3000, 3000, 3000, -3000, 3000)
                .plan();
        var plan = ViewEdits.look(walls, l -> l.withCastShadow(0).withCornerReach(Length.ofMm(800)));
        var layer =
                picture(plan, Lamp.LIT).only(k -> k == LayerKind.SHADE).layers().getFirst();
        assertThat(layer.blend()).isEqualTo(Blend.MULTIPLY);
        var shade = picture(layer);
        var corner = level(shade, new Point(-2900, 2900));
        var wall = level(shade, new Point(0, 2900));
        assertThat(corner).isLessThan(wall);
        assertThat(wall).isLessThan(level(shade, new Point(0, 2500)));
        assertThat(level(shade, new Point(0, 0))).isEqualTo(255);
        assertThat(level(shade, new Point(0, 1900))).isEqualTo(255);
        var clip = (Mark.Clip) layer.marks().getFirst();
        assertThat(clip.path().bounds()).isEqualTo(FRAME.paper(new Box(-3000, -3000, 3000, 3000)));
    }

    private static int level(Mark.Picture shade, Point plan) {
        var p = FRAME.paper(plan);
        var x = (p.x() - shade.where().minX())
                / shade.where().width()
                * shade.grey().width();
        var y = (p.y() - shade.where().minY())
                / shade.where().height()
                * shade.grey().height();
        return shade.grey().level((int) x, (int) y);
    }

    /** Far from its source shade falls off evenly: no step between neighbouring pixels of an open floor. */
    @Test
    void cornerShadeHasNoSteps() {
        var plan = blockInRoom(0.9);
        var flat = ViewEdits.look(plan, l -> l.withCastShadow(0).withCornerReach(Length.ofMm(800)));
        var layer = Illustration.of(TestPlans.view(flat), FRAME, Lamp.LIT, 3)
                .only(k -> k == LayerKind.SHADE)
                .layers()
                .getFirst();
        var shade = picture(layer);
        // along a line 300 mm beside the block, past its corner: 50 mm on paper is a millimetre
        var before = level(shade, new Point(800, -900));
        for (var y = -900.0; y <= 900; y += 50 / 3.0) {
            var now = level(shade, new Point(800, y));
            assertThat(Math.abs(now - before)).as("at %s", y).isLessThanOrEqualTo(6);
            before = now;
        }
    }

    @Test
    void smoothingKeepsTheSumAndSpreadsAPoint() {
        var values = new float[15 * 15];
        values[7 * 15 + 7] = 25;
        var smooth = Smoothing.box(values, 15, 15, 2);
        var sum = 0.0;
        for (var v : smooth) {
            sum += v;
        }
        assertThat(sum).isCloseTo(25, within(1e-4));
        assertThat(smooth[7 * 15 + 7]).isCloseTo(1f, within(1e-5f)); // a 5 × 5 square of ones
        assertThat(smooth[5 * 15 + 9]).isCloseTo(1f, within(1e-5f));
        assertThat(smooth[4 * 15 + 7]).isZero();
        assertThat(Smoothing.box(values, 15, 15, 0)).isSameAs(values);
    }

    /** In light (IEC 61966-2-1) red, green and blue lose the same share, so that a colour keeps its hue and chroma. */
    @Test
    void shadeTakesTheSameShareOfEveryChannel() {
        var before = floor(picture(DEMO, Lamp.COLOUR));
        var after = floor(picture(DEMO, Lamp.LIT));
        var compared = 0;
        for (var x = 100; x < 13_000; x += 170) {
            for (var y = 100; y < 8000; y += 170) {
                var was = rgb(before, x, y);
                var is = rgb(after, x, y);
                if (was == is || (was & 0xff) < 60) {
                    continue;
                }
                var red = share(was, is, 16);
                assertThat(share(was, is, 8)).isCloseTo(red, within(0.025));
                assertThat(share(was, is, 0)).isCloseTo(red, within(0.025));
                compared++;
            }
        }
        assertThat(compared).isGreaterThan(500);
    }

    private static double share(int was, int is, int shift) {
        return linear(is >> shift & 0xff) / linear(was >> shift & 0xff);
    }

    private static double linear(int level) {
        var c = level / 255.0;
        return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
    }

    private static final double PX_PER_MM = 3;
    private static final int LEFT_PX = 60;
    private static final int TOP_PX = 820;

    private static BufferedImage floor(Drawing drawing) {
        var image = new BufferedImage(900, 940, BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.setColor(java.awt.Color.WHITE);
        g.fillRect(0, 0, 900, 940);
        g.dispose();
        var shown = Set.of(LayerKind.FLOOR, LayerKind.SHADE);
        RasterPainter.paint(
                drawing.only(shown::contains), image, new Affine(PX_PER_MM, 0, 0, PX_PER_MM, LEFT_PX, TOP_PX));
        return image;
    }

    private static int rgb(BufferedImage image, double x, double y) {
        var p = FRAME.paper(new Point(x, y));
        return image.getRGB((int) (LEFT_PX + PX_PER_MM * p.x()), (int) (TOP_PX + PX_PER_MM * p.y())) & 0xffffff;
    }

    /** On the bare floor of every room of the demos shade takes no more light in the mean than the look allows. */
    @ParameterizedTest
    @ValueSource(doubles = {0.2, 0.1})
    void noRoomIsDarkerThanTheLookAllows(double ceiling) {
        for (var demo : List.of(DEMO, QuillbackLane.plan())) {
            var plan = ViewEdits.look(demo, l -> l.withShadeCeiling(ceiling));
            var before = floor(picture(plan, Lamp.COLOUR));
            var after = floor(picture(plan, Lamp.LIT));
            var view = TestPlans.view(plan);
            for (var room : view.storey().geometry().rooms()) {
                var losses = bare(view, room).stream()
                        .mapToDouble(p -> 1 - share(rgb(before, p.x(), p.y()), rgb(after, p.x(), p.y()), 8))
                        .summaryStatistics();
                assertThat(losses.getAverage())
                        .as(room.name())
                        .isLessThan(ceiling + 0.03); // levels are whole, and 2.2 is near the curve, not the curve
            }
        }
    }

    /** Points of a room with nothing standing on them. */
    private static List<Point> bare(LaidView view, Room room) {
        var standing = Solids.of(
                        view.storey().geometry(),
                        view.storey().storey().furnishings(),
                        view.storey().fixedParts(),
                        Showing.USUAL,
                        1100,
                        new Remembered())
                .pieces();
        var out = new ArrayList<Point>();
        var box = room.outline().bounds();
        for (var x = box.minX() + 30; x < box.maxX(); x += 70) {
            for (var y = box.minY() + 30; y < box.maxY(); y += 70) {
                var p = new Point(x, y);
                if (room.outline().contains(p)
                        && standing.stream().noneMatch(o -> o.footprint().contains(p))) {
                    out.add(p);
                }
            }
        }
        return out;
    }

    /** Right at the wall that throws it shade is as dark as a hand's breadth off: no light bleeds in along the wall. */
    @Test
    void noLitSliverRunsAlongAWall() {
        var plan = ViewEdits.light(blockInRoom(0.8), new Light(320, 48));
        var image = raster(plan);
        for (var at = -2000; at <= 2000; at += 100) {
            assertThat(darkness(image, new Point(at, 2970))) // the wall to the north throws it
                    .as("at %s", at)
                    .isGreaterThanOrEqualTo(darkness(image, new Point(at, 2850)) - 3);
            assertThat(darkness(image, new Point(-2970, at)))
                    .isGreaterThanOrEqualTo(darkness(image, new Point(-2850, at)) - 3);
        }
    }

    /** A wall with a window throws the same shade as one without, but for the sun in it: no notch at its sill. */
    @Test
    void aSillLeavesNoNotch() {
        var walls = ViewEdits.look(blockInRoom(0.8), l -> l.withWindowLight(0));
        var solid = raster(ViewEdits.light(walls, new Light(0, 48)));
        var windowed = TestPlans.opening(walls, 2, OpeningKind.CASEMENT_WINDOW, 2400, 1200, Hand.FIRST, Swing.LEFT);
        var with = raster(ViewEdits.light(windowed, new Light(0, 48)));
        for (var x = -2800; x <= 2800; x += 50) {
            for (var y = 1500; y < 2950; y += 50) {
                assertThat(darkness(with, new Point(x, y))).isCloseTo(darkness(solid, new Point(x, y)), within(2));
            }
        }
    }

    /**
     * Walls of 2.6 m at their true height: across the floor their shade runs height over tangent, times the cosine of the
     * angle at which the light meets the wall, where it ends softly.
     */
    @ParameterizedTest
    @CsvSource({"0, 60", "0, 52", "90, 65", "90, 58", "180, 70", "180, 55", "270, 62", "270, 50", "15, 60", "345, 57"})
    void aWallsShadeIsAsLongAsItsHeightOverTangent(double from, double altitude) {
        var plan = ViewEdits.light(blockInRoom(0.8), new Light(from, altitude));
        var lit = ViewEdits.look(
                plan, l -> l.withCornerShade(0).withHeightCap(Look.TRUE_HEIGHTS).withShadeCeiling(1));
        var side = Math.round(from / 90) % 4 * 90;
        var into = Point.direction(90 - side).times(-1);
        var start = Point.direction(90 - side).times(3000).plus(into.left().times(1300));
        var image = raster(lit);
        var plateau = darkness(image, start.plus(into.times(250)));
        var length = 250;
        while (length < 3000 && darkness(image, start.plus(into.times(length))) > plateau / 2) {
            length += 5;
        }
        var expected = 2600 / Math.tan(Math.toRadians(altitude)) * Math.cos(Math.toRadians(from - side));
        assertThat((double) length).isBetween(0.92 * expected, expected + 20); // its soft end begins a little early
        assertThat(darkness(image, start.plus(into.times(1.12 * expected)))).isLessThan(plateau / 10 + 1);
    }

    /** A wall of 0.7 m throws 0.7 m at 45 degrees, though the look would let it 1.1. */
    @Test
    void aLowWallThrowsALowShade() {
        var walls = blockInRoom(0.8);
        var low = WallEdits.setHeight(
                walls,
                TestPlans.storey(walls),
                List.of(walls.storeys().getFirst().walls().get(2).id()),
                Length.ofMm(700));
        var lit = ViewEdits.look(ViewEdits.light(low, new Light(0, 45)), l -> l.withCornerShade(0));
        var image = raster(lit);
        assertThat(darkness(image, new Point(1300, 3000 - 500))).isPositive();
        assertThat(darkness(image, new Point(1300, 3000 - 880))).isZero();
    }

    /** From the upper left: right of the house its ground lies in shade, if the ground takes any, and that passes away. */
    @Test
    void wallsShadeTheGroundAroundTheHouseIfWanted() {
        var inside = ViewEdits.light(blockInRoom(0.8), new Light(270, 45));
        var around = ViewEdits.light(inside, new Light(270, 45).withFalls(Falls.AROUND));
        var outer = new Point(3000 + 300 + 250, 1500); // a wall of 300 mm, off the figures of its tiers
        var without = raster(inside, 3);
        var with = raster(around, 3);
        assertThat(darkness(without, outer, 3)).isZero();
        assertThat(darkness(with, outer, 3)).isGreaterThan(20);
        assertThat(darkness(with, new Point(3300 + 1090, 1500), 3)).isLessThan(darkness(with, outer, 3) / 2);
        assertThat(darkness(with, new Point(1200, 900), 3))
                .isCloseTo(darkness(without, new Point(1200, 900), 3), within(3));
    }

    /** While the sun is down nothing throws a shade: there is corner shade alone. */
    @Test
    void whileTheSunIsDownCornersAloneAreDark() {
        var night = new Sun(51, 0, LocalDateTime.of(2026, 12, 21, 22, 0), 0);
        var plan = ViewEdits.light(blockInRoom(0.8), new Light(270, 45).withSun(Optional.of(night)));
        var without = ViewEdits.look(blockInRoom(0.8), l -> l.withCastShadow(0));
        var dark = raster(plan);
        var same = raster(without);
        for (var x = -2800; x <= 2800; x += 200) {
            var p = new Point(x, 1700);
            assertThat(darkness(dark, p)).isEqualTo(darkness(same, p));
        }
    }

    /** However many rooms there are, each has a number of its own. */
    @Test
    void threeHundredRoomsAreToldApart() {
        var grid = ShadeGrid.over(new Box(0, 0, 60, 45), 1, FRAME);
        var rooms = new ArrayList<Figure>();
        for (var i = 0; i < 300; i++) {
            var x = 3 * (i % 20);
            var y = 3 * (i / 20);
            rooms.add(Figure.ring(new Box(x, y, x + 3, y + 3).ring()));
        }
        var numbers = grid.numbered(rooms);
        for (var i = 0; i < 300; i++) {
            assertThat(numbers[(3 * (i / 20) + 1) * 60 + 3 * (i % 20) + 1]).isEqualTo(i + 1);
        }
    }

    @Test
    void averagesSpreadAndKeepTheSum() {
        var values = new float[21 * 21];
        values[10 * 21 + 10] = 100;
        var soft = Smoothing.soft(values, 21, 21, 3.4);
        var sum = 0.0;
        for (var v : soft) {
            sum += v;
        }
        assertThat(sum).isCloseTo(100, within(0.01));
        assertThat(soft[10 * 21 + 10]).isGreaterThan(soft[10 * 21 + 11]).isGreaterThan(soft[12 * 21 + 10]);
        assertThat(soft[10 * 21 + 5]).isZero(); // twice 1.7, and one row more in part
        var high = Smoothing.highest(values, 21, 21);
        assertThat(high[9 * 21 + 11]).isEqualTo(100f);
        assertThat(high[8 * 21 + 10]).isZero();
    }

    /** Values taken from so far away are those of the point in between. */
    @Test
    void rowsAreShiftedByPartsOfPixels() {
        var values = new float[48];
        for (var i = 0; i < 48; i++) {
            values[i] = i % 8 + 10 * (i / 8); // x + 10 y
        }
        var rows = new ShiftedRows(values, 8, 6, 5);
        var scratch = ShiftedRows.Scratch.of(8);
        var into = new float[8];
        rows.read(1, 1.25, 1.5, into, scratch);
        assertThat(into[0]).isCloseTo(24f, within(1e-4f)); // 1.5 + 22.5
        assertThat(into[5]).isCloseTo(29f, within(1e-4f));
        rows.read(2, 0, -1.5, into, scratch);
        assertThat(into[0]).isZero();
        assertThat(into[1]).isCloseTo(10f, within(1e-4f)); // half of what lies at 0, half of nothing
        assertThat(into[4]).isCloseTo(22.5f, within(1e-4f));
        rows.read(1, -4, 0, into, scratch);
        assertThat(into).containsOnly(0f);
    }
}
