package honeylamp.bench;

import honeylamp.demo.place.SailclothYard;
import honeylamp.demo.place.SurveySheet;
import honeylamp.demo.place.SurveySheet.Style;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.UnderlayId;
import honeylamp.plan.Placing;
import honeylamp.plan.Position;
import honeylamp.plan.Squaring;
import honeylamp.plan.Treatment;
import honeylamp.plan.Treatment.Tone;
import honeylamp.plan.Underlay;
import honeylamp.underlay.LevelFinder;
import honeylamp.underlay.LineFinder;
import honeylamp.underlay.Pyramid;
import honeylamp.underlay.TracedPicture;
import honeylamp.underlay.UnderlayPainter;
import java.awt.Rectangle;
import java.awt.TexturePaint;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A ten-megapixel picture to trace: shown at 1280 × 800, read for its lines, against a plain texture fill. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 4, time = 2)
@Fork(1)
public class UnderlayBench {
    private static final int WIDTH = 3900;
    private static final int HEIGHT = 2600;
    private static final Affine TO_SCREEN = new Affine(0.32, 0, 0, -0.32, 16, 816);

    private final BufferedImage screen = new BufferedImage(1280, 800, BufferedImage.TYPE_INT_ARGB_PRE);
    private final BufferedImage tile = new BufferedImage(256, 256, BufferedImage.TYPE_INT_RGB);
    private BufferedImage scan = tile;
    private TracedPicture picture = TracedPicture.of(tile);
    private Underlay plain = underlay(1, 1);
    private int turn;

    private static Underlay underlay(int width, int height) {
        return Underlay.of(
                        new UnderlayId(1),
                        new Underlay.Picture("a".repeat(64), "scan", width, height),
                        Placing.of(Position.ofMm(0, 2500), 1, 1.4))
                .withTreatment(Treatment.FIRST);
    }

    /** Draws the scan. */
    @Setup
    public void draw() {
        var plan = SailclothYard.plan();
        scan = new SurveySheet(WIDTH, HEIGHT, 4.6, 1.4, 5L, 1, 0, Style.PENCIL)
                .draw(StoreyGeometry.of(plan, plan.storeys().getFirst()), new Point(6500, 3900), List.of());
        picture = TracedPicture.of(scan);
        plain = underlay(WIDTH, HEIGHT);
    }

    /** The plain operation. */
    @Benchmark
    public BufferedImage underlayBaseline() {
        var g = screen.createGraphics();
        g.setPaint(new TexturePaint(tile, new Rectangle(0, 0, 256, 256)));
        g.fillRect(0, 0, screen.getWidth(), screen.getHeight());
        g.dispose();
        return screen;
    }

    /** The picture as it is. */
    @Benchmark
    public BufferedImage underlayShown() {
        UnderlayPainter.paint(plain, picture, screen, TO_SCREEN);
        return screen;
    }

    /** The picture cleaned of its paper's tone. */
    @Benchmark
    public BufferedImage underlayCleaned() {
        UnderlayPainter.paint(
                plain.withTreatment(Treatment.FIRST.withTone(new Tone(0.1, 0.3, 1, Tone.Sense.AS_IS))),
                picture,
                screen,
                TO_SCREEN);
        return screen;
    }

    /** The picture squared up and cleaned. */
    @Benchmark
    public BufferedImage underlaySquared() {
        var squaring = new Squaring(
                List.of(new Point(200, 150), new Point(3700, 60), new Point(3850, 2550), new Point(60, 2400)),
                3500,
                2400);
        UnderlayPainter.paint(
                plain.withSquaring(Optional.of(squaring))
                        .withTreatment(Treatment.FIRST.withTone(new Tone(0.1, 0.3, 1, Tone.Sense.AS_IS))),
                picture,
                screen,
                TO_SCREEN);
        return screen;
    }

    /** One move of the pointer along a wall, ten screen pixels of reach. */
    @Benchmark
    public Optional<LineFinder.Catch> underlayLine() {
        turn = (turn + 7) % 400;
        return LineFinder.nearest(picture, new Point(700 + turn, 1500 + turn), 30);
    }

    /** The proposal of the level angle. */
    @Benchmark
    public Optional<LevelFinder.Proposal> underlayLevel() {
        return LevelFinder.of(picture);
    }

    /** The pyramid of a picture that is unpacked. */
    @Benchmark
    public TracedPicture underlayPyramid() {
        return TracedPicture.of(Pyramid.of(scan));
    }
}
