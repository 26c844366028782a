package honeylamp.bench;

import honeylamp.catalogue.NewPlan;
import honeylamp.derive.listing.Schedule.Subject;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.pointing.OpeningPlacing;
import honeylamp.derive.snags.SwingJudgement;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.takeoff.Takeoff;
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

/** What a pointer move costs while an opening is placed, and what schedules cost. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 4, time = 2)
@Fork(1)
public class OpeningBench {
    private static final double WIDE = 4000;
    private static final double DEEP = 3000;
    private static final double REACH_MM = 120;
    private static final int IN_EACH_WALL = 3;

    /** Rooms in the plan; 300 have about 2,000 openings. */
    @Param({"10", "300"})
    public int rooms;

    private Plan plan = NewPlan.in(UnitSystem.MM);
    private StoreyGeometry geometry = StoreyGeometry.of(plan, plan.storeys().getFirst());
    private StoreyId storey = plan.storeys().getFirst().id();
    private int step;

    /** Rooms in rows; three doors or windows in every wall but one. */
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
        var openings = new ArrayList<Opening>();
        for (var wall : walls.subList(1, walls.size())) {
            for (var k = 0; k < IN_EACH_WALL; k++) {
                openings.add(new Opening(
                        new OpeningId(10_000 + openings.size()),
                        k == 1 ? OpeningKind.DOOR : OpeningKind.FIXED_WINDOW,
                        wall.id(),
                        Length.ofMm(200 + 900 * k),
                        Length.ofMm(700),
                        Length.ofMm(k == 1 ? 0 : 900),
                        Length.ofMm(2010),
                        Hand.FIRST,
                        Swing.LEFT));
            }
        }
        plan = plan.numbersTaken(20_000)
                .withStorey(storey, s -> s.with(Wall.class, walls).with(Opening.class, openings));
        geometry = new GeometryCache().of(plan, plan.storeys().getFirst());
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

    /** The ghost under the pointer: its place, both distances, and what its leaf would meet. */
    @Benchmark
    public List<SwingJudgement.Conflict> placing() {
        step = (step + 37) % 2800;
        var wall = geometry.storey().walls().getFirst();
        var like = new Opening(
                new OpeningId(9),
                OpeningKind.DOOR,
                wall.id(),
                Length.ZERO,
                Length.ofMm(885),
                Length.ZERO,
                Length.ofMm(2010),
                Hand.FIRST,
                Swing.RIGHT);
        var spot = new OpeningPlacing(geometry, wall, like).at(step, REACH_MM);
        var cut = OpeningCut.in(plan, geometry.storey(), wall, spot.opening());
        return new SwingJudgement(geometry, plan).of(cut);
    }

    /** All three schedules, nothing derived yet but the storey. */
    @Benchmark
    public int schedules() {
        var cache = new GeometryCache();
        var laid = cache.laidOut(plan);
        var rows = laid.all().size();
        for (var subject : Subject.values()) {
            rows += Takeoff.of(laid, subject).rows().size();
        }
        return rows;
    }
}
