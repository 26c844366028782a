package honeylamp.output;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.demo.place.SailclothYard;
import honeylamp.edit.Deletion;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Affine;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.output.ScreenPainter.Scene;
import honeylamp.plan.ElementId;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.sheet.ComposedPage;
import honeylamp.sheet.SheetComposer;
import honeylamp.units.Length;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What is kept of a picture must never show: every picture is compared with one that is painted whole. */
class KeptPictureTest {
    /** Of 255: curves are cut into lines a little otherwise where a part begins. */
    private static final int UNSEEN = 4;

    private static final int WIDTH = 640;
    private static final int HEIGHT = 420;
    private static final BooleanSupplier WANTED = () -> true;

    private final Plan demo = SailclothYard.plan();
    private final PaperFrame frame = SheetComposer.frame(
            TestPlans.page(demo), TestPlans.page(demo).views().getFirst().view().id());
    private final KeptPicture kept = new KeptPicture();

    private ComposedPage page(Plan plan, Lamp lamp) {
        var page = TestPlans.page(plan);
        return SheetComposer.compose(
                page, page.views().getFirst().view().id(), frame, lamp, Illustration.SCREEN_SHADE_PX_PER_MM);
    }

    private static Scene scene(ComposedPage page, double scale, double x, double y) {
        return new Scene(
                page,
                0xFFD9CFBF,
                List.of(),
                List.of(),
                Affine.scale(scale, scale).then(Affine.move(x, y)),
                WIDTH,
                HEIGHT);
    }

    private BufferedImage painted(Scene scene) {
        return kept.paint(scene, WANTED, _ -> {}).orElseThrow();
    }

    private static int[] pixels(BufferedImage image) {
        return image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
    }

    private void assertAsIfPaintedWhole(Scene scene, String what) {
        var got = pixels(painted(scene));
        var whole = pixels(ScreenPainter.paint(scene));
        assertThat(farthest(got, whole)).as(what).isLessThanOrEqualTo(UNSEEN);
    }

    /** The largest difference of any channel of any pixel. */
    private static int farthest(int[] got, int[] expected) {
        var most = 0;
        for (var i = 0; i < got.length; i++) {
            for (var shift = 0; shift < 32; shift += 8) {
                most = Math.max(most, Math.abs((got[i] >> shift & 0xff) - (expected[i] >> shift & 0xff)));
            }
        }
        return most;
    }

    private Stream<Plan> edits() {
        var storey = demo.storeys().getFirst();
        var out = new ArrayList<Plan>();
        var sofa = storey.furnishings().getFirst().id();
        out.add(FurnishingEdits.move(demo, storey.id(), List.of(sofa), Length.ofMm(210), Length.ofMm(-90)));
        out.add(FurnishingEdits.turnBy(out.getLast(), storey.id(), List.of(sofa), 30));
        var inner = storey.walls().getLast().id();
        out.add(WallEdits.moveWall(out.getLast(), storey.id(), inner, Length.ofMm(130), Length.ofMm(70))
                .orThrow());
        var room = TestPlans.geometry(out.getLast()).rooms().getFirst();
        out.add(RoomEdits.name(out.getLast(), storey.id(), room, "A longer name"));
        out.add(deleted(out.getLast(), storey, storey.openings().getFirst().id()));
        out.add(deleted(out.getLast(), storey, sofa));
        out.add(deleted(out.getLast(), storey, inner));
        out.add(demo);
        return out.stream();
    }

    private static Plan deleted(Plan plan, Storey storey, ElementId id) {
        return Deletion.of(plan, storey.id(), Set.of(id));
    }

    @Test
    void everyEditPaintsWhatAWholeRepaintWould() {
        painted(scene(page(demo, Lamp.LIT), 2, -120, -90));
        var count = new int[1];
        edits().forEach(plan ->
                assertAsIfPaintedWhole(scene(page(plan, Lamp.LIT), 2, -120, -90), "edit " + count[0]++));
    }

    @Test
    void whatComesIntoSightWhenTheViewIsMovedIsPainted() {
        var page = page(demo, Lamp.LIT);
        var random = new Random(5);
        var x = -100;
        var y = -80;
        painted(scene(page, 1.7, x, y));
        for (var i = 0; i < 12; i++) {
            x += random.nextInt(-60, 60);
            y += random.nextInt(-60, 60);
            assertAsIfPaintedWhole(scene(page, 1.7, x, y), "moved to " + x + ", " + y);
        }
    }

    @Test
    void aNewScaleIsSharpInTheMiddleFirstAndWhollyInTheEnd() {
        var page = page(demo, Lamp.LIT);
        painted(scene(page, 2, -120, -90));
        var closer = scene(page, 2.6, -170, -140);
        var early = new ArrayList<BufferedImage>();
        var last = kept.paint(closer, WANTED, early::add).orElseThrow();
        var whole = pixels(ScreenPainter.paint(closer));
        assertThat(farthest(pixels(last), whole)).isLessThanOrEqualTo(UNSEEN);
        assertThat(early).hasSize(1);
        var first = pixels(early.getFirst());
        assertThat(first[HEIGHT / 2 * WIDTH + WIDTH / 2]).isEqualTo(whole[HEIGHT / 2 * WIDTH + WIDTH / 2]);
        assertThat(first).isNotEqualTo(whole);
    }

    @Test
    void aPictureThatIsNotWantedAnyMoreIsGivenUpAndTheNextIsRight() {
        var page = page(demo, Lamp.LIT);
        painted(scene(page, 2, -120, -90));
        assertThat(kept.paint(scene(page, 3, -120, -90), () -> false, _ -> {})).isEmpty();
        assertAsIfPaintedWhole(scene(page, 4, -300, -200), "the next");
    }

    @Test
    void theLampIsTurnedOffAndOn() {
        painted(scene(page(demo, Lamp.LIT), 2, -120, -90));
        assertAsIfPaintedWhole(scene(page(demo, Lamp.DRAFT), 2, -120, -90), "off");
        assertAsIfPaintedWhole(scene(page(demo, Lamp.LIT), 2, -120, -90), "on");
    }
}
