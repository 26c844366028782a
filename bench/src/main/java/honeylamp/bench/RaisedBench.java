package honeylamp.bench;

import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.raised.QuickPicture;
import honeylamp.illustrate.raised.RaisedArt;
import honeylamp.illustrate.raised.SurfacePictures;
import honeylamp.output.FacetPictures;
import honeylamp.plan.Raised;
import honeylamp.plan.Raised.Eye;
import honeylamp.plan.Raised.Rays;
import honeylamp.raised.Looking;
import honeylamp.raised.Scene;
import honeylamp.raised.SeenLines;
import honeylamp.raised.SeenParts;
import honeylamp.raised.SeenThings;
import honeylamp.raised.traced.LightMap;
import honeylamp.raised.traced.LightSources;
import honeylamp.raised.traced.LightSources.Rgb;
import honeylamp.raised.traced.LightSources.Sun;
import honeylamp.raised.traced.TracedLight;
import honeylamp.units.Length;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * A storey raised, of the demo and of 296 rooms: turned, its hidden lines and surfaces worked out; beside it the plain
 * buffer of what is nearest, and filling as many pixels.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 3, time = 3)
@Fork(1)
public class RaisedBench {
    private static final int LONGER_PX = 900;
    private static final int EYES = 36;
    private static final double SCALE = 75;

    @Param({"8", "296"})
    public int rooms;

    private final int[] pixels = new int[LONGER_PX * LONGER_PX * 2 / 3];
    private final PaperFrame frame = PaperFrame.atOrigin(SCALE);
    private List<LaidView> views = List.of();
    private List<QuickPicture> quick = List.of();
    private List<Scene> scenes = List.of();
    private SurfacePictures pictures = SurfacePictures.NONE;
    private int nth;

    @Setup
    public void build() {
        var plan = rooms == 8 ? SailclothYard.plan() : LargePlan.lit(0);
        var storey = plan.storeys().getFirst().id();
        var subject = new Raised.WholeStorey(storey, Length.ofMm(1200), new Eye(Rays.PARALLEL, 30, 36));
        var added =
                ViewEdits.raised(plan, plan.presentation().views().getFirst().id(), subject, "Raised");
        var id = added.plan().presentation().views().getLast().id();
        var view = LaidPlan.of(added.plan()).view(id);
        views = List.of(view);
        var seen = SeenThings.of(view);
        quick = List.of(QuickPicture.of(view, seen, frame));
        pictures = new FacetPictures().paint(view, seen.bodies(), () -> true);
        scenes = List.of(Looking.scene(view, subject, Looking.of(view, subject).orElseThrow()));
    }

    @Setup(Level.Invocation)
    public void next() {
        nth = (nth + 1) % EYES;
    }

    @Benchmark
    public int fillingBaseline() {
        Arrays.fill(pixels, nth);
        return pixels[nth];
    }

    @Benchmark
    public Scene.Nearest nearest() {
        Box box = scenes.getFirst().bounds().orElseThrow();
        return scenes.getFirst().nearest(box, LONGER_PX);
    }

    @Benchmark
    public List<Mark> turned() {
        var subject = (Raised) views.getFirst().view().subject();
        return quick.getFirst().from(subject.seenFrom(subject.eye().turnedBy(360.0 * nth / EYES)), pictures);
    }

    @Benchmark
    public List<SeenLines.SeenLine> lines() {
        return SeenLines.of(scenes.getFirst());
    }

    /** All that stands on the screen until surfaces are worked out: surfaces with patterns and shade, lines and words. */
    @Benchmark
    public Drawing rested() {
        var view = views.getFirst();
        return RaisedArt.of(view, (Raised) view.view().subject(), frame, Lamp.LIT, new Remembered(new Soon(pictures)));
    }

    /** Nothing is worked out that a picture can do without. */
    private record Soon(SurfacePictures pictures) implements Remembered.LongWork {
        @Override
        public <V> Optional<V> answer(Object question, Work<V> work) {
            return Optional.empty();
        }

        @Override
        public <V> Optional<V> later(Object question, Work<V> work, Supplier<V> atOnce) {
            return Optional.empty();
        }

        @Override
        public <T> Optional<T> tool(Class<T> kind) {
            SurfacePictures.Painted painted = _ -> pictures;
            return kind.isInstance(painted) ? Optional.of(kind.cast(painted)) : Optional.empty();
        }
    }

    /** One ray for each pixel of a picture 900 pixels wide, thrown on twice: a sixteenth of its soft light. */
    @Benchmark
    public LightMap softLight() {
        var scene = scenes.getFirst();
        var sky = new Rgb(0.7f, 0.7f, 0.8f);
        var sun = new Sun(new SpacePoint(-0.5, -0.5, Math.sqrt(0.5)), new Rgb(1.4f, 1.3f, 1.1f));
        var sources = new LightSources(sky, sky, Optional.of(sun), List.of(), 2);
        return new TracedLight(scene, (_, _) -> new Rgb(0.6f, 0.6f, 0.5f), sources)
                .map(LONGER_PX, scene.bounds().orElseThrow(), 1, _ -> {}, () -> true)
                .orElseThrow();
    }

    @Benchmark
    public List<SeenParts.Part> surfaces() {
        return SeenParts.of(scenes.getFirst());
    }
}
