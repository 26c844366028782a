package honeylamp.output;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.edit.UnderlayEdits;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.output.ScreenPainter.Traced;
import honeylamp.plan.Placing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Treatment;
import honeylamp.plan.Underlay;
import honeylamp.sheet.ComposedPage;
import honeylamp.sheet.SheetComposer;
import honeylamp.underlay.TracedPicture;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.util.List;
import org.junit.jupiter.api.Test;

class ScreenPainterTest {
    private static final double PX_PER_MM = 2;

    private final Plan plan = TestPlans.clearRectangle(5000, 4000);

    private ComposedPage page(Lamp lamp) {
        return SheetComposer.compose(TestPlans.page(plan), lamp, 1);
    }

    private static BufferedImage paint(ComposedPage page, List<Traced> traced) {
        return ScreenPainter.paint(new ScreenPainter.Scene(
                page,
                0xFFD9CFBF,
                traced,
                List.of(),
                Affine.scale(PX_PER_MM, PX_PER_MM).then(Affine.move(30, 20)),
                900,
                640));
    }

    private static Color at(BufferedImage image, ComposedPage page, double x, double y) {
        var p = page.frame().paper(new Point(x, y));
        return new Color(image.getRGB((int) (30 + PX_PER_MM * p.x()), (int) (20 + PX_PER_MM * p.y())));
    }

    /** A wholly green picture of 100 × 100 pixels over the plan from (0, 0) to (5,000, 5,000). */
    private Traced green(double fade) {
        var pixels = new BufferedImage(100, 100, BufferedImage.TYPE_INT_RGB);
        var g = pixels.createGraphics();
        g.setColor(Color.GREEN);
        g.fillRect(0, 0, 100, 100);
        g.dispose();
        var added = UnderlayEdits.add(
                plan, TestPlans.storey(plan), new Underlay.Picture("a".repeat(64), "green", 100, 100), Point.ORIGIN);
        var underlay = added.plan().storeys().getFirst().underlays().getFirst();
        return new Traced(
                underlay.withPlacing(Placing.of(Position.ofMm(0, 5000), 50, 0))
                        .withTreatment(Treatment.FIRST.withFade(fade)),
                TracedPicture.of(pixels));
    }

    @Test
    void theSheetLiesOnTheDesk() {
        var page = page(Lamp.DRAFT);
        var image = paint(page, List.of());
        var desk = new Color(image.getRGB(5, 5));
        var paper = new Color(image.getRGB(60, 60));
        assertThat(paper.getRed()).isGreaterThan(desk.getRed() + 20);
        assertThat(paper.getRed()).isGreaterThan(245);
    }

    @Test
    void inDraftThePictureToTraceShowsThroughBelowTheWalls() {
        var page = page(Lamp.DRAFT);
        var image = paint(page, List.of(green(0)));
        assertThat(at(image, page, 2500, 2000)).isEqualTo(Color.GREEN);
        assertThat(at(image, page, 2500, 4150).getRed()).isGreaterThan(100); // the wall covers it
        assertThat(at(image, page, 2500, 4700)).isEqualTo(Color.GREEN); // beyond the wall
    }

    @Test
    void fadedPicturesLetThePaperThrough() {
        var page = page(Lamp.DRAFT);
        var half = at(paint(page, List.of(green(0.5))), page, 2500, 2000);
        assertThat(half.getRed()).isBetween(110, 145);
        assertThat(at(paint(page, List.of(green(1))), page, 2500, 2000).getRed())
                .isGreaterThan(240);
    }

    @Test
    void colourCoversThePictureInsideTheBuilding() {
        var page = page(Lamp.COLOUR);
        assertThat(at(paint(page, List.of(green(0))), page, 2500, 2000).getRed())
                .isGreaterThan(200);
    }
}
