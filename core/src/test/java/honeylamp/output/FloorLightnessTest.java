package honeylamp.output;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.BoatShed;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.LayerKind;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.Oklch;
import honeylamp.plan.Plan;
import honeylamp.sheet.ComposedPage;
import honeylamp.sheet.SheetComposer;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Shade makes a room believable and does not drown it: its floor is near the colour it was given. */
class FloorLightnessTest {
    private static final double PX_PER_MM = 3;
    private static final double STEP_MM = 60;

    static Stream<Plan> demos() throws IOException {
        return Stream.of(SailclothYard.plan(), QuillbackLane.plan(), BoatShed.plan());
    }

    /** Of the bare floor of every room nine tenths are at most 0.08 below the same floor without shade, in lightness. */
    @ParameterizedTest
    @MethodSource("demos")
    void nineTenthsOfEveryFloorAreNearTheirOwnColour(Plan plan) {
        var told = 0;
        for (var page : LaidPlan.of(plan).pages()) {
            if (!page.views().getFirst().view().isPlan()) {
                continue;
            }
            var lit = SheetComposer.compose(page, Lamp.LIT, Illustration.PRINT_SHADE_PX_PER_MM);
            var shaded = raster(lit);
            var unshaded = raster(SheetComposer.compose(page, Lamp.COLOUR, 1));
            for (var room : rooms(page)) {
                var losses = bare(page.views().getFirst().storey().geometry(), room).stream()
                        .map(p -> lit.frame().paper(p).times(PX_PER_MM))
                        .mapToDouble(q -> lightness(unshaded, q) - lightness(shaded, q))
                        .sorted()
                        .toArray();
                assertThat(losses).hasSizeGreaterThan(100);
                assertThat(losses[(int) (0.9 * losses.length)]).as(room.name()).isLessThanOrEqualTo(0.08);
                // and it is seen: somewhere at the feet of things a floor is clearly darker
                assertThat(losses[(int) (0.995 * losses.length)])
                        .as(room.name())
                        .isGreaterThan(0.06);
                told++;
            }
        }
        assertThat(told).isGreaterThan(2);
    }

    private static List<Room> rooms(LaidPage page) {
        return page.views().getFirst().storey().geometry().rooms().stream()
                .filter(r -> !r.name().isBlank())
                .toList();
    }

    /** Points of a floor on which nothing stands. */
    private static List<Point> bare(StoreyGeometry geometry, Room room) {
        var box = room.outline().bounds();
        var out = new ArrayList<Point>();
        for (var x = box.minX(); x < box.maxX(); x += STEP_MM) {
            for (var y = box.minY(); y < box.maxY(); y += STEP_MM) {
                var p = new Point(x, y);
                if (room.outline().contains(p)
                        && geometry.storey().furnishings().stream()
                                .noneMatch(f -> Picking.footprint(f).contains(p))
                        && geometry.storey().structures().stream()
                                .noneMatch(s -> s.footprint().contains(p))) {
                    out.add(p);
                }
            }
        }
        return out;
    }

    private static BufferedImage raster(ComposedPage page) {
        var image = new BufferedImage(
                (int) (page.widthMm() * PX_PER_MM), (int) (page.heightMm() * PX_PER_MM), BufferedImage.TYPE_INT_RGB);
        var seen =
                page.drawing().only(k -> k != LayerKind.LABELS && k != LayerKind.DIMENSIONS && k != LayerKind.OVERHEAD);
        RasterPainter.paint(seen, image, Affine.scale(PX_PER_MM, PX_PER_MM));
        return image;
    }

    private static double lightness(BufferedImage image, Point q) {
        return Oklch.ofRgb(image.getRGB((int) q.x(), (int) q.y()) & 0xffffff).lightness();
    }
}
