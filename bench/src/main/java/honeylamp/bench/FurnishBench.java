package honeylamp.bench;

import honeylamp.catalogue.NewPlan;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Mark;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.WallEdits;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.sketch.FitSketch;
import honeylamp.illustrate.sketch.Samples;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall.BodySide;
import honeylamp.takeoff.way.Ways;
import honeylamp.units.Length;
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
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** What a pointer move costs while a piece is dragged among 3,000 in 300 rooms, the ways through them, and all small pictures. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 4, time = 2)
@Fork(1)
public class FurnishBench {
    private static final int ACROSS = 20;
    private static final int UP = 15;
    private static final int PIECES = 10;
    private static final double WIDE = 4000;
    private static final double DEEP = 5000;
    private static final double DOOR = 900;
    private static final double PEN = 0.2;

    private Plan plan = NewPlan.in(UnitSystem.MM);
    private LaidStorey storey = LaidPlan.of(plan).all().getFirst();
    private int step;

    /** Rooms in rows, a door in every wall across, one from outside, ten pieces in each. */
    @Setup
    public void build() {
        var drawn = NewPlan.in(UnitSystem.MM);
        var at = drawn.storeys().getFirst().id();
        for (var row = 0; row <= UP; row++) {
            drawn = wall(drawn, at, 0, row * DEEP, ACROSS * WIDE, row * DEEP);
        }
        for (var column = 0; column <= ACROSS; column++) {
            drawn = wall(drawn, at, column * WIDE, 0, column * WIDE, UP * DEEP);
        }
        var walls = drawn.storeys().getFirst().walls();
        for (var i = 0; i < walls.size(); i++) {
            var isAcross = i <= UP;
            for (var k = 0; k < (isAcross ? ACROSS : UP); k++) {
                var length = isAcross ? WIDE : DEEP;
                var kind = i == 0 && k == 0 ? OpeningKind.OUTER_DOOR : OpeningKind.PLAIN;
                if (i != 0 && i != UP && i != UP + 1 && i != walls.size() - 1 || kind == OpeningKind.OUTER_DOOR) {
                    drawn = OpeningEdits.add(
                                    drawn,
                                    at,
                                    kind,
                                    walls.get(i).id(),
                                    Length.ofMm(k * length + length / 2 - DOOR / 2),
                                    Length.ofMm(DOOR),
                                    Hand.FIRST,
                                    Swing.LEFT)
                            .plan();
                }
            }
        }
        for (var room = 0; room < ACROSS * UP; room++) {
            for (var i = 0; i < PIECES; i++) {
                var x = room % ACROSS * WIDE + 700 + i % 5 * 650;
                var y = room / ACROSS * DEEP + (i < 5 ? 700 : 4300);
                drawn = FurnishingEdits.add(
                                drawn,
                                at,
                                "armchair",
                                Length.ofMm(500),
                                Length.ofMm(500),
                                Length.ofMm(800),
                                Position.ofMm(x, y),
                                0)
                        .plan();
            }
        }
        plan = drawn;
        storey = LaidPlan.of(plan).all().getFirst();
    }

    private static Plan wall(Plan plan, StoreyId storey, double x0, double y0, double x1, double y1) {
        return WallEdits.add(
                        plan,
                        storey,
                        Position.ofMm(x0, y0),
                        Position.ofMm(x1, y1),
                        BodySide.CENTRE,
                        plan.wallTypes().getLast().id())
                .orThrow()
                .plan();
    }

    /** The distances around a piece and the room it needs, at one place of a drag. */
    @Benchmark
    public List<Mark> fitWhileDragged() {
        var piece = plan.storeys().getFirst().furnishings().get(ACROSS * UP * PIECES / 2);
        step = (step + 37) % 900;
        var there = piece.withAt(piece.at().moved(Length.ofMm(step), Length.ofMm(step)));
        return FitSketch.marks(PaperFrame.atOrigin(50), storey.geometry(), there, plan, PEN);
    }

    /** The ways from the entrance to all 300 rooms. */
    @Benchmark
    public Ways ways() {
        return Ways.of(storey);
    }

    /** The small pictures of all kinds, as marks. */
    @Benchmark
    public List<Drawing> samplesOfAllKinds() {
        return Furnishings.all().stream().map(Samples::of).toList();
    }
}
