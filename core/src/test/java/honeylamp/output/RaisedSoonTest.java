package honeylamp.output;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Remembered;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.raised.RaisedArt;
import honeylamp.illustrate.raised.SurfacePictures;
import honeylamp.plan.Raised;
import honeylamp.plan.Raised.Eye;
import honeylamp.plan.Raised.Rays;
import honeylamp.raised.SeenThings;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The picture of a raised view that is there soon, held against the one that is worked out exactly. */
class RaisedSoonTest {
    private static final PaperFrame FRAME = PaperFrame.atOrigin(50);
    private static final int WIDTH = 700;

    static Stream<Arguments> subjects() {
        var storey = SailclothYard.plan().storeys().getFirst();
        var living = storey.rooms().stream()
                .filter(r -> r.name().equals("Living room"))
                .findFirst()
                .orElseThrow();
        return Stream.of(
                Arguments.of(new Raised.Cutaway(storey.id(), living.id(), new Eye(Rays.PERSPECTIVE, 353, 38))),
                Arguments.of(new Raised.Inside(
                        storey.id(), living.at(), Raised.Inside.EYE_HIGH, 200, Raised.Inside.USUAL_ACROSS_DEG)));
    }

    private static LaidView view(Raised subject) {
        var plan = SailclothYard.plan();
        var added =
                ViewEdits.raised(plan, plan.presentation().views().getFirst().id(), subject, "Raised");
        return LaidPlan.of(added.plan())
                .view(added.plan().presentation().views().getLast().id());
    }

    private static BufferedImage painted(LaidView view, SeenThings things, Drawing drawing) {
        var box = things.scene().flatMap(s -> s.bounds()).orElseThrow();
        var corner = FRAME.paper(new Point(box.minX(), box.maxY()));
        var k = WIDTH / (box.width() / FRAME.scale());
        var image = new BufferedImage(WIDTH, (int) (box.height() / FRAME.scale() * k), BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, image.getWidth(), image.getHeight());
        g.dispose();
        RasterPainter.paint(
                drawing, image, Affine.move(-corner.x(), -corner.y()).then(Affine.scale(k, k)));
        return image;
    }

    /** Nothing that a picture can do without is there yet. */
    private record Later(SurfacePictures pictures) implements Remembered.LongWork {
        @Override
        public <V> Optional<V> answer(Object question, Work<V> work) {
            return Optional.empty();
        }

        @Override
        public <V> Optional<V> later(Object question, Work<V> work, Supplier<V> atOnce) {
            return Optional.empty();
        }

        @Override
        public <T> Optional<T> tool(Class<T> kind) {
            SurfacePictures.Painted painted = _ -> pictures;
            return kind.isInstance(painted) ? Optional.of(kind.cast(painted)) : Optional.empty();
        }
    }

    private static Drawing drawn(LaidView view, Raised subject, Remembered.LongWork work) {
        return RaisedArt.of(view, subject, FRAME, Lamp.LIT, new Remembered(work));
    }

    /** Seen as a picture they are the same: patterns, shade, lines and words; edges of shade may lie a pixel apart. */
    @ParameterizedTest
    @MethodSource("subjects")
    void looksAsWhatIsWorkedOutExactly(Raised subject) {
        var view = view(subject);
        var things = SeenThings.of(view);
        var pictures = new FacetPictures().paint(view, things.bodies(), () -> true);
        var soon = painted(view, things, drawn(view, subject, new Later(pictures)));
        var exact = painted(view, things, drawn(view, subject, Remembered.LongWork.AT_ONCE));
        var apart = 0;
        var sum = 0L;
        var asked = 0;
        for (var y = 0; y < soon.getHeight(); y++) {
            for (var x = 0; x < soon.getWidth(); x++) {
                var by = by(soon.getRGB(x, y), exact.getRGB(x, y));
                asked++;
                sum += by;
                apart += by > 40 ? 1 : 0;
            }
        }
        assertThat(asked).isGreaterThan(100_000);
        assertThat((double) apart / asked).as("share of pixels far apart").isLessThan(0.02);
        assertThat((double) sum / asked).as("mean of 255").isLessThan(4);
    }

    private static int by(int a, int b) {
        return Math.max(
                Math.abs((a >> 16 & 0xff) - (b >> 16 & 0xff)),
                Math.max(Math.abs((a >> 8 & 0xff) - (b >> 8 & 0xff)), Math.abs((a & 0xff) - (b & 0xff))));
    }
}
