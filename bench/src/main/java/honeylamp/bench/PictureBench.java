package honeylamp.bench;

import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.geometry.Affine;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.output.RasterPainter;
import honeylamp.sheet.ComposedPage;
import honeylamp.sheet.SheetComposer;
import java.awt.TexturePaint;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
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

/** The demo painted at screen size, against filling the same pixels with a texture. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 4, time = 2)
@Fork(1)
public class PictureBench {
    private final LaidPage laid = LaidPlan.of(SailclothYard.plan()).pages().getFirst();
    private final BufferedImage screen = new BufferedImage(1280, 800, BufferedImage.TYPE_INT_ARGB_PRE);
    private final BufferedImage tile = new BufferedImage(256, 256, BufferedImage.TYPE_INT_ARGB_PRE);
    private ComposedPage page = SheetComposer.compose(laid, Lamp.LIT, Illustration.SCREEN_SHADE_PX_PER_MM);

    /** Composes the page once: repainting is measured with warm caches. */
    @Setup
    public void compose() {
        page = SheetComposer.compose(laid, Lamp.LIT, Illustration.SCREEN_SHADE_PX_PER_MM);
    }

    /** The plain operation. */
    @Benchmark
    public BufferedImage repaintBaseline() {
        var g = screen.createGraphics();
        g.setPaint(new TexturePaint(tile, new Rectangle2D.Double(0, 0, 256, 256)));
        g.fillRect(0, 0, screen.getWidth(), screen.getHeight());
        g.dispose();
        return screen;
    }

    /** The whole lit page. */
    @Benchmark
    public BufferedImage repaint() {
        var scale = screen.getWidth() / page.widthMm();
        RasterPainter.paint(page.drawing(), screen, Affine.scale(scale, scale));
        return screen;
    }
}
