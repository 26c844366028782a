package honeylamp.bench;

import honeylamp.derive.listing.GroupsElsewhere;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.drawing.Mark;
import honeylamp.edit.FittingEdits;
import honeylamp.illustrate.fitting.FittingArt;
import honeylamp.illustrate.fitting.LaidLinks;
import honeylamp.illustrate.fitting.LinkArt;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Fitting;
import honeylamp.takeoff.brightness.CheckedActivities;
import honeylamp.takeoff.lighting.FittingCheck;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * What is drawn and checked of 296 rooms with 1,500 lights, switches and sockets after one of them has changed; beside it a
 * plain walk over as many places.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 3)
@Measurement(iterations = 4, time = 3)
@Fork(1)
public class LargeLightBench {
    private static final int POINTS = 1_500;
    private static final int EDITS = 40;
    private static final double SCALE = 50;

    private final List<LaidStorey> edited = new ArrayList<>();
    private final PaperFrame frame = PaperFrame.atOrigin(SCALE);
    private final Pens pens = Pens.usual(SCALE);
    private LaidLinks before = LaidLinks.NONE;
    private Optional<CheckedActivities> known = Optional.empty();
    private int nth;

    @Setup
    public void build() {
        var plan = LargePlan.lit(POINTS);
        var storey = plan.storeys().getFirst();
        var geometries = new GeometryCache();
        var laid = LaidPlan.of(plan).derivedBy(geometries).on(storey.id());
        known = Optional.of(CheckedActivities.of(laid, Optional.empty()));
        before = new LinkArt(frame, pens)
                .links(laid.geometry(), List.of(), LaidLinks.NONE)
                .laid();
        var fittings = storey.fittings();
        for (var i = 0; i < EDITS; i++) {
            var one = fittings.get(17 * i % fittings.size());
            var changed =
                    FittingEdits.change(plan, storey.id(), one.id(), f -> f.withGroups(List.of(Fitting.MOST_NUMBER)));
            edited.add(LaidPlan.of(changed).derivedBy(geometries).on(storey.id()));
            edited.getLast().geometry();
        }
    }

    @Setup(Level.Invocation)
    public void next() {
        nth = (nth + 1) % EDITS;
    }

    private LaidStorey storey() {
        return edited.get(nth);
    }

    /** The plain operation: where each fitting is. */
    @Benchmark
    public List<FittingPlaces.Placed> placesBaseline() {
        return FittingPlaces.on(storey().geometry());
    }

    @Benchmark
    public List<Mark> marks() {
        var art = new FittingArt(frame, pens);
        var placed = FittingPlaces.on(storey().geometry());
        var out = new ArrayList<>(art.symbols(placed));
        out.addAll(art.numbers(placed, _ -> "", new GroupsElsewhere(Map.of())));
        return out;
    }

    @Benchmark
    public LinkArt.Linked links() {
        return new LinkArt(frame, pens).links(storey().geometry(), List.of(), before);
    }

    @Benchmark
    public List<Snag> checkedSwitchesAndSockets() {
        return FittingCheck.of(storey());
    }

    @Benchmark
    public CheckedActivities checkedActivities() {
        return CheckedActivities.of(storey(), known);
    }

    @Benchmark
    public CheckedActivities checkedActivitiesAnew() {
        return CheckedActivities.of(storey(), Optional.empty());
    }
}
