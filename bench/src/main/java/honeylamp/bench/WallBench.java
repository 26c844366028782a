package honeylamp.bench;

import honeylamp.catalogue.NewPlan;
import honeylamp.derive.pointing.Snapping;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snags;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.Neighbourhood;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** What a pointer move costs while walls are drawn or dragged, in plans of ten and of three hundred rooms. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 4, time = 2)
@Fork(1)
public class WallBench {
    private static final double WIDE = 4000;
    private static final double DEEP = 3000;
    private static final double REACH_MM = 120;

    /** Rooms in the plan. */
    @Param({"10", "300"})
    public int rooms;

    private Plan plan = NewPlan.in(UnitSystem.MM);
    private StoreyGeometry geometry = StoreyGeometry.of(plan, plan.storeys().getFirst());
    private StoreyId storey = plan.storeys().getFirst().id();
    private Position corner = Position.ORIGIN;
    private int step;

    /** Rooms in rows; two stubs in each, so that there are four walls a room. */
    @Setup
    public void build() {
        var columns = rooms == 10 ? 5 : 20;
        var rows = rooms / columns;
        var walls = new ArrayList<Wall>();
        for (var i = 0; i <= columns; i++) {
            for (var j = 0; j < rows; j++) {
                walls.add(wall(walls.size(), i * WIDE, j * DEEP, i * WIDE, (j + 1) * DEEP));
            }
        }
        for (var j = 0; j <= rows; j++) {
            for (var i = 0; i < columns; i++) {
                walls.add(wall(walls.size(), i * WIDE, j * DEEP, (i + 1) * WIDE, j * DEEP));
            }
        }
        for (var i = 0; i < columns; i++) {
            for (var j = 0; j < rows; j++) {
                walls.add(wall(walls.size(), i * WIDE + 3000, j * DEEP, i * WIDE + 3000, j * DEEP + 800));
                walls.add(wall(walls.size(), i * WIDE, j * DEEP + 2000, i * WIDE + 700, j * DEEP + 2000));
            }
        }
        plan = plan.numbersTaken(walls.size() + 100).withStorey(storey, s -> s.with(Wall.class, walls));
        geometry = new GeometryCache().of(plan, plan.storeys().getFirst());
        corner = Position.ofMm(2 * WIDE, DEEP);
    }

    private static Wall wall(int index, double x0, double y0, double x1, double y1) {
        return new Wall(
                new WallId(100 + index),
                Position.ofMm(x0, y0),
                Position.ofMm(x1, y1),
                BodySide.CENTRE,
                new WallTypeId(3),
                Length.ofMm(2600));
    }

    /** What the pointer catches. */
    @Benchmark
    public List<Snapping.Snap> caught() {
        step = (step + 37) % 2000;
        return Snapping.all(geometry, List.of(new Point(6000, 1000)), new Point(6000 + step, 3040), REACH_MM);
    }

    /** A wall under way: its joints and the rooms beside it. */
    @Benchmark
    public Neighbourhood drawing() {
        step = (step + 37) % 900;
        var drawn = WallEdits.add(
                        plan,
                        storey,
                        Position.ofMm(5000, 0),
                        Position.ofMm(5000, 2000 + step),
                        BodySide.CENTRE,
                        new WallTypeId(3))
                .orThrow();
        return Neighbourhood.of(geometry, drawn.plan(), drawn.plan().storey(storey));
    }

    /** A corner under the pointer: the edit, its joints and the rooms beside it. */
    @Benchmark
    public Neighbourhood dragging() {
        step = (step + 37) % 400;
        var moved = WallEdits.moveCorner(
                        plan, storey, corner, corner.moved(Length.ofMm(step - 200), Length.ofMm(step / 2.0)))
                .orThrow();
        return Neighbourhood.of(geometry, moved, moved.storey(storey));
    }

    /** After the button goes up: everything anew. */
    @Benchmark
    public StoreyGeometry whole() {
        return StoreyGeometry.of(plan, plan.storeys().getFirst());
    }

    @Benchmark
    public List<Snag> snags() {
        return Snags.of(geometry, plan);
    }
}
