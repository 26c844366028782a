package honeylamp.bench;

import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.LayerKind;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.PaperFrame;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Corner and cast shade of the demo for A3 at 300 dpi, against copying such a picture. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 4, time = 2)
@Fork(1)
public class ShadeBench {
    private static final int A3_PIXELS = 4961 * 3508;

    private final LaidView view =
            LaidPlan.of(SailclothYard.plan()).pages().getFirst().views().getFirst();
    private final int[] from = new int[A3_PIXELS];
    private final int[] to = new int[A3_PIXELS];

    /** The plain operation. */
    @Benchmark
    public int[] shadeBaseline() {
        System.arraycopy(from, 0, to, 0, A3_PIXELS);
        return to;
    }

    /** The marks of shade: one grey picture at a quarter of 300 dpi, and the vector shadows. */
    @Benchmark
    public Drawing shade() {
        return Illustration.shadeOnly(view, PaperFrame.atOrigin(50), Illustration.PRINT_SHADE_PX_PER_MM);
    }

    /** The same at screen resolution, as after an edit. */
    @Benchmark
    public Drawing shadeOnScreen() {
        return Illustration.shadeOnly(view, PaperFrame.atOrigin(50), Illustration.SCREEN_SHADE_PX_PER_MM)
                .only(k -> k != LayerKind.PAPER);
    }
}
