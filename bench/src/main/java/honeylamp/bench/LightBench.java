package honeylamp.bench;

import honeylamp.demo.place.Lamplit;
import honeylamp.derive.lighting.Lit;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.shade.LampLight;
import honeylamp.plan.Light.Evening;
import honeylamp.plan.LightingRules;
import honeylamp.takeoff.brightness.ActivityCheck;
import honeylamp.takeoff.brightness.LuxGrid;
import honeylamp.takeoff.lighting.FittingCheck;
import java.util.ArrayList;
import java.util.List;
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

/**
 * The flat of the demo with its 85 fittings: the light at points 100 mm apart, the evening picture at the size of the screen,
 * and what is checked; beside them a light that is added up at as many points with nothing in its way.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 4, time = 2)
@Fork(1)
public class LightBench {
    private static final int POINTS = 12_000;

    private List<LaidStorey> flat = List.of();

    @Setup
    public void build() {
        flat = LaidPlan.of(Lamplit.sailclothYard()).all();
    }

    private LaidStorey storey() {
        return flat.getFirst();
    }

    /** The plain operation: an inverse square and a power at 12,000 points for each of 55 lamps. */
    @Benchmark
    public double inverseSquares() {
        var sum = 0.0;
        for (var lamp = 0; lamp < 55; lamp++) {
            for (var i = 0; i < POINTS; i++) {
                var far = Math.sqrt(4 + i * 1e-3 + lamp);
                sum += Math.pow(2 / far, 4.8) / (far * far);
            }
        }
        return sum;
    }

    @Benchmark
    public List<LuxGrid> gridOf100mm() {
        return LuxGrid.of(storey(), LightingRules.USUAL, _ -> true, 100);
    }

    @Benchmark
    public Mark eveningPictureOnScreen() {
        return LampLight.of(
                storey().geometry(),
                PaperFrame.atOrigin(50),
                new LampLight.Asked(Evening.ALL, List.of(), LampLight.Outside.DUSK),
                List.of(),
                List.of(),
                Illustration.SCREEN_SHADE_PX_PER_MM);
    }

    @Benchmark
    public List<Snag> checked() {
        var out = new ArrayList<>(FittingCheck.of(storey()));
        out.addAll(ActivityCheck.of(storey()));
        return out;
    }

    @Benchmark
    public double aPointUnderAllLamps() {
        return Lit.of(storey().geometry(), _ -> true).level(new Point(3000, 3000), 850);
    }
}
