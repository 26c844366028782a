package honeylamp.output;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.BoatShed;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.ink.AwtShapes;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Figure;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.Plan;
import honeylamp.sheet.ComposedPage;
import honeylamp.sheet.SheetComposer;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Floors end at walls and at the jambs of openings, to the pixel of a print. */
class FloorFillsTest {
    private static final double PX_PER_MM = 8;
    private static final int WHITE = 0xffffffff;

    static Stream<Plan> demos() throws IOException {
        return Stream.of(SailclothYard.plan(), QuillbackLane.plan(), BoatShed.plan());
    }

    @ParameterizedTest
    @MethodSource("demos")
    void noFloorRunsPastAJambOrIntoAWall(Plan plan) {
        for (var page : LaidPlan.of(plan).pages()) {
            var composed = SheetComposer.compose(page, Lamp.COLOUR, 1);
            var floors = blank(composed);
            RasterPainter.paint(
                    composed.drawing().only(k -> k == LayerKind.FLOOR), floors, Affine.scale(PX_PER_MM, PX_PER_MM));
            var free = free(page, composed);
            var laid = 0;
            var past = 0;
            for (var y = 0; y < floors.getHeight(); y++) {
                for (var x = 0; x < floors.getWidth(); x++) {
                    if (floors.getRGB(x, y) != WHITE) {
                        laid++;
                        past += free.getRGB(x, y) == WHITE ? 1 : 0;
                    }
                }
            }
            assertThat(laid).as(page.name()).isGreaterThan(100_000);
            assertThat(past)
                    .as("pixels of " + page.name() + " past a wall or jamb")
                    .isZero();
        }
    }

    /** The rooms and the openings between their jambs, a pixel wider for soft edges. */
    private static BufferedImage free(LaidPage page, ComposedPage composed) {
        var geometry = page.views().getFirst().storey().geometry();
        var path = Figure.builder();
        geometry.rooms().forEach(r -> path.path(r.outline().path()));
        geometry.cuts().forEach(c -> path.ring(c.ring().counterClockwise()));
        var shape = AwtShapes.shape(composed.frame().paper(path.build()));
        var image = blank(composed);
        var g = image.createGraphics();
        g.scale(PX_PER_MM, PX_PER_MM);
        g.setColor(Color.BLACK);
        g.fill(shape);
        g.setStroke(new BasicStroke((float) (2.5 / PX_PER_MM)));
        g.draw(shape);
        g.dispose();
        return image;
    }

    private static BufferedImage blank(ComposedPage page) {
        var image = new BufferedImage(
                (int) (page.widthMm() * PX_PER_MM), (int) (page.heightMm() * PX_PER_MM), BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, image.getWidth(), image.getHeight());
        g.dispose();
        return image;
    }
}
