package honeylamp.output;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.catalogue.Looks;
import honeylamp.demo.place.SailclothYard;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.ViewEdits;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.output.Export.Backing;
import honeylamp.sheet.SheetComposer;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The key of a sheet in ink: samples show the joints that are all there is of a floor. */
class SamplesInInkTest {
    private static final double DPI = 300;
    private static final double PX_PER_MM = DPI / 25.4;

    /** To the left of its name, within the frame of the sample: white paper is at 255, a joint well below it. */
    @ParameterizedTest
    @ValueSource(strings = {"Herringbone, oak", "Wide plank, oak", "Hexagon tile, pale", "Square tile, pale"})
    void theJointsOfASampleAreSeen(String name) {
        var plan = ViewEdits.look(SailclothYard.plan(), _ -> Looks.INK);
        var page = SheetComposer.compose(TestPlans.page(plan), Lamp.LIT, 1);
        var words = Mark.words(page.drawing().layers().stream()
                        .filter(layer -> layer.kind() == LayerKind.SHEET)
                        .flatMap(layer -> layer.marks().stream())
                        .toList())
                .filter(text -> text.text().equals(name))
                .findFirst()
                .orElseThrow();
        var image = PagePixels.of(page, new Export.Png(DPI, Backing.PAPER));
        var darkest = 255;
        for (var y = words.at().y() - 2.4; y < words.at().y() + 0.3; y += 0.5 / PX_PER_MM) {
            for (var x = words.start().x() - 8; x < words.start().x() - 4; x += 0.5 / PX_PER_MM) {
                darkest = Math.min(darkest, image.getRGB((int) (x * PX_PER_MM), (int) (y * PX_PER_MM)) & 0xff);
            }
        }
        assertThat(darkest).as("a seventh darker than paper").isLessThan(220);
    }
}
