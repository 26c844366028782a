package honeylamp.bench;

import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.drawing.Remembered;
import honeylamp.edit.FurnishingEdits;
import honeylamp.geometry.Affine;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.output.KeptPicture;
import honeylamp.output.ScreenPainter;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Plan;
import honeylamp.sheet.SheetComposer;
import honeylamp.units.Length;
import java.awt.TexturePaint;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
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

/**
 * A furnished plan of 300 rooms on screen: how soon the new picture is there after an edit, and after the lamp was
 * turned, against filling the same pixels with a texture. Each lamp keeps its own picture, as in the window.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 3)
@Measurement(iterations = 4, time = 3)
@Fork(1)
public class LargePictureBench {
    private static final int WIDTH = 1280;
    private static final int HEIGHT = 800;
    private static final int DESK = 0xFFD9CFBF;
    private static final int PIECE = 12;

    private final GeometryCache geometry = new GeometryCache();
    private final Plan plan = LargePlan.made();
    private final LaidPage laid = laid(plan);
    private final LaidPage moved = laid(withPieceMoved());
    private final PaperFrame frame = SheetComposer.frame(laid, worked());
    private final Map<Lamp, KeptPicture> pictures = new EnumMap<>(Lamp.class);
    private final Map<Lamp, Remembered> remembered = new EnumMap<>(Lamp.class);
    private final BufferedImage screen = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_ARGB_PRE);
    private final BufferedImage tile = new BufferedImage(256, 256, BufferedImage.TYPE_INT_ARGB_PRE);
    private int turn;

    private Plan withPieceMoved() {
        var storey = plan.storeys().getFirst();
        var piece = storey.furnishings().get(PIECE).id();
        return FurnishingEdits.move(plan, storey.id(), List.of(piece), Length.ofMm(210), Length.ofMm(-90));
    }

    private LaidPage laid(Plan of) {
        return geometry.laidOut(of).pages().getFirst();
    }

    private ViewId worked() {
        return laid.views().getFirst().view().id();
    }

    private BufferedImage shown(LaidPage of, Lamp lamp) {
        var page = SheetComposer.compose(
                of,
                worked(),
                frame,
                lamp,
                Illustration.SCREEN_SHADE_PX_PER_MM,
                remembered.computeIfAbsent(lamp, _ -> new Remembered()));
        var scale = WIDTH / page.widthMm();
        var scene =
                new ScreenPainter.Scene(page, DESK, List.of(), List.of(), Affine.scale(scale, scale), WIDTH, HEIGHT);
        return pictures.computeIfAbsent(lamp, _ -> new KeptPicture())
                .paint(scene, () -> true, _ -> {})
                .orElseThrow();
    }

    private LaidPage next() {
        return turn++ % 2 == 0 ? moved : laid;
    }

    /** The plain operation. */
    @Benchmark
    public BufferedImage largeBaseline() {
        var g = screen.createGraphics();
        g.setPaint(new TexturePaint(tile, new Rectangle2D.Double(0, 0, 256, 256)));
        g.fillRect(0, 0, screen.getWidth(), screen.getHeight());
        g.dispose();
        return screen;
    }

    /** A piece moves, or an edit is undone: composed and painted, with shade. */
    @Benchmark
    public BufferedImage largeEditLit() {
        return shown(next(), Lamp.LIT);
    }

    /** The same without shade. */
    @Benchmark
    public BufferedImage largeEditColour() {
        return shown(next(), Lamp.COLOUR);
    }

    /** An edit in one lamp, then the other lamp: both pictures. */
    @Benchmark
    public BufferedImage largeEditAndLamp() {
        var page = next();
        shown(page, Lamp.COLOUR);
        return shown(page, Lamp.LIT);
    }
}
