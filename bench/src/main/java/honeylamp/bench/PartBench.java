package honeylamp.bench;

import honeylamp.catalogue.NewPlan;
import honeylamp.catalogue.PartKinds;
import honeylamp.derive.pointing.TouchingWalls;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Mark;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.UnitEdits;
import honeylamp.edit.WallEdits;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.sketch.PartSketches;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.StructureId;
import honeylamp.plan.Finish;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Sense;
import honeylamp.plan.Structure;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
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

/** What a pointer move costs while a stair is placed, and what copies of units cost; ten rooms, thirty times. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 4, time = 2)
@Fork(1)
public class PartBench {
    private static final int ROOMS = 10;
    private static final int COPIES = 29;
    private static final double WIDE = 4000;
    private static final double DEEP = 5000;

    private final GeometryCache cache = new GeometryCache();
    private Plan plan = NewPlan.in(UnitSystem.MM);
    private StoreyGeometry laid = StoreyGeometry.of(plan, plan.storeys().getFirst());
    private int step;

    /** A row of ten rooms with a chair, a unit, and its copies in rows above it. */
    @Setup
    public void build() {
        var drawn = NewPlan.in(UnitSystem.MM);
        var storey = drawn.storeys().getFirst().id();
        drawn = wall(drawn, storey, 0, 0, ROOMS * WIDE, 0);
        drawn = wall(drawn, storey, 0, DEEP, ROOMS * WIDE, DEEP);
        Set<RoomId> rooms = new HashSet<>();
        for (var i = 0; i <= ROOMS; i++) {
            drawn = wall(drawn, storey, i * WIDE, 0, i * WIDE, DEEP);
        }
        for (var i = 0; i < ROOMS; i++) {
            var at = Position.ofMm((i + 0.5) * WIDE, DEEP / 2);
            var marked = RoomEdits.mark(drawn, storey, at, "Room " + i, Finish.of("wide-plank-oak"));
            rooms.add(marked.id());
            drawn = marked.plan();
        }
        drawn = FurnishingEdits.add(
                        drawn,
                        storey,
                        "armchair",
                        Length.ofMm(850),
                        Length.ofMm(850),
                        Length.ofMm(800),
                        Position.ofMm(1500, 1500),
                        0)
                .plan();
        var unit = UnitEdits.make(drawn, cache.of(drawn, drawn.storeys().getFirst()), rooms, "Row")
                .orThrow();
        var all = unit.plan();
        for (var i = 1; i <= COPIES; i++) {
            var at = Position.ofMm(ROOMS * WIDE / 2, DEEP / 2 + i * (DEEP + 2000));
            all = UnitEdits.place(all, unit.id(), storey, at, 0, i % 2 == 0 ? Sense.AS_DRAWN : Sense.MIRRORED)
                    .plan();
        }
        plan = all;
        var whole = cache.laidOut(plan);
        laid = whole.all().getFirst().geometry();
    }

    private static Plan wall(Plan plan, StoreyId storey, double x0, double y0, double x1, double y1) {
        return WallEdits.add(
                        plan,
                        storey,
                        Position.ofMm(x0, y0),
                        Position.ofMm(x1, y1),
                        BodySide.CENTRE,
                        plan.wallTypes().getFirst().id())
                .orThrow()
                .plan();
    }

    /** The ghost of a winder stair: the walls it catches, its steps, the marks. */
    @Benchmark
    public List<Mark> placingAStair() {
        step = (step + 37) % 2000;
        var storey = laid.storey();
        var form = PartKinds.usual(PartKinds.of("stair-winder").orElseThrow(), plan, storey.id());
        var part = new Structure(new StructureId(900_000), form, Position.ofMm(1000 + step, 2500), 90);
        var at = TouchingWalls.shift(laid, part, 120)
                .map(by -> part.at().point().plus(by))
                .orElse(part.at().point());
        return PartSketches.part(PaperFrame.atOrigin(50), plan, storey, part.withAt(Position.of(at)), 0.2);
    }

    /** A chair of the unit moves: all copies are laid out anew, their walls are known. */
    @Benchmark
    public int movingAChairInAllCopies() {
        step = (step + 37) % 2000;
        var storey = plan.storeys().getFirst();
        var chair = storey.furnishings().getFirst();
        var moved = FurnishingEdits.moveTo(plan, storey.id(), chair.id(), Position.ofMm(1000 + step, 1500));
        return cache.laidOut(moved).all().getFirst().geometry().rooms().size();
    }

    /** A wall of the unit moves: everything is joined anew. */
    @Benchmark
    public int movingAWallInAllCopies() {
        step = (step + 37) % 2000;
        var storey = plan.storeys().getFirst();
        var wall = storey.walls().get(4);
        var moved = WallEdits.moveWall(plan, storey.id(), wall.id(), Length.ofMm(step / 10.0), Length.ZERO)
                .orThrow();
        return cache.laidOut(moved).all().getFirst().geometry().rooms().size();
    }
}
