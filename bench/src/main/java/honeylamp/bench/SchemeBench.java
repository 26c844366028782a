package honeylamp.bench;

import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.SchemeEdits;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Plan;
import honeylamp.plan.Schemes;
import honeylamp.units.Length;
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

/** What moving a piece costs while a scheme is laid open, beside the same in a plan without schemes; 296 rooms. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 4, time = 1)
@Fork(1)
public class SchemeBench {
    private Plan plain = LargePlan.made();
    private Plan open = plain;
    private StoreyId storey = plain.storeys().getFirst().id();
    private List<FurnishingId> pieces = List.of();
    private int step;

    /** A scheme in which fifty pieces stand elsewhere. */
    @Setup
    public void build() {
        pieces = plain.storeys().getFirst().furnishings().stream()
                .map(f -> f.id())
                .limit(50)
                .toList();
        open = SchemeEdits.add(plain, "A", Optional.empty()).orThrow();
        for (var piece : pieces) {
            open = moved(open, piece, 100);
        }
    }

    private Plan moved(Plan plan, FurnishingId piece, double byMm) {
        return FurnishingEdits.move(plan, storey, List.of(piece), Length.ofMm(byMm), Length.ZERO);
    }

    @Benchmark
    public Plan moveBaseline() {
        return moved(plain, pieces.get(step++ % pieces.size()), step % 7);
    }

    @Benchmark
    public Plan moveInScheme() {
        return moved(open, pieces.get(step++ % pieces.size()), step % 7);
    }

    @Benchmark
    public Plan layOpen() {
        return open.opening(Schemes.AS_DRAWN);
    }
}
