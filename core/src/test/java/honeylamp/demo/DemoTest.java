package honeylamp.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.output.Progress;
import honeylamp.plan.Plan;
import honeylamp.store.PictureImport;
import honeylamp.store.PlanFile;
import java.io.ByteArrayInputStream;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DemoTest {
    @TempDir
    private Path folder;

    @Test
    void theDemoOpensAndItsSheetLiesTrueBelowIt() throws Exception {
        DemoFiles.write(folder);
        var opened = PlanFile.open(folder.resolve(DemoFiles.PLAN));
        assertThat(opened).isInstanceOf(PlanFile.Opened.Good.class);
        var plan = ((PlanFile.Opened.Good) opened).document().plan();
        var underlay = plan.storeys().getFirst().underlays().getFirst();
        var known = underlay.knownLengths().getFirst();
        // both marks lie where the building's outer corners are
        assertThat(underlay.plan(known.firstPx()).length()).isLessThan(0.5);
        assertThat(underlay.plan(known.secondPx()).x()).isCloseTo(13_000, within(0.5));
    }

    @Test
    void theSheetIsTheSameFromTheSameSeed() throws Exception {
        var first = DemoFiles.sheet(SailclothYard.plan());
        assertThat(DemoFiles.sheet(SailclothYard.plan())).isEqualTo(first);
        assertThat(PictureImport.read(first, "sheet", Progress.NONE)).isInstanceOf(PictureImport.Result.Good.class);
    }

    @Test
    void theKeptFilesAreThoseTheGeneratorMakes() throws Exception {
        var kept = PlanFile.open(Path.of("../demo").resolve(DemoFiles.PLAN));
        assertThat(kept)
                .isInstanceOfSatisfying(
                        PlanFile.Opened.Good.class,
                        g -> assertThat(withoutUnderlay(g.document().plan()))
                                .isEqualTo(SailclothYard.plan().numbersTaken(1)));
        var sheet = ImageIO.read(Path.of("../demo").resolve(DemoFiles.SHEET).toFile());
        var made = ImageIO.read(new ByteArrayInputStream(DemoFiles.sheet(SailclothYard.plan())));
        assertThat(sheet.getWidth()).isEqualTo(made.getWidth());
        for (var x = 10; x < sheet.getWidth(); x += 97) {
            for (var y = 10; y < sheet.getHeight(); y += 89) {
                assertThat(sheet.getRGB(x, y) & 0xff).isCloseTo(made.getRGB(x, y) & 0xff, within(12));
            }
        }
    }

    private static Plan withoutUnderlay(Plan plan) {
        return plan.withStorey(plan.storeys().getFirst().id(), s -> s.withUnderlays(List.of()));
    }
}
