package honeylamp.illustrate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.Looks;
import honeylamp.catalogue.Palettes;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.sketch.Samples;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Drafting;
import honeylamp.plan.LineRole;
import honeylamp.plan.Oklch;
import honeylamp.plan.Plan;
import honeylamp.plan.Role;
import honeylamp.plan.RoomFit.CountsAs;
import honeylamp.plan.Showing;
import honeylamp.plan.TextRole;
import honeylamp.sheet.SheetComposer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
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
                        LayerKind.SHADE,
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
                .doesNotContain(LayerKind.SHADE);
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
            if (layers.get(i).kind().label().toLowerCase(Locale.ROOT).contains("shad")) {
                shadeAt.add(i);
            }
            if (Mark.words(layers.get(i).marks()).findAny().isPresent()
                    && layers.get(i).kind() != LayerKind.STRUCTURES) {
                textAt.add(i);
            }
        }
        assertThat(shadeAt).hasSize(2);
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
                .flatMap(l -> Mark.words(l.marks()))
                .map(Mark.Text::text)
                .toList();
    }

    @Test
    void noTextIsSmallerThanTheLeastNorUpsideDown() {
        for (var layer : picture(DEMO, Lamp.LIT).layers()) {
            for (var text : Mark.words(layer.marks()).toList()) {
                assertThat(text.capHeightMm()).isGreaterThanOrEqualTo(1.8);
                assertThat(Math.cos(Math.toRadians(text.turnDeg()))).isGreaterThan(-0.01);
            }
        }
    }

    /** A floor nobody chose a finish for has the colour that the look gives the use of its room. */
    @Test
    void bareFloorsTakeTheirColourFromTheLook() {
        var red = new Oklch(0.6, 0.2, 30);
        var plan = TestPlans.clearRectangle(4000, 3000);
        var room = TestPlans.geometry(plan).rooms().getFirst();
        var used = RoomEdits.use(plan, TestPlans.storey(plan), room, "bath", CountsAs.INDOOR);
        assertThat(floor(used)).isEqualTo(Palettes.DAYLIGHT.of(Role.BATH_FLOOR).argb() & 0xffffff);
        var look = ViewEdits.look(used, l -> l.withPalette(l.palette().with(Map.of(Role.BATH_FLOOR, red))));
        assertThat(floor(look)).isEqualTo(red.argb() & 0xffffff);
    }

    private static int floor(Plan plan) {
        return picture(plan, Lamp.COLOUR).layers().stream()
                .filter(l -> l.kind() == LayerKind.FLOOR)
                .flatMap(l -> l.marks().stream())
                .map(m -> ((Mark.Fill) m).ink().rgb() & 0xffffff)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aFlatLookHasNoShade() {
        var flat =
                ViewEdits.look(DEMO, l -> l.withCastShadow(0).withCornerShade(0).withWindowLight(0));
        assertThat(picture(flat, Lamp.LIT).layers())
                .extracting(Layer::kind)
                .doesNotContain(LayerKind.SHADE, LayerKind.TOP_SHADOW);
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
                var shape = honeylamp.drawing.ink.AwtShapes.shape(path);
                var drawn = new java.awt.BasicStroke(0.01f).createStrokedShape(shape);
                assertThat(drawn.intersects(deck.minX(), deck.minY(), deck.width(), deck.height()))
                        .isFalse();
            }
        }
    }

    @Test
    void samplesAndSketchesAreDrawn() {
        for (var kind : honeylamp.catalogue.piece.Furnishings.all()) {
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
        var blue = ViewEdits.look(plan, l -> l.withPalette(l.palette().with(other)));
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
                                case Mark.Haloed h ->
                                    IntStream.of(h.text().ink().rgb());
                                default -> IntStream.empty();
                            }))
                    .doesNotContainAnyElementsOf(inks);
        }
    }

    /** Of a look with pens and type of its own every line and every word on the page is of these. */
    @Test
    void everyPenAndAllTypeIsTheLooks() {
        var drafting =
                QuillbackLane.plan().presentation().looks().getFirst().look().drafting();
        for (var role : LineRole.values()) {
            drafting = drafting.with(role, new Drafting.Line(0.7 + 0.01 * role.ordinal(), 0.7 + 0.01 * role.ordinal()));
        }
        for (var role : TextRole.values()) {
            drafting = drafting.with(role, 2.25 + 0.01 * role.ordinal());
        }
        var own = drafting;
        var plan = ViewEdits.look(QuillbackLane.plan(), l -> l.withDrafting(own));
        plan = ViewEdits.showing(plan, Showing.Kind.TAGS, Showing.Degree.SHOWN);
        var widths =
                Arrays.stream(LineRole.values()).map(r -> own.of(r).largeMm()).toList();
        var usual = Looks.DAYLIGHT.drafting();
        var usualWidths =
                Arrays.stream(LineRole.values()).map(r -> usual.of(r).largeMm()).toList();
        var heights = Arrays.stream(TextRole.values()).map(own::of).toList();
        for (var laid : LaidPlan.of(plan).pages()) {
            var page = SheetComposer.compose(laid, Lamp.LIT, 1);
            all(page.drawing().layers().stream().flatMap(l -> l.marks().stream()))
                    .forEach(m -> {
                        switch (m) {
                            case Mark.Text t -> assertThat(heights).as(t.text()).contains(t.capHeightMm());
                            case Mark.Haloed h ->
                                assertThat(heights)
                                        .as(h.text().text())
                                        .contains(h.text().capHeightMm());
                            case Mark.Stroke s ->
                                assertThat(usualWidths).doesNotContain(s.pen().widthMm());
                            default -> {}
                        }
                    });
        }
    }

    /** A finish has the look's tone wherever it lies, and in the legend. */
    @Test
    void aToneOfAFinishIsTheLooks() {
        var green = new Oklch(0.7, 0.12, 150);
        var key = DEMO.storeys().getFirst().rooms().stream()
                .map(r -> r.floor().material())
                .filter(k -> k.contains("herringbone"))
                .findFirst()
                .orElseThrow();
        var toned = ViewEdits.look(DEMO, l -> l.withTone(key, Optional.of(green)));
        var legend = SheetComposer.compose(TestPlans.page(toned), Lamp.COLOUR, 1).drawing().layers().stream()
                .filter(l -> l.kind() == LayerKind.SHEET)
                .flatMap(l -> l.marks().stream());
        // the key shows the blocks as they lie, each a little lighter or darker than the tone
        assertThat(all(legend))
                .anyMatch(m -> m instanceof Mark.Fill f && isNear(f.ink().rgb(), green.argb()));
        assertThat(picture(toned, Lamp.COLOUR).only(k -> k == LayerKind.FLOOR))
                .isNotEqualTo(picture(DEMO, Lamp.COLOUR).only(k -> k == LayerKind.FLOOR));
        var back = ViewEdits.look(toned, l -> l.withTone(key, Optional.empty()));
        assertThat(back).isEqualTo(DEMO);
    }

    private static boolean isNear(int rgb, int other) {
        return Math.abs((rgb >> 16 & 0xff) - (other >> 16 & 0xff)) < 10
                && Math.abs((rgb >> 8 & 0xff) - (other >> 8 & 0xff)) < 10
                && Math.abs((rgb & 0xff) - (other & 0xff)) < 10;
    }

    private static Stream<Mark> all(Stream<Mark> marks) {
        return marks.flatMap(m -> m instanceof Mark.Clip c ? all(c.inside().stream()) : Stream.of(m));
    }
}
