package honeylamp.desktop.picture;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestWalls;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.desktop.workspace.Viewport;
import honeylamp.edit.StoreyEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.sheet.SheetComposer;
import honeylamp.units.Length;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Map;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

/** What is remembered of a page must not outlive what it shows. */
class PictureRendererTest {
    private static final int DARK = 120;

    /** An edge that is drawn in two parts may be rounded otherwise where they meet. */
    private static final int ROUNDING = 8;

    /** Dark pixels: a storey of walls has many, an empty one hardly any. */
    private static long dark(BufferedImage image) {
        var count = 0L;
        for (var y = 0; y < image.getHeight(); y++) {
            for (var x = 0; x < image.getWidth(); x++) {
                if ((image.getRGB(x, y) & 0xff) < DARK) {
                    count++;
                }
            }
        }
        return count;
    }

    @Test
    void anotherStoreyOfTheSamePlanIsAnotherPicture() throws Exception {
        var added = StoreyEdits.addOnTop(TestWalls.house(), "Loft");
        var painted = new LinkedBlockingQueue<PictureRenderer.Painted>();
        try (var renderer = new PictureRenderer(Runnable::run, painted::add)) {
            renderer.request(request(added.plan(), added.plan().storeys().getFirst()));
            var ground = painted.poll(20, TimeUnit.SECONDS);
            renderer.request(request(added.plan(), added.plan().storeys().getLast()));
            var loft = painted.poll(20, TimeUnit.SECONDS);
            assertThat(ground).isNotNull();
            assertThat(loft).isNotNull();
            assertThat(dark(ground.image())).isGreaterThan(1000);
            assertThat(dark(loft.image())).isLessThan(dark(ground.image()) / 10); // words of the title block
        }
    }

    /** Each lamp keeps a picture of its own; it must be that of the plan as it is now. */
    @Test
    void everyLampShowsThePlanAsItIsWhateverWasPaintedInItBefore() throws Exception {
        var before = TestWalls.house();
        var after = WallEdits.moveWall(
                        before,
                        before.storeys().getFirst().id(),
                        before.storeys().getFirst().walls().getLast().id(),
                        Length.ofMm(700),
                        Length.ZERO)
                .orThrow();
        var painted = new LinkedBlockingQueue<PictureRenderer.Painted>();
        try (var renderer = new PictureRenderer(Runnable::run, painted::add)) {
            for (var plan : List.of(before, after, before)) {
                for (var lamp : List.of(Lamp.LIT, Lamp.COLOUR, Lamp.DRAFT, Lamp.LIT)) {
                    var request = request(plan, plan.storeys().getFirst()).in(lamp);
                    renderer.request(request);
                    var picture = painted.poll(20, TimeUnit.SECONDS);
                    assertThat(picture).isNotNull();
                    assertThat(apart(picture.image(), afresh(request)))
                            .as(lamp.name())
                            .isLessThanOrEqualTo(ROUNDING);
                }
            }
        }
    }

    private static BufferedImage afresh(PictureRenderer.Request request) throws Exception {
        var painted = new LinkedBlockingQueue<PictureRenderer.Painted>();
        try (var renderer = new PictureRenderer(Runnable::run, painted::add)) {
            renderer.request(request);
            var picture = painted.poll(20, TimeUnit.SECONDS);
            assertThat(picture).isNotNull();
            return picture.image();
        }
    }

    /** The most one colour of a pixel differs, of 255. */
    private static int apart(BufferedImage one, BufferedImage other) {
        var most = 0;
        for (var y = 0; y < one.getHeight(); y++) {
            for (var x = 0; x < one.getWidth(); x++) {
                for (var shift = 0; shift < 24; shift += 8) {
                    var a = one.getRGB(x, y) >> shift & 0xff;
                    var b = other.getRGB(x, y) >> shift & 0xff;
                    most = Math.max(most, Math.abs(a - b));
                }
            }
        }
        return most;
    }

    private static PictureRenderer.Request request(Plan plan, Storey storey) {
        var laid = LaidPlan.of(plan);
        var page = laid.pageOf(ViewEdits.first(plan, storey.id()));
        return new PictureRenderer.Request(
                page,
                page.page().views().getFirst(),
                SheetComposer.frame(
                        laid.pages().getFirst(),
                        laid.pages().getFirst().page().views().getFirst()),
                Lamp.COLOUR,
                new Viewport(new Point(3000, 2000), 0.05),
                400,
                300,
                0xFFD9CFBF,
                List.of(),
                List.of(),
                Map.of());
    }
}
