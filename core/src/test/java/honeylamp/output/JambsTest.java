package honeylamp.output;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.drawing.LayerKind;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Walls end at their jambs: no line of theirs stands out into an opening. */
class JambsTest {
    private static final double PX_PER_MM = 20;
    private static final double SCALE = 50;

    private static Plan opened(Plan plan) {
        return TestPlans.opening(plan, 0, OpeningKind.CASEMENT_WINDOW, 1500, 1200, Hand.FIRST, Swing.LEFT);
    }

    static Stream<Plan> walls() {
        var slanted = TestPlans.start()
                .chain(BodySide.RIGHT, TestPlans.OUTER, true, 0, 0, 4800, 1300, 4400, 5200, 0, 4000)
                .plan();
        var plain = TestPlans.clearRectangle(5000, 4000);
        var bent = WallEdits.bend(plain, TestPlans.storey(plain), TestPlans.wallId(plain, 0), Length.ofMm(500))
                .orThrow();
        return Stream.of(opened(plain), opened(slanted), opened(bent));
    }

    /** A pen of 0.5 mm that ran around the corner would stand out by 0.25; 0.06 beyond the jamb there is nothing. */
    @ParameterizedTest
    @MethodSource("walls")
    void noEdgeStandsOutPastAJamb(Plan plan) {
        var frame = new PaperFrame(SCALE, 40, 120);
        var image = new BufferedImage(4000, 3000, BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, image.getWidth(), image.getHeight());
        g.dispose();
        var drawing =
                Illustration.of(TestPlans.view(plan), frame, Lamp.COLOUR, 1).only(k -> k == LayerKind.POCHE);
        RasterPainter.paint(drawing, image, Affine.scale(PX_PER_MM, PX_PER_MM));
        var cut = TestPlans.geometry(plan).cut(TestPlans.newest(plan).id()).orElseThrow();
        for (var first : new boolean[] {true, false}) {
            var jamb = jamb(cut, first);
            var into = jamb.unit().left();
            var towards = into.dot(cut.unit()) > 0 == first ? into : into.times(-1);
            for (var t = -0.3 * SCALE; t <= jamb.length() + 0.3 * SCALE; t += 0.1 * SCALE) {
                var at = jamb.a().plus(jamb.unit().times(t));
                for (var out = 0.06; out < 0.3; out += 0.04) {
                    assertThat(rgb(image, frame, at.plus(towards.times(out * SCALE))))
                            .as(t + " along a jamb, " + out + " past it")
                            .isEqualTo(0xffffff);
                }
                if (t > 0.1 * SCALE && t < jamb.length() - 0.1 * SCALE) {
                    assertThat(rgb(image, frame, at.minus(towards.times(0.1 * SCALE))) & 0xff)
                            .as("within the wall")
                            .isLessThan(0x60);
                }
            }
        }
    }

    private static Segment jamb(OpeningCut cut, boolean first) {
        return first
                ? new Segment(cut.leftFace().a(), cut.rightFace().a())
                : new Segment(cut.leftFace().b(), cut.rightFace().b());
    }

    private static int rgb(BufferedImage image, PaperFrame frame, Point p) {
        var q = frame.paper(p).times(PX_PER_MM);
        return image.getRGB((int) Math.floor(q.x()), (int) Math.floor(q.y())) & 0xffffff;
    }
}
