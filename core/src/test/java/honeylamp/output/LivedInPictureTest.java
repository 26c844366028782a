package honeylamp.output;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.ViewEdits;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.Plan;
import honeylamp.plan.Showing;
import honeylamp.sheet.ComposedPage;
import honeylamp.sheet.SheetComposer;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What lies about is seen, under no word, and is the same in a file opened again. */
class LivedInPictureTest {
    private static final double PX_PER_MM = 4;

    @TempDir
    private Path folder;

    private static Plan demo(double amount) {
        return ViewEdits.livedIn(SailclothYard.plan(), amount);
    }

    private static ComposedPage page(Plan plan, Lamp lamp) {
        return SheetComposer.compose(LaidPlan.of(plan).pages().getFirst(), lamp, 2);
    }

    private static int[] pixels(ComposedPage page) {
        var image = PagePixels.of(page, new Export.Png(PX_PER_MM * 25.4, Export.Backing.PAPER));
        return image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
    }

    private static long differing(int[] a, int[] b) {
        var out = 0L;
        for (var i = 0; i < a.length; i++) {
            out += a[i] == b[i] ? 0 : 1;
        }
        return out;
    }

    /** Around the middle of every word, as high as its letters and as wide as half of it, nothing has changed. */
    @Test
    void nothingLiesUnderAWord() {
        var bare = page(demo(0), Lamp.COLOUR);
        var full = page(demo(1), Lamp.COLOUR);
        var before = pixels(bare);
        var after = pixels(full);
        var wide = (int) Math.round(bare.widthMm() * PX_PER_MM);
        assertThat(before).hasSameSizeAs(after);
        assertThat(differing(before, after)).as("it is seen").isGreaterThan(before.length / 200);
        var words = bare.drawing().layers().stream()
                .filter(l -> l.kind() == LayerKind.LABELS)
                .flatMap(l -> Mark.words(l.marks()))
                .toList();
        assertThat(words).hasSizeGreaterThan(15);
        for (var word : words) {
            for (var across = -3.0; across <= 3; across += 0.25) {
                for (var up = 0.3; up <= 1.5; up += 0.25) {
                    var x = (int) ((word.at().x() + across) * PX_PER_MM);
                    var y = (int) ((word.at().y() - up) * PX_PER_MM);
                    assertThat(after[y * wide + x]).as(word.text()).isEqualTo(before[y * wide + x]);
                }
            }
        }
    }

    @Test
    void itIsTheSameBitForBitAndInAFileOpenedAgain() throws IOException {
        var plan = demo(0.6);
        var file = folder.resolve("lived.honeylamp");
        PlanFile.save(PlanDocument.of(plan), new byte[0], file);
        assertThat(PlanFile.open(file)).isInstanceOfSatisfying(PlanFile.Opened.Good.class, good -> {
            assertThat(good.document().plan().presentation().views().getFirst().livedIn())
                    .isEqualTo(0.6);
            assertThat(differing(
                            pixels(page(plan, Lamp.LIT)),
                            pixels(page(good.document().plan(), Lamp.LIT))))
                    .isZero();
        });
    }

    @Test
    void whileItIsDraftedAndWhereNoFurnitureIsSeenRoomsAreBare() {
        assertThat(pixels(page(demo(1), Lamp.DRAFT))).isEqualTo(pixels(page(demo(0), Lamp.DRAFT)));
        var hidden = List.of(demo(0), demo(1)).stream()
                .map(p -> ViewEdits.showing(p, Showing.Kind.FURNITURE, Showing.Degree.HIDDEN))
                .map(p -> pixels(page(p, Lamp.COLOUR)))
                .toList();
        assertThat(hidden.getFirst()).isEqualTo(hidden.getLast());
        assertThat(TestPlans.view(demo(1)).view().livedIn()).isEqualTo(1);
    }
}
