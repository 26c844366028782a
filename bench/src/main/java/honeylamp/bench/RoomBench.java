package honeylamp.bench;

import honeylamp.catalogue.NewPlan;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.UnitSystem;
import java.util.List;
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

/** Joints, bodies and rooms of a hundred rooms, against the polygonizer alone on lines already split. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 4, time = 2)
@Fork(1)
public class RoomBench {
    private static final int ROWS = 10;

    private final Plan plan = grid();
    private final List<Segment> lines = StoreyGeometry.of(plan, plan.storeys().getFirst()).network().pieces().stream()
            .map(p -> p.line().chord())
            .toList();

    private static Plan grid() {
        var plan = NewPlan.in(UnitSystem.MM);
        var storey = plan.storeys().getFirst().id();
        var type = new WallTypeId(3);
        for (var i = 0; i <= ROWS; i++) {
            for (var j = 0; j < ROWS; j++) {
                var here = Position.ofMm(i * 3000, j * 3000);
                plan = WallEdits.add(plan, storey, here, Position.ofMm(i * 3000, (j + 1) * 3000), BodySide.CENTRE, type)
                        .orThrow()
                        .plan();
                var level = Position.ofMm(j * 3000, i * 3000);
                plan = WallEdits.add(
                                plan, storey, level, Position.ofMm((j + 1) * 3000, i * 3000), BodySide.CENTRE, type)
                        .orThrow()
                        .plan();
            }
        }
        return plan;
    }

    /** The plain operation. */
    @Benchmark
    public List<Outline> roomsBaseline() {
        return Regions.enclosed(lines);
    }

    /** Everything built that follows from the walls. */
    @Benchmark
    public StoreyGeometry rooms() {
        return StoreyGeometry.of(plan, plan.storeys().getFirst());
    }
}
