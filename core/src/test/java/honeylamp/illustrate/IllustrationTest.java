package honeylamp.illustrate;

import static honeylamp.TestPlans.OUTER;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.Looks;
import honeylamp.demo.QuillbackLane;
import honeylamp.demo.SailclothYard;
import honeylamp.derive.FixedParts;
import honeylamp.derive.LaidPlan;
import honeylamp.drawing.Blend;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.output.RasterPainter;
import honeylamp.plan.Finish;
import honeylamp.plan.Light;
import honeylamp.plan.Oklch;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Role;
import honeylamp.plan.Showing;
import honeylamp.plan.Wall.BodySide;
import honeylamp.sheet.SheetComposer;
import honeylamp.units.Length;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class IllustrationTest {
    private static final PaperFrame FRAME = PaperFrame.atOrigin(50);
    private static final Plan DEMO = SailclothYard.plan();

    private static Drawing picture(Plan plan, Lamp lamp) {
        return Illustration.of(TestPlans.view(plan), FRAME, lamp, 1);
    }

    @Test
    void theFrameLeadsThereAndBack() {
        var frame = new PaperFrame(50, 100, 200);
        assertThat(frame.paper(new Point(1000, 500))).isEqualTo(new Point(120, 190));
        assertThat(frame.plan(new Point(120, 190))).isEqualTo(new Point(1000, 500));
        assertThat(frame.planMm(2)).isEqualTo(100);
    }

    @Test
    void layersLieInTheOrderOfTheArtDirection() {
        assertThat(picture(DEMO, Lamp.LIT).layers())
                .extracting(Layer::kind)
                .isSorted()
                .contains(
                        LayerKind.FLOOR,
                        LayerKind.RUGS,
                        LayerKind.CORNER_SHADE,
                        LayerKind.FLOOR_SHADOW,
                        LayerKind.FURNITURE,
                        LayerKind.TOP_SHADOW,
                        LayerKind.POCHE,
                        LayerKind.LABELS);
    }

    @Test
    void theLampDecidesWhatIsLit() {
        assertThat(picture(DEMO, Lamp.COLOUR).layers())
                .extracting(Layer::kind)
                .contains(LayerKind.FLOOR)
                .doesNotContain(LayerKind.CORNER_SHADE, LayerKind.FLOOR_SHADOW);
        assertThat(picture(DEMO, Lamp.DRAFT).layers())
                .extracting(Layer::kind)
                .contains(LayerKind.POCHE, LayerKind.DIMENSIONS)
                .doesNotContain(LayerKind.FLOOR);
        assertThat(Lamp.LIT.next()).isEqualTo(Lamp.DRAFT);
    }

    @Test
    void shadeLiesBelowEveryText() {
        var shadeAt = new ArrayList<Integer>();
        var textAt = new ArrayList<Integer>();
        var layers = picture(DEMO, Lamp.LIT).layers();
        for (var i = 0; i < layers.size(); i++) {
            if (layers.get(i).kind().label().contains("shad")) {
                shadeAt.add(i);
            }
            if (layers.get(i).marks().stream().anyMatch(Mark.Text.class::isInstance)
                    && layers.get(i).kind() != LayerKind.STRUCTURES) {
                textAt.add(i);
            }
        }
        assertThat(shadeAt).hasSize(3);
        assertThat(textAt).allSatisfy(t -> assertThat(shadeAt).allMatch(s -> s < t));
    }

    @Test
    void theSamePlanGivesTheSameMarks() {
        assertThat(picture(SailclothYard.plan(), Lamp.LIT)).isEqualTo(picture(DEMO, Lamp.LIT));
    }

    @Test
    void everyRoomOfTheDemoIsNamedOnce() {
        var words = texts(picture(DEMO, Lamp.LIT), LayerKind.LABELS);
        for (var name : List.of("LIVING ROOM", "KITCHEN AND DINING", "BATHROOM", "LAUNDRY", "ENTRANCE")) {
            assertThat(words).filteredOn(name::equals).hasSize(1);
        }
        assertThat(words).contains("30.59 m²");
    }

    private static List<String> texts(Drawing drawing, LayerKind kind) {
        return drawing.only(k -> k == kind).layers().stream()
                .flatMap(l -> l.marks().stream())
                .flatMap(m -> m instanceof Mark.Text t ? java.util.stream.Stream.of(t.text()) : null)
                .toList();
    }

    @Test
    void noTextIsSmallerThanTheLeastNorUpsideDown() {
        for (var layer : picture(DEMO, Lamp.LIT).layers()) {
            for (var mark : layer.marks()) {
                if (mark instanceof Mark.Text text) {
                    assertThat(text.capHeightMm()).isGreaterThanOrEqualTo(1.8);
                    assertThat(Math.cos(Math.toRadians(text.turnDeg()))).isGreaterThan(-0.01);
                }
            }
        }
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

    /** The vector shadow agrees with marching every floor pixel towards the light. */
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
        var image = new BufferedImage(700, 700, BufferedImage.TYPE_INT_RGB);
        var shade = picture(plan, Lamp.LIT).only(k -> k == LayerKind.FLOOR_SHADOW);
        var g = image.createGraphics();
        g.setColor(java.awt.Color.WHITE);
        g.fillRect(0, 0, 700, 700);
        g.dispose();
        RasterPainter.paint(shade, image, new Affine(5, 0, 0, 5, 350, 350));
        return image;
    }

    private static int darkness(BufferedImage image, Point plan) {
        var p = FRAME.paper(plan);
        return 255 - (image.getRGB((int) (350 + 5 * p.x()), (int) (350 + 5 * p.y())) & 0xff);
    }

    @Test
    void cornerShadeIsDarkestInCornersAndFadesAtItsReach() {
        var walls = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, -3000, -3000, 3000, -3000, 3000, 3000, -3000, 3000)
                .plan();
        var plan = ViewEdits.look(walls, l -> l.withCastShadow(0).withCornerReach(Length.ofMm(800)));
        var layer = picture(plan, Lamp.LIT)
                .only(k -> k == LayerKind.CORNER_SHADE)
                .layers()
                .getFirst();
        assertThat(layer.blend()).isEqualTo(Blend.MULTIPLY);
        var shade = (Mark.Picture) layer.marks().getFirst();
        var corner = level(shade, new Point(-2900, 2900));
        var wall = level(shade, new Point(0, 2900));
        assertThat(corner).isLessThan(wall);
        assertThat(wall).isLessThan(level(shade, new Point(0, 2500)));
        assertThat(level(shade, new Point(0, 0))).isEqualTo(255);
        assertThat(level(shade, new Point(0, 1900))).isEqualTo(255);
        assertThat(level(shade, new Point(0, 3300))).isEqualTo(255); // none outside the floor
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

    @Test
    void lowerCapsAndFlatLooksThrowLessShade() {
        assertThat(Solids.of(
                                TestPlans.geometry(DEMO),
                                FixedParts.on(DEMO, DEMO.storeys().getFirst()),
                                Showing.USUAL,
                                1100)
                        .all())
                .allSatisfy(s -> assertThat(s.heightMm()).isLessThanOrEqualTo(1100));
        var flat = ViewEdits.look(DEMO, l -> l.withCastShadow(0).withCornerShade(0));
        assertThat(picture(flat, Lamp.LIT).layers())
                .extracting(Layer::kind)
                .doesNotContain(LayerKind.CORNER_SHADE, LayerKind.FLOOR_SHADOW, LayerKind.TOP_SHADOW);
    }

    @Test
    void atLeastFourLineWeightsAreToldApart() {
        var pens = Pens.usual(50);
        assertThat(List.of(
                        pens.cutWall().widthMm(),
                        pens.cutPost().widthMm(),
                        pens.leaf().widthMm(),
                        pens.swing().widthMm()))
                .isSortedAccordingTo(java.util.Comparator.reverseOrder())
                .doesNotHaveDuplicates();
        assertThat(Pens.of(Looks.DAYLIGHT.withLineDial(2), 50).cutWall().widthMm())
                .isEqualTo(1.0);
        assertThat(Pens.usual(100).cutWall().widthMm()).isEqualTo(0.35);
    }

    @Test
    void finePatternsBecomeTheirMeanToneAtSmallScales() {
        // stone slabs are at least 300 mm: 6 mm on paper at 1:50, 0.6 mm at 1:500
        var large = marksOfFloors(50);
        var small = marksOfFloors(500);
        assertThat(small).isLessThan(large / 3);
    }

    private static int marksOfFloors(int scale) {
        return Illustration.of(TestPlans.view(DEMO), PaperFrame.atOrigin(scale), Lamp.COLOUR, 1)
                .only(k -> k == LayerKind.FLOOR)
                .layers()
                .stream()
                .flatMap(l -> l.marks().stream())
                .mapToInt(m -> m instanceof Mark.Clip c ? c.inside().size() : 1)
                .sum();
    }

    @Test
    void dimensionsKeepTheirPaperMeasures() {
        var plan = TestPlans.clearRectangle(5000, 4000);
        var lines = picture(plan, Lamp.DRAFT)
                .only(k -> k == LayerKind.DIMENSIONS)
                .layers()
                .getFirst()
                .marks();
        var box = lines.stream()
                .flatMap(m -> m instanceof Mark.Stroke s && s.pen().widthMm() < 0.2
                        ? java.util.stream.Stream.of(s.path().bounds())
                        : null)
                .reduce(Box::union)
                .orElseThrow();
        // the building is 112 × 92 mm on paper; one tier at 10 mm, witness lines 2 mm past it
        assertThat(box.width()).isCloseTo(5600 / 50.0 + 2 * 12, within(1e-6));
        assertThat(box.height()).isCloseTo(4600 / 50.0 + 2 * 12, within(1e-6));
    }

    @Test
    void noWitnessLineCrossesTheBalcony() {
        var lines = picture(DEMO, Lamp.DRAFT)
                .only(k -> k == LayerKind.DIMENSIONS)
                .layers()
                .getFirst()
                .marks();
        // the deck reaches from 7,500 to 11,100 and from 0 to 1,400 below the wall, a little inside to be safe
        var deck = FRAME.paper(new Box(7550, -1350, 11_050, -50));
        for (var mark : lines) {
            if (mark instanceof Mark.Stroke(var path, var pen, var ink) && ink.opacity() > 0 && pen.widthMm() < 0.2) {
                var shape = honeylamp.drawing.AwtShapes.shape(path);
                var drawn = new java.awt.BasicStroke(0.01f).createStrokedShape(shape);
                assertThat(drawn.intersects(deck.minX(), deck.minY(), deck.width(), deck.height()))
                        .isFalse();
            }
        }
    }

    /** Far from its source shade falls off evenly: no step between neighbouring pixels of an open floor. */
    @Test
    void cornerShadeHasNoSteps() {
        var plan = blockInRoom(0.9);
        var flat = ViewEdits.look(plan, l -> l.withCastShadow(0).withCornerReach(Length.ofMm(800)));
        var layer = Illustration.of(TestPlans.view(flat), FRAME, Lamp.LIT, 3)
                .only(k -> k == LayerKind.CORNER_SHADE)
                .layers()
                .getFirst();
        var shade = (Mark.Picture) layer.marks().getFirst();
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

    @Test
    void samplesAndSketchesAreDrawn() {
        for (var kind : honeylamp.catalogue.Furnishings.all()) {
            assertThat(Samples.of(kind).layers()).isNotEmpty();
            assertThat(Samples.sizeMm(kind)).isPositive();
        }
        var geometry = TestPlans.geometry(DEMO);
        var sofa = geometry.storey().furnishings().get(1);
        assertThat(Sketches.piece(FRAME, sofa, 0.1)).hasSizeGreaterThan(3);
        assertThat(Sketches.picked(FRAME, geometry, List.of(sofa.id()), 0.1)).hasSize(2);
        assertThat(Sketches.picked(FRAME, geometry, List.of(), 0.1)).isEmpty();
    }

    /** A look of other colours is other throughout: nothing on the sheet keeps a colour of the look before. */
    @Test
    void everyColourOfALineAWallAndAPieceIsTheLooks() {
        var other = new EnumMap<Role, Oklch>(Role.class);
        for (var role : Role.values()) {
            other.put(role, new Oklch(0.5 + 0.004 * role.ordinal(), 0.15, 200));
        }
        var plan = QuillbackLane.plan();
        var blue = ViewEdits.look(plan, l -> l.with(l.palette().with(other)));
        var inks = new HashSet<Integer>();
        for (var role : Role.values()) {
            inks.add(TestPlans.look(plan).palette().of(role).argb() & 0xffffff);
        }
        for (var laid : LaidPlan.of(blue).pages()) {
            var page = SheetComposer.compose(laid, Lamp.LIT, 1);
            assertThat(all(page.drawing().layers().stream().flatMap(l -> l.marks().stream()))
                            .flatMapToInt(m -> switch (m) {
                                case Mark.Fill f -> IntStream.of(f.ink().rgb());
                                case Mark.Stroke x -> IntStream.of(x.ink().rgb());
                                case Mark.Text t -> IntStream.of(t.ink().rgb());
                                default -> IntStream.empty();
                            }))
                    .doesNotContainAnyElementsOf(inks);
        }
    }

    private static Stream<Mark> all(Stream<Mark> marks) {
        return marks.flatMap(m -> m instanceof Mark.Clip c ? all(c.inside().stream()) : Stream.of(m));
    }
}
