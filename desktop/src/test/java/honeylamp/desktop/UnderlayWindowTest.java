package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.desktop.workspace.Tool;
import honeylamp.edit.StoreyEdits;
import honeylamp.edit.UnderlayEdits.TracedWork;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.plan.Treatment.Lie;
import honeylamp.plan.Treatment.Tint;
import honeylamp.plan.Treatment.Tone.Sense;
import honeylamp.plan.Underlay;
import honeylamp.plan.Underlay.Sight;
import honeylamp.store.PlanDocument;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.Clipboard;
import javafx.scene.input.DataFormat;
import javafx.scene.input.KeyCode;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.util.WaitForAsyncUtils;

/** Pictures to trace in the real window, and the demo's kitchen traced from its sheet. */
class UnderlayWindowTest {
    @TempDir
    private Path folder;

    private static Storey storey(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst();
    }

    private static Underlay underlay(WindowDriver w) throws Exception {
        return storey(w).underlays().getLast();
    }

    /** The demo's sheet at its true place, and nothing traced yet. */
    private static PlanDocument sheetOnly() throws Exception {
        var demo = DemoDocument.made();
        var storey = demo.plan().storeys().getFirst();
        return demo.with(demo.plan()
                .withStorey(
                        storey.id(),
                        s -> Storey.empty(s.id(), s.name(), s.level(), s.height())
                                .with(Underlay.class, s.underlays())));
    }

    /**
     * The clear kitchen of the demo plan without its nook: 7,538 to 12,700 east, 300 to 4,564 north, as its
     * walls stand in the demo.
     */
    private static void assertKitchen(Plan plan) {
        var geometry = StoreyGeometry.of(plan, plan.storeys().getFirst());
        assertThat(geometry.rooms()).hasSize(1);
        var box = geometry.rooms().getFirst().outline().bounds();
        assertThat(box.minX()).isCloseTo(WEST, within(15.0));
        assertThat(box.maxX()).isCloseTo(EAST, within(15.0));
        assertThat(box.minY()).isCloseTo(SOUTH, within(15.0));
        assertThat(box.maxY()).isCloseTo(NORTH, within(15.0));
    }

    private static final double WEST = 7538;
    private static final double EAST = 12_700;
    private static final double SOUTH = 300;
    private static final double NORTH = 4560;

    @Test
    void theKitchenIsTracedByMouseAlone() throws Exception {
        try (var w = WindowDriver.with(sheetOnly())) {
            w.press("stage-walls");
            for (var corner :
                    new double[][] {{WEST, SOUTH}, {EAST, SOUTH}, {EAST, NORTH}, {WEST, NORTH}, {WEST, SOUTH}}) {
                w.show(corner[0], corner[1], 2600);
                w.picture();
                w.click(corner[0] + 17, corner[1] - 12); // a hand is never quite right; the sheet's lines are
            }
            assertKitchen(w.plan());
        }
    }

    @Test
    void theKitchenIsTracedByKeysAlone() throws Exception {
        try (var w = WindowDriver.with(sheetOnly())) {
            w.key(KeyCode.CONTROL, KeyCode.DIGIT2);
            w.focusPlan();
            lead(w, WEST + 20, SOUTH - 15);
            w.key(KeyCode.SPACE);
            for (var wall : new String[][] {{"5162", "0"}, {"4260", "90"}, {"5162", "180"}}) {
                w.write(wall[0]);
                w.key(KeyCode.TAB);
                w.write(wall[1]);
                w.key(KeyCode.ENTER);
            }
            w.key(KeyCode.C);
            assertKitchen(w.plan());
        }
    }

    /** Takes the pointer up by arrow keys at a place of the plan. */
    private static void lead(WindowDriver w, double x, double y) throws Exception {
        w.showCentred(x, y, 2600); // the view is centred there, and so is a pointer that has not been here yet
        w.key(KeyCode.LEFT);
        w.key(KeyCode.RIGHT);
    }

    @Test
    void theLookOfAPictureChangesAndIsTakenBack() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            var before = w.plan();
            w.press("stage-underlay");
            w.press("picture-" + underlay(w).id().text());
            w.press("tint-SLATE");
            w.press("card-invert");
            w.press("card-above");
            var treated = underlay(w).treatment();
            assertThat(treated.tint()).isEqualTo(Tint.SLATE);
            assertThat(treated.tone().sense()).isEqualTo(Sense.INVERTED);
            assertThat(treated.lie()).isEqualTo(Lie.ABOVE);
            w.picture();
            w.press("card-plain");
            assertThat(underlay(w).treatment())
                    .isEqualTo(
                            before.storeys().getFirst().underlays().getFirst().treatment());
            w.fill("card-left", "-1 m");
            assertThat(underlay(w).placing().at().x().mm()).isEqualTo(-1000);
            w.fill("card-turn", "2.5");
            assertThat(underlay(w).placing().turnDeg()).isCloseTo(2.5, within(1e-9));
            w.fill("card-turn", "steep");
            assertThat(w.message()).contains("steep");
            w.press("underlay-hidden");
            assertThat(underlay(w).sight()).isEqualTo(Sight.HIDDEN);
            for (var i = 0; i < 7; i++) {
                w.key(KeyCode.CONTROL, KeyCode.Z);
            }
            assertThat(w.plan()).isEqualTo(before);
        }
    }

    @Test
    void theWrittenLengthsStandBesideTheTrace() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-underlay");
            w.press("picture-" + underlay(w).id().text());
            // 7,600 is written where 7,400 is true: it is left out, and counting it makes the trail doubt
            w.press("known-3");
            assertThat(WindowDriver.onScreen(() ->
                            ((javafx.scene.control.Labeled) w.window().scene().lookup("#state-underlay")).getText()))
                    .isEqualTo("lengths disagree");
            w.press("known-gone-3");
            assertThat(underlay(w).knownLengths()).hasSize(3);
        }
    }

    @Test
    void scalingAgainTakesTheTraceAlongIfWished() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            var area = StoreyGeometry.of(w.plan(), storey(w)).netAreaMm2();
            w.press("stage-underlay");
            assertThat(w.model().now().choices().tracedWork()).isEqualTo(TracedWork.GOES_ALONG);
            w.press("tool-put-a-point");
            w.press("traced-stays");
            w.click(6500, 7000);
            w.write("6.6 m");
            w.key(KeyCode.TAB);
            w.write("7 m");
            w.key(KeyCode.ENTER);
            assertThat(StoreyGeometry.of(w.plan(), storey(w)).netAreaMm2()).isEqualTo(area);
            w.press("traced-along");
            var corner = storey(w).walls().getFirst().from().point();
            w.press("tool-put-a-point");
            w.show(6500, 7000, 4000);
            w.key(KeyCode.P); // lines are not caught now, so the click is where it is
            w.click(6500, 7000);
            w.write("7500");
            w.key(KeyCode.TAB);
            w.write("7000");
            w.key(KeyCode.ENTER);
            assertThat(storey(w).walls().getFirst().from().point().minus(corner).distance(new Point(1000, 0)))
                    .isLessThan(12); // a pixel of the screen is 10 mm
        }
    }

    @Test
    void pagesOfAPdfAreChosenAndComeInTrue() throws Exception {
        try (var w = WindowDriver.empty()) {
            w.answers.picture = Optional.of(Path.of("../core/src/test/resources/pictures/page.pdf"));
            w.press("bring-in");
            assertThat(WindowDriver.onScreen(() -> w.node("page-picker").isVisible()))
                    .isTrue();
            w.press("take-page");
            // 297 mm of paper at the 1:50 that is written on it
            var width = underlay(w).picture().widthPx() * underlay(w).placing().mmPerPixel();
            assertThat(width).isCloseTo(14_850, within(15.0));
            w.press("stage-underlay");
            w.answers.picture = Optional.of(Path.of("../core/src/test/resources/pictures/two-pages.pdf"));
            w.press("bring-in");
            w.key(KeyCode.RIGHT);
            w.press("page-scale-100");
            w.key(KeyCode.ENTER);
            assertThat(storey(w).underlays()).hasSize(2);
            assertThat(underlay(w).picture().name()).contains("page 2");
            assertThat(underlay(w).picture().widthPx() * underlay(w).placing().mmPerPixel())
                    .isCloseTo(29_700, within(30.0));
            w.press("bring-in");
            w.key(KeyCode.ESCAPE);
            javafx.scene.Node picker = w.node("page-picker");
            assertThat(picker.isVisible()).isFalse();
            assertThat(storey(w).underlays()).hasSize(2);
            w.picture();
        }
    }

    @Test
    void aPictureIsPastedAndTheKeyHidesAll() throws Exception {
        try (var w = WindowDriver.empty()) {
            WindowDriver.onScreen(() -> {
                var image = new WritableImage(80, 50);
                return Clipboard.getSystemClipboard().setContent(Map.of(DataFormat.IMAGE, image));
            });
            w.focusPlan();
            w.key(KeyCode.CONTROL, KeyCode.V);
            w.settle();
            assertThat(underlay(w).picture().widthPx()).isEqualTo(80);
            w.key(KeyCode.CONTROL, KeyCode.V);
            w.settle();
            assertThat(storey(w).underlays()).hasSize(2);
            w.key(KeyCode.U);
            assertThat(storey(w).underlays()).allMatch(u -> u.sight() == Sight.HIDDEN);
            WindowDriver.onScreen(
                    () -> Clipboard.getSystemClipboard().setContent(Map.of(DataFormat.PLAIN_TEXT, "words")));
            w.key(KeyCode.CONTROL, KeyCode.V);
            assertThat(w.message()).contains("no picture");
        }
    }

    /** A scan with a storey on each half becomes two storeys that meet in the stair's corner. */
    @Test
    void twoStoreysOnOneScanAreCroppedAndMeetInACommonPoint() throws Exception {
        var scan = new BufferedImage(1200, 600, BufferedImage.TYPE_INT_RGB);
        var g = scan.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, 1200, 600);
        g.setColor(Color.BLACK);
        g.fillRect(200, 300, 160, 3); // stair below
        g.fillRect(200, 300, 3, 160);
        g.fillRect(760, 280, 160, 3); // stair above
        g.fillRect(760, 280, 3, 160);
        g.dispose();
        var file = folder.resolve("both.png");
        ImageIO.write(scan, "png", file.toFile());
        try (var w = WindowDriver.empty()) {
            w.answers.picture = Optional.of(file);
            w.press("bring-in");
            w.press("tool-crop");
            part(w, new Point(620, 20), new Point(1180, 580));
            w.write("Upper storey");
            w.key(KeyCode.ENTER);
            assertThat(w.plan().storeys()).extracting(Storey::name).containsExactly("Ground storey", "Upper storey");
            assertThat(w.message()).contains("new storey");
            part(w, new Point(20, 20), new Point(580, 580));
            w.key(KeyCode.ENTER);
            assertThat(underlay(w).crop().orElseThrow().maxX()).isCloseTo(580, within(8.0));
            corner(w, 0, new Point(201, 301));
            w.key(KeyCode.PAGE_UP);
            assertThat(w.model().now().storey())
                    .isEqualTo(new StoreyId(w.plan().storeys().get(1).id().number()));
            corner(w, 1, new Point(761, 281));
            var below = w.plan().storeys().get(0).underlays().getFirst();
            var above = w.plan().storeys().get(1).underlays().getFirst();
            assertThat(below.plan(new Point(201.5, 301.5)).length())
                    .isLessThan(below.placing().mmPerPixel());
            assertThat(above.plan(new Point(761.5, 281.5)).length())
                    .isLessThan(above.placing().mmPerPixel());
            w.key(KeyCode.PAGE_DOWN);
            assertThat(w.model().now().currentStorey().name()).isEqualTo("Ground storey");
        }
    }

    private static void part(WindowDriver w, Point a, Point b) throws Exception {
        var u = underlay(w);
        var middle = u.plan(new Point((a.x() + b.x()) / 2, (a.y() + b.y()) / 2));
        w.show(middle.x(), middle.y(), 10_000);
        var p = u.plan(a);
        var q = u.plan(b);
        w.drag(p.x(), p.y(), q.x(), q.y());
        w.focusPlan();
    }

    private static void corner(WindowDriver w, int storey, Point px) throws Exception {
        WindowDriver.onScreen(() -> {
            w.model().use(Tool.PUT_POINT);
            return null;
        });
        w.picture();
        var at = w.plan().storeys().get(storey).underlays().getFirst().plan(px);
        w.show(at.x(), at.y(), 2500);
        w.click(at.x(), at.y());
        w.focusPlan();
        w.key(KeyCode.ENTER);
    }

    @Test
    void thePictureStandsBesideThePlanWithItsOwnZoom() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-underlay");
            w.focusPlan();
            w.key(KeyCode.B);
            w.picture();
            var view = w.model().now().viewport(); // fitted anew to the half that is left of the room
            javafx.scene.Node beside = w.node("beside");
            assertThat(beside.isVisible()).isTrue();
            var box = WindowDriver.onScreen(() -> beside.localToScreen(beside.getBoundsInLocal()));
            assertThat(box.getWidth()).isGreaterThan(150);
            w.moveTo(new Point2D(box.getCenterX(), box.getCenterY()));
            w.wheelUp(2);
            assertThat(w.model().now().viewport()).isEqualTo(view);
            w.focusPlan();
            w.key(KeyCode.B);
            assertThat(beside.isVisible()).isFalse();
        }
    }

    @Test
    void notesOnThePictureAreNoPartOfThePlan() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            var before = StoreyGeometry.of(w.plan(), storey(w)).netAreaMm2();
            w.press("stage-underlay");
            w.press("tool-note");
            w.show(3000, 5000, 12_000); // a pixel is about 35 mm
            w.click(2000, 7000);
            w.write("chimney removed");
            w.key(KeyCode.ENTER);
            w.drag(1000, 2000, 4000, 3000);
            w.focusPlan();
            w.key(KeyCode.ENTER);
            assertThat(underlay(w).notes()).hasSize(2);
            assertThat(underlay(w).notes().getFirst().text()).isEqualTo("chimney removed");
            assertThat(underlay(w)
                            .plan(underlay(w).notes().getFirst().pointsPx().getFirst())
                            .distance(new Point(2000, 7000)))
                    .isLessThan(60);
            assertThat(storey(w).notes()).hasSize(1); // the demo's own
            assertThat(StoreyGeometry.of(w.plan(), storey(w)).netAreaMm2()).isEqualTo(before);
            w.press("note-gone-0");
            assertThat(underlay(w).notes()).hasSize(1);
        }
    }

    @Test
    void aCamerasNotesAreKeptOnlyIfThatIsTicked() throws Exception {
        var image = new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB);
        var out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", out);
        var jpeg = out.toByteArray();
        var secret = "Exif\0\0SECRET PLACE".getBytes(StandardCharsets.ISO_8859_1);
        var noted = ByteBuffer.allocate(jpeg.length + 4 + secret.length)
                .put(jpeg, 0, 2)
                .putShort((short) 0xFFE1) // a segment of notes
                .putShort((short) (secret.length + 2))
                .put(secret)
                .put(jpeg, 2, jpeg.length - 2)
                .array();
        try (var w = WindowDriver.empty()) {
            w.answers.picture = Optional.of(Files.write(folder.resolve("photo.jpg"), noted));
            w.press("bring-in");
            w.press("stage-underlay");
            w.press("keep-notes");
            w.press("bring-in");
            var kept = WindowDriver.onScreen(() -> w.model().now().document().assets());
            assertThat(kept).hasSize(2);
            assertThat(kept.values().stream()
                            .map(b -> new String(b, StandardCharsets.ISO_8859_1))
                            .filter(t -> t.contains("SECRET PLACE")))
                    .hasSize(1);
        }
    }

    /** A page whose forms show one another, ten thousand million rectangles in all; then an ordinary page. */
    private static String endlessPdf() {
        var pdf = new StringBuilder("%PDF-1.4\n1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj\n"
                + "2 0 obj<</Type/Pages/Kids[3 0 R 4 0 R]/Count 2>>endobj\n"
                + "3 0 obj<</Type/Page/Parent 2 0 R/MediaBox[0 0 200 100]"
                + "/Resources<</XObject<</In 20 0 R>>>>/Contents 5 0 R>>endobj\n"
                + "4 0 obj<</Type/Page/Parent 2 0 R/MediaBox[0 0 100 300]>>endobj\n"
                + "5 0 obj<</Length 6>>stream\n/In Do\nendstream endobj\n"
                + "10 0 obj<</Subtype/Form/BBox[0 0 200 100]/Length 12>>stream\n0 0 1 1 re f\nendstream endobj\n");
        for (var level = 11; level <= 20; level++) {
            pdf.append(level)
                    .append(" 0 obj<</Subtype/Form/BBox[0 0 200 100]/Resources<</XObject<</In ")
                    .append(level - 1)
                    .append(" 0 R>>>>/Length 70>>stream\n")
                    .append("/In Do ".repeat(10))
                    .append("\nendstream endobj\n");
        }
        return pdf.append("trailer<</Root 1 0 R>>\n%%EOF").toString();
    }

    @Test
    void aPageThatNeverEndsIsToldAndDoesNotHoldUpTheOthers() throws Exception {
        try (var w = WindowDriver.empty()) {
            w.answers.picture = Optional.of(Files.writeString(folder.resolve("endless.pdf"), endlessPdf()));
            w.press("bring-in");
            WaitForAsyncUtils.waitFor(
                    20,
                    TimeUnit.SECONDS,
                    () -> w.robot.lookup("Page 1, cannot be shown").tryQuery().isPresent());
            w.key(KeyCode.RIGHT);
            w.press("take-page");
            w.settle();
            assertThat(storey(w).underlays())
                    .singleElement()
                    .satisfies(u -> assertThat(u.picture())
                            .satisfies(p -> assertThat(3.0 * p.widthPx()).isCloseTo(p.heightPx(), within(3.0))));
        }
    }

    /** A state held to compare with is the plan as it is: left of the edge its sheet and the storey below it are seen too. */
    @Test
    void leftOfTheEdgeOfAComparisonPicturesToTraceAndTheStoreyBelowAreSeen() throws Exception {
        try (var w = WindowDriver.with(overTheDemo())) {
            WindowDriver.onScreen(() -> {
                w.model().light(Lamp.DRAFT);
                w.model().goTo(w.model().now().plan().storeys().getLast().id());
                return null;
            });
            w.press("desk-storey");
            w.press("ghost-" + w.plan().storeys().getFirst().id().text());
            w.key(KeyCode.ESCAPE);
            w.press("stage-walls");
            w.picture();
            var alone = middleOf(w);
            w.press("stage-look");
            w.press("compare-state");
            w.fill("compare-at-value", "1");
            w.press("stage-walls");
            w.picture();
            assertThat(w.<Node>node("compare-edge").isVisible()).isTrue();
            assertThat(middleOf(w)).isEqualTo(alone);
            assertThat(Arrays.stream(alone).distinct().count())
                    .as("a pencil sheet has many tones")
                    .isGreaterThan(500);
        }
    }

    /** A storey with the demo's sheet on it and nothing else, over the demo as it was drawn. */
    private static PlanDocument overTheDemo() {
        var demo = DemoDocument.made();
        var below = demo.plan().storeys().getFirst();
        var added = StoreyEdits.addOnTop(demo.plan(), "Above");
        return demo.with(added.plan().withStorey(added.id(), s -> s.with(Underlay.class, below.underlays())));
    }

    /** The colours of the middle of the drawing. */
    private static int[] middleOf(WindowDriver w) throws Exception {
        return WindowDriver.onScreen(() -> {
            var picture = w.window().plan().snapshot(null, null);
            var wide = (int) picture.getWidth() / 2;
            var high = (int) picture.getHeight() / 2;
            var out = new int[wide * high];
            picture.getPixelReader()
                    .getPixels(wide / 2, high / 2, wide, high, PixelFormat.getIntArgbInstance(), out, 0, wide);
            return out;
        });
    }
}
