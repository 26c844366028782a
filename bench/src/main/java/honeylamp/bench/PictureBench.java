package honeylamp.bench;

import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.drawing.Remembered;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Affine;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.output.KeptPicture;
import honeylamp.output.RasterPainter;
import honeylamp.output.ScreenPainter;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Plan;
import honeylamp.sheet.ComposedPage;
import honeylamp.sheet.SheetComposer;
import honeylamp.units.Length;
import java.awt.TexturePaint;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.function.UnaryOperator;
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

/** The demo painted at screen size, against filling the same pixels with a texture. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 4, time = 2)
@Fork(1)
public class PictureBench {
    private static final int WIDTH = 1280;
    private static final int HEIGHT = 800;
    private static final int DESK = 0xFFD9CFBF;
    private static final int PAN_PX = 12;

    /** An inner wall of 4 m between two rooms. */
    private static final int WALL = 13;

    private static final int PIECE = 25;

    private final GeometryCache geometry = new GeometryCache();
    private final LaidPage laid = geometry.laidOut(SailclothYard.plan()).pages().getFirst();
    private final PaperFrame frame = SheetComposer.frame(laid, worked(laid));
    private final BufferedImage screen = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_ARGB_PRE);
    private final BufferedImage tile = new BufferedImage(256, 256, BufferedImage.TYPE_INT_ARGB_PRE);
    private final LaidPage pieceMoved = edited(PictureBench::withPieceMoved);
    private final LaidPage wallMoved = edited(PictureBench::withWallMoved);
    private final Remembered remembered = new Remembered();
    private final KeptPicture kept = new KeptPicture();
    private ComposedPage page = composed(laid, Lamp.LIT);
    private ComposedPage pagePieceMoved = composed(pieceMoved, Lamp.LIT);
    private ComposedPage pageWallMoved = composed(wallMoved, Lamp.LIT);
    private int turn;

    private static ViewId worked(LaidPage page) {
        return page.views().getFirst().view().id();
    }

    private LaidPage edited(UnaryOperator<Plan> edit) {
        var page = geometry.laidOut(edit.apply(SailclothYard.plan())).pages().getFirst();
        page.views().getFirst().storey().geometry();
        return page;
    }

    private static Plan withPieceMoved(Plan plan) {
        var storey = plan.storeys().getFirst();
        var piece = storey.furnishings().get(PIECE).id();
        return FurnishingEdits.move(plan, storey.id(), List.of(piece), Length.ofMm(210), Length.ofMm(-90));
    }

    private static Plan withWallMoved(Plan plan) {
        var storey = plan.storeys().getFirst();
        var wall = storey.walls().get(WALL).id();
        return WallEdits.moveWall(plan, storey.id(), wall, Length.ofMm(130), Length.ofMm(70))
                .orThrow();
    }

    private ComposedPage composed(LaidPage of, Lamp lamp) {
        return SheetComposer.compose(of, worked(of), frame, lamp, Illustration.SCREEN_SHADE_PX_PER_MM, remembered);
    }

    private BufferedImage kept(ComposedPage of, double zoom, double x) {
        var scale = zoom * WIDTH / of.widthMm();
        var toPixels = Affine.scale(scale, scale).then(Affine.move(x, 0));
        var scene = new ScreenPainter.Scene(of, DESK, List.of(), List.of(), toPixels, WIDTH, HEIGHT);
        return kept.paint(scene, () -> true, _ -> {}).orElseThrow();
    }

    private LaidPage either(LaidPage other) {
        return turn++ % 2 == 0 ? laid : other;
    }

    /** Composes the pages: painting is measured with warm caches. */
    @Setup
    public void compose() {
        page = composed(laid, Lamp.LIT);
        pagePieceMoved = composed(pieceMoved, Lamp.LIT);
        pageWallMoved = composed(wallMoved, Lamp.LIT);
    }

    /** The plain operation. */
    @Benchmark
    public BufferedImage repaintBaseline() {
        var g = screen.createGraphics();
        g.setPaint(new TexturePaint(tile, new Rectangle2D.Double(0, 0, 256, 256)));
        g.fillRect(0, 0, screen.getWidth(), screen.getHeight());
        g.dispose();
        return screen;
    }

    /** The whole lit page. */
    @Benchmark
    public BufferedImage repaint() {
        var scale = screen.getWidth() / page.widthMm();
        RasterPainter.paint(page.drawing(), screen, Affine.scale(scale, scale));
        return screen;
    }

    /** One piece moves, with its shade; the page is composed. */
    @Benchmark
    public BufferedImage repaintPiece() {
        return kept(turn++ % 2 == 0 ? page : pagePieceMoved, 1, 0);
    }

    /** One wall moves, with its shade; the page is composed. */
    @Benchmark
    public BufferedImage repaintWall() {
        return kept(turn++ % 2 == 0 ? page : pageWallMoved, 1, 0);
    }

    /** The view is moved a little. */
    @Benchmark
    public BufferedImage repaintPan() {
        return kept(page, 1, turn++ % 2 * PAN_PX);
    }

    /** The view is zoomed: from the old picture to one wholly sharp. */
    @Benchmark
    public BufferedImage repaintZoom() {
        return kept(page, turn++ % 2 == 0 ? 1 : 1.1, 0);
    }

    /** The page is composed after a piece moved, shade and all. */
    @Benchmark
    public ComposedPage repaintComposeLit() {
        return composed(either(pieceMoved), Lamp.LIT);
    }

    /** The same without shade. */
    @Benchmark
    public ComposedPage repaintComposeColour() {
        return composed(either(pieceMoved), Lamp.COLOUR);
    }

    /** The page is composed after a wall moved, shade and all. */
    @Benchmark
    public ComposedPage repaintComposeWall() {
        return composed(either(wallMoved), Lamp.LIT);
    }
}
