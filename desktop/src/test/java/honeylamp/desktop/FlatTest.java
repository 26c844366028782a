package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import honeylamp.TestWalls;
import honeylamp.catalogue.NewPlan;
import honeylamp.derive.rooms.Room;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall.BodySide;
import honeylamp.store.PlanFile;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.awt.Color;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.scene.input.KeyCode;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.util.WaitForAsyncUtils;

/**
 * The scan of a flat with two bedrooms becomes an exported sheet in the real window, and every press, click, key and
 * typed line of the way is counted.
 */
class FlatTest {
    private static final int MOST_ACTIONS = 150;
    private static final double MM_PER_PX = 10;
    private static final WallTypeId OUTER = new WallTypeId(1);
    private static final WallTypeId PARTITION = new WallTypeId(3);

    /** The middles of the partitions, as one would trace them. */
    private static final List<double[]> PARTITIONS = List.of(
            new double[] {5500, 0, 5500, 8000},
            new double[] {0, 4500, 5500, 4500},
            new double[] {5500, 3300, 11_000, 3300},
            new double[] {5500, 4700, 11_000, 4700},
            new double[] {8300, 4700, 8300, 8000},
            new double[] {8600, 0, 8600, 3300});

    private static final List<Point> DOORS = List.of(
            new Point(10_850, 4000),
            new Point(5500, 3900),
            new Point(2500, 4500),
            new Point(6800, 4700),
            new Point(9500, 4700),
            new Point(7000, 3300),
            new Point(9600, 3300));

    private static final List<Point> WINDOWS = List.of(
            new Point(2900, 150),
            new Point(150, 2400),
            new Point(2900, 7850),
            new Point(6900, 7850),
            new Point(9500, 7850),
            new Point(7000, 150));

    private static final Map<String, Point> ROOMS = Map.of(
            "Living", new Point(2000, 2400),
            "Kitchen", new Point(2500, 6200),
            "Hall", new Point(8000, 4000),
            "Bedroom", new Point(6900, 6200),
            "Bathroom", new Point(9500, 6200),
            "Guest room", new Point(7000, 1800),
            "Store", new Point(9700, 1800));

    @TempDir
    private Path folder;

    private int actions;

    /** The flat as it was measured: outer faces 11,000 by 8,000, outer walls 300, partitions 100. */
    private static Plan truth() {
        var plan = NewPlan.in(UnitSystem.MM);
        var storey = plan.storeys().getFirst().id();
        double[][] outer = {{0, 0, 11_000, 0}, {11_000, 0, 11_000, 8000}, {11_000, 8000, 0, 8000}, {0, 8000, 0, 0}};
        for (var w : outer) {
            plan = wall(plan, w, BodySide.LEFT, OUTER);
        }
        for (var w : PARTITIONS) {
            plan = wall(plan, w, BodySide.CENTRE, PARTITION);
        }
        for (var at : DOORS) {
            plan = opening(plan, at, OpeningKind.DOOR, 885);
        }
        for (var at : WINDOWS) {
            plan = opening(plan, at, OpeningKind.CASEMENT_WINDOW, 1200);
        }
        assertThat(plan.storey(storey).openings()).hasSize(13);
        return plan;
    }

    private static Plan wall(Plan plan, double[] w, BodySide body, WallTypeId type) {
        var storey = plan.storeys().getFirst().id();
        return WallEdits.add(plan, storey, Position.ofMm(w[0], w[1]), Position.ofMm(w[2], w[3]), body, type)
                .orThrow()
                .plan();
    }

    private static Plan opening(Plan plan, Point at, OpeningKind kind, double width) {
        var storey = plan.storeys().getFirst();
        var host = storey.walls().stream()
                .min((a, b) -> Double.compare(a.line().distance(at), b.line().distance(at)))
                .orElseThrow();
        var offset = Length.ofMm(host.line().along(at) - width / 2);
        return OpeningEdits.add(plan, storey.id(), kind, host.id(), offset, Length.ofMm(width), Hand.FIRST, Swing.LEFT)
                .plan();
    }

    /** The walls in black, 10 mm to a pixel, with 100 pixels of paper around them. */
    private Path scan(Plan plan) throws Exception {
        var image = new BufferedImage(1300, 1000, BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, image.getWidth(), image.getHeight());
        g.setColor(Color.BLACK);
        for (var outline : TestWalls.geometry(plan).poche()) {
            var path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
            outline.rings().forEach(ring -> {
                var first = ring.corners().getFirst();
                path.moveTo(px(first).x(), px(first).y());
                ring.corners().forEach(c -> path.lineTo(px(c).x(), px(c).y()));
                path.closePath();
            });
            g.fill(path);
        }
        g.dispose();
        var file = folder.resolve("flat.png");
        ImageIO.write(image, "png", file.toFile());
        return file;
    }

    private static Point px(Point measured) {
        return new Point(100 + measured.x() / MM_PER_PX, 900 - measured.y() / MM_PER_PX);
    }

    /** Where a place of the flat lies in the plan that is traced. */
    private static Point traced(WindowDriver w, double x, double y) throws Exception {
        return w.plan().storeys().getFirst().underlays().getFirst().plan(px(new Point(x, y)));
    }

    private void click(WindowDriver w, double x, double y) throws Exception {
        var at = traced(w, x, y);
        w.click(at.x(), at.y());
        actions++;
    }

    private void press(WindowDriver w, String id) throws Exception {
        w.press(id);
        actions++;
    }

    private void type(WindowDriver w, String text) throws Exception {
        w.write(text);
        w.key(KeyCode.ENTER);
        actions += 2;
    }

    private void key(WindowDriver w, KeyCode... code) throws Exception {
        w.key(code);
        actions++;
    }

    @Test
    void aFlatWithTwoBedroomsTakesNoMoreThanAHundredAndFiftyActions() throws Exception {
        var truth = truth();
        try (var w = WindowDriver.empty()) {
            w.resize(1280, 800);
            scaled(w, truth);
            walls(w);
            openings(w);
            names(w);
            floors(w);
            furnished(w);
            exported(w);
            assertThat(actions).isLessThanOrEqualTo(MOST_ACTIONS);
            same(w.plan(), truth);
        }
    }

    private void scaled(WindowDriver w, Plan truth) throws Exception {
        w.answers.picture = Optional.of(scan(truth));
        press(w, "bring-in");
        click(w, 0, 0);
        click(w, 11_000, 0);
        type(w, "11 m");
        assertThat(w.plan()
                        .storeys()
                        .getFirst()
                        .underlays()
                        .getFirst()
                        .placing()
                        .mmPerPixel())
                .isCloseTo(MM_PER_PX, withinPercentage(0.5));
    }

    private void walls(WindowDriver w) throws Exception {
        press(w, "stage-walls");
        press(w, "face-outer-face");
        press(w, "tool-rectangle");
        click(w, 0, 0);
        click(w, 11_000, 8000);
        press(w, "wall-type-3");
        press(w, "face-centre");
        press(w, "tool-draw-walls");
        for (var p : PARTITIONS) {
            w.robot.press(KeyCode.CONTROL); // the picture says where it ends, not the middle of the wall it meets
            actions++;
            click(w, within(p[0], 11_000), within(p[1], 8000));
            w.robot.release(KeyCode.CONTROL);
            click(w, within(p[2], 11_000), within(p[3], 8000));
            key(w, KeyCode.ESCAPE);
        }
        assertThat(TestWalls.geometry(w.plan()).rooms()).hasSize(ROOMS.size());
    }

    /** In the middle of an outer wall where it would lie on its outer face. */
    private static double within(double at, double size) {
        return Math.clamp(at, 150, size - 150);
    }

    private void openings(WindowDriver w) throws Exception {
        press(w, "stage-openings");
        for (var at : DOORS) {
            click(w, at.x(), at.y());
        }
        press(w, "opening-casement-window");
        for (var at : WINDOWS) {
            click(w, at.x(), at.y());
        }
        assertThat(w.plan().storeys().getFirst().openings()).hasSize(DOORS.size() + WINDOWS.size());
    }

    private void names(WindowDriver w) throws Exception {
        press(w, "stage-rooms");
        for (var room : ROOMS.entrySet()) {
            click(w, room.getValue().x(), room.getValue().y());
            type(w, room.getKey());
        }
    }

    private void floors(WindowDriver w) throws Exception {
        press(w, "stage-finishes");
        press(w, "finish-herringbone-oak");
        for (var room : List.of("Living", "Hall", "Bedroom", "Guest room")) {
            click(w, ROOMS.get(room).x(), ROOMS.get(room).y());
        }
        press(w, "finish-square-tile");
        for (var room : List.of("Kitchen", "Bathroom", "Store")) {
            click(w, ROOMS.get(room).x(), ROOMS.get(room).y());
        }
    }

    private void furnished(WindowDriver w) throws Exception {
        press(w, "stage-furnish");
        put(w, "sofa", 1500, 1000);
        put(w, "armchair", 4600, 1200, 4600, 2400);
        put(w, "low-table", 2200, 2400);
        put(w, "rug", 3600, 3400);
        put(w, "dining-table", 2600, 6000);
        put(w, "bed", 6900, 6200, 7000, 1700);
        put(w, "bedside-table", 5800, 7400, 8000, 7400, 5800, 600, 8250, 600);
        put(w, "wardrobe", 7800, 5000, 6000, 3000);
        put(w, "bath", 10_300, 6600);
        put(w, "basin", 8600, 7000);
        put(w, "wc", 8600, 6000);
        put(w, "base-units", 4000, 7200);
        put(w, "refrigerator", 900, 7200);
        put(w, "plant", 600, 4100);
        assertThat(w.plan().storeys().getFirst().furnishings()).hasSizeGreaterThanOrEqualTo(20);
    }

    private void put(WindowDriver w, String piece, double... xy) throws Exception {
        press(w, "piece-" + piece);
        for (var i = 0; i < xy.length; i += 2) {
            click(w, xy[i], xy[i + 1]);
        }
    }

    private void exported(WindowDriver w) throws Exception {
        key(w, KeyCode.L);
        var file = folder.resolve("flat.pdf");
        w.answers.sheet = Optional.of(file);
        press(w, "stage-sheet");
        press(w, "export");
        WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, () -> Files.exists(file));
        try (var pdf = Loader.loadPDF(file.toFile())) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("LIVING", "GUEST", "BATHROOM");
        }
        var saved = folder.resolve("flat.honeylamp");
        w.answers.plan = Optional.of(saved);
        key(w, KeyCode.CONTROL, KeyCode.S);
        assertThat(PlanFile.open(saved)).isInstanceOf(PlanFile.Opened.Good.class);
    }

    /** Every room is as large as it was measured, and has its name. */
    private static void same(Plan plan, Plan truth) {
        var measured = TestWalls.geometry(truth);
        var drawn = TestWalls.geometry(plan);
        assertThat(drawn.rooms()).extracting(Room::name).containsExactlyInAnyOrderElementsOf(ROOMS.keySet());
        for (var room : ROOMS.entrySet()) {
            var area = measured.roomAt(room.getValue()).orElseThrow().areaMm2();
            var own = drawn.rooms().stream()
                    .filter(r -> r.name().equals(room.getKey()))
                    .findFirst()
                    .orElseThrow();
            assertThat(own.areaMm2()).as(room.getKey()).isCloseTo(area, withinPercentage(2));
            assertThat(own.mark().orElseThrow().floor().material()).isIn("herringbone-oak", "square-tile");
        }
    }
}
